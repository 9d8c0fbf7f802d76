'use client'

import { Box, Button, HStack, Heading, Text, Wrap } from '@chakra-ui/react'
import { resized } from '@hitchet/core/editing/box'
import { becomesBed, madeIntoBed } from '@hitchet/core/editing/conversion'
import { CORNERS, cornerCut, cutOf, straight, type Corner } from '@hitchet/core/editing/corner'
import { withBounds, type Item } from '@hitchet/core/editing/item'
import { seated } from '@hitchet/core/editing/riding'
import { ROOM_KINDS, SIDES, type Plan, type Side } from '@hitchet/core/plan/plan'
import type { Shape } from '@hitchet/core/plan/shape/shape'
import { DOOR_KINDS } from '@hitchet/core/readings/catalogue'
import { ConversionFields } from './ConversionFields'
import { Choice, Named, Row } from './fields'
import { LengthField } from './LengthField'

interface InspectorProps {
  plan: Plan
  item?: Item
  many: number
  onChange(plan: Plan, chosen?: string[]): void
}

const SIDE_WORDS: Record<Side, string> = {
  front: 'front',
  rear: 'rear',
  door: 'door side',
  'off-door': 'off-door side',
}

/** Exact figures and choices for what is in hand; with nothing in hand, those of the box. */
export function Inspector({ plan, item, many, onChange }: InspectorProps) {
  if (many > 1)
    return <Text fontSize="14px">{many} things in hand: move, line up, double or take them away together.</Text>
  if (!item) return <BoxFields plan={plan} onChange={onChange} />
  const { x0, x1, y0, y1 } = item.bounds
  const put = (to: Partial<Item['bounds']>) => onChange(seated(withBounds(plan, item, { ...item.bounds, ...to }), item))
  const rides = item.list === 'slides' || item.list === 'canvasEnds' || item.list === 'outside'
  return (
    <Box>
      <Heading as="h2" size="sm" mb="1">
        {item.name}
      </Heading>
      <Wrap gap="2" align="end">
        <LengthField
          key={`x${item.id}`}
          label="From the front"
          value={x0}
          onSet={(value) => put({ x0: value, x1: value + x1 - x0 })}
        />
        {!rides && (
          <LengthField
            key={`y${item.id}`}
            label="From off-door side"
            value={y0}
            onSet={(value) => put({ y0: value, y1: value + y1 - y0 })}
          />
        )}
        {x1 - x0 > 0.5 && (
          <LengthField
            key={`l${item.id}`}
            label="Along"
            least={1}
            value={x1 - x0}
            onSet={(value) => put({ x1: x0 + value })}
          />
        )}
        {y1 - y0 > 0.5 && item.list !== 'outside' && (
          <LengthField
            key={`w${item.id}`}
            label={rides ? 'Moves out' : 'Across'}
            least={1}
            value={y1 - y0}
            onSet={(value) => put({ y1: y0 + value })}
          />
        )}
        <Choices plan={plan} item={item} onChange={onChange} />
      </Wrap>
    </Box>
  )
}

function BoxFields({ plan, onChange }: Pick<InspectorProps, 'plan' | 'onChange'>) {
  const set = (key: keyof Plan['box']) => (value: number) => onChange(resized(plan, { [key]: value }))
  return (
    <Box>
      <HStack mb="1" gap="3" align="baseline">
        <Heading as="h2" size="sm">
          The box
        </Heading>
        <Text fontSize="13px" color="line">
          Press a thing on the plan to take it in hand, or one on the shelf to put it down.
        </Text>
      </HStack>
      <Wrap gap="2">
        <LengthField label="Length" least={72} value={plan.box.length} onSet={set('length')} />
        <LengthField label="Width" least={48} value={plan.box.width} onSet={set('width')} />
        <LengthField label="Outer walls" least={0.5} value={plan.box.wall} onSet={set('wall')} />
        <LengthField label="Tongue" least={0} value={plan.box.tongue} onSet={set('tongue')} />
        <LengthField label="Bumper" least={0} value={plan.box.bumper} onSet={set('bumper')} />
      </Wrap>
    </Box>
  )
}

/** What each kind of thing can be besides its place. */
function Choices({
  plan,
  item: { list, id },
  onChange,
}: {
  plan: Plan
  item: Item
  onChange: InspectorProps['onChange']
}) {
  const alter = <L extends 'fixtures' | 'berths' | 'doors' | 'windows' | 'slides' | 'rooms'>(
    name: L,
    change: Partial<Plan[L][number]>,
  ) =>
    onChange({
      ...plan,
      [name]: (plan[name] as { id: string }[]).map((one) => (one.id === id ? { ...one, ...change } : one)),
    })
  if (list === 'fixtures') {
    const one = plan.fixtures.find((fixture) => fixture.id === id)!
    return (
      <Row>
        <Choice
          label="Faces"
          value={one.faces ?? ''}
          options={[['', 'away from the wall'], ...sideOptions]}
          onChoose={(value) =>
            onChange({
              ...plan,
              fixtures: plan.fixtures.map((fixture) =>
                fixture.id === id ? faced(fixture, value as Side | '') : fixture,
              ),
            })
          }
        />
        <CornerFields shape={one.shape} onShape={(shape) => alter('fixtures', { shape })} />
        {becomesBed(one.kind) && !plan.conversions.some(({ uses }) => uses.includes(id)) && (
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
  if (list === 'berths') {
    const one = plan.berths.find((berth) => berth.id === id)!
    const conversion = plan.conversions.find((other) => other.id === one.conversion)
    return (
      <>
        <Row>
          <Named label="Called" value={one.name} onSet={(name) => alter('berths', { name })} />
          <Choice
            label="Pillow at"
            value={one.head}
            options={sideOptions}
            onChoose={(head) => alter('berths', { head: head as Side })}
          />
          <Choice
            label="In room"
            value={one.room}
            options={plan.rooms.map((room) => [room.id, room.name])}
            onChoose={(room) => alter('berths', { room })}
          />
        </Row>
        <HStack as="fieldset" gap="3" fontSize="14px">
          <Text as="legend" fontSize="13px" float="left" mr="2">
            One gets in from
          </Text>
          {SIDES.map((side) => (
            <label key={side} className="choice">
              <input
                type="checkbox"
                checked={one.access.includes(side)}
                disabled={one.access.length === 1 && one.access[0] === side}
                onChange={(event) =>
                  alter('berths', {
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
  if (list === 'doors') {
    const one = plan.doors.find((door) => door.id === id)!
    return (
      <Row>
        <Choice
          label="Kind"
          value={one.kind}
          options={Object.entries(DOOR_KINDS).map(([kind, { name }]) => [kind, name])}
          onChoose={(kind) => alter('doors', { kind: kind as typeof one.kind })}
        />
        {one.kind === 'swing' && (
          <Choice
            label="Opens to"
            value={one.opens ?? ''}
            options={one.opens ? sideOptions : [UNNOTED, ...sideOptions]}
            onChoose={(opens) => alter('doors', { opens: opens as Side })}
          />
        )}
        {one.kind === 'swing' && (
          <Choice
            label="Hung on"
            value={one.hinge ?? ''}
            options={one.hinge ? JAMBS : [UNNOTED, ...JAMBS]}
            onChoose={(hinge) => alter('doors', { hinge: hinge as 'from' | 'to' })}
          />
        )}
      </Row>
    )
  }
  if (list === 'windows')
    return (
      <Row>
        <Choice
          label="Kind"
          value={plan.windows.find((window) => window.id === id)!.kind}
          options={[
            ['fixed', 'fixed'],
            ['opening', 'opens'],
            ['exit', 'exit window'],
          ]}
          onChoose={(kind) => alter('windows', { kind: kind as 'exit' })}
        />
      </Row>
    )
  if (list === 'rooms') {
    const one = plan.rooms.find((room) => room.id === id)!
    return (
      <Row>
        <Named label="Called" value={one.name} onSet={(name) => alter('rooms', { name })} />
        <Choice
          label="Kind"
          value={one.kind}
          options={ROOM_KINDS.map((kind) => [kind, kind])}
          onChoose={(kind) => alter('rooms', { kind: kind as typeof one.kind })}
        />
        <Choice
          label="Closed by"
          value={one.closedBy}
          options={[
            ['door', 'door'],
            ['curtain', 'curtain'],
            ['nothing', 'nothing'],
          ]}
          onChoose={(closedBy) => alter('rooms', { closedBy: closedBy as typeof one.closedBy })}
        />
      </Row>
    )
  }
  if (list === 'slides')
    return (
      <Row>
        <Choice
          label="In wall"
          value={plan.slides.find((slide) => slide.id === id)!.wall}
          options={sideOptions}
          onChoose={(wall) => alter('slides', { wall: wall as Side })}
        />
      </Row>
    )
  return null
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

/** A corner shower's cut, inches (common practice). */
const USUAL_CUT = 14

/** Of a door that nobody looked at: what depends on it waits. */
const UNNOTED: [string, string] = ['', 'not noted yet']
const JAMBS: [string, string][] = [
  ['from', 'first jamb'],
  ['to', 'other jamb'],
]
const sideOptions: [string, string][] = SIDES.map((side) => [side, SIDE_WORDS[side]])

function faced(fixture: Plan['fixtures'][number], side: Side | ''): Plan['fixtures'][number] {
  const { faces: _faces, ...rest } = fixture
  return side ? { ...rest, faces: side } : rest
}
