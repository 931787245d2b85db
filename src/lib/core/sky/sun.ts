/**
 * Where the sun is, in solar time: noon is when it stands highest. Angles inside are radians, those that come in and go out degrees; days are counted
 * from 1 January, 1 to 365. After Duffie & Beckman, Solar Engineering of Thermal Processes, chapter 1, as remembered.
 */

export const RAD = Math.PI / 180
/** What falls on a square metre that faces the sun outside the air, W. The figure that FAO Irrigation and Drainage Paper 56 has, 0.0820 MJ m⁻² min⁻¹. */
const SOLAR_CONSTANT_W = 1367

/** How high the sun stands over the equator at noon, degrees, by Spencer’s series. */
export function declinationDeg(day: number): number {
  const b = ((day - 1) * 2 * Math.PI) / 365
  return (
    (0.006918 -
      0.399912 * Math.cos(b) +
      0.070257 * Math.sin(b) -
      0.006758 * Math.cos(2 * b) +
      0.000907 * Math.sin(2 * b) -
      0.002697 * Math.cos(3 * b) +
      0.00148 * Math.sin(3 * b)) /
    RAD
  )
}

/** What falls on a plane that faces the sun outside the air on a day, W/m². */
const normalOutsideW = (day: number): number => SOLAR_CONSTANT_W * (1 + 0.033 * Math.cos((2 * Math.PI * day) / 365))

/** The hour angle of sunset, radians: 0 where the sun never rises, π where it never sets. */
export function sunsetAngle(latitudeDeg: number, day: number): number {
  const cos = -Math.tan(latitudeDeg * RAD) * Math.tan(declinationDeg(day) * RAD)
  return Math.acos(Math.min(1, Math.max(-1, cos)))
}

/** From sunrise to sunset, hours. */
export const daylightHours = (latitudeDeg: number, day: number): number =>
  (24 / Math.PI) * sunsetAngle(latitudeDeg, day)

/** What falls on a level plane outside the air between two hour angles (radians), kWh/m². */
export function levelOutsideKwh(latitudeDeg: number, day: number, from: number, to: number): number {
  const sunset = sunsetAngle(latitudeDeg, day)
  const [first, last] = [Math.max(from, -sunset), Math.min(to, sunset)]
  if (last <= first) return 0
  const [phi, delta] = [latitudeDeg * RAD, declinationDeg(day) * RAD]
  const sun =
    Math.cos(phi) * Math.cos(delta) * (Math.sin(last) - Math.sin(first)) +
    (last - first) * Math.sin(phi) * Math.sin(delta)
  return Math.max(0, (normalOutsideW(day) / 1000) * (12 / Math.PI) * sun)
}

/** The same of a whole day. */
export const dayOutsideKwh = (latitudeDeg: number, day: number): number =>
  levelOutsideKwh(latitudeDeg, day, -Math.PI, Math.PI)

/** The cosine of the angle between the sun and straight up; below 0 it has set. `hour` is 12 at noon. */
export function zenithCosine(latitudeDeg: number, day: number, hour: number): number {
  const [phi, delta, omega] = [latitudeDeg * RAD, declinationDeg(day) * RAD, (hour - 12) * 15 * RAD]
  return Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.cos(omega)
}

/** How high the sun stands over the horizon, degrees; below 0 it has set. `hour` is 12 at noon. */
export const sunHeightDeg = (latitudeDeg: number, day: number, hour: number): number =>
  Math.asin(Math.min(1, Math.max(-1, zenithCosine(latitudeDeg, day, hour)))) / RAD

/** How a plane lies: how far from level, and where it looks, degrees from south to the west. */
export interface Plane {
  readonly tiltDeg: number
  readonly turnedDeg: number
}
export const LEVEL: Plane = { tiltDeg: 0, turnedDeg: 0 }

/** The cosine of the angle between the sun and the normal of a plane; below 0 it shines on its back. */
export function incidenceCosine(latitudeDeg: number, day: number, hour: number, { tiltDeg, turnedDeg }: Plane): number {
  const [phi, delta, omega] = [latitudeDeg * RAD, declinationDeg(day) * RAD, (hour - 12) * 15 * RAD]
  const [tilt, turned] = [tiltDeg * RAD, turnedDeg * RAD]
  return (
    Math.sin(delta) * Math.sin(phi) * Math.cos(tilt) -
    Math.sin(delta) * Math.cos(phi) * Math.sin(tilt) * Math.cos(turned) +
    Math.cos(delta) * Math.cos(phi) * Math.cos(tilt) * Math.cos(omega) +
    Math.cos(delta) * Math.sin(phi) * Math.sin(tilt) * Math.cos(turned) * Math.cos(omega) +
    Math.cos(delta) * Math.sin(tilt) * Math.sin(turned) * Math.sin(omega)
  )
}

/** The sun as a vector: its cosines with straight up, south and west; what a plane that stands upright has of it is south and west by where it looks. */
export function sunVector(
  latitudeDeg: number,
  declination: number,
  hour: number,
): { readonly up: number; readonly south: number; readonly west: number } {
  const [phi, delta, omega] = [latitudeDeg * RAD, declination * RAD, (hour - 12) * 15 * RAD]
  const [sinPhi, cosPhi, sinDelta, cosDelta] = [Math.sin(phi), Math.cos(phi), Math.sin(delta), Math.cos(delta)]
  const cosOmega = Math.cos(omega)
  return {
    up: sinPhi * sinDelta + cosPhi * cosDelta * cosOmega,
    south: cosDelta * sinPhi * cosOmega - sinDelta * cosPhi,
    west: cosDelta * Math.sin(omega),
  }
}

/** Where the sun is: degrees over the horizon, and from south to the west. */
export function sunAt(
  latitudeDeg: number,
  day: number,
  hour: number,
): { readonly highDeg: number; readonly fromSouthDeg: number } {
  const { up, south, west } = sunVector(latitudeDeg, declinationDeg(day), hour)
  return { highDeg: Math.asin(Math.min(1, Math.max(-1, up))) / RAD, fromSouthDeg: Math.atan2(west, south) / RAD }
}
