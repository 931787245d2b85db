import type { Shell } from '../shell'

/** Litres of fuel that a vehicle of so much gross mass has room for. Common practice, no source. */
const fuelFor = (grossKg: number): number => (grossKg <= 2600 ? 60 : grossKg <= 5000 ? 75 : grossKg <= 8000 ? 120 : 250)

/** Axles and masses with what they carry empty: `frontShare` of the kerb mass is on the front axle. */
export function axlesOf(
  rearXMm: number,
  wheelbaseMm: number,
  trackMm: number,
  kerbKg: number,
  frontShare: number,
  ratings: readonly [front: number, rear: number],
  grossKg: number,
  roofDrivingKg?: number,
): Pick<Shell, 'axles' | 'masses'> {
  const kerbFrontKg = Math.round(kerbKg * frontShare)
  return {
    axles: {
      rearXMm,
      wheelbaseMm,
      trackMm,
      kerbFrontKg,
      kerbRearKg: kerbKg - kerbFrontKg,
      ratingFrontKg: ratings[0],
      ratingRearKg: ratings[1],
    },
    masses: {
      kerbKg,
      grossKg,
      // these bodies’ kerb masses are told as European running order has it: a driver of 75 kg, the tank nine tenths full
      kerbWith: { driverKg: 75, fuelPercent: 90 },
      fuelL: fuelFor(grossKg),
      ...(roofDrivingKg === undefined ? {} : { roofDrivingKg }),
    },
  }
}

/** Rings along both edges of the load floor, `count` a side. */
export const tieDowns = (count: number, lengthMm: number, yMm: number): Shell['fixings'] =>
  Array.from({ length: count }, (_, index) => Math.round(150 + ((lengthMm - 300) * index) / (count - 1))).flatMap(
    (xMm, index) =>
      ([1, -1] as const).map((side) => ({
        id: `tie-${side > 0 ? 'left' : 'right'}-${index + 1}`,
        label: `tie-down ring ${index + 1}, ${side > 0 ? 'left' : 'right'}`,
        at: [xMm, side * yMm, 0] as [number, number, number],
      })),
  )

type KeepOut = Shell['keepOuts'][number]

/** How far a door pillar with its belt reel comes in from the skin. */
const BESIDE_MM = 140

/** The pillar behind each cab door, just ahead of the bulkhead. */
export const doorPillars = (lengthMm: number, halfMm: number, highMm: number): Shell['keepOuts'] =>
  ([1, -1] as const).map((side): KeepOut => ({
    id: `pillar-door-${side > 0 ? 'left' : 'right'}`,
    label: `door pillar, ${side > 0 ? 'left' : 'right'}`,
    what: 'pillar',
    from: [lengthMm, side > 0 ? halfMm - BESIDE_MM : -halfMm - 40, 0],
    to: [lengthMm + 90, side > 0 ? halfMm + 40 : -halfMm + BESIDE_MM, highMm],
    notchable: false,
  }))

/** Pillars that stand proud of the walls at given places, on both sides, floor to roof’s edge. */
export const wallPillars = (
  xs: readonly number[],
  halfMm: number,
  proudMm: number,
  wideMm: number,
  highMm: number,
): Shell['keepOuts'] =>
  xs.flatMap((xMm, index) =>
    ([1, -1] as const).map((side): KeepOut => ({
      id: `pillar-${side > 0 ? 'left' : 'right'}-${index + 1}`,
      label: `pillar ${index + 1}, ${side > 0 ? 'left' : 'right'}`,
      what: 'pillar',
      from: [Math.round(xMm - wideMm / 2), side > 0 ? halfMm - proudMm : -halfMm - 40, 0],
      to: [Math.round(xMm + wideMm / 2), side > 0 ? halfMm + 40 : -halfMm + proudMm, highMm],
      notchable: true,
    })),
  )

/** A spare wheel slung under the load floor. */
export const spareUnder = (fromMm: number, yMm: number, acrossMm: number): KeepOut => ({
  id: 'wheel-spare',
  label: 'spare wheel, under the floor',
  what: 'spare-wheel',
  from: [fromMm, yMm - acrossMm / 2, -260],
  to: [fromMm + acrossMm, yMm + acrossMm / 2, -40],
  notchable: false,
})

/** A pair of rails along the roof, as the factory fits them. */
export const roofRails = (fromMm: number, toMm: number, yMm: number): Shell['rails'] =>
  ([1, -1] as const).map((side) => ({
    id: `roof-rail-${side > 0 ? 'left' : 'right'}`,
    label: `roof rail, ${side > 0 ? 'left' : 'right'}`,
    on: 'roof' as const,
    fromMm,
    toMm,
    yMm: side * yMm,
  }))

/** Factory points in the roof for a rack, in pairs. */
export const roofPoints = (xs: readonly number[], yMm: number, zMm: number): Shell['fixings'] =>
  xs.flatMap((xMm, index) =>
    ([1, -1] as const).map((side) => ({
      id: `roof-${side > 0 ? 'left' : 'right'}-${index + 1}`,
      label: `roof rack point ${index + 1}, ${side > 0 ? 'left' : 'right'}`,
      at: [xMm, side * yMm, zMm] as [number, number, number],
    })),
  )

/** Cab seats that turn about an axis a little inboard of their middle. */
export const swivels = (seats: Shell['cabSeats'], inboardMm: number): Shell['cabSeats'] =>
  seats.map((seat) => ({ ...seat, swivel: { aheadMm: 0, inboardMm } }))

/** Benches of seats as delivered, row by row from the rear: [x, how many across]. */
export const rowsOf = (
  rows: readonly (readonly [xMm: number, yMm: readonly number[]])[],
  size: { readonly widthMm: number; readonly depthMm: number; readonly cushionMm: number },
  removable: boolean,
): Shell['loadSeats'] =>
  rows.flatMap(([xMm, across], row) =>
    across.map((yMm, index) => ({
      id: `seat-${row + 1}-${index + 1}`,
      label: `row ${row + 1}, seat ${index + 1}`,
      xMm,
      yMm,
      ...size,
      belt: true,
      reclineDeg: removable ? 25 : 10,
      removable,
    })),
  )

/** A pair of rails in the floor that seats run in. */
export const floorRails = (fromMm: number, toMm: number, ys: readonly number[]): Shell['rails'] =>
  ys.map((yMm, index) => ({ id: `rail-${index + 1}`, label: `seat rail ${index + 1}`, on: 'floor', fromMm, toMm, yMm }))

type Opening = Shell['openings'][number]

/** Side windows between given x-values, on both sides. */
export const windows = (
  spans: readonly (readonly [number, number])[],
  sillMm: number,
  headMm: number,
  emergency: readonly number[] = [],
  skipRight: readonly number[] = [],
): readonly Opening[] =>
  spans.flatMap(([fromMm, toMm], index) =>
    (['left', 'right'] as const)
      .filter((side) => side === 'left' || !skipRight.includes(index))
      .map((side): Opening => ({
        id: `window-${side}-${index + 1}`,
        label: `${side} window ${index + 1}${emergency.includes(index) ? ', emergency exit' : ''}`,
        side,
        fromMm,
        toMm,
        sillMm,
        headMm,
        opens: emergency.includes(index) ? 'hopper' : 'fixed-window',
        need: emergency.includes(index) ? 'emergency' : 'may-cover',
        entrance: false,
      })),
  )

/** The openings of a draft with some changed or left out by id, and more added. */
export const openingsOf = (
  draft: Shell,
  changes: Readonly<Record<string, Partial<Opening> | null>>,
  more: readonly Opening[] = [],
): Shell['openings'] => [
  ...draft.openings.flatMap((opening) => {
    const change = changes[opening.id]
    return change === null ? [] : [{ ...opening, ...change }]
  }),
  ...more,
]
