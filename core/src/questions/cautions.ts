/**
 * What the program must say beside an answer that can hurt someone. It defers to labels, manuals, codes and
 * licensed people.
 */
export const CAUTIONS = {
  ratings:
    'An estimate, not a rating. The lowest of tow rating, GCWR, payload, receiver, hitch, tires and axles governs: ' +
    'read the vehicle’s own door label and manual, and weigh the loaded rig on a certified scale.',
  'upper-bunk':
    'No child under 6 in an upper bunk: the federal bunk-bed standard. Every upper bunk needs its guard up and its weight limit observed.',
  exits: 'Every sleeping area needs a second way out. Keep the exit window clear of bikes and totes, and try it.',
  hatch:
    'A cargo or ramp door where a child sleeps must open from inside, and must not open by itself: try both, and latch it ' +
    'on the road.',
  fuel: 'Nothing with fuel rides or is stored in the living space: no generator, gas can or LP cylinder. Test smoke, CO and LP detectors.',
  cpap:
    'Whether a CPAP runs through the night on batteries depends on the machine: ask its maker, ' +
    'and try it before a trip without hookups.',
  frost:
    'Hoses, valves and pipes freeze before tanks do. The maker’s manual says how it is kept in frost and made ready for ' +
    'winter; wind changes every figure here.',
  breaker:
    'An estimate from ordinary figures. The labels on each thing and the breaker decide; never force a breaker, and use a cord ' +
    'and adapter rated for the load.',
  gas:
    'An estimate for ordinary weather. Test the CO and LP detectors, never run a generator near a window, and leave ' +
    'propane on the road to the maker’s manual and local codes.',
  parks: 'Sites count length in their own way: ask the park before booking.',
} as const
export type CautionId = keyof typeof CAUTIONS
