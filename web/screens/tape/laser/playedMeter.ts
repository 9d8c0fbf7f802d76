import type { DistanceMeter } from '@hitchet/core/readings/meter'

/** A distance meter played on the screen, in the place of one that is connected. */
export interface PlayedMeter extends DistanceMeter {
  send(line: string): void
}

export function playedMeter(): PlayedMeter {
  const ears = new Set<(line: string) => void>()
  return {
    listen(hear) {
      ears.add(hear)
      return () => ears.delete(hear)
    },
    send: (line) => ears.forEach((hear) => hear(line)),
  }
}
