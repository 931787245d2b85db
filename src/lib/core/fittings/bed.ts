import { block, type Span } from '../geometry'
import { DETAIL, DETAIL_MM, handle } from './adjust'
import type { LocalClearance, LocalLying, LocalService, LocalSolid } from './contract'
import { above, choiceParameter, countParameter, ENTRY_MM, inFront, lengthParameter, rigid } from './shapes'

/** What all beds have: the mattress, what it lies on, where heads are, and room left round it for bedding. */
export const bedParameters = {
  mattressMm: lengthParameter(120, 40, 250),
  base: choiceParameter(['slats', 'drilled', 'board']).describe('Slats or a drilled board let the mattress dry'),
  head: choiceParameter(['back', 'front']).describe(
    'At its back or its front; of a bed along its run, at its right end or its left',
  ),
  edgeMm: lengthParameter(0, 0, 80).describe('Gap round the mattress for bedding, on each side'),
}
export const BED_ADJUST = {
  mattressMm: DETAIL_MM,
  base: handle('lies-on'),
  head: DETAIL,
  edgeMm: DETAIL_MM,
} as const
export const sleepersParameter = (standard: number, most = 2) => countParameter(standard, 1, most)

export const FRAME_MM = 50
const ENTRY_HEIGHT_MM = 1300
/** Sitting height of a person of 1750 mm: 0.520 of stature. Drillis & Contini 1966, as drawn in Winter (from memory). */
export const SIT_UP_MM = 910
/** How far from the head end a sitting trunk reaches, and so where headroom to sit up counts; common practice, no source. */
const TRUNK_MM = 600

interface Bed {
  readonly mattressMm: number
  readonly edgeMm: number
  readonly head: string
}

/** Platform and mattress on a rectangle of the fitting's frame, the platform's top at `z`. */
export const bedSolids = (x: Span, y: Span, z: number, p: Bed): readonly LocalSolid[] => [
  rigid('platform', block([x.min, y.min, z - FRAME_MM], [x.max, y.max, z])),
  rigid(
    'mattress',
    block([x.min + p.edgeMm, y.min + p.edgeMm, z], [x.max - p.edgeMm, y.max - p.edgeMm, z + p.mattressMm]),
  ),
]

/** Room over the head end to sit up, its height counted from the mattress. */
export function sitUp(x: Span, y: Span, along: 'x' | 'y', topZ: number, head: string): LocalClearance {
  const span = along === 'x' ? x : y
  const end = Math.min(TRUNK_MM, span.max - span.min)
  const part = head === 'back' ? { min: span.max - end, max: span.max } : { min: span.min, max: span.min + end }
  return above('sit-up', 'sit-up', ['berth'], along === 'x' ? part : x, along === 'x' ? y : part, topZ, SIT_UP_MM)
}

/** A berth on a rectangle less the gap round its mattress; `zMm` is the mattress's top. */
export function berth(bed: {
  readonly x: Span
  readonly y: Span
  readonly along: 'x' | 'y'
  readonly zMm: number
  readonly sleepers: number
  readonly edgeMm?: number
  readonly over?: number
  /** As in `bedParameters`; at the back where nothing is said. */
  readonly head?: string
  readonly base?: LocalLying['base']
  readonly railMm?: number
  /** Part of it lies on what stands beside it. */
  readonly leans?: boolean
  readonly id?: string
}): LocalService {
  const { along, zMm, sleepers, edgeMm = 0, over = 0, head = 'back', base, railMm, leans = false, id } = bed
  const within = ({ min, max }: Span): Span => ({ min: min + edgeMm, max: max - edgeMm })
  return {
    type: 'berth',
    ...(id === undefined ? {} : { id }),
    quantity: sleepers,
    approach: 'entry',
    lying: {
      x: within(bed.x),
      y: within(bed.y),
      zMm,
      along,
      head: head === 'back' ? 'high' : 'low',
      ...(over > 0 ? { over } : {}),
      ...(base === undefined ? {} : { base }),
      ...(railMm === undefined ? {} : { railMm }),
      ...(leans ? { leans } : {}),
    },
  }
}

/** Floor to get in from before the front, at the middle of a stretch. */
export const entryInFront = (x: Span, frontY: number): LocalClearance => {
  const middle = (x.min + x.max) / 2
  const half = Math.min(350, (x.max - x.min) / 2)
  return inFront('entry', 'entry', ['berth'], { min: middle - half, max: middle + half }, frontY, ENTRY_MM)
}

/** Floor to get in from beside the fitting's right end (+x). */
export const entryAtEnd = (endX: number, halfMm: number): LocalClearance => ({
  id: 'entry',
  use: 'entry',
  serves: ['berth'],
  need: ENTRY_MM,
  unit: 'mm',
  fromFloor: true,
  upTo: (amount) => block([endX, -halfMm, 0], [endX + Math.max(amount, 1), halfMm, ENTRY_HEIGHT_MM]),
})

/** A child’s berth at least: common practice, no source. */
const CHILD_MM = { long: 1300, wide: 550 } as const
/** What a stowage is kept for: nothing, or a berth to come. */
export const keptForParameter = choiceParameter(['nothing', 'berth']).describe(
  'Kept to become a berth: its room is the reserve of a child to come',
)
/** Whether a stowage that is kept for a berth can become a child’s. */
export const becomesBerth = (p: { keptFor: string; lengthMm: number; depthMm: number }): boolean =>
  p.keptFor === 'berth' &&
  Math.max(p.lengthMm, p.depthMm) >= CHILD_MM.long &&
  Math.min(p.lengthMm, p.depthMm) >= CHILD_MM.wide
