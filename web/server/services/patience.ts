/** Whoever looks waits so long at the most for what is not kept yet, milliseconds; then what is there is shown. */
const PATIENCE = 2_500

/** The moment when it ends. HITCHET_PATIENCE: milliseconds, for who would rather wait, as tests do. */
export const patience = (): number => Date.now() + Number(process.env.HITCHET_PATIENCE ?? PATIENCE)

/** Settled, or out of patience. */
export async function within(until: number, work: Promise<unknown>): Promise<void> {
  let timer: NodeJS.Timeout | undefined
  const over = new Promise<void>((resolve) => (timer = setTimeout(resolve, Math.max(0, until - Date.now()))))
  await Promise.race([work.then(() => {}), over]).finally(() => clearTimeout(timer))
}
