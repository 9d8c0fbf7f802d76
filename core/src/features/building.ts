import { reads, within } from '../readings/reading'
import { at, type Features } from './feature'

const walls = at('off-door')
const roof = at('rear')
const papers = at('papers')
const inside = at('entry')

/** How it is built, what stands behind it, and what comes with it. */
export const BUILDING_FEATURES = {
  sideWalls: walls.one(
    'Side walls',
    'laminated|corrugated metal on studs|molded shell',
    'Laminated is light and smooth; metal on studs is mended in sheets.',
    'laminated=laminated|aluminum skin=corrugated metal on studs|molded shell=molded shell',
  ),
  backer: walls.one(
    'Behind the skin',
    'composite|plywood',
    'Wet plywood comes loose from the skin; composite does not.',
    'composite backer=composite',
  ),
  wallFrame: walls.one(
    'Wall frame',
    'welded aluminum|wood|none',
    'Aluminum neither rots nor holds a screw as well as wood.',
    'aluminum frame=welded aluminum',
  ),
  openingsFramed: walls.has('Frame round every opening', 'Windows and doors are where walls crack.'),
  foam: walls.one('Insulation', 'block foam|glass wool|none', 'Foam does not settle.', 'block foam=block foam'),
  roofSkin: roof.one(
    'Roof skin',
    'TPO|PVC|fiberglass, one piece|rubber|metal',
    'Ask how many years the maker stands by it.',
    'tpo roof=TPO|fiberglass roof=fiberglass, one piece|pvc roof=PVC',
  ),
  roofYears: roof.figure(
    within(reads.count('Roof warranty, years'), [0, 60], [1, 30]),
    'As long as its seals are looked at every 90 days.',
    'roof warranty',
  ),
  roofDeck: roof.said('Trusses and deck', 'What one stands on up there.'),
  radiantBarrier: roof.has(
    'Foil in roof and walls',
    'It throws heat back; little against cold by itself.',
    'radiant foil',
  ),
  subfloor: inside.one(
    'Subfloor',
    'composite|plywood|oriented strand',
    'A soft spot by the door is water.',
    'composite floor=composite',
  ),
  cabinets: inside.one(
    'Cabinets',
    'screwed, plywood|screwed, particle board|stapled',
    'Staples work loose on washboard.',
    'plywood cabinets=screwed, plywood',
  ),
  hinges: inside.has(
    'Metal hinges and catches that hold on the road',
    'What is open when you arrive was shut badly when you left.',
  ),
  pipes: inside.has('Pipes one can get at', 'A leak behind a screwed panel is a wet floor.', 'accessible plumbing'),
  winterValves: inside.has(
    'Winterizing valves within reach',
    'Ten minutes in fall, or a burst pump in spring.',
    'winterize|bypass valve',
  ),
  waterFilter: inside.has('Water filter', 'Park water tastes of the park.', 'water filter'),

  warrantyYears: papers.figure(
    within(reads.count('Warranty on all of it, years'), [0, 30], [0, 5]),
    'What the maker mends, and for how long.',
    'warranty',
  ),
  structureYears: papers.figure(
    within(reads.count('Warranty on the structure, years'), [0, 60], [1, 20]),
    'Frame, walls, roof.',
    'structural warranty',
  ),
  dealerWarranty: papers.said('What the dealer stands behind', 'Whom they call first.'),
  prepared: papers.has('Cylinders filled and battery in', 'They drive off without another stop.', 'ready to camp'),
  starterKit: papers.has('Hose, adapters and fuses come with it', 'The first night needs a hose.', 'starter kit'),
  towKit: papers.has('Hitch parts are in the price', 'Weight distribution is not free.'),
  listPrice: papers.figure(
    within(reads.amount('List price', '$', 'Maker’s sticker'), [500, 3_000_000], [3_000, 400_000]),
    'What the saving is reckoned from.',
    'msrp',
  ),
  optionsFitted: papers.said('Options on this one', 'What others of its kind have not.', 'options'),
  optionsPrice: papers.figure(
    within(reads.amount('Options, price', '$'), [0, 500_000], [50, 60_000]),
    'So that two units are compared fairly.',
  ),
  stands: papers.one(
    'Where it is',
    'on this lot|at the other branch|coming|sold',
    'Nobody drives two hours for one that is sold.',
    'sold=sold|coming=coming|other branch=at the other branch',
  ),
  lastOnes: papers.has('Last of its year', 'Room has to be made: say it only when it is so.'),
  film: papers.said('Film or picture of it', 'For those who want to look again at home.'),
} as const satisfies Features
