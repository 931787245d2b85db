import { INVERTER_SURGE } from '../../budgets'
import type { Habit } from '../../fittings'
import type { Placed } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'inverter-small': { readonly asks: readonly string[]; readonly starts: boolean }
  }
}

/** They are sold in such steps, W. Common practice, no source. */
const STEP_W = 100

/** What runs at hook-ups: it cools or heats all day. */
const WAITS: ReadonlySet<Habit> = new Set(['cooling', 'hot-water', 'heating'])

/** Things that one habit puts on together, and what they ask of an inverter: their watts, or half of what they take as the heaviest of them starts. */
interface AtOnce {
  readonly ids: readonly string[]
  readonly watts: number
  readonly asked: number
}

function atOnce(placed: readonly Placed[]): AtOnce | undefined {
  const byHabit = new Map<Habit, { ids: string[]; watts: number; surgeW: number }>()
  for (const { id, facts } of placed) {
    if (facts.draws.some(({ by }) => WAITS.has(by))) continue
    for (const { by, from, watts, surge = 1 } of facts.draws) {
      if (from !== 'mains') continue
      const before = byHabit.get(by) ?? { ids: [], watts: 0, surgeW: 0 }
      byHabit.set(by, {
        ids: before.ids.includes(id) ? before.ids : [...before.ids, id],
        watts: before.watts + watts,
        surgeW: Math.max(before.surgeW, watts * (surge - 1)),
      })
    }
  }
  return [...byHabit.values()]
    .map(({ ids, watts, surgeW }) => ({ ids, watts, asked: Math.max(watts, (watts + surgeW) / INVERTER_SURGE) }))
    .reduce<AtOnce | undefined>((most, one) => (one.asked > (most?.asked ?? 0) ? one : most), undefined)
}

/** The inverter gives what runs at once at mains voltage, as it starts too. */
export const inverterEnough = defineRule({
  id: 'inverter-enough',
  group: 'use',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'inverter-small': 'caution' },
  basis: practice(
    'an inverter gives what one habit puts on together, as all plates while one cooks, and twice that for a moment; what waits for a hook-up is asked about with the client',
  ),
  parameters: {},
  check: ({ scene }) => {
    const inverters = placedThat(scene, ({ gives }) => gives.some(({ what }) => what === 'mains'))
    const gives = inverters.reduce(
      (sum, { facts }) => sum + facts.gives.reduce((all, one) => all + (one.what === 'mains' ? one.watts : 0), 0),
      0,
    )
    const [inverter] = inverters
    const most = atOnce(scene.placed)
    if (inverter === undefined || most === undefined || most.asked <= gives) return []
    return [
      {
        code: 'inverter-small' as const,
        fittings: [inverter.id, ...most.ids],
        place: topOf(inverter),
        measured: Math.round(gives),
        needed: Math.round(most.asked),
        unit: 'W' as const,
        facts: { asks: most.ids, starts: most.asked > most.watts },
      },
    ]
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const wanted = Math.ceil(finding.needed / STEP_W) * STEP_W
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'capacity', wanted)
  },
})
