import type { Vec2 } from '../geometry'
import { shellSchema, type Opening, type Shell, type ShellFault } from '../shell'
import { NAMING, sayIssue } from '../units'
import {
  archOf,
  frameOf,
  halfAt,
  isNamed,
  LEAST_STEP_MM,
  measuresOf,
  rearDoorOf,
  sideDoorOf,
  STATIONS,
  valueOf,
  type HalfValues,
  type StationName,
} from './measures'
import type { RoofKind, Survey } from '../readings'

/** Where a roof's curve passes between its edge and its middle: shares of the half-width and of the rise. */
const ROOF_POINT: Record<RoofKind, Vec2> = {
  straight: [0.9, 0.97],
  leaning: [0.45, 0.55],
  curved: [0.45, 0.85],
  domed: [0.6, 0.92],
}

/** A station of the body that the survey started from is left out this near to a measured one. */
const NEAR_MM = 60

/** What lies further forward than this share of the load space moves with its front end. */
const FRONT_PART = 0.6

export interface Surveyed {
  /** The body as measured so far; what is not measured is taken from where the survey started. */
  readonly shell: Shell
  /** Why it is no body; empty when it is one. */
  readonly faults: readonly ShellFault[]
  /** Measures that a body should not be used without, by id. */
  readonly missing: readonly string[]
  readonly measured: number
  readonly asked: number
}

/** The body that a survey's readings make. Never throws: what does not go together comes as faults. */
export function surveyed(survey: Survey): Surveyed {
  const frame = frameOf(survey)
  const { base, stationMm, levelMm } = frame
  const measures = measuresOf(survey, frame)
  const found = new Map(measures.map((measure) => [measure.id, valueOf(survey, measure).value ?? measure.nominal]))
  const get = (id: string, otherwise = 0): number => found.get(id) ?? otherwise
  const section = (values: HalfValues): [number, number][] => {
    const [out, up] = ROOF_POINT[survey.roof]
    return [
      [0, 0],
      [values.floor, 0],
      [values.low, levelMm.low],
      [values.mid, levelMm.mid],
      [values.high, levelMm.high],
      [values.cant, values.cantUp],
      [values.cant * out, values.cantUp + (values.roof - values.cantUp) * up],
      [0, values.roof],
    ]
  }
  const nominalOf = new Map(measures.map(({ id, nominal }) => [id, nominal]))
  /** By how much a station's measures differ from the body that the survey started from. */
  const moved = (station: StationName, side: 'left' | 'right'): HalfValues => {
    const by = (id: string): number => get(id) - (nominalOf.get(id) ?? get(id))
    const half = (level: string) => (survey.apart ? by(`${station}-${level}-${side}`) : by(`${station}-${level}`) / 2)
    return {
      floor: half('floor'),
      low: half('low'),
      mid: half('mid'),
      high: half('high'),
      cant: half('cant'),
      cantUp: by(`${station}-cant-up`),
      roof: by(`${station}-roof`),
    }
  }
  /** Measured stations stand where they were measured; between them the body keeps the run that it started with. */
  const at = (xMm: number, side: 'left' | 'right'): [number, number][] => {
    const next = STATIONS.findIndex((station) => stationMm[station] >= xMm)
    const to = STATIONS[next === -1 ? STATIONS.length - 1 : next]!
    const from = STATIONS[Math.max(0, (next === -1 ? STATIONS.length : next) - 1)]!
    const span = stationMm[to] - stationMm[from]
    const t = span > 0 ? Math.min(1, Math.max(0, (xMm - stationMm[from]) / span)) : 1
    const [own, before, after] = [halfAt(frame, xMm, side), moved(from, side), moved(to, side)]
    const keys = Object.keys(own) as (keyof HalfValues)[]
    return section(
      Object.fromEntries(
        keys.map((key) => [key, own[key] + before[key] * (1 - t) + after[key] * t]),
      ) as unknown as HalfValues,
    )
  }
  const length = get('length-floor')
  const arch = archOf(base)
  const archGap = get('arch-between', 2 * arch.innerMm)
  const archFrom = get('arch-from', arch.fromMm)
  const archTo = archFrom + get('arch-length', arch.longMm)
  const ahead = length - base.bulkhead.xMm
  const keepOuts = base.keepOuts.map((keepOut): Shell['keepOuts'][number] => {
    const { what, from, to } = keepOut
    if (what !== 'wheel-arch')
      return from[0] < base.bulkhead.xMm * FRONT_PART
        ? keepOut
        : { ...keepOut, from: [from[0] + ahead, from[1], from[2]], to: [to[0] + ahead, to[1], to[2]] }
    const left = from[1] >= 0
    const high = get('arch-height', arch.highMm)
    return {
      ...keepOut,
      from: [archFrom, left ? archGap / 2 : from[1], 0],
      to: [archTo, left ? to[1] : -archGap / 2, high],
    }
  })
  const [rearDoor, sideDoor] = [rearDoorOf(base), sideDoorOf(base)]
  const withStep = ({ stepMm, ...opening }: Opening, of: string): Opening => {
    const step = get(`${of}-step`, stepMm)
    return step < LEAST_STEP_MM ? opening : { ...opening, stepMm: step }
  }
  const seen = ({ behind, ...opening }: Opening): Opening => {
    const { behind: said = behind, ...answers } = survey.openings?.[opening.id] ?? {}
    const isThere = said !== opening.id && base.openings.some(({ id }) => id === said)
    return { ...opening, ...answers, ...(isThere ? { behind: said! } : {}) }
  }
  const sized = (opening: Opening): Opening => {
    const { id } = opening
    if (opening === rearDoor) {
      const wide = get('rear-door-width')
      return { ...opening, fromMm: -wide / 2, toMm: wide / 2, headMm: opening.sillMm + get('rear-door-height') }
    }
    const of = opening === sideDoor ? 'side-door' : id
    const from = get(`${of}-from`, opening.fromMm)
    const high = get(`${of}-height`, opening.headMm - opening.sillMm)
    const middle = (opening.sillMm + opening.headMm) / 2
    const sill = opening.side === 'roof' ? middle - high / 2 : get(`${of}-sill`, opening.sillMm)
    return {
      ...opening,
      fromMm: from,
      toMm: from + get(`${of}-width`, opening.toMm - opening.fromMm),
      sillMm: sill,
      headMm: sill + high,
    }
  }
  const openings = base.openings.map((opening): Opening => {
    const of = opening === rearDoor ? 'rear-door' : opening === sideDoor ? 'side-door' : opening.id
    return seen(withStep(sized(opening), of))
  })
  const forward = (points: readonly (readonly [number, number])[]): [number, number][] =>
    points.map(([x, v]) => [x > base.bulkhead.xMm * FRONT_PART ? x + ahead : x, v])
  const measuredAt = STATIONS.map((station) => stationMm[station])
  const between = base.stations
    .map(({ xMm }) => xMm)
    .filter((x) => x > 0 && x < length && measuredAt.every((one) => Math.abs(one - x) > NEAR_MM))
  const inOrder = measuredAt.every((x, index) => index === 0 || x > measuredAt[index - 1]!)
  const stops = inOrder ? [...measuredAt, ...between].sort((a, b) => a - b) : measuredAt
  const [front, rear] = [get('kerb-front'), get('kerb-rear')]
  /** A figure that the body has only where it had one before, or where it was read. */
  const told = <K extends 'trackMm' | 'ratingFrontKg' | 'ratingRearKg'>(
    key: K,
    id: string,
  ): Partial<Shell['axles']> => {
    const { first, second } = survey.readings[id] ?? {}
    return base.axles[key] === undefined && first === undefined && second === undefined ? {} : { [key]: get(id) }
  }
  const { kerbWith: _asStarted, ...massesBefore } = base.masses
  const shell: Shell = {
    ...base,
    id: 'own-body',
    name: isNamed(survey) ? `${base.name}, as measured` : 'Body as measured',
    stations: stops.map((xMm) => ({
      xMm,
      left: at(xMm, 'left'),
      ...(survey.apart ? { right: at(xMm, 'right') } : {}),
    })),
    bulkhead: { ...base.bulkhead, xMm: length },
    ...(base.cab === undefined
      ? {}
      : {
          cab: {
            ...base.cab,
            lengthMm: get('cab-length'),
            widthMm: get('cab-width'),
            floorMm: get('cab-floor'),
            roofMm: get('cab-roof'),
          },
        }),
    keepOuts,
    openings,
    cabSeats: base.cabSeats.map((seat) => ({ ...seat, xMm: seat.xMm + ahead })),
    outline: { plan: forward(base.outline.plan), side: forward(base.outline.side) },
    axles: {
      ...base.axles,
      rearXMm: get('axle-from-sill'),
      wheelbaseMm: get('wheelbase'),
      kerbFrontKg: front,
      kerbRearKg: rear,
      ...told('trackMm', 'track'),
      ...told('ratingFrontKg', 'rating-front'),
      ...told('ratingRearKg', 'rating-rear'),
    },
    // what the kerb mass holds is asked of each vehicle: papers differ, and a weighbridge knows nothing of it
    masses: {
      ...massesBefore,
      kerbKg: front + rear,
      grossKg: get('gross'),
      ...(survey.kerbWith === undefined ? {} : { kerbWith: survey.kerbWith }),
    },
    ...(base.outer === undefined
      ? {}
      : {
          outer: {
            ...base.outer,
            widthMm: get('outer-width'),
            heightMm: get('outer-height'),
            lengthMm: get('outer-length'),
          },
        }),
  }
  const parsed = shellSchema.safeParse(shell, NAMING)
  const missing = measures.filter((measure) => measure.must && valueOf(survey, measure).value === undefined)
  return {
    shell,
    faults: parsed.success
      ? []
      : parsed.error.issues.map((issue) => ({ path: issue.path as (string | number)[], message: sayIssue(issue) })),
    missing: missing.map(({ id }) => id),
    measured: measures.filter((measure) => valueOf(survey, measure).value !== undefined).length,
    asked: measures.length,
  }
}
