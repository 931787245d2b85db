import { defaultsOf, kindOf, type Seat } from '../../src/lib/core/fittings'
import type { Plan } from '../../src/lib/core/job'
import { buildScene } from '../../src/lib/core/scene'
import {
  fullSection,
  heightsAt,
  interiorOf,
  liningTop,
  wallReach,
  wallsAt,
  type Lining,
  type Shell,
} from '../../src/lib/core/shell'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'
import { floorAreaM2 } from '../../src/lib/core/space'
import { randomFrom } from '../support/random-plans'
import type { Proof } from './report'

type Side = 'left' | 'right'

/** One lined face of a station as a half-plane: points with `ny·y + nz·z ≥ d` lie inside. */
interface HalfPlane {
  readonly ny: number
  readonly nz: number
  readonly d: number
}

/**
 * The slow computation that the sweep is held against: a lined section is what lies inside every face moved inward by its
 * lining, asked face by face. It knows no corners and walks round no outline.
 */
function halfPlanes(shell: Shell, station: Shell['stations'][number], lining: Lining): readonly HalfPlane[] {
  const polygon = fullSection(station.left, station.right ?? station.left)
  const wallMm = Math.max(lining.wallMm, shell.ribs.wallMm)
  const roofMm = Math.max(lining.roofMm, shell.ribs.roofMm)
  return polygon.flatMap(([y, z], index) => {
    const [y1, z1] = polygon[(index + 1) % polygon.length]!
    const length = Math.hypot(y1 - y, z1 - z)
    if (length === 0) return []
    const [ny, nz] = [-(z1 - z) / length, (y1 - y) / length]
    const taken = nz > Math.SQRT1_2 ? lining.floorMm : nz < -Math.SQRT1_2 ? roofMm : wallMm
    return [{ ny, nz, d: ny * y + nz * z + taken }]
  })
}

/** How far out one gets to a side at a height before a face stops one; −∞ where the height is outside. */
function reachOf(planes: readonly HalfPlane[], sign: 1 | -1, z: number): number {
  let most = Infinity
  for (const { ny, nz, d } of planes) {
    // n·y ≥ d − nz·z bounds y to this side only where the face looks the other way
    const toward = ny * sign
    const rest = d - nz * z
    if (toward < -1e-12) most = Math.min(most, rest / toward)
    else if (Math.abs(toward) <= 1e-12 && rest > 1e-9) return -Infinity
  }
  return most
}

const STEP_MM = 0.01
/** A tenth of a saw cut, and what a lean of one in ten makes of it. */
const AGREE_MM = 0.12

/**
 * All bodies × every whole millimetre from 0 to 60 of floor, wall and roof lining, one at a time, the other two drawn by seed, × stations and
 * the straight part between, × heights at, just above and just below each corner and the floor, × both sides. `share` of the linings.
 */
export function wallsProof(share: number, seed = 7): Proof {
  const random = randomFrom(seed)
  const faults: string[] = []
  let widths = 0
  let steps = 0
  let places = 0
  let areas = 0
  let worst = 0
  const fault = (words: string) => void (faults.length < 500 && faults.push(words))
  for (const shell of GENERIC_SHELLS) {
    for (const key of ['floorMm', 'wallMm', 'roofMm'] as const)
      for (let mm = 0; mm <= 60; mm += 1) {
        if (random() >= share) continue
        const draw = () => Math.floor(random() * 61)
        const lining: Lining = { floorMm: draw(), wallMm: draw(), roofMm: draw(), [key]: mm }
        const named = `${shell.id} ${lining.floorMm}/${lining.wallMm}/${lining.roofMm}`
        const interior = interiorOf(shell, lining)
        const thicker = interiorOf(shell, { ...lining, [key]: mm + STEP_MM })
        for (const station of shell.stations) {
          if (station.xMm < interior.xSpan.min || station.xMm > interior.xSpan.max) continue
          const planes = halfPlanes(shell, station, lining)
          const after = halfPlanes(shell, station, { ...lining, [key]: mm + STEP_MM })
          const top = Math.max(...station.left.map(([, z]) => z)) - Math.max(lining.roofMm, shell.ribs.roofMm)
          const corners = station.left.map(([, z]) => z)
          const heights = [lining.floorMm, ...corners, random() * top].flatMap((z) => [z, z + STEP_MM, z - STEP_MM])
          for (const z of heights) {
            if (z < lining.floorMm || z > top - 1) continue
            for (const [side, sign] of [
              ['left', 1],
              ['right', -1],
            ] as const) {
              const slow = reachOf(planes, sign, z)
              const walls = wallsAt(interior, station.xMm, z)
              const quick = walls === undefined ? -Infinity : sign > 0 ? walls.max : -walls.min
              widths += 1
              worst = Math.max(worst, Math.abs(quick - slow))
              if (!(Math.abs(quick - slow) <= AGREE_MM))
                fault(`${named} x ${station.xMm} z ${z} ${side}: ${quick}, not ${slow}`)
              const reach = wallReach(interior, side, { min: station.xMm, max: station.xMm }, { min: z, max: z })
              if (reach === undefined || Math.abs(reach.tightMm - quick) > 1e-9)
                fault(`${named} x ${station.xMm} z ${z} ${side}: reach ${reach?.tightMm}, walls ${quick}`)
              // a hundredth of a millimetre more lining changes no answer by more than the faces move
              const allowed = Math.abs(reachOf(after, sign, z) - slow) + 2 * STEP_MM
              const then = wallsAt(thicker, station.xMm, Math.max(z, key === 'floorMm' ? mm + STEP_MM : z))
              const moved = then === undefined ? Infinity : Math.abs((sign > 0 ? then.max : -then.min) - quick)
              steps += 1
              if (!(moved <= allowed + AGREE_MM)) fault(`${named} + 0.01 of ${key}, z ${z} ${side}: jumps by ${moved}`)
            }
          }
        }
        areas += 1
        checkArea(shell, lining, interior, fault, named)
        for (const side of ['left', 'right'] as const) {
          places += 2
          checkPlaces(shell, lining, side, random, fault, named)
        }
      }
  }
  return {
    name: 'walls',
    title: 'Walls, swept',
    how: 'Widths, reaches, floor areas and placements of all generic bodies at ordinary linings, at, just above and just below every corner’s height and the lined floor, held against a slow computation that moves each face inward and asks them one by one; and each again with a hundredth of a millimetre more lining.',
    figures: [
      ['widths and reaches', widths],
      ['steps of 0.01 mm', steps],
      ['floor areas', areas],
      ['placements', places],
      ['largest difference, mm', worst.toFixed(4)],
    ],
    faults,
  }
}

/** Floor area by strips of 10 mm, each with what stands on it taken out cell by cell. */
function checkArea(
  shell: Shell,
  lining: Lining,
  interior: ReturnType<typeof interiorOf>,
  fault: (words: string) => void,
  named: string,
): void {
  const STRIP_MM = 10
  let sum = 0
  const { min, max } = interior.xSpan
  const reaches = shell.stations.map((station) => {
    const planes = halfPlanes(shell, station, lining)
    return { x: station.xMm, left: reachOf(planes, 1, lining.floorMm), right: reachOf(planes, -1, lining.floorMm) }
  })
  const between = (x: number, side: Side): number => {
    const index = Math.max(
      1,
      reaches.findIndex((one) => one.x >= x),
    )
    const [a, b] = [reaches[index - 1]!, reaches[index === 0 ? 1 : index]!]
    const t = Math.min(1, Math.max(0, (x - a.x) / (b.x - a.x)))
    return a[side] + (b[side] - a[side]) * t
  }
  for (let x = min; x < max; x += STRIP_MM) {
    const wide = Math.min(STRIP_MM, max - x)
    const at = x + wide / 2
    const [from, to] = [-between(at, 'right'), between(at, 'left')]
    const on = shell.keepOuts.filter(
      (one) =>
        one.from[0] < at && one.to[0] > at && one.from[2] <= lining.floorMm + 0.1 && one.to[2] > lining.floorMm + 0.1,
    )
    let free = to - from
    if (on.length > 0) {
      free = 0
      for (let y = from; y < to; y += 1) {
        const middle = Math.min(y + 0.5, to)
        if (!on.some((one) => one.from[1] < middle && one.to[1] > middle)) free += Math.min(1, to - y)
      }
    }
    sum += free * wide
  }
  const slow = sum * 1e-6
  const quick = floorAreaM2(interior)
  if (!(Math.abs(quick - slow) <= 0.01 * slow)) fault(`${named}: floor ${quick} m², not ${slow}`)
}

const modes: Plan['modes'] = { 'mode-day': { name: 'Day', purpose: 'living', order: 0, stances: {} } }

/** A whole tank and a scribed chest against a wall, at a place drawn by seed: their backs lie where the wall is. */
function checkPlaces(
  shell: Shell,
  lining: Lining,
  side: Side,
  random: () => number,
  fault: (words: string) => void,
  named: string,
): void {
  const interior = interiorOf(shell, lining)
  const sign = side === 'left' ? 1 : -1
  for (const id of ['water-tank', 'lid-chest']) {
    const kind = kindOf(id)
    const parameters = { ...defaultsOf(kind), lengthMm: 400, heightMm: 300 }
    // on the straight part, where all sections between two stations are alike
    const straight = shell.stations[1]!.xMm
    const end = Math.min(shell.stations[Math.max(1, shell.stations.length - 2)]!.xMm, interior.xSpan.max) - 400
    const x = shell.stations.length > 2 ? straight + random() * Math.max(0, end - straight) : random() * end
    const seat: Seat = {
      along: { from: 'rear', mm: x - interior.xSpan.min },
      across: { from: side === 'left' ? 'left-wall' : 'right-wall', mm: 0 },
      up: { from: 'floor', mm: 0 },
      turn: 0,
      mirrored: false,
    }
    const plan: Plan = { lining, changes: {}, modes, fittings: { 'fit-a': { kind: id, parameters, seat } } }
    const placed = buildScene(interior, plan, 'mode-day').placed[0]!
    const planes = halfPlanes(shell, shell.stations[Math.min(1, shell.stations.length - 1)]!, lining)
    const [low, high] = [lining.floorMm, lining.floorMm + 300]
    const tight = Math.min(reachOf(planes, sign, low), reachOf(planes, sign, high))
    const wanted =
      placed.measuredAt === 'closest' ? tight : reachOf(planes, sign, placed.measuredAt === 'top' ? high : low)
    const depth = kind.footprint(parameters).depthMm
    const back = placed.placement.at[1] * sign + depth / 2
    if (!(Math.abs(back - wanted) <= AGREE_MM))
      fault(`${named} ${id} ${side} at ${x.toFixed(0)}: back at ${back}, wall at ${wanted}`)
    const floor = heightsAt(interior, x + 200, 0)?.min ?? NaN
    if (!(
      Math.abs(placed.placement.at[2] - floor) < 1e-9 && Math.abs(liningTop(interior, x + 200) - lining.floorMm) < 1e-6
    ))
      fault(`${named} ${id} ${side}: stands at ${placed.placement.at[2]}, floor at ${floor}`)
  }
}
