import { thermalOf } from '../../climate'
import { AIR_WH } from '../heat-figures'
import { factsOf, stancesOf } from '../../fittings'
import { area, spanLength } from '../../geometry'
import { type Fitting, type Job, type Plan, type WarmthAssumedKey, WARMTH_ASSUMED } from '../../job'
import { seenOf } from '../seen'
import { isDoor, isWindow, sectionAt, type Interior, type LinedFace, type Opening } from '../../shell'
import { faceAreas, volumeM3 } from '../../space'

/** What heat goes out by. */
export type LossWhat =
  'floor' | 'walls' | 'roof' | 'rear' | 'bulkhead' | 'windows' | 'hatches' | 'bridges' | 'ribs' | 'air' | 'cab'

/** One way out for heat. */
export interface Loss {
  readonly what: LossWhat
  /** 0 of what is no face. */
  readonly m2: number
  /** W/m²K; 0 of what is no face. */
  readonly uValue: number
  /** W/K, and between what it may be where its layers are not known. */
  readonly wk: number
  readonly low: number
  readonly high: number
  /** Its layers were not said: a lining of that thickness is taken. */
  readonly isAssumed: boolean
}

export interface Losses {
  readonly losses: readonly Loss[]
  readonly totalWK: number
  readonly lowWK: number
  readonly highWK: number
  readonly volumeM3: number
}

/** What is taken of warmth, as somebody said or as is usual. */
export const warmthAssumedIn = ({ warmth }: Pick<Job, 'warmth'>): Readonly<Record<WarmthAssumedKey, number>> => ({
  ...WARMTH_ASSUMED,
  ...Object.fromEntries(
    Object.entries(warmth?.assume ?? {}).filter(([key, value]) => key in WARMTH_ASSUMED && typeof value === 'number'),
  ),
})

/** When one is up, and it is kept warmer. Common practice, no source. */
export const isUp = (hour: number): boolean => hour >= 7 && hour < 22

/** Insulation where only its thickness is known, and between what it may be, W/mK: rigid board to fibre. Typical data-sheet values. */
const UNKNOWN = { mean: 0.036, low: 0.022, high: 0.05 } as const
/** Of what lines a face, so much is board and no insulation, mm. Common practice, no source. */
const BOARD_MM = 5
/** Panes: acrylic with air between, as converters fit, and the vehicle’s own single glass, W/m²K. EN ISO 10077, from memory, for glass. */
const PANE_U = { fitted: 3, glass: 5.7 } as const
/** Of a pane with a cover pressed in before it. Common practice, no source. */
export const COVERED_U = 1.4
const HATCH_U = 3.5
/** A bulkhead of one sheet, and of how much colder than outside the cab is not. Common practice, no source. */
const BULKHEAD_U = 2.5
const CAB_BUFFERS = 0.6
/** What an open cab loses by its glass and sheet, W/K. Common practice, no source. */
const OPEN_CAB_WK = 16
/** A rib that is left bare: air, sheet, air. EN ISO 6946’s surfaces, from memory. */
const BARE_U = 1 / (0.13 + 0.04)

const MM2 = 1e-6
const openingM2 = ({ fromMm, toMm, sillMm, headMm }: Opening): number =>
  Math.abs(toMm - fromMm) * Math.abs(headMm - sillMm) * MM2

interface U {
  readonly u: number
  readonly low: number
  readonly high: number
  readonly isAssumed: boolean
}

/** The U-value of a lined face by its layers; where only its thickness is known, of what is usual, with a range. */
function uOf(plan: Pick<Plan, 'lining'>, face: LinedFace, mm: number): U {
  const layers = plan.lining.layers?.[face]
  if (layers !== undefined) {
    const u = thermalOf(face, layers).uValue
    return { u, low: u, high: u, isAssumed: false }
  }
  const bare = thermalOf(face, []).resistance
  const by = (conductivity: number): number => 1 / (bare + Math.max(0, mm - BOARD_MM) / 1000 / conductivity)
  return { u: by(UNKNOWN.mean), low: by(UNKNOWN.low), high: by(UNKNOWN.high), isAssumed: mm > BOARD_MM }
}

const loss = (what: LossWhat, m2: number, { u, low, high, isAssumed }: U): Loss => ({
  what,
  m2,
  uValue: u,
  wk: m2 * u,
  low: m2 * low,
  high: m2 * high,
  isAssumed,
})
const known = (u: number): U => ({ u, low: u, high: u, isAssumed: false })
const plain = (what: LossWhat, wk: number): Loss => ({
  what,
  m2: 0,
  uValue: 0,
  wk,
  low: wk,
  high: wk,
  isAssumed: false,
})

const endM2 = (interior: Interior, xMm: number): number => area(sectionAt(interior, xMm)) * MM2

/**
 * What is taken of a variant’s warmth: of its windows so much is covered as somebody said, else as covers are drawn before them at night.
 */
export function warmthAssumedOf(
  job: Pick<Job, 'shell' | 'variants' | 'warmth'>,
  variantId: string,
): Readonly<Record<WarmthAssumedKey, number>> {
  const assumed = warmthAssumedIn(job)
  if (job.warmth?.assume?.coveredPercent !== undefined) return assumed
  const covers = (fitting: Fitting): boolean =>
    stancesOf(fitting).some((stance) => factsOf(fitting, stance).shields === 'cold')
  if (!Object.values(job.variants[variantId]?.plan.fittings ?? {}).some(covers)) return assumed
  const { interior, night } = seenOf(job, variantId)
  const panes = interior.shell.openings
    .filter((one) => one.behind === undefined && isWindow(one))
    .reduce((all, one) => all + openingM2(one), 0)
  const coverM2 = night.placed.reduce(
    (all, { facts, bounds }) =>
      facts.shields === 'cold'
        ? all + Math.max(spanLength(bounds.x), spanLength(bounds.y)) * spanLength(bounds.z) * MM2
        : all,
    0,
  )
  return { ...assumed, coveredPercent: panes === 0 ? 0 : Math.round(100 * Math.min(1, coverM2 / panes)) }
}

/** Measured once for a variant, for all that ask. */
const lost = new WeakMap<object, { readonly warmth: Job['warmth']; readonly losses: Losses }>()

/** How much heat a lined body loses for each kelvin, by what it goes out by. */
export function lossesOf(job: Pick<Job, 'shell' | 'variants' | 'warmth'>, variantId: string): Losses {
  const seen = seenOf(job, variantId)
  const before = lost.get(seen)
  if (before !== undefined && before.warmth === job.warmth) return before.losses
  const losses = lossesIn(seen.interior, seen.variant.plan, warmthAssumedOf(job, variantId))
  lost.set(seen, { warmth: job.warmth, losses })
  return losses
}

/** The same of a lined body. */
export function lossesIn(
  interior: Interior,
  plan: Pick<Plan, 'lining'>,
  assumed: Readonly<Record<WarmthAssumedKey, number>>,
): Losses {
  const { openings, bulkhead } = interior.shell
  const areas = faceAreas(interior)
  const of = (...faces: readonly string[]): number =>
    areas.reduce((sum, { face, m2 }) => (faces.includes(face) ? sum + m2 : sum), 0)
  const sum = (those: readonly Opening[]): number => those.reduce((all, one) => all + openingM2(one), 0)
  const shown = openings.filter(({ behind }) => behind === undefined)
  const panes = shown.filter(isWindow)
  const hatches = shown.filter((one) => one.side === 'roof')
  const onWalls = panes.filter(({ side }) => side === 'left' || side === 'right')
  const atRear = panes.filter(({ side }) => side === 'rear')
  const glassM2 = sum(panes.filter(({ opens }) => opens === 'fixed-window'))
  const fittedM2 = sum(panes) - glassM2
  const covered = assumed.coveredPercent / 100
  const paneWK = glassM2 * PANE_U.glass + fittedM2 * PANE_U.fitted
  const windowWK = (1 - covered) * paneWK + covered * sum(panes) * COVERED_U
  const { floorMm, wallMm, roofMm, doorMm = 0 } = plan.lining
  const rearM2 = endM2(interior, interior.xSpan.min)
  const hasRearDoor = shown.some((one) => one.side === 'rear' && isDoor(one))
  const opaque = [
    loss('floor', of('floor'), uOf(plan, 'floor', floorMm)),
    loss('walls', Math.max(0, of('wall-left', 'wall-right') - sum(onWalls)), uOf(plan, 'wall', wallMm)),
    loss('roof', Math.max(0, of('roof') - sum(hatches)), uOf(plan, 'roof', roofMm)),
    loss(
      'rear',
      Math.max(0, rearM2 - sum(atRear)),
      hasRearDoor ? uOf(plan, 'door', doorMm) : uOf(plan, 'wall', wallMm),
    ),
  ]
  const volume = volumeM3(interior)
  const isOpen = bulkhead.wayThrough
  const losses: readonly Loss[] = [
    ...opaque,
    ...(isOpen
      ? [plain('cab', (OPEN_CAB_WK * assumed.cabPercent) / 100)]
      : [loss('bulkhead', endM2(interior, interior.xSpan.max), known(BULKHEAD_U * CAB_BUFFERS))]),
    ...(panes.length === 0 ? [] : [loss('windows', sum(panes), known(windowWK / sum(panes)))]),
    ...(hatches.length === 0 ? [] : [loss('hatches', sum(hatches), known(HATCH_U))]),
    plain('bridges', (opaque.reduce((all, { wk }) => all + wk, 0) * assumed.bridgePercent) / 100),
    ...(assumed.bareRibM2 === 0 ? [] : [loss('ribs', assumed.bareRibM2, known(BARE_U))]),
    plain('air', AIR_WH * volume * assumed.airChanges),
  ]
  const total = (by: (one: Loss) => number): number => losses.reduce((all, one) => all + by(one), 0)
  return {
    losses: [...losses].sort((a, b) => b.wk - a.wk),
    totalWK: total(({ wk }) => wk),
    lowWK: total(({ low }) => low),
    highWK: total(({ high }) => high),
    volumeM3: volume,
  }
}
