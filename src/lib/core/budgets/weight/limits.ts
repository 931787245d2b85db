import { ruleFigure, type Job, type Loading } from '../../job'
import type { Interior } from '../../shell'
import type { WeightEntry } from './entry'
import { frontShareOf, leftShareOf, WHEELS, wheelSharesOf, type Wheel } from './statics'
import { axlesOf, type Axles } from './vehicle'
import { heaviest, leastShare, type Heaviest } from './worst'

export type LimitId = 'total' | 'front' | 'rear' | Wheel | 'front-share' | 'side' | 'roof'

/** One thing that a vehicle may carry no more of, or needs no less of. */
export interface LimitState {
  readonly id: LimitId
  /** kg, but for the front share: that is a share of the whole. */
  readonly unit: 'kg' | 'share'
  /** What it may be: at most, but for the front share at least. Left undefined where nobody said. */
  readonly limit: number | undefined
  /** A guide, and no rating of anyone. */
  readonly isGuide: boolean
  /** As it is loaded, and between what that may be. */
  readonly now: number
  readonly low: number
  readonly high: number
  /** The worst of all that may be aboard, and with what. */
  readonly worst: Heaviest
  /** The worst while the waste tanks are empty. */
  readonly worstDry: Heaviest
}

/** What of an entry is aboard in a loading, 0 to 1. */
export function shareAboard(entry: WeightEntry, { levels, tanks }: Loading, without: ReadonlySet<string>): number {
  if (without.has(entry.id)) return 0
  return entry.store === undefined ? 1 : (tanks?.[entry.id] ?? levels[entry.store] ?? 100) / 100
}

/** What an axle’s wheel carries at most, as a guide: half of what the axle may. */
export const WHEEL_SHARE = 0.5
/** Least share on the front axle, and how far below that of the empty vehicle it may be where that has less. Common practice, no source. */
export const FRONT_LEAST = { share: 0.3, below: 0.05 } as const

/** What the front axle of a vehicle is to carry of the whole, by what it carried as it was delivered. */
const frontLeast = (deliveredFront: number, { share, below }: Guides['front']): number =>
  Math.min(share, deliveredFront - below)

/** Guides of the trade, as a job has them: by the rules that hold them, which may be set otherwise. */
export interface Guides {
  readonly front: { readonly share: number; readonly below: number }
  readonly wheelShare: number
}

export function guidesOf(job: Job): Guides {
  const set = (rule: string, figure: string, usual: number): number => ruleFigure(job, rule, figure, usual)
  return {
    front: {
      share: set('front-share', 'least', FRONT_LEAST.share),
      below: set('front-share', 'below', FRONT_LEAST.below),
    },
    wheelShare: set('wheel-load', 'share', WHEEL_SHARE),
  }
}

interface Given {
  readonly guides: Guides
  readonly entries: readonly WeightEntry[]
  readonly interior: Interior
  readonly loading: Loading
  /** Share on the front axle as the vehicle was delivered. */
  readonly deliveredFront: number
  readonly isDriving: boolean
}

/** The limits of a vehicle in a loading, each worked out when it is asked, in their order. */
export interface Limits {
  readonly of: (id: LimitId) => LimitState | undefined
  readonly all: () => readonly LimitState[]
}

/** Every limit of a vehicle in a loading, and at its worst. */
export function limitsOf(given: Given): Limits {
  const makers = makersOf(given)
  const made = new Map<LimitId, LimitState>()
  const of = (id: LimitId): LimitState | undefined => {
    const state = made.get(id) ?? makers.get(id)?.()
    if (state !== undefined) made.set(id, state)
    return state
  }
  return { of, all: () => [...makers.keys()].flatMap((id) => of(id) ?? []) }
}

function makersOf({
  entries,
  interior,
  loading,
  deliveredFront,
  guides,
  isDriving,
}: Given): ReadonlyMap<LimitId, () => LimitState> {
  const { shell } = interior
  const axles = axlesOf(shell)
  const without = new Set(loading.without)
  const aboard = entries.map((entry) => ({ entry, share: shareAboard(entry, loading, without) }))

  const linear = (
    id: LimitId,
    limit: number | undefined,
    isGuide: boolean,
    of: (entry: WeightEntry, dxMm: number) => number,
  ): LimitState => {
    let [now, low, high] = [0, 0, 0]
    for (const { entry, share } of aboard) {
      const here = of(entry, 0)
      now += share * entry.amount * here
      const [behind, ahead] =
        entry.spreadMm === 0 ? [here, here] : [of(entry, -entry.spreadMm), of(entry, entry.spreadMm)]
      const ends = [entry.low * behind, entry.low * ahead, entry.high * behind, entry.high * ahead]
      low += share * Math.min(...ends)
      high += share * Math.max(...ends)
    }
    const all = entries.map((entry) => ({ id: entry.id, value: entry.amount * of(entry, 0), may: entry.may }))
    const dry = all.filter((_, index) => entries[index]?.store !== 'waste')
    return { id, unit: 'kg', limit, isGuide, now, low, high, worst: heaviest(all), worstDry: heaviest(dry) }
  }

  const { ratingFrontKg, ratingRearKg } = shell.axles
  const front = (entry: WeightEntry, dx: number): number => frontShareOf(axles, [entry.at[0] + dx, 0, 0])
  const half = (rating: number | undefined) => (rating === undefined ? undefined : rating * guides.wheelShare)
  const makers = new Map<LimitId, () => LimitState>([
    ['total', () => linear('total', shell.masses.grossKg, false, () => 1)],
    ['front', () => linear('front', ratingFrontKg, false, front)],
    ['rear', () => linear('rear', ratingRearKg, false, (entry, dx) => 1 - front(entry, dx))],
    ...wheelMakers(axles, half(ratingFrontKg), half(ratingRearKg), linear),
    ['front-share', () => frontShareState(aboard, entries, axles, frontLeast(deliveredFront, guides.front))],
  ])
  const roof = isDriving ? shell.masses.roofDrivingKg : shell.masses.roofRestKg
  if (roof !== undefined || entries.some(({ onRoof }) => onRoof))
    makers.set('roof', () => linear('roof', roof, false, ({ onRoof }) => (onRoof ? 1 : 0)))
  return makers
}

type Linear = (
  id: LimitId,
  limit: number | undefined,
  isGuide: boolean,
  of: (entry: WeightEntry, dxMm: number) => number,
) => LimitState

/** Each wheel, and left against right; nothing where the track is not known. */
function wheelMakers(
  axles: Axles,
  halfFront: number | undefined,
  halfRear: number | undefined,
  linear: Linear,
): readonly (readonly [LimitId, () => LimitState])[] {
  const { trackMm } = axles
  if (trackMm === undefined) return []
  // whichever side it hangs to further: the left counts up, the right down
  const further = (a: Heaviest, b: Heaviest): Heaviest => (a.value >= b.value ? a : { ...b, value: -b.value })
  const sideState = (): LimitState => {
    const side = linear('side', undefined, true, ({ at }) => 2 * leftShareOf(trackMm, at) - 1)
    const right = linear('side', undefined, true, ({ at }) => 1 - 2 * leftShareOf(trackMm, at))
    return { ...side, worst: further(side.worst, right.worst), worstDry: further(side.worstDry, right.worstDry) }
  }
  const wheelState = (wheel: Wheel, index: number) => (): LimitState =>
    linear(
      wheel,
      index < 2 ? halfFront : halfRear,
      true,
      ({ at: [x, y, z] }, dx) => wheelSharesOf(axles, trackMm, [x + dx, y, z])[index]!,
    )
  return [...WHEELS.map((wheel, index) => [wheel, wheelState(wheel, index)] as const), ['side', sideState]]
}

function frontShareState(
  aboard: readonly { readonly entry: WeightEntry; readonly share: number }[],
  entries: readonly WeightEntry[],
  axles: Axles,
  least: number,
): LimitState {
  const ratio = (amount: (entry: WeightEntry) => number, dx: (entry: WeightEntry) => number = () => 0): number => {
    let [part, whole] = [0, 0]
    for (const { entry, share } of aboard) {
      const kg = share * amount(entry)
      whole += kg
      part += kg * frontShareOf(axles, [entry.at[0] + dx(entry), 0, 0])
    }
    return whole === 0 ? 0 : part / whole
  }
  const now = ratio(({ amount }) => amount)
  // each is taken as light or as heavy as it may be, whichever brings the share further
  const end = (sign: 1 | -1): number =>
    ratio(
      (entry) => (sign * (frontShareOf(axles, entry.at) - now) > 0 ? entry.high : entry.low),
      ({ spreadMm }) => sign * spreadMm,
    )
  const worst = (dry: boolean): Heaviest =>
    leastShare(
      entries
        .filter(({ store }) => !dry || store !== 'waste')
        .map((entry) => ({
          id: entry.id,
          part: entry.amount * frontShareOf(axles, entry.at),
          whole: entry.amount,
          may: entry.may,
        })),
    )
  return {
    id: 'front-share',
    unit: 'share',
    limit: least,
    isGuide: true,
    now,
    low: end(-1),
    high: end(1),
    worst: worst(false),
    worstDry: worst(true),
  }
}
