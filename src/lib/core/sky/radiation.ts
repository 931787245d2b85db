import { incidenceCosine, levelOutsideKwh, RAD, sunsetAngle, zenithCosine, type Plane } from './sun'

/** What comes through the air onto a level square metre in an hour, kWh/m². */
export interface HourOfSun {
  readonly beam: number
  readonly diffuse: number
}
const DARK: HourOfSun = { beam: 0, diffuse: 0 }

/** What share of a clear hour is diffuse, by its clearness. Erbs, Klein and Duffie 1982, as remembered. */
export function diffuseShare(clearness: number): number {
  const k = Math.min(1, Math.max(0, clearness))
  if (k <= 0.22) return 1 - 0.09 * k
  if (k > 0.8) return 0.165
  return 0.9511 - 0.1604 * k + 4.388 * k ** 2 - 16.638 * k ** 3 + 12.336 * k ** 4
}

/** What share of a day’s sun comes in the hour about an hour angle, radians. Collares-Pereira and Rabl 1979, as remembered. */
function shareOfHour(sunset: number, angle: number): number {
  if (sunset <= 0 || Math.abs(angle) >= sunset) return 0
  const [a, b] = [0.409 + 0.5016 * Math.sin(sunset - Math.PI / 3), 0.6609 - 0.4767 * Math.sin(sunset - Math.PI / 3)]
  const below = Math.sin(sunset) - sunset * Math.cos(sunset)
  return Math.max(0, ((Math.PI / 24) * (a + b * Math.cos(angle)) * (Math.cos(angle) - Math.cos(sunset))) / below)
}

const HOUR_ANGLE = Math.PI / 12
const HOURS = 24

/** A day of a clearness (what arrives as a share of what falls outside the air) by its hours; the first begins at midnight. */
export function dayOfSun(latitudeDeg: number, day: number, clearness: number): readonly HourOfSun[] {
  const sunset = sunsetAngle(latitudeDeg, day)
  const angles = Array.from({ length: HOURS }, (_, hour) => (hour + 0.5 - 12) * HOUR_ANGLE)
  const outside = angles.map((angle) =>
    levelOutsideKwh(latitudeDeg, day, angle - HOUR_ANGLE / 2, angle + HOUR_ANGLE / 2),
  )
  const shares = angles.map((angle) => shareOfHour(sunset, angle))
  const all = shares.reduce((sum, share) => sum + share, 0)
  const whole = outside.reduce((sum, one) => sum + one, 0) * clearness
  return outside.map((out, hour): HourOfSun => {
    if (out <= 0 || all <= 0) return DARK
    const level = (whole * shares[hour]!) / all
    const diffuse = level * diffuseShare(level / out)
    return { beam: level - diffuse, diffuse }
  })
}

/** A day whose sun on the level was measured by the hour, W/m²: how much of each hour is diffuse follows from its clearness; before the sun is up all of it. */
export const hoursOfSun = (latitudeDeg: number, day: number, sunWm2: readonly number[]): readonly HourOfSun[] =>
  sunWm2.map((watts, hour): HourOfSun => {
    const angle = (hour + 0.5 - 12) * HOUR_ANGLE
    const out = levelOutsideKwh(latitudeDeg, day, angle - HOUR_ANGLE / 2, angle + HOUR_ANGLE / 2)
    const level = watts / 1000
    const diffuse = out <= 0 ? level : level * diffuseShare(level / out)
    return { beam: level - diffuse, diffuse }
  })

/** What the ground throws back, as a share: grass and gravel. Common practice, no source. */
const GROUND_SHARE = 0.2
/** Near the horizon the ratio of beam on two planes has no bounds: what stands round the vehicle hides such a sun. Common practice, no source. */
export const LOWEST_COSINE = 0.087

/**
 * What falls on a plane of what falls on the level, in one unit for all: beam by its ratio, diffuse from a sky that is bright alike all over, and
 * what the ground throws back. Liu and Jordan’s isotropic sky, Duffie & Beckman 2.15.
 */
export const onPlane = (
  { beam, diffuse }: HourOfSun,
  beamRatio: number,
  tiltCosine: number,
  groundShare = GROUND_SHARE,
): number =>
  beam * beamRatio + (diffuse * (1 + tiltCosine)) / 2 + ((beam + diffuse) * groundShare * (1 - tiltCosine)) / 2

/** How much more or less beam falls on a plane than on the level at an hour. */
export function beamRatio(latitudeDeg: number, day: number, hour: number, plane: Plane): number {
  const zenith = zenithCosine(latitudeDeg, day, hour)
  if (zenith <= 0) return 0
  return Math.max(0, incidenceCosine(latitudeDeg, day, hour, plane)) / Math.max(zenith, LOWEST_COSINE)
}

/**
 * How much more or less beam falls on a tilted plane than on the level where nobody knows which way it is turned: the mean of all ways, by how high the sun
 * stands. A sun higher than the tilt lights it from every side, and then it is the cosine of the tilt.
 */
export function turningRatio(highDeg: number, tiltDeg: number): number {
  if (highDeg <= 0) return 0
  // as low as a sun has any bounds to it
  const [high, tilt] = [Math.max(highDeg * RAD, Math.asin(LOWEST_COSINE)), tiltDeg * RAD]
  const [level, across] = [Math.sin(high) * Math.cos(tilt), Math.cos(high) * Math.sin(tilt)]
  // turned so far away from the sun it is lit from behind
  const lit = across <= level ? Math.PI : Math.acos(-level / across)
  return (level * lit + across * Math.sin(lit)) / Math.PI / Math.sin(high)
}
