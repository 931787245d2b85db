import { sleepersOf } from '../../brief'
import { spanLength, spanMiddle, type Vec2 } from '../../geometry'
import type { Job, WarmthAssumedKey } from '../../job'
import type { AirOpening, Scene } from '../../scene'
import { cabSpace, type Interior } from '../../shell'
import { seenOf } from '../seen'
import { lossesOf, warmthAssumedOf } from '../warmth/loss'
import { AJAR_SHARE, moved, type AirState, type Moved, type Setting } from './moved'
import { placesOf } from './openings'
import { noiseIn, someoneIn, streamOf, type HeadNoise, type Someone } from './people'
import { isRoom, spacesOf } from './spaces'
import { summerOf, type Summer } from './summer'

/** Carbon dioxide of one asleep, L/h, and of the air outside, ppm. Persily and de Jonge (2017) for 0.8 to 1 met, from memory. */
const [CO2_L_H, CO2_OUT_PPM] = [13, 420]
const ASLEEP_H = 8
/** How far windows are opened, and joints as a share of what they usually let through. Common practice, no source. */
const [LOW, HIGH] = [
  { share: 0.3, leaks: 0.5 },
  { share: 0.7, leaks: 2 },
]
/** From an inlet that is so near the fan the air takes a short cut, mm. Common practice, no source. */
const SHORT_MM = 1000

/** A part of the body that is shut off at night, and how its air changes. */
interface SpaceAir {
  readonly id: string
  readonly middle: Vec2
  readonly volumeM3: number
  /** What lies or is done in it. */
  readonly sleepers: number
  readonly cooks: boolean
  readonly isWet: boolean
  readonly isCab: boolean
  /** Air that comes into it from outside or from beside it, m³/h. */
  readonly into: Readonly<Record<AirState, number>>
}

/** A door or curtain that, shut, keeps air from who is behind it. */
interface CutOff {
  readonly id: string
  readonly space: string
  readonly shutM3H: number
  readonly openM3H: number
}

/** An opening for air, and what goes through it with the fan at full, or with all open where there is none. */
interface AirPlace {
  readonly id: string
  readonly what: AirOpening['what']
  readonly at: Vec2
  readonly zMm: number
  readonly m2: number
  /** Outwards, m³/h; below 0 in. */
  readonly outM3H: number
  /** In and out at once, where warm air leaves above and cold comes in below, m³/h. */
  readonly bothM3H: number
}

interface Passed {
  readonly who: 'cook' | 'sleeper'
  readonly label: string
  readonly isPassed: boolean
  /** What is felt there with the fan at full, or all open, m/s: of the stream along the body, or of the opening that is nearest. */
  readonly speed: number
}

/** How air moves through a plan: plain data. */
export interface AirReport {
  readonly variantId: string
  readonly volumeM3: number
  readonly places: readonly AirPlace[]
  /** Fresh air in each state, m³/h. */
  readonly fresh: Readonly<Record<AirState, number>>
  /** By how far windows are opened and how tight the body is, which no plan says: with the fan at full, or all open, and all shut, m³/h. */
  readonly freshRange: Readonly<Record<'most' | 'shut', readonly [low: number, high: number]>>
  readonly hasFan: boolean
  /** The cab is open to the living space, and has windows of its own. */
  readonly hasCab: boolean
  /** Fresh air with a second fan like the first, m³/h; undefined where there is none. */
  readonly withSecond: number | undefined
  readonly isShortCut: boolean
  readonly passed: readonly Passed[]
  /** The fan turned round, if it can be: fresh air and how many it passes over. */
  readonly turned: { readonly blows: 'in' | 'out'; readonly fresh: number; readonly passes: number } | undefined
  /** What doors and curtains shut off from each other at night; one where they shut nothing off. */
  readonly spaces: readonly SpaceAir[]
  readonly cutOff: readonly CutOff[]
  readonly wind: { readonly ms: number; readonly fromDeg: number }
  readonly assumed: Readonly<Record<WarmthAssumedKey, number>>
  /** How many would be passed over with the fan at either end. */
  readonly byEnd: Readonly<Record<'rear' | 'front', number>>
  /** Along the body, with the fan at full, m/s. */
  readonly speed: number
  readonly sleepers: number
  /** By the morning, ppm. */
  readonly co2: Readonly<Record<'lowest' | 'open' | 'shut', number>>
  readonly noise: readonly HeadNoise[]
  readonly summer: Summer
}

/** Parts per million after a night with so much fresh air, from the air outside. */
export function co2After(people: number, m3h: number, volumeM3: number, hours: number): number {
  const given = (people * CO2_L_H) / 1000
  if (m3h < 1e-6) return CO2_OUT_PPM + (1e6 * given * hours) / volumeM3
  return CO2_OUT_PPM + 1e6 * (given / m3h) * (1 - Math.exp((-m3h * hours) / volumeM3))
}

/** How air moves through a variant, what it passes, and how hot, stale and loud it gets. */
export function airReport(job: Job, variantId: string): AirReport {
  const { interior, day, night } = seenOf(job, variantId)
  const assumed = warmthAssumedOf(job, variantId)
  const { windMs, windDeg } = assumed
  const wind = { ms: windMs, fromDeg: windDeg }
  // a cab whose windows are shut brings nothing, whatever is drawn before it
  const withCab = assumed.cabAirCm2 > 0
  const setting: Setting = {
    spaces: spacesOf(night, new Set(), withCab),
    places: placesOf(night, assumed.cabAirCm2),
    wind,
  }
  const { places, spaces } = setting
  const [fan] = places.filter(({ curve }) => curve !== undefined)
  const { volumeM3 } = lossesOf(job, variantId)
  const byState = Object.fromEntries(
    (['full', 'lowest', 'open', 'shut'] as const).map((state) => [state, moved(setting, { state })]),
  ) as Record<AirState, Moved>
  const of = <T>(what: (one: Moved) => T): Record<AirState, T> => ({
    full: what(byState.full),
    lowest: what(byState.lowest),
    open: what(byState.open),
    shut: what(byState.shut),
  })
  const fresh = of((one) => one.fresh)
  const state: AirState = fan === undefined ? 'open' : 'full'
  const main = byState[state]
  const { min, max } = interior.xSpan
  const sectionM2 = Math.max(0.5, volumeM3 / ((max - min) / 1000))
  const stream = streamOf(setting, main, sectionM2)
  const asked = someoneIn(day, night, job)
  const passed = asked.map((one) => {
    const isPassed = stream.passes(one)
    return { who: one.who, label: one.label, isPassed, speed: stream.speedAt(one.at, isPassed) }
  })
  const atEnd = (x: number): number => asked.filter((one) => stream.passes(one, [[x, 0]])).length
  const isShortCut =
    fan !== undefined &&
    stream.inlets.some(
      ({ id, at }) =>
        Math.hypot(at[0] - fan.at[0], at[1] - fan.at[1]) < SHORT_MM && -(main.out.get(id) ?? 0) > (main.fresh || 1) / 2,
    )
  const sleepers = sleepersOf(job.brief).length
  const wetAt = night.placed.filter(isRoom).map(({ bounds }) => spaces.at([spanMiddle(bounds.x), spanMiddle(bounds.y)]))
  const inSpace = (id: string, who: Someone['who']): number =>
    asked.filter((one) => one.who === who && spaces.at(one.at) === id).length
  // the air of the space in which most lie, by what comes into that
  const bed = [...spaces.spaces].sort((a, b) => inSpace(b.id, 'sleeper') - inSpace(a.id, 'sleeper'))[0]
  const staleAfter = (m3h: number): number => co2After(sleepers, m3h, volumeM3 * (bed?.share ?? 1), ASLEEP_H)
  const toBed = (one: Moved): number => (bed === undefined ? one.fresh : (one.bySpace.get(bed.id) ?? 0))
  return {
    variantId,
    volumeM3,
    places: places.map(({ id, what, at, zMm, m2 }) => {
      const outM3H = main.out.get(id) ?? 0
      const intoM3H = main.into.get(id) ?? 0
      return { id, what, at, zMm, m2, outM3H, bothM3H: Math.max(0, Math.min(intoM3H, intoM3H + outM3H)) }
    }),
    fresh,
    freshRange: { most: rangeOf(setting, state), shut: rangeOf(setting, 'shut') },
    hasFan: fan !== undefined,
    hasCab: cabSpace(interior) !== undefined,
    withSecond:
      fan === undefined
        ? undefined
        : moved({ ...setting, places: [...places, { ...fan, id: 'second-fan' }] }, { state: 'full' }).fresh,
    isShortCut,
    passed,
    turned: fan?.blows === 'both' ? turnedRound(setting, asked, sectionM2) : undefined,
    spaces: spaces.spaces.map(({ id, share, middle, isCab }) => ({
      id,
      middle,
      isCab,
      volumeM3: isCab ? cabM3(interior) : share * volumeM3,
      sleepers: inSpace(id, 'sleeper'),
      cooks: inSpace(id, 'cook') > 0,
      isWet: wetAt.includes(id),
      into: of((one) => one.bySpace.get(id) ?? 0),
    })),
    cutOff: cutOffIn({ night, setting, asked, state, withCab }, main),
    wind,
    assumed,
    byEnd: { rear: atEnd(min), front: atEnd(max) },
    speed: main.fresh / 3600 / sectionM2,
    sleepers,
    co2: {
      lowest: staleAfter(
        toBed(fan === undefined ? moved(setting, { state: 'open', share: AJAR_SHARE }) : byState.lowest),
      ),
      open: staleAfter(toBed(byState.open)),
      shut: staleAfter(toBed(byState.shut)),
    },
    noise: noiseIn(night, job),
    summer: summerOf(job, variantId, { aired: main.fresh, shut: fresh.shut }),
  }
}

/** Of the block round a cab so much is air: under its screen slopes a dashboard. Common practice, no source. */
const CAB_FREE = 0.6
const cabM3 = (interior: Interior): number => {
  const cab = cabSpace(interior)
  return cab === undefined ? 0 : CAB_FREE * spanLength(cab.x) * spanLength(cab.y) * spanLength(cab.z) * 1e-9
}

/** Fresh air where windows stand open less or more, and joints are as tight as they get or twice as wide. */
const rangeOf = (setting: Setting, state: AirState): readonly [low: number, high: number] => [
  moved(setting, { state, ...LOW }).fresh,
  moved(setting, { state, ...HIGH }).fresh,
]

/** The fan the other way round. */
function turnedRound(setting: Setting, asked: readonly Someone[], sectionM2: number): AirReport['turned'] {
  const one = moved(setting, { state: 'full', isTurned: true })
  const stream = streamOf(setting, one, sectionM2)
  return { blows: 'in', fresh: one.fresh, passes: asked.filter((who) => stream.passes(who)).length }
}

/** What doors and curtains that are shut at night keep from sleepers, each opened alone. */
function cutOffIn(
  {
    night,
    setting,
    asked,
    state,
    withCab,
  }: {
    readonly night: Scene
    readonly setting: Setting
    readonly asked: readonly Someone[]
    readonly state: AirState
    readonly withCab: boolean
  },
  now: Moved,
): readonly CutOff[] {
  const shut = [...new Set(setting.spaces.between.filter(({ opens }) => opens).map(({ id }) => id))]
  return shut.flatMap((id): readonly CutOff[] => {
    const opened = { ...setting, spaces: spacesOf(night, new Set([id]), withCab) }
    const after = moved(opened, { state })
    const those = new Set(setting.spaces.between.filter((one) => one.id === id).flatMap(({ spaces: [a, b] }) => [a, b]))
    const who = asked.find((one) => one.who === 'sleeper' && those.has(setting.spaces.at(one.at)))
    if (who === undefined) return []
    const space = setting.spaces.at(who.at)
    const [shutM3H, openM3H] = [now.bySpace.get(space) ?? 0, after.bySpace.get(opened.spaces.at(who.at)) ?? 0]
    return shutM3H < openM3H / 2 ? [{ id, space, shutM3H, openM3H }] : []
  })
}
