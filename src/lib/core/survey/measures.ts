import type { Vec2 } from '../geometry'
import { bareInterior, heightsAt, wallsAt, type Cab, type Interior, type Opening, type Shell } from '../shell'
import { baseOf } from './base'
import { READING_LIMITS, type Survey } from '../readings'

export const STATIONS = ['rear', 'axle', 'door', 'front'] as const
export type StationName = (typeof STATIONS)[number]

export const GROUPS = [
  'lengths',
  ...STATIONS,
  'arches',
  'rear-door',
  'side-door',
  'cab',
  'openings',
  'outside',
  'masses',
] as const
export type MeasureGroup = (typeof GROUPS)[number]

/** Where a tape lies: in a view of the empty body, from one point to another, in that view's mm. */
export interface TapeLine {
  readonly view: 'plan' | 'side' | 'section'
  /** Of a section: where it is cut. */
  readonly xMm: number
  readonly from: Vec2
  readonly to: Vec2
}

export interface Measure {
  readonly id: string
  readonly group: MeasureGroup
  readonly unit: 'mm' | 'kg'
  /** What it is a measure of, where there are several of a kind: an opening’s label. */
  readonly of?: string
  /** No reading is less than this. */
  readonly least: number
  /** Two readings further apart than this are doubtful. */
  readonly tolerance: number
  /** A body cannot be made without it. */
  readonly must: boolean
  /** What the body that the survey starts from has here. */
  readonly nominal: number
  readonly tape: TapeLine | undefined
}

/** Heights at which a station's width is taken, as shares of the body's height, to the nearest 50 mm. */
const LEVELS = { low: 0.18, mid: 0.465, high: 0.775 } as const
type LevelName = keyof typeof LEVELS
/** Where wall and roof meet, as a share of the height, until it is measured. */
const CANT = 0.94

const LENGTH_TOLERANCE_MM = 5
const DOOR_TOLERANCE_MM = 3
const OUTER_TOLERANCE_MM = 20
const MASS_TOLERANCE_KG = 20
/** Where nothing was said, what is offered to be typed over; no body takes these. Common practice, no source. */
const USUAL_FRONT_RATING = 0.53
const USUAL_REAR_RATING = 0.57
const USUAL_TRACK_MM = 1740

/** A step that is read as less than this is the lip of the floor, and no step. */
export const LEAST_STEP_MM = 50
/** How far down a tape is drawn where the body has no step. */
const USUAL_STEP_MM = 200

/** What the measures of a survey refer to. */
export interface Frame {
  readonly base: Shell
  readonly bare: Interior
  readonly stationMm: Readonly<Record<StationName, number>>
  readonly levelMm: Readonly<Record<LevelName, number>>
}

const read = (survey: Survey, id: string): number | undefined => survey.readings[id]?.first

/** The frame of a survey: its base, where its stations are and at what heights widths are taken. */
export function frameOf(survey: Survey): Frame {
  const base = baseOf(survey)
  const bare = bareInterior(base)
  const length = read(survey, 'length-floor') ?? base.bulkhead.xMm
  const arch = archOf(base)
  const archFrom = read(survey, 'arch-from') ?? arch.fromMm
  const archLong = read(survey, 'arch-length') ?? arch.longMm
  const height = heightsAt(bare, base.bulkhead.xMm / 2, 0)?.max ?? 1800
  const level = (share: number) => Math.round((height * share) / 50) * 50
  return {
    base,
    bare,
    stationMm: { rear: 0, axle: archFrom + archLong / 2, door: Math.round(length * 0.72), front: length },
    levelMm: { low: level(LEVELS.low), mid: level(LEVELS.mid), high: level(LEVELS.high) },
  }
}

/** The rear wheel arch on the left of a body; nothing much where it has none. */
export function archOf(base: Shell): { fromMm: number; longMm: number; innerMm: number; highMm: number } {
  const arch = base.keepOuts.find(({ what, from }) => what === 'wheel-arch' && from[1] >= 0)
  return arch === undefined
    ? { fromMm: base.axles.rearXMm - 1, longMm: 2, innerMm: 0, highMm: 0 }
    : { fromMm: arch.from[0], longMm: arch.to[0] - arch.from[0], innerMm: arch.from[1], highMm: arch.to[2] }
}

/** The rear door whose opening is measured corner by corner. */
export const rearDoorOf = (base: Shell): Opening | undefined => base.openings.find(({ side }) => side === 'rear')

/** The side door whose opening is measured corner by corner: the one that people come in by. */
export const sideDoorOf = (base: Shell): Opening | undefined =>
  base.openings.find(({ side, entrance }) => entrance && side !== 'rear' && side !== 'roof')

/** Doors, windows and hatches that are measured by their place and size only. */
const otherOpenings = (base: Shell): readonly Opening[] =>
  base.openings.filter((opening) => opening !== rearDoorOf(base) && opening !== sideDoorOf(base))

/** Half a section by its measures: half-widths, and the heights of its roof's edge and middle. */
export interface HalfValues {
  readonly floor: number
  readonly low: number
  readonly mid: number
  readonly high: number
  readonly cant: number
  readonly cantUp: number
  readonly roof: number
}

/** What the body that a survey starts from has at a place. */
export function halfAt({ bare, levelMm }: Frame, xMm: number, side: 'left' | 'right'): HalfValues {
  const x = Math.min(Math.max(xMm, bare.xSpan.min), bare.xSpan.max)
  const half = (z: number): number => {
    const walls = wallsAt(bare, x, Math.max(z, 1)) ?? { min: -800, max: 800 }
    return side === 'left' ? walls.max : -walls.min
  }
  const roof = heightsAt(bare, x, 0)?.max ?? 1800
  return {
    floor: half(0),
    low: half(levelMm.low),
    mid: half(levelMm.mid),
    high: half(levelMm.high),
    cant: half(roof * CANT),
    cantUp: roof * CANT,
    roof,
  }
}

/** Every measure that a survey asks for, in the order in which a person goes round the vehicle. */
export function measuresOf(survey: Survey, frame: Frame = frameOf(survey)): readonly Measure[] {
  const { base, stationMm, levelMm } = frame
  const length = base.bulkhead.xMm
  const mm = (
    group: MeasureGroup,
    id: string,
    nominal: number,
    tape: TapeLine | undefined,
    more: { must?: boolean; tolerance?: number; least?: number; of?: string } = {},
  ): Measure => ({
    id,
    group,
    unit: 'mm',
    ...(more.of === undefined ? {} : { of: more.of }),
    least: more.least ?? 0,
    tolerance: more.tolerance ?? LENGTH_TOLERANCE_MM,
    must: more.must ?? false,
    nominal: Math.round(nominal),
    tape,
  })
  const kg = (id: string, nominal: number): Measure => ({
    id,
    group: 'masses',
    unit: 'kg',
    least: 0,
    tolerance: MASS_TOLERANCE_KG,
    must: false,
    nominal: Math.round(nominal),
    tape: undefined,
  })
  const side = (from: Vec2, to: Vec2): TapeLine => ({ view: 'side', xMm: 0, from, to })
  const plan = (from: Vec2, to: Vec2): TapeLine => ({ view: 'plan', xMm: 0, from, to })

  const atStation = (station: StationName): readonly Measure[] => {
    const x = stationMm[station]
    const [left, right] = [halfAt(frame, x, 'left'), halfAt(frame, x, 'right')]
    const must = station === 'axle'
    const across = (name: 'floor' | LevelName | 'cant', z: number, needed: boolean): readonly Measure[] => {
      const line = (from: number, to: number): TapeLine => ({ view: 'section', xMm: x, from: [-from, z], to: [-to, z] })
      return survey.apart
        ? [
            mm(station, `${station}-${name}-left`, left[name], line(0, left[name]), { must: needed }),
            mm(station, `${station}-${name}-right`, right[name], line(-right[name], 0), { must: needed }),
          ]
        : [
            mm(station, `${station}-${name}`, left[name] + right[name], line(left[name], -right[name]), {
              must: needed,
            }),
          ]
    }
    const up = (name: string, z: number, at: number, needed: boolean): Measure =>
      mm(station, `${station}-${name}`, z, { view: 'section', xMm: x, from: [at, 0], to: [at, z] }, { must: needed })
    return [
      ...across('floor', 0, must),
      ...across('low', levelMm.low, must),
      ...across('mid', levelMm.mid, must),
      ...across('high', levelMm.high, must),
      up('cant-up', left.cantUp, -left.cant, false),
      ...across('cant', left.cantUp, false),
      up('roof', left.roof, 0, must),
    ]
  }

  const arch = archOf(base)
  const floorHalf = halfAt(frame, length / 2, 'left').floor
  const [rear, door] = [rearDoorOf(base), sideDoorOf(base)]
  const opening = (group: 'rear-door' | 'side-door', wide: number, high: number, tapes: readonly TapeLine[]) => [
    mm(group, `${group}-width`, wide, tapes[0], { tolerance: DOOR_TOLERANCE_MM }),
    mm(group, `${group}-height`, high, tapes[1], { tolerance: DOOR_TOLERANCE_MM }),
    mm(group, `${group}-diagonal-a`, Math.hypot(wide, high), tapes[2], { tolerance: DOOR_TOLERANCE_MM }),
    mm(group, `${group}-diagonal-b`, Math.hypot(wide, high), tapes[3], { tolerance: DOOR_TOLERANCE_MM }),
  ]
  const cabMeasures = ({ lengthMm, widthMm, floorMm, roofMm }: Cab): readonly Measure[] => {
    const at = length + lengthMm * 0.4
    return [
      mm('cab', 'cab-length', lengthMm, plan([length, 0], [length + lengthMm, 0])),
      mm('cab', 'cab-width', widthMm, plan([at, widthMm / 2], [at, -widthMm / 2])),
      mm('cab', 'cab-floor', floorMm, side([at, 0], [at, floorMm]), { least: READING_LIMITS.least }),
      mm('cab', 'cab-roof', roofMm, side([at, 0], [at, roofMm])),
    ]
  }
  const placeAndSize = (opening: Opening): readonly Measure[] => {
    const { id, label: of, side: on, fromMm, toMm, sillMm, headMm } = opening
    const lies = (from: Vec2, to: Vec2): TapeLine => (on === 'roof' ? plan(from, to) : side(from, to))
    const [middle, level] = [(fromMm + toMm) / 2, on === 'roof' ? 0 : (sillMm + headMm) / 2]
    const one = (part: string, nominal: number, from: Vec2, to: Vec2) =>
      mm('openings', `${id}-${part}`, nominal, lies(from, to), { tolerance: DOOR_TOLERANCE_MM, of })
    return [
      one('from', fromMm, [0, level], [fromMm, level]),
      one('width', toMm - fromMm, [fromMm, level], [toMm, level]),
      ...(on === 'roof' ? [] : [one('sill', sillMm, [middle, 0], [middle, sillMm])]),
      one('height', headMm - sillMm, [middle, sillMm], [middle, headMm]),
    ]
  }
  /** How far one steps down out of a door that people come in by. */
  const stepOf = ({ label, side: on, fromMm, toMm, stepMm = 0, entrance }: Opening, of: string) => {
    if (!entrance || on === 'roof') return []
    const middle = (fromMm + toMm) / 2
    const lies = on === 'rear' ? inRear : side
    const group = of === 'rear-door' || of === 'side-door' ? of : 'openings'
    return [
      mm(group, `${of}-step`, stepMm, lies([middle, 0], [middle, -Math.max(stepMm, USUAL_STEP_MM)]), {
        tolerance: DOOR_TOLERANCE_MM,
        ...(group === 'openings' ? { of: label } : {}),
      }),
    ]
  }
  const inRear = (from: Vec2, to: Vec2): TapeLine => ({ view: 'section', xMm: 0, from, to })
  const { axles, masses, outer } = base
  return [
    mm('lengths', 'length-floor', length, plan([0, 0], [length, 0]), { must: true }),
    mm('lengths', 'length-bed', length, side([0, 700], [length, 700])),
    mm(
      'lengths',
      'length-behind-arch',
      length - arch.fromMm - arch.longMm,
      plan([arch.fromMm + arch.longMm, floorHalf * 0.6], [length, floorHalf * 0.6]),
    ),
    mm('lengths', 'floor-diagonal-a', Math.hypot(length, 2 * floorHalf), plan([0, floorHalf], [length, -floorHalf])),
    mm('lengths', 'floor-diagonal-b', Math.hypot(length, 2 * floorHalf), plan([0, -floorHalf], [length, floorHalf])),
    ...STATIONS.flatMap(atStation),
    ...(arch.innerMm === 0
      ? []
      : [
          mm('arches', 'arch-from', arch.fromMm, plan([0, floorHalf * 0.8], [arch.fromMm, floorHalf * 0.8]), {
            must: true,
          }),
          mm(
            'arches',
            'arch-length',
            arch.longMm,
            plan([arch.fromMm, arch.innerMm], [arch.fromMm + arch.longMm, arch.innerMm]),
          ),
          mm('arches', 'arch-between', 2 * arch.innerMm, {
            view: 'section',
            xMm: arch.fromMm + arch.longMm / 2,
            from: [-arch.innerMm, arch.highMm / 2],
            to: [arch.innerMm, arch.highMm / 2],
          }),
          mm(
            'arches',
            'arch-height',
            arch.highMm,
            side([arch.fromMm + arch.longMm / 2, 0], [arch.fromMm + arch.longMm / 2, arch.highMm]),
          ),
        ]),
    ...(rear === undefined
      ? []
      : opening('rear-door', rear.toMm - rear.fromMm, rear.headMm - rear.sillMm, [
          inRear([rear.fromMm, 300], [rear.toMm, 300]),
          inRear([0, rear.sillMm], [0, rear.headMm]),
          inRear([rear.fromMm, rear.sillMm], [rear.toMm, rear.headMm]),
          inRear([rear.toMm, rear.sillMm], [rear.fromMm, rear.headMm]),
        ])),
    ...(rear === undefined ? [] : stepOf(rear, 'rear-door')),
    ...(door === undefined
      ? []
      : [
          mm('side-door', 'side-door-from', door.fromMm, side([0, 400], [door.fromMm, 400]), {
            tolerance: DOOR_TOLERANCE_MM,
          }),
          ...opening('side-door', door.toMm - door.fromMm, door.headMm - door.sillMm, [
            side([door.fromMm, 300], [door.toMm, 300]),
            side([(door.fromMm + door.toMm) / 2, door.sillMm], [(door.fromMm + door.toMm) / 2, door.headMm]),
            side([door.fromMm, door.sillMm], [door.toMm, door.headMm]),
            side([door.toMm, door.sillMm], [door.fromMm, door.headMm]),
          ]),
          ...stepOf(door, 'side-door'),
        ]),
    ...(base.cab === undefined ? [] : cabMeasures(base.cab)),
    ...otherOpenings(base).flatMap((opening) => [...placeAndSize(opening), ...stepOf(opening, opening.id)]),
    mm('outside', 'axle-from-sill', axles.rearXMm, side([0, -100], [axles.rearXMm, -100]), {
      tolerance: OUTER_TOLERANCE_MM,
    }),
    mm(
      'outside',
      'wheelbase',
      axles.wheelbaseMm,
      side([axles.rearXMm, -100], [axles.rearXMm + axles.wheelbaseMm, -100]),
      {
        tolerance: OUTER_TOLERANCE_MM,
      },
    ),
    ...(outer === undefined
      ? []
      : [
          mm(
            'outside',
            'outer-width',
            outer.widthMm,
            plan([length / 2, outer.widthMm / 2], [length / 2, -outer.widthMm / 2]),
            {
              tolerance: OUTER_TOLERANCE_MM,
            },
          ),
          mm('outside', 'outer-height', outer.heightMm, undefined, { tolerance: OUTER_TOLERANCE_MM }),
          mm('outside', 'outer-length', outer.lengthMm, undefined, { tolerance: OUTER_TOLERANCE_MM }),
        ]),
    kg('kerb-front', axles.kerbFrontKg ?? masses.kerbKg * 0.55),
    kg('kerb-rear', axles.kerbRearKg ?? masses.kerbKg * 0.45),
    kg('gross', masses.grossKg),
    kg('rating-front', axles.ratingFrontKg ?? masses.grossKg * USUAL_FRONT_RATING),
    kg('rating-rear', axles.ratingRearKg ?? masses.grossKg * USUAL_REAR_RATING),
    mm(
      'outside',
      'track',
      axles.trackMm ?? USUAL_TRACK_MM,
      plan([axles.rearXMm, USUAL_TRACK_MM / 2], [axles.rearXMm, -USUAL_TRACK_MM / 2]),
      {
        tolerance: OUTER_TOLERANCE_MM,
      },
    ),
  ]
}

export type ReadingState = 'to-measure' | 'measured' | 'doubtful'

/** What a measure's readings come to: their mean, and whether they agree. */
export function valueOf(
  survey: Survey,
  measure: Measure,
): { readonly value: number | undefined; readonly state: ReadingState } {
  const { first, second } = survey.readings[measure.id] ?? {}
  if (first === undefined && second === undefined) return { value: undefined, state: 'to-measure' }
  if (first === undefined || second === undefined) return { value: first ?? second, state: 'measured' }
  const state = Math.abs(first - second) > measure.tolerance ? 'doubtful' : 'measured'
  return { value: (first + second) / 2, state }
}

/** Whether a survey starts from a shell that has a name. */
export const isNamed = (survey: Survey): boolean => survey.base.kind === 'generic'
