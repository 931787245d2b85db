import { boxPrism, spanLength, spanMiddle } from '../../geometry'
import { cabSpace, isCrawledIn, isDoor, jambs, type Opening } from '../../shell'
import { doorWay, widthAsked } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'
import { shiftsClearOf } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'door-blocked': { readonly openingId: string; readonly wholeMm: number }
  }
}

/** A vehicle door that must stay free keeps a way in that a person with a bag can use; of several emergency exits one does. */
export const doorFree = defineRule({
  id: 'door-free',
  group: 'ways',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'door-blocked': 'stop' },
  basis: practice(
    '{600} of an entrance stay free; of an emergency exit {610 × 430}, either way round (NFPA 1192, from memory)',
  ),
  parameters: {
    freeMm: { default: 600, min: 400, max: 1200, unit: 'mm', basis: practice('a person with a bag') },
  },
  key: byFitting(({ facts }) => facts.openingId),
  check: ({ scene, parameters }) => {
    // over a bed one gets in and out by night, and where one crawls in at all times
    const crawls = isCrawledIn(scene.interior)
    const overBeds = scene.purpose === 'sleeping' || crawls
    const isFree = (opening: Opening): boolean =>
      spanLength(doorWay(scene, opening, overBeds).free) >= widthAsked(opening, parameters.freeMm)
    const { openings } = scene.interior.shell
    // any of several ways out is enough, and where one crawls in any of the doors
    if (crawls && cabSpace(scene.interior) !== undefined) return []
    if (crawls && openings.some((opening) => isDoor(opening) && opening.side !== 'roof' && isFree(opening))) return []
    const hasWayOut = openings.some((opening) => opening.need === 'emergency' && isFree(opening))
    return openings
      .filter(({ need, side }) => need !== 'may-cover' && side !== 'roof' && !(need === 'emergency' && hasWayOut))
      .flatMap((opening) => {
        const { free, blockers } = doorWay(scene, opening, overBeds)
        const wholeMm = opening.toMm - opening.fromMm
        const neededMm = widthAsked(opening, parameters.freeMm)
        if (spanLength(free) >= neededMm) return []
        const [first, second] = jambs(scene.interior, opening)
        return [
          {
            code: 'door-blocked' as const,
            fittings: blockers,
            place: [
              (first[0] + second[0]) / 2,
              (first[1] + second[1]) / 2,
              (opening.sillMm + opening.headMm) / 2,
            ] as const,
            measured: Math.round(spanLength(free)),
            needed: neededMm,
            unit: 'mm' as const,
            facts: { openingId: opening.id, wholeMm },
          },
        ]
      })
  },
  remedies: (input, finding) => {
    const opening = input.scene.interior.shell.openings.find(({ id }) => id === finding.facts.openingId)
    if (opening === undefined || opening.side === 'rear') return []
    return finding.fittings.flatMap((id) => {
      const placed = input.find(id)
      if (placed === undefined) return []
      const { y, z } = placed.bounds
      const middle = spanMiddle({ min: opening.fromMm, max: opening.toMm })
      const own = spanMiddle(placed.bounds.x)
      const keep =
        own < middle
          ? { min: opening.toMm - finding.needed, max: opening.toMm }
          : { min: opening.fromMm, max: opening.fromMm + finding.needed }
      return shiftsClearOf(
        input,
        placed,
        placed.solids.map((solid) => solid.prism),
        [boxPrism({ x: keep, y, z })],
      ).filter(({ code }) => code === 'shift-back' || code === 'shift-forward')
    })
  },
})
