import { answer, isAnswered, sleepersOf } from '../../brief'
import { pointBox, boxGap, spanMiddle, type Vec2, type Vec3 } from '../../geometry'
import { planInterior, type Job } from '../../job'
import { heardDb, scenesOf, sleeping, type Scene } from '../../scene'
import { givesAir, jambs, wallTop } from '../../shell'
import { HOURS } from '../../sky'
import { AIR_WH } from '../heat-figures'
import { journeyOf } from '../power/journey'
import { isUp, lossesOf, warmthAssumedIn } from '../warmth/loss'
import { SLEEPER_W } from '../warmth/report'
import { airThrough, type AirWay } from './network'

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
/** How dark a roof is to the sun, how much of it gets through glass, and what a wall has of it. Common practice, no source. */
const [ABSORBS, GLASS, ON_WALLS] = [0.5, 0.6, 0.4]
const OUTSIDE_M2KW = 0.04
const BEDTIME = 22

export type AirState = 'full' | 'lowest' | 'open' | 'shut'

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
  /** How many would be passed over with the fan at either end. */
  readonly byEnd: Readonly<Record<'rear' | 'front', number>>
  /** Along the body, with the fan at full, m/s. */
  readonly speed: number
  readonly sleepers: number
  /** By the morning, ppm. */
  readonly co2: Readonly<Record<'lowest' | 'open' | 'shut', number>>
  readonly noise: readonly HeadNoise[]
  readonly summer: {
    readonly hottestC: number
    readonly sunWM2: number
    /** At the hottest hour and at bedtime of that day, shut, and with the fan at full or all open, °C. */
    readonly noonShutC: number
    readonly noonAiredC: number
    readonly bedAiredC: number
    /** Cooling that keeps 26 °C at the hottest hour, shut, W. */
    readonly coolingW: number
  }
}

/** An opening before anything goes through it. */
interface Place extends Omit<AirPlace, 'outM3H' | 'bothM3H'> {
  readonly curve: AirWay['curve']
  /** From its lower edge to its upper, m: through a large opening warm air goes out above and cold comes in below. */
  readonly highM: number
  readonly blows: 'in' | 'out' | 'both'
}

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
      },
    ]
  })
  return [...fitted, ...cut]
}

const LEAKS: readonly AirWay[] = [
  { id: 'leak-low', from: 'out', to: 'in', m2: LEAK_M2, zM: 0.2 },
  { id: 'leak-high', from: 'in', to: 'out', m2: LEAK_M2, zM: 1.6 },
]
/** What people warm the air by when all is shut, K. */
const WARMER_K = 5

/**
 * An opening that nothing drives, as two halves that are two ninths of its height above and below its middle: alone, they let in and out what a large
 * opening does, a third of 0.6 A √(g H ΔT ÷ T) each way (textbook).
 */
const halves = ({ id, zMm, highM }: Place, m2: number): readonly AirWay[] =>
  [-1, 1].map((side) => ({
    id: side < 0 ? id : `${id}${UPPER}`,
    from: 'out',
    to: 'in',
    m2: m2 / 2,
    zM: zMm / 1000 + (side * 2 * highM) / 9,
  }))
const UPPER = ' upper'

function waysIn(places: readonly Place[], state: AirState, share = OPEN_SHARE): readonly AirWay[] {
  return [
    ...LEAKS,
    ...places.flatMap((place): readonly AirWay[] => {
      const { id, m2, zMm, curve, blows } = place
      const of = { id, zM: zMm / 1000 }
      const runs = curve !== undefined && (state === 'full' || state === 'lowest')
      if (!runs) return state === 'shut' ? [] : halves(place, m2 * share)
      const by = state === 'lowest' ? LOWEST : 1
      const blown = curve.map(([m3h, pa]) => [m3h * by, pa * by * by] as const)
      return [
        blows === 'in'
          ? { ...of, from: 'out', to: 'in', m2, curve: blown }
          : { ...of, from: 'in', to: 'out', m2, curve: blown },
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
}

function moved(ways: readonly AirWay[]): Moved {
  const flows = airThrough(['in'], ways, { in: WARMER_K })
  const [out, into] = [new Map<string, number>(), new Map<string, number>()]
  let fresh = 0
  flows.forEach(({ id, m3h }, at) => {
    const outwards = ways[at]?.to === 'out' ? m3h : -m3h
    const place = id.replace(UPPER, '')
    out.set(place, (out.get(place) ?? 0) + outwards)
    into.set(place, (into.get(place) ?? 0) + Math.max(0, -outwards))
    fresh += Math.max(0, -outwards)
  })
  return { fresh, out, into }
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

/** How air moves through a variant, what it passes, and how hot, stale and loud it gets. */
export function airReport(job: Job, variantId: string): AirReport {
  const variant = job.variants[variantId]!
  const interior = planInterior(job.shell, variant.plan)
  const scenes = scenesOf(variant, interior)
  const night = scenes.find(({ purpose }) => purpose === 'sleeping') ?? scenes[0]!
  const day = scenes.find(({ purpose }) => purpose === 'living') ?? night
  const places = placesOf(night)
  const fans = places.filter(({ curve }) => curve !== undefined)
  const [fan] = fans
  const losses = lossesOf(job, variantId)
  const { volumeM3 } = losses
  const states = (['full', 'lowest', 'open', 'shut'] as const).map(
    (state) => [state, moved(waysIn(places, state))] as const,
  )
  const fresh = Object.fromEntries(states.map(([state, one]) => [state, one.fresh])) as Record<AirState, number>
  const { out: shown, into } = states.find(([state]) => state === (fan === undefined ? 'open' : 'full'))![1]
  const inlets = places.filter(({ id }) => (shown.get(id) ?? 0) < -1)
  const outlets = places.filter(({ id }) => (shown.get(id) ?? 0) > 1)
  const cooks = day.placed.flatMap(({ facts, bounds }): readonly { who: 'cook'; label: string; at: Vec2 }[] =>
    facts.heat.some(({ warms }) => warms === 'pans')
      ? [{ who: 'cook', label: 'the cook', at: [spanMiddle(bounds.x), spanMiddle(bounds.y)] }]
      : [],
  )
  const heads = sleeping(night, job.brief).map(({ person, head }) => ({
    who: 'sleeper' as const,
    label: person.label,
    at: [head[0], head[1]] as Vec2,
  }))
  const asked = [...cooks.slice(0, 1), ...heads]
  const isOver = ([x]: Vec2, from: readonly Vec2[], to: readonly Vec2[]): boolean =>
    from.some(([a]) => to.some(([b]) => x > Math.min(a, b) - BEYOND_MM && x < Math.max(a, b) + BEYOND_MM))
  const whence = inlets.map(({ at }) => at)
  const passed = asked.map(({ who, label, at }) => ({
    who,
    label,
    isPassed: isOver(
      at,
      whence,
      outlets.map((one) => one.at),
    ),
  }))
  const { min, max } = interior.xSpan
  const atEnd = (x: number): number => asked.filter(({ at }) => isOver(at, whence, [[x, 0]])).length
  const short =
    fan !== undefined &&
    inlets.some(
      ({ id, at }) =>
        Math.hypot(at[0] - fan.at[0], at[1] - fan.at[1]) < SHORT_MM && -(shown.get(id) ?? 0) > (fresh.full || 1) / 2,
    )
  const sleepers = sleepersOf(job.brief).length
  const through = fan === undefined ? fresh.open : fresh.full
  return {
    variantId,
    volumeM3,
    places: places.map(({ id, what, at, zMm, m2 }) => ({
      id,
      what,
      at,
      zMm,
      m2,
      outM3H: shown.get(id) ?? 0,
      bothM3H: Math.max(0, Math.min(into.get(id) ?? 0, (into.get(id) ?? 0) + (shown.get(id) ?? 0))),
    })),
    fresh,
    hasFan: fan !== undefined,
    withSecond: fan === undefined ? undefined : moved(waysIn([...places, { ...fan, id: 'second-fan' }], 'full')).fresh,
    isShortCut: short,
    passed,
    byEnd: { rear: atEnd(min), front: atEnd(max) },
    speed: through / 3600 / Math.max(0.5, volumeM3 / ((max - min) / 1000)),
    sleepers,
    co2: {
      lowest: co2After(sleepers, fan === undefined ? ajar(places) : fresh.lowest, volumeM3, ASLEEP_H),
      open: co2After(sleepers, fresh.open, volumeM3, ASLEEP_H),
      shut: co2After(sleepers, fresh.shut, volumeM3, ASLEEP_H),
    },
    noise: noiseIn(night, job),
    summer: summerOf(job, variantId, { aired: through, shut: fresh.shut }),
  }
}

/** Fresh air with windows ajar and nothing that drives it, m³/h. */
const ajar = (places: readonly Place[]): number => moved(waysIn(places, 'open', AJAR_SHARE)).fresh

const COOL_C = 26

/** The hottest hour that somebody is aboard, and what it is like inside. */
function summerOf(
  job: Job,
  variantId: string,
  air: { readonly aired: number; readonly shut: number },
): AirReport['summer'] {
  const { weather, lived } = journeyOf(job)
  const { losses } = lossesOf(job, variantId)
  const covered = warmthAssumedIn(job).coveredPercent / 100
  let hottest = -1
  for (let at = 0; at < lived.length; at += 1)
    if (
      lived[at] === 1 &&
      isUp(at % HOURS) &&
      (weather.outsideC[at] ?? 0) > (hottest < 0 ? -Infinity : (weather.outsideC[hottest] ?? 0))
    )
      hottest = at
  const day = Math.floor(Math.max(0, hottest) / HOURS) * HOURS
  const typical = weather.outsideC[Math.max(0, hottest)] ?? 0
  // whoever said how hot it gets knows better than a typical climate
  const outC = isAnswered(job.brief, 'hottestC') ? answer(job.brief, 'hottestC') : typical
  const bedOutC = (weather.outsideC[day + BEDTIME] ?? typical) + outC - typical
  const level = (at: number): number => 1000 * ((weather.beam[at] ?? 0) + (weather.diffuse[at] ?? 0))
  const sunWM2 = Math.max(...Array.from({ length: HOURS }, (_, hour) => level(day + hour)))
  const of = (what: string) => losses.find((one) => one.what === what)
  const onFace = (what: string, sun: number): number => {
    const face = of(what)
    return face === undefined ? 0 : face.m2 * face.uValue * OUTSIDE_M2KW * ABSORBS * sun
  }
  const sunW =
    onFace('roof', sunWM2) +
    onFace('walls', (ON_WALLS * sunWM2) / 2) +
    (of('windows')?.m2 ?? 0) * GLASS * ON_WALLS * 0.5 * sunWM2 * (1 - covered)
  const wk = losses.reduce((sum, one) => sum + (one.what === 'air' ? 0 : one.wk), 0)
  const peopleW = sleepersOf(job.brief).length * SLEEPER_W
  const insideC = (out: number, watts: number, m3h: number): number => out + watts / (wk + AIR_WH * m3h)
  return {
    hottestC: outC,
    sunWM2,
    noonShutC: insideC(outC, sunW, air.shut),
    noonAiredC: insideC(outC, sunW, air.aired),
    bedAiredC: insideC(bedOutC, peopleW, air.aired),
    coolingW: Math.max(0, sunW + peopleW + (wk + AIR_WH * air.shut) * (outC - COOL_C)),
  }
}
