'use client'

import { Button, Flex, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { sideView } from '@hitchet/core/plan/living/sideView'
import { trailerFigure, type Trailer } from '@hitchet/core/trailer/trailer'
import type { Station } from '@hitchet/core/walk/station'
import { SideView } from '../../drawing/SideView'
import { useMeasures } from '../../look/measures'
import { SideScroll } from '../SideScroll'

/** Who tries it on: those whose height is known, the tallest first. */
export interface Trying {
  name: string
  /** Inches. */
  height: number
}

/** Bath, bed, table and slide from the side, with one of them in it to scale: before they try it themselves, and beside it. */
export function TryOn({ trailer, station, people }: { trailer: Trailer; station: Station; people: readonly Trying[] }) {
  const system = useMeasures()
  const [who, setWho] = useState(people[0]?.name)
  const [what, setWhat] = useState<string>()
  const ids = [
    ...new Set(
      station.things.flatMap(({ key }) => /^plan\.(?:fixtures|berths|slides)\.([^.]+)\./.exec(key)?.[1] ?? []),
    ),
  ]
  const interior = trailerFigure(trailer, 'interiorHeight')
  const views = ids.flatMap((id) => {
    const view = sideView(trailer.plan, id, interior)
    return view ? [{ id, view }] : []
  })
  if (views.length === 0 || people.length === 0) return null
  const chosen = views.find(({ id }) => id === what) ?? views[0]!
  const person = people.find(({ name }) => name === who) ?? people[0]!
  return (
    <details style={{ marginBottom: '8px' }}>
      <summary style={{ minHeight: '48px', cursor: 'pointer', padding: '12px 0', fontWeight: 600 }}>
        From the side, with one of them
      </summary>
      <Flex gap="2" flexWrap="wrap" role="group" aria-label="Who" mb="2">
        {people.map(({ name }) => (
          <Button
            key={name}
            minH="48px"
            variant={name === person.name ? 'solid' : 'outline'}
            aria-pressed={name === person.name}
            onClick={() => setWho(name)}
          >
            {name}
          </Button>
        ))}
      </Flex>
      <Flex gap="2" flexWrap="wrap" role="group" aria-label="In what" mb="2">
        {views.map(({ id, view }) => (
          <Button
            key={id}
            minH="48px"
            variant={id === chosen.id ? 'solid' : 'outline'}
            aria-pressed={id === chosen.id}
            onClick={() => setWhat(id)}
          >
            {view.name}
          </Button>
        ))}
      </Flex>
      <SideScroll label="From the side">
        <SideView view={chosen.view} height={person.height} system={system} />
      </SideScroll>
      <Text fontSize="14px" color="line">
        As drawn and measured; they try it themselves in any case.
      </Text>
    </details>
  )
}
