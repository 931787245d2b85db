import {
  arealMassKg,
  isDoor,
  isWindow,
  thicknessOf,
  TOTAL_OF,
  type Interior,
  type LinedFace,
  type Opening,
} from '../../shell'
import { faceAreas, floorAreaM2, type FaceArea } from '../../space'
import { weightEntry, type Unknown, type WeightEntry } from './entry'

/**
 * A lining of which only the thickness is said, kg/m³: insulation alone; as it is usually built, board and covering over insulation on a floor, a
 * thin panel over it elsewhere; boards for the most part. Common practice, no source.
 */
const UNTOLD: Readonly<Record<LinedFace, { readonly low: number; readonly usual: number; readonly high: number }>> = {
  floor: { low: 60, usual: 300, high: 500 },
  wall: { low: 40, usual: 130, high: 350 },
  roof: { low: 40, usual: 130, high: 350 },
  door: { low: 40, usual: 130, high: 350 },
}

const m2Of = ({ fromMm, toMm, sillMm, headMm }: Opening): number => (toMm - fromMm) * (headMm - sillMm) * 1e-6

/** Of each face, what is lined: openings in walls and roof are not, wheel arches take from the floor. */
function linedAreas(interior: Interior): readonly (FaceArea & { readonly lined: LinedFace })[] {
  const { openings } = interior.shell
  const cutFrom = (side: Opening['side']): number =>
    openings.filter((one) => one.side === side && one.behind === undefined).reduce((sum, one) => sum + m2Of(one), 0)
  const LINED = { floor: 'floor', 'wall-left': 'wall', 'wall-right': 'wall', roof: 'roof' } as const
  const CUT = { floor: undefined, 'wall-left': 'left', 'wall-right': 'right', roof: 'roof' } as const
  return faceAreas(interior).map((area) => {
    const side = CUT[area.face]
    const m2 = area.face === 'floor' ? floorAreaM2(interior) : area.m2 - (side === undefined ? 0 : cutFrom(side))
    return { ...area, m2: Math.max(0, m2), lined: LINED[area.face] }
  })
}

interface Told {
  readonly kg: number
  readonly lowKg: number
  readonly highKg: number
  readonly reason: 'by-layers' | 'by-thickness'
}

function told({ lining }: Interior, face: LinedFace): Told | undefined {
  const mm = lining[TOTAL_OF[face]] ?? 0
  const layers = lining.layers?.[face]
  if (layers !== undefined && thicknessOf(layers) > 0) {
    const kg = arealMassKg(layers)
    return { kg, lowKg: kg, highKg: kg, reason: 'by-layers' }
  }
  if (!(mm > 0)) return undefined
  const of = (density: number): number => (density * mm) / 1000
  return {
    kg: of(UNTOLD[face].usual),
    lowKg: of(UNTOLD[face].low),
    highKg: of(UNTOLD[face].high),
    reason: 'by-thickness',
  }
}

const known = new WeakMap<
  Interior,
  { readonly entries: readonly WeightEntry[]; readonly unknown: readonly Unknown[] }
>()

/** What lining and insulation weigh, by face: layers by their density over the area that is lined. Worked out once for a body. */
export function liningEntries(interior: Interior): {
  readonly entries: readonly WeightEntry[]
  readonly unknown: readonly Unknown[]
} {
  const before = known.get(interior)
  if (before !== undefined) return before
  const entries: WeightEntry[] = []
  const untold = new Set<LinedFace>()
  const add = (id: string, lined: LinedFace, m2: number, at: WeightEntry['at']): void => {
    const perM2 = told(interior, lined)
    if (perM2 === undefined || m2 === 0) return
    if (perM2.reason === 'by-thickness') untold.add(lined)
    entries.push(
      weightEntry({
        id: `lining:${id}`,
        kind: 'lining',
        of: id,
        kg: m2 * perM2.kg,
        lowKg: m2 * perM2.lowKg,
        highKg: m2 * perM2.highKg,
        at,
        reason: perM2.reason,
      }),
    )
  }
  for (const { face, lined, m2, at } of linedAreas(interior)) add(face, lined, m2, at)
  for (const opening of interior.shell.openings) {
    if (!isDoor(opening) || isWindow(opening) || opening.behind !== undefined) continue
    const along = (opening.fromMm + opening.toMm) / 2
    const z = (opening.sillMm + opening.headMm) / 2
    const wall = faceY(interior, opening.side)
    add(`door-${opening.id}`, 'door', m2Of(opening), opening.side === 'rear' ? [0, along, z] : [along, wall, z])
  }
  const made = { entries, unknown: [...untold].map((id): Unknown => ({ what: 'lining-layers', id })) }
  known.set(interior, made)
  return made
}

const faceY = (interior: Interior, side: Opening['side']): number => {
  const half = Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map((corner) => corner[0])))
  return side === 'left' ? half : side === 'right' ? -half : 0
}
