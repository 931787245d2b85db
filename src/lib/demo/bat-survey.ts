import type { Brief } from '$lib/core/brief'
import type { ParameterValue, Seat } from '$lib/core/fittings'
import type { Command } from '$lib/core/job'
import { demoJob } from './build'

/** Invented: two who survey bats by night and sleep by day, with a mast that may not be taken apart. Faults on purpose. */
const brief: Brief = {
  people: {
    'person-surveyor': { label: 'surveyor', statureMm: 1840, sleeps: true, travels: true },
    'person-partner': { label: 'partner', statureMm: 1690, sleeps: true, travels: true },
  },
  pets: { 'pet-whippet': { label: 'old whippet', lengthMm: 720, heightMm: 480 } },
  nightsOffHookUp: 4,
  notes:
    'Works from dusk to dawn, sleeps in daylight. Two screens for the recordings. The microphone mast stays in one piece.',
  demands: {
    'demand-mast': { need: 'stowage', must: true, label: 'Mast, in one piece', sizeMm: [2100, 180, 160] },
    'demand-berth': { need: 'berth', must: true },
    'demand-hob': { need: 'hob', must: true, label: 'Galley, cooks daily' },
    'demand-shower': { need: 'shower', must: false },
    'demand-desk': { need: 'desk', must: true, label: 'Desk, two screens' },
    'demand-table': { need: 'table-seat', must: false },
    'demand-cold': { need: 'cold-box', must: true },
    'demand-toilet': { need: 'toilet', must: true, label: 'Toilet at night' },
    'demand-belt': { need: 'belt', must: true },
    'demand-water': { need: 'water', must: true },
  },
}

/** Variant B differs from A by where things stand and by a few sizes. */
function moved(
  id: string,
  from: Seat['across']['from'],
  mm: number,
  parameters: Record<string, ParameterValue>,
  turn: Seat['turn'] = 0,
): Command[] {
  const variant = 'variant-b'
  const seat: Seat = {
    along: { from: 'rear', mm },
    across: { from, mm: 0 },
    up: { from: 'floor', mm: 0 },
    turn,
    mirrored: false,
  }
  return [
    { type: 'fitting.seat', variant, id, seat },
    { type: 'fitting.parameters', variant, id, parameters },
  ]
}

export const batSurvey = demoJob(
  'job-bat-survey',
  'Bat survey van',
  'van-long-high',
  brief,
  [
    {
      id: 'fit-bed',
      kind: 'bed-fixed',
      label: 'Bed across',
      parameters: { lyingMm: 1690, widthMm: 1510, platformMm: 700, mattressMm: 120, sleepers: 2 },
      seat: { along: { from: 'rear', mm: 40 } },
    },
    {
      id: 'fit-lockers-rear',
      kind: 'locker',
      parameters: { lengthMm: 1510 },
      seat: { along: { from: 'rear', mm: 40 } },
    },
    {
      id: 'fit-lockers-galley',
      kind: 'locker',
      parameters: { lengthMm: 1500 },
      seat: { along: { from: 'rear', mm: 1570 } },
    },
    {
      id: 'fit-galley',
      kind: 'galley',
      parameters: { lengthMm: 1500, depthMm: 500 },
      seat: { along: { from: 'rear', mm: 1570 } },
    },
    {
      id: 'fit-cold',
      kind: 'cold-box',
      parameters: { hinge: 'left' },
      seat: { along: { from: 'rear', mm: 3080 } },
    },
    {
      id: 'fit-shower',
      kind: 'wet-cubicle',
      parameters: { lengthMm: 760, depthMm: 700, heightMm: 1650 },
      seat: { along: { from: 'rear', mm: 1910 }, across: { from: 'right-wall', mm: 0 } },
    },
    {
      id: 'fit-wardrobe',
      kind: 'wardrobe',
      parameters: { lengthMm: 440, depthMm: 480, heightMm: 1500 },
      seat: { along: { from: 'rear', mm: 2680 }, across: { from: 'right-wall', mm: 0 } },
    },
    {
      id: 'fit-desk',
      kind: 'desk',
      parameters: { lengthMm: 600, depthMm: 450 },
      seat: { along: { from: 'rear', mm: 3630 } },
    },
    {
      id: 'fit-water',
      kind: 'water-tank',
      parameters: { lengthMm: 760, depthMm: 480, heightMm: 265 },
      seat: { along: { from: 'rear', mm: 40 } },
    },
  ],
  [
    { type: 'variant.rename', variant: 'variant-a', name: 'A, bed across' },
    { type: 'variant.add', id: 'variant-b', name: 'B, bed along', from: 'variant-a' },
    ...moved('fit-bed', 'left-wall', 20, { lengthMm: 1900, widthMm: 1220, entry: 'foot' }, 90),
    ...moved('fit-galley', 'left-wall', 1960, { lengthMm: 1200 }),
    ...moved('fit-cold', 'left-wall', 3180, { hinge: 'right' }),
    ...moved('fit-shower', 'right-wall', 1960, {}),
    ...moved('fit-wardrobe', 'right-wall', 2730, { lengthMm: 400 }),
    { type: 'fitting.remove', variant: 'variant-b', id: 'fit-desk' },
    { type: 'fitting.remove', variant: 'variant-b', id: 'fit-lockers-rear' },
  ],
)
