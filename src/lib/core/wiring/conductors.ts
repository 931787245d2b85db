import { type Job, SECTIONS_MM2, type SectionMm2 } from '../job'

/**
 * Copper conductors of class 5, as vehicles use them: what they lose, carry and are called.
 */
export interface Conductor {
  readonly mm2: SectionMm2
  /** At 20 °C, Ω/km. IEC 60228, class 5, as remembered. */
  readonly ohmPerKm: number
  /** Of one wire with insulation for 70 °C outside an engine room, A. ISO 10133, annex A, as remembered. */
  readonly carriesA: number
}

const TABLE: Readonly<Record<SectionMm2, Omit<Conductor, 'mm2'>>> = {
  1.5: { ohmPerKm: 13.3, carriesA: 18 },
  2.5: { ohmPerKm: 7.98, carriesA: 25 },
  4: { ohmPerKm: 4.95, carriesA: 35 },
  6: { ohmPerKm: 3.3, carriesA: 45 },
  10: { ohmPerKm: 1.91, carriesA: 65 },
  16: { ohmPerKm: 1.21, carriesA: 90 },
  25: { ohmPerKm: 0.78, carriesA: 120 },
  35: { ohmPerKm: 0.554, carriesA: 160 },
  50: { ohmPerKm: 0.386, carriesA: 210 },
  70: { ohmPerKm: 0.272, carriesA: 265 },
  95: { ohmPerKm: 0.206, carriesA: 310 },
  120: { ohmPerKm: 0.161, carriesA: 360 },
}
export const CONDUCTORS: readonly Conductor[] = SECTIONS_MM2.map((mm2) => ({ mm2, ...TABLE[mm2] }))

/** The conductors with what they carry by the shop’s own table, where it has one. */
export function conductorsIn({ power }: Pick<Job, 'power'>): readonly Conductor[] {
  const own = power?.carries
  return own === undefined
    ? CONDUCTORS
    : CONDUCTORS.map((one) => ({ ...one, carriesA: own[String(one.mm2)] ?? one.carriesA }))
}

/** Copper has so much more resistance for each kelvin over 20 °C. IEC 60228, as remembered. */
const PER_K = 0.00393
/** What a loaded wire may be at, °C: half-way to what its insulation bears. Common practice, no source. */
const LOADED_C = 45

/** What is lost on the way out and back, V. `lengthMm` is one way. */
export const dropV = ({ ohmPerKm }: Conductor, amps: number, lengthMm: number): number =>
  (amps * 2 * lengthMm * ohmPerKm * (1 + PER_K * (LOADED_C - 20))) / 1e6

/** Section of an American gauge, mm²; 1/0 is 0, 2/0 is −1. ASTM B258. */
export const awgMm2 = (gauge: number): number => (Math.PI / 4) * (0.127 * 92 ** ((36 - gauge) / 39)) ** 2

const GAUGES = [18, 16, 14, 12, 10, 8, 6, 4, 2, 1, 0, -1, -2, -3] as const
/** A maker’s section may be so much smaller than its name. Common practice, no source. */
const SHORT_OF = 0.97

/** The gauge that is no thinner, as it is written: “10”, “2/0”. */
export function awgFor(mm2: number): string {
  const gauge = GAUGES.find((one) => awgMm2(one) >= mm2 * SHORT_OF) ?? -3
  return gauge > 0 ? String(gauge) : `${1 - gauge}/0`
}

/** Fuses as they are sold, A. Blades to 40, strips from there on; common practice, no source. */
export const FUSES_A = [
  2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 150, 175, 200, 225, 250, 300, 350,
] as const

/** A fuse is so much larger than what flows for long. Common practice, no source. */
export const OVER_LOAD = 1.25

/** A blade bears so many times its rating for some tenths of a second. ISO 8820-3, from memory. */
export const FOR_A_MOMENT = 2

/** The smallest fuse that is not blown by what flows for long, as something starts for minutes, or for a moment; undefined where none is so large. */
export const fuseFor = ({
  amps,
  startA = amps,
  surgeA,
}: Pick<Duty, 'amps' | 'startA' | 'surgeA'>): number | undefined =>
  FUSES_A.find((fuse) => fuse >= Math.max(amps, startA) * OVER_LOAD && fuse * FOR_A_MOMENT >= surgeA)

/** What a wire has to do. */
export interface Duty {
  /** For long. */
  readonly amps: number
  /** For minutes as something starts; left out: no more than for long. */
  readonly startA?: number
  /** In the moment that something starts. */
  readonly surgeA: number
  readonly lengthMm: number
  readonly volts: number
  /** Share of the volts that may be lost; in a surge twice that. */
  readonly mostDrop: number
}

export interface Sized {
  readonly conductor: Conductor
  readonly fuseA: number
  readonly dropV: number
  /** What asked for the section: the fuse that the wire must outlast, what is lost on the way, what is lost in a surge, or somebody’s choice. */
  readonly because: 'fuse' | 'drop' | 'surge' | 'chosen'
  readonly isFuseSet: boolean
}

/** What somebody chose instead. */
export interface Chosen {
  readonly mm2?: number | undefined
  readonly fuseA?: number | undefined
}

type Held = Readonly<Record<'fuse' | 'drop' | 'surge', boolean>>

/** What of its duty a conductor holds behind a fuse. */
function holds(conductor: Conductor, fuseA: number, { amps, surgeA, lengthMm, volts, mostDrop }: Duty): Held {
  const most = mostDrop * volts
  return {
    fuse: conductor.carriesA >= fuseA,
    drop: dropV(conductor, amps, lengthMm) <= most,
    surge: dropV(conductor, surgeA, lengthMm) <= 2 * most,
  }
}

/** The thinnest wire that its fuse protects and that loses no more than it may, or what was chosen; undefined where none is thick enough. */
export function sizedFor(duty: Duty, conductors = CONDUCTORS, chosen: Chosen = {}): Sized | undefined {
  const { amps, lengthMm } = duty
  const fuseA = chosen.fuseA ?? fuseFor(duty)
  const isFuseSet = chosen.fuseA !== undefined
  if (fuseA === undefined) return undefined
  if (chosen.mm2 !== undefined) {
    const conductor = conductors.find(({ mm2 }) => mm2 === chosen.mm2)
    return conductor && { conductor, fuseA, dropV: dropV(conductor, amps, lengthMm), because: 'chosen', isFuseSet }
  }
  const at = conductors.findIndex((one) => Object.values(holds(one, fuseA, duty)).every(Boolean))
  const conductor = conductors[at]
  if (conductor === undefined) return undefined
  const thinner = conductors[at - 1]
  const missed = thinner === undefined ? undefined : holds(thinner, fuseA, duty)
  const because = missed === undefined || !missed.fuse ? 'fuse' : missed.drop ? 'surge' : 'drop'
  return { conductor, fuseA, dropV: dropV(conductor, amps, lengthMm), because, isFuseSet }
}

/** What is wrong with a wire and its fuse. */
export type WireFault =
  'thin' | 'fuse-above' | 'fuse-small' | 'drop' | 'surge' | 'no-switch' | 'no-timer' | 'no-residual-current'

/** What a wire and its fuse do not hold of their duty, the gravest first. */
export function faultsOf({ conductor, fuseA }: Sized, duty: Duty): readonly WireFault[] {
  const held = holds(conductor, fuseA, duty)
  return [
    ...(held.fuse ? [] : [conductor.carriesA < duty.amps ? ('thin' as const) : ('fuse-above' as const)]),
    ...(fuseA < Math.max(duty.amps, duty.startA ?? 0) ? (['fuse-small'] as const) : []),
    ...(held.drop ? (held.surge ? [] : (['surge'] as const)) : (['drop'] as const)),
  ]
}
