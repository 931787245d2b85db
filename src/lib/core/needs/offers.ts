import { TABLE_PLACE_MM, type ResolvedDemand } from '../brief'
import { prismBounds, spanLength } from '../geometry'
import { canStand, type Placed, type PlacedService, type Scene } from '../scene'
import { isUnnoticed, SAME_MM } from '../units'
import { tablesToWorkAt } from './desks'
import { NEED_TABLE, type NeedRow } from './table'

/** Something of a plan that serves a need, and whether it can stand where it is. */
interface Offer {
  readonly fittingId: string
  readonly stands: boolean
  /** Serves one demand after the other while some of it is left: a long desk for two. Says whether it took this one. */
  readonly serve: (demand: ResolvedDemand) => boolean
  /** How large it is, to serve the small ones with the small. */
  readonly size: number
}

/** What a demand is served with in one scene. */
export interface Served {
  readonly amount: number
  /** As much as there would be if everything could stand where it is. */
  readonly ifAllStood: number
  readonly by: readonly string[]
  /** Of the right kind, but standing in something or out of the body. */
  readonly cannotStand: readonly string[]
  /** Of the right kind, but too small, or taken by another demand. */
  readonly tooSmall: readonly string[]
}

const descending = (sides: readonly number[]): readonly number[] => [...sides].sort((a, b) => b - a)

/** Whether a side is long enough: what is published must be there whole, of anything else nobody tells so little. */
type Enough = (wanted: number, there: number) => boolean
const isWhole: Enough = (wanted, there) => wanted - there < SAME_MM
const isNearly: Enough = (wanted, there) => isUnnoticed(wanted - there, wanted)

/** Whether what is wanted goes in, turned as it will. */
const goesIn = (wanted: readonly number[], room: readonly number[], isEnough: Enough): boolean => {
  const there = descending(room)
  return descending(wanted).every((side, index) => isEnough(side, there[index] ?? 0))
}

/** As `goesIn`, standing on its feet: the third side is its height. */
const standsIn = (
  [a = 0, b = 0, high = 0]: readonly number[],
  [x = 0, y = 0, z = 0]: readonly number[],
  isEnough: Enough,
): boolean => isEnough(high, z) && goesIn([a, b], [x, y], isEnough)

const insideOf = ({ inside }: PlacedService): readonly number[] => {
  if (inside === undefined) return []
  const { x, y, z } = prismBounds(inside)
  return [spanLength(x), spanLength(y), spanLength(z)]
}

/** How many boxes of one size stand in a room, square to it, in their best turn. */
function howMany(wanted: readonly number[], room: readonly number[]): number {
  const [a = 0, b = 0, c = 0] = wanted
  const turns = [
    [a, b, c],
    [a, c, b],
    [b, a, c],
    [b, c, a],
    [c, a, b],
    [c, b, a],
  ]
  return Math.max(
    0,
    ...turns.map((turn) =>
      turn.reduce((many, side, axis) => many * Math.floor(((room[axis] ?? 0) + SAME_MM) / side), 1),
    ),
  )
}

function isLargeEnough({ measure, exact }: NeedRow, demand: ResolvedDemand, service: PlacedService): boolean {
  const isEnough = exact?.(demand) === true ? isWhole : isNearly
  switch (measure) {
    case 'nothing':
      return true
    case 'area-if-asked':
      return (
        !demand.isSized || service.sizeMm === undefined || goesIn(demand.sizeMm.slice(0, 2), service.sizeMm, isEnough)
      )
    case 'area':
      return service.sizeMm === undefined || goesIn(demand.sizeMm.slice(0, 2), service.sizeMm, isEnough)
    case 'room':
      return standsIn(demand.sizeMm, insideOf(service), isEnough)
  }
}

/** A service that one demand takes whole. */
function wholeOffer(scene: Scene, placed: Placed, service: PlacedService, row: NeedRow): Offer {
  let taken = false
  const size = (service.sizeMm ?? insideOf(service)).reduce((product, side) => product * side, 1)
  return {
    fittingId: placed.id,
    stands: canStand(scene, placed),
    size,
    serve: (demand) => {
      if (taken || !isLargeEnough(row, demand, service)) return false
      taken = true
      return true
    },
  }
}

/** A top at which people sit side by side, or on both sides of it, while there is length and a seat left. */
function topOffer(scene: Scene, placed: Placed, lengthMm: number, depthMm: number, sitters?: number): Offer {
  let [left, seats] = [lengthMm, sitters ?? Infinity]
  let sides = 1
  return {
    fittingId: placed.id,
    stands: canStand(scene, placed),
    size: lengthMm * depthMm,
    serve: (demand) => {
      const [wantedLong = 0, wantedDeep = 0] = demand.sizeMm
      // nobody said how large: then a place at a desk is enough, however deep; a table must be as large as is usual
      const [long, deep] =
        demand.isSized || sitters !== undefined
          ? [wantedLong, wantedDeep]
          : [Math.min(wantedLong, lengthMm, TABLE_PLACE_MM), Math.min(wantedDeep, depthMm)]
      const fits = (): boolean => long <= left + SAME_MM && deep <= depthMm + SAME_MM
      if (seats === 0) return false
      // the other side, if it is deep enough for two who face each other
      if (!fits() && sides === 1 && depthMm + SAME_MM >= 2 * deep) [sides, left] = [2, lengthMm]
      if (!fits()) return false
      left -= long
      seats -= 1
      return true
    },
  }
}

function offersOf(scene: Scene, need: ResolvedDemand['need']): readonly Offer[] {
  const row = NEED_TABLE[need]
  const { service: type, also } = row
  const own = scene.placed.flatMap((placed) =>
    placed.services.flatMap((service): Offer[] => {
      if (service.type !== type) return []
      const { sizeMm } = service
      return also === 'table' && sizeMm !== undefined
        ? [topOffer(scene, placed, Math.max(...sizeMm), Math.min(...sizeMm))]
        : [wholeOffer(scene, placed, service, row)]
    }),
  )
  const tables = also === 'table' ? tablesToWorkAt(scene) : []
  return [
    ...own,
    ...tables.map(({ placed, lengthMm, depthMm, sitters }) => topOffer(scene, placed, lengthMm, depthMm, sitters)),
  ].sort((a, b) => a.size - b.size)
}

/** Serves demands of one need, each with what is its own: the biggest first, each with the smallest that will do. */
export function servedOneByOne(scene: Scene, demands: readonly ResolvedDemand[]): ReadonlyMap<string, Served> {
  const [first] = demands
  if (first === undefined) return new Map()
  const offers = offersOf(scene, first.need)
  return new Map(
    demands.map((demand): [string, Served] => {
      const by: string[] = []
      for (const offer of offers)
        if (by.length < demand.quantity && offer.stands && offer.serve(demand)) by.push(offer.fittingId)
      // what could not stand would have done otherwise
      const fallen = by.length >= demand.quantity ? [] : offers.filter(({ stands }) => !stands)
      const cannotStand = fallen.filter((offer) => offer.serve(demand)).map(({ fittingId }) => fittingId)
      const others = offers
        .map(({ fittingId }) => fittingId)
        .filter((id) => !by.includes(id) && !cannotStand.includes(id))
      return [
        demand.id,
        {
          amount: by.length,
          ifAllStood: by.length + cannotStand.length,
          by,
          cannotStand,
          tooSmall: by.length >= demand.quantity ? [] : [...new Set(others)],
        },
      ]
    }),
  )
}

/** How many pieces of one size the boxes outside take, each box for one demand only. */
export function servedOutside(scene: Scene, demands: readonly ResolvedDemand[]): ReadonlyMap<string, Served> {
  const free = scene.placed.flatMap((placed) =>
    placed.services.flatMap((service) =>
      service.type === 'outside-store' ? [{ placed, room: insideOf(service), stands: canStand(scene, placed) }] : [],
    ),
  )
  return new Map(
    demands.map((demand): [string, Served] => {
      const by: string[] = []
      let amount = 0
      const best = [...free].sort((a, b) => howMany(demand.sizeMm, b.room) - howMany(demand.sizeMm, a.room))
      for (const box of best) {
        const takes = howMany(demand.sizeMm, box.room)
        if (amount >= demand.quantity || takes === 0 || !box.stands) continue
        amount += takes
        by.push(box.placed.id)
        free.splice(free.indexOf(box), 1)
      }
      const enough = amount >= demand.quantity
      const fallen = enough ? [] : free.filter(({ stands, room }) => !stands && howMany(demand.sizeMm, room) > 0)
      const small = enough ? [] : free.filter((box) => !fallen.includes(box))
      return [
        demand.id,
        {
          amount: Math.min(amount, demand.quantity),
          ifAllStood: Math.min(
            amount + fallen.reduce((sum, { room }) => sum + howMany(demand.sizeMm, room), 0),
            demand.quantity,
          ),
          by,
          cannotStand: fallen.map(({ placed }) => placed.id),
          tooSmall: small.map(({ placed }) => placed.id),
        },
      ]
    }),
  )
}
