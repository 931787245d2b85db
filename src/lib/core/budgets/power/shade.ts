import { prismBounds, type Box, type Vec3 } from '../../geometry'
import type { Placed } from '../../scene'
import { HOURS, sunHeightDeg, type WeatherYear } from '../../sky'

/** What of the sun on the level reaches the panels: past what stands higher on the roof, or as they lie. */
export interface Shade {
  /** Of beam, by how high the sun stands: a share for each step of `STEP_DEG`, the vehicle turned any way. */
  readonly beam: readonly number[]
  readonly diffuse: number
}

export const STEP_DEG = 5
const STEPS = 90 / STEP_DEG
/** Ways that the vehicle may stand to the sun: nobody parks by the compass. */
const WAYS = 16
/** Places on a panel, along and across. */
const [ALONG, ACROSS] = [7, 4]
/** A shadow on a part of a panel costs twice that part: its cells are in a row. Common practice, no source. */
const COSTS = 2
/** What is hardly higher throws no shadow worth counting, mm. */
const HIGHER_MM = 15
const RAD = Math.PI / 180

export const NO_SHADE: Shade = { beam: Array<number>(STEPS).fill(1), diffuse: 1 }

/** Whether a line from a point towards the sun meets a block. */
function isHidden([px, py, pz]: Vec3, [dx, dy, dz]: Vec3, { x, y, z }: Box): boolean {
  let [from, to] = [0, Infinity]
  for (const [at, by, { min, max }] of [
    [px, dx, x],
    [py, dy, y],
    [pz, dz, z],
  ] as const) {
    if (Math.abs(by) < 1e-12) {
      if (at <= min || at >= max) return false
      continue
    }
    const [a, b] = [(min - at) / by, (max - at) / by]
    ;[from, to] = [Math.max(from, Math.min(a, b)), Math.min(to, Math.max(a, b))]
  }
  return from < to
}

const pointsOn = ({ x, y, z }: Box): readonly Vec3[] =>
  Array.from({ length: ALONG * ACROSS }, (_, at): Vec3 => {
    const [u, v] = [((at % ALONG) + 0.5) / ALONG, (Math.floor(at / ALONG) + 0.5) / ACROSS]
    return [x.min + (x.max - x.min) * u, y.min + (y.max - y.min) * v, z.max]
  })

/** The share of some panels that a sun so high lights, by the mean of all ways that the vehicle may stand. */
function litAt(panels: readonly Box[], higher: readonly Box[], highDeg: number): number {
  const [flat, up] = [Math.cos(highDeg * RAD), Math.sin(highDeg * RAD)]
  let [lit, all] = [0, 0]
  for (let way = 0; way < WAYS; way += 1) {
    const turn = (2 * Math.PI * (way + 0.5)) / WAYS
    const sun: Vec3 = [flat * Math.cos(turn), flat * Math.sin(turn), up]
    for (const panel of panels) {
      const points = pointsOn(panel)
      const hidden = points.filter((point) => higher.some((box) => isHidden(point, sun, box))).length
      lit += Math.max(0, 1 - (COSTS * hidden) / points.length)
      all += 1
    }
  }
  return all === 0 ? 1 : lit / all
}

const known = new WeakMap<readonly Placed[], Shade>()

/** The shade on the panels of a plan, from what stands higher beside them: a fan, a box, boards. Worked out once for the same things. */
export function shadeOn(placed: readonly Placed[]): Shade {
  const before = known.get(placed)
  if (before !== undefined) return before
  const shade = shadeOf(placed)
  known.set(placed, shade)
  return shade
}

function shadeOf(placed: readonly Placed[]): Shade {
  const isPanel = ({ facts }: Placed): boolean => facts.gives.some(({ what }) => what === 'sun')
  const panels = placed.filter(isPanel).map(({ bounds }) => bounds)
  if (panels.length === 0) return NO_SHADE
  const top = Math.min(...panels.map(({ z }) => z.max))
  const higher = placed
    .filter((one) => !isPanel(one))
    .flatMap(({ solids }) => solids.map(({ prism }) => prismBounds(prism)))
    .filter(({ z }) => z.max > top + HIGHER_MM)
  if (higher.length === 0) return NO_SHADE
  const beam = Array.from({ length: STEPS }, (_, step) => litAt(panels, higher, (step + 0.5) * STEP_DEG))
  // of a sky that is bright alike all over
  const weights = beam.map((_, step) => Math.sin(2 * (step + 0.5) * STEP_DEG * RAD))
  const sum = weights.reduce((all, one) => all + one, 0)
  return { beam, diffuse: beam.reduce((all, lit, step) => all + lit * (weights[step] ?? 0), 0) / sum }
}

/** What falls on panels past their shade, or as they lie, through a year by the hour, kWh/m². */
export function pastShade({ beam, diffuse, latitudeDeg }: WeatherYear, shade: Shade): Float64Array {
  return Float64Array.from(beam, (direct, at) => {
    const scattered = diffuse[at] ?? 0
    if (direct <= 0) return scattered * shade.diffuse
    const day = Math.floor(at / HOURS)
    const high = sunHeightDeg(latitudeDeg[day] ?? 0, day + 1, (at % HOURS) + 0.5)
    const step = Math.min(STEPS - 1, Math.max(0, Math.floor(high / STEP_DEG)))
    return direct * (shade.beam[step] ?? 1) + scattered * shade.diffuse
  })
}
