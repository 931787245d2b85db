import { foundPrism, isPending, WORK_STEPS, type Found, type FoundKind, type WorkStep } from '../../condition'
import {
  block,
  boxesOverlap,
  overlapBounds,
  prismBounds,
  prismsOverlap,
  spanLength,
  type Box,
  type Prism,
} from '../../geometry'
import { heightsAt, wallsAt, type Interior, type Opening } from '../../shell'
import { byItself, defineRule, practice } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { shiftsClearOf } from '../ways-out'

interface FoundFacts {
  /** Of what was found, in the job’s list. */
  readonly id: string
  readonly kind: FoundKind
  readonly label: string
}

declare module '../finding' {
  interface FactsByCode {
    'built-over': FoundFacts & { readonly step: WorkStep; readonly minutes: number | undefined }
    'cut-in-bad': FoundFacts & { readonly opening: string }
    'meets-stays': FoundFacts
  }
}

/** How far a hole’s frame, and the metal that holds it, reaches to either side of the skin. */
const SKIN_MM = 120

/** The room round an opening’s cut, through the skin. */
function cutOf(interior: Interior, { side, fromMm, toMm, sillMm, headMm }: Opening, byMm: number): Box | undefined {
  const [from, to, low, high] = [fromMm - byMm, toMm + byMm, sillMm - byMm, headMm + byMm]
  if (side === 'rear') return prismBounds(block([-SKIN_MM, from, low], [SKIN_MM, to, high]))
  const middle = (fromMm + toMm) / 2
  if (side === 'roof') {
    const top = heightsAt(interior, middle, (sillMm + headMm) / 2)?.max
    return top === undefined ? undefined : prismBounds(block([from, low, top - SKIN_MM], [to, high, top + SKIN_MM]))
  }
  const walls = wallsAt(interior, middle, (sillMm + headMm) / 2)
  if (walls === undefined) return undefined
  const wall = side === 'left' ? walls.max : walls.min
  return prismBounds(block([from, wall - SKIN_MM, low], [to, wall + SKIN_MM, high]))
}

const middleOf = (solid: Prism): [number, number, number] => {
  const { x, y, z } = prismBounds(solid)
  return [Math.round((x.min + x.max) / 2), Math.round((y.min + y.max) / 2), Math.round((z.min + z.max) / 2)]
}

/** What was found on the vehicle as bought is put right before it is built over or cut into, and what stays has its room. */
export const asBought = defineRule({
  id: 'as-bought',
  group: 'fit',
  modes: 'every',
  reads: ['scene', 'plan', 'job'],
  gravity: { 'built-over': 'note', 'cut-in-bad': 'caution', 'meets-stays': 'stop' },
  basis: practice('metal, water and floor are repaired before they are hidden; a frame is set in sound metal'),
  parameters: {
    soundMm: {
      default: 50,
      min: 0,
      max: 300,
      unit: 'mm',
      basis: practice('sound metal that a frame is screwed or glued to, all round'),
    },
  },
  key: byItself(
    ({ code, facts, fittings }) => `${code} ${facts.id} ${code === 'meets-stays' ? (fittings[0] ?? '') : ''}`,
  ),
  check: ({ job, plan, scene, parameters }) =>
    Object.entries(job.found ?? {}).flatMap(([id, found]): Draft<'built-over' | 'cut-in-bad' | 'meets-stays'>[] => {
      const solid = foundPrism(found)
      if (solid === undefined) return []
      const facts = { id, kind: found.kind, label: found.label }
      const meets = scene.placed.flatMap((placed) => {
        const shared = placed.solids.map(({ prism }) => prism).filter((prism) => prismsOverlap(prism, solid))
        return shared.length === 0 ? [] : [{ placed, shared }]
      })
      if (found.kind === 'stays')
        return meets.map(({ placed, shared }) => {
          const boxes = shared.map((prism) => overlapBounds(prism, solid))
          const depth = Math.max(...boxes.map(({ x, y, z }) => Math.min(spanLength(x), spanLength(y), spanLength(z))))
          return {
            code: 'meets-stays',
            fittings: [placed.id],
            place: middleOf(solid),
            measured: Math.max(1, Math.round(depth)),
            needed: 0,
            unit: 'mm',
            facts,
          }
        })
      if (!isPending(found)) return []
      const hides = WORK_STEPS.indexOf(found.before) <= WORK_STEPS.indexOf('furnish')
      const around = prismBounds(solid)
      const cut = scene.interior.shell.openings.filter((opening) => {
        const box =
          plan.changes[opening.id] === undefined ? undefined : cutOf(scene.interior, opening, parameters.soundMm)
        return box !== undefined && boxesOverlap(box, around)
      })
      const at = { place: middleOf(solid), needed: 0, unit: 'count' as const }
      return [
        ...(hides && meets.length > 0
          ? [
              {
                ...at,
                code: 'built-over' as const,
                fittings: meets.map(({ placed }) => placed.id),
                measured: meets.length,
                facts: { ...facts, step: found.before, minutes: found.minutes },
              },
            ]
          : []),
        ...cut.map(({ label }) => ({
          ...at,
          code: 'cut-in-bad' as const,
          fittings: [],
          measured: 1,
          facts: { ...facts, opening: label },
        })),
      ]
    }),
  remedies: (input, { code, facts, fittings }) => {
    const found = input.job.found?.[facts.id]
    if (found === undefined) return []
    const put = (next: Found): Remedy['commands'] => [{ type: 'found.put', id: facts.id, found: next }]
    const asOther = { fittingId: undefined, amount: 0 }
    if (code !== 'meets-stays') return [{ ...asOther, code: 'found-done', commands: put({ ...found, done: true }) }]
    const [placed, solid] = [input.find(fittings[0] ?? ''), foundPrism(found)]
    if (placed === undefined || solid === undefined) return []
    const parts = placed.solids.map(({ prism }) => prism)
    return [
      ...shiftsClearOf(input, placed, parts, [solid]),
      { ...asOther, amount: 1, code: 'found-out', commands: put({ ...found, kind: 'comes-out', before: 'mend' }) },
    ]
  },
})
