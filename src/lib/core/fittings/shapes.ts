import { z } from 'zod'
import { block, prism, sector, type Prism, type Span } from '../geometry'
import type { ClearanceUse, LocalClearance, LocalService, LocalSolid, ServiceType, Task } from './contract'
import type { Seat } from './seat'

/** A length parameter in mm with its limits. */
export const lengthParameter = (standard: number, min: number, max: number) =>
  z.number().min(min).max(max).default(standard).meta({ unit: 'mm' })
/** A whole number with its limits. */
export const countParameter = (standard: number, min: number, max: number) =>
  z.number().int().min(min).max(max).default(standard)
/** A choice; the first is the usual one. */
export const choiceParameter = <const T extends readonly [string, ...string[]]>(choices: T) =>
  z.enum(choices).default(choices[0] as never)

export const hingeParameter = choiceParameter(['left', 'right']).describe('As seen from in front of it')

export const scribed = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'scribed' })
export const cutAllRound = (id: string, solid: Prism): LocalSolid => ({
  id,
  prism: solid,
  fit: 'scribed',
  cut: 'all-round',
})
export const rigid = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'rigid' })
export const notched = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'notched' })
export const through = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'through' })
export const cloth = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'cloth' })
export const outside = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'outside' })

/** A block centred on the footprint, from `z0` to `z1`. */
export const centred = (lengthMm: number, depthMm: number, z0: number, z1: number): Prism =>
  block([-lengthMm / 2, -depthMm / 2, z0], [lengthMm / 2, depthMm / 2, z1])

/** A span about 0. */
export const about = (lengthMm: number): Span => ({ min: -lengthMm / 2, max: lengthMm / 2 })

/** Room in front of a thing for someone who stands and works there; common practice, no source. */
export const STAND_MM = 450
/** Room before a seat or bed for knees, or for getting in; common practice, no source. */
export const ENTRY_MM = 350
/** Room to kneel before a low door; common practice, no source. */
const KNEEL_MM = 450
/** Room behind a drawer that is run out, for the one who pulls it; common practice, no source. */
const PULLER_MM = 250
/** Floor to dress on; common practice, no source. */
export const DRESS_MM = 600
/** Height over which a standing body needs its room; its head is the business of the standing-height rule. */
const STAND_HEIGHT_MM = 1300
const KNEEL_HEIGHT_MM = 1000
const HINGE_DEG = 90

const least = (amount: number): number => Math.max(amount, 1)

/** Free floor in front of a fitting (its −y side), as wide as the run or part of it. */
export const inFront = (
  id: string,
  use: ClearanceUse,
  serves: readonly ServiceType[],
  across: Span,
  frontY: number,
  need: number,
  heightMm = STAND_HEIGHT_MM,
): LocalClearance => ({
  id,
  use,
  serves,
  need,
  unit: 'mm',
  fromFloor: true,
  upTo: (amount) => block([across.min, frontY - least(amount), 0], [across.max, frontY, heightMm]),
})

/** Free floor behind a fitting (its +y side): for what is reached from two sides. */
export const behind = (
  id: string,
  use: ClearanceUse,
  serves: readonly ServiceType[],
  across: Span,
  backY: number,
  need: number,
): LocalClearance => ({
  id,
  use,
  serves,
  need,
  unit: 'mm',
  fromFloor: true,
  upTo: (amount) => block([across.min, backY, 0], [across.max, backY + least(amount), STAND_HEIGHT_MM]),
})

export const kneeling = (serves: readonly ServiceType[], across: Span, frontY: number): LocalClearance =>
  inFront('kneel', 'kneel', serves, across, frontY, KNEEL_MM, KNEEL_HEIGHT_MM)

/** Free height above a part of a fitting, from `z0` up. */
export const above = (
  id: string,
  use: ClearanceUse,
  serves: readonly ServiceType[],
  x: Span,
  y: Span,
  z0: number,
  need: number,
): LocalClearance => ({
  id,
  use,
  serves,
  need,
  unit: 'mm',
  fromFloor: false,
  upTo: (amount) => block([x.min, y.min, z0], [x.max, y.max, z0 + least(amount)]),
})

/** Room outside the body, beyond a door or hatch. */
export const outdoors = (clearance: LocalClearance): LocalClearance => ({
  ...clearance,
  outdoors: true,
  fromFloor: false,
})

/** Room to get at something once in a while, as `inFront` or `above` would shape it. */
export const forTask = (task: Task, clearance: LocalClearance): LocalClearance => ({
  ...clearance,
  use: 'access',
  serves: [],
  task,
})

/** The slice swept by a door hinged on its left or right edge as seen from in front; `edges` are its two ends along x. */
export const doorSwing = (
  serves: readonly ServiceType[],
  edges: Span,
  frontY: number,
  hinge: string,
  heights: Span,
  id = 'door',
): LocalClearance => ({
  id,
  use: 'swing',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => {
    const opened = least(amount)
    const wide = edges.max - edges.min
    return hinge === 'left'
      ? prism('z', sector([edges.min, frontY], wide, 360 - opened, 360), heights)
      : prism('z', sector([edges.max, frontY], wide, 180, 180 + opened), heights)
  },
})

/** The slice swept by a flap that hangs from the top front edge and lifts outward. */
export const flapSwing = (
  serves: readonly ServiceType[],
  lengthMm: number,
  frontY: number,
  topZ: number,
  heightMm: number,
): LocalClearance => ({
  id: 'flap',
  use: 'flap',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => prism('x', sector([frontY, topZ], heightMm, 270 - least(amount), 270), about(lengthMm)),
})

/** The slice swept by a flap hinged along its lower front edge, that drops outward. */
export const dropSwing = (
  serves: readonly ServiceType[],
  lengthMm: number,
  frontY: number,
  bottomZ: number,
  heightMm: number,
): LocalClearance => ({
  id: 'flap',
  use: 'flap',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => prism('x', sector([frontY, bottomZ], heightMm, 90, 90 + least(amount)), about(lengthMm)),
})

/** The slice swept by a lid hinged along its back, from closed to upright. */
export const lidLift = (
  serves: readonly ServiceType[],
  x: Span,
  backY: number,
  topZ: number,
  depthMm: number,
  id = 'lid',
): LocalClearance => ({
  id,
  use: 'lid',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => prism('x', sector([backY, topZ], depthMm, 180 - least(amount), 180), x),
})

/** What a lid sweeps that hangs at the left (−x) or right end of its fitting, and lifts so long. */
export const lidLiftAtEnd = (
  serves: readonly ServiceType[],
  y: Span,
  end: 'left' | 'right',
  lengthMm: number,
  topZ: number,
): LocalClearance => ({
  id: 'lid',
  use: 'lid',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => {
    const [hinge, from, to] =
      end === 'left' ? [-lengthMm / 2, 0, least(amount)] : [lengthMm / 2, 180 - least(amount), 180]
    return prism('y', sector([hinge, topZ], lengthMm, from, to), y)
  },
})

/** What a drawer or slide runs through as it is pulled out of the front. */
export const drawerPull = (
  serves: readonly ServiceType[],
  x: Span,
  frontY: number,
  heights: Span,
  extensionMm: number,
  id = 'drawer',
): LocalClearance => ({
  id,
  use: 'pull',
  serves,
  need: extensionMm,
  unit: 'mm',
  fromFloor: false,
  upTo: (amount) => block([x.min, frontY - least(amount), heights.min], [x.max, frontY, heights.max]),
})

/** A drawer’s run and the room of the one who pulls it. */
export const drawerRoom = (
  serves: readonly ServiceType[],
  x: Span,
  frontY: number,
  heights: Span,
  extensionMm: number,
): readonly LocalClearance[] => [
  drawerPull(serves, x, frontY, heights, extensionMm),
  inFront('puller', 'stand', serves, x, frontY, extensionMm + PULLER_MM),
]

/** The slice of a top that turns about a pivot, counter-clockwise from `fromDeg`; at most half a turn. */
export const armSweep = (
  serves: readonly ServiceType[],
  pivot: readonly [number, number],
  radiusMm: number,
  fromDeg: number,
  turnDeg: number,
  heights: Span,
): LocalClearance => ({
  id: 'sweep',
  use: 'sweep',
  serves,
  need: turnDeg,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => prism('z', sector(pivot, radiusMm, fromDeg, fromDeg + least(amount)), heights),
})

/** The inside of a box of boards, as a stowage. */
export const insideOf = (
  lengthMm: number,
  depthMm: number,
  z0: number,
  z1: number,
  boardMm: number,
  approach?: string,
): LocalService => ({
  type: 'stowage',
  quantity: 1,
  ...(approach === undefined ? {} : { approach }),
  inside: centred(lengthMm - 2 * boardMm, depthMm - 2 * boardMm, z0 + boardMm, z1 - boardMm),
})

const home = (across: Seat['across']['from'], up: Seat['up'], turn: Seat['turn'] = 0): Seat => ({
  along: { from: 'rear', mm: 0 },
  across: { from: across, mm: 0 },
  up,
  turn,
  mirrored: false,
})

export const onTheWall = home('left-wall', { from: 'floor', mm: 0 })
export const onTheCentreline = home('centreline', { from: 'floor', mm: 0 })
/** On the centreline, looking forward. */
export const facingForward = home('centreline', { from: 'floor', mm: 0 }, 90)
export const underTheRoof = home('left-wall', { from: 'roof', mm: 20 })
export const inTheRoof = home('centreline', { from: 'roof', mm: 0 })
export const underTheFloor = home('centreline', { from: 'under-floor', mm: 40 })
export const onTheRoof = home('centreline', { from: 'on-roof', mm: 40 })
/** On the wall, its base so high above the floor. */
export const upTheWall = (mm: number): Seat => home('left-wall', { from: 'floor', mm })
