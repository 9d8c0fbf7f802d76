/**
 * Arrows point one way: web -> core; in core, match -> questions -> the rooms they rest on (nights, stowing, loading, camping) ->
 * plan, trailer, household -> readings -> quantity.
 */
const forbid = (name, from, to, comment) => ({
  name,
  severity: 'error',
  comment,
  from: { path: from, pathNot: '(\\.test\\.|/testing/)' },
  to: { path: to },
})
const core = (rooms) => `^core/src/(${rooms})/`

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-unknown-imports', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'only-declared-packages',
      severity: 'error',
      from: { path: '^(core|web)/', pathNot: '\\.test\\.|/testing/' },
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown'] },
    },
    forbid(
      'core-knows-no-interface',
      '^core/src',
      '^(web|cli|demo|scripts)/|node_modules/(react|next|sequelize|@chakra-ui)',
      'core is pure: no interface, no database',
    ),
    {
      name: 'core-knows-no-machine',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.' },
      to: { dependencyTypes: ['core'] },
    },
    forbid(
      'quantity-stands-alone',
      core('quantity'),
      core('(?!quantity)[a-z]+'),
      'quantities know nothing of trailers',
    ),
    forbid(
      'readings-know-quantities-only',
      core('readings'),
      core('plan|questions|match|formats|household|yard'),
      'except for their names, readings know no trailer',
    ),
    forbid(
      'features-are-readings',
      core('features'),
      core('(?!features|readings|quantity|flaws)[a-z]+'),
      'what is told of a unit knows no unit',
    ),
    forbid(
      'walk-follows-the-plan',
      core('walk'),
      core('questions|match|rules|formats|yard|nights|stowing|loading|camping|solver'),
      'the route follows from plan and catalogues: who asks comes later',
    ),
    forbid(
      'hand-over-follows-the-unit',
      core('handover'),
      core('questions|match|rules|formats|yard|nights|stowing|loading|camping|solver|household|walk'),
      'what is handed over is what the unit has, whoever buys it',
    ),
    forbid(
      'plan-asks-nothing',
      core('plan'),
      core('questions|match|nights|stowing|loading|camping|weighing|parks|solver|rules|household|formats|yard|trailer'),
      'the plan answers to whoever asks, by rules it is given',
    ),
    // Within the plan: what it is, then its leaves, the raster of its floor, ways over that, how it is to live in, what is wrong.
    forbid('plan-shapes-stand-alone', '^core/src/plan/shape/', '^core/src/plan/(?!shape/)', 'geometry knows no plan'),
    ...['leaves', 'floor', 'ways', 'living', 'findings'].map((room, i, rooms) =>
      forbid(
        `plan-${room}-not-from-below`,
        i === 0 ? '^core/src/plan/[^/]+\\.ts$' : `^core/src/plan/(${rooms.slice(0, i).join('|')})/`,
        `^core/src/plan/(${rooms.slice(i).join('|')})/`,
        'a room of the plan knows those before it',
      ),
    ),
    forbid(
      'trailer-asks-nothing',
      core('trailer|household'),
      core('questions|match|formats|yard'),
      'data does not know who asks',
    ),
    forbid(
      'solvers-lie-below-questions',
      core('nights|stowing|loading|camping|weighing|parks|packing|solver'),
      core('questions|match|rules|formats|yard'),
      'what questions rest on knows no question, and no rules but its own',
    ),
    forbid(
      'solvers-do-not-know-their-list',
      core('nights|stowing|loading|camping|weighing|parks|packing'),
      '^core/src/solver/solvers',
      'the list of solvers stands above what it lists',
    ),
    forbid(
      'questions-do-not-rank',
      core('questions'),
      core('match|rules|formats|yard'),
      'a question knows no ranking, and no rules but its own and those below',
    ),
    {
      name: 'no-question-knows-a-sibling',
      severity: 'error',
      comment: 'what two questions share is solved in a room below them',
      from: { path: '^core/src/questions/([^/]+)/', pathNot: '\\.test\\.' },
      to: { path: '^core/src/questions/[^/]+/', pathNot: '^core/src/questions/$1/' },
    },
    forbid(
      'drawing-knows-no-server',
      '^web/drawing',
      '^web/(server|screens|app)/',
      'drawings draw what they are given',
    ),
    forbid(
      'paper-knows-no-server',
      '^web/paper',
      '^web/(server|screens|app|look)/',
      'a document draws what it is given, from the screen’s own drawings',
    ),
    forbid(
      'take-home-stands-on-top',
      core('(?!takehome)[a-z]+'),
      core('takehome'),
      'what is handed out is made of everything, and nothing rests on it',
    ),
    forbid(
      'server-knows-no-screen',
      '^web/server',
      '^web/(screens|app|drawing|look|paper)/',
      'the server serves any screen',
    ),
    {
      name: 'pages-ask-services',
      severity: 'error',
      comment: 'http and screens ask services, services ask the database: types alone are seen from above',
      from: { path: '^web/(app|screens)/', pathNot: '\\.test\\.' },
      to: { path: '^web/server/db/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'the-database-knows-no-service',
      severity: 'error',
      comment: 'what is stored knows nothing of what is done with it',
      from: { path: '^web/server/db/', pathNot: '\\.test\\.|/testing/' },
      to: { path: '^web/server/(services|http|tasks|outgoing)/' },
    },
    forbid('screens-know-no-routes', '^web/screens', '^web/app/', 'routes call screens'),
    forbid('tests-stay-out', '^(core/src|web)/', '/testing/|\\.test\\.', 'nothing that ships uses what is for tests'),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'next-env|/\.(next|jobs|hitchet)/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
}
