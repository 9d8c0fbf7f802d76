/** What can be seen over a plan. */
export const LAYERS = ['plain', 'room', 'ways', 'sight', 'exits', 'storage', 'weights', 'faults'] as const
export type Layer = (typeof LAYERS)[number]

export const LAYER_NAMES: Record<Layer, { name: string; key: string }> = {
  plain: { name: 'Plan', key: '1' },
  room: { name: 'Room to move', key: '2' },
  ways: { name: 'Ways', key: '3' },
  sight: { name: 'Sight lines', key: '4' },
  exits: { name: 'Ways out', key: '5' },
  storage: { name: 'Storage', key: '6' },
  weights: { name: 'Weights', key: '7' },
  faults: { name: 'What clashes', key: '8' },
}
