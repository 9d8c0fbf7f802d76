import { expose } from 'comlink'
import { analyse, check } from './analyse'

const answers = { analyse, check }
export type PlanWorker = typeof answers

expose(answers)
