import { sleepersOf } from '../../brief'
import { pointBox, boxGap, spanMiddle, type Vec2, type Vec3 } from '../../geometry'
import type { Job, WarmthAssumedKey } from '../../job'
import { heardDb, sleeping, type Scene } from '../../scene'
import { givesAir, jambs, wallTop } from '../../shell'
import { seenOf } from '../seen'
import { lossesOf, warmthAssumedOf } from '../warmth/loss'
import { airThrough, type AirWay } from './network'
import { isRoom, spacesOf, type Spaces } from './spaces'
import { summerOf, type Summer } from './summer'

/** Carbon dioxide of one asleep, L/h, and of the air outside, ppm. Persily and de Jonge (2017) for 0.8 to 1 met, from memory. */
const [CO2_L_H, CO2_OUT_PPM] = [13, 420]
const ASLEEP_H = 8
/** A lid that lies flat is propped up by so much, m. Common practice, no source. */
const FLAT_M = 0.1
/** A window that is open lets half of its size through, and one that is left ajar a twentieth. Common practice, no source. */
const [OPEN_SHARE, AJAR_SHARE] = [0.5, 0.05]
/** Joints and vents of a body that is shut, low and high, m². Common practice, no source. */
const LEAK_M2 = 0.0025
/** A fan on its lowest moves a tenth, under a hundredth of the pressure. */
const LOWEST = 0.1
/** A body is narrow: air passes over whoever is between inlet and outlet along it, and so much beyond, mm; from an inlet that is so near the fan it takes a short cut. Common practice, no source. */
const [BEYOND_MM, SHORT_MM] = [300, 1000]
export type AirState = 'full' | 'lowest' | 'open' | 'shut'

/** A part of the body that is shut off at night, and how its air changes. */
interface SpaceAir {
  readonly id: string
  readonly middle: Vec2
  readonly volumeM3: number
  /** What lies or is done in it. */
  readonly sleepers: number
  readonly cooks: boolean
  readonly isWet: boolean
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
  readonly what: 'fan' | 'hatch' | 'window'
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

interface HeadNoise {
  readonly label: string
  readonly db: number
  /** The loudest of what is heard there. */
  readonly source: string | undefined
}

/** How air moves through a plan: plain data. */
export interface AirReport {
  readonly variantId: string
  readonly volumeM3: number
  readonly places: readonly AirPlace[]
  /** Fresh air in each state, m³/h. */
  readonly fresh: Readonly<Record<AirState, number>>
  readonly hasFan: boolean
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

/** An opening before anything goes through it. */
interface Place extends Omit<AirPlace, 'outM3H' | 'bothM3H'> {
  /** Which way its outer face looks: degrees from the front over the left side; undefined of what is in the roof. */
  readonly looksDeg: number | undefined
  readonly curve: AirWay['curve']
  /** From its lower edge to its upper, m: through a large opening warm air goes out above and cold comes in below. */
  readonly highM: number
  readonly blows: 'in' | 'out' | 'both'
}

const LOOKS = { left: 90, right: 270, rear: 180, roof: undefined } as const

/** Every opening for air with its size and where it is. */
function placesOf(scene: Scene): readonly Place[] {
  const { interior } = scene
  const fitted = scene.placed.flatMap(({ id, facts: { air }, bounds }): readonly Place[] =>
    air === undefined
      ? []
      : [
          {
            id,
            what: air.what,
            at: [spanMiddle(bounds.x), spanMiddle(bounds.y)] as Vec2,
            zMm: Math.min(spanMiddle(bounds.z), wallTop(interior)),
            m2: air.freeCm2 / 1e4,
            curve: air.curve.length === 0 ? undefined : air.curve,
            highM: FLAT_M,
            blows: air.way,
            looksDeg: undefined,
          },
        ],
  )
  const cut = interior.shell.openings.flatMap((opening): readonly Place[] => {
    if (!givesAir(opening)) return []
    const m2 = Math.abs((opening.toMm - opening.fromMm) * (opening.headMm - opening.sillMm)) * 1e-6
    if (opening.side === 'roof') {
      const at: Vec2 = [(opening.fromMm + opening.toMm) / 2, (opening.sillMm + opening.headMm) / 2]
      const filled = fitted.some(
        ({ at: [x, y] }) => x > opening.fromMm && x < opening.toMm && y > opening.sillMm && y < opening.headMm,
      )
      return filled
        ? []
        : [
            {
              id: opening.id,
              what: 'hatch' as const,
              at,
              zMm: wallTop(interior),
              m2,
              curve: undefined,
              highM: FLAT_M,
              blows: 'both' as const,
              looksDeg: undefined,
            },
          ]
    }
    const [[x0, y0], [x1, y1]] = jambs(interior, opening)
    return [
      {
        id: opening.id,
        what: 'window' as const,
        at: [(x0 + x1) / 2, (y0 + y1) / 2] as Vec2,
        zMm: (opening.sillMm + opening.headMm) / 2,
        m2,
        curve: undefined,
        highM: Math.abs(opening.headMm - opening.sillMm) / 1000,
        blows: 'both' as const,
        looksDeg: LOOKS[opening.side],
      },
    ]
  })
  return [...fitted, ...cut]
}

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
interface Setting {
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
  readonly share?: number
  /** The fan blows the other way. */
  readonly isTurned?: boolean
}

function waysIn(
  { spaces, places, wind }: Setting,
  { state, share = OPEN_SHARE, isTurned = false }: Asked,
): readonly AirWay[] {
  const on = ({ looksDeg }: Place): number =>
    windPa(wind.ms, looksDeg === undefined ? undefined : looksDeg - wind.fromDeg)
  return [
    // joints all round: what wind there is presses on them from both sides
    ...spaces.spaces.flatMap(({ id, share: of }): readonly AirWay[] => [
      { id: `leak-low ${id}`, from: 'out', to: id, m2: (LEAK_M2 * of) / 2, zM: 0.2, windPa: windPa(wind.ms, 0) },
      { id: `leak-lee ${id}`, from: 'out', to: id, m2: (LEAK_M2 * of) / 2, zM: 0.2, windPa: windPa(wind.ms, 180) },
      { id: `leak-high ${id}`, from: id, to: 'out', m2: LEAK_M2 * of, zM: 1.6, windPa: windPa(wind.ms, undefined) },
    ]),
    ...spaces.between.map(({ id, spaces: [from, to], m2 }) => ({ id: `${id} ${from} ${to}`, from, to, m2, zM: 1 })),
    ...places.flatMap((place): readonly AirWay[] => {
      const { id, m2, zMm, curve, blows } = place
      const [space, pa] = [spaces.at(place.at), on(place)]
      const of = { id, zM: zMm / 1000, windPa: pa }
      const runs = curve !== undefined && (state === 'full' || state === 'lowest')
      if (!runs) return state === 'shut' ? [] : halves(place, m2 * share, space, pa)
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

/** Fresh air that comes in, m³/h, and what goes out by each way. */
interface Moved {
  readonly fresh: number
  readonly out: ReadonlyMap<string, number>
  /** What comes in by each, however much goes out there as well. */
  readonly into: ReadonlyMap<string, number>
  /** What comes into each space, from outside or beside it. */
  readonly bySpace: ReadonlyMap<string, number>
}

function moved(setting: Setting, asked: Asked): Moved {
  const ids = setting.spaces.spaces.map(({ id }) => id)
  const ways = waysIn(setting, asked)
  const flows = airThrough(ids, ways, Object.fromEntries(ids.map((id) => [id, WARMER_K])))
  const [out, into, bySpace] = [new Map<string, number>(), new Map<string, number>(), new Map<string, number>()]
  let fresh = 0
  const add = (to: Map<string, number>, key: string, m3h: number): void => void to.set(key, (to.get(key) ?? 0) + m3h)
  flows.forEach(({ id, m3h }, at) => {
    const way = ways[at]
    if (way === undefined) return
    add(bySpace, m3h > 0 ? way.to : way.from, Math.abs(m3h))
    if (way.from !== 'out' && way.to !== 'out') return
    const outwards = way.to === 'out' ? m3h : -m3h
    const place = id.replace(UPPER, '')
    add(out, place, outwards)
    add(into, place, Math.max(0, -outwards))
    fresh += Math.max(0, -outwards)
  })
  return { fresh, out, into, bySpace }
}

/** Parts per million after a night with so much fresh air, from the air outside. */
export function co2After(people: number, m3h: number, volumeM3: number, hours: number): number {
  const given = (people * CO2_L_H) / 1000
  if (m3h < 1e-6) return CO2_OUT_PPM + (1e6 * given * hours) / volumeM3
  return CO2_OUT_PPM + 1e6 * (given / m3h) * (1 - Math.exp((-m3h * hours) / volumeM3))
}

/** What is heard of a noise at a metre, so far off, dB. */
const heard = (db: number, mm: number): number => db - 20 * Math.log10(Math.max(300, mm) / 1000)

function noiseIn(scene: Scene, job: Job): readonly HeadNoise[] {
  return sleeping(scene, job.brief).map(({ person, head }) => {
    const all = scene.placed.flatMap((placed) => {
      const db = heardDb(scene, placed)
      if (db === undefined) return []
      return [{ id: placed.id, db: heard(db, boxGap(placed.bounds, pointBox(head as Vec3))) }]
    })
    const [loudest] = [...all].sort((a, b) => b.db - a.db)
    return {
      label: person.label,
      db: all.length === 0 ? 0 : 10 * Math.log10(all.reduce((sum, { db }) => sum + 10 ** (db / 10), 0)),
      source: loudest?.id,
    }
  })
}

interface Someone {
  readonly who: 'cook' | 'sleeper'
  readonly label: string
  readonly at: Vec2
}

/** Who stands or lies where: one who cooks by day, and all heads by night. */
function someoneIn(day: Scene, night: Scene, job: Job): readonly Someone[] {
  const cooks = day.placed.flatMap(({ facts, bounds }): readonly Someone[] =>
    facts.heat.some(({ warms }) => warms === 'pans')
      ? [{ who: 'cook', label: 'the cook', at: [spanMiddle(bounds.x), spanMiddle(bounds.y)] }]
      : [],
  )
  const heads = sleeping(night, job.brief).map(({ person, head }): Someone => ({
    who: 'sleeper',
    label: person.label,
    at: [head[0], head[1]],
  }))
  return [...cooks.slice(0, 1), ...heads]
}

/** What the stream does in a state: over whom it passes, and how fast. */
function streamOf(setting: Setting, { out, into, bySpace, fresh }: Moved, sectionM2: number) {
  const { places, spaces } = setting
  const through = (id: string): number => out.get(id) ?? 0
  const inlets = places.filter(({ id }) => through(id) < -1)
  const outlets = places.filter(({ id }) => through(id) > 1)
  const isOver = ([x]: Vec2, to: readonly Vec2[]): boolean =>
    inlets.some(({ at: [a] }) => to.some(([b]) => x > Math.min(a, b) - BEYOND_MM && x < Math.max(a, b) + BEYOND_MM))
  const whither = outlets.map(({ at }) => at)
  // behind a shut door there is no stream, wherever it goes along
  const reaches = ({ at }: Someone): boolean => (bySpace.get(spaces.at(at)) ?? 0) > REACHED * fresh
  const speedAt = (at: Vec2, isPassed: boolean): number => {
    const near = places.map((place) => {
      const m3s = Math.max(Math.abs(through(place.id)), into.get(place.id) ?? 0) / 3600
      const m = Math.max(0.2, Math.hypot(place.at[0] - at[0], place.at[1] - at[1]) / 1000)
      return Math.min(m3s / Math.max(0.01, place.m2 * OPEN_SHARE), m3s / (2 * Math.PI * m * m))
    })
    return Math.max(isPassed ? fresh / 3600 / sectionM2 : 0, ...near)
  }
  return {
    inlets,
    passes: (one: Someone, to: readonly Vec2[] = whither): boolean => isOver(one.at, to) && reaches(one),
    speedAt,
  }
}
/** Of the fresh air, what must come by for one to be passed over by it. Common practice, no source. */
const REACHED = 0.2

/** How air moves through a variant, what it passes, and how hot, stale and loud it gets. */
export function airReport(job: Job, variantId: string): AirReport {
  const { interior, day, night } = seenOf(job, variantId)
  const assumed = warmthAssumedOf(job, variantId)
  const { windMs, windDeg } = assumed
  const wind = { ms: windMs, fromDeg: windDeg }
  const setting: Setting = { spaces: spacesOf(night), places: placesOf(night), wind }
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
    hasFan: fan !== undefined,
    withSecond:
      fan === undefined
        ? undefined
        : moved({ ...setting, places: [...places, { ...fan, id: 'second-fan' }] }, { state: 'full' }).fresh,
    isShortCut,
    passed,
    turned: fan?.blows === 'both' ? turnedRound(setting, asked, sectionM2) : undefined,
    spaces: spaces.spaces.map(({ id, share, middle }) => ({
      id,
      middle,
      volumeM3: share * volumeM3,
      sleepers: inSpace(id, 'sleeper'),
      cooks: inSpace(id, 'cook') > 0,
      isWet: wetAt.includes(id),
      into: of((one) => one.bySpace.get(id) ?? 0),
    })),
    cutOff: cutOffIn(night, setting, asked, state, main),
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

/** The fan the other way round. */
function turnedRound(setting: Setting, asked: readonly Someone[], sectionM2: number): AirReport['turned'] {
  const one = moved(setting, { state: 'full', isTurned: true })
  const stream = streamOf(setting, one, sectionM2)
  return { blows: 'in', fresh: one.fresh, passes: asked.filter((who) => stream.passes(who)).length }
}

/** What doors and curtains that are shut at night keep from sleepers, each opened alone. */
function cutOffIn(
  night: Scene,
  setting: Setting,
  asked: readonly Someone[],
  state: AirState,
  now: Moved,
): readonly CutOff[] {
  const shut = [...new Set(setting.spaces.between.filter(({ opens }) => opens).map(({ id }) => id))]
  return shut.flatMap((id): readonly CutOff[] => {
    const opened = { ...setting, spaces: spacesOf(night, new Set([id])) }
    const after = moved(opened, { state })
    const those = new Set(setting.spaces.between.filter((one) => one.id === id).flatMap(({ spaces: [a, b] }) => [a, b]))
    const who = asked.find((one) => one.who === 'sleeper' && those.has(setting.spaces.at(one.at)))
    if (who === undefined) return []
    const space = setting.spaces.at(who.at)
    const [shutM3H, openM3H] = [now.bySpace.get(space) ?? 0, after.bySpace.get(opened.spaces.at(who.at)) ?? 0]
    return shutM3H < openM3H / 2 ? [{ id, space, shutM3H, openM3H }] : []
  })
}
