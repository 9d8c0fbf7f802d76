import { Text, View } from '@react-pdf/renderer'
import { listed } from '@hitchet/core/quantity/phrase'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { PersonDot } from '../drawing/PersonToken'
import { Drawing } from './drawing'

const DOT = 13

/** Every token of the night plan by its name, with the berth it lies in. */
export function WhoLies({ unit: { night, plan }, column }: { unit: TakenUnit; column: boolean }) {
  const named = (id: string) => plan.berths.find((one) => one.id === id)?.name ?? 'a bed that is made up'
  const made = plan.conversions.filter(({ id }) => night.made.includes(id)).map(({ name }) => name)
  return (
    <View
      style={
        column ? { gap: 3 } : { flexDirection: 'row', flexWrap: 'wrap', columnGap: 12, rowGap: 1, alignItems: 'center' }
      }
    >
      {night.sleepers.map(({ berth, people }) => (
        <View key={berth} style={{ flexDirection: 'row', gap: 3, alignItems: 'center' }}>
          {people.map((token) => (
            <Drawing
              key={token.id}
              scale={1}
              of={
                <svg viewBox={`0 0 ${DOT} ${DOT}`}>
                  <PersonDot token={token} x={DOT / 2} y={DOT / 2} r={DOT / 2 - 0.5} />
                </svg>
              }
            />
          ))}
          <Text>
            {listed(people.map(({ name }) => name))}: {named(berth)}
          </Text>
        </View>
      ))}
      {night.cribs.length > 0 && <Text>In a crib: {listed(night.cribs.map(({ name }) => name))}</Text>}
      {made.length > 0 && <Text>Made up every night: {listed(made)}</Text>}
      {night.unplaced.length > 0 && <Text style={{ fontWeight: 600 }}>No berth for {listed(night.unplaced)}</Text>}
    </View>
  )
}
