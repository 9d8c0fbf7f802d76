'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import type { Placed } from '@hitchet/core/packing/piece'
import type { Person } from '@hitchet/core/household/household'
import { listed, type Phrase } from '@hitchet/core/quantity/phrase'
import { named, weights, type Stowed } from '@hitchet/core/stowing/stowed'
import { Figure, Said } from '../../../look/measures'
import { WhenSeen } from '../../WhenSeen'
import { BayFlat } from './BayFlat'
import { toNumbers } from './numbered'

/** Few loads are worth turning: what turns them comes with those. */
const BayTurned = dynamic(() => import('./BayTurned').then((it) => it.BayTurned), { ssr: false })

/** From above and from its door all is seen unless one thing lies on another: only then it is worth turning. */
const isStacked = (placed: readonly Placed[]): boolean => placed.some(({ at: [, , up] }) => up > 0)

/** What rides where: every bay from above, from its door and to be turned, with a list that names the numbers. */
export function StowPanel({
  what,
  changes,
  people,
}: {
  what: Stowed
  changes: Phrase[]
  people: readonly Pick<Person, 'id' | 'name'>[]
}) {
  const { gear } = what
  if (gear.length === 0 || what.holds.length === 0) return null
  const numbers = toNumbers(gear)
  const carried = weights(what)
  const { placed, left } = what.packing
  return (
    <Box as="section" aria-labelledby="stowing" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="stowing" fontWeight="700">
        How it is stowed
      </Text>
      {left.length > 0 && (
        <>
          <Text fontSize="18px">Stays home: {listed(left.map(({ piece, count }) => named(gear, piece, count)))}.</Text>
          <Text fontSize="14.5px" color="line">
            It would go along
          </Text>
          <ul style={{ paddingLeft: '18px', fontSize: '14.5px' }}>
            {changes.map((change, i) => (
              <li key={i}>
                <Said phrase={change} />
              </li>
            ))}
          </ul>
        </>
      )}
      {what.holds.map((hold) => {
        const inside = placed.filter((one) => one.hold === hold.id)
        return (
          <Box key={hold.id} mt="3">
            <Text as="h3" fontWeight="600" fontSize="15px">
              {hold.name}, {hold.place} ·{' '}
              {inside.length === 0 ? (
                'empty'
              ) : (
                <>
                  <Figure value={carried.get(hold.id)} unit="lb" />{' '}
                  {hold.limit === undefined ? (
                    '; its limit isn’t recorded'
                  ) : (
                    <>
                      of <Figure value={hold.limit} unit="lb" />
                    </>
                  )}
                </>
              )}
            </Text>
            {inside.length > 0 && (
              <Flex gap="7" align="start" flexWrap="wrap" mt="1">
                <BayFlat hold={hold} placed={inside} numbers={numbers} from="above" />
                <BayFlat hold={hold} placed={inside} numbers={numbers} from="door" />
                {isStacked(inside) && (
                  <WhenSeen height="260px">
                    <BayTurned hold={hold} placed={inside} numbers={numbers} />
                  </WhenSeen>
                )}
                <Box as="ol" listStyleType="none" fontSize="14.5px" minW="200px">
                  {gear
                    .filter(({ id }) => inside.some((one) => one.piece === id))
                    .map(({ id, name, owner }) => (
                      <li key={id}>
                        <b className="figure">{numbers.get(id)}</b> {name}
                        {owner && `, ${people.find((one) => one.id === owner)?.name}’s`},{' '}
                        {inside.filter((one) => one.piece === id).length}
                      </li>
                    ))}
                </Box>
              </Flex>
            )}
          </Box>
        )
      })}
    </Box>
  )
}
