import { figure } from './field'

/** What it may cost and how long it may be. An absent limit does not limit. */
export const LIMIT_FIELDS = {
  budget: figure('Budget', 'money', [500, 2_000_000], {
    asks: 'Budget before taxes and fees',
    usual: [4_000, 250_000],
    placeholder: '32k',
    width: '200px',
  }),
  /** Coupler to bumper. */
  trailerLength: figure('Longest trailer', 'length', [96, 720], {
    usual: [120, 540],
    placeholder: '26 ft',
    width: '150px',
  }),
  /** Tow vehicle and trailer together, as sites count it. */
  rigLength: figure('Longest rig', 'length', [96, 1200], {
    asks: 'Longest rig, with the vehicle',
    usual: [300, 900],
    placeholder: '50 ft',
    width: '200px',
  }),
} as const
