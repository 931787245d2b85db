import type { Job } from '../../src/lib/core/job'
import { demoJob } from '../../src/lib/demo/build'
import { HOLLOW_BUILDS } from './hollow-builds'
import { SMALL_BUILDS } from './small-builds'
import { after, along, at, brief, cut, fixed, fromFront, inside, LEFT, MIDDLE, person, RIGHT, stance, up, variant } from './kit'

/** Invented: two who count cranes, with their bicycles under a lift bed. Panel van, lift-bed school. */
const craneCounters = demoJob(
  'job-crane-counters',
  'Crane counters’ van',
  'van-extra-long-high',
  brief({
    people: { 'person-a': person('counter', 1780), 'person-b': person('writer', 1680) },
    gear: { 'gear-bicycle': { label: 'Bicycles, wheels off', sizeMm: [1250, 260, 700], count: 2 } },
    use: { cooking: 'daily', toilet: 'cassette', washing: 'inside', coldestC: -5, heating: 'diesel' },
    notes: 'From dike to dike in spring and autumn. The bicycles must come out in the rain without unpacking.',
  }),
  [
    at('bed', 'bed-lift', 100, MIDDLE, { lyingMm: 1840, widthMm: 1220, nightMm: 900, dayMm: 1420, railTopMm: 1620, entry: 'foot' }, along),
    at('rack', 'gear-rack', 60, LEFT, { lengthMm: 1340, depthMm: 560, heightMm: 760, reached: 'outside' }, { across: { from: 'left-wall', mm: 215 } }),
    at('tank', 'water-tank', 100, RIGHT, { lengthMm: 1000, depthMm: 420, heightMm: 330 }, { across: { from: 'right-wall', mm: 75 } }),
    at('basin', 'galley-basin', 1960, LEFT, { lengthMm: 450, depthMm: 460 }),
    after('hob', 'galley-hob', 'basin', LEFT, { lengthMm: 420, depthMm: 460, fuel: 'diesel' }),
    after('cold', 'cold-box', 'hob', LEFT, { heightMm: 1000, depthMm: 470, lengthMm: 480, hinge: 'right' }, { across: { from: 'left-wall', mm: 40 } }),
    at('lockers', 'locker', 1960, LEFT, { lengthMm: 1340, depthMm: 300, opens: 'sliding' }),
    at('bench-rear', 'bench-side', 3340, LEFT, { lengthMm: 620, depthMm: 440 }, { ...along, across: { from: 'left-wall', mm: 60 } }),
    at('table', 'table-drop', 3800, LEFT, { lengthMm: 430, depthMm: 640 }, { across: { from: 'left-wall', mm: 60 } }),
    at('bench-front', 'bench-side', 4240, LEFT, { lengthMm: 620, depthMm: 430 }, { turn: 270, across: { from: 'left-wall', mm: 90 } }),
    inside('battery', 'battery', 'bench-rear', [20, 20, 0], { ampHours: 200, heightMm: 220 }),
    inside('heater', 'heater-air', 'bench-front', [60, 60, 0]),
    at('toilet', 'toilet-cassette', 2080, RIGHT, { lengthMm: 460, depthMm: 480 }, { across: { from: 'right-wall', mm: 40 } }),
    at('tub', 'wash-tub', 2560, RIGHT, { lengthMm: 700, depthMm: 520 }, { across: { from: 'right-wall', mm: 40 } }),
    at('fan', 'fan-extract', 2300, MIDDLE),
  ],
  [
    cut('cassette', { kind: 'side-hatch', side: 'right', fromMm: 2110, toMm: 2510, sillMm: 50, headMm: 400 }),
    cut('fan', { kind: 'roof-hatch', fromMm: 2320, toMm: 2740, rightMm: -205, leftMm: 205 }),
  ],
)

/** Invented: a seamstress whose fit-out goes into her next vehicle. Panel van, no holes. */
const seamstress = demoJob(
  'job-seamstress',
  'Seamstress’ no-holes van',
  'van-medium-high',
  brief({
    people: { 'person-a': person('seamstress', 1620, { work: { hours: 5, screens: 0 } }) },
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
    at('bed', 'bed-panels', 100, MIDDLE, { lyingMm: 1680, widthMm: 1100, platformMm: 500, sleepers: 1 }),
    at('crates', 'crate-slots', 100, LEFT, { across: 2, high: 1, crate: '400x300x220' }, { across: { from: 'left-wall', mm: 205 } }),
    at('kitchen', 'galley-doors', 1430, LEFT, { lengthMm: 600, depthMm: 450 }),
    after('cold', 'cold-chest', 'kitchen', LEFT, { lengthMm: 420, depthMm: 400, slides: 'none', heightMm: 400 }, { across: { from: 'left-wall', mm: 40 } }),
    at('plate', 'hob-loose', 1570, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
    at('desk', 'desk', 1540, RIGHT, { lengthMm: 600, depthMm: 450 }, { across: { from: 'right-wall', mm: 40 } }),
    at('toilet', 'toilet-portable', 2460, LEFT, {}, { across: { from: 'left-wall', mm: 60 } }),
    inside('can', 'water-tank', 'kitchen', [290, 30, 0], { lengthMm: 270, depthMm: 340, heightMm: 420 }),
    at('stool', 'stool', 2300, { from: 'centreline', mm: -300 }),
  ],
  [
    { type: 'plan.transferable', variant, transferable: true },
    ...(['bed', 'kitchen', 'desk'] as const).map((id) => fixed(id, 'points', 4)),
    ...(['crates', 'cold', 'toilet', 'can'] as const).map((id) => fixed(id, 'straps', 2)),
    fixed('plate', 'standing', 0),
    fixed('stool', 'standing', 0),
  ],
)

/** Invented: an orchard keeper who cooks outside. Compact van, slide-out half and outdoor galley. */
const orchard = demoJob(
  'job-orchard',
  'Orchard keeper’s compact',
  'van-compact',
  brief({
    people: { 'person-a': person('keeper', 1690) },
    nightsOffHookUp: 1,
    use: { cooking: 'sometimes', cookingOn: 'outside', toilet: 'none', washing: 'none' },
    adjust: { 'need-table-all': { waived: 'eats on the ladder, under the trees' } },
  }),
  [
    at('bed', 'bed-slide', 120, LEFT, { lengthMm: 1750, seatDepthMm: 480, widthMm: 740, platformMm: 330, backMm: 300, sleepers: 1 }, { across: { from: 'left-wall', mm: 50 } }),
    at('galley', 'galley-outdoor', 10, { from: 'centreline', mm: -400 }, { lengthMm: 430, depthMm: 620, heightMm: 450, outMm: 560 }),
    inside('can', 'water-tank', 'bed', [700, 40, 0], { lengthMm: 380, depthMm: 360, heightMm: 240 }),
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
    nightsOffHookUp: 1,
    use: { shared: 'daily', cooking: 'never', toilet: 'none', washing: 'none' },
  }),
  [
    at('seat', 'seat-bed', 1400, { from: 'centreline', mm: 95 }, { places: 2, widthMm: 770, seatDepthMm: 500, seatMm: 420, cushionMm: 70, bedMm: 1720, sofaDeg: 100, head: 'front' }),
    at('bunk', 'bunk-hammock', 10, MIDDLE, { lengthMm: 1210, widthMm: 650 }, { ...up(640), turn: 270 }),
    at('drawer', 'drawer-unit', 10, { from: 'centreline', mm: -460 }, { lengthMm: 310, depthMm: 880, heightMm: 270, drawers: 1 }, { turn: 270 }),
    at('cold', 'cold-chest', 10, { from: 'centreline', mm: 332 }, { lengthMm: 400, depthMm: 330, heightMm: 300, slides: 'none' }, { turn: 270 }),
    at('can', 'water-tank', 400, { from: 'centreline', mm: 340 }, { lengthMm: 500, depthMm: 300, heightMm: 260 }),
  ],
)

/** Invented: a couple with a baby, from lighthouse to lighthouse. Minibus, fixed bed across, a cot over the table. */
const family = demoJob(
  'job-lighthouses',
  'Lighthouse family’s minibus',
  'minibus-16',
  brief({
    people: {
      'person-a': person('mother', 1720),
      'person-b': person('father', 1765),
      'person-c': person('baby', 740, { age: 'infant', years: 1 }),
    },
    use: { cooking: 'daily', toilet: 'dry', washing: 'outside', coldestC: 2, heating: 'diesel' },
    notes: 'Thirty lighthouses in one summer. Everyone eats at one table when it rains.',
  }),
  [
    at('bed', 'bed-fixed', 40, MIDDLE, { lyingMm: 1860, widthMm: 1260, platformMm: 690, entry: 'side' }),
    at('chest', 'lid-chest', 1340, LEFT, { lengthMm: 540, depthMm: 450, heightMm: 700 }),
    at('seats', 'bench-belted', 1920, LEFT, { places: 2, childSeats: 1 }, { ...along, across: { from: 'left-wall', mm: 90 } }),
    at('table', 'table-drop', 2700, LEFT, { lengthMm: 600, depthMm: 800 }, { across: { from: 'left-wall', mm: 60 } }),
    at('bench', 'bench-side', 3300, LEFT, { lengthMm: 1050, depthMm: 450 }, { turn: 270, across: { from: 'left-wall', mm: 60 } }),
    at('cold', 'cold-box', 3770, LEFT, { heightMm: 1000, lengthMm: 500, depthMm: 480, hinge: 'left' }, { across: { from: 'left-wall', mm: 60 } }),
    inside('heater', 'heater-air', 'bench', [500, 60, 0]),
    at('toilet', 'toilet-dry', 1850, RIGHT, {}, { across: { from: 'right-wall', mm: 60 } }),
    at('basin', 'galley-basin', 2380, RIGHT, { lengthMm: 450, depthMm: 430 }),
    after('hob', 'galley-hob', 'basin', RIGHT, { lengthMm: 450, depthMm: 430, fuel: 'diesel' }),
    at('cot', 'cot', 2400, LEFT, { lengthMm: 1240, depthMm: 560, platformMm: 100, sideMm: 400 }, { ...up(950), across: { from: 'left-wall', mm: 60 } }),
    at('water', 'tank-under', 1900, MIDDLE, { lengthMm: 1400, depthMm: 700 }),
    at('waste', 'tank-waste', 3400, MIDDLE),
  ],
  [stance('day', 'cot', 'folded')],
)

/** Invented: two who bind books and live in it. Bus of nine metres, a bed on either side of the aisle. */
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
    at('bed-left', 'bed-fixed', 340, LEFT, { lyingMm: 1880, widthMm: 660, platformMm: 640, sleepers: 1 }, { turn: 270, across: { from: 'left-wall', mm: 80 } }),
    at('bed-right', 'bed-fixed', 340, RIGHT, { lyingMm: 1880, widthMm: 660, platformMm: 640, sleepers: 1 }, { turn: 270, across: { from: 'right-wall', mm: 80 } }),
    inside('water', 'water-tank', 'bed-left', [80, 20, 0], { lengthMm: 1380, depthMm: 560, heightMm: 400 }, 'inside', 90),
    inside('heater', 'heater-combi', 'bed-right', [40, 1330, 0], {}, 'inside', 90),
    inside('battery', 'battery', 'bed-right', [40, 600, 0], { ampHours: 400, lengthMm: 500 }),
    at('chest', 'lid-chest', 2240, LEFT, { lengthMm: 520, depthMm: 500, heightMm: 450 }),
    at('basin', 'galley-basin', 2790, LEFT),
    after('hob', 'galley-hob', 'basin', LEFT, { fuel: 'diesel' }),
    after('bin', 'galley-bin', 'hob', LEFT, { lengthMm: 200, bins: 1 }),
    at('lockers', 'locker', 2790, LEFT, { lengthMm: 1150, opens: 'sliding' }),
    at('desk', 'desk', 4040, LEFT, { lengthMm: 1100, depthMm: 520 }, { across: { from: 'left-wall', mm: 80 } }),
    at('cold', 'cold-box', 5290, LEFT, { heightMm: 1000, lengthMm: 560, hinge: 'right' }, { across: { from: 'left-wall', mm: 80 } }),
    after('wardrobe', 'wardrobe', 'cold', LEFT, { lengthMm: 560, depthMm: 560, heightMm: 1500 }),
    at('seat', 'bench-belted', 6440, LEFT, { places: 1 }, { ...along, across: { from: 'left-wall', mm: 80 } }),
    at('toilet', 'toilet-separating', 2260, RIGHT, {}, { across: { from: 'right-wall', mm: 360 } }),
    at('bench-rear', 'bench-side', 4230, RIGHT, { lengthMm: 700, depthMm: 460 }, { turn: 270, across: { from: 'right-wall', mm: 80 } }),
    at('table', 'table-drop', 4700, RIGHT, { lengthMm: 420, depthMm: 700 }, { across: { from: 'right-wall', mm: 80 } }),
    at('bench-front', 'bench-side', 5130, RIGHT, { lengthMm: 700, depthMm: 450 }, { turn: 90, across: { from: 'right-wall', mm: 100 } }),
    at('shower', 'wet-cubicle', 5650, RIGHT, { lengthMm: 760, depthMm: 720, heightMm: 1830 }, { across: { from: 'right-wall', mm: 80 } }),
    at('fan', 'fan-extract', 3200, MIDDLE),
  ],
  [
    cut('fan', { kind: 'roof-hatch', fromMm: 3220, toMm: 3640, rightMm: -205, leftMm: 205 }),
  ],
)

/** Invented: a piano tuner who rolls, and his brother. Bus of twelve metres, wheelchair place and roll-in shower. */
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
    at('bed', 'bed-fixed', 340, LEFT, { lyingMm: 1800, widthMm: 900, platformMm: 340, mattressMm: 120, sleepers: 1, entry: 'side' }, { turn: 270, across: { from: 'left-wall', mm: 80 } }),
    at('bedside', 'bedside-shelf', 1000, LEFT, {}, up(650)),
    at('wardrobe', 'wardrobe', 340, RIGHT, { lengthMm: 900, depthMm: 440, heightMm: 1400 }),
    at('brother', 'bed-wall', 3700, LEFT, { lengthMm: 1860, widthMm: 750 }, { across: { from: 'left-wall', mm: 80 } }),
    at('tray', 'tray-rollin', 5000, RIGHT, {}, { across: { from: 'right-wall', mm: 80 } }),
    at('toilet', 'toilet-cassette', 6560, RIGHT, { seatMm: 460 }, { across: { from: 'right-wall', mm: 80 } }),
    at('rail', 'grab-rail', 6560, RIGHT, { lengthMm: 230 }, up(860)),
    at('kitchen', 'galley', 5700, LEFT, { lengthMm: 1600, depthMm: 560, worktopMm: 780, hob: false }),
    at('plate', 'hob-loose', 6900, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
    at('cold', 'cold-box', 7330, LEFT, { heightMm: 900, lengthMm: 520 }, { across: { from: 'left-wall', mm: 80 } }),
    at('bench-rear', 'bench-side', 7880, LEFT, { lengthMm: 700, depthMm: 450 }, { ...along, across: { from: 'left-wall', mm: 80 } }),
    at('table', 'table-drop', 8340, LEFT, { lengthMm: 500, depthMm: 700, heightMm: 740 }, { across: { from: 'left-wall', mm: 80 } }),
    at('bench-front', 'bench-side', 8850, LEFT, { lengthMm: 700, depthMm: 450 }, { turn: 270, across: { from: 'left-wall', mm: 80 } }),
    at('place', 'wheelchair-place', 7400, { from: 'centreline', mm: -640 }),
    inside('water', 'water-tank', 'kitchen', [700, 60, 0], { lengthMm: 780, depthMm: 420, heightMm: 420 }),
    inside('heater', 'heater-air', 'bench-front', [60, 60, 0]),
  ],
  [
    cut('cassette', { kind: 'side-hatch', side: 'right', fromMm: 6580, toMm: 6990, sillMm: 40, headMm: 420 }),
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
    at('room', 'wet-room', 340, LEFT, { lengthMm: 1150, depthMm: 850, heightMm: 1950 }),
    at('rack', 'gear-rack', 40, RIGHT, { lengthMm: 2050, depthMm: 340, heightMm: 450, holds: 'poles', reached: 'outside' }),
    at('gas', 'gas-locker', 2120, RIGHT),
    at('kitchen', 'galley', 1510, LEFT, { lengthMm: 1250, depthMm: 560, worktopMm: 960 }),
    after('cold', 'cold-box', 'kitchen', LEFT, { heightMm: 1000, hinge: 'right' }),
    at('bed', 'bed-wall', 40, RIGHT, { lengthMm: 1980, widthMm: 700, platformMm: 620 }),
    fromFront('sofa', 'sofa-extend', 20, LEFT, { lengthMm: 920, seatDepthMm: 560, widthMm: 700 }),
    at('dog', 'dog-crate', 2560, RIGHT, { lengthMm: 640, depthMm: 480, heightMm: 560 }),
    at('table', 'table-pull', 2600, RIGHT, { lengthMm: 560, depthMm: 400, outMm: 250 }),
    at('stool', 'stool', 2720, { from: 'centreline', mm: -190 }),
    inside('heater', 'heater-air', 'sofa', [60, 40, 0]),
    at('water', 'tank-under', 1300, MIDDLE),
    at('window', 'hatch-roof', 1900, MIDDLE),
    at('awning', 'awning', 700, { from: 'left-wall', mm: -140 }),
    at('step', 'step', 3340, RIGHT),
  ],
  [
    cut('window', { kind: 'roof-hatch', fromMm: 1920, toMm: 2640, rightMm: -260, leftMm: 260 }),
  ],
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
    at('bed', 'bed-fixed', 20, MIDDLE, { lyingMm: 2060, widthMm: 1350, platformMm: 860, entry: 'side' }),
    at('drawers', 'drawer-unit', 1780, RIGHT, { lengthMm: 600, depthMm: 480, heightMm: 880 }),
    at('toilet', 'toilet-separating', 2400, RIGHT),
    at('wardrobe', 'wardrobe', 2860, RIGHT, { lengthMm: 550, depthMm: 480, heightMm: 1600 }),
    at('kitchen', 'galley', 1780, LEFT, { lengthMm: 1200, depthMm: 560 }),
    after('cold', 'cold-box', 'kitchen', LEFT, { heightMm: 1000, lengthMm: 500 }),
    at('lockers', 'locker', 1780, LEFT, { lengthMm: 1200, opens: 'sliding' }),
    at('bench-rear', 'bench-side', 3500, LEFT, { lengthMm: 1000, depthMm: 460 }, { ...along }),
    at('table', 'table-drop', 3970, LEFT, { lengthMm: 640, depthMm: 900 }),
    at('bench-front', 'bench-side', 4620, LEFT, { lengthMm: 1000, depthMm: 460 }, { turn: 270 }),
    inside('water', 'water-tank', 'bench-rear', [20, 20, 0], { lengthMm: 560, depthMm: 400, heightMm: 340 }),
    inside('heater', 'heater-air', 'bench-front', [400, 60, 0]),
    at('roof', 'outside-box', 2600, MIDDLE),
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
  ...HOLLOW_BUILDS,
  ...SMALL_BUILDS,
]
