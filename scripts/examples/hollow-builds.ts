import type { Job } from '../../src/lib/core/job'
import { demoJob } from '../../src/lib/demo/build'
import { after, along, at, brief, cut, fixed, inside, LEFT, MIDDLE, person, RIGHT, stance, up, variant } from './kit'

/** Invented: two who sharpen knives from door to door. Long van, machines in the benches of a U-shaped lounge over the arches. */
const grinders = demoJob(
  'job-knife-grinders',
  'Knife grinders’ van',
  'van-long-high',
  brief({
    people: { 'person-a': person('grinder', 1740), 'person-b': person('caller', 1660) },
    use: { cooking: 'daily', toilet: 'portable', washing: 'none', coldestC: 0, heating: 'diesel' },
    notes: 'The wheel runs off the battery. Nothing stands in the aisle when a customer looks in.',
  }),
  [
    at('lounge', 'lounge-u', 40, MIDDLE, { lengthMm: 1640, depthMm: 1850, benchMm: 500 }),
    inside('battery', 'battery', 'lounge', [250, 20, 0], { ampHours: 200, lengthMm: 220, depthMm: 360, heightMm: 210 }, 'inside'),
    inside('inverter', 'inverter', 'lounge', [20, 400, 0], { heightMm: 280, lengthMm: 200, depthMm: 330 }, 'inside-2'),
    inside('tank', 'water-tank', 'lounge', [300, 20, 0], { lengthMm: 900, depthMm: 400, heightMm: 280 }, 'inside-3'),
    at('basin', 'galley-basin', 2000, LEFT, { lengthMm: 500, depthMm: 460 }),
    inside('boiler', 'heater-water', 'basin', [30, 130, 0], { litres: 6, lengthMm: 300, depthMm: 260, heightMm: 280 }),
    after('hob', 'galley-hob', 'basin', LEFT, { lengthMm: 450, depthMm: 460, fuel: 'diesel' }),
    after('drawers', 'galley-drawers', 'hob', LEFT, { lengthMm: 450, depthMm: 460 }),
    at('cold', 'cold-box', 2000, RIGHT, { heightMm: 800, lengthMm: 480, depthMm: 450 }, { across: { from: 'right-wall', mm: 40 } }),
    at('toilet', 'toilet-portable', 3480, LEFT, {}, { across: { from: 'left-wall', mm: 60 } }),
    at('heater', 'heater-air', 2100, { from: 'centreline', mm: 300 }, {}, { up: { from: 'under-floor', mm: 20 } }),
    at('lockers', 'locker', 2000, LEFT, { lengthMm: 1400, depthMm: 300, opens: 'sliding' }),
    at('fan', 'fan-extract', 2300, MIDDLE),
    at('window', 'hatch-roof', 400, MIDDLE),
  ],
  [
    cut('fan', { kind: 'roof-hatch', fromMm: 2320, toMm: 2740, rightMm: -205, leftMm: 205 }),
    cut('window', { kind: 'roof-hatch', fromMm: 400, toMm: 1120, rightMm: -260, leftMm: 260 }),
  ],
)

/** Invented: a bird ringer in a small van. The bed runs on into the cab, up to the backs of its seats. */
const ringer = demoJob(
  'job-bird-ringer',
  'Bird ringer’s small van',
  'van-compact',
  brief({
    people: { 'person-a': person('ringer', 1860) },
    nightsOffHookUp: 2,
    use: { cooking: 'sometimes', cookingOn: 'outside', toilet: 'none', washing: 'none' },
    adjust: { 'need-table-all': { waived: 'eats on the tailgate' } },
  }),
  [
    at('bed', 'bed-fixed', 20, { from: 'centreline', mm: 270 }, { lyingMm: 1990, widthMm: 700, platformMm: 340, mattressMm: 100, sleepers: 1, entry: 'side' }, { turn: 270 }),
    inside('battery', 'battery', 'bed', [40, 40, 0], { ampHours: 100 }),
    at('kitchen', 'galley-outdoor', 10, { from: 'centreline', mm: -440 }, { lengthMm: 380, depthMm: 560, heightMm: 450, outMm: 480 }),
    at('tank', 'water-tank', 600, { from: 'centreline', mm: -420 }, { lengthMm: 380, depthMm: 200, heightMm: 290 }, { turn: 180 }),
  ],
  [cut('bulkhead', { kind: 'bulkhead-removed' })],
)

/** Invented: a map maker who rolls. Bus of nine metres: the lift is its way in, the ramp folds down as the desk. */
const mapMaker = demoJob(
  'job-map-maker',
  'Map maker’s bus',
  'bus-9m',
  brief({
    people: { 'person-a': person('map maker', 1690, { mobility: 'wheelchair', work: { hours: 5, screens: 1 } }) },
    use: { cooking: 'sometimes', cookingOn: 'induction', toilet: 'cassette', washing: 'inside', heating: 'diesel' },
  }),
  [
    at('lift', 'lift', 6565, RIGHT, { lengthMm: 850, platformMm: 1220 }, { turn: 180 }),
    at('bed', 'bed-fixed', 340, LEFT, { lyingMm: 1800, widthMm: 900, platformMm: 340, mattressMm: 120, sleepers: 1, entry: 'side' }, { turn: 270, across: { from: 'left-wall', mm: 80 } }),
    inside('battery', 'battery', 'bed', [60, 60, 0], { ampHours: 300, heightMm: 220 }),
    at('ramp', 'desk', 5330, LEFT, { lengthMm: 1000, depthMm: 500, heightMm: 740 }, { across: { from: 'left-wall', mm: 80 } }),
    at('kitchen', 'galley', 2900, LEFT, { lengthMm: 1100, depthMm: 560, worktopMm: 780, hob: false }),
    at('plate', 'hob-loose', 3200, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
    at('cold', 'cold-box', 345, RIGHT, { heightMm: 820, lengthMm: 520 }, { across: { from: 'right-wall', mm: 80 } }),
    at('place', 'wheelchair-place', 5760, { from: 'centreline', mm: -280 }),
    at('tray', 'tray-rollin', 4215, RIGHT, {}, { across: { from: 'right-wall', mm: 40 } }),
    at('toilet', 'toilet-cassette', 4080, LEFT, { seatMm: 460 }, { across: { from: 'left-wall', mm: 80 } }),
    inside('water', 'water-tank', 'bed', [60, 420, 0], { lengthMm: 600, depthMm: 900, heightMm: 260 }),
    at('heater', 'heater-air', 1100, { from: 'centreline', mm: -500 }, {}, { up: { from: 'under-floor', mm: 20 } }),
  ],
  [cut('cassette', { kind: 'side-hatch', side: 'left', fromMm: 4100, toMm: 4510, sillMm: 40, headMm: 420, outsideOnly: true })],
)

/** Invented: a stone carver in a people carrier that goes back to its lender: a sofa that pulls out, no belts in it, not one hole. */
const carver = demoJob(
  'job-stone-carver',
  'Stone carver’s borrowed minivan',
  'minivan-glass-roof',
  brief({
    people: { 'person-a': person('carver', 1710) },
    nightsOffHookUp: 1,
    use: { cooking: 'never', toilet: 'none', washing: 'none', permanence: 'no-holes' },
  }),
  [
    at('sofa', 'sofa-extend', 120, LEFT, { lengthMm: 1780, seatDepthMm: 420, widthMm: 700, seatMm: 400, backMm: 300, sleepers: 1 }, { across: { from: 'left-wall', mm: 60 } }),
    inside('battery', 'battery', 'sofa', [1350, 20, 0], { ampHours: 60, lengthMm: 260, depthMm: 170, heightMm: 220 }),
    at('cold', 'cold-chest', 1930, RIGHT, { lengthMm: 400, depthMm: 330, heightMm: 300, slides: 'none' }, { across: { from: 'right-wall', mm: 60 } }),
    at('can', 'water-tank', 60, RIGHT, { lengthMm: 300, depthMm: 250, heightMm: 290 }, { across: { from: 'right-wall', mm: 80 } }),
  ],
  [
    { type: 'plan.transferable', variant, transferable: true },
    fixed('sofa', 'points', 4),
    fixed('cold', 'straps', 2),
    fixed('battery', 'straps', 2),
    fixed('can', 'straps', 2),
  ],
)

/** Invented: a comet watcher. Medium van, its roof raised, with a box, a fan and an awning on and by it. */
const comet = demoJob(
  'job-comet-watcher',
  'Comet watcher’s raised roof',
  'van-medium-low',
  brief({
    people: { 'person-a': person('watcher', 1790) },
    gear: { 'gear-telescope': { label: 'Telescope in its tube', sizeMm: [600, 240, 240], count: 1, massKg: 9 } },
    use: { cooking: 'sometimes', toilet: 'none', washing: 'none' },
  }),
  [
    at('lounge', 'lounge-bed', 110, LEFT, { lengthMm: 1900, depthMm: 900 }, { across: { from: 'left-wall', mm: 60 } }),
    inside('tank', 'water-tank', 'lounge', [40, 40, 0], { lengthMm: 380, depthMm: 600, heightMm: 250 }, 'inside'),
    inside('battery', 'battery', 'lounge', [40, 40, 0], { ampHours: 150, heightMm: 210 }, 'inside-2'),
    at('kitchen', 'galley', 2080, LEFT, { lengthMm: 950, depthMm: 480 }),
    at('gas', 'gas-locker', 1515, RIGHT, { lengthMm: 400, depthMm: 360 }),
    at('fan', 'fan-extract', 2100, MIDDLE),
    at('box', 'outside-box', 400, MIDDLE, { lengthMm: 1400, depthMm: 600 }),
  ],
  [
    cut('roof', { kind: 'raised-roof', fromMm: 100, toMm: 2900, widthMm: 1300, riseMm: 420, shape: 'curved' }),
    cut('fan', { kind: 'roof-hatch', fromMm: 2120, toMm: 2540, rightMm: -205, leftMm: 205 }),
  ],
)

/** Invented: a family of tightrope walkers. Truck with a way through: the infant sleeps over the cab. */
const rope = demoJob(
  'job-rope-walkers',
  'Rope walkers’ truck',
  'truck-box-through',
  brief({
    people: {
      'person-a': person('mother', 1680),
      'person-b': person('father', 1770),
      'person-c': person('baby', 720, { age: 'infant', years: 1 }),
    },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -2, heating: 'diesel' },
  }),
  [
    at('bed', 'bed-fixed', 40, MIDDLE, { lyingMm: 2000, widthMm: 1350, platformMm: 800, entry: 'side' }),
    inside('tank', 'water-tank', 'bed', [100, 300, 0], { lengthMm: 1100, depthMm: 600, heightMm: 400 }),
    inside('battery', 'battery', 'bed', [100, 950, 0], { ampHours: 200 }),
    at('cot', 'cot', 5210, MIDDLE, { lengthMm: 1240, depthMm: 610, platformMm: 100, mattressMm: 60, sideMm: 300 }, { ...up(1000), turn: 270 }),
    at('seats', 'bench-belted', 2620, LEFT, { places: 2, childSeats: 1 }, { ...along }),
    at('room', 'wet-room', 1550, LEFT, { lengthMm: 1050, depthMm: 820, heightMm: 1950 }),
    at('kitchen', 'galley', 1680, RIGHT, { lengthMm: 1350, depthMm: 560, hob: true }),
    after('cold', 'cold-box', 'kitchen', RIGHT, { heightMm: 1000, lengthMm: 520 }),
    at('bench', 'bench-side', 4060, LEFT, { lengthMm: 950, depthMm: 450 }, { turn: 270 }),
    at('table', 'table-drop', 3400, LEFT, { lengthMm: 640, depthMm: 850 }),
    at('fan', 'fan-extract', 1900, MIDDLE),
    at('window', 'hatch-roof', 700, MIDDLE),
    at('step', 'step', 4120, RIGHT, { dropMm: 350 }),
    at('heater', 'heater-air', 3000, MIDDLE, {}, { up: { from: 'under-floor', mm: 20 } }),
  ],
  [
    stance('day', 'cot', 'folded'),
    cut('fan', { kind: 'roof-hatch', fromMm: 1920, toMm: 2340, rightMm: -205, leftMm: 205 }),
    cut('window', { kind: 'roof-hatch', fromMm: 700, toMm: 1420, rightMm: -260, leftMm: 260 }),
  ],
)

/** Invented: a dyer in a long van. Her wet room is cut to the curved wall and the roof, with a partition beside it. */
const dyer = demoJob(
  'job-indigo-dyer',
  'Indigo dyer’s van',
  'van-extra-long-high',
  brief({
    people: { 'person-a': person('dyer', 1620) },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -5, heating: 'diesel' },
  }),
  [
    at('bed', 'bed-fixed', 95, MIDDLE, { lyingMm: 1690, widthMm: 1080, platformMm: 700, sleepers: 1, entry: 'side' }),
    inside('tank', 'water-tank', 'bed', [120, 360, 0], { lengthMm: 900, depthMm: 500, heightMm: 400 }),
    at('room', 'wet-room', 2080, LEFT, { lengthMm: 1000, depthMm: 700, heightMm: 1800 }),
    at('wall', 'partition', 3085, LEFT, { lengthMm: 700, heightMm: 1900 }, along),
    at('kitchen', 'galley', 3110, LEFT, { lengthMm: 1000, depthMm: 480 }),
    after('cold', 'cold-box', 'kitchen', LEFT, { heightMm: 1000, lengthMm: 460, depthMm: 460 }, { across: { from: 'left-wall', mm: 60 } }),
    at('bench', 'bench-side', 2080, RIGHT, { lengthMm: 640, depthMm: 400 }),
    at('table', 'table-pull', 2730, RIGHT, { lengthMm: 450, depthMm: 350, outMm: 250 }),
    inside('battery', 'battery', 'bench', [20, 20, 0], { ampHours: 200 }),
    at('rack', 'door-pocket', 3700, RIGHT, { lengthMm: 700, depthMm: 70, heightMm: 700 }, { door: 'door-side', ...up(600) }),
    at('stool', 'stool', 2790, { from: 'centreline', mm: -260 }),
    at('heater', 'heater-air', 2000, { from: 'centreline', mm: 450 }, {}, { up: { from: 'under-floor', mm: 20 } }),
  ],
  [
    { type: 'fitting.cut', variant, id: 'fit-room', cut: true },
    cut('cassette', { kind: 'side-hatch', side: 'left', fromMm: 2640, toMm: 3050, sillMm: 50, headMm: 400, outsideOnly: true }),
  ],
)

/** Invented: a farrier. Truck with lockers cut into both sides, reached from outside only. */
const farrier = demoJob(
  'job-farrier',
  'Farrier’s truck',
  'truck-box',
  brief({
    people: { 'person-a': person('farrier', 1820) },
    gear: { 'gear-anvil': { label: 'Anvil', sizeMm: [620, 260, 300], count: 1, massKg: 60, mayLie: false } },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -8, heating: 'diesel' },
  }),
  [
    at('store', 'garage', 60, MIDDLE, { lengthMm: 1000, depthMm: 2030, heightMm: 700, inside: false, side: true }),
    at('bed', 'bed-fixed', 40, MIDDLE, { lyingMm: 2040, widthMm: 1040, platformMm: 760, sleepers: 1, entry: 'side' }),
    at('room', 'wet-room', 1120, LEFT, { lengthMm: 1050, depthMm: 820, heightMm: 1950 }),
    at('kitchen', 'galley', 2190, LEFT, { lengthMm: 1250, depthMm: 560, worktopMm: 940 }),
    after('cold', 'cold-box', 'kitchen', LEFT, { heightMm: 1000, hinge: 'right' }),
    at('bench', 'bench-side', 1150, RIGHT, { lengthMm: 1400, depthMm: 480 }),
    inside('tank', 'water-tank', 'bench', [20, 20, 0], { lengthMm: 800, depthMm: 400, heightMm: 300 }),
    inside('battery', 'battery', 'bench', [860, 20, 0], { ampHours: 200 }),
    at('table', 'table-pull', 2570, RIGHT, { lengthMm: 560, depthMm: 400, outMm: 250 }),
    at('stool', 'stool', 2690, { from: 'centreline', mm: -190 }),
    at('window', 'hatch-roof', 1950, MIDDLE),
    at('heater', 'heater-air', 2400, MIDDLE, {}, { up: { from: 'under-floor', mm: 20 } }),
    at('step', 'step', 3340, RIGHT),
  ],
  [
    cut('left', { kind: 'side-hatch', side: 'left', fromMm: 110, toMm: 1010, sillMm: 40, headMm: 660, outsideOnly: true }),
    cut('right', { kind: 'side-hatch', side: 'right', fromMm: 110, toMm: 1010, sillMm: 40, headMm: 660, outsideOnly: true }),
    cut('window', { kind: 'roof-hatch', fromMm: 1950, toMm: 2670, rightMm: -260, leftMm: 260 }),
    cut('cassette', { kind: 'side-hatch', side: 'left', fromMm: 1740, toMm: 2150, sillMm: 50, headMm: 420, outsideOnly: true }),
  ],
)

/** Invented builds that need furniture to be hollow, the cab to be a place and the body to be changed. */
export const HOLLOW_BUILDS: readonly Job[] = [grinders, ringer, mapMaker, carver, comet, rope, dyer, farrier]
