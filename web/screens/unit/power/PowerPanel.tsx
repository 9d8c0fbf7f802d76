'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { capital } from '@hitchet/core/plan/naming'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { quantity } from '@hitchet/core/quantity/quantity'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { PowerFacts } from '@hitchet/core/questions/power/facts'
import { BROUGHT, SUPPLIES, sumOn, sumOnInverter, type Load, type SupplyId } from '@hitchet/core/questions/power/loads'
import { FILLS } from '../../../drawing/patterns'
import { Caution } from '../../Caution'
import { Segments } from '../../Segments'

type Supply = SupplyId | 'inverter'

const BAR = 520

/** What runs at once: tick what is on, and see what is left of what it hangs on. */
export function PowerPanel({ facts, running, from }: { facts: PowerFacts; running: string[]; from: Supply }) {
  const all = [...facts.loads, ...facts.unsure, ...BROUGHT]
  const [on, setOn] = useState<readonly string[]>(running)
  const [supply, setSupply] = useState<Supply>(from)
  const ticked = all.filter(({ id }) => on.includes(id))
  const summed = (loads: readonly Load[]) =>
    supply === 'inverter' ? sumOnInverter(facts.inverter ?? 0, loads) : sumOn(supply, loads)
  const sum = summed(ticked)
  const over = sum.spare < 0
  // Of what nobody read the most is taken: whether it gives way is known where what was read does it.
  const sure = summed(ticked.filter((load) => !('read' in load)))
  const unsure = sure.watts < sum.watts
  const supplies: { value: Supply; name: string }[] = [
    ...(Object.keys(SUPPLIES) as SupplyId[]).map((value) => ({ value, name: SUPPLIES[value].name })),
    ...(facts.inverter ? [{ value: 'inverter' as const, name: 'its inverter' }] : []),
  ]
  return (
    <Box as="section" aria-labelledby="power" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Flex gap="5" align="center" wrap="wrap">
        <Text as="h2" id="power" fontWeight="700">
          What can run at once
        </Text>
        <Segments<Supply> label="On" value={supply} onChange={setSupply} options={supplies} />
        {facts.shore && (
          <Text fontSize="14.5px" color="line">
            Its own inlet is for {facts.shore}.
          </Text>
        )}
      </Flex>
      <Flex gap="2" mt="3" wrap="wrap">
        {all.map((load) => (
          <Tick
            key={load.id}
            load={load}
            unread={'read' in load}
            checked={on.includes(load.id)}
            onChange={(next) => setOn(next ? [...on, load.id] : on.filter((id) => id !== load.id))}
          />
        ))}
      </Flex>
      <Flex gap="4" mt="3" align="center" wrap="wrap" aria-live="polite">
        <svg viewBox={`0 0 ${BAR} 26`} width={BAR} aria-hidden style={{ maxWidth: '100%' }}>
          <rect x="1" y="4" width={BAR - 82} height="18" rx="4" fill="none" stroke="var(--h-colors-line)" />
          <rect
            x="1"
            y="7"
            width={Math.min(BAR - 2, (sum.leg / Math.max(1, sum.limit)) * (BAR - 82))}
            height="12"
            fill={FILLS[over ? 'no' : 'fits']}
            stroke={`var(--h-colors-${over ? 'no' : 'fits'})`}
          />
          <line x1={BAR - 81} x2={BAR - 81} y1="0" y2="26" stroke="var(--h-colors-ink)" strokeWidth="2" />
        </svg>
        <Text fontSize="16px" fontWeight="600">
          {unsure && 'up to '}
          {said(sum.watts)} of {said(supply === 'inverter' ? sum.limit : SUPPLIES[supply].va)}
          {': '}
          {over
            ? tripped(supply, ticked, sure.spare < 0)
            : `${unsure ? 'at least ' : ''}${said(sum.spare)} left${legs(supply)}`}
        </Text>
      </Flex>
      <Box mt="2">
        <Caution>{CAUTIONS.breaker}</Caution>
      </Box>
    </Box>
  )
}

const said = (watts: number): string => formatQuantity(quantity(Math.round(watts), 'W'))

const legs = (supply: Supply): string => (supply === '50 A' ? ' on the fuller of two legs' : '')

/** What gives way first. */
function tripped(supply: Supply, ticked: readonly Load[], isSure: boolean): string {
  const largest = ticked.reduce((a, b) => (b.watts > a.watts ? b : a))
  const [what, does, may] =
    supply === 'inverter'
      ? ['the inverter', 'shuts off', 'may shut off']
      : [supply === '50 A' ? 'one leg' : 'the breaker', 'trips', 'may trip']
  return `${what} ${isSure ? does : may}; without ${largest.name} it would be ${said(largest.watts)} less`
}

function Tick({
  load,
  unread,
  checked,
  onChange,
}: {
  load: Load
  unread: boolean
  checked: boolean
  onChange(next: boolean): void
}) {
  return (
    <label className="tick-box">
      <input type="checkbox" checked={checked} onChange={({ target }) => onChange(target.checked)} />
      <span>
        {capital(load.name)}{' '}
        <span className="figure">
          {unread ? 'up to ' : ''}
          {said(load.watts)}
        </span>
      </span>
    </label>
  )
}
