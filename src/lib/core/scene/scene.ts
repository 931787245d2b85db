import type { Purpose } from '../brief'
import {
  addTurns,
  block,
  type Box,
  boxPrism,
  clamp,
  composed,
  type Placement,
  placePoint,
  placePolygon,
  placePrism,
  type Polygon,
  type Prism,
  prismBounds,
  prismsOverlap,
  rectangle,
  type Span,
  spanLength,
  spanMiddle,
  type Turn,
  unionOf,
  type Vec2,
  type Vec3,
} from '../geometry'
import {
  clearancesOf,
  type ClearanceUse,
  type Facts,
  factsOf,
  isCut,
  type Feature,
  featuresOf,
  type Fit,
  type FittingKind,
  footprintOf,
  hollowsOf,
  type HollowWay,
  type Inside,
  isInTheWay,
  kindOfMade,
  type LocalClearance,
  type LocalLying,
  type LocalService,
  type LocalSolid,
  type Seat,
  type SeatPlace,
  servicesOf,
  type ServiceType,
  solidsOf,
  type Task,
} from '../fittings'
import type { Figure, Fitting, Mode, Plan } from '../job'
import {
  cabSpace,
  floorThere,
  heightsAt,
  type Interior,
  isAhead,
  lowestRoof,
  protrusionThere,
  wallTop,
  wellAt,
} from '../shell'
import { SAME_MM, TOUCH_MM } from '../units'
import { cutAllRound, cutToRoof, growBack } from './cut'
import { beforeDoor } from './doorway'
import { outerRoof, outerRoofOver } from './outer-height'
import { type MeasuredAt, wallDistance, type WallDistance } from './wall-distance'

export interface PlacedSolid {
  readonly id: string
  readonly prism: Prism
  readonly fit: Fit
}

/** What of a host is taken out or off before one gets at what is in it. */
export type TakenFirst = 'drawers' | 'mattress'

export interface PlacedClearance {
  readonly id: string
  readonly use: ClearanceUse
  readonly serves: readonly ServiceType[]
  readonly need: number
  readonly unit: 'mm' | 'deg'
  readonly task: Task | undefined
  readonly outdoors: boolean
  /** What it is in is opened for it, by something that needs no room: that one is not in its way. */
  readonly past?: string
  /** What comes out or off first: the drawers that it is behind, the mattress that it is under. */
  readonly first?: TakenFirst
  readonly prism: Prism
  readonly upTo: (amount: number) => Prism
}

/** Where one lies, in the vehicle frame; `zMm` is still the height over the fitting’s own base. */
interface Lying extends Pick<LocalLying, 'zMm' | 'along' | 'over' | 'base' | 'railMm' | 'leans'> {
  readonly lengthMm: number
  readonly widthMm: number
  /** The mattress in plan, its middle, and the way from there to the head. */
  readonly area: Polygon
  readonly middle: Vec2
  readonly headward: Vec2
}

export interface PlacedService extends Omit<LocalService, 'inside' | 'surface' | 'places' | 'top' | 'lying'> {
  readonly fittingId: string
  readonly lying?: Lying
  readonly inside?: Prism
  readonly surface?: Prism
  readonly places?: readonly SeatPlace[]
  readonly top?: Polygon
}

/** A room inside a fitting, where that stands. */
export interface PlacedHollow {
  readonly id: string
  readonly room: Box
  readonly taken: readonly PlacedSolid[]
  readonly by: HollowWay
  readonly through: readonly string[]
}

/** Where a fitting is that was put into another. */
export interface Within {
  readonly hostId: string
  /** How the host stands: what is inside is measured in its frame. */
  readonly host: Placement
  readonly hollowId: string
  /** The hollow where it stands. */
  readonly room: Box
}

/** A fitting where it stands in one mode, everything in the vehicle frame. */
export interface Placed {
  readonly id: string
  readonly fitting: Fitting
  readonly kind: FittingKind
  readonly stance: string
  /** Its seat in this mode. */
  readonly seat: Seat
  readonly placement: Placement
  /** The wall that its back is cut to, if it stands flush against one. */
  readonly scribedTo: 'left' | 'right' | undefined
  /** Where its distance from a wall is taken. */
  readonly measuredAt: MeasuredAt
  readonly bounds: Box
  readonly solids: readonly PlacedSolid[]
  /** Those of its solids that stand in the way of others inside the body. */
  readonly inner: readonly PlacedSolid[]
  /** The rooms inside it. */
  readonly hollows: readonly PlacedHollow[]
  /** The hollow of another that it was put into, if that is there. */
  readonly within: Within | undefined
  readonly clearances: readonly PlacedClearance[]
  readonly services: readonly PlacedService[]
  /** What it does in this stance, in its own frame; `heatOf` and its like place what of it has a place. */
  readonly facts: Facts
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

/** How a fitting is seated in a mode: as always, unless the mode puts it elsewhere. */
const seatIn = (fitting: Fitting, id: string, mode: Mode): Seat => mode.seats?.[id] ?? fitting.seat

const isAway = (id: string, mode: Mode): boolean => mode.away?.includes(id) ?? false

/** Whether what it is in, or what that is in, is out of the vehicle in this mode. */
function isCarriedOff(plan: Plan, id: string, mode: Mode): boolean {
  const seen = new Set<string>()
  for (let at: string | undefined = id; at !== undefined && !seen.has(at);) {
    seen.add(at)
    if (at !== id && isAway(at, mode)) return true
    const fitting: Fitting | undefined = plan.fittings[at]
    at = fitting === undefined ? undefined : seatIn(fitting, at, mode).inside?.fitting
  }
  return false
}

const stanceOf = (fitting: Fitting, id: string, mode: Mode): string =>
  mode.stances[id] ?? kindOfMade(fitting).stanceFor[mode.purpose]

const ANCHOR_TURN: Record<Fitting['seat']['across']['from'], Turn> = {
  'left-wall': 0,
  centreline: 0,
  'right-wall': 180,
}

/** The turn in the vehicle frame: the anchor's own direction plus the fitting's. */
const anchorTurn = (seat: Fitting['seat']): Turn => addTurns(ANCHOR_TURN[seat.across.from], seat.turn)

/** Extents of a footprint that stands turned so. */
function extents(fitting: Fitting, turn: Turn): Vec3 {
  const { lengthMm, depthMm, heightMm } = footprintOf(fitting)
  return turn % 180 === 90 ? [depthMm, lengthMm, heightMm] : [lengthMm, depthMm, heightMm]
}

/** Up to where a body’s walls stand on both sides all along. */
const knownTops = new WeakMap<Interior, number>()

function wallTopOf(interior: Interior): number {
  const known = knownTops.get(interior)
  if (known !== undefined) return known
  const top = wallTop(interior)
  knownTops.set(interior, top)
  return top
}

/** What a fitting is anchored to besides the body. */
interface Anchors {
  /** The one that it was put into. */
  readonly host: Placed | undefined
  /** Top of what it stands on. */
  readonly topMm: number | undefined
  /** Front of what it comes after. */
  readonly frontMm: number | undefined
}

/** Whether a thing is cut to the wall where it stands: one that a plan leaves off the wall is not, unless that says so. */
const isBuiltThere = (fitting: Fitting, { across }: Seat): boolean =>
  isCut(fitting) && (fitting.cut === true || across.mm === 0)

/** Where a kind’s distance from a wall is taken, seated so. */
function measuredAtOf(kind: FittingKind, fitting: Fitting, seat: Seat): MeasuredAt {
  const solids = solidsOf(fitting, kind.stances[0])
  const scribes =
    solids.some(({ cut }) => cut === 'all-round') ||
    (seat.turn === 0 && (isBuiltThere(fitting, seat) || solids.some((solid) => solid.fit === 'scribed')))
  return scribes ? kind.scribedAt : 'closest'
}

/** Between what edges the roof stops a thing that hangs from it: by a wall its inner one, as its back is the wall’s matter. */
export const hungBetween = ({ across: { from } }: Seat, { min, max }: Span): Span =>
  from === 'left-wall' ? { min, max: min } : from === 'right-wall' ? { min: max, max } : { min, max }

interface Position {
  readonly placement: Placement
  readonly measuredAt: MeasuredAt
  /** The wall that its back is cut to, where it stands flush against one. */
  readonly wall: WallDistance | undefined
}

function place(interior: Interior, fitting: Fitting, seat: Seat, { topMm, frontMm }: Anchors): Position {
  const kind = kindOfMade(fitting)
  const [length, depth, height] = extents(fitting, anchorTurn(seat))
  const { min: rear, max: front } = interior.xSpan
  const { mm: alongMm } = seat.along
  const x0 =
    seat.along.from === 'bulkhead'
      ? front - alongMm - length
      : (seat.along.from === 'after' ? (frontMm ?? rear) : rear) + alongMm
  const along = { min: x0, max: x0 + length }
  const floor = floorThere(interior, x0 + length / 2)
  const measuredAt = measuredAtOf(kind, fitting, seat)
  const side = seat.across.from === 'centreline' ? undefined : seat.across.from === 'left-wall' ? 'left' : 'right'

  const sideways = (z0: number): { y: number; wall: WallDistance | undefined } => {
    if (side === undefined) return { y: seat.across.mm, wall: undefined }
    const wall = wallDistance(interior, side, along, { min: z0, max: z0 + height }, measuredAt)
    if (wall === undefined) throw new RangeError(`no ${side} wall from ${z0} to ${z0 + height}`)
    const toWall = wall.referenceMm - seat.across.mm - depth / 2
    return { y: side === 'left' ? toWall : -toWall, wall }
  }

  let z0: number
  if (seat.up.from === 'floor') {
    // what finds room in a well stands on its bottom
    const { y } = sideways(floor + seat.up.mm)
    z0 = floor + seat.up.mm - wellAt(interior, along, { min: y - depth / 2, max: y + depth / 2 })
  } else if (seat.up.from === 'top-of') z0 = (topMm ?? floor) + seat.up.mm
  else if (seat.up.from === 'under-floor') z0 = -seat.up.mm - height
  else if (seat.up.from === 'on-roof') {
    const { y } = sideways(outerRoof(interior))
    z0 = outerRoofOver(interior, along, { min: y - depth / 2, max: y + depth / 2 }) + seat.up.mm
  } else {
    const within = { min: clamp(along.min, rear, front), max: clamp(along.max, rear, front) }
    const peak = Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map((corner) => corner[1])))
    const underRoof = (at: number): number => {
      const { y } = sideways(at)
      const across = hungBetween(seat, { min: y - depth / 2, max: y + depth / 2 })
      const roof = x0 >= front ? cabSpace(interior)?.z.max : lowestRoof(interior, within, across)
      return (roof ?? peak) - seat.up.mm - height
    }
    // what is not cut to the wall keeps its outer edge under the roof as well, where that falls by a hair to it
    const hairOver = (at: number): number => {
      const { y } = sideways(at)
      const roof = x0 >= front ? undefined : lowestRoof(interior, within, { min: y - depth / 2, max: y + depth / 2 })
      const over = roof === undefined ? 0 : at + height - roof
      return over > 0 && over < SAME_MM ? over : 0
    }
    z0 = settled(underRoof, floor - height, peak - seat.up.mm - height)
    if (measuredAt === 'closest') z0 -= hairOver(z0)
  }
  const { y, wall } = sideways(z0)
  const flush = measuredAt !== 'closest' && seat.across.mm <= TOUCH_MM
  return {
    placement: { at: [x0 + length / 2, y, z0], turn: anchorTurn(seat), mirrored: seat.mirrored },
    measuredAt,
    wall: flush ? wall : undefined,
  }
}

/** The hollow of a host that is asked for by name, in the host’s own frame; its whole outline where it has none of that name. */
function hollowIn(host: Placed, name: string): Box {
  const hollow = hollowsOf(host.fitting, host.stance).find(({ id }) => id === name)
  return hollow?.room ?? prismBounds(outlineOf(host.fitting))
}

/** Where a fitting stands that was put into a hollow. */
function placeInside(fitting: Fitting, inside: Inside, host: Placed): { placement: Placement; within: Within } {
  const local = hollowIn(host, inside.hollow)
  const [long, deep] = extents(fitting, inside.turn)
  const { along, across, upMm, turn, mirrored, hollow } = inside
  const x = along.from === 'left' ? local.x.min + along.mm + long / 2 : local.x.max - along.mm - long / 2
  const y = across.from === 'front' ? local.y.min + across.mm + deep / 2 : local.y.max - across.mm - deep / 2
  const placement = composed(host.placement, { at: [x, y, local.z.min + upMm], turn, mirrored })
  const room = prismBounds(placePrism(host.placement, boxPrism(local)))
  return { placement, within: { hostId: host.id, host: host.placement, hollowId: hollow, room } }
}

/** What is got at through its host: whatever of a clearance lies in that gives way to what opens the hollow. */
function throughHost(
  { hollowId }: Within,
  host: Placed,
  clearances: readonly PlacedClearance[],
): readonly PlacedClearance[] {
  const hollow = host.hollows.find(({ id }) => id === hollowId)
  const ways = hollow?.through ?? []
  return clearances.flatMap((clearance): readonly PlacedClearance[] => {
    const meets = host.inner.some(({ prism }) => prismsOverlap(prism, clearance.prism))
    if (!meets) return [clearance]
    if (ways.length === 0) {
      const isUnderBed = host.services.some(({ lying }) => lying?.base !== undefined)
      if (isUnderBed && hollow !== undefined) return [{ ...clearance, past: host.id, first: 'mattress' }]
      return [hollow === undefined || hollow.by === 'open' ? clearance : { ...clearance, past: host.id }]
    }
    return host.clearances
      .filter(({ id }) => ways.includes(id))
      .map((way, index) => ({
        ...way,
        id: `${clearance.id} by ${way.id}`,
        use: clearance.task === undefined ? way.use : 'access',
        serves: clearance.serves,
        task: clearance.task,
        past: host.id,
        ...(hollow?.by === 'drawer' && index === 0 ? { first: 'drawers' as const } : {}),
      }))
  })
}

const SETTLED_MM = 0.001
const MOST_ROUNDS = 60

/**
 * The height at which a thing hangs from the roof: how high that is depends on how far out the wall lets it go, and that on its
 * height. Where going from one to the other does not come to rest, the range between `low` and `high` is halved.
 */
function settled(hangsAt: (z: number) => number, low: number, high: number): number {
  let z = high
  for (let round = 0; round < 6; round += 1) {
    const next = hangsAt(z)
    if (Math.abs(next - z) < SETTLED_MM) return next
    z = next
  }
  let [under, over] = [low, high]
  for (let round = 0; round < MOST_ROUNDS && over - under > SETTLED_MM; round += 1) {
    const middle = (under + over) / 2
    if (hangsAt(middle) >= middle) under = middle
    else over = middle
  }
  return under
}

function placeClearance(
  interior: Interior,
  clearance: LocalClearance,
  placement: Placement,
  floorMm: number,
): PlacedClearance {
  // in a low body one kneels or stoops: above the walls the roof curves in, and there is no room to ask for
  const cab = isAhead(interior, placement.at[0]) ? cabSpace(interior) : undefined
  const highest = Math.max(floorMm, cab?.z.max ?? wallTopOf(interior))
  const upTo = (amount: number): Prism => {
    const placed = placePrism(placement, clearance.upTo(amount))
    if (!clearance.fromFloor || placed.axis !== 'z') return placed
    const height = placed.span.max - placed.span.min
    return { ...placed, span: { min: floorMm, max: Math.min(floorMm + height, highest) } }
  }
  const { id, use, serves, need, unit, task } = clearance
  const prism = upTo(need)
  const outdoors = clearance.outdoors ?? beforeDoor(interior, prism, clearance.fromFloor)
  return { id, use, serves, need, unit, task, outdoors, prism, upTo }
}

/** So far into a wall the room to get into a bed does not lie by mistake. */
const INTO_WALL_MM = 100

/** As `placeClearance`; into a bed that lies along a wall one gets from its other side, whichever way round it was put. */
function fromTheOpenSide(
  interior: Interior,
  clearance: LocalClearance,
  placement: Placement,
  floorMm: number,
): PlacedClearance {
  const placed = placeClearance(interior, clearance, placement, floorMm)
  if (clearance.use !== 'entry' || !clearance.serves.includes('berth')) return placed
  const inWall = ({ prism }: PlacedClearance): number => protrusionThere(interior, prism)?.byMm ?? 0
  if (inWall(placed) <= INTO_WALL_MM) return placed
  const other = placeClearance(interior, clearance, { ...placement, mirrored: !placement.mirrored }, floorMm)
  return inWall(other) < inWall(placed) ? other : placed
}

export const outlineOf = (fitting: Fitting): Prism => {
  const { lengthMm, depthMm, heightMm } = footprintOf(fitting)
  return block([-lengthMm / 2, -depthMm / 2, 0], [lengthMm / 2, depthMm / 2, heightMm])
}

function placeLying(lying: LocalLying, placement: Placement): Lying {
  const { x, y, zMm, along, head, over, base, railMm, leans } = lying
  const [long, wide] = along === 'x' ? [x, y] : [y, x]
  const middle = placePoint(placement, [spanMiddle(x), spanMiddle(y)])
  const step = head === 'high' ? 1 : -1
  const ahead = placePoint(placement, [
    spanMiddle(x) + (along === 'x' ? step : 0),
    spanMiddle(y) + (along === 'y' ? step : 0),
  ])
  return {
    lengthMm: spanLength(long),
    widthMm: spanLength(wide),
    zMm,
    along,
    ...(over === undefined ? {} : { over }),
    ...(base === undefined ? {} : { base }),
    ...(railMm === undefined ? {} : { railMm }),
    ...(leans === undefined ? {} : { leans }),
    area: placePolygon(placement, rectangle(x.min, y.min, x.max, y.max)),
    middle,
    headward: [ahead[0] - middle[0], ahead[1] - middle[1]],
  }
}

function placeService(
  { inside, surface, places, top, lying, ...service }: LocalService,
  fittingId: string,
  placement: Placement,
): PlacedService {
  const bare =
    inside === undefined && surface === undefined && places === undefined && top === undefined && lying === undefined
  if (bare) return { ...service, fittingId }
  const facing = (deg: number) => ((placement.mirrored ? 180 - deg : deg) + placement.turn + 360) % 360
  return {
    ...service,
    fittingId,
    ...(inside === undefined ? {} : { inside: placePrism(placement, inside) }),
    ...(surface === undefined ? {} : { surface: placePrism(placement, surface) }),
    ...(top === undefined ? {} : { top: placePolygon(placement, top) }),
    ...(lying === undefined ? {} : { lying: placeLying(lying, placement) }),
    ...(places === undefined
      ? {}
      : {
          places: places.map(({ at, facesDeg }) => ({ at: placePoint(placement, at), facesDeg: facing(facesDeg) })),
        }),
  }
}

/** What a board may stand between a hollow and the back that is cut to the wall: then the hollow goes to the wall as well. */
const BACK_MM = 30

function placeHollows(
  fitting: Fitting,
  stance: string,
  placement: Placement,
  solids: readonly PlacedSolid[],
  wall: WallDistance | undefined,
): readonly PlacedHollow[] {
  const hollows = hollowsOf(fitting, stance)
  if (hollows.length === 0) return []
  const back = footprintOf(fitting).depthMm / 2
  return hollows.map(({ id, room, taken, by, through }) => {
    const at = placePrism(placement, boxPrism(room))
    const toWall = wall !== undefined && room.y.max > back - BACK_MM
    const cut = toWall && solids.some(({ fit, prism }) => fit === 'scribed' && prismsOverlap(prism, at))
    return {
      id,
      by,
      through,
      room: prismBounds(cut ? growBack(at, wall) : at),
      taken: taken.map((one) => ({ id: one.id, fit: 'rigid' as const, prism: placePrism(placement, one.prism) })),
    }
  })
}

/** Whether a thing hangs outside the body with all of it. */
export const isOutside = ({ solids }: Pick<Placed, 'solids'>): boolean =>
  solids.length > 0 && solids.every(({ fit }) => fit === 'outside')

/** Whether the middle of a part lies in the load space: what is made to hang outside, but stands indoors, is a thing like others. */
function isIndoors(interior: Interior, solid: Prism, isHungUnder: boolean): boolean {
  const { x, y, z } = prismBounds(solid)
  const at = clamp(spanMiddle(x), interior.xSpan.min, interior.xSpan.max)
  const heights = heightsAt(interior, at, spanMiddle(y))
  if (at !== spanMiddle(x) || heights === undefined) return false
  // what hangs under the floor is not in a well that it meets
  const floor = isHungUnder ? Math.max(heights.min, 0) : heights.min
  return floor < spanMiddle(z) && spanMiddle(z) < heights.max
}

/**
 * How a part meets the body where it stands: what is built in place is cut, what is made to hang outside is a thing like others indoors.
 * Of what has boards that are notched only these are cut: what else is in it is bought.
 */
function fitOf(interior: Interior, fitting: Fitting, seat: Seat, own: Fit, prism: Prism, hasNotched: boolean): Fit {
  if (own === (hasNotched ? 'notched' : 'rigid') && isBuiltThere(fitting, seat) && seat.turn === 0) return 'scribed'
  // a machine that is hung under the floor or stood on the roof hangs there like what is made for it
  const isHungOut = own === 'rigid' && (seat.up.from === 'under-floor' || seat.up.from === 'on-roof')
  if (own !== 'outside' && !isHungOut) return own
  return isIndoors(interior, prism, seat.up.from === 'under-floor') ? 'rigid' : 'outside'
}

/** A part where it stands, cut to what it meets. */
function placeSolid(
  interior: Interior,
  { id, fit, cut }: LocalSolid,
  whole: Prism,
  wall: WallDistance | undefined,
  isBuilt: boolean,
): PlacedSolid {
  if (fit !== 'scribed') return { id, fit, prism: whole }
  const grown = wall === undefined ? whole : growBack(whole, wall)
  if (cut === 'all-round') return { id, fit, prism: cutAllRound(interior, grown) }
  // what is built in place ends under the roof over its front
  const { y } = prismBounds(whole)
  const front = wall?.side === 'left' ? { min: y.min, max: y.min } : { min: y.max, max: y.max }
  return { id, fit, prism: isBuilt && wall !== undefined ? cutToRoof(interior, grown, front) : grown }
}

function resolveOne(
  interior: Interior,
  id: string,
  fitting: Fitting,
  seat: Seat,
  stance: string,
  anchors: Anchors,
): Placed {
  const kind = kindOfMade(fitting)
  const { host } = anchors
  const put = host === undefined || seat.inside === undefined ? undefined : placeInside(fitting, seat.inside, host)
  const { placement, measuredAt, wall } =
    put === undefined
      ? place(interior, fitting, seat, anchors)
      : { placement: put.placement, measuredAt: 'closest' as const, wall: undefined }
  const own = solidsOf(fitting, stance)
  const hasNotched = own.some(({ fit }) => fit === 'notched')
  const solids = own.map((solid): PlacedSolid => {
    const prism = placePrism(placement, solid.prism)
    const fit = fitOf(interior, fitting, seat, solid.fit, prism, hasNotched)
    return placeSolid(interior, { ...solid, fit }, prism, wall, isBuiltThere(fitting, seat))
  })
  const floor = floorThere(interior, placement.at[0])
  // what is out of doors, and what hangs on a door that stands open, is got at from there
  const isOut = seat.door !== undefined || isOutside({ solids })
  const clearances = clearancesOf(fitting, stance).map((one) => {
    const placed = fromTheOpenSide(interior, one, placement, floor)
    return isOut ? { ...placed, outdoors: true } : placed
  })
  return {
    id,
    fitting,
    kind,
    stance,
    placement,
    seat,
    scribedTo: wall?.side,
    measuredAt,
    // what is put away has no body left: it is where it would stand
    bounds:
      solids.length > 0
        ? unionOf(solids.map((solid) => prismBounds(solid.prism)))
        : prismBounds(placePrism(placement, outlineOf(fitting))),
    solids,
    inner: solids.every(({ fit }) => isInTheWay(fit)) ? solids : solids.filter(({ fit }) => isInTheWay(fit)),
    hollows: placeHollows(fitting, stance, placement, solids, wall),
    within: put?.within,
    clearances: put === undefined || host === undefined ? clearances : throughHost(put.within, host, clearances),
    services: servicesOf(fitting, stance).map((service) => placeService(service, id, placement)),
    facts: factsOf(fitting, stance),
    features: featuresOf(fitting, stance),
  }
}

/** Where the footprint of a fitting ends towards the cab: its seat, not what runs out of it in a stance. */
function frontOf(placed: Placed): number {
  const [length] = extents(placed.fitting, placed.placement.turn)
  return placed.placement.at[0] + length / 2
}

/**
 * Resolves a plan in one mode. `befores` are other scenes of the same plan, earlier ones or of other modes: what stands alike is taken
 * from the first in which it does, so a drag costs what it moves.
 */
export function buildScene(interior: Interior, plan: Plan, modeId: string, ...befores: readonly Scene[]): Scene {
  const mode = plan.modes[modeId]
  if (mode === undefined) throw new RangeError(`there is no mode “${modeId}” in this plan`)
  const reusable = befores
    .filter((before) => before.interior === interior)
    .map(({ placed }) => new Map(placed.map((one) => [one.id, one])))
  const done = new Map<string, Placed>()
  const waiting = new Set<string>()
  const resolve = (id: string | undefined): Placed | undefined => {
    if (id === undefined) return undefined
    const known = done.get(id)
    const fitting = plan.fittings[id]
    // what is in another that is taken out goes with it
    if (fitting !== undefined && isCarriedOff(plan, id, mode)) return undefined
    // a mode may put a fitting on one that stands on it: then the floor takes the place of what is not there yet
    if (known !== undefined || fitting === undefined || isAway(id, mode) || waiting.has(id)) return known
    waiting.add(id)
    const stance = stanceOf(fitting, id, mode)
    const seat = seatIn(fitting, id, mode)
    const under = seat.up.from === 'top-of' ? resolve(seat.up.fitting) : undefined
    const behind = seat.along.from === 'after' ? resolve(seat.along.fitting) : undefined
    const host = resolve(seat.inside?.fitting)
    const standsAlike = (there: ReadonlyMap<string, Placed>): boolean => {
      const old = there.get(id)
      return (
        old?.fitting === fitting &&
        old.seat === seat &&
        old.stance === stance &&
        [under, behind, host].every((anchor) => anchor === undefined || there.get(anchor.id) === anchor)
      )
    }
    const anchors = {
      host,
      topMm: under?.bounds.z.max,
      frontMm: behind === undefined ? undefined : frontOf(behind),
    }
    const placed = reusable.find(standsAlike)?.get(id) ?? resolveOne(interior, id, fitting, seat, stance, anchors)
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
