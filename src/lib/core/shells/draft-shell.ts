import type { Vec2 } from '../geometry'
import type { BodyClass, Shell } from '../shell'

/** The four numbers that a first look at a vehicle gives, in mm. */
export interface FirstNumbers {
  /** From the rear door sill to where the load space ends. */
  readonly lengthMm: number
  /** Across the load space at its widest, skin to skin. */
  readonly widthMm: number
  /** From the load floor to the roof's skin, on the centreline. */
  readonly heightMm: number
  /** Where the rear wheel arch begins, from the rear door sill. */
  readonly archFromMm: number
}

type Nose = 'bonnet' | 'slope' | 'flat' | 'cab'

/** What bodies of a class have in common; shares of the four numbers, or mm. Invented to be plausible. */
interface Habit {
  /** Half a section as shares of half the width and of the height, floor's centre to roof's centre. */
  readonly half: readonly Vec2[]
  /** Width and height at the rear sill and at the front end of the load space. */
  readonly rear: Vec2
  readonly front: Vec2
  /** Over how much of its length the body grows from the rear to its full section. */
  readonly tailMm: number
  readonly arch: { readonly longMm: number; readonly deepMm: number; readonly highMm: number } | undefined
  readonly nose: Nose
  readonly noseMm: number
  /** Skin and trim beyond the measured inside. */
  readonly skinMm: number
  /** Of the load floor above the ground. */
  readonly floorHeightMm: number
}

const HABITS: Record<BodyClass, Habit> = {
  'panel-van': {
    half: [
      [0, 0],
      [0.963, 0],
      [1, 0.18],
      [0.99, 0.465],
      [0.916, 0.775],
      [0.762, 0.946],
      [0.335, 0.994],
      [0, 1],
    ],
    rear: [0.955, 0.977],
    front: [0.993, 0.982],
    tailMm: 500,
    arch: { longMm: 870, deepMm: 235, highMm: 310 },
    nose: 'bonnet',
    noseMm: 1665,
    skinMm: 62,
    floorHeightMm: 560,
  },
  'compact-van': {
    half: [
      [0, 0],
      [0.94, 0],
      [1, 0.3],
      [0.985, 0.5],
      [0.88, 0.78],
      [0.71, 0.94],
      [0.33, 0.99],
      [0, 1],
    ],
    rear: [0.95, 0.97],
    front: [0.99, 0.99],
    tailMm: 400,
    arch: { longMm: 680, deepMm: 150, highMm: 280 },
    nose: 'bonnet',
    noseMm: 1560,
    skinMm: 70,
    floorHeightMm: 560,
  },
  minivan: {
    half: [
      [0, 0],
      [0.91, 0],
      [1, 0.35],
      [0.975, 0.52],
      [0.83, 0.82],
      [0.64, 0.95],
      [0.3, 0.992],
      [0, 1],
    ],
    rear: [0.93, 0.94],
    front: [0.99, 1],
    tailMm: 500,
    arch: { longMm: 720, deepMm: 170, highMm: 300 },
    nose: 'slope',
    noseMm: 1900,
    skinMm: 95,
    floorHeightMm: 560,
  },
  minibus: {
    half: [
      [0, 0],
      [0.975, 0],
      [1, 0.16],
      [1, 0.5],
      [0.985, 0.8],
      [0.8, 0.95],
      [0.4, 0.993],
      [0, 1],
    ],
    rear: [0.975, 0.985],
    front: [1, 1],
    tailMm: 350,
    arch: { longMm: 900, deepMm: 270, highMm: 300 },
    nose: 'bonnet',
    noseMm: 1700,
    skinMm: 60,
    floorHeightMm: 640,
  },
  bus: {
    half: [
      [0, 0],
      [0.985, 0],
      [1, 0.25],
      [1, 0.55],
      [0.975, 0.8],
      [0.72, 0.955],
      [0.36, 0.991],
      [0, 1],
    ],
    rear: [0.995, 0.99],
    front: [1, 1],
    tailMm: 250,
    arch: { longMm: 1050, deepMm: 340, highMm: 240 },
    nose: 'flat',
    noseMm: 1455,
    skinMm: 60,
    floorHeightMm: 820,
  },
  'box-truck': {
    half: [
      [0, 0],
      [1, 0],
      [1, 0.33],
      [1, 0.66],
      [1, 0.965],
      [0.945, 0.995],
      [0.38, 1],
      [0, 1],
    ],
    rear: [1, 1],
    front: [1, 1],
    tailMm: 300,
    arch: undefined,
    nose: 'cab',
    noseMm: 1810,
    skinMm: 35,
    floorHeightMm: 900,
  },
}

/** The outside seen from above, half of it, as drawn; `b` is where the nose begins, `o` half the outer width. */
const PLAN_NOSES: Record<Nose, (b: number, o: number) => readonly Vec2[]> = {
  bonnet: (b, o) => [
    [b + 50, o],
    [b + 650, o - 17],
    [b + 1100, o - 70],
    [b + 1430, o - 185],
    [b + 1610, 0.6 * o],
    [b + 1660, 0.3 * o],
    [b + 1665, 0],
  ],
  slope: (b, o) => [
    [b + 900, o],
    [b + 1450, o - 60],
    [b + 1750, o - 200],
    [b + 1870, 0.5 * o],
    [b + 1900, 0],
  ],
  flat: (b, o) => [
    [b + 1230, o],
    [b + 1390, o - 110],
    [b + 1440, 0.5 * o],
    [b + 1455, 0],
  ],
  cab: (b, o) => [
    [b + 50, o],
    [b + 50, o - 105],
    [b + 120, o - 85],
    [b + 1300, o - 100],
    [b + 1640, o - 185],
    [b + 1780, 0.57 * o],
    [b + 1810, 0],
  ],
}

/** The outside seen from the side, from over the bulkhead down to the sill; `t` is the top. */
const SIDE_NOSES: Record<Nose, (b: number, t: number) => readonly Vec2[]> = {
  bonnet: (b, t) => [
    [b, t - 25],
    [b + 310, t - 0.055 * t],
    [b + 650, 0.78 * t],
    [b + 990, Math.min(1010, 0.62 * t)],
    [b + 1430, Math.min(860, 0.55 * t)],
    [b + 1600, 0.35 * t],
    [b + 1660, 0.15 * t],
    [b + 1620, -180],
    [b + 1590, -250],
  ],
  slope: (b, t) => [
    [b, t],
    [b + 500, 0.9 * t],
    [b + 1150, 0.52 * t],
    [b + 1700, 0.42 * t],
    [b + 1870, 0.2 * t],
    [b + 1900, -60],
    [b + 1840, -230],
  ],
  flat: (b, t) => [
    [b + 1100, t],
    [b + 1340, 0.82 * t],
    [b + 1440, 0.4 * t],
    [b + 1455, -400],
  ],
  cab: (b, t) => [
    [b + 50, t],
    [b + 50, 0.6 * t],
    [b + 250, 0.61 * t],
    [b + 700, 0.59 * t],
    [b + 1180, 0.25 * t],
    [b + 1660, 0.19 * t],
    [b + 1790, 0.05 * t],
    [b + 1810, -480],
    [b + 50, -560],
  ],
}

const CAB_SEATS: Record<Nose, { readonly aheadMm: number; readonly cushionMm: number; readonly asideMm: number }> = {
  bonnet: { aheadMm: 490, cushionMm: 420, asideMm: 0.48 },
  slope: { aheadMm: 420, cushionMm: 380, asideMm: 0.5 },
  flat: { aheadMm: 650, cushionMm: 470, asideMm: 0.55 },
  cab: { aheadMm: 780, cushionMm: 180, asideMm: 0.46 },
}

/** The cab inside: its length, the doors' linings, its floor under the load floor, and its roof as a share of the height. */
const CABS: Record<
  Nose,
  { readonly longMm: number; readonly narrowerMm: number; readonly floorMm: number; readonly roof: number }
> = {
  bonnet: { longMm: 1050, narrowerMm: 160, floorMm: 0, roof: 0.85 },
  slope: { longMm: 1150, narrowerMm: 150, floorMm: -60, roof: 0.97 },
  flat: { longMm: 1150, narrowerMm: 40, floorMm: 0, roof: 0.97 },
  cab: { longMm: 1250, narrowerMm: 320, floorMm: -260, roof: 0.55 },
}

/** A body this low has a cab as high as its load space: behind it the roof does not rise. */
const LOW_BODY_MM = 1500
const LOW_ROOF = 0.97
/** From the cushion of a cab seat to the roof over it, at the least, and down to the floor; common practice, no source. */
const OVER_CUSHION_MM = 960
const UNDER_CUSHION_MM = 280

const scaled = (half: readonly Vec2[], width: number, height: number): [number, number][] =>
  half.map(([y, z]) => [Math.round(y * width), Math.round(z * height)])

/**
 * A body from the four numbers of a first look, everything else as is usual for its class: sections, wheel arches, rear
 * doors, a side door on the right, cab and outside. A start to refine by measuring, never a vehicle to cut by.
 * @throws RangeError if a number is not positive.
 */
export function draftShell(id: string, name: string, bodyClass: BodyClass, numbers: FirstNumbers): Shell {
  const { lengthMm, widthMm, heightMm, archFromMm } = numbers
  for (const [what, mm] of Object.entries(numbers))
    if (!(mm > 0)) throw new RangeError(`${what} must be positive, got ${mm}`)
  const habit = HABITS[bodyClass]
  const half = widthMm / 2
  const section = ([wide, high]: Vec2) => scaled(habit.half, half * wide, heightMm * high)
  const outer = half + habit.skinMm
  const top = heightMm + 75
  const { longMm, deepMm, highMm } = habit.arch ?? { longMm: 0, deepMm: 0, highMm: 0 }
  const arch = (side: 'left' | 'right'): Shell['keepOuts'][number] => ({
    id: `arch-${side}`,
    label: `${side} wheel arch`,
    what: 'wheel-arch',
    from: [archFromMm, side === 'left' ? Math.round(half - deepMm) : -Math.round(half + 40), 0],
    to: [archFromMm + longMm, side === 'left' ? Math.round(half + 40) : -Math.round(half - deepMm), highMm],
    notchable: true,
  })
  const seats = CAB_SEATS[habit.nose]
  const { longMm: cabMm, narrowerMm, ...cabOf } = CABS[habit.nose]
  const roofMm = Math.round(heightMm * (heightMm < LOW_BODY_MM ? LOW_ROOF : cabOf.roof))
  // in a low body one sits lower
  const cushionMm = Math.min(seats.cushionMm, roofMm - OVER_CUSHION_MM)
  const cabSeat = (who: 'driver' | 'passenger'): Shell['cabSeats'][number] => ({
    id: `cab-${who}`,
    label: who,
    xMm: lengthMm + seats.aheadMm,
    yMm: Math.round(seats.asideMm * half) * (who === 'driver' ? 1 : -1),
    widthMm: 480,
    depthMm: 500,
    cushionMm,
    belt: true,
    reclineDeg: 20,
    removable: false,
  })
  const doorHead = Math.round(heightMm * 0.9)
  const doorTo = lengthMm - 130
  return {
    id,
    name,
    bodyClass,
    stations: [
      { xMm: 0, left: section(habit.rear) },
      { xMm: habit.tailMm, left: section([1, 1]) },
      { xMm: Math.round(lengthMm * 0.82), left: section([1, 1]) },
      { xMm: lengthMm, left: section(habit.front) },
    ],
    bulkhead: { xMm: lengthMm, wayThrough: true },
    cab: {
      lengthMm: cabMm,
      widthMm: Math.round(widthMm - narrowerMm),
      floorMm: Math.min(cabOf.floorMm, cushionMm - UNDER_CUSHION_MM),
      roofMm,
    },
    keepOuts: habit.arch === undefined ? [] : [arch('left'), arch('right')],
    openings: [
      {
        id: 'door-rear',
        label: 'rear doors',
        side: 'rear',
        fromMm: -Math.round(half * 0.86),
        toMm: Math.round(half * 0.86),
        sillMm: 0,
        headMm: doorHead,
        opens: 'twin-hinged',
        need: 'may-cover',
        entrance: false,
      },
      {
        id: 'door-side',
        label: 'side door',
        side: 'right',
        fromMm: doorTo - Math.min(1200, Math.round(lengthMm * 0.34)),
        toMm: doorTo,
        sillMm: 0,
        headMm: Math.round(heightMm * 0.88),
        opens: 'sliding',
        need: 'stay-free',
        entrance: true,
        // the well in the sill that such doors come with
        stepMm: 210,
      },
    ],
    cabSeats: [cabSeat('driver'), cabSeat('passenger')],
    loadSeats: [],
    ribs: { wallMm: 0, roofMm: 0, pitchMm: 600 },
    rails: [],
    fixings: [],
    outline: {
      plan: round([
        [-30, 0],
        [-30, outer * 0.91],
        [10, outer * 0.965],
        [habit.tailMm, outer],
        ...PLAN_NOSES[habit.nose](lengthMm, outer),
      ]),
      side: round([
        [-30, -250],
        [-30, top * 0.92],
        [40, top * 0.97],
        [habit.tailMm, top],
        ...SIDE_NOSES[habit.nose](lengthMm, top),
      ]),
    },
    axles: { rearXMm: archFromMm + Math.round(longMm / 2), wheelbaseMm: Math.round((lengthMm + habit.noseMm) * 0.6) },
    masses: { kerbKg: 2000, grossKg: 3500 },
    outer: {
      lengthMm: lengthMm + habit.noseMm + 30,
      widthMm: Math.round(2 * outer),
      heightMm: top + habit.floorHeightMm,
      groundMm: 160,
    },
  }
}

const round = (points: readonly Vec2[]): [number, number][] => points.map(([x, z]) => [Math.round(x), Math.round(z)])
