import { spanMiddle, type Vec3 } from '../../geometry'
import type { Placed } from '../../scene'
import { freshTanks, warmers, wasteTanks } from './tanks'

export type LineWhat = 'fill' | 'cold' | 'hot' | 'drain'

/** A hose or a pipe, from one thing to another. */
export interface WaterRun {
  readonly what: LineWhat
  readonly from: string
  readonly to: string
  /** Along the vehicle at the wall, then across under the floor, then up. */
  readonly points: readonly Vec3[]
  readonly lengthMm: number
  /** Of a drain: how far it falls, in all and on each metre of the way. */
  readonly fallMm?: number
  readonly fallPerM?: number
}

export interface WaterLines {
  readonly runs: readonly WaterRun[]
  /** The lowest point of what is filled, by the fitting: where it is drained before frost. */
  readonly lowest: { readonly id: string; readonly zMm: number } | undefined
  /** Hose to buy, by what it is for, m; a tenth over. */
  readonly toBuy: readonly { readonly what: LineWhat; readonly metres: number }[]
  /** Where a line parts in two. */
  readonly tees: number
}

/** At both ends, to connect it. Common practice, no source. */
const ENDS_MM = 300
/** Cut off and bent. Common practice, no source. */
const OVER = 1.1

const middle = ({ bounds: { x, y } }: Placed, z: number): Vec3 => [spanMiddle(x), spanMiddle(y), z]
/** Square to the body. */
const square = (from: Vec3, to: Vec3): readonly Vec3[] => [from, [to[0], from[1], from[2]], [to[0], to[1], from[2]], to]
const along = (points: readonly Vec3[]): number =>
  points.slice(1).reduce((sum, [x, y, z], at) => {
    const before = points[at]
    return before === undefined
      ? sum
      : sum + Math.abs(x - before[0]) + Math.abs(y - before[1]) + Math.abs(z - before[2])
  }, 0)

function run(what: LineWhat, from: Placed, to: Placed, zFrom: number, zTo: number): WaterRun {
  const points = square(middle(from, zFrom), middle(to, zTo))
  return { what, from: from.id, to: to.id, points, lengthMm: along(points) + ENDS_MM }
}

/** The lines of a plan: from the filling point to the tank, from the tank to heater and taps, from the heater to the taps, and from what drains to the waste tank. */
export function waterLines(placed: readonly Placed[]): WaterLines {
  const byId = new Map(placed.map((one) => [one.id, one]))
  const of = (ids: readonly { readonly id: string }[]): readonly Placed[] => ids.flatMap(({ id }) => byId.get(id) ?? [])
  const [tanks, wastes, heaters] = [of(freshTanks(placed)), of(wasteTanks(placed)), of(warmers(placed))]
  const inlets = placed.filter(({ facts }) => facts.inlet === 'water')
  const taps = placed.filter(({ facts }) => facts.isSplashed)
  const [tank, heater, inlet] = [tanks[0], heaters[0], inlets[0]]
  const base = ({ bounds }: Placed): number => bounds.z.min
  const runs: WaterRun[] = []
  if (inlet !== undefined) for (const one of tanks) runs.push(run('fill', inlet, one, base(inlet), one.bounds.z.max))
  if (tank !== undefined) {
    if (heater !== undefined) runs.push(run('cold', tank, heater, base(tank), base(heater)))
    for (const tap of taps) runs.push(run('cold', tank, tap, base(tank), base(tap)))
  }
  if (heater !== undefined && tank !== undefined)
    for (const tap of taps) runs.push(run('hot', heater, tap, base(heater), base(tap)))
  for (const one of placed) {
    const outlet = one.facts.drainsAtMm
    if (outlet === undefined || wastes.length === 0) continue
    const zFrom = one.placement.at[2] + outlet
    const drains = wastes.map((waste): WaterRun => {
      const made = run('drain', one, waste, zFrom, waste.bounds.z.max)
      const fallMm = zFrom - waste.bounds.z.max
      const flat =
        Math.abs(spanMiddle(one.bounds.x) - spanMiddle(waste.bounds.x)) +
        Math.abs(spanMiddle(one.bounds.y) - spanMiddle(waste.bounds.y))
      return { ...made, fallMm, fallPerM: flat === 0 ? Infinity : (1000 * fallMm) / flat }
    })
    runs.push(drains.reduce((best, next) => (next.lengthMm < best.lengthMm ? next : best)))
  }
  const metres = new Map<LineWhat, number>()
  for (const { what, lengthMm } of runs) metres.set(what, (metres.get(what) ?? 0) + (lengthMm * OVER) / 1000)
  const lowest = [...tanks, ...heaters, ...taps]
    .filter(() => tank !== undefined)
    .reduce<WaterLines['lowest']>(
      (low, one) => (low === undefined || base(one) < low.zMm ? { id: one.id, zMm: base(one) } : low),
      undefined,
    )
  const parted = (what: LineWhat): number => Math.max(0, runs.filter((one) => one.what === what).length - 1)
  return {
    runs,
    lowest,
    toBuy: [...metres].map(([what, all]) => ({ what, metres: Math.ceil(all) })),
    tees: parted('cold') + parted('hot'),
  }
}
