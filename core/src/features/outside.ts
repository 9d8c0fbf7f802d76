import { reads, within } from '../readings/reading'
import { at, type Features } from './feature'

const hitch = at('hitch')
const offDoor = at('off-door')
const rear = at('rear')
const door = at('door')
const under = at('under')

/** What one sees walking round it. */
export const OUTSIDE_FEATURES = {
  safetyChains: hitch.one(
    'Safety chains',
    'hooks|shackles|none',
    'They catch the trailer if the coupler lets go; they cross under it.',
  ),
  wirePlug: hitch.one(
    'Plug to the vehicle',
    '4-way|7-way',
    'A 7-way carries brakes and a charge for the battery; a 4-way only lights.',
    '7 way=7-way|seven way=7-way',
  ),
  breakaway: hitch.has(
    'Breakaway switch',
    'It puts the trailer’s brakes on if it comes off; its pin goes to the vehicle.',
  ),
  frontCap: hitch.one(
    'Front cap',
    'fiberglass|TPO|metal|none',
    'A molded cap sheds stones and wind; a metal front dents.',
    'fiberglass cap=fiberglass|molded cap=fiberglass',
  ),
  rockGuard: hitch.has('Rock guard', 'Stones off the road hit the lower front first.', 'diamond plate|stone guard'),
  roundedFront: hitch.has('Rounded front', 'Less wind to push, which the fuel bill and the tow vehicle feel.'),
  capLights: hitch.has('Lights in the cap', 'They light the hookup at night, and please some.'),
  cylinderCover: hitch.has('Cover over the cylinders', 'It keeps sun and stones off the regulator.'),
  cordCaddy: hitch.has(
    'Place for plug and chains',
    'Plug and chains off the ground stay dry and do not rust.',
    'chain caddy',
  ),
  secondBatteryRoom: hitch.has(
    'Room for a second battery',
    'A second battery is the cheapest night more without a post.',
    'second battery',
  ),
  bayLight: hitch.has('Light in the pass-through', 'One finds the hose after dark.', 'pass-through light|motion light'),
  bayMagnet: hitch.has(
    'Bay doors held by magnets',
    'Both hands are free, and no clip breaks.',
    'magnetic doors|slam latch magnets',
  ),
  bayLatch: hitch.one(
    'Bay door latches',
    'slam latch|thumb lock|cam lock',
    'A slam latch shuts a full bay with one hand.',
    'slam latch=slam latch',
  ),
  bayDoorThick: hitch.figure(
    within(reads.length('Bay door thickness'), [0.1, 10], [0.5, 3]),
    'A thick, insulated door neither bends nor lets the cold in.',
  ),
  baysParted: hitch.has('Wall between bay and bed storage', 'What is outside stays out: dirt, and hands.'),
  bayFromInside: hitch.has(
    'Hatch into the bay from inside',
    'On a wet day one gets at it without going out.',
    'laundry chute',
  ),
  levelSystem: hitch.one(
    'Leveling',
    'none|bubble levels|display|automatic',
    'A level trailer keeps its doors shut and a gas refrigerator alive.',
    'auto level=automatic|automatic leveling=automatic',
  ),

  cableInlet: offDoor.has('Cable inlet', 'A park’s cable comes in here.', 'cable hookup'),
  satelliteInlet: offDoor.has('Satellite inlet', 'A dish on a stand plugs in here.', 'satellite'),
  outsideHot: offDoor.has(
    'Hot water outside',
    'Sand, boots and dogs stay outside; warm, it is a shower.',
    'hot outside shower',
  ),
  drains: offDoor.one(
    'Low-point drains',
    'steel|plastic|none',
    'Plastic threads strip; without a drain it does not winterize.',
    'low point drains',
  ),
  freshDrain: offDoor.has('Drain for the fresh tank', 'It empties the tank before the road.'),
  hoseCarrier: offDoor.one(
    'Sewer hose rides',
    'bumper tube|own box|in a bay|none',
    'A wet hose wants a place of its own.',
    'sewer hose storage',
  ),
  cordPlace: offDoor.said('Where the cord is kept', 'A hole the cord pulls through lets mice in.'),
  exteriorVents: offDoor.has('Vents one can reach', 'Furnace, water heater and refrigerator are served from outside.'),
  slideDrive: offDoor.one(
    'Slide drive',
    'rack and pinion|cable|in the wall|hydraulic|none',
    'How it is driven says what can stick and who mends it.',
    'cable slide=cable|hydraulic slide=hydraulic',
  ),
  slideSeals: offDoor.has('Wiper seals all round the slide', 'They keep out rain and road dust.'),
  slideTopper: offDoor.has('Topper over the slide', 'Leaves and ice stay off the roof of the slide.', 'slide topper'),
  slideWalls: offDoor.has('Framed, insulated slide walls', 'Otherwise the slide is the cold place.'),
  hookupLight: offDoor.has('Light at the hookups', 'One arrives after dark more often than one plans.'),

  portableLadder: rear.has(
    'Ready for a portable ladder',
    'One looks at the roof’s seals every 90 days; a fixed ladder tempts children.',
  ),
  cameraFitted: rear.has(
    'Rear camera fitted',
    'It shows what follows, and helps to back in.',
    'backup camera|rear camera',
  ),
  spareCover: rear.has('Spare under a cover', 'Sun ages a tire that nobody drives.'),
  gutters: rear.one(
    'Rain off the roof',
    'gutters with spouts|gutters|none',
    'Without spouts it streaks the walls and drips on the door.',
    'gutters',
  ),
  roofArch: rear.has('Roof arched or pitched', 'Water runs off instead of standing.'),

  awningLight: door.has('Light strip in the awning', 'One sits outside in the evening.', 'awning lights|led awning'),
  awningPitch: door.has('Awning can be pitched', 'Rain runs off one corner instead of filling it.'),
  awningOverride: door.has('Awning can be run in by hand', 'Wind does not wait for a fuse.'),
  doorWindow: door.has('Window in the entry door', 'One sees who knocks, and the room is lighter.'),
  doorShade: door.has('Shade on that window', 'Dark for sleep, and nobody looks in.'),
  screenDoor: door.one(
    'Screen door',
    'swings with the door|sliding panel|self-closing|none',
    'Children leave it open; one that shuts itself keeps flies out.',
    'screen door',
  ),
  petScreen: door.has('Screen a dog does not break', 'A paw goes through an ordinary screen in a week.', 'pet screen'),
  frictionHinge: door.has(
    'Hinge that holds against wind',
    'A gust does not tear the door out of a hand.',
    'friction hinge',
  ),
  grabHandle: door.one(
    'Grab handle',
    'large, folding|small|none',
    'Going down backwards in the dark one is glad of a large one.',
    'grab bar',
  ),
  stepCount: door.figure(
    within(reads.count('Steps at the entry'), [0, 8], [1, 5]),
    'Fewer and lower is easier on knees.',
  ),
  stepsAdjust: door.has(
    'Steps with legs that adjust',
    'They stand firm on the ground and do not rock the trailer.',
    'adjustable steps',
  ),
  outsideOutlets: door.figure(
    within(reads.count('Outlets outside'), [0, 20], [0, 6]),
    'For a griddle, a fan, the lights under the awning.',
    'outside outlets|exterior outlets',
  ),
  outsideTvReady: door.has(
    'Power and backing for a TV outside',
    'A screen under the awning, on the bracket from inside.',
    'outside tv|outdoor tv',
  ),
  porchLight: door.has('Light at the door and the steps', 'Feet find the step.'),
  griddlePlace: door.one(
    'Griddle or grill',
    'on a swing arm|on a rail|in the outside kitchen|none',
    'Where it hangs says who cooks beside whom.',
    'griddle|grill',
  ),
  outsideSpeakersApart: door.has('Outside speakers switch off by themselves', 'Somebody inside is asleep.'),
  prepTable: door.has('Table or rail outside to prepare at', 'A plate needs somewhere to stand.'),
  bottleOpener: door.has('Bottle opener on the wall', 'Small, and missed.'),
  leashHook: door.has(
    'Hook for a leash',
    'The dog is out with you and not under the neighbor’s table.',
    'leash hook|dog leash',
  ),

  suspension: under.one(
    'Suspension',
    'leaf springs|torsion|leaf springs with shocks',
    'Torsion rides softer; springs with an equalizer share the load on rough ground.',
    'torsion axle=torsion|spring axle=leaf springs',
  ),
  spreadAxle: under.has('Axles spread apart', 'Steadier in wind, harder on tires in tight turns.'),
  lubeHubs: under.has('Hubs greased from outside', 'Bearings are greased without taking wheels off.', 'easy lube'),
  brakesAdjust: under.has(
    'Brakes adjust themselves',
    'They pull evenly without a visit to the shop.',
    'self-adjusting brakes',
  ),
  tireMake: under.said('Tire make and date', 'A tire older than five years is replaced, whatever its tread.'),
  tireMonitor: under.one(
    'Tire pressure monitor',
    'fitted|prepared|none',
    'Most blowouts begin as a slow leak.',
    'tpms|tire monitor',
  ),
  wheels: under.one(
    'Wheels',
    'aluminum|steel',
    'Aluminum does not rust; steel is cheaper to replace.',
    'aluminum wheels=aluminum',
  ),
  wheelWells: under.has('Metal wheel wells', 'A blown tire does not come through the floor.'),
  groundClearance: under.figure(
    within(reads.length('Ground clearance', 'Ground to the lowest pipe or step'), [2, 60], [5, 24]),
    'On a forest road the dump valve finds the rock first.',
    'ground clearance|off-road',
  ),
  offRoadTires: under.has(
    'Off-road tires',
    'For washboard and gravel, louder on the highway.',
    'off-road tires|mud tires',
  ),
  frame: under.one(
    'Frame',
    'welded|bolted|riveted',
    'How it is joined says how it is repaired.',
    'bolted frame=bolted|welded frame=welded',
  ),
  bellyPanels: under.has('Belly opens in panels', 'A pipe is reached without cutting.'),
  wasteHeated: under.has('Pads on gray and black too', 'A warm fresh tank is no use with a frozen dump valve.'),
  dumpPulls: under.said('Where the dump pulls are', 'On the side of the hookups, or one crawls.'),
} as const satisfies Features
