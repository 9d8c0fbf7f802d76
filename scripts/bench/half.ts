import { parentPort, workerData } from 'node:worker_threads'
import type { Household } from '../../core/src/household/household'
import type { FactSheet } from '../../core/src/match/factSheet'
import { judgeFor } from '../../core/src/match/judge'
import { questionOf, type QuestionId } from '../../core/src/questions/index'
import { DEFAULT_HOUSE_RULES as RULES } from '../../core/src/rules/houseRules'

/** One worker's part of a yard: judged as often as it is told to. */
const { family, questions, stored } = workerData as { family: Household; questions: QuestionId[]; stored: string[] }
const part = stored.map((text) => JSON.parse(text) as FactSheet)
const asked = questions.map(questionOf)
parentPort!.on('message', () => {
  parentPort!.postMessage(part.map(judgeFor(family, RULES, asked)).length)
})
