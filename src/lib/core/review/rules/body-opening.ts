import { placePoint } from '../../geometry'
import { type BodyOpening, openingsOf, type Task } from '../../fittings'
import type { Placed, Scene } from '../../scene'
import type { BodyChange } from '../../shell'
import { TOUCH_MM } from '../../units'
import type { Remedy } from '../finding'
import { byFitting, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'opening-missing': { readonly openingId: string; readonly task: Task | 'air'; readonly through: 'wall' | 'roof' }
  }
}

interface Wanted {
  readonly side: 'left' | 'right' | 'rear' | 'roof'
  /** Along the wall or the vehicle, and up or across, in the vehicle frame. */
  readonly from: number
  readonly to: number
  readonly low: number
  readonly high: number
}

/** Where in the body a fitting’s opening is to be; undefined where its back is to no wall. */
function wantedAt(scene: Scene, placed: Placed, opening: BodyOpening): Wanted | undefined {
  const z = placed.placement.at[2]
  const ends = opening.x.map((x) => placePoint(placed.placement, [x, 0]))
  if (opening.through === 'roof') {
    const corners = opening.x.flatMap((x) => opening.other.map((y) => placePoint(placed.placement, [x, y])))
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)]
    return { side: 'roof', from: Math.min(...xs), to: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) }
  }
  const back = placePoint({ ...placed.placement, at: [0, 0, 0] }, [0, 1])
  const heights = { low: z + opening.other[0], high: z + opening.other[1] }
  if (Math.abs(back[1]) > 0.5) {
    const xs = ends.map(([x]) => x)
    return { side: back[1] > 0 ? 'left' : 'right', from: Math.min(...xs), to: Math.max(...xs), ...heights }
  }
  const rear = back[0] < 0 && placed.bounds.x.min - scene.interior.xSpan.min < 600
  const ys = ends.map(([, y]) => y)
  return rear ? { side: 'rear', from: Math.min(...ys), to: Math.max(...ys), ...heights } : undefined
}

/** An opening that is cut so far beside its place still takes what goes into it: its frame covers the rest. */
const FRAME_COVERS_MM = 10

const isThere = (scene: Scene, { side, from, to, low, high }: Wanted): boolean =>
  scene.interior.shell.openings.some(
    (opening) =>
      opening.side === side &&
      takes(opening.fromMm, opening.toMm, from, to) &&
      takes(opening.sillMm, opening.headMm, low, high),
  )

/** Large enough to a touch, and at its place but for what a frame covers. */
const takes = (cutFrom: number, cutTo: number, from: number, to: number): boolean =>
  cutTo - cutFrom >= to - from - TOUCH_MM && cutFrom <= from + FRAME_COVERS_MM && cutTo >= to - FRAME_COVERS_MM

/** A cassette’s hatch, a fan’s cut-out, a roof window: the body has the opening where the fitting needs it. */
export const bodyOpening = defineRule({
  id: 'body-opening',
  group: 'fit',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'opening-missing': 'caution' },
  basis: practice(
    'a cassette wants a hatch of its own behind it, a fan or roof window its cut-out above; its frame covers {10} to either side',
  ),
  parameters: {},
  key: byFitting(({ facts }) => facts.openingId),
  check: ({ scene }) =>
    scene.placed.flatMap((placed) =>
      openingsOf(placed.fitting).flatMap((opening) => {
        const wanted = wantedAt(scene, placed, opening)
        if (wanted !== undefined && isThere(scene, wanted)) return []
        const [x, y, z] = placed.placement.at
        return [
          {
            code: 'opening-missing' as const,
            fittings: [placed.id],
            place: [x, y, z + 200] as const,
            measured: 0,
            needed: Math.round(opening.x[1] - opening.x[0]),
            unit: 'mm' as const,
            facts: { openingId: opening.id, task: opening.task, through: opening.through },
          },
        ]
      }),
    ),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const opening = openingsOf(placed.fitting).find(({ id }) => id === finding.facts.openingId)
    if (opening === undefined) return []
    const wanted = wantedAt(input.scene, placed, opening)
    if (wanted === undefined) return []
    const [from, to, low, high] = [wanted.from, wanted.to, wanted.low, wanted.high].map(Math.round) as [
      number,
      number,
      number,
      number,
    ]
    const change: BodyChange =
      wanted.side === 'roof'
        ? { kind: 'roof-hatch', fromMm: from, toMm: to, rightMm: low, leftMm: high }
        : { kind: 'side-hatch', side: wanted.side, fromMm: from, toMm: to, sillMm: low, headMm: high }
    let number = 1
    while (input.plan.changes[`change-cut-${number}`] !== undefined) number += 1
    const remedy: Remedy = {
      code: 'cut-opening',
      fittingId: placed.id,
      amount: finding.needed,
      commands: [{ type: 'change.put', variant: input.variantId, id: `change-cut-${number}`, change }],
    }
    return [remedy]
  },
})
