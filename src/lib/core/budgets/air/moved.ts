import type { Place } from './openings'
import { airThrough, type AirWay } from './network'
import type { Spaces } from './spaces'

/** A window that is open lets half of its size through, and one that is left ajar a twentieth. Common practice, no source. */
const OPEN_SHARE = 0.5
export const AJAR_SHARE = 0.05
/** What an opening lets through that stands open, m²: so large a share of its size, or all of what is set. */
export const openM2 = ({ m2, isSet = false }: Place, share: number = OPEN_SHARE): number => (isSet ? m2 : m2 * share)
/** Joints and vents of a body that is shut, low and high, m². Common practice, no source. */
const LEAK_M2 = 0.0025
/** A fan on its lowest moves a tenth, under a hundredth of the pressure. */
const LOWEST = 0.1
export type AirState = 'full' | 'lowest' | 'open' | 'shut'

/** What people warm the air by when all is shut, K. */
const WARMER_K = 5

/** What the wind presses on a face, as a share of its own pressure: before it, beside it, behind it; a roof is beside it. Textbook values of a box, from memory. */
const [ON_WINDWARD, ON_SIDE, ON_LEE] = [0.6, -0.5, -0.3] as const
/** What wind of some metres a second presses on a face that looks so far away from where it comes from, Pa. */
export function windPa(ms: number, awayDeg: number | undefined): number {
  if (awayDeg === undefined) return ON_SIDE * 0.6 * ms * ms
  const cosine = Math.cos((awayDeg * Math.PI) / 180)
  const share = (cosine > 0 ? ON_WINDWARD : ON_LEE) * cosine ** 2 + ON_SIDE * (1 - cosine ** 2)
  return share * 0.6 * ms * ms
}

/** Where the air is, and what moves it. */
export interface Setting {
  readonly spaces: Spaces
  readonly places: readonly Place[]
  readonly wind: { readonly ms: number; readonly fromDeg: number }
}

/**
 * An opening that nothing drives, as two halves that are two ninths of its height above and below its middle: alone, they let in and out what a large
 * opening does, a third of 0.6 A √(g H ΔT ÷ T) each way (textbook).
 */
const halves = ({ id, zMm, highM }: Place, m2: number, to: string, pa: number): readonly AirWay[] =>
  [-1, 1].map((side) => ({
    id: side < 0 ? id : `${id}${UPPER}`,
    from: 'out',
    to,
    m2: m2 / 2,
    zM: zMm / 1000 + (side * 2 * highM) / 9,
    windPa: pa,
  }))
const UPPER = ' upper'

interface Asked {
  readonly state: AirState
  /** Of its size what an open window lets through. */
  readonly share?: number
  /** Joints so many times as wide as they usually are. */
  readonly leaks?: number
  /** The fan blows the other way. */
  readonly isTurned?: boolean
}

function waysIn(
  { spaces, places, wind }: Setting,
  { state, share = OPEN_SHARE, leaks = 1, isTurned = false }: Asked,
): readonly AirWay[] {
  const leakM2 = LEAK_M2 * leaks
  const on = ({ looksDeg }: Place): number =>
    windPa(wind.ms, looksDeg === undefined ? undefined : looksDeg - wind.fromDeg)
  return [
    // joints all round: what wind there is presses on them from both sides
    ...spaces.spaces.flatMap(({ id, share: of, isCab }): readonly AirWay[] =>
      isCab
        ? []
        : [
            { id: `leak-low ${id}`, from: 'out', to: id, m2: (leakM2 * of) / 2, zM: 0.2, windPa: windPa(wind.ms, 0) },
            { id: `leak-lee ${id}`, from: 'out', to: id, m2: (leakM2 * of) / 2, zM: 0.2, windPa: windPa(wind.ms, 180) },
            {
              id: `leak-high ${id}`,
              from: id,
              to: 'out',
              m2: leakM2 * of,
              zM: 1.6,
              windPa: windPa(wind.ms, undefined),
            },
          ],
    ),
    ...spaces.between.map(({ id, spaces: [from, to], m2 }) => ({ id: `${id} ${from} ${to}`, from, to, m2, zM: 1 })),
    ...places.flatMap((place): readonly AirWay[] => {
      const { id, m2, zMm, curve, blows } = place
      const [space, pa] = [spaces.at(place.at), on(place)]
      const of = { id, zM: zMm / 1000, windPa: pa }
      const runs = curve !== undefined && (state === 'full' || state === 'lowest')
      if (!runs) return state === 'shut' ? [] : halves(place, openM2(place, share), space, pa)
      const by = state === 'lowest' ? LOWEST : 1
      const blown = curve.map(([m3h, against]) => [m3h * by, against * by * by] as const)
      return [
        (blows === 'in') !== isTurned
          ? { ...of, from: 'out', to: space, m2, curve: blown }
          : { ...of, from: space, to: 'out', m2, curve: blown },
      ]
    }),
  ]
}

/** Fresh air that comes into the load space, m³/h, from outside or from a cab that is shut off; and what goes out by each way. */
export interface Moved {
  readonly fresh: number
  readonly out: ReadonlyMap<string, number>
  /** What comes in by each, however much goes out there as well. */
  readonly into: ReadonlyMap<string, number>
  /** What comes into each space, from outside or beside it. */
  readonly bySpace: ReadonlyMap<string, number>
}

/** How air moves in a state. */
export function moved(setting: Setting, asked: Asked): Moved {
  const ids = setting.spaces.spaces.map(({ id }) => id)
  const outside = new Set(['out', ...setting.spaces.spaces.filter(({ isCab }) => isCab).map(({ id }) => id)])
  const ways = waysIn(setting, asked)
  const flows = airThrough(ids, ways, Object.fromEntries(ids.map((id) => [id, WARMER_K])))
  const [out, into, bySpace] = [new Map<string, number>(), new Map<string, number>(), new Map<string, number>()]
  let fresh = 0
  const add = (to: Map<string, number>, key: string, m3h: number): void => void to.set(key, (to.get(key) ?? 0) + m3h)
  flows.forEach(({ id, m3h }, at) => {
    const way = ways[at]
    if (way === undefined) return
    const [source, sink] = m3h > 0 ? [way.from, way.to] : [way.to, way.from]
    add(bySpace, sink, Math.abs(m3h))
    if (outside.has(source) && !outside.has(sink)) fresh += Math.abs(m3h)
    if (way.from !== 'out' && way.to !== 'out') return
    const outwards = way.to === 'out' ? m3h : -m3h
    const place = id.replace(UPPER, '')
    add(out, place, outwards)
    add(into, place, Math.max(0, -outwards))
  })
  return { fresh, out, into, bySpace }
}
