import type { Purpose } from '../brief'
import {
  addTurns,
  clamp,
  placePrism,
  prismBounds,
  unionOf,
  type Box,
  type Placement,
  type Prism,
  type Turn,
  type Vec2,
  type Vec3,
} from '../geometry'
import {
  kindOf,
  type ClearanceUse,
  type Feature,
  type FittingKind,
  type LocalClearance,
  type LocalService,
  type ServiceType,
} from '../fittings'
import type { Figure, Fitting, Mode, Plan } from '../job'
import { liningTop, lowestRoof, wallReach, type Interior } from '../shell'
import { TOUCH_MM } from '../units'

export interface PlacedSolid {
  readonly id: string
  readonly prism: Prism
  readonly fit: 'rigid' | 'scribed'
}

export interface PlacedClearance {
  readonly id: string
  readonly use: ClearanceUse
  readonly serves: readonly ServiceType[]
  readonly need: number
  readonly unit: 'mm' | 'deg'
  readonly prism: Prism
  readonly upTo: (amount: number) => Prism
}

export interface PlacedService extends Omit<LocalService, 'inside'> {
  readonly fittingId: string
  readonly inside?: Prism
}

/** A fitting where it stands in one mode, everything in the vehicle frame. */
export interface Placed {
  readonly id: string
  readonly fitting: Fitting
  readonly kind: FittingKind
  readonly stance: string
  readonly placement: Placement
  /** The wall that its back is cut to, if it stands flush against one. */
  readonly scribedTo: 'left' | 'right' | undefined
  readonly bounds: Box
  readonly solids: readonly PlacedSolid[]
  readonly clearances: readonly PlacedClearance[]
  readonly services: readonly PlacedService[]
  readonly features: readonly Feature[]
}

/** A plan resolved in one mode. Everything downstream reads scenes. */
export interface Scene {
  readonly interior: Interior
  readonly modeId: string
  readonly purpose: Purpose
  readonly placed: readonly Placed[]
  /** Cab seats that are turned round in this mode, by id. */
  readonly turned: readonly string[]
  /** Figures that were put into this mode, by id. */
  readonly figures: Readonly<Record<string, Figure>>
}

const NONE_TURNED: readonly string[] = []
const NO_FIGURES: Scene['figures'] = {}

export const stanceOf = (fitting: Fitting, id: string, mode: Mode): string =>
  mode.stances[id] ?? kindOf(fitting.kind).stanceFor[mode.purpose]

const ANCHOR_TURN: Record<Fitting['seat']['across']['from'], Turn> = {
  'left-wall': 0,
  centreline: 0,
  'right-wall': 180,
}

/** The turn in the vehicle frame: the anchor's own direction plus the fitting's. */
const vehicleTurn = (seat: Fitting['seat']): Turn => addTurns(ANCHOR_TURN[seat.across.from], seat.turn)

/** Extents of a footprint in the vehicle frame. */
function extents(fitting: Fitting): Vec3 {
  const { lengthMm, depthMm, heightMm } = kindOf(fitting.kind).footprint(fitting.parameters)
  const turned = vehicleTurn(fitting.seat) % 180 === 90
  return turned ? [depthMm, lengthMm, heightMm] : [lengthMm, depthMm, heightMm]
}

interface Wall {
  readonly side: 'left' | 'right'
  readonly referenceMm: number
  readonly wideMm: number
}

/** How far the wall behind a fitting is out, at the height that its depth is measured from and at its widest. */
function wallBehind(
  interior: Interior,
  side: 'left' | 'right',
  along: { min: number; max: number },
  z0: number,
  z1: number,
  scribedAt: 'top' | 'bottom' | undefined,
): Wall {
  const floor = liningTop(interior, along.min)
  const cap = Math.min(...interior.sections.map(({ polygon }) => wallTop(polygon)))
  const low = clamp(z0, floor, cap - 1)
  const high = clamp(z1, low + 1, cap)
  const whole = wallReach(interior, side, along, { min: low, max: high })
  const at = scribedAt === 'top' ? high : low
  const reference = scribedAt === undefined ? whole : wallReach(interior, side, along, { min: at, max: at })
  if (whole === undefined || reference === undefined) throw new RangeError(`no wall between ${low} and ${high}`)
  return { side, referenceMm: reference.tightMm, wideMm: whole.wideMm }
}

/** The highest z at which a section still has walls to stand against. */
const wallTop = (polygon: readonly Vec2[]): number => Math.max(...polygon.map((corner) => corner[1])) - 2

/** Depth in y that a turned footprint's scribed back may grow by. */
const growBack = (solid: Prism, wall: Wall): Prism => {
  if (solid.axis === 'x') return solid
  const sign = wall.side === 'left' ? 1 : -1
  if (solid.axis === 'y') {
    const span =
      sign > 0
        ? { min: solid.span.min, max: Math.max(solid.span.max, wall.wideMm) }
        : { min: Math.min(solid.span.min, -wall.wideMm), max: solid.span.max }
    return { ...solid, span }
  }
  const ys = solid.profile.map((point) => point[1] * sign)
  const back = Math.max(...ys)
  if (wall.wideMm <= back) return solid
  return {
    ...solid,
    profile: solid.profile.map(([x, y]): Vec2 => (y * sign > back - TOUCH_MM ? [x, wall.wideMm * sign] : [x, y])),
  }
}

function place(
  interior: Interior,
  fitting: Fitting,
  topOf: (id: string) => number | undefined,
): { placement: Placement; wall: Wall | undefined } {
  const { seat } = fitting
  const kind = kindOf(fitting.kind)
  const [length, depth, height] = extents(fitting)
  const { min: rear, max: front } = interior.xSpan
  const x0 = seat.along.from === 'rear' ? rear + seat.along.mm : front - seat.along.mm - length
  const along = { min: clamp(x0, rear, front), max: clamp(x0 + length, rear, front) }
  const floor = liningTop(interior, clamp(x0 + length / 2, rear, front))
  const scribes =
    seat.turn === 0 && kind.solids(fitting.parameters, kind.stances[0]).some((solid) => solid.fit === 'scribed')
  const side = seat.across.from === 'centreline' ? undefined : seat.across.from === 'left-wall' ? 'left' : 'right'

  const sideways = (z0: number): { y: number; wall: Wall | undefined } => {
    if (side === undefined) return { y: seat.across.mm, wall: undefined }
    const wall = wallBehind(interior, side, along, z0, z0 + height, scribes ? kind.scribedAt : undefined)
    const toWall = wall.referenceMm - seat.across.mm - depth / 2
    return { y: side === 'left' ? toWall : -toWall, wall }
  }

  let z0: number
  if (seat.up.from === 'floor') z0 = floor + seat.up.mm
  else if (seat.up.from === 'top-of') z0 = (topOf(seat.up.fitting ?? '') ?? floor) + seat.up.mm
  else {
    // Where the roof is depends on how far out the wall lets the fitting go, and that on its height: three rounds settle it.
    const peak = Math.max(...interior.sections[0]!.polygon.map((corner) => corner[1]))
    z0 = peak - seat.up.mm - height
    for (let round = 0; round < 3; round += 1) {
      const { y } = sideways(z0)
      const edges =
        side === undefined ? [y - depth / 2, y + depth / 2] : side === 'left' ? [y - depth / 2] : [y + depth / 2]
      const across = { min: Math.min(...edges), max: Math.max(...edges) }
      z0 = (lowestRoof(interior, along, across) ?? peak) - seat.up.mm - height
    }
  }
  const { y, wall } = sideways(z0)
  const flush = scribes && seat.across.mm <= TOUCH_MM
  return {
    placement: { at: [x0 + length / 2, y, z0], turn: vehicleTurn(seat), mirrored: seat.mirrored },
    wall: flush ? wall : undefined,
  }
}

function placeClearance(clearance: LocalClearance, placement: Placement, floorMm: number): PlacedClearance {
  const upTo = (amount: number): Prism => {
    const placed = placePrism(placement, clearance.upTo(amount))
    if (!clearance.fromFloor || placed.axis !== 'z') return placed
    const height = placed.span.max - placed.span.min
    return { ...placed, span: { min: floorMm, max: floorMm + height } }
  }
  const { id, use, serves, need, unit } = clearance
  return { id, use, serves, need, unit, prism: upTo(need), upTo }
}

function resolveOne(
  interior: Interior,
  id: string,
  fitting: Fitting,
  stance: string,
  topOf: (id: string) => number | undefined,
): Placed {
  const kind = kindOf(fitting.kind)
  const { placement, wall } = place(interior, fitting, topOf)
  const solids = kind.solids(fitting.parameters, stance).map((solid): PlacedSolid => {
    const prism = placePrism(placement, solid.prism)
    return {
      id: solid.id,
      fit: solid.fit,
      prism: solid.fit === 'scribed' && wall !== undefined ? growBack(prism, wall) : prism,
    }
  })
  const floor = liningTop(interior, clamp(placement.at[0], interior.xSpan.min, interior.xSpan.max))
  return {
    id,
    fitting,
    kind,
    stance,
    placement,
    scribedTo: wall?.side,
    bounds: unionOf(solids.map((solid) => prismBounds(solid.prism))),
    solids,
    clearances: kind
      .clearances(fitting.parameters, stance)
      .map((clearance) => placeClearance(clearance, placement, floor)),
    services: kind.services(fitting.parameters, stance).map(({ inside, ...service }) => ({
      ...service,
      fittingId: id,
      ...(inside === undefined ? {} : { inside: placePrism(placement, inside) }),
    })),
    features: kind.features(fitting.parameters, stance),
  }
}

/**
 * Resolves a plan in one mode. `before` is an earlier scene of the same plan: what has not changed since is taken from
 * it, so a drag costs what it moves.
 */
export function buildScene(interior: Interior, plan: Plan, modeId: string, before?: Scene): Scene {
  const mode = plan.modes[modeId]
  if (mode === undefined) throw new RangeError(`there is no mode “${modeId}” in this plan`)
  const reusable =
    before?.interior === interior ? new Map(before.placed.map((placed) => [placed.id, placed])) : undefined
  const done = new Map<string, Placed>()
  const resolve = (id: string): Placed | undefined => {
    const known = done.get(id)
    const fitting = plan.fittings[id]
    if (known !== undefined || fitting === undefined) return known
    const stance = stanceOf(fitting, id, mode)
    const old = reusable?.get(id)
    const under =
      fitting.seat.up.from === 'top-of' && fitting.seat.up.fitting !== undefined
        ? resolve(fitting.seat.up.fitting)
        : undefined
    const sameUnder = under === undefined || reusable?.get(under.id) === under
    const placed =
      old !== undefined && old.fitting === fitting && old.stance === stance && sameUnder
        ? old
        : resolveOne(interior, id, fitting, stance, () => under?.bounds.z.max)
    done.set(id, placed)
    return placed
  }
  for (const id of Object.keys(plan.fittings)) resolve(id)
  return {
    interior,
    modeId,
    purpose: mode.purpose,
    placed: [...done.values()],
    turned: mode.turned ?? NONE_TURNED,
    figures: mode.figures ?? NO_FIGURES,
  }
}
