/** A camp site as a park describes it. Inches; amperes at its post. Absent: the park does not say. */
export interface Site {
  park: string
  loop: string
  /** Of the pad, for the trailer. */
  length: number
  /** Clear from trees and posts, across: slides and awning out. */
  width?: number
  /** Under the lowest gate or branch on the way in. */
  height?: number
  /** Posts: power in amperes, and how far from the middle of the pad; water likewise. */
  amps?: 15 | 30 | 50
  cord?: number
  hose?: number
}

const ft = (feet: number): number => feet * 12

/** Made up, as parks round a lot are: old ones short and narrow, new ones long. A dealership puts its own in their place. */
export const USUAL_SITES: readonly Site[] = [
  { park: 'Ashmere', loop: 'A', length: ft(45), width: ft(26), height: 168, amps: 50, cord: ft(20), hose: ft(20) },
  { park: 'Ashmere', loop: 'B', length: ft(24), width: ft(16), height: 150, amps: 30, cord: ft(20), hose: ft(25) },
  { park: 'Tollgate Meadow', loop: 'Meadow', length: ft(60), width: ft(34), amps: 50, cord: ft(15), hose: ft(15) },
  {
    park: 'Tollgate Meadow',
    loop: 'Creek',
    length: ft(32),
    width: ft(22),
    height: 156,
    amps: 30,
    cord: ft(25),
    hose: ft(30),
  },
  { park: 'Pinder Lake', loop: 'Shore', length: ft(28), width: ft(20), height: 144 },
  { park: 'Pinder Lake', loop: 'Pines', length: ft(36), width: ft(24), height: 150, amps: 30, cord: ft(28) },
  { park: 'Quarry Ford', loop: 'Upper', length: ft(20), width: ft(15), height: 138 },
  {
    park: 'Quarry Ford',
    loop: 'Lower',
    length: ft(40),
    width: ft(28),
    height: 162,
    amps: 50,
    cord: ft(22),
    hose: ft(18),
  },
  {
    park: 'Heron Point',
    loop: 'Bay',
    length: ft(35),
    width: ft(22),
    height: 156,
    amps: 30,
    cord: ft(20),
    hose: ft(20),
  },
  { park: 'Heron Point', loop: 'Dune', length: ft(27), width: ft(20), amps: 15, cord: ft(24) },
  {
    park: 'Mill Hollow',
    loop: 'All sites',
    length: ft(30),
    width: ft(22),
    height: 148,
    amps: 30,
    cord: ft(30),
    hose: ft(40),
  },
  { park: 'Sawtooth Gap', loop: 'Rim', length: ft(22), width: ft(17), height: 150 },
  {
    park: 'Sawtooth Gap',
    loop: 'Valley',
    length: ft(50),
    width: ft(28),
    height: 168,
    amps: 50,
    cord: ft(25),
    hose: ft(25),
  },
  {
    park: 'Bellwater',
    loop: 'Family',
    length: ft(38),
    width: ft(26),
    height: 156,
    amps: 30,
    cord: ft(18),
    hose: ft(22),
  },
]

/** `Ashmere’s loop B`; a park of one loop by its name alone. */
export const siteName = ({ park, loop }: Site): string =>
  loop === 'All sites' ? park : `${park}’s ${/^[A-Z]$/.test(loop) ? `loop ${loop}` : `${loop} loop`}`
