import { BadSettings, settings } from '../settings'

try {
  settings()
} catch (failure) {
  if (!(failure instanceof BadSettings)) throw failure
  console.error(`Hitchet cannot start: ${failure.message}`)
  process.exitCode = 1
}
