import { INVERTER_SURGE } from '../../budgets'
import type { Placed } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'inverter-small': { readonly asks: string; readonly starts: boolean }
  }
}

/** They are sold in such steps, W. Common practice, no source. */
const STEP_W = 100

/** What an inverter must give for one thing at mains voltage: its watts, or half of what it takes as it starts. */
const asked = ({ facts }: Placed): number =>
  Math.max(
    0,
    ...facts.draws.flatMap(({ from, watts, surge = 1 }) =>
      from === 'mains' ? [Math.max(watts, (watts * surge) / INVERTER_SURGE)] : [],
    ),
  )
const runs = ({ facts }: Placed): number =>
  Math.max(0, ...facts.draws.flatMap(({ from, watts }) => (from === 'mains' ? [watts] : [])))

/** The inverter gives what the largest thing at mains voltage takes by itself, as it starts too. */
export const inverterEnough = defineRule({
  id: 'inverter-enough',
  group: 'use',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'inverter-small': 'caution' },
  basis: practice(
    'an inverter gives what runs at once, and twice that for a moment; what waits for a hook-up is asked about with the client',
  ),
  parameters: {},
  check: ({ scene }) => {
    const inverters = placedThat(scene, ({ gives }) => gives.some(({ what }) => what === 'mains'))
    const gives = inverters.reduce(
      (sum, { facts }) => sum + facts.gives.reduce((all, one) => all + (one.what === 'mains' ? one.watts : 0), 0),
      0,
    )
    const [inverter] = inverters
    // what cools or heats all day runs at a hook-up
    const largest = scene.placed
      .filter(({ facts }) => !facts.draws.some(({ by }) => by === 'cooling' || by === 'hot-water' || by === 'heating'))
      .reduce<Placed | undefined>(
        (most, one) => (asked(one) > (most === undefined ? 0 : asked(most)) ? one : most),
        undefined,
      )
    if (inverter === undefined || largest === undefined || asked(largest) <= gives) return []
    return [
      {
        code: 'inverter-small' as const,
        fittings: [inverter.id, largest.id],
        place: topOf(inverter),
        measured: Math.round(gives),
        needed: Math.round(asked(largest)),
        unit: 'W' as const,
        facts: { asks: largest.id, starts: asked(largest) > runs(largest) },
      },
    ]
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const wanted = Math.ceil(finding.needed / STEP_W) * STEP_W
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'capacity', wanted)
  },
})
