import type { Brief } from '../../src/lib/core/brief'
import type { ParameterValue, Seat } from '../../src/lib/core/fittings'
import type { Command, FixingWay, Job } from '../../src/lib/core/job'
import { demoJob, type Furniture } from '../../src/lib/demo/build'

type Size = Record<string, ParameterValue>
const variant = 'variant-a'
const LEFT = { from: 'left-wall', mm: 0 } as const
const RIGHT = { from: 'right-wall', mm: 0 } as const
const MIDDLE = { from: 'centreline', mm: 0 } as const

const at = (
  id: string,
  kind: string,
  x: number,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'rear', mm: x }, across, ...more },
})
/** Right after another one, on the same wall. */
const after = (
  id: string,
  kind: string,
  before: string,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'after', fitting: `fit-${before}`, mm: 0 }, across, ...more },
})
const fromFront = (
  id: string,
  kind: string,
  mm: number,
  across: Seat['across'],
  parameters: Size = {},
  more: Partial<Seat> = {},
): Furniture => ({
  id: `fit-${id}`,
  kind,
  parameters,
  seat: { along: { from: 'bulkhead', mm }, across, ...more },
})
const up = (mm: number): Partial<Seat> => ({ up: { from: 'floor', mm } })
const along: Partial<Seat> = { turn: 90 }
const brief = (more: Partial<Brief>): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  derives: true,
  notes: '',
  demands: {},
  ...more,
})
const person = (label: string, statureMm: number, more: Record<string, unknown> = {}) => ({
  label,
  statureMm,
  sleeps: true,
  travels: true,
  ...more,
})
const stance = (mode: string, fitting: string, to: string): Command => ({
  type: 'mode.stance',
  variant,
  mode: `mode-${mode}`,
  fitting: `fit-${fitting}`,
  stance: to,
})
const fixed = (fitting: string, how: FixingWay, points: number): Command => ({
  type: 'fitting.fixing',
  variant,
  id: `fit-${fitting}`,
  fixing: { how, points },
})
const cut = (id: string, change: Record<string, unknown>): Command => ({
  type: 'change.put',
  variant,
  id: `change-${id}`,
  change: change as never,
})
const turned = (seat: string): Command => ({ type: 'mode.turned', variant, mode: 'mode-day', seat, turned: true })

/** Invented: two who count cranes, with their bicycles under a lift bed. Panel van, lift-bed school. */
const craneCounters = demoJob(
  'job-crane-counters',
  'Crane counters’ van',
  'van-extra-long-high',
  brief({
    people: { 'person-a': person('counter', 1780), 'person-b': person('writer', 1680) },
    gear: { 'gear-bicycle': { label: 'Bicycles, wheels off', sizeMm: [1250, 500, 700], count: 2 } },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -5, heating: 'diesel' },
    notes: 'From dike to dike in spring and autumn. The bicycles must come out in the rain without unpacking.',
  }),
  [
    at(
      'bed',
      'bed-lift',
      40,
      MIDDLE,
      { lengthMm: 1880, widthMm: 1220, nightMm: 900, dayMm: 1420, railTopMm: 1620, entry: 'foot' },
      along,
    ),
    at(
      'rack',
      'gear-rack',
      40,
      LEFT,
      { lengthMm: 1100, depthMm: 620, heightMm: 760 },
      { across: { from: 'left-wall', mm: 60 } },
    ),
    at(
      'tank',
      'water-tank',
      40,
      RIGHT,
      { lengthMm: 1000, depthMm: 420, heightMm: 330 },
      { across: { from: 'right-wall', mm: 60 } },
    ),
    at('battery', 'battery', 60, RIGHT, { ampHours: 200 }, { ...up(340), across: { from: 'right-wall', mm: 80 } }),
    at('basin', 'galley-basin', 2080, LEFT, { depthMm: 460 }),
    after('hob', 'galley-hob', 'basin', LEFT, { depthMm: 460, fuel: 'diesel' }),
    after('drawers', 'galley-drawers', 'hob', LEFT, { depthMm: 460, latch: 'positive' }),
    after(
      'cold',
      'cold-box',
      'drawers',
      LEFT,
      { depthMm: 470, lengthMm: 480, hinge: 'right' },
      { across: { from: 'left-wall', mm: 40 } },
    ),
    at('lockers', 'locker', 2080, LEFT, { lengthMm: 1400, depthMm: 300, opens: 'sliding' }),
    at(
      'toilet',
      'toilet-cassette',
      2100,
      RIGHT,
      { lengthMm: 460, depthMm: 580 },
      { across: { from: 'right-wall', mm: 40 } },
    ),
    at('tub', 'wash-tub', 2600, RIGHT, { lengthMm: 700, depthMm: 580 }, { across: { from: 'right-wall', mm: 40 } }),
    fromFront(
      'table',
      'table-drop',
      40,
      LEFT,
      { lengthMm: 560, depthMm: 620 },
      { across: { from: 'left-wall', mm: 40 } },
    ),
    at('heater', 'heater-air', 1500, MIDDLE, {}),
    at('fan', 'fan-extract', 2300, MIDDLE),
  ],
  [
    cut('cassette', { kind: 'side-hatch', side: 'right', fromMm: 2130, toMm: 2530, sillMm: 50, headMm: 400 }),
    cut('fan', { kind: 'roof-hatch', fromMm: 2320, toMm: 2740, rightMm: -205, leftMm: 205 }),
    turned('cab-passenger'),
    turned('cab-driver'),
  ],
)

/** Invented: a seamstress whose fit-out goes into her next vehicle. Panel van, no holes. */
const seamstress = demoJob(
  'job-seamstress',
  'Seamstress’ no-holes van',
  'van-medium-high',
  brief({
    people: { 'person-a': person('seamstress', 1640, { work: { hours: 5, screens: 0 } }) },
    gear: { 'gear-machine': { label: 'Sewing machine in its case', sizeMm: [520, 320, 260], count: 1, massKg: 14 } },
    use: {
      cooking: 'sometimes',
      cookingOn: 'induction',
      toilet: 'portable',
      washing: 'outside',
      permanence: 'no-holes',
    },
    notes: 'Weekdays it delivers curtains. Out in half an hour.',
  }),
  [
    at('bed', 'bed-panels', 40, MIDDLE, { lengthMm: 1740, widthMm: 1200, platformMm: 520, sleepers: 1 }),
    at('crates', 'crate-slots', 60, LEFT, { across: 2, high: 1, crate: '400x300x220' }),
    at('kitchen', 'galley-doors', 1300, LEFT, { lengthMm: 600, depthMm: 450 }),
    after('cold', 'cold-chest', 'kitchen', LEFT, { depthMm: 400 }),
    at('plate', 'hob-loose', 1420, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
    at('desk', 'desk', 1330, RIGHT, { lengthMm: 900, depthMm: 500 }),
    at('toilet', 'toilet-portable', 2560, LEFT),
    at('can', 'water-tank', 560, RIGHT, { lengthMm: 400, depthMm: 250, heightMm: 380 }),
  ],
  [
    { type: 'plan.transferable', variant, transferable: true },
    ...(['bed', 'kitchen', 'desk'] as const).map((id) => fixed(id, 'points', 4)),
    ...(['crates', 'cold', 'toilet', 'can'] as const).map((id) => fixed(id, 'straps', 2)),
    fixed('plate', 'standing', 0),
  ],
)

/** Invented: an orchard keeper who cooks outside. Compact van, slide-out half and outdoor galley. */
const orchard = demoJob(
  'job-orchard',
  'Orchard keeper’s compact',
  'van-compact',
  brief({
    people: { 'person-a': person('keeper', 1690) },
    pets: { 'pet-a': { label: 'terrier', lengthMm: 450, heightMm: 320, rides: 'crate', sleeps: 'floor' } },
    use: { cooking: 'sometimes', cookingOn: 'outside', toilet: 'none', washing: 'none' },
  }),
  [
    at(
      'bed',
      'bed-slide',
      20,
      LEFT,
      { lengthMm: 1820, seatDepthMm: 520, widthMm: 780, platformMm: 330, backMm: 300, sleepers: 1 },
      { across: { from: 'left-wall', mm: 170 } },
    ),
    at(
      'galley',
      'galley-outdoor',
      10,
      { from: 'centreline', mm: -400 },
      { lengthMm: 440, depthMm: 800, heightMm: 450, outMm: 600 },
    ),
    at(
      'dog',
      'dog-crate',
      1060,
      RIGHT,
      { lengthMm: 600, depthMm: 400, heightMm: 450 },
      { across: { from: 'right-wall', mm: 20 } },
    ),
    at('shower', 'shower-rear', 0, MIDDLE, { heightMm: 1050 }),
  ],
  [
    { type: 'mode.add', variant, id: 'mode-cook', name: 'Cook outside', purpose: 'living', from: 'mode-day' },
    stance('cook', 'galley', 'slid-out'),
  ],
)

/** Invented: a violin teacher with a child, in a people carrier that carries people on weekdays. Minivan, folding seat-bed. */
const violin = demoJob(
  'job-violin',
  'Violin teacher’s minivan',
  'minivan-glass-roof',
  brief({
    people: {
      'person-a': person('teacher', 1660),
      'person-b': person('child', 1150, { age: 'child', years: 6 }),
    },
    gear: { 'gear-violin': { label: 'Violin case', sizeMm: [820, 260, 130], count: 1 } },
    use: { shared: 'daily', cooking: 'never', toilet: 'none', washing: 'none' },
  }),
  [
    at('seat', 'seat-bed', 1450, MIDDLE, { places: 3, widthMm: 1180, bedMm: 1800 }),
    at(
      'bunk',
      'bunk-hammock',
      250,
      LEFT,
      { lengthMm: 1250, widthMm: 480 },
      { ...up(640), across: { from: 'left-wall', mm: 40 } },
    ),
    at(
      'cold',
      'cold-chest',
      20,
      RIGHT,
      { lengthMm: 400, depthMm: 350, heightMm: 330, slides: 'none' },
      { across: { from: 'right-wall', mm: 30 } },
    ),
    at(
      'drawers',
      'drawer-unit',
      20,
      LEFT,
      { lengthMm: 330, depthMm: 400, heightMm: 330 },
      { across: { from: 'left-wall', mm: 30 } },
    ),
  ],
)

/** Invented: a family of six on the road for a year. Minibus, bunks and lounge. */
const family = demoJob(
  'job-lighthouses',
  'Lighthouse family’s minibus',
  'minibus-16',
  brief({
    people: {
      'person-a': person('mother', 1720),
      'person-b': person('father', 1790),
      'person-c': person('girl', 1300, { age: 'child', years: 9 }),
      'person-d': person('boy', 1180, { age: 'child', years: 6 }),
      'person-e': person('baby', 740, { age: 'infant', years: 1 }),
    },
    use: { cooking: 'daily', toilet: 'dry', washing: 'outside', coldestC: 2, heating: 'diesel' },
    notes: 'Thirty lighthouses in one summer. Everyone eats at one table when it rains.',
  }),
  [
    at(
      'lounge',
      'lounge-bed',
      40,
      LEFT,
      { lengthMm: 1980, depthMm: 1200, cushionMm: 100 },
      { ...along, across: { from: 'centreline', mm: 400 } },
    ),
    at(
      'bunks',
      'bunks',
      40,
      RIGHT,
      { lengthMm: 1850, widthMm: 660, levels: 2, lowestMm: 560, pitchMm: 700 },
      { across: { from: 'right-wall', mm: 30 } },
    ),
    at('seats', 'bench-belted', 1960, { from: 'centreline', mm: 420 }, { places: 3, childSeats: 1 }),
    at('basin', 'galley-basin', 1960, RIGHT, { depthMm: 450 }),
    after('hob', 'galley-hob', 'basin', RIGHT, { depthMm: 450, fuel: 'gas' }),
    fromFront(
      'cold',
      'cold-box',
      30,
      LEFT,
      { lengthMm: 500, depthMm: 500, hinge: 'left' },
      { across: { from: 'left-wall', mm: 45 } },
    ),
    fromFront('toilet', 'toilet-dry', 540, LEFT, {}, { across: { from: 'left-wall', mm: 45 } }),
    fromFront('wardrobe', 'wardrobe', 970, LEFT, { lengthMm: 400, depthMm: 420, heightMm: 1500 }),
    at('cot', 'cot', 1960, LEFT, { lengthMm: 900, depthMm: 560, platformMm: 900, sideMm: 400 }),
    at('heater', 'heater-air', 2920, RIGHT, {}, { across: { from: 'right-wall', mm: 45 } }),
    at('water', 'tank-under', 1900, MIDDLE, { lengthMm: 1400, depthMm: 600 }),
    at('waste', 'tank-waste', 3400, MIDDLE),
  ],
)

/** Invented: two who bind books and live in it. Bus of nine metres, U-lounge and a fixed bed along. */
const binders = demoJob(
  'job-bookbinders',
  'Bookbinders’ bus',
  'bus-9m',
  brief({
    people: {
      'person-a': person('binder', 1750, { work: { hours: 6, screens: 1 } }),
      'person-b': person('gilder', 1690),
    },
    gear: { 'gear-press': { label: 'Nipping press', sizeMm: [480, 380, 420], count: 1, massKg: 38, mayLie: false } },
    use: {
      nightsPerYear: 300,
      cooking: 'daily',
      toilet: 'separating',
      washing: 'inside',
      coldestC: -12,
      heating: 'diesel',
      energy: 'solar',
    },
    nightsOffHookUp: 6,
  }),
  [
    at('bed', 'bed-fixed', 40, LEFT, { lengthMm: 1920, widthMm: 1350, platformMm: 640, entry: 'side' }, { ...along }),
    at('wardrobe', 'wardrobe', 60, RIGHT, { lengthMm: 600, depthMm: 520, heightMm: 1500, dress: false }),
    at('shower', 'wet-cubicle', 700, RIGHT, { lengthMm: 760, depthMm: 700, heightMm: 1750 }),
    after('toilet', 'toilet-separating', 'shower', RIGHT),
    at('basin', 'galley-basin', 2100, LEFT),
    after('bin', 'galley-bin', 'basin', LEFT),
    after('doors', 'galley-doors', 'bin', LEFT),
    after('hob', 'galley-hob', 'doors', LEFT, { fuel: 'gas' }),
    after('drawers', 'galley-drawers', 'hob', LEFT),
    after('cold', 'cold-box', 'drawers', LEFT, { lengthMm: 560, hinge: 'right' }),
    at('oven', 'oven', 2300, RIGHT, { fuel: 'gas' }, up(450)),
    at('gas', 'gas-locker', 2820, RIGHT),
    at('lockers', 'locker', 2100, LEFT, { lengthMm: 2200 }),
    fromFront('lounge', 'lounge-u', 900, { from: 'centreline', mm: 60 }, { lengthMm: 1850, depthMm: 1300 }),
    at('desk', 'desk', 3300, RIGHT, { lengthMm: 1100, depthMm: 520 }),
    at('heater', 'heater-combi', 1500, LEFT, {}, up(0)),
    at('battery', 'battery', 1300, LEFT, { ampHours: 400, lengthMm: 700 }, up(310)),
    at('water', 'tank-pair', 2460, MIDDLE, { apartMm: 1560, tankMm: 200, heightMm: 300, lengthMm: 250 }),
    at('fan', 'fan-extract', 3200, MIDDLE),
    at('rail', 'grab-rail', 1500, RIGHT, {}, up(900)),
  ],
  [cut('fan', { kind: 'roof-hatch', fromMm: 3220, toMm: 3640, rightMm: -205, leftMm: 205 })],
)

/** Invented: a piano tuner who rolls, and his brother. Bus of twelve metres, lift and roll-in shower. */
const tuner = demoJob(
  'job-piano-tuner',
  'Piano tuner’s long bus',
  'bus-12m',
  brief({
    people: {
      'person-a': person('tuner', 1720, { mobility: 'wheelchair', bedside: true }),
      'person-b': person('brother', 1800),
    },
    use: { cooking: 'sometimes', cookingOn: 'induction', toilet: 'cassette', washing: 'inside', heating: 'diesel' },
  }),
  [
    at('lift', 'lift', 10, MIDDLE, { lengthMm: 840 }),
    at('place', 'wheelchair-place', 8300, { from: 'centreline', mm: 500 }),
    at(
      'bed',
      'bed-fixed',
      1000,
      LEFT,
      { lengthMm: 1950, widthMm: 900, platformMm: 340, mattressMm: 120, sleepers: 1, entry: 'side' },
      { ...along },
    ),
    at('bedside', 'bedside-shelf', 1000, LEFT, {}, { ...up(650), across: { from: 'left-wall', mm: 0 } }),
    at('brother', 'bed-wall', 3700, LEFT, { lengthMm: 1950, widthMm: 800 }),
    at('tray', 'tray-rollin', 3700, RIGHT, { lengthMm: 1525, depthMm: 800 }),
    at('toilet', 'toilet-cassette', 5300, RIGHT, { seatMm: 460 }),
    at('rail', 'grab-rail', 5250, RIGHT, { way: 'level' }, up(860)),
    at('kitchen', 'galley', 5800, LEFT, { lengthMm: 1600, depthMm: 560, worktopMm: 820, hob: false }),
    at('plate', 'hob-loose', 6800, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
    at('cold', 'cold-box', 7450, LEFT, { heightMm: 900 }),
    at('table', 'table-rail', 6100, RIGHT, { railMm: 1400, depthMm: 700, heightMm: 740 }),
    at('seat', 'seat-drop', 7700, RIGHT),
    at('wardrobe', 'wardrobe', 1100, RIGHT, { lengthMm: 900, depthMm: 500, heightMm: 1400 }),
    at('heater', 'heater-air', 8300, RIGHT),
    at('water', 'water-tank', 3050, LEFT, { lengthMm: 500, depthMm: 380 }),
  ],
  [
    cut('cassette', { kind: 'side-hatch', side: 'right', fromMm: 5320, toMm: 5730, sillMm: 40, headMm: 420 }),
    stance('night', 'place', 'free'),
  ],
)

/** Invented: a puppeteer’s stage and home. Box truck, everything folds to a wall. */
const puppeteer = demoJob(
  'job-puppeteer',
  'Puppeteer’s box truck',
  'truck-box',
  brief({
    people: { 'person-a': person('puppeteer', 1830) },
    pets: { 'pet-a': { label: 'poodle', lengthMm: 620, heightMm: 480, rides: 'crate' } },
    gear: { 'gear-stage': { label: 'Stage frame', sizeMm: [1900, 300, 200], count: 1, massKg: 24 } },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -3, heating: 'gas' },
  }),
  [
    at('room', 'wet-room', 40, LEFT, { lengthMm: 1150, depthMm: 850, heightMm: 1950 }),
    at('rack', 'gear-rack', 40, RIGHT, { lengthMm: 2050, depthMm: 340, heightMm: 450, holds: 'poles' }),
    at('gas', 'gas-locker', 2120, RIGHT),
    at('kitchen', 'galley', 1250, LEFT, { lengthMm: 1250, depthMm: 560, worktopMm: 960 }),
    after('cold', 'cold-box', 'kitchen', LEFT, { hinge: 'right' }),
    at('bed', 'bed-wall', 40, RIGHT, { lengthMm: 1980, widthMm: 800, platformMm: 620 }),
    fromFront('sofa', 'sofa-extend', 20, LEFT, { lengthMm: 1100, seatDepthMm: 560, widthMm: 700 }),
    fromFront(
      'table',
      'table-pull',
      1050,
      RIGHT,
      { lengthMm: 500, depthMm: 400, outMm: 350 },
      { across: { from: 'right-wall', mm: 0 } },
    ),
    at('dog', 'dog-crate', 2560, RIGHT, { lengthMm: 640, depthMm: 480, heightMm: 560 }),
    at(
      'heater',
      'heater-combi',
      1260,
      LEFT,
      {},
      { across: { from: 'left-wall', mm: 0 }, up: { from: 'floor', mm: 2100 } },
    ),
    at('water', 'tank-under', 1300, MIDDLE),
    at('window', 'hatch-roof', 1900, MIDDLE),
    at('awning', 'awning', 700, { from: 'left-wall', mm: -140 }),
    at('step', 'step', 3340, RIGHT),
  ],
  [cut('window', { kind: 'roof-hatch', fromMm: 1920, toMm: 2640, rightMm: -260, leftMm: 260 })],
)

/** Invented: a beekeeper couple with hives in the back. Box truck with a way through, berth over the cab and a garage. */
const beekeepers = demoJob(
  'job-beekeepers',
  'Beekeepers’ truck',
  'truck-box-through',
  brief({
    people: { 'person-a': person('beekeeper', 1760), 'person-b': person('honey maker', 1650) },
    gear: { 'gear-hive': { label: 'Hive boxes', sizeMm: [520, 480, 300], count: 4, massKg: 9, mayLie: false } },
    use: { cooking: 'daily', toilet: 'separating', washing: 'outside', coldestC: 0, heating: 'diesel' },
  }),
  [
    at('garage', 'garage', 20, MIDDLE, { lengthMm: 1350, depthMm: 2080, heightMm: 800, inside: true }),
    at('bed', 'bed-fixed', 20, MIDDLE, { lengthMm: 2060, widthMm: 1350, platformMm: 860, entry: 'side' }),
    at('chest', 'through-cupboard', 1400, RIGHT, { lengthMm: 700, depthMm: 500, heightMm: 900 }),
    at('kitchen', 'galley', 1400, LEFT, { lengthMm: 1500, depthMm: 560 }),
    after('cold', 'cold-box', 'kitchen', LEFT),
    at('lockers', 'locker', 1400, LEFT, { lengthMm: 1500, opens: 'sliding' }),
    at('toilet', 'toilet-separating', 2160, RIGHT),
    at('wardrobe', 'wardrobe', 2700, RIGHT, { lengthMm: 550, depthMm: 480, heightMm: 1600 }),
    fromFront('bench', 'bench-side', 30, LEFT, { lengthMm: 1500, depthMm: 480 }),
    fromFront('arm', 'table-arm', 500, LEFT, { lengthMm: 760, depthMm: 460, armMm: 520 }),
    at('heater', 'heater-air', 3280, RIGHT),
    at('water', 'water-tank', 2150, RIGHT, { lengthMm: 500, depthMm: 330, heightMm: 300 }, up(500)),
    at('roof', 'outside-box', 2600, MIDDLE),
    at('flap', 'worktop-flap', 3300, RIGHT, { lengthMm: 600 }),
  ],
)

/** The invented builds of `examples/`, one for each body type and school. */
export const BUILDS: readonly Job[] = [
  craneCounters,
  seamstress,
  orchard,
  violin,
  family,
  binders,
  tuner,
  puppeteer,
  beekeepers,
]
