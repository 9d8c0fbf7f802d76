'use client'

import { Button, Flex, SimpleGrid } from '@chakra-ui/react'
import { createParser, useQueryState } from 'nuqs'
import { createContext, useContext, useMemo, type ReactNode } from 'react'
import type { Matters } from '@hitchet/core/match/told/weighed'
import type { QuestionId } from '@hitchet/core/questions/index'
import type { RankingRules } from '@hitchet/core/rules/houseRules'

interface Scale {
  /** All there are, in the order in which the page has what each is worth. */
  questions: readonly QuestionId[]
  weights: RankingRules['weights']
  matters: Matters
}

const Weighed = createContext<Scale | undefined>(undefined)

/** Not at all, half, as the house has it, twice, four times. */
const STEPS = [0, 0.5, 1, 2, 4]
const SAID = ['not at all', 'less', 'as usual', 'more', 'much more']

/** `tow~4,bath~0` in the address: a question by its id, and how many times as much it matters. */
const parseMatters = createParser<Matters>({
  parse: (text) =>
    Object.fromEntries(
      text.split(',').flatMap((part) => {
        const [, id, factor] = /^([a-z]+)~([\d.]+)$/.exec(part) ?? []
        return id && STEPS.includes(Number(factor)) ? [[id, Number(factor)]] : []
      }),
    ),
  serialize: (matters) =>
    Object.entries(matters)
      .map(([id, factor]) => `${id}~${factor}`)
      .join(','),
})

/** What matters to these people: the order follows at once, and is in the address. */
export function Mattering({
  questions,
  weights,
  asked,
  beside,
  children,
}: {
  questions: Scale['questions']
  weights: Scale['weights']
  /** The questions that were asked, in the order of talk. */
  asked: { id: QuestionId; short: string }[]
  /** What stands on the same line. */
  beside: ReactNode
  children: ReactNode
}) {
  const [matters, setMatters] = useQueryState('matters', parseMatters.withDefault({}))
  const scale = useMemo(() => ({ questions, weights, matters }), [questions, weights, matters])
  const set = (id: QuestionId, factor: number) => {
    const { [id]: _before, ...others } = matters
    const next = factor === 1 ? others : { ...others, [id]: factor }
    void setMatters(Object.keys(next).length ? next : null)
  }
  const moved = Object.keys(matters).length
  return (
    <Weighed.Provider value={scale}>
      <Flex columnGap="8" flexWrap="wrap" css={{ '& > details[open]': { flexBasis: '100%' } }}>
        {beside}
        <details style={{ fontSize: '14px' }}>
          <summary style={{ cursor: 'pointer', minHeight: '24px' }}>
            What matters to them{moved > 0 && `: ${moved} set otherwise, the order follows`}
          </summary>
          <SimpleGrid columns={{ base: 1, md: 2, xl: 3 }} columnGap="8" rowGap="1" mt="1">
            {asked.map(({ id, short }) => {
              const at = STEPS.indexOf(matters[id] ?? 1)
              return (
                <label key={id} style={{ display: 'flex', gap: '10px', alignItems: 'center', minHeight: '28px' }}>
                  <span style={{ width: '104px' }}>{short}</span>
                  <input
                    type="range"
                    min={0}
                    max={STEPS.length - 1}
                    step={1}
                    value={at}
                    aria-valuetext={SAID[at]}
                    style={{ accentColor: 'var(--h-colors-fits)' }}
                    onChange={({ target }) => set(id, STEPS[Number(target.value)]!)}
                  />
                  <span>{SAID[at]}</span>
                </label>
              )
            })}
          </SimpleGrid>
          {moved > 0 && (
            <Button size="xs" variant="outline" onClick={() => void setMatters(null)}>
              All as usual
            </Button>
          )}
        </details>
      </Flex>
      {children}
    </Weighed.Provider>
  )
}

/** How the house weighs the questions, and how many times as much each matters to these people. */
export function useWeighed(): Scale {
  const scale = useContext(Weighed)
  if (!scale) throw new Error('Nothing is weighed outside Mattering')
  return scale
}
