/**
 * Copper conductors of class 5, as vehicles use them: what they lose, carry and are called.
 */
export interface Conductor {
  readonly mm2: number
  /** At 20 °C, Ω/km. IEC 60228, class 5, as remembered. */
  readonly ohmPerKm: number
  /** Of one wire with insulation for 70 °C outside an engine room, A. ISO 10133, annex A, as remembered. */
  readonly carriesA: number
}

export const CONDUCTORS: readonly Conductor[] = [
  { mm2: 1.5, ohmPerKm: 13.3, carriesA: 18 },
  { mm2: 2.5, ohmPerKm: 7.98, carriesA: 25 },
  { mm2: 4, ohmPerKm: 4.95, carriesA: 35 },
  { mm2: 6, ohmPerKm: 3.3, carriesA: 45 },
  { mm2: 10, ohmPerKm: 1.91, carriesA: 65 },
  { mm2: 16, ohmPerKm: 1.21, carriesA: 90 },
  { mm2: 25, ohmPerKm: 0.78, carriesA: 120 },
  { mm2: 35, ohmPerKm: 0.554, carriesA: 160 },
  { mm2: 50, ohmPerKm: 0.386, carriesA: 210 },
  { mm2: 70, ohmPerKm: 0.272, carriesA: 265 },
  { mm2: 95, ohmPerKm: 0.206, carriesA: 310 },
  { mm2: 120, ohmPerKm: 0.161, carriesA: 360 },
]

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
const OVER_LOAD = 1.25

/** The smallest fuse that what flows for long does not blow; undefined where none is so large. */
export const fuseFor = (amps: number): number | undefined => FUSES_A.find((fuse) => fuse >= amps * OVER_LOAD)

/** What a wire has to do. */
export interface Duty {
  /** For long. */
  readonly amps: number
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
  /** What asked for the section: the fuse that the wire must outlast, what is lost on the way, or what is lost in a surge. */
  readonly because: 'fuse' | 'drop' | 'surge'
}

/** The thinnest wire that its fuse protects and that loses no more than it may; undefined where none is thick enough. */
export function sizedFor({ amps, surgeA, lengthMm, volts, mostDrop }: Duty): Sized | undefined {
  const fuseA = fuseFor(amps)
  if (fuseA === undefined) return undefined
  const most = mostDrop * volts
  const holds = (conductor: Conductor): Record<Sized['because'], boolean> => ({
    fuse: conductor.carriesA >= fuseA,
    drop: dropV(conductor, amps, lengthMm) <= most,
    surge: dropV(conductor, surgeA, lengthMm) <= 2 * most,
  })
  const at = CONDUCTORS.findIndex((one) => Object.values(holds(one)).every(Boolean))
  const conductor = CONDUCTORS[at]
  if (conductor === undefined) return undefined
  const thinner = CONDUCTORS[at - 1]
  const missed = thinner === undefined ? undefined : holds(thinner)
  const because = missed === undefined || !missed.fuse ? 'fuse' : missed.drop ? 'surge' : 'drop'
  return { conductor, fuseA, dropV: dropV(conductor, amps, lengthMm), because }
}
