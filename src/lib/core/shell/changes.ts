import { z } from 'zod'
import type { Span } from '../geometry'
import { TOUCH_MM } from '../units'
import { idSchema, type Opening, type Shell } from './shape'

const mm = (min: number, max: number) => z.number().min(min).max(max)
/** Along the body, or across it at the rear: `changeFaults` holds them against the body. */
const along = { fromMm: mm(-1250, 14_000), toMm: mm(-1250, 14_000) }

const flare = z.looseObject({
  kind: z.literal('flare'),
  side: z.enum(['left', 'right']),
  ...along,
  bottomMm: mm(0, 2500).describe('Lower edge above the load floor'),
  topMm: mm(0, 2500),
  depthMm: mm(20, 250).describe('How far the wall comes out'),
})

const widened = z.looseObject({
  kind: z.literal('widened'),
  side: z.enum(['left', 'right']),
  ...along,
  depthMm: mm(20, 600).describe('How far the wall stands further out, from floor to roof'),
})

export const ROOF_SHAPES = ['straight', 'curved'] as const

const raisedRoof = z.looseObject({
  kind: z.literal('raised-roof'),
  ...along,
  widthMm: mm(400, 2300).describe('Across, round the centreline'),
  riseMm: mm(50, 900),
  shape: z.enum(ROOF_SHAPES).describe('Straight: the rise everywhere. Curved: falling to half of it at the edges'),
})

const floorWell = z.looseObject({
  kind: z.literal('floor-well'),
  ...along,
  rightMm: mm(-1200, 1200).describe('Right edge, y'),
  leftMm: mm(-1200, 1200).describe('Left edge, y'),
  depthMm: mm(30, 500).describe('How far the floor lies lower in it'),
})

const roofHatch = z.looseObject({
  kind: z.literal('roof-hatch'),
  ...along,
  rightMm: mm(-1200, 1200).describe('Right edge, y'),
  leftMm: mm(-1200, 1200).describe('Left edge, y'),
  standsUp: z.boolean().optional().describe('One can stand up through it while it is open'),
})

const cutOut = {
  side: z.enum(['left', 'right', 'rear']),
  ...along,
  sillMm: mm(0, 3000),
  headMm: mm(0, 3000),
}
const newWindow = z.looseObject({
  kind: z.literal('window'),
  ...cutOut,
  screened: z.boolean().optional().describe('Has an insect screen; left out: yes'),
})
const outsideOnly = z.boolean().optional().describe('Opens only from outside; left out: from inside too')
const sideHatch = z.looseObject({ kind: z.literal('side-hatch'), ...cutOut, outsideOnly })
export const DOOR_WAYS = ['hinged', 'hinged-180', 'twin-hinged', 'sliding', 'folding', 'tailgate', 'roll-up'] as const
const newDoor = z.looseObject({
  kind: z.literal('door'),
  ...cutOut,
  opens: z.enum(DOOR_WAYS),
  entrance: z.boolean().describe('People come in here: it stays free'),
  outsideOnly,
  stepMm: mm(50, 900).optional().describe('How far a step below it lies under the load floor'),
})

const bulkheadRemoved = z.looseObject({ kind: z.literal('bulkhead-removed') })
const bulkheadDoor = z.looseObject({ kind: z.literal('bulkhead-door') })
const blanked = z.looseObject({ kind: z.literal('window-blanked'), opening: idSchema })

/** Measures of which the first lies below the second. */
const PAIRS: readonly (readonly [string, string])[] = [
  ['fromMm', 'toMm'],
  ['bottomMm', 'topMm'],
  ['sillMm', 'headMm'],
  ['rightMm', 'leftMm'],
]

/** A change to the body. It belongs to a plan, so that variants may differ. */
export const bodyChangeSchema = z
  .discriminatedUnion('kind', [
    flare,
    widened,
    raisedRoof,
    floorWell,
    roofHatch,
    newWindow,
    newDoor,
    sideHatch,
    bulkheadRemoved,
    bulkheadDoor,
    blanked,
  ])
  .superRefine((change, context) => {
    const value = change as unknown as Readonly<Record<string, number | undefined>>
    for (const [low, high] of PAIRS) {
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
export const BODY_CHANGE_KINDS: readonly BodyChangeKind[] = [
  'flare',
  'widened',
  'raised-roof',
  'floor-well',
  'roof-hatch',
  'window',
  'door',
  'side-hatch',
  'bulkhead-removed',
  'bulkhead-door',
  'window-blanked',
]
export type BodyChanges = Readonly<Record<string, BodyChange>>
export const NO_CHANGES: BodyChanges = {}

/** When in the build a change is made; all of them come before insulation and lining. */
export const CHANGE_STEP: Record<BodyChangeKind, 'before-lining' | 'before-floor'> = {
  flare: 'before-lining',
  widened: 'before-lining',
  'raised-roof': 'before-lining',
  'floor-well': 'before-floor',
  'roof-hatch': 'before-lining',
  window: 'before-lining',
  door: 'before-lining',
  'side-hatch': 'before-lining',
  'bulkhead-removed': 'before-floor',
  'bulkhead-door': 'before-floor',
  'window-blanked': 'before-lining',
}

/** Room that a flare, or a wall that was moved out, adds beyond a wall’s own face, in the vehicle frame. */
export interface WallPocket {
  readonly kind: 'wall'
  readonly side: 'left' | 'right'
  readonly x: Span
  readonly z: Span
  readonly byMm: number
}

/** Room that a raised roof adds over the body’s own, round the centreline: so much in the middle, so much at its edges. */
export interface RoofPocket {
  readonly kind: 'roof'
  readonly x: Span
  readonly y: Span
  readonly byMm: number
  readonly edgeMm: number
}

/** Room that a well in the floor adds below it. */
export interface FloorPocket {
  readonly kind: 'floor'
  readonly x: Span
  readonly y: Span
  readonly byMm: number
}

/** Room that a change adds beyond the body’s own faces. */
export type Pocket = WallPocket | RoofPocket | FloorPocket

/** How far a raised roof lies over the body’s own at a distance from the centreline within it, mm: a parabola, or level. */
export function riseAt({ y, byMm, edgeMm }: RoofPocket, yMm: number): number {
  const share = Math.min(1, Math.abs(yMm) / y.max)
  return byMm - (byMm - edgeMm) * share * share
}

/** Beyond the floor and roof of any body. */
const EVERY_HEIGHT: Span = { min: -10_000, max: 10_000 }

/** A raised roof that is curved falls to this share of its rise at its outer edges. */
const EDGE_SHARE = 0.5

/**
 * What a change adds to the inside of a body lined by `wallMm` on its walls: a pocket is lined too, so its sides come in by
 * as much. The sides of a well in the floor stay bare; what lines the floor lies in it as well.
 */
export function pocketsOf(changes: BodyChanges, wallMm: number): readonly Pocket[] {
  const inset = (from: number, to: number): Span | undefined =>
    to - from > 2 * wallMm ? { min: from + wallMm, max: to - wallMm } : undefined
  return Object.values(changes).flatMap((change): Pocket[] => {
    if (change.kind === 'floor-well') {
      const { fromMm, toMm, rightMm, leftMm, depthMm } = change
      return [{ kind: 'floor', x: { min: fromMm, max: toMm }, y: { min: rightMm, max: leftMm }, byMm: depthMm }]
    }
    if (change.kind !== 'flare' && change.kind !== 'widened' && change.kind !== 'raised-roof') return []
    const x = inset(change.fromMm, change.toMm)
    if (x === undefined) return []
    if (change.kind === 'widened')
      return [{ kind: 'wall', side: change.side, x, z: EVERY_HEIGHT, byMm: change.depthMm }]
    if (change.kind === 'flare') {
      const z = inset(change.bottomMm, change.topMm)
      return z === undefined ? [] : [{ kind: 'wall', side: change.side, x, z, byMm: change.depthMm }]
    }
    const outer = change.widthMm / 2
    const half = outer - wallMm
    if (!(half > 0)) return []
    const whole: RoofPocket = {
      kind: 'roof',
      x,
      y: { min: -outer, max: outer },
      byMm: change.riseMm,
      edgeMm: change.shape === 'straight' ? change.riseMm : change.riseMm * EDGE_SHARE,
    }
    // the curve is the skin’s, from edge to edge: its lined sides stand further in, where it is higher
    return [{ ...whole, y: { min: -half, max: half }, edgeMm: riseAt(whole, half) }]
  })
}

const WORDS = {
  window: 'new window',
  door: 'new door',
  'side-hatch': 'side hatch',
  'roof-hatch': 'roof hatch',
} as const

/** The body as the changes leave it, its openings and bulkhead; room that is added comes by `pocketsOf`. */
export function changedShell(shell: Shell, changes: BodyChanges): Shell {
  const list = Object.entries(changes)
  if (list.length === 0) return shell
  const blank = new Set(list.flatMap(([, change]) => (change.kind === 'window-blanked' ? [change.opening] : [])))
  const added = list.flatMap(([id, change]): Opening[] => {
    if (change.kind === 'window' || change.kind === 'side-hatch' || change.kind === 'door') {
      const { side, fromMm, toMm, sillMm, headMm } = change
      const entrance = change.kind === 'door' && change.entrance
      const own: Opening = {
        id,
        label: WORDS[change.kind],
        entrance,
        side,
        fromMm,
        toMm,
        sillMm,
        headMm,
        opens: change.kind === 'window' ? 'sliding-pane' : change.kind === 'door' ? change.opens : 'hinged',
        need: entrance ? 'stay-free' : 'may-cover',
      }
      return [
        {
          ...own,
          ...(change.kind === 'window' && change.screened === false ? { screened: false } : {}),
          ...(change.kind !== 'window' && change.outsideOnly === true ? { outsideOnly: true } : {}),
          ...(change.kind === 'door' && change.stepMm !== undefined ? { stepMm: change.stepMm } : {}),
        },
      ]
    }
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
        ...(change.standsUp === true ? { standsUp: true } : {}),
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

/**
 * A change of a kind as one would first try it on this body, to be moved and sized; a flare on the wall that has none there yet.
 */
export function newChange(kind: BodyChangeKind, shell: Shell, others: BodyChanges = NO_CHANGES): BodyChange {
  const first = firstChange(kind, shell)
  const mirrored = first.kind === 'flare' || first.kind === 'widened' ? { ...first, side: 'right' as const } : first
  return overlapFaults('', first, others).length > 0 && overlapFaults('', mirrored, others).length === 0
    ? mirrored
    : first
}

function firstChange(kind: BodyChangeKind, shell: Shell): BodyChange {
  const long = shell.bulkhead.xMm
  const half = Math.max(...shell.stations.flatMap(({ left }) => left.map(([y]) => y)))
  const high = Math.max(...shell.stations.flatMap(({ left }) => left.map(([, z]) => z)))
  const middle = Math.round(long / 2)
  switch (kind) {
    case 'flare':
      return {
        kind,
        side: 'left',
        fromMm: 100,
        toMm: Math.min(1700, Math.round(long * 0.6)),
        bottomMm: 600,
        topMm: Math.min(1100, high - 100),
        depthMm: 100,
      }
    case 'widened':
      return { kind, side: 'left', fromMm: 100, toMm: Math.min(2000, Math.round(long * 0.6)), depthMm: 150 }
    case 'raised-roof':
      return {
        kind,
        fromMm: Math.round(long * 0.1),
        toMm: Math.round(long * 0.9),
        widthMm: Math.round((half * 1.4) / 10) * 10,
        riseMm: 300,
        shape: 'straight',
      }
    case 'floor-well':
      return { kind, fromMm: middle - 300, toMm: middle + 300, rightMm: -300, leftMm: 300, depthMm: 120 }
    case 'roof-hatch':
      return { kind, fromMm: middle - 200, toMm: middle + 200, rightMm: -200, leftMm: 200 }
    case 'window':
      return {
        kind,
        side: 'left',
        fromMm: middle - 400,
        toMm: middle + 400,
        sillMm: Math.round(high * 0.5),
        headMm: Math.round(high * 0.72),
      }
    case 'door':
      return {
        kind,
        side: 'right',
        fromMm: middle - 325,
        toMm: middle + 325,
        sillMm: 0,
        headMm: Math.min(1900, Math.round(high * 0.9)),
        opens: 'hinged',
        entrance: true,
      }
    case 'side-hatch':
      return { kind, side: 'left', fromMm: 200, toMm: 700, sillMm: 60, headMm: 460, outsideOnly: true }
    case 'window-blanked':
      return {
        kind,
        opening: shell.openings.find(({ opens }) => opens === 'fixed-window')?.id ?? shell.openings[0]!.id,
      }
    case 'bulkhead-removed':
    case 'bulkhead-door':
      return { kind }
  }
}

const FLARE_MM: Span = { min: 20, max: 250 }
const WIDENED_MM: Span = { min: 20, max: 600 }
const WELL_MM: Span = { min: 30, max: 500 }
const OWN_LIMITS: Readonly<Record<string, Span>> = {
  stepMm: { min: 50, max: 900 },
  widthMm: { min: 400, max: 2300 },
  riseMm: { min: 50, max: 900 },
}

/** Between what each length of a change may be typed: within the body, and not past its partner. */
export function changeLimits(shell: Shell, change: BodyChange): Readonly<Record<string, Span>> {
  const value = change as unknown as Readonly<Record<string, number | undefined>>
  const atTheRear = value['side'] === ('rear' as unknown)
  const along = atTheRear ? { min: -HALF_MM, max: HALF_MM } : endsOf(shell)
  const within: Readonly<Record<string, Span>> = {
    fromMm: along,
    toMm: along,
    bottomMm: { min: 0, max: 2500 },
    topMm: { min: 0, max: 2500 },
    sillMm: { min: 0, max: 3000 },
    headMm: { min: 0, max: 3000 },
    rightMm: { min: -1200, max: 1200 },
    leftMm: { min: -1200, max: 1200 },
    ...OWN_LIMITS,
    depthMm: change.kind === 'widened' ? WIDENED_MM : change.kind === 'floor-well' ? WELL_MM : FLARE_MM,
  }
  return Object.fromEntries(
    Object.entries(within).map(([key, { min, max }]) => {
      const above = value[PAIRS.find(([low]) => low === key)?.[1] ?? '']
      const below = value[PAIRS.find(([, high]) => high === key)?.[0] ?? '']
      return [key, { min: below === undefined ? min : below + 1, max: above === undefined ? max : above - 1 }]
    }),
  )
}

const endsOf = ({ stations }: Shell): Span => ({ min: stations[0]!.xMm, max: stations[stations.length - 1]!.xMm })

/** Beyond half the width of any body. */
const HALF_MM = 1250

interface ChangeFault {
  readonly path: readonly string[]
  readonly message: string
}

const apart = (a: Span, b: Span): boolean => a.max <= b.min + TOUCH_MM || b.max <= a.min + TOUCH_MM

/** The room along the body and up or across that a flare, a wall moved out, a raised roof or a well takes of its face; none of its other kind is on that. */
const groundOf = (change: BodyChange): { readonly face: string; readonly spans: readonly Span[] } | undefined =>
  change.kind === 'flare'
    ? {
        face: `${change.side} wall`,
        spans: [
          { min: change.fromMm, max: change.toMm },
          { min: change.bottomMm, max: change.topMm },
        ],
      }
    : change.kind === 'widened'
      ? { face: `${change.side} wall`, spans: [{ min: change.fromMm, max: change.toMm }, EVERY_HEIGHT] }
      : change.kind === 'raised-roof'
        ? { face: 'roof', spans: [{ min: change.fromMm, max: change.toMm }] }
        : change.kind === 'floor-well'
          ? {
              face: 'floor',
              spans: [
                { min: change.fromMm, max: change.toMm },
                { min: change.rightMm, max: change.leftMm },
              ],
            }
          : undefined

/** Why a change cannot be made beside those that are there: a flare lies on another, or a raised roof. */
export function overlapFaults(id: string, change: BodyChange, others: BodyChanges): readonly ChangeFault[] {
  const own = groundOf(change)
  if (own === undefined) return []
  return Object.entries(others).flatMap(([otherId, other]) => {
    const ground = groundOf(other)
    const lies =
      otherId !== id &&
      ground?.face === own.face &&
      own.spans.every((span, index) => !apart(span, ground.spans[index]!))
    const { min, max } = ground?.spans[0] ?? { min: 0, max: 0 }
    return lies
      ? [{ path: [id, 'fromMm'], message: `it would lie on another that is on the ${own.face} from ${min} to ${max}` }]
      : []
  })
}

/** What is wrong between changes and the body that they are made to, each with its path below the changes. */
export function changeFaults(shell: Shell, changes: BodyChanges): readonly ChangeFault[] {
  return Object.entries(changes).flatMap(([id, change]) => {
    if (change.kind === 'window-blanked')
      return shell.openings.some((one) => one.id === change.opening)
        ? []
        : [{ path: [id, 'opening'], message: `there is no opening “${change.opening}” in this body` }]
    if (change.kind === 'bulkhead-removed' || change.kind === 'bulkhead-door') return []
    const atTheRear =
      (change.kind === 'window' || change.kind === 'side-hatch' || change.kind === 'door') && change.side === 'rear'
    const { min: from, max: to } = atTheRear ? { min: -HALF_MM, max: HALF_MM } : endsOf(shell)
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
