import type { Chemistry } from './facts'

/** How a kind of battery behaves. Shares of one; makers' data sheets (from memory). */
export interface Kind {
  volts: number
  /** Of its rating, what is used without wearing it out. */
  usable: number
  /** Of its rating, what it takes in an hour while not nearly full. */
  takes: number
  /** Lead takes less and less above four fifths. */
  tapers: boolean
  /** Of what goes in, what comes out again. */
  returns: number
  /** Lost of its rating for each degree F below 77. */
  coldLoss: number
  /** Takes no charge below freezing. */
  frozenTakesNone: boolean
}

export const CHEMISTRIES: Record<Chemistry, Kind> = {
  'lead-acid': {
    volts: 12.6,
    usable: 0.5,
    takes: 0.2,
    tapers: true,
    returns: 0.85,
    coldLoss: 0.0045,
    frozenTakesNone: false,
  },
  AGM: { volts: 12.6, usable: 0.5, takes: 0.3, tapers: true, returns: 0.9, coldLoss: 0.0045, frozenTakesNone: false },
  LiFePO4: {
    volts: 12.8,
    usable: 0.85,
    takes: 0.5,
    tapers: false,
    returns: 0.97,
    coldLoss: 0.002,
    frozenTakesNone: true,
  },
}

/** Batteries as one: between full and as empty as they may be, Wh, and what they take, W; the rest as of their kinds. */
export type Battery = Omit<Kind, 'volts'>

export interface Bank {
  ampHours: number
  kind: Kind
}

/** Of a battery whose kind nobody read: no kind is worse in anything, and none is better. */
export const WORST: Kind = { ...CHEMISTRIES['lead-acid'], frozenTakesNone: true }
export const BEST: Kind = { ...CHEMISTRIES.LiFePO4, frozenTakesNone: false }

/** All banks wired together: they add up, and the least willing sets how they are charged. */
export function batteryOf(banks: readonly Bank[]): Battery {
  const battery: Battery = { usable: 0, takes: 0, tapers: false, returns: 1, coldLoss: 0, frozenTakesNone: false }
  for (const { ampHours, kind } of banks) {
    battery.usable += ampHours * kind.volts * kind.usable
    battery.takes += ampHours * kind.volts * kind.takes
    battery.tapers ||= kind.tapers
    battery.returns = Math.min(battery.returns, kind.returns)
    battery.coldLoss = Math.max(battery.coldLoss, kind.coldLoss)
    battery.frozenTakesNone ||= kind.frozenTakesNone
  }
  return battery
}

/** What can be used of it at a temperature, F. */
export const usableAt = ({ usable, coldLoss }: Battery, temperature: number): number =>
  usable * Math.max(0, 1 - coldLoss * Math.max(0, 77 - temperature))

/** What it takes in an hour, W, when it holds so much of what is usable (0 to 1), at a temperature, F. */
export function takesAt(battery: Battery, held: number, temperature: number): number {
  if (battery.frozenTakesNone && temperature < 32) return 0
  // The usable half of lead lies between half and full: four fifths of all is three fifths of it.
  if (!battery.tapers || held <= 0.6) return battery.takes
  return battery.takes * (1 - 0.9 * ((held - 0.6) / 0.4))
}
