'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import { capital } from '@hitchet/core/plan/naming'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { listed, phraseText } from '@hitchet/core/quantity/phrase'
import { pounds } from '@hitchet/core/quantity/quantity'
import type { LimitMargin } from '@hitchet/core/questions/tow/limits'
import type { Effect, TowHelp } from '@hitchet/core/questions/tow/helps'
import { OtherUnits } from './OtherUnits'
import { useMeasures } from '../../../look/measures'

/** What would mend a broken limit as they leave, and what each does to every limit it touches. */
export function TowHelps({
  helps,
  stock,
  household,
  margins,
}: {
  helps: readonly TowHelp[]
  stock: string
  household: string
  /** As they leave home with this one. */
  margins: readonly LimitMargin[]
}) {
  const system = useMeasures()
  const broken = margins.filter(({ margin }) => margin && margin.value < 0)
  if (helps.length === 0 && broken.length === 0) return null
  return (
    <Box mt="3">
      <Text as="h3" fontWeight="600" fontSize="14.5px">
        {helps[0]?.enough !== false ? 'What would help' : 'What would help, and is not enough'}
      </Text>
      <Flex as="ul" listStyleType="none" gap="3" mt="1" wrap="wrap">
        {helps.map(({ says, effects }, i) => (
          <Box
            as="li"
            key={i}
            borderWidth="1px"
            borderColor="hair"
            borderRadius="7px"
            px="3"
            py="2"
            flex="1 1 260px"
            maxW="400px"
          >
            <Text fontSize="14.5px" fontWeight="600">
              {capital(phraseText(says, system))}
            </Text>
            {effects.filter(decides).map((effect) => (
              <Text key={effect.name} fontSize="13.5px" color={effect.holds ? 'line' : 'no'} className="figure">
                {effect.name}: {said(effect, effect.before, system)} → {said(effect, effect.after, system)}
              </Text>
            ))}
            <Text fontSize="13.5px" color="line">
              {listed(effects.filter((effect) => !decides(effect)).map(({ name }) => name))}
              {effects.some((effect) => !decides(effect)) && ': more to spare'}
            </Text>
          </Box>
        ))}
      </Flex>
      {helps[0]?.enough !== true && (
        <Text fontSize="14.5px" mt="1">
          {helps.length > 0
            ? 'No one of these things is enough, nor any two: more has to stay home, or it is another unit or vehicle.'
            : 'Nothing that they bring or fill makes the difference: it is another unit or vehicle.'}
        </Text>
      )}
      {broken.length > 0 && <OtherUnits stock={stock} household={household} broken={broken} />}
    </Box>
  )
}

/** What is or was broken, and what it makes worse. */
const decides = ({ holds, before, after, unit }: Effect): boolean =>
  !holds || unit === 'share' || before < 0 || after < before

function said({ unit }: Effect, value: number, system: MeasureSystem): string {
  if (unit === 'share') return `${Math.round(value * 1000) / 10} %`
  const weight = formatQuantity(pounds(Math.abs(Math.round(value))), system)
  return value < 0 ? `${weight} over` : `${weight} to spare`
}
