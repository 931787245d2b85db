import { held } from '../../fittings'
import { materialOf } from '../../materials'
import { heatOf } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'
import { middleOf, topOf } from '../middle'
import { setHandle } from '../ways-out'
import type { Draft } from '../finding'

declare module '../finding' {
  interface FactsByCode {
    'finish-wet': Record<never, never>
    'finish-hot': { readonly bearsC: number }
    'finish-seams': Record<never, never>
    'finish-soaks': { readonly face: 'floor' | 'wall' }
  }
}

/** A surface bears what it gets where it is: water at a basin, pans by a hob, the sun on a floor. */
export const finishFit = defineRule({
  id: 'finish-fit',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'plan'],
  gravity: { 'finish-wet': 'note', 'finish-hot': 'note', 'finish-seams': 'note', 'finish-soaks': 'note' },
  basis: practice(
    'water stands at a basin, pans are put down by a hob, and a vehicle in the sun gets hot; the maker’s sheet of the board rules',
  ),
  parameters: {
    panC: {
      default: 160,
      min: 80,
      max: 300,
      unit: 'count',
      basis: practice(
        'of a pan that is put down beside the flame, °C; laminate bears so much for a while (EN 438-2, from memory)',
      ),
    },
  },
  key: byFitting(({ code, facts }) => ('face' in facts ? `${code} ${facts.face}` : code)),
  check: ({ scene, plan, parameters }) => {
    const units = scene.placed.flatMap((placed): Draft<'finish-wet' | 'finish-hot'>[] => {
      const { surface } = placed.facts
      if (surface === undefined) return []
      const at = { fittings: [placed.id], place: topOf(placed), unit: 'count' as const }
      const isWet = placed.facts.isSplashed || held(placed.facts, 'water') > 0
      const cooks = heatOf(placed).some(({ how, warms }) => warms === 'pans' && how !== 'induction')
      return [
        ...(isWet && !surface.bearsWater
          ? [{ ...at, code: 'finish-wet' as const, measured: 0, needed: 1, facts: {} }]
          : []),
        ...(cooks && surface.bearsC < parameters.panC
          ? [
              {
                ...at,
                code: 'finish-hot' as const,
                measured: surface.bearsC,
                needed: parameters.panC,
                facts: { bearsC: surface.bearsC },
              },
            ]
          : []),
      ]
    })
    const top = plan.lining.layers?.floor?.at(-1)
    const seams: readonly Draft<'finish-seams'>[] =
      top !== undefined && materialOf(top.material).clicks === true
        ? [
            {
              code: 'finish-seams',
              fittings: [],
              place: middleOf(scene),
              measured: 0,
              needed: 1,
              unit: 'count',
              facts: {},
            },
          ]
        : []
    const splashed = scene.placed.filter(({ facts }) => facts.isSplashed)
    /** A face whose innermost layer soaks, and the first thing that splashes it. */
    const soaked = (face: 'floor' | 'wall', by: (typeof splashed)[number] | undefined): Draft<'finish-soaks'>[] => {
      const inner = plan.lining.layers?.[face]?.at(-1)
      if (by === undefined || inner === undefined || materialOf(inner.material).soaks !== true) return []
      return [
        {
          code: 'finish-soaks',
          fittings: [by.id],
          place: topOf(by),
          measured: 0,
          needed: 1,
          unit: 'count',
          facts: { face },
        },
      ]
    }
    return [
      ...units,
      ...seams,
      ...soaked('floor', splashed[0]),
      ...soaked(
        'wall',
        splashed.find(({ seat }) => seat.inside === undefined && seat.across.from !== 'centreline'),
      ),
    ]
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'finish', 'steel', 0)
  },
})
