import { Button, HStack, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { becomesBed, madeIntoBed } from '@hitchet/core/editing/conversion'
import { CORNERS, cornerCut, cutOf, straight, type Corner } from '@hitchet/core/editing/corner'
import type { Item } from '@hitchet/core/editing/item'
import { ROOM_KINDS, SIDES, type Plan, type Side } from '@hitchet/core/plan/plan'
import type { Shape } from '@hitchet/core/plan/shape/shape'
import { DOOR_KINDS } from '@hitchet/core/readings/catalogue'
import { ConversionFields } from './ConversionFields'
import { Choice, Named, Row } from './fields'
import { LengthField } from './LengthField'
import { withId } from '@hitchet/core/plan/withId'

interface Chosen {
  plan: Plan
  id: string
  onChange(plan: Plan, chosen?: string[]): void
}

/** What each kind of thing can be besides its place. */
export function Choices({ item: { list, id }, ...rest }: Omit<Chosen, 'id'> & { item: Item }): ReactNode {
  const Of = CHOICES[list]
  return Of && <Of id={id} {...rest} />
}

function FixtureChoices({ plan, id, onChange }: Chosen) {
  const one = withId(plan.fixtures, id)
  const isUsed = plan.conversions.some(({ uses }) => uses.includes(id))
  return (
    <Row>
      <Choice
        label="Faces"
        value={one.faces ?? ''}
        options={[['', 'away from the wall'], ...SIDE_OPTIONS]}
        onChoose={(side) => onChange(altered(plan, 'fixtures', id, { faces: (side || undefined) as Side }))}
      />
      <CornerFields shape={one.shape} onShape={(shape) => onChange(altered(plan, 'fixtures', id, { shape }))} />
      {becomesBed(one.kind) && !isUsed && (
        <Button
          size="xs"
          variant="outline"
          onClick={() => {
            const made = madeIntoBed(plan, id)
            onChange(made.plan, made.id ? [made.id] : undefined)
          }}
        >
          Becomes a bed
        </Button>
      )}
      {one.slide && <Text fontSize="13.5px">Rides in the slide</Text>}
    </Row>
  )
}

function BerthChoices({ plan, id, onChange }: Chosen) {
  const one = withId(plan.berths, id)
  const conversion = plan.conversions.find((other) => other.id === one.conversion)
  const alter = (change: Partial<typeof one>) => onChange(altered(plan, 'berths', id, change))
  return (
    <>
      <Row>
        <Named label="Called" value={one.name} onSet={(name) => alter({ name })} />
        <Choice
          label="Pillow at"
          value={one.head}
          options={SIDE_OPTIONS}
          onChoose={(head) => alter({ head: head as Side })}
        />
        <Choice
          label="In room"
          value={one.room}
          options={plan.rooms.map((room) => [room.id, room.name])}
          onChoose={(room) => alter({ room })}
        />
      </Row>
      <HStack as="fieldset" gap="3" fontSize="14px">
        <Text as="legend" fontSize="13px" float="left" mr="2">
          Get in from
        </Text>
        {SIDES.map((side) => (
          <label key={side} className="choice">
            <input
              type="checkbox"
              checked={one.access.includes(side)}
              disabled={one.access.length === 1 && one.access[0] === side}
              onChange={(event) =>
                alter({
                  access: event.target.checked ? [...one.access, side] : one.access.filter((other) => other !== side),
                })
              }
            />
            {SIDE_WORDS[side]}
          </label>
        ))}
      </HStack>
      {conversion && <ConversionFields plan={plan} conversion={conversion} onChange={onChange} />}
    </>
  )
}

function DoorChoices({ plan, id, onChange }: Chosen) {
  const one = withId(plan.doors, id)
  const alter = (change: Partial<typeof one>) => onChange(altered(plan, 'doors', id, change))
  return (
    <Row>
      <Choice
        label="Kind"
        value={one.kind}
        options={Object.entries(DOOR_KINDS).map(([kind, { name }]) => [kind, name])}
        onChoose={(kind) => alter({ kind: kind as typeof one.kind })}
      />
      {one.kind === 'swing' && (
        <Choice
          label="Opens to"
          value={one.opens ?? ''}
          options={one.opens ? SIDE_OPTIONS : [UNNOTED, ...SIDE_OPTIONS]}
          onChoose={(opens) => alter({ opens: opens as Side })}
        />
      )}
      {one.kind === 'swing' && (
        <Choice
          label="Hung on"
          value={one.hinge ?? ''}
          options={one.hinge ? JAMBS : [UNNOTED, ...JAMBS]}
          onChoose={(hinge) => alter({ hinge: hinge as 'from' | 'to' })}
        />
      )}
    </Row>
  )
}

function WindowChoices({ plan, id, onChange }: Chosen) {
  return (
    <Row>
      <Choice
        label="Kind"
        value={withId(plan.windows, id).kind}
        options={[
          ['fixed', 'fixed'],
          ['opening', 'opens'],
          ['exit', 'exit window'],
        ]}
        onChoose={(kind) => onChange(altered(plan, 'windows', id, { kind: kind as 'exit' }))}
      />
    </Row>
  )
}

function RoomChoices({ plan, id, onChange }: Chosen) {
  const one = withId(plan.rooms, id)
  const alter = (change: Partial<typeof one>) => onChange(altered(plan, 'rooms', id, change))
  return (
    <Row>
      <Named label="Called" value={one.name} onSet={(name) => alter({ name })} />
      <Choice
        label="Kind"
        value={one.kind}
        options={ROOM_KINDS.map((kind) => [kind, kind])}
        onChoose={(kind) => alter({ kind: kind as typeof one.kind })}
      />
      <Choice
        label="Closed by"
        value={one.closedBy}
        options={[
          ['door', 'door'],
          ['curtain', 'curtain'],
          ['nothing', 'nothing'],
        ]}
        onChoose={(closedBy) => alter({ closedBy: closedBy as typeof one.closedBy })}
      />
    </Row>
  )
}

function SlideChoices({ plan, id, onChange }: Chosen) {
  return (
    <Row>
      <Choice
        label="In wall"
        value={withId(plan.slides, id).wall}
        options={SIDE_OPTIONS}
        onChoose={(wall) => onChange(altered(plan, 'slides', id, { wall: wall as Side }))}
      />
    </Row>
  )
}

const CHOICES: Partial<Record<Item['list'], (chosen: Chosen) => ReactNode>> = {
  fixtures: FixtureChoices,
  berths: BerthChoices,
  doors: DoorChoices,
  windows: WindowChoices,
  rooms: RoomChoices,
  slides: SlideChoices,
}

/** A corner cut off, as of a corner shower or an angled counter. */
function CornerFields({ shape, onShape }: { shape: Shape; onShape(shape: Shape): void }) {
  const cut = cutOf(shape)
  return (
    <>
      <Choice
        label="Corner cut"
        value={cut?.corner ?? ''}
        options={[['', 'none'], ...CORNERS.map((corner): [string, string] => [corner, corner])]}
        onChoose={(corner) =>
          onShape(corner ? cornerCut(straight(shape), corner as Corner, cut?.inches ?? USUAL_CUT) : straight(shape))
        }
      />
      {cut && (
        <LengthField
          label="Cut by"
          least={1}
          value={cut.inches}
          onSet={(inches) => onShape(cornerCut(straight(shape), cut.corner, inches))}
        />
      )}
    </>
  )
}

/** The plan with one thing of a list changed; what is set to undefined is left out. */
function altered<L extends 'fixtures' | 'berths' | 'doors' | 'windows' | 'slides' | 'rooms'>(
  plan: Plan,
  list: L,
  id: string,
  change: Partial<Plan[L][number]>,
): Plan {
  const things = plan[list] as { id: string }[]
  const known = (thing: object) => Object.fromEntries(Object.entries(thing).filter(([, value]) => value !== undefined))
  return { ...plan, [list]: things.map((one) => (one.id === id ? known({ ...one, ...change }) : one)) }
}

/** A corner shower's cut, inches (common practice). */
const USUAL_CUT = 14

const SIDE_WORDS: Record<Side, string> = {
  front: 'front',
  rear: 'rear',
  door: 'door side',
  'off-door': 'off-door side',
}
const SIDE_OPTIONS = SIDES.map((side): [string, string] => [side, SIDE_WORDS[side]])

/** Of a door that nobody looked at: what depends on it waits. */
const UNNOTED: [string, string] = ['', 'not noted yet']
const JAMBS: [string, string][] = [
  ['from', 'first jamb'],
  ['to', 'other jamb'],
]
