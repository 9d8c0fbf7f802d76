'use client'

import { Box, Heading, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { toldWidth } from '@hitchet/core/plan/floor/toldWidth'
import { awningCover } from '@hitchet/core/plan/living/awning'
import { capital, nameOnPlan, small } from '@hitchet/core/plan/naming'
import { listed } from '@hitchet/core/quantity/phrase'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { cubicFeetOf } from '@hitchet/core/quantity/volume'
import { gait } from '@hitchet/core/plan/ways/gait'
import { FIXTURE_KINDS } from '@hitchet/core/readings/catalogue'
import { figure } from '@hitchet/core/readings/reading'
import type { Things } from '@hitchet/core/stowing/onPlan'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { Analysis, WalkedWay } from '../../analysis/analyse'
import { useHouseRules, type DrawnRules } from '../../look/houseRules'
import { isEasy } from '../../drawing/layers/SightLayer'
import { limitedBerths, STORAGE_KINDS } from '../../drawing/layers/ThingsLayer'
import { Figure, Said } from '../../look/measures'
import { Caution } from '../Caution'
import { LAYER_NAMES, type Layer } from './layers'
import type { StowedAway } from './seenBy'

interface LayerNotesProps {
  layer: Layer
  analysis: Analysis | undefined
  /** The plan cannot be read. */
  failed?: boolean
  trailer: Trailer
  reached: WalkedWay | undefined
  /** What an open household brings, and where it rides. */
  stowed?: StowedAway
  onPick(id: string): void
}

/** What the layer over the plan says, in words: the same facts for those who do not see it. */
export function LayerNotes({ layer, analysis, failed, trailer, reached, stowed, onPick }: LayerNotesProps) {
  const rules = useHouseRules()
  return (
    <Box aria-live="polite">
      <Heading as="h2" size="sm" mb="1">
        {layer === 'plain' ? 'The rooms' : LAYER_NAMES[layer].name}
      </Heading>
      {!analysis ? (
        <Text color="line">
          {failed ? 'This plan cannot be read: look over its box and slides on the tape.' : 'Reading the plan …'}
        </Text>
      ) : (
        NOTES[layer]({ analysis, trailer, reached, stowed, rules, onPick })
      )}
    </Box>
  )
}

type Notes = (props: {
  analysis: Analysis
  trailer: Trailer
  reached: WalkedWay | undefined
  stowed?: StowedAway
  rules: DrawnRules
  onPick(id: string): void
}) => ReactNode
const thingsIn = (things: readonly Things[] | undefined): string =>
  things?.length ? listed(things.map(({ name, count }) => `${count} ${name.toLowerCase()}`)) : 'nothing'

const NOTES: Record<Layer, Notes> = {
  plain: ({ analysis, trailer: { plan } }) => (
    <List>
      {plan.rooms.map(({ id, name, closedBy }) => {
        const beds = plan.berths
          .filter(({ room, conversion }) => room === id && !conversion)
          .map(({ name: bed }) => small(bed))
        const free = analysis.floors.find(({ room }) => room === id)?.free ?? 0
        return (
          <li key={id}>
            {name}
            {closedBy !== 'nothing' && `, closed by a ${closedBy}`}: {beds.length > 0 && `${listed(beds)}, `}
            <Figure value={free / 144} unit="sq ft" /> of free floor
          </li>
        )
      })}
      {analysis.elbows.map(({ id, wide, deep }) => (
        <li key={id}>
          At {nameOnPlan(plan, id)} <Figure value={toldWidth(wide)} unit="in" /> from side to side,{' '}
          <Figure value={toldWidth(deep)} unit="in" /> for the knees
        </li>
      ))}
      {analysis.circles.map(({ id, radius }) => (
        <li key={id}>
          In {nameOnPlan(plan, id)} one turns in a circle of <Figure value={toldWidth(2 * radius)} unit="in" />
        </li>
      ))}
      {awningCover(plan).map(({ id, share }) => (
        <li key={id}>
          {capital(plan.outside.some((one) => one.id === id) ? 'the outside kitchen' : nameOnPlan(plan, id))}:{' '}
          {share > 0.9
            ? 'under the awning'
            : share < 0.1
              ? 'in the rain'
              : `${Math.round(share * 100)} % under the awning`}
        </li>
      ))}
    </List>
  ),
  room: ({ analysis, reached }) => (
    <>
      <Text fontSize="14px" mb="1">
        The fainter the green, the more room. Hatched in amber is where a person turns sideways; bare is where nobody
        gets through.
      </Text>
      <WayList ways={reached ? [reached] : [...analysis.ways].sort((a, b) => a.width - b.width).slice(0, 4)} />
    </>
  ),
  ways: ({ analysis, onPick }) => (
    <>
      <Text fontSize="14px" mb="1">
        From the entry door, the widest way there is. Choose a thing to walk to it.
      </Text>
      <WayList ways={[...analysis.ways].sort((a, b) => a.width - b.width)} onPick={onPick} />
    </>
  ),
  sight: ({ analysis, trailer: { plan }, rules: { seating } }) => {
    if (analysis.sights.length === 0)
      return (
        <Text>
          {plan.fixtures.some(({ kind }) => kind === 'tv')
            ? 'No seat is up at this time of day.'
            : 'There is no TV on the plan.'}
        </Text>
      )
    const bySeat = [...new Set(analysis.sights.map(({ seat }) => seat.id))].map(
      (id) => [id, analysis.sights.filter(({ seat }) => seat.id === id)] as const,
    )
    return (
      <List>
        {bySeat.map(([id, sights]) => {
          const easy = sights.filter((one) => isEasy(one, seating)).length
          const worst = sights.reduce((most, one) => (one.turn > most.turn ? one : most))
          const hidden = sights.find(({ blockedBy }) => blockedBy)
          return (
            <li key={id}>
              {capital(nameOnPlan(plan, id))}: {easy} of {sights.length} see the TV without turning the neck; the head
              turns {Math.round(worst.turn)} degrees at most
              {hidden ? `; ${nameOnPlan(plan, hidden.blockedBy!)} stands between` : ''}.
            </li>
          )
        })}
      </List>
    )
  },
  exits: ({ analysis, trailer: { plan } }) => (
    <>
      {analysis.time !== 'night' && (
        <Text mb="1">Ways out are looked for at night, with what is then made up: press N.</Text>
      )}
      <List>
        {analysis.exits.map(({ berth, by, blocked }) => (
          <li key={berth}>
            {capital(nameOnPlan(plan, berth))}:{' '}
            {by.length === 0
              ? 'no way out is free'
              : `${by.length === 1 ? 'one way out' : 'two ways out'}, by ${listed(by.map((id) => nameOnPlan(plan, id)))}`}
            {by.length === 1 && blocked && blocked !== 'berth'
              ? `; any other lies behind ${nameOnPlan(plan, blocked)} too`
              : ''}
            .
          </li>
        ))}
      </List>
      <Box mt="2">
        <Caution>{CAUTIONS.exits}</Caution>
      </Box>
    </>
  ),
  storage: ({ trailer: { plan }, stowed }) => (
    <List>
      {plan.compartments.map(({ id, name, size: [long, wide, high], place }) => (
        <li key={id}>
          {name}, {place}: <Figure value={long} unit="in" /> × <Figure value={wide} unit="in" /> ×{' '}
          <Figure value={high} unit="in" />, <Figure value={cubicFeetOf([long, wide, high])} unit="cu ft" />
          {stowed && `; in it ${thingsIn(stowed.inHolds[id])}`}
        </li>
      ))}
      {stowed?.onRacks.map(({ title, things }) => (
        <li key={title}>
          {title}; on it {thingsIn(things)}
        </li>
      ))}
      {stowed && stowed.tooLong.length > 0 && (
        <li>Too long to ride across it, and it has no rack on its roof: {listed(stowed.tooLong)}</li>
      )}
      {plan.fixtures
        .filter(({ kind }) => STORAGE_KINDS.includes(kind))
        .map(({ id, name, kind }) => (
          <li key={id}>{name ?? FIXTURE_KINDS[kind].name}</li>
        ))}
    </List>
  ),
  weights: ({ trailer: { plan, readings } }) => (
    <>
      <List>
        {limitedBerths(plan).map((berth) => (
          <li key={berth.id}>
            {berth.name}: <Figure value={figure(berth.readings, 'weightLimit')} unit="lb" />
          </li>
        ))}
        <li>
          Rear receiver carries: <Figure value={figure(readings, 'rearReceiverRating')} unit="lb" />
        </li>
      </List>
      <Box mt="2">
        <Caution>{CAUTIONS['upper-bunk']}</Caution>
      </Box>
    </>
  ),
  faults: ({ analysis }) =>
    analysis.findings.length === 0 ? (
      <Text>
        Nothing stands in anything else, everything can be reached, every door opens, all is drawn as measured.
      </Text>
    ) : (
      <List numbered>
        {analysis.findings.map((finding, i) => (
          <li key={i}>
            <Said phrase={finding.says} />
          </li>
        ))}
      </List>
    ),
}

function WayList({ ways, onPick }: { ways: WalkedWay[]; onPick?(id: string): void }) {
  const rules = useHouseRules()
  return (
    <List>
      {ways.map(({ id, name, width, between, way }) => (
        <li key={id}>
          {onPick ? (
            <button type="button" onClick={() => onPick(id)} style={{ fontWeight: 600, cursor: 'pointer' }}>
              {name}
            </button>
          ) : (
            <b>{name}</b>
          )}
          :{' '}
          {width === 0 ? (
            'no way at all'
          ) : (
            <>
              <Figure value={width} unit="in" />
              {between && ` between ${between[0]} and ${between[1]}`}, {gait(width, rules.ways)}
              {way && (
                <>
                  , <Figure value={way.length} unit="in" /> from the door
                </>
              )}
            </>
          )}
        </li>
      ))}
    </List>
  )
}

function List({ children, numbered }: { children: ReactNode; numbered?: boolean }) {
  return (
    <Box
      asChild
      fontSize="14px"
      lineHeight="1.5"
      pl={numbered ? '5' : '4'}
      maxH="290px"
      overflowY="auto"
      css={{ '@media print': { maxHeight: 'none' } }}
    >
      {numbered ? (
        <ol style={{ listStyle: 'decimal' }}>{children}</ol>
      ) : (
        <ul style={{ listStyle: 'disc' }}>{children}</ul>
      )}
    </Box>
  )
}
