import { spanMiddle, type Vec3 } from '../../geometry'
import type { Placed } from '../../scene'
import { middleAt, routeOf, toBuyM } from '../routes'
import { freshTanks, warmers, wasteTanks } from './tanks'

export type LineWhat = 'fill' | 'vent' | 'joins' | 'cold' | 'hot' | 'drain'

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
  /** Where it is let out before frost: the lowest point of each thing that holds water, the lowest of all first. */
  readonly drains: readonly { readonly id: string; readonly at: Vec3 }[]
  /** Hose to buy, by what it is for, m; a tenth over. */
  readonly toBuy: readonly { readonly what: LineWhat; readonly metres: number }[]
  /** Where a line parts in two. */
  readonly tees: number
}

/** For each metre of a drain. Common practice, no source. */
export const DRAIN_FALL_MM = 20

function run(what: LineWhat, from: Placed, to: Placed, zFrom: number, zTo: number): WaterRun {
  return { what, from: from.id, to: to.id, ...routeOf(from, to, zFrom, zTo) }
}

const base = ({ bounds }: Placed): number => bounds.z.min
const top = ({ bounds }: Placed): number => bounds.z.max
const flatMm = (a: Placed, b: Placed): number =>
  Math.abs(spanMiddle(a.bounds.x) - spanMiddle(b.bounds.x)) + Math.abs(spanMiddle(a.bounds.y) - spanMiddle(b.bounds.y))

/**
 * The lines of a plan: from the filling point to the tanks and their vents back up to it, between tanks that are joined, from the tank by its pump and
 * filter to heater and taps, from the heater to the taps, and from what drains to the waste tank.
 */
export function waterLines(placed: readonly Placed[]): WaterLines {
  const byId = new Map(placed.map((one) => [one.id, one]))
  const of = (ids: readonly { readonly id: string }[]): readonly Placed[] => ids.flatMap(({ id }) => byId.get(id) ?? [])
  const fresh = freshTanks(placed)
  const [wastes, heaters] = [of(wasteTanks(placed)), of(warmers(placed))]
  const [inlet] = placed.filter(({ facts }) => facts.inlet === 'water')
  const taps = placed.filter(({ facts }) => facts.isSplashed)
  const plumbing = (what: 'pump' | 'filter'): readonly Placed[] => placed.filter(({ facts }) => facts.plumbs === what)
  const drinking = fresh.find(({ isDrinking }) => isDrinking)
  const [tank] = of(fresh.filter(({ isDrinking }) => !isDrinking).concat(drinking ?? []))
  const [heater] = heaters
  const runs: WaterRun[] = []
  for (const { vessels, isCarried } of fresh) {
    const [first, ...others] = of(vessels)
    if (first === undefined) continue
    for (const one of others) runs.push(run('joins', first, one, base(first), base(one)))
    if (inlet === undefined || isCarried) continue
    runs.push(run('fill', inlet, first, base(inlet), top(first)))
    for (const one of [first, ...others]) runs.push(run('vent', one, inlet, top(one), top(inlet)))
  }
  if (tank !== undefined && (heater !== undefined || taps.length > 0)) {
    // what is on the way from the tank, in its order
    const chain = [tank, ...plumbing('pump').slice(0, 1), ...plumbing('filter').slice(0, 1)]
    chain.slice(1).forEach((one, at) => {
      const before = chain[at]
      if (before !== undefined) runs.push(run('cold', before, one, base(before), base(one)))
    })
    const from = chain.at(-1) ?? tank
    for (const one of [...(heater === undefined ? [] : [heater]), ...taps])
      runs.push(run('cold', from, one, base(from), base(one)))
  }
  const [kept] = of(drinking === undefined ? [] : [drinking])
  const [near] = kept === undefined ? [] : [...taps].sort((a, b) => flatMm(kept, a) - flatMm(kept, b))
  if (kept !== undefined && near !== undefined && kept !== tank)
    runs.push(run('cold', kept, near, base(kept), base(near)))
  if (heater !== undefined && tank !== undefined)
    for (const tap of taps) runs.push(run('hot', heater, tap, base(heater), base(tap)))
  for (const one of placed) {
    const outlet = one.facts.drainsAtMm
    if (outlet === undefined || wastes.length === 0) continue
    const zFrom = one.placement.at[2] + outlet
    const drains = wastes.map((waste): WaterRun => {
      const made = run('drain', one, waste, zFrom, waste.bounds.z.max)
      const fallMm = zFrom - waste.bounds.z.max
      const flat = flatMm(one, waste)
      return { ...made, fallMm, fallPerM: flat === 0 ? Infinity : (1000 * fallMm) / flat }
    })
    runs.push(drains.reduce((best, next) => (next.lengthMm < best.lengthMm ? next : best)))
  }
  const kinds = [...new Set(runs.map(({ what }) => what))]
  const holding = [
    ...of(fresh.filter(({ isCarried }) => !isCarried).flatMap(({ vessels }) => vessels)),
    ...(tank === undefined ? [] : [...heaters, ...plumbing('pump')]),
    ...wastes,
  ]
  // a line parts once less often than it ends
  const parted = (what: LineWhat): number => {
    const those = runs.filter((one) => one.what === what)
    const from = new Map<string, number>()
    for (const one of those) from.set(one.from, (from.get(one.from) ?? 0) + 1)
    return [...from.values()].reduce((all, count) => all + count - 1, 0)
  }
  return {
    runs,
    drains: holding.map((one) => ({ id: one.id, at: middleAt(one, base(one)) })).sort((a, b) => a.at[2] - b.at[2]),
    toBuy: kinds.map((what) => ({
      what,
      metres: toBuyM(runs.filter((one) => one.what === what).map(({ lengthMm }) => lengthMm)),
    })),
    tees: parted('cold') + parted('hot'),
  }
}
