/** Whoever looks waits so long at the most for what is not kept yet, milliseconds; then what is there is shown. */
const PATIENCE = 2_500

/** The moment when it ends. HITCHET_PATIENCE: milliseconds, for who would rather wait, as tests do. */
export const deadline = (): number => Date.now() + Number(process.env.HITCHET_PATIENCE ?? PATIENCE)

/** Settled, or out of patience. */
export async function within(until: number, work: Promise<unknown>): Promise<void> {
  let timer: NodeJS.Timeout | undefined
  const over = new Promise<void>((resolve) => (timer = setTimeout(resolve, Math.max(0, until - Date.now()))))
  const done = work.then(() => {})
  done.catch(() => {})
  await Promise.race([done, over]).finally(() => clearTimeout(timer))
}

/** What came of it; nothing when it is not there in time. It goes on, and whoever looks again finds it. */
export async function inTime<Made>(until: number, work: Promise<Made>): Promise<Made | undefined> {
  let made: Made | undefined
  // What fails once nobody waits any more is told to whoever looks again.
  await within(
    until,
    work.then((one) => (made = one)),
  )
  return made
}
