import { reads, within } from '../readings/reading'
import { at, type Features } from './feature'

const entry = at('entry')
const kitchen = at('kitchen')
const living = at('living')
const bath = at('bath')
const bedroom = at('bedroom')
const bunks = at('bunks')

/** What one sees going through it. */
export const INSIDE_FEATURES = {
  controlPanel: entry.said('Where the control panel is', 'Lights, awning, slide, pump and tank levels from one place.'),
  levelLights: entry.has(
    'Tank levels shown',
    'One knows when to dump before it says so itself.',
    'level lights|tank monitor',
  ),
  batteryMeter: entry.one(
    'Battery shown',
    'lights|volts|percent',
    'Lights tell full from empty; percent tells tonight from tomorrow.',
    'battery meter|battery monitor',
  ),
  breakers: entry.said(
    'Where breakers and fuses are',
    'Every buyer looks for them once, in the dark.',
    'breaker panel|fuses',
  ),
  spareFuses: entry.has('Spare fuses in it', 'The one that blows is the one nobody carries.'),
  gfi: entry.said('Where the GFI is', 'When the outlets outside and in the bath are dead, this button is why.'),
  surge: entry.one(
    'Surge protector',
    'built in|portable, comes with it|none',
    'A bad post burns the AC’s board.',
    'surge protector',
  ),
  dimmers: entry.has('Lights dim', 'Evening light, and less of the battery.', 'dimmer|dimmable lights'),
  coatHooks: entry.has('Hooks by the door', 'Wet jackets stay by the door.', 'coat hooks'),
  shoePlace: entry.has(
    'Place for shoes by the door',
    'Six pairs on the floor are the first thing one falls over.',
    'shoe storage',
  ),
  broomPlace: entry.has('Place for a broom', 'Sand comes in with every foot.', 'broom closet'),
  vacuum: entry.has('Built-in vacuum', 'Swept in a minute.', 'central vacuum'),
  thermostat: entry.one(
    'Thermostat',
    'dial|digital|by telephone',
    'One zone, one place: where it hangs is where it is warm.',
  ),
  heatStrip: entry.has(
    'Heat strip or heat pump in the AC',
    'On a post it warms without propane.',
    'heat pump|heat strip',
  ),
  floorVents: entry.has('Heat comes through the floor', 'Warm feet, and crumbs in the vent.', 'floor vents'),
  roofFan: entry.one(
    'Roof fan',
    'with a rain sensor|with speeds|plain vent|none',
    'A good fan is a night without AC.',
    'vent fan|roof vent',
  ),
  windowTint: entry.one(
    'Windows',
    'frameless|framed',
    'Frameless look smooth and open less.',
    'frameless windows=frameless',
  ),
  safetyGlass: entry.has('Safety glass in all windows', 'It breaks into crumbs, not blades.'),
  shades: entry.one(
    'Shades',
    'day and night|blackout|pleated|curtains|none',
    'Dark for sleep, white back against the sun.',
    'blackout shades=blackout|day night shades=day and night',
  ),
  ceiling: entry.one('Ceiling', 'flat|vaulted', 'A vault is height where one stands.', 'vaulted ceiling=vaulted'),
  floorEasy: entry.has('Floor without carpet', 'One sweeps; carpet keeps the sand.', 'vinyl floor|no carpet'),

  faucet: kitchen.one(
    'Faucet',
    'high, pull-down|high|low',
    'A pot goes under a high one.',
    'pull-down faucet=high, pull-down',
  ),
  sinkCoverIs: kitchen.one(
    'Sink cover',
    'cutting board|rack|plain lid|none',
    'A cover is counter twice a day.',
    'sink cover',
  ),
  burnerHeat: kitchen.figure(
    within(reads.amount('Largest burner', 'BTU'), [500, 50_000], [5_000, 15_000]),
    'A large burner boils for six.',
    'burner btu',
  ),
  sparker: kitchen.one(
    'Burners light',
    'by a sparker|by a pilot|by hand',
    'Matches are always in the other drawer.',
    'sparker=by a sparker',
  ),
  fridgeColdOnRoad: kitchen.one(
    'Cold on the road',
    'on the battery|on gas only|none',
    'Gas is off while driving: say what keeps it cold.',
    'fridge on the road',
  ),
  fridgeSwitch: kitchen.has(
    'Refrigerator changes source by itself',
    'Post, gas, battery, without anybody thinking of it.',
    'auto switchover',
  ),
  fridgeLock: kitchen.has(
    'Refrigerator latches shut',
    'Milk on the floor is the first stop of every trip.',
    'fridge lock|fridge latch',
  ),
  tallShelf: kitchen.has('Takes a gallon of milk upright', 'In the door or not at all.', 'milk jug'),
  counterSeams: kitchen.one(
    'Counter top',
    'solid, without seams|laminate',
    'A seam by the sink swells.',
    'solid counter=solid, without seams|seamless counter=solid, without seams',
  ),
  counterOutlets: kitchen.figure(
    within(reads.count('Outlets at the counter'), [0, 20], [0, 6]),
    'Coffee maker, toaster, charger: three at once.',
    'counter outlets|kitchen outlets',
  ),
  drawersFull: kitchen.one(
    'Drawers run out',
    'fully|half',
    'Half a drawer is in the wall.',
    'full extension drawers=fully',
  ),
  wasteBin: kitchen.has('Place for a waste bin', 'Otherwise it stands in the way.', 'trash can'),
  spicePlace: kitchen.has('Places for pans, spices, knives', 'Everything that rattles has a place.', 'spice rack'),
  cupboardLight: kitchen.has(
    'Light in the cupboards',
    'Pretty, and one finds the salt.',
    'backlit cupboards|glass fronts',
  ),
  kitchenLook: kitchen.said('Finish and color', 'They live with it longer than with us.', 'decor|color'),

  recline: living.one(
    'Theater seat comfort',
    'recline, heat and massage|recline|fixed|none',
    'Reclined they need floor: look where the feet end.',
    'heated seats=recline, heat and massage|massage seats=recline, heat and massage',
  ),
  rockers: living.one(
    'Chairs',
    'swivel rockers|recliners|fixed|none',
    'A chair that swivels looks at fire, TV or people.',
    'swivel rockers=swivel rockers|recliners=recliners',
  ),
  tableDown: living.one(
    'Table comes down',
    'on a post|on legs|by a lever|by a lift|none',
    'Show it: the bed is made from it every night.',
    'table leg|table lift',
  ),
  tableOutside: living.has('Table goes outside', 'One table, two rooms.'),
  seatStorage: living.one(
    'Under the seats',
    'doors and drawers|lift the seat|none',
    'From above one empties the seat first.',
    'under-seat storage',
  ),
  ottoman: living.has('Coffee table or ottoman', 'Feet up, cards down.'),
  tvBacking: living.has(
    'Mount and backing for a TV',
    'Without backing in the wall no screw holds on the road.',
    'tv mount',
  ),
  tvComes: living.has('TV comes with it', 'Say what comes, and what only hangs there to show.', 'tv included'),
  tvLift: living.has('TV pops up', 'Window when it is down.', 'tv lift'),
  soundSystem: living.one(
    'Sound',
    'soundbar|stereo|none',
    'Inside and outside on their own switches, so that children sleep.',
    'stereo|soundbar|bluetooth',
  ),
  disc: living.one('Player', 'DVD and HDMI|HDMI only|none', 'Rain, and no signal.', 'dvd|hdmi'),
  wifi: living.one(
    'Internet',
    'router fitted|prepared|none',
    'For those who work on the road it decides.',
    'wifi|wi-fi|hotspot',
  ),
  antenna: living.one(
    'Antenna',
    'fitted, no crank|crank up|none',
    'A crank left up is torn off at the first branch.',
    'tv antenna',
  ),
  fireplaceHeats: living.has('Fireplace heats', 'On a post it saves propane, about 5,000 BTU.', 'electric fireplace'),
  usbLiving: living.figure(
    within(reads.count('USB outlets in the living room'), [0, 20], [0, 8]),
    'Everybody charges at night.',
    'usb',
  ),
  accentLight: living.has('Accent lights', 'A matter of taste.', 'accent lighting'),

  showerSeat: bath.has('Seat in the shower', 'For a leg to shave, and for tired knees.', 'shower seat'),
  showerClosing: bath.has('Shower shut by a slow or magnetic door', 'A curtain clings.'),
  toiletKind: bath.one(
    'Kind of toilet',
    'porcelain, foot flush|plastic, foot flush|electric|cassette',
    'Porcelain cleans; a foot flush keeps hands clean.',
    'porcelain toilet=porcelain, foot flush',
  ),
  medicine: bath.has('Mirror with a cabinet', 'Toothbrushes stand up.', 'medicine cabinet|mirror'),
  bathFan: bath.one(
    'Bath fan',
    'with speeds|plain|rain sensor|none',
    'Steam goes out or into the ceiling.',
    'bath fan',
  ),
  towelBars: bath.figure(
    within(reads.count('Towel bars and hooks'), [0, 30], [0, 12]),
    'Six people, six wet towels.',
    'towel bars|towel hooks',
  ),
  nightLight: bath.has('Night light, or a low switch', 'A child finds it alone.', 'night light'),
  washerPrep: bath.has('Prepared for washer and dryer', 'For those who stay out for weeks.', 'washer prep|laundry'),
  bathOutlet: bath.has('Outlet in the bath', 'Hair dryer and razor.', 'bath outlet'),
  hamper: bath.has('Hamper', 'Somewhere for what is worn.'),

  bedStruts: bedroom.has('Struts hold the bed up', 'Two hands for what is under it.', 'bed struts|lift bed'),
  bedWider: bedroom.figure(
    within(reads.length('Widest mattress the platform takes'), [20, 100], [30, 84]),
    'Most change the mattress first.',
  ),
  cpapPlace: bedroom.has(
    'Night stand or pocket for a CPAP',
    'With an outlet on that side, and a reach for the hose.',
    'cpap',
  ),
  outletSides: bedroom.one(
    'Outlets at the bed',
    'both sides|one side|none',
    'Two people, two telephones, perhaps a CPAP.',
    'bed outlets',
  ),
  usbBed: bedroom.one('USB at the bed', 'both sides|one side|none', 'A telephone is an alarm clock.', 'usb at the bed'),
  bedTv: bedroom.one(
    'TV in the bedroom',
    'fitted|mount and hookup|none',
    'Say it when the living room’s can be seen from the bed.',
    'bedroom tv',
  ),
  readingSwitch: bedroom.has('Switch at the bed', 'Nobody gets up to put out the light.', 'reading lights'),
  bedAir: bedroom.one(
    'Air in the bedroom',
    'AC outlet|own AC|fan|none',
    'A shut door is warm by midnight.',
    'bedroom ac',
  ),
  bedding: bedroom.has('Bedding comes with it', 'Trailer sizes are not house sizes.'),
  wardrobeBoth: bedroom.has('Wardrobe on both sides', 'His and hers without a discussion.'),

  bunkCurtain: bunks.has('Curtain at each bunk', 'A child’s own room.', 'bunk curtain'),
  bunkUsb: bunks.has('USB at each bunk', 'So that they come to bed.', 'bunk usb'),
  bunkTv: bunks.one('TV or games by the bunks', 'fitted|prepared|none', 'Rain for two days.', 'bunk tv|games'),
  bunkSwitch: bunks.has('Lights out by one switch', 'From outside the room.'),
  bunkSwitchHigh: bunks.has('Switches out of small hands’ reach', 'Slide and awning are not toys.'),
  hatchLock: bunks.one(
    'Cargo door by the bunks locks',
    'from inside and outside|from outside only|none',
    'A child must get out, and must not fall out.',
    'bunk hatch',
  ),
} as const satisfies Features
