import { chordAt, clamp, sharedLength, spanMiddle, type Box } from '../../geometry'
import { outerRoofOver, type Placed } from '../../scene'
import { sectionAt, type Interior } from '../../shell'
import { onPlane, turningRatio } from '../../sky'
import { NO_SHADE, STEP_DEG, type Shade } from './shade'

const RAD = Math.PI / 180
/** Less is level, degrees. */
const LEVEL_DEG = 0.25
/** Where a roof falls more steeply than this it is its rounded edge: brackets hold a panel over it. Common practice, no source. */
const EDGE_SLOPE = Math.tan(25 * RAD)
/** Steps in which that edge is looked for, mm. */
const STEP_MM = 20

/** How far out from the centreline, to the side of a sign, the roof goes before its rounded edge begins, and how high it is there. */
function crownAt(interior: Interior, xMm: number, yMm: number): { readonly outMm: number; readonly highMm: number } {
  const section = sectionAt(interior, clamp(xMm, interior.xSpan.min, interior.xSpan.max))
  const side = Math.sign(yMm)
  const heightAt = (mm: number): number | undefined => chordAt(section, 0, side * mm)?.max
  let highMm = heightAt(0) ?? 0
  for (let outMm = 0; outMm < Math.abs(yMm); outMm += STEP_MM) {
    const step = Math.min(STEP_MM, Math.abs(yMm) - outMm)
    const next = heightAt(outMm + step)
    if (next === undefined || highMm - next > EDGE_SLOPE * step) return { outMm, highMm }
    highMm = next
  }
  return { outMm: Math.abs(yMm), highMm }
}

/** The roof of a body over a place, as the outer skin follows the inner one; past its rounded edge as high as where that begins. */
const roofAt = (interior: Interior, xMm: number, yMm: number): number => crownAt(interior, xMm, yMm).highMm

/** Wider than any body, mm. */
const FAR_MM = 5000
/** Of a free roof so much can be covered: panels come in sizes, and one walks between them. Common practice, no source. */
const COVERED = 0.8

/** What of a body’s roof panels can cover, m²: between its rounded edges, less what stands on it and goes through it. */
export function roofRoomM2(interior: Interior, placed: readonly Placed[]): number {
  const { xSpan, shell } = interior
  const middle = spanMiddle(xSpan)
  const roof = {
    x: xSpan,
    y: { min: -crownAt(interior, middle, -FAR_MM).outMm, max: crownAt(interior, middle, FAR_MM).outMm },
  }
  const shared = ({ x, y }: Pick<Box, 'x' | 'y'>): number =>
    Math.max(0, sharedLength(x, roof.x)) * Math.max(0, sharedLength(y, roof.y)) * 1e-6
  const onIt = placed
    .filter(
      ({ facts, bounds: { x, y, z } }) =>
        z.max > outerRoofOver(interior, x, y) && !facts.gives.some(({ what }) => what === 'sun'),
    )
    .map(({ bounds }) => bounds)
  const cut = shell.openings
    .filter(({ side }) => side === 'roof')
    .map(({ fromMm, toMm, sillMm, headMm }) => ({ x: { min: fromMm, max: toMm }, y: { min: sillMm, max: headMm } }))
    // a fan stands in the hole that was cut for it
    .filter((hole) => !onIt.some(({ x, y }) => sharedLength(x, hole.x) > 0 && sharedLength(y, hole.y) > 0))
  const taken = [...onIt, ...cut].reduce((sum, one) => sum + shared(one), 0)
  return COVERED * Math.max(0, shared(roof) - taken)
}

/** How far from level something lies on the roof of a body, by how the roof falls between its edges, degrees; on a roof that was raised it lies level. */
export function tiltOnRoof(interior: Interior, { x, y }: Pick<Box, 'x' | 'y'>): number {
  const [along, across] = [spanMiddle(x), spanMiddle(y)]
  const isRaised = interior.pockets.some(
    (pocket) =>
      pocket.kind === 'roof' &&
      along > pocket.x.min &&
      along < pocket.x.max &&
      across > pocket.y.min &&
      across < pocket.y.max,
  )
  if (isRaised) return 0
  const rise = (from: number, to: number, mm: number): number => (to - from) / Math.max(1, mm)
  const deg =
    Math.atan(
      Math.hypot(
        rise(roofAt(interior, x.min, across), roofAt(interior, x.max, across), x.max - x.min),
        rise(roofAt(interior, along, y.min), roofAt(interior, along, y.max), y.max - y.min),
      ),
    ) / RAD
  return deg < LEVEL_DEG ? 0 : deg
}

/** How the panels of a plan lie: what of the sun on the level falls on them, and how far from level they are, degrees, by their watts. */
export function lyingOn(
  interior: Interior,
  placed: readonly Placed[],
): { readonly light: Shade; readonly deg: number } {
  const panels = placed.flatMap(({ facts, bounds }) =>
    facts.gives.flatMap((give) =>
      give.what === 'sun' ? [{ watts: give.watts, deg: tiltOnRoof(interior, bounds) }] : [],
    ),
  )
  const whole = panels.reduce((sum, { watts }) => sum + watts, 0)
  const mean = (of: (deg: number) => number): number =>
    whole <= 0 ? 0 : panels.reduce((sum, { watts, deg }) => sum + watts * of(deg), 0) / whole
  const deg = mean((one) => one)
  if (deg === 0) return { light: NO_SHADE, deg }
  return {
    light: {
      beam: NO_SHADE.beam.map((_, step) =>
        mean((tilt) =>
          onPlane({ beam: 1, diffuse: 0 }, turningRatio((step + 0.5) * STEP_DEG, tilt), Math.cos(tilt * RAD)),
        ),
      ),
      diffuse: mean((tilt) => onPlane({ beam: 0, diffuse: 1 }, 0, Math.cos(tilt * RAD))),
    },
    deg,
  }
}

/** What is left past the one and the other. */
export const both = (one: Shade, other: Shade): Shade =>
  one === NO_SHADE
    ? other
    : other === NO_SHADE
      ? one
      : {
          beam: one.beam.map((share, step) => share * (other.beam[step] ?? 1)),
          diffuse: one.diffuse * other.diffuse,
        }
