import { airOpenings } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    /** Of a window, its id. */
    'air-unscreened': { readonly opening?: string }
  }
}

/** What is open at night has a screen against insects, or it stays shut and no air comes. */
export const airScreened = defineRule({
  id: 'air-screened',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene'],
  gravity: { 'air-unscreened': 'note' },
  basis: practice('a fan or roof light without a screen is shut on the first night by water'),
  parameters: {},
  key: byFitting(({ facts }) => facts.opening ?? ''),
  check: (input) =>
    airOpenings(input.scene).flatMap(({ id, at }): Draft<'air-unscreened'>[] => {
      const placed = input.find(id)
      const opening = input.scene.interior.shell.openings.find((one) => one.id === id)
      if (placed?.facts.air?.isScreened !== false && opening?.screened !== false) return []
      const common = { code: 'air-unscreened', measured: 0, needed: 1, unit: 'count' } as const
      return placed === undefined
        ? [{ ...common, fittings: [], place: [at[0], at[1], opening?.sillMm ?? 0], facts: { opening: id } }]
        : [{ ...common, fittings: [id], place: topOf(placed), facts: {} }]
    }),
  remedies: (input, finding): readonly Remedy[] => {
    const [fittingId] = finding.fittings
    const openingId = finding.facts.opening
    const change = openingId === undefined ? undefined : input.plan.changes[openingId]
    const placed = fittingId === undefined ? undefined : input.find(fittingId)
    if (placed !== undefined) return setHandle(input, placed, 'set-parameter', 'screen', true, 1)
    if (openingId === undefined || change?.kind !== 'window') return []
    const put = {
      type: 'change.put',
      variant: input.variantId,
      id: openingId,
      change: { ...change, screened: true },
    } as const
    return [
      {
        code: 'set-parameter',
        amount: 1,
        parameter: { key: 'screen', value: true },
        fittingId,
        commands: [put],
      },
    ]
  },
})
