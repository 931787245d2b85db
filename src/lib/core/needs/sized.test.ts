import { describe, expect, it } from 'vitest'
import { demandsOf, type Brief, type Demand } from '../brief'
import { kindOf } from '../fittings'
import { fittingFor } from './index'

const brief = (demand: Demand): Brief => ({
  people: {
    'person-a': { label: 'A', statureMm: 1840, sleeps: true, travels: true },
    'person-b': { label: 'B', statureMm: 1660, sleeps: true, travels: true },
  },
  pets: {},
  nightsOffHookUp: 4,
  notes: '',
  demands: { 'demand-a': demand },
})

describe('fittingFor', () => {
  const cases: readonly (readonly [string, string, Demand, Record<string, number>])[] = [
    ['a berth for two', 'bed-fixed', { need: 'berth', must: true }, { lyingMm: 1890, widthMm: 1200, sleepers: 2 }],
    ['belts', 'bench-belted', { need: 'belt', must: true, quantity: 9 }, { places: 3 }],
    // 88 L in a tank of 400 × 350 that fills to 92 %: 88e6 / (400 · 350 · 0.92) = 683.2 long
    ['water', 'water-tank', { need: 'water', must: true }, { lengthMm: 684 }],
    ['a shower', 'wet-cubicle', { need: 'shower', must: true }, { lengthMm: 760, depthMm: 760 }],
    ['a desk', 'desk', { need: 'desk', must: true }, { lengthMm: 1000, depthMm: 500 }],
    ['a case', 'wardrobe', { need: 'stowage', must: true, sizeMm: [1200, 400, 300] }, { lengthMm: 440, depthMm: 360 }],
    [
      'a mast beyond all limits',
      'wardrobe',
      { need: 'stowage', must: true, sizeMm: [6000, 3000, 2000] },
      { lengthMm: 1200, depthMm: 750 },
    ],
    ['a toilet', 'toilet-box', { need: 'toilet', must: true }, { lengthMm: 420 }],
    ['a place at the table', 'lounge-bed', { need: 'table-seat', must: true }, { depthMm: 1200 }],
    ['a hob', 'galley', { need: 'hob', must: true }, { worktopMm: 900 }],
    ['a cold box', 'cold-box', { need: 'cold-box', must: true }, { heightMm: 620 }],
  ]

  it.each(cases)('%s arrives as %s of the size asked for', (_need, kindId, demand, size) => {
    const [resolved] = demandsOf(brief(demand))
    const { kind: id, parameters } = fittingFor(resolved!)!
    const kind = kindOf(id)
    expect(kind.id).toBe(kindId)
    expect(parameters).toMatchObject(size)
    expect(kind.parameters.safeParse(parameters).success).toBe(true)
  })
})
