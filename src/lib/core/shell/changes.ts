import { z } from 'zod'
import type { Span } from '../geometry'
import { idSchema, type Opening, type Shell } from './shape'

const mm = (min: number, max: number) => z.number().min(min).max(max)
const along = { fromMm: mm(-500, 14_000), toMm: mm(-500, 14_000) }

const flare = z.looseObject({
  kind: z.literal('flare'),
  side: z.enum(['left', 'right']),
  ...along,
  bottomMm: mm(0, 2500).describe('Lower edge above the load floor'),
  topMm: mm(0, 2500),
  depthMm: mm(20, 250).describe('How far the wall comes out'),
})

export const ROOF_SHAPES = ['straight', 'curved'] as const

const raisedRoof = z.looseObject({
  kind: z.literal('raised-roof'),
  ...along,
  widthMm: mm(400, 2300).describe('Across, round the centreline'),
  riseMm: mm(50, 900),
  shape: z.enum(ROOF_SHAPES).describe('Straight: the rise everywhere. Curved: falling to half of it at the edges'),
})

const roofHatch = z.looseObject({
  kind: z.literal('roof-hatch'),
  ...along,
  rightMm: mm(-1200, 1200).describe('Right edge, y'),
  leftMm: mm(-1200, 1200).describe('Left edge, y'),
})

const cutOut = {
  side: z.enum(['left', 'right', 'rear']),
  ...along,
  sillMm: mm(0, 3000),
  headMm: mm(0, 3000),
}
const newWindow = z.looseObject({ kind: z.literal('window'), ...cutOut })
const sideHatch = z.looseObject({ kind: z.literal('side-hatch'), ...cutOut })

const bulkheadRemoved = z.looseObject({ kind: z.literal('bulkhead-removed') })
const bulkheadDoor = z.looseObject({ kind: z.literal('bulkhead-door') })
const blanked = z.looseObject({ kind: z.literal('window-blanked'), opening: idSchema })

/** A change to the body. It belongs to a plan, so that variants may differ. */
export const bodyChangeSchema = z
  .discriminatedUnion('kind', [
    flare,
    raisedRoof,
    roofHatch,
    newWindow,
    sideHatch,
    bulkheadRemoved,
    bulkheadDoor,
    blanked,
  ])
  .superRefine((change, context) => {
    const pairs: readonly (readonly [string, string])[] = [
      ['fromMm', 'toMm'],
      ['bottomMm', 'topMm'],
      ['sillMm', 'headMm'],
      ['rightMm', 'leftMm'],
    ]
    const value = change as unknown as Readonly<Record<string, number | undefined>>
    for (const [low, high] of pairs) {
      const [from, to] = [value[low], value[high]]
      if (from !== undefined && to !== undefined && !(to > from))
        context.addIssue({
          code: 'custom',
          path: [high],
          message: `must be more than ${from}, where it starts; got ${to}`,
        })
    }
  })
export type BodyChange = Readonly<z.infer<typeof bodyChangeSchema>>
export type BodyChangeKind = BodyChange['kind']
export type BodyChanges = Readonly<Record<string, BodyChange>>
export const NO_CHANGES: BodyChanges = {}

/** When in the build a change is made; all of them come before insulation and lining. */
export const CHANGE_STEP: Record<BodyChangeKind, 'before-lining' | 'before-floor'> = {
  flare: 'before-lining',
  'raised-roof': 'before-lining',
  'roof-hatch': 'before-lining',
  window: 'before-lining',
  'side-hatch': 'before-lining',
  'bulkhead-removed': 'before-floor',
  'bulkhead-door': 'before-floor',
  'window-blanked': 'before-lining',
}

/** Room that a change adds beyond the body's own faces. */
export type Pocket =
  | {
      readonly kind: 'wall'
      readonly side: 'left' | 'right'
      readonly x: Span
      readonly z: Span
      readonly byMm: number
    }
  | { readonly kind: 'roof'; readonly x: Span; readonly y: Span; readonly byMm: number }

const CURVE_STRIPS = 5

/** The strips of a raised roof across, each as high as the curve is at its outer edge: never more than there is. */
function roofStrips(halfMm: number, riseMm: number, shape: (typeof ROOF_SHAPES)[number]): readonly [number, number][] {
  if (shape === 'straight') return [[halfMm, riseMm]]
  return Array.from({ length: CURVE_STRIPS }, (_, index): [number, number] => {
    const share = (index + 1) / CURVE_STRIPS
    return [halfMm * share, riseMm * (1 - (share * share) / 2)]
  })
}

/**
 * What a change adds to the inside of a body lined by `wallMm` on its walls: a pocket is lined too, so its sides come in by
 * as much. Roofs come as strips from the middle outward, each wider and lower than the one before.
 */
export function pocketsOf(changes: BodyChanges, wallMm: number): readonly Pocket[] {
  const inset = (from: number, to: number): Span | undefined =>
    to - from > 2 * wallMm ? { min: from + wallMm, max: to - wallMm } : undefined
  return Object.values(changes).flatMap((change): Pocket[] => {
    if (change.kind !== 'flare' && change.kind !== 'raised-roof') return []
    const x = inset(change.fromMm, change.toMm)
    if (x === undefined) return []
    if (change.kind === 'flare') {
      const z = inset(change.bottomMm, change.topMm)
      return z === undefined ? [] : [{ kind: 'wall', side: change.side, x, z, byMm: change.depthMm }]
    }
    const half = change.widthMm / 2 - wallMm
    if (!(half > 0)) return []
    return roofStrips(half, change.riseMm, change.shape).map(([reach, byMm]) => ({
      kind: 'roof',
      x,
      y: { min: -reach, max: reach },
      byMm,
    }))
  })
}

const WORDS = { window: 'new window', 'side-hatch': 'side hatch', 'roof-hatch': 'roof hatch' } as const

/** The body as the changes leave it, its openings and bulkhead; room that is added comes by `pocketsOf`. */
export function changedShell(shell: Shell, changes: BodyChanges): Shell {
  const list = Object.entries(changes)
  if (list.length === 0) return shell
  const blank = new Set(list.flatMap(([, change]) => (change.kind === 'window-blanked' ? [change.opening] : [])))
  const added = list.flatMap(([id, change]): Opening[] => {
    if (change.kind === 'window' || change.kind === 'side-hatch')
      return [
        {
          id,
          label: WORDS[change.kind],
          entrance: false,
          side: change.side,
          fromMm: change.fromMm,
          toMm: change.toMm,
          sillMm: change.sillMm,
          headMm: change.headMm,
          opens: change.kind === 'window' ? 'sliding-pane' : 'hinged',
          need: 'may-cover',
        },
      ]
    if (change.kind !== 'roof-hatch') return []
    return [
      {
        id,
        label: WORDS['roof-hatch'],
        entrance: false,
        side: 'roof',
        fromMm: change.fromMm,
        toMm: change.toMm,
        sillMm: change.rightMm,
        headMm: change.leftMm,
        opens: 'roof-hatch',
        need: 'may-cover',
      },
    ]
  })
  const through = list.some(([, { kind }]) => kind === 'bulkhead-removed' || kind === 'bulkhead-door')
  return {
    ...shell,
    openings: [...shell.openings.filter(({ id }) => !blank.has(id)), ...added],
    bulkhead: through ? { ...shell.bulkhead, wayThrough: true } : shell.bulkhead,
  }
}

const HALF_MM = 1250

/** What is wrong between changes and the body that they are made to, each with its path below the changes. */
export function changeFaults(
  shell: Shell,
  changes: BodyChanges,
): readonly { readonly path: readonly string[]; readonly message: string }[] {
  const [rear, front] = [shell.stations[0]!.xMm, shell.stations[shell.stations.length - 1]!.xMm]
  return Object.entries(changes).flatMap(([id, change]) => {
    if (change.kind === 'window-blanked')
      return shell.openings.some((one) => one.id === change.opening)
        ? []
        : [{ path: [id, 'opening'], message: `there is no opening “${change.opening}” in this body` }]
    if (change.kind === 'bulkhead-removed' || change.kind === 'bulkhead-door') return []
    const atTheRear = (change.kind === 'window' || change.kind === 'side-hatch') && change.side === 'rear'
    const [from, to] = atTheRear ? [-HALF_MM, HALF_MM] : [rear, front]
    return change.fromMm < from || change.toMm > to
      ? [
          {
            path: [id, 'fromMm'],
            message: `goes from ${change.fromMm} to ${change.toMm}; the body from ${from} to ${to}`,
          },
        ]
      : []
  })
}
