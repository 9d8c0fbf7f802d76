import { BadSettings, settings } from '../settings'
import { stop } from './askPassword'

/** Imported by what a person runs by hand: what is missing is said in one line, before anything is done. */
try {
  settings()
} catch (failure) {
  if (!(failure instanceof BadSettings)) throw failure
  stop(failure.message)
}
