import type { Camping } from '@hitchet/core/camping/camping'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import type { Answers } from '@hitchet/core/match/judge'
import type { Answer } from '@hitchet/core/questions/answer'
import { runsForLong } from '@hitchet/core/questions/power/power'
import type { SeasonFacts } from '@hitchet/core/questions/season/facts'
import { seasonLimits } from '@hitchet/core/questions/season/limits'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { PowerPanel } from './power/PowerPanel'
import { SeasonPanel, type SeasonShown } from './season/SeasonPanel'
import { StayPanel } from './stay/StayPanel'

/** Living in it: how long they can stay out, in which season, and what runs at once. */
export function Living({
  camping,
  facts: { season, power },
  answers,
  rules,
}: {
  camping: Camping
  facts: FactSheet
  answers: Answers
  rules: HouseRules
}) {
  const { camp } = camping
  const draws = [...power.loads, ...power.unsure]
  return (
    <>
      {answers.stay && <StayPanel {...camping} park={camp.power} />}
      {answers.season && <Seasoned facts={season} camping={camping} answer={answers.season} />}
      <PowerPanel
        facts={power}
        running={runsForLong(draws, camp, rules.power).map(({ id }) => id)}
        from={camp.power ? (power.shore ?? '30 A') : power.inverter ? 'inverter' : 'house'}
      />
    </>
  )
}

/** Between which temperatures they live in it. What is infinite does not go over the wire. */
function Seasoned({ facts, camping, answer }: { facts: SeasonFacts; camping: Camping; answer: Answer }) {
  const { held, frost, cooled, propane } = seasonLimits(facts, camping)
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
