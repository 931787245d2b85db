import { newFound, type Found } from '$lib/core/condition'
import type { Command } from '$lib/core/job'
import type { Brief } from '$lib/core/brief'
import { demoJob } from './build'

/** Invented: a potter on the road to markets with a small kiln in its crate, and a teenager. A plan that works. */
const brief: Brief = {
  people: {
    'person-potter': { label: 'potter', statureMm: 1720, sleeps: true, travels: true },
    'person-teenager': {
      label: 'teenager',
      statureMm: 1650,
      sleeps: true,
      travels: true,
      age: 'teenager',
      years: 15,
      notes: 'Will not share a bed, and wants the window.',
    },
  },
  pets: {},
  gear: {
    'gear-kiln': { label: 'Kiln crate', sizeMm: [620, 580, 560], count: 1, massKg: 54, mayLie: false, use: 'weekly' },
    'gear-boards': { label: 'Ware boards, stacked', sizeMm: [1200, 300, 200], count: 1, massKg: 22, use: 'weekly' },
  },
  use: {
    nightsPerYear: 45,
    cooking: 'sometimes',
    toilet: 'portable',
    washing: 'outside',
    shared: 'cargo',
    coldestC: 6,
    planYears: 2,
    budget: 14_000,
    future: ['sold'],
  },
  nightsOffHookUp: 2,
  derives: true,
  notes: 'Market days from May to October. The kiln crate comes out by the roll-up door, two people carry it.',
  demands: {},
}

/** What was found on the truck in the yard where it was bought. */
const AS_BOUGHT: readonly Command[] = (
  [
    [
      'found-sill',
      {
        ...newFound('rust'),
        label: 'Sill of the side door',
        at: [3300, -1000, -20],
        sizeMm: [420, 80, 60],
        minutes: 360,
        costMinor: 9500,
      },
    ],
    [
      'found-seam',
      {
        ...newFound('leak'),
        label: 'Roof seam, right',
        at: [2600, -960, 2120],
        sizeMm: [700, 120, 60],
        minutes: 150,
        costMinor: 3200,
      },
    ],
    ['found-rails', { ...newFound('comes-out'), label: 'Lashing rails', minutes: 120, done: true }],
    [
      'found-hump',
      { ...newFound('stays'), label: 'Wiring to the rear lamps', at: [100, 985, 60], sizeMm: [160, 60, 60] },
    ],
    ['found-tyres', { ...newFound('running-gear'), label: 'Front tyres at the limit', costMinor: 42_000 }],
  ] as const
).map(([id, found]) => ({ type: 'found.put', id, found: found as Found }))

export const potter = demoJob(
  'job-potter',
  'Potter’s market truck',
  'truck-box',
  brief,
  [
    {
      id: 'fit-bed',
      kind: 'bed-fixed',
      label: 'Bed across',
      parameters: { lyingMm: 2000, widthMm: 1200, platformMm: 760, sleepers: 1 },
      seat: { along: { from: 'rear', mm: 60 } },
    },
    {
      id: 'fit-lounge',
      kind: 'lounge-bed',
      parameters: { lengthMm: 1900, depthMm: 900 },
      seat: { along: { from: 'bulkhead', mm: 20 } },
    },
    {
      id: 'fit-galley',
      kind: 'galley',
      parameters: { lengthMm: 1100, depthMm: 560 },
      seat: { along: { from: 'rear', mm: 1640 }, across: { from: 'right-wall', mm: 0 } },
    },
    {
      id: 'fit-toilet',
      kind: 'toilet-box',
      seat: { along: { from: 'rear', mm: 1740 }, across: { from: 'left-wall', mm: 0 } },
    },
    {
      id: 'fit-water',
      kind: 'water-tank',
      parameters: { lengthMm: 500, depthMm: 420, heightMm: 350 },
      seat: { along: { from: 'rear', mm: 700 }, across: { from: 'left-wall', mm: 0 } },
    },
    {
      id: 'fit-cold',
      kind: 'cold-box',
      parameters: { lengthMm: 480, depthMm: 480, heightMm: 820, hinge: 'right' },
      seat: { along: { from: 'rear', mm: 2760 }, across: { from: 'right-wall', mm: 0 } },
    },
  ],
  AS_BOUGHT,
)
