import { z } from 'zod'
import { block, prism, sector, type Prism, type Span } from '../geometry'
import type { ClearanceUse, LocalClearance, LocalSolid, ServiceType } from './contract'
import type { Seat } from './seat'

/** A length parameter in mm with its limits. */
export const lengthParameter = (standard: number, min: number, max: number) =>
  z.number().min(min).max(max).default(standard).meta({ unit: 'mm' })

export const hingeParameter = z.enum(['left', 'right']).default('left').describe('As seen from in front of it')

export const scribed = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'scribed' })
export const rigid = (id: string, solid: Prism): LocalSolid => ({ id, prism: solid, fit: 'rigid' })

/** A block centred on the footprint, from `z0` to `z1`. */
export const centred = (lengthMm: number, depthMm: number, z0: number, z1: number): Prism =>
  block([-lengthMm / 2, -depthMm / 2, z0], [lengthMm / 2, depthMm / 2, z1])

/** Room in front of a thing for someone who stands and works there; common practice, no source. */
export const STAND_MM = 450
/** Room before a seat or bed for knees, or for getting in; common practice, no source. */
export const ENTRY_MM = 350
/** Height over which a standing body needs its room; its head is the business of the standing-height rule. */
const STAND_HEIGHT_MM = 1300
const HINGE_DEG = 90

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
  upTo: (amount) => block([across.min, frontY - Math.max(amount, 1), 0], [across.max, frontY, heightMm]),
})

/** The slice swept by a door hinged on its left or right edge as seen from in front. */
export const doorSwing = (
  serves: readonly ServiceType[],
  lengthMm: number,
  frontY: number,
  hinge: string,
  heights: Span,
): LocalClearance => ({
  id: 'door',
  use: 'swing',
  serves,
  need: HINGE_DEG,
  unit: 'deg',
  fromFloor: false,
  upTo: (amount) => {
    const opened = Math.max(amount, 1)
    return hinge === 'left'
      ? prism('z', sector([-lengthMm / 2, frontY], lengthMm, 360 - opened, 360), heights)
      : prism('z', sector([lengthMm / 2, frontY], lengthMm, 180, 180 + opened), heights)
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
  upTo: (amount) =>
    prism('x', sector([frontY, topZ], heightMm, 270 - Math.max(amount, 1), 270), {
      min: -lengthMm / 2,
      max: lengthMm / 2,
    }),
})

const home = (across: Seat['across']['from'], up: Seat['up']): Seat => ({
  along: { from: 'rear', mm: 0 },
  across: { from: across, mm: 0 },
  up,
  turn: 0,
  mirrored: false,
})

export const onTheWall = home('left-wall', { from: 'floor', mm: 0 })
export const onTheCentreline = home('centreline', { from: 'floor', mm: 0 })
export const underTheRoof = home('left-wall', { from: 'roof', mm: 20 })
