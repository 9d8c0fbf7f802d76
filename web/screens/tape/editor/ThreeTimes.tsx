'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import { asMeasured } from '@hitchet/core/editing/asMeasured'
import type { Finding } from '@hitchet/core/plan/findings/findings'
import type { Plan } from '@hitchet/core/plan/plan'
import { TIMES, type TimeOfDay } from '@hitchet/core/plan/times'
import { frameFor } from '../../../drawing/frame'
import { FaultLayer } from '../../../drawing/layers/FaultLayer'
import { PlanStrip } from '../../../drawing/PlanStrip'
import { Said } from '../../../look/measures'

const WORDS: Record<TimeOfDay, string> = { parked: 'Parked', night: 'Night, all made up', road: 'On the road' }
/** Pixels for each of the three strips. */
const WIDE = 310

/** The plan at all three times of day at once, each with what is not right then. */
export function ThreeTimes({
  plan,
  made,
  findings,
  shown,
  onShow,
  onRedraw,
}: {
  plan: Plan
  made: string[]
  findings: Partial<Record<TimeOfDay, Finding[]>>
  shown: TimeOfDay
  onShow(time: TimeOfDay): void
  /** The plan as it was measured. */
  onRedraw(plan: Plan): void
}) {
  const frame = frameFor([plan])
  const scale = Math.min(1.2, WIDE / (frame.before + frame.after))
  return (
    <Flex gap="5" flexWrap="wrap" borderTopWidth="1px" borderColor="hair" pt="2" mt="2">
      {TIMES.map((time) => {
        const found = findings[time]
        const wrong = found?.filter(({ weight }) => weight === 'wrong').length ?? 0
        return (
          <Box key={time} flex="1" minW="260px" asChild>
            <section aria-label={WORDS[time]}>
              <button
                type="button"
                onClick={() => onShow(time)}
                style={{
                  fontWeight: time === shown ? 700 : 500,
                  cursor: 'pointer',
                  fontSize: '14px',
                  minHeight: '24px',
                }}
              >
                {WORDS[time]}
              </button>{' '}
              <Text
                as="span"
                fontSize="13.5px"
                color={wrong ? 'no' : found?.length ? 'tight' : 'fits'}
                fontWeight="600"
              >
                {!found
                  ? ''
                  : wrong
                    ? `${wrong} cannot be so`
                    : found.length
                      ? `${found.length} to look at`
                      : 'all right'}
              </Text>
              <PlanStrip
                plan={plan}
                time={time}
                made={time === 'night' ? made : []}
                frame={frame}
                scale={scale}
                text={`${WORDS[time]}: ${found?.length ?? 0} findings`}
                over={found && <FaultLayer findings={found} scale={scale} />}
              />
              <Box asChild pl="5" fontSize="13px" lineHeight="1.45" maxH="112px" overflowY="auto">
                <ol style={{ listStyle: 'decimal' }} tabIndex={0}>
                  {found?.map(({ says, weight, apart }, i) => (
                    <li key={i} style={{ color: weight === 'wrong' ? 'var(--h-colors-no)' : undefined }}>
                      <Said phrase={says} /> {apart && <AsMeasured plan={plan} apart={apart} onRedraw={onRedraw} />}
                    </li>
                  ))}
                </ol>
              </Box>
            </section>
          </Box>
        )
      })}
    </Flex>
  )
}

function AsMeasured({
  plan,
  apart,
  onRedraw,
}: {
  plan: Plan
  apart: NonNullable<Finding['apart']>
  onRedraw(plan: Plan): void
}) {
  const redrawn = asMeasured(plan, apart)
  return redrawn ? (
    <Button size="2xs" variant="outline" minH="24px" onClick={() => onRedraw(redrawn.plan)}>
      {redrawn.does === 'move the wall' ? 'Move the wall' : 'Draw it so'}
    </Button>
  ) : null
}
