import { better, withBlock, type Put, type State, type Task } from './state'

/** Every piece, every turn, every corner of every area, in every order, while the budget lasts. */
export function triedAll(task: Task, from: State, known: State, most: number): { best: State; all: boolean } {
  let best = known
  let budget = most
  const seen = new Set<string>()
  const go = (state: State): void => {
    if (best.missing === 0 || budget <= 0) return
    budget--
    best = better(task, state, best)
    for (let kind = 0; kind < task.pieces.length; kind++) {
      if (state.left[kind] === 0) continue
      for (let hold = 0; hold < task.holds.length; hold++) {
        if (task.pieces[kind]!.weight > state.limits[hold]!) continue
        for (const level of state.levels[hold]!) {
          if (level.z > 0 && !task.pieces[kind]!.stands) continue
          for (const size of task.ways[kind]![hold]!) {
            for (const area of level.areas) {
              if (
                size[0] > area.x1 - area.x0 ||
                size[1] > area.y1 - area.y0 ||
                size[2] > task.holds[hold]!.size[2] - level.z
              )
                continue
              const after = withBlock(task, state, { hold, level, area }, { kind, size, grid: [1, 1, 1] })
              // The same pieces in the same places, put there in another order, need no second look.
              const key = keyOf(after)
              if (seen.has(key)) continue
              seen.add(key)
              go(after)
            }
          }
        }
      }
    }
  }
  go(from)
  return { best, all: budget > 0 || best.missing === 0 }
}

function keyOf({ last }: State): string {
  const puts: string[] = []
  for (let put: Put | undefined = last; put; put = put.before)
    puts.push([put.block.kind, put.hold, ...put.at, ...put.block.size].join())
  return puts.sort().join(';')
}
