import { answer, isAnswered, sleepersOf } from '../../brief'
import { spanLength, spanMiddle, type Vec2 } from '../../geometry'
import type { Job, WarmthAssumedKey } from '../../job'
import { sleeping, type Placed } from '../../scene'
import { HOURS } from '../../sky'
import { placedInAnyMode, seenOf } from '../seen'
import { journeyOf } from '../power/journey'
import { lumpOf } from '../weight/lump'
import { minutesTo, throughHours, type Hour, type Lump } from './hours'
import { AIR_WH, DIESEL_KWH_L, HEATER_SHARE } from '../heat-figures'
import { COVERED_U, isUp, lossesOf, warmthAssumedOf, type Losses, type LossWhat } from './loss'
import { heatersOf, SLEEPER_W } from './needs'
import { spacesOf } from '../air/spaces'
import { mealKwh, SLEEPER_G_H, throughWinter, type Winter } from './winter'
import { dewPointC, faceC, saturationKpa, vapourGM3, vapourKpa } from './moist'

/** Boots and coats that dry overnight. Common practice, no source. */
const WET_GEAR_G_H = 20
/** Wood and what else is built in, Wh for each kilogram and kelvin, and of it what warms up in an evening. Handbook value; common practice, no source. */
const [WOOD_WH_KG_K, WARMED_SHARE] = [0.45, 0.6]
/** A burner loses a tenth of its heat for each thousand metres. Common practice, no source: its maker’s sheet rules. */
const PER_KM = 0.1
/** A centimetre more of rigid board, m²K/W. Typical data-sheet value of 0.022 W/mK. */
const CENTIMETRE_M2KW = 0.01 / 0.022
/** Inner surfaces when it comes to damp: in the room, behind a locker, under a mattress. EN ISO 13788 for the first two, from memory; common practice, no source. */
const SURFACES = { windows: 0.13, bridges: 0.13, wall: 0.13, locker: 0.5, mattress: 1 } as const
/** On slats or a drilled board air gets behind a mattress. Common practice, no source. */
const AIRED_MATTRESS = 0.25
const BARE_U = 1 / 0.17

export type DampAt = keyof typeof SURFACES

/** A face that may be wet in the coldest hour of the night. */
interface DampFace {
  readonly at: DampAt
  readonly uValue: number
  readonly c: number
  readonly isWet: boolean
  /** Air changes an hour that keep it dry; Infinity where none do. */
  readonly dryChanges: number
}

/** What a change would save. */
export interface WarmthStep {
  readonly what: 'walls' | 'roof' | 'floor' | 'rear' | 'windows' | 'ribs' | 'cab'
  /** In the coldest night, W. */
  readonly savesW: number
  /** Over a year, kWh. */
  readonly savesKwh: number
  readonly money: number
}

/** How warm a plan is: plain data. */
export interface WarmthReport {
  readonly variantId: string
  readonly losses: Losses
  readonly assumed: Readonly<Record<WarmthAssumedKey, number>>
  readonly coldestC: number
  /** To hold the day’s warmth in the coldest night, without what people give off: W, and between what it may be. */
  readonly neededW: readonly [mean: number, low: number, high: number]
  /** What the heaters of the plan give at the brief’s altitude, W. */
  readonly heaterW: number
  readonly altitudeM: number
  /** What nobody said, so that something usual is taken. */
  readonly unsaid: readonly Unsaid[]
  /** From the coldest to what it is kept at with all they give, minutes; Infinity where it never is. */
  readonly warmUpMin: number
  /** A day from six in the evening, at the coldest night: heated till ten, left cold, warmed from seven. */
  readonly hours: readonly (Hour & {
    readonly outsideC: number
    readonly dewC: number
    readonly paneC: number | undefined
  })[]
  /** A night held at the night’s warmth, ten till seven: kWh burnt, and litres of diesel. */
  readonly nightKwh: number
  readonly nightL: number
  /** What fans and pumps of the heaters draw in it, Wh. */
  readonly nightWh: number
  /** Of a year of the itinerary, burnt. */
  readonly yearKwh: number
  readonly yearL: number
  readonly steps: readonly WarmthStep[]
  readonly vapourGH: number
  /** In bed, in the coldest hour. */
  readonly humidity: number
  readonly dewC: number
  readonly damp: readonly DampFace[]
  /** The same through all hours aboard of a year. */
  readonly winter: Winter<DampAt>
  /** Where one lies behind a door or a curtain, away from where warm air comes out; undefined where nothing shuts the bed off. */
  readonly bed: ClosedBed | undefined
}

/** A bed that is shut off at night. */
interface ClosedBed {
  /** What shuts it off. */
  readonly behind: string
  /** Warm air comes out in there. */
  readonly hasOutlet: boolean
  /** What it comes to in the coldest night, °C. */
  readonly c: number
}

/** What a body stores with what stands in it, Wh for each kelvin. */
export const heatStored = (placed: readonly Placed[], volumeM3: number): number =>
  Math.max(1, placed.reduce((sum, one) => sum + lumpOf(one).kg, 0) * WOOD_WH_KG_K * WARMED_SHARE + AIR_WH * volumeM3)

type Unsaid = 'coldestC' | 'altitudeM' | 'lining'
/** A coldest night that nobody said may be so much colder or milder. Common practice, no source. */
const UNSAID_K = 5

const STARTS = 18
const NIGHT_H = 9

/** Kelvin-hours that a year of the itinerary asks to be heated through, aboard. */
function kelvinHours(job: Job, assumed: WarmthReport['assumed'], driftK: number): number {
  const { weather, lived } = journeyOf(job)
  let sum = 0
  for (let at = 0; at < lived.length; at += 1) {
    if (lived[at] === 0) continue
    const held = isUp(at % HOURS) ? assumed.heatedC : assumed.nightC
    sum += Math.max(0, held - driftK - (weather.outsideC[at] ?? 0))
  }
  return sum
}

/** Air that must come in each hour so that vapour does not wet a face of a temperature, as changes of the body’s air. */
function changesToDry(
  gH: number,
  volume: number,
  [c, roomC, outsideC]: readonly [face: number, room: number, outside: number],
  outsideShare: number,
): number {
  // the pressure counts: the air of the room holds so much when it just wets the face
  const most = vapourGM3(saturationKpa(c), roomC)
  const brought = vapourGM3(outsideShare * saturationKpa(outsideC), outsideC)
  return most <= brought ? Infinity : gH / (most - brought) / volume
}

/** How warm a variant is, what warms it and what gets wet. */
export function warmthReport(job: Job, variantId: string): WarmthReport {
  const { brief } = job
  const placed = placedInAnyMode(job, variantId)
  const losses = lossesOf(job, variantId)
  const assumed = warmthAssumedOf(job, variantId)
  const coldestC = answer(brief, 'coldestC')
  const altitudeM = answer(brief, 'altitudeM')
  const { totalWK, lowWK, highWK, volumeM3 } = losses
  const people = sleepersOf(brief).length
  const ratedW = heatersOf(placed)
  const heaterW = ratedW * Math.max(0.3, 1 - (PER_KM * Math.max(0, altitudeM)) / 1000)
  const lump: Lump = { whK: heatStored(placed, volumeM3), wk: Math.max(0.1, totalWK) }
  const deltaK = Math.max(0, assumed.heatedC - coldestC)
  const unsaid: readonly Unsaid[] = [
    ...(isAnswered(brief, 'coldestC') ? [] : (['coldestC'] as const)),
    ...(isAnswered(brief, 'altitudeM') ? [] : (['altitudeM'] as const)),
    ...(losses.losses.some(({ isAssumed }) => isAssumed) ? (['lining'] as const) : []),
  ]
  const coldOffK = unsaid.includes('coldestC') ? UNSAID_K : 0
  const cold = Array.from({ length: HOURS }, () => coldestC)
  const gainW = people * SLEEPER_W
  const went = throughHours(
    lump,
    cold,
    { fromC: assumed.heatedC, heldC: assumed.heatedC, mostW: heaterW, gainW },
    (at) => isUp((STARTS + at) % HOURS),
  )
  const paneU = losses.losses.find(({ what }) => what === 'windows')?.uValue
  const vapourGH =
    people * SLEEPER_G_H + (Object.values(brief.gear ?? {}).some(({ wet }) => wet === true) ? WET_GEAR_G_H : 0)
  const outsideShare = assumed.outsidePercent / 100
  const airM3H = Math.max(0.01, assumed.airChanges * volumeM3)
  const brought = vapourGM3(outsideShare * saturationKpa(coldestC), coldestC)
  let held = brought
  const hours = went.map((hour) => {
    // towards what vapour and air bring it to, as much as an hour does
    const ends = brought + vapourGH / airM3H
    held = Math.min(
      vapourGM3(saturationKpa(hour.insideC), hour.insideC),
      ends + (held - ends) * Math.exp(-assumed.airChanges),
    )
    return {
      ...hour,
      outsideC: coldestC,
      dewC: dewPointC(Math.max(1e-3, vapourKpa(held, hour.insideC))),
      paneC: paneU === undefined ? undefined : faceC(hour.insideC, coldestC, paneU, SURFACES.windows),
    }
  })
  const bedC = assumed.nightC
  const bedG = Math.min(vapourGM3(saturationKpa(bedC), bedC), brought + vapourGH / airM3H)
  const bedKpa = vapourKpa(bedG, bedC)
  const dewC = dewPointC(Math.max(1e-3, bedKpa))
  const wallU = losses.losses.find(({ what }) => what === 'walls')?.uValue ?? BARE_U
  const faces: readonly (readonly [DampAt, number])[] = [
    ...(paneU === undefined ? [] : ([['windows', paneU]] as const)),
    ['bridges', assumed.bareRibM2 > 0 ? BARE_U : Math.min(BARE_U, 2 * wallU)],
    ['wall', wallU],
    ['locker', wallU],
    ['mattress', wallU],
  ]
  const isOnBoard = placed.some(({ services }) => services.some(({ lying }) => lying?.base === 'board'))
  // what is kept from the room’s warmth is colder: its own resistance takes the place of the open surface
  const colder = ([at, uValue]: readonly [DampAt, number]): number => {
    const surface = at === 'mattress' && !isOnBoard ? AIRED_MATTRESS : SURFACES[at]
    return surface / (1 / uValue - SURFACES.wall + surface)
  }
  const damp = faces.map(([at, uValue]): DampFace => {
    const c = bedC - colder([at, uValue]) * (bedC - coldestC)
    return {
      at,
      uValue,
      c,
      isWet: vapourGH > 0 && c < dewC - 1e-9,
      dryChanges: changesToDry(vapourGH, volumeM3, [c, bedC, coldestC], outsideShare),
    }
  })
  const driftK = gainW / lump.wk
  const kelvins = kelvinHours(job, assumed, driftK)
  const burnt = (wk: number): number => (wk * kelvins) / 1000 / HEATER_SHARE
  const yearKwh = burnt(totalWK)
  const nightKwh = (Math.max(0, totalWK * (assumed.nightC - coldestC) - gainW) * NIGHT_H) / 1000 / HEATER_SHARE
  return {
    variantId,
    losses,
    assumed,
    coldestC,
    neededW: [
      totalWK * deltaK,
      lowWK * Math.max(0, deltaK - coldOffK),
      // what nobody said may be colder too
      highWK * (deltaK + coldOffK),
    ],
    unsaid,
    heaterW,
    altitudeM,
    warmUpMin: minutesTo(lump, coldestC, assumed.heatedC, coldestC, heaterW),
    hours,
    nightKwh,
    nightL: nightKwh / DIESEL_KWH_L,
    nightWh:
      heaterW === 0
        ? 0
        : heaterDrawW(placed) *
          NIGHT_H *
          Math.min(1, Math.max(0, totalWK * (assumed.nightC - coldestC) - gainW) / heaterW),
    yearKwh,
    yearL: yearKwh / DIESEL_KWH_L,
    steps: stepsOf(losses, assumed, deltaK, burnt),
    vapourGH,
    humidity: bedKpa / saturationKpa(bedC),
    dewC,
    damp,
    winter: throughWinter(
      job,
      faces.map((face) => ({ at: face[0], share: colder(face) })),
      {
        volumeM3,
        changes: assumed.airChanges,
        heatedC: assumed.heatedC,
        nightC: assumed.nightC,
        outsideShare,
        gearGH: vapourGH - people * SLEEPER_G_H,
        flameKwh: mealKwh(job, openFlameW(placed)),
      },
    ),
    bed: closedBed(job, variantId, { wk: totalWK, nightC: assumed.nightC, coldestC, heaterW }),
  }
}

/** What the heaters draw while they run, W. */
const heaterDrawW = (placed: readonly Placed[]): number =>
  placed.reduce(
    (sum, { facts }) => sum + facts.draws.reduce((all, { by, watts }) => all + (by === 'heating' ? watts : 0), 0),
    0,
  )

/** Gas that burns in the room to cook on, W. */
const openFlameW = (placed: readonly Placed[]): number =>
  Math.max(
    0,
    ...placed.flatMap(({ facts }) =>
      facts.heat.flatMap(({ fuel, warms, watts }) => (fuel === 'gas' && warms === 'pans' ? [watts] : [])),
    ),
  )

/** Of the body, so much is no part that is shut off; warm air comes out beside a heater or its outlet. Common practice, no source. */
const [MOST_OF_IT, BESIDE_MM] = [0.7, 150]
/** What goes through what shuts a bed off, W/m²K, and by its gaps, m³/h through each square metre of them. Common practice, no source. */
const [CLOTH_U, GAPS_M3H_M2] = [3.5, 250]

/** Whether what people lie in is shut off from where warm air comes out, and how cold it gets there. */
function closedBed(
  job: Job,
  variantId: string,
  {
    wk,
    nightC,
    coldestC,
    heaterW,
  }: { readonly wk: number; readonly nightC: number; readonly coldestC: number; readonly heaterW: number },
): ClosedBed | undefined {
  if (heaterW === 0) return undefined
  const { night } = seenOf(job, variantId)
  const { spaces, between, at } = spacesOf(night)
  if (spaces.length < 2) return undefined
  const heads = sleeping(night, job.brief).map(({ head: [x, y] }) => at([x, y]))
  const bed = spaces.find(({ id }) => heads.includes(id))
  const those = between.filter(({ spaces: [a, b] }) => bed !== undefined && (a === bed.id || b === bed.id))
  const [first] = those
  if (bed === undefined || first === undefined) return undefined
  const outlets = night.placed.filter(
    ({ facts }) => facts.blowsWarm !== undefined || facts.heat.some(({ warms }) => warms === 'air'),
  )
  // the bed has most of the body: what is shut off is something else
  if (bed.share > MOST_OF_IT) return undefined
  const hasOutlet = outlets.some(({ bounds: { x, y } }) => {
    const [u, v] = [spanMiddle(x), spanMiddle(y)]
    const round: readonly Vec2[] = [
      [x.min - BESIDE_MM, v],
      [x.max + BESIDE_MM, v],
      [u, y.min - BESIDE_MM],
      [u, y.max + BESIDE_MM],
    ]
    return round.some((place) => at(place) === bed.id)
  })
  const lets = those.reduce((sum, { id, m2 }) => {
    const one = night.placed.find((placed) => placed.id === id)
    if (one === undefined) return sum
    const { x, y, z } = one.bounds
    const faceM2 = Math.max(spanLength(x), spanLength(y)) * spanLength(z) * 1e-6
    return sum + CLOTH_U * faceM2 + AIR_WH * GAPS_M3H_M2 * m2
  }, 0)
  const own = wk * bed.share
  const c = (lets * nightC + own * coldestC + heads.length * SLEEPER_W) / Math.max(0.1, lets + own)
  return { behind: first.id, hasOutlet, c: hasOutlet ? nightC : Math.min(nightC, c) }
}

/** What a centimetre more of board, covers, or a shut cab would save, the most first. */
function stepsOf(
  { losses }: Losses,
  assumed: WarmthReport['assumed'],
  deltaK: number,
  burnt: (wk: number) => number,
): readonly WarmthStep[] {
  const of = (what: LossWhat) => losses.find((one) => one.what === what)
  const thicker = (['walls', 'roof', 'floor', 'rear'] as const).map((what) => {
    const face = of(what)
    if (face === undefined || face.uValue === 0) return { what, wk: 0 }
    const saved = face.m2 * (face.uValue - 1 / (1 / face.uValue + CENTIMETRE_M2KW))
    return { what, wk: saved * (1 + assumed.bridgePercent / 100) }
  })
  const windows = of('windows')
  const others = [
    { what: 'windows' as const, wk: windows === undefined ? 0 : Math.max(0, windows.wk - windows.m2 * COVERED_U) },
    { what: 'ribs' as const, wk: (of('ribs')?.wk ?? 0) * 0.7 },
    { what: 'cab' as const, wk: (of('cab')?.wk ?? 0) * 0.6 },
  ]
  return [...thicker, ...others]
    .filter(({ wk }) => wk > 0.05)
    .map(({ what, wk }) => ({
      what,
      savesW: wk * deltaK,
      savesKwh: burnt(wk),
      money: (burnt(wk) / DIESEL_KWH_L) * assumed.pricePerL,
    }))
    .sort((a, b) => b.savesW - a.savesW)
}
