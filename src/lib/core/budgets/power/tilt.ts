import { chordAt, clamp, spanMiddle, type Box } from '../../geometry'
import type { Placed } from '../../scene'
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

/** The roof of a body over a place, as the outer skin follows the inner one; past its rounded edge as high as where that begins. */
function roofAt(interior: Interior, xMm: number, yMm: number): number {
  const section = sectionAt(interior, clamp(xMm, interior.xSpan.min, interior.xSpan.max))
  const side = Math.sign(yMm)
  const heightAt = (mm: number): number | undefined => chordAt(section, 0, side * mm)?.max
  let high = heightAt(0) ?? 0
  for (let from = 0; from < Math.abs(yMm); from += STEP_MM) {
    const step = Math.min(STEP_MM, Math.abs(yMm) - from)
    const next = heightAt(from + step)
    if (next === undefined || high - next > EDGE_SLOPE * step) return high
    high = next
  }
  return high
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
