import type { Brief } from '../../src/lib/core/brief'
import type { ParameterValue, Seat } from '../../src/lib/core/fittings'
import type { Command, Job } from '../../src/lib/core/job'
import { demoJob, type Furniture } from '../../src/lib/demo/build'

/** Complete small plans, all invented, from which the plans of the corpus are made by changing one or two things. */

export const variant = 'variant-a'
export const LEFT: Seat['across'] = { from: 'left-wall', mm: 0 }
export const RIGHT: Seat['across'] = { from: 'right-wall', mm: 0 }
export const MIDDLE: Seat['across'] = { from: 'centreline', mm: 0 }
const off = (from: 'left-wall' | 'right-wall', mm: number): Seat['across'] => ({ from, mm })

export const at = (
  id: string,
  kind: string,
  x: number,
  across: Seat['across'],
  parameters: Record<string, ParameterValue> = {},
  more: Partial<Seat> = {},
): Furniture => ({ id: `fit-${id}`, kind, parameters, seat: { along: { from: 'rear', mm: x }, across, ...more } })

export const person = (label: string, statureMm: number, more: Record<string, unknown> = {}) => ({
  label,
  statureMm,
  sleeps: true,
  travels: true,
  ...more,
})
const brief = (more: Partial<Brief>): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  notes: '',
  demands: {
    'demand-berth': { need: 'berth', must: true },
    'demand-belt': { need: 'belt', must: true },
    'demand-hob': { need: 'hob', must: true },
    'demand-cold': { need: 'cold-box', must: true },
    'demand-water': { need: 'water', must: true, quantity: 40 },
  },
  ...more,
})
export const cut = (id: string, change: Record<string, unknown>): Command => ({
  type: 'change.put',
  variant,
  id: `change-${id}`,
  change: change as never,
})
const fan = (id: string, x: number): Command =>
  cut(id, { kind: 'roof-hatch', fromMm: x + 30, toMm: x + 430, rightMm: -200, leftMm: 200 })

/** Box truck for two: bed across the rear, galley along the left wall, fan and window, step at the side door. */
export const truckForTwo: Job = demoJob(
  'job-truck-two',
  'Truck for two',
  'truck-box',
  brief({ people: { 'person-a': person('tall one', 1760), 'person-b': person('short one', 1660) } }),
  [
    at('bed', 'bed-fixed', 60, MIDDLE, {
      lyingMm: 1900,
      widthMm: 1400,
      platformMm: 480,
      mattressMm: 120,
      base: 'slats',
    }),
    at('galley', 'galley', 1700, LEFT, { lengthMm: 1300, depthMm: 560, heightMm: 940 }),
    at('cold', 'cold-box', 3060, LEFT, { heightMm: 1000, lengthMm: 480, depthMm: 520, hinge: 'left' }),
    at('tank', 'water-tank', 150, LEFT, { lengthMm: 700, depthMm: 400, heightMm: 300 }),
    at('gas', 'gas-locker', 3600, LEFT),
    at('fan', 'fan-extract', 2100, MIDDLE),
    at('step', 'step', 3300, RIGHT, { dropMm: 400 }),
  ],
  [
    fan('fan', 2100),
    cut('window', { kind: 'window', side: 'left', fromMm: 300, toMm: 900, sillMm: 900, headMm: 1300, opens: 'hopper' }),
  ],
)

/** Long high van for one: bed across, galley by the sliding door, wardrobe, fan over the bed. */
export const vanForOne: Job = demoJob(
  'job-van-one',
  'Van for one',
  'van-long-high',
  brief({ people: { 'person-a': person('ringer', 1620) } }),
  [
    at('bed', 'bed-fixed', 60, MIDDLE, {
      lyingMm: 1690,
      widthMm: 1000,
      platformMm: 600,
      mattressMm: 120,
      sleepers: 1,
      base: 'slats',
    }),
    at('galley', 'galley', 1900, LEFT, { lengthMm: 1200, depthMm: 540, heightMm: 880 }),
    at(
      'cold',
      'cold-box',
      3160,
      LEFT,
      { heightMm: 1000, lengthMm: 460, depthMm: 480, hinge: 'left' },
      { across: off('left-wall', 40) },
    ),
    at(
      'tank',
      'water-tank',
      150,
      LEFT,
      { lengthMm: 600, depthMm: 400, heightMm: 350 },
      { across: off('left-wall', 75) },
    ),
    at('wardrobe', 'wardrobe', 1300, RIGHT, { lengthMm: 500, depthMm: 500, heightMm: 1500 }),
    at('gas', 'gas-locker', 3660, LEFT, {}, { across: off('left-wall', 40) }),
    at('fan', 'fan-extract', 2300, MIDDLE),
  ],
  [
    fan('fan', 2300),
    cut('window', { kind: 'window', side: 'left', fromMm: 300, toMm: 900, sillMm: 900, headMm: 1200, opens: 'hopper' }),
  ],
)

/** Compact van for a weekend: panels over the arches, a loose plate, a cold chest. */
export const compactForOne: Job = demoJob(
  'job-compact-one',
  'Compact for one',
  'van-compact',
  brief({
    people: { 'person-a': person('walker', 1600) },
    demands: { 'demand-berth': { need: 'berth', must: true }, 'demand-belt': { need: 'belt', must: true } },
  }),
  [
    at(
      'bed',
      'bed-panels',
      40,
      off('left-wall', 230),
      { lengthMm: 1700, widthMm: 700, platformMm: 330, sleepers: 1 },
      { turn: 270 },
    ),
  ],
)

/** Seven-metre bus for a family: bunks, a bed across, a belted bench, galley and a dry toilet. */
export const busForFour: Job = demoJob(
  'job-bus-four',
  'Bus for four',
  'bus-7m',
  brief({
    people: {
      'person-a': person('mother', 1700),
      'person-b': person('father', 1780),
      'person-c': person('girl', 1250, { age: 'child' }),
      'person-d': person('boy', 1150, { age: 'child' }),
    },
  }),
  [
    at('bed', 'bed-fixed', 60, MIDDLE, {
      lyingMm: 1950,
      widthMm: 1400,
      platformMm: 500,
      mattressMm: 120,
      base: 'slats',
    }),
    at('bunks', 'bunks', 1560, LEFT, { lengthMm: 1500, widthMm: 650, base: 'slats' }),
    at('galley', 'galley', 1600, RIGHT, { lengthMm: 1300, depthMm: 560, heightMm: 930 }),
    at('cold', 'cold-box', 2960, RIGHT, { heightMm: 1000, lengthMm: 480, depthMm: 500, hinge: 'right' }),
    at('bench', 'bench-belted', 3900, { from: 'centreline', mm: 500 }),
    at('tank', 'water-tank', 150, LEFT, { lengthMm: 800, depthMm: 450, heightMm: 330 }),
    at('gas', 'gas-locker', 3500, RIGHT),
  ],
)

/** Low van for two who sit by day and sleep by night in one lounge. */
export const loungeForTwo: Job = demoJob(
  'job-lounge-two',
  'Lounge for two',
  'truck-box-through',
  brief({
    people: { 'person-a': person('potter', 1720), 'person-b': person('glazier', 1650) },
    demands: {
      'demand-berth': { need: 'berth', must: true },
      'demand-table': { need: 'table-seat', must: true, quantity: 2 },
      'demand-belt': { need: 'belt', must: true },
      'demand-toilet': { need: 'toilet', must: true },
    },
  }),
  [
    at('lounge', 'lounge-u', 100, MIDDLE),
    at('toilet', 'toilet-box', 3000, LEFT),
    at('wardrobe', 'wardrobe', 3600, LEFT, { lengthMm: 500, depthMm: 550, heightMm: 1600 }),
    at('step', 'step', 4050, RIGHT, { dropMm: 400 }),
  ],
)
