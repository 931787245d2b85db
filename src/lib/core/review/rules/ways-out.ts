import { addedInRoof } from '../add'
import { spanLength } from '../../geometry'
import { berthsOf, doorWay } from '../../scene'
import { cabSpace, isWayOut } from '../../shell'
import { defineRule, published } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'exit-few': { readonly exits: readonly string[]; readonly longMm: number; readonly shortMm: number }
  }
}

/** Two ways out of where people sleep, each large enough for a person. */
export const waysOut = defineRule({
  id: 'ways-out',
  group: 'safety',
  modes: ['sleeping'],
  reads: ['scene'],
  gravity: { 'exit-few': 'caution' },
  basis: published('a second way out of a sleeping space, at least about {610 × 430}: NFPA 1192 (from memory)'),
  parameters: {
    longMm: { default: 610, min: 400, max: 900, unit: 'mm', basis: published('NFPA 1192 (from memory)') },
    shortMm: { default: 430, min: 300, max: 700, unit: 'mm', basis: published('NFPA 1192 (from memory)') },
  },
  check: ({ scene, parameters }) => {
    if (berthsOf(scene).length === 0) return []
    const { longMm, shortMm } = parameters
    const large = (a: number, b: number) => Math.max(a, b) >= longMm && Math.min(a, b) >= shortMm
    const exits = scene.interior.shell.openings.flatMap((opening) => {
      if (!isWayOut(opening)) return []
      const high = opening.headMm - opening.sillMm
      const wide =
        opening.side === 'roof' ? opening.toMm - opening.fromMm : spanLength(doorWay(scene, opening, true).free)
      return large(wide, high) ? [opening.id] : []
    })
    const hatches = scene.placed.flatMap(({ id, facts: { air } }) =>
      air?.passesMm !== undefined && large(...air.passesMm) ? [id] : [],
    )
    // a hatch that stands in a cut-out of the roof is one way out, not two
    const cut = scene.interior.shell.openings.filter(({ id, side }) => side === 'roof' && exits.includes(id))
    const throughCab = cabSpace(scene.interior) === undefined ? [] : ['cab']
    const all = [...exits, ...hatches.slice(Math.min(hatches.length, cut.length)), ...throughCab]
    if (all.length >= 2) return []
    return [
      {
        code: 'exit-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured: all.length,
        needed: 2,
        unit: 'count' as const,
        facts: { exits: all, longMm, shortMm },
      },
    ]
  },
  remedies: (input, { facts: { longMm, shortMm } }) => {
    const size = { clearMm: Math.max(700, longMm), depthMm: Math.max(500, shortMm) }
    const { min, max } = input.scene.interior.xSpan
    const beds = berthsOf(input.scene).map(({ lying }) => lying.middle[0])
    return [...beds, (min + max) / 2, min + (max - min) / 4, min + ((max - min) * 3) / 4].map((x) =>
      addedInRoof(input, 'hatch-roof', [x, 0], [size.clearMm, size.depthMm], size),
    )
  },
})
