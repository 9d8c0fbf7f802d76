import type { Platforms, Scale } from '@hitchet/core/weighing/ticket'

/** The rig that is rolled onto it, pounds. */
export interface Rolled {
  trailer: number
  tongue: number
  vehicle: number
}

/** Platforms show twenty pounds at a time. */
const STEP = 20
const shown = (weight: number): number => Math.round(weight / STEP) * STEP

/** What people find on their first ticket: more in it than they thought, most of it in front. */
const UNWRITTEN = 0.04
const UNWRITTEN_ON_TONGUE = 0.18
/** Of a vehicle’s weight, what its front axle bears; what a tongue takes off it; what bars put back. */
const FRONT = 0.55
const LEVER = 0.22
const BARS = 0.16

/** A certified scale played on the screen, in the place of one that is connected: not a real weighing. */
export function playedScale({ trailer, tongue, vehicle }: Rolled): Scale {
  return {
    weigh() {
      const extra = trailer * UNWRITTEN
      const onTongue = tongue + extra * UNWRITTEN_ON_TONGUE
      const alone = { steer: vehicle * FRONT, drive: vehicle * (1 - FRONT) }
      const loose: Platforms = {
        steer: alone.steer - onTongue * LEVER,
        drive: alone.drive + onTongue * (1 + LEVER),
        trailer: trailer + extra - onTongue,
      }
      const moved = onTongue * BARS
      const bars = { steer: loose.steer + moved, drive: loose.drive - 2 * moved, trailer: loose.trailer + moved }
      return Promise.resolve({
        bars: { steer: shown(bars.steer), drive: shown(bars.drive), trailer: shown(bars.trailer) },
        loose: { steer: shown(loose.steer), drive: shown(loose.drive), trailer: shown(loose.trailer) },
        alone: { steer: shown(alone.steer), drive: shown(alone.drive) },
      })
    },
  }
}
