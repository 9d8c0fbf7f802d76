import type { Camping } from '@hitchet/core/camping/camping'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import type { Answers } from '@hitchet/core/match/judge'
import { runsForLong } from '@hitchet/core/questions/power/power'
import { seasonLimits } from '@hitchet/core/questions/season/limits'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { PowerPanel } from './power/PowerPanel'
import { SeasonPanel, type SeasonShown } from './season/SeasonPanel'
import { StayPanel } from './stay/StayPanel'

/** Living in it, as their unit's page has it. */
interface Living {
  camping: Camping
  facts: FactSheet
  answers: Answers
}

/** How long they can stay out. */
export const Staying = ({ camping, answers }: Omit<Living, 'facts'>) =>
  answers.stay && <StayPanel {...camping} park={camping.camp.power} />

/** Between which temperatures they live in it. What is infinite does not go over the wire. */
export function Seasoned({ facts, camping, answers }: Living) {
  const answer = answers.season
  if (!answer) return null
  const { held, frost, cooled, propane } = seasonLimits(facts.season, camping)
  const { weather, rules } = camping.camp
  const shown: SeasonShown = {
    ...(held && Number.isFinite(held.least) && { held }),
    frost,
    ...(cooled && Number.isFinite(cooled.least) && { cooled: cooled.least }),
    propane,
    carries: camping.facts.propane.value,
    coldest: weather.coldest,
    hottest: weather.hottest,
    warm: rules.warm,
    cool: rules.cool,
  }
  return <SeasonPanel shown={shown} says={answer.because.map(({ says }) => says)} cautions={answer.cautions} />
}

/** What runs at once. */
export function Powered({
  facts: { power },
  camping: { camp },
  rules,
}: Omit<Living, 'answers'> & { rules: HouseRules }) {
  const draws = [...power.loads, ...power.unsure]
  return (
    <PowerPanel
      facts={power}
      running={runsForLong(draws, camp, rules.power).map(({ id }) => id)}
      from={camp.power ? (power.shore ?? '30 A') : power.inverter ? 'inverter' : 'house'}
    />
  )
}
