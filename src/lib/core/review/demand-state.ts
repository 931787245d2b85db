import { demandsOf, type Need, type ResolvedDemand } from '../brief'
import type { ServiceType } from '../fittings'
import { prismBounds } from '../geometry'
import { cabBelts, offered, seatsOffered, tablePlacesOffered, type Scene } from '../scene'
import type { Finding } from './finding'

/** A demand with how far the plan meets it. */
export interface DemandState {
  readonly demand: ResolvedDemand
  readonly offered: number
  /** What speaks against it, in any mode; the gravest first. */
  readonly findings: readonly Finding[]
  readonly state: 'met' | 'short' | 'missing' | 'by-hand'
}

/** What meets each need; those left out are not offered by any fitting yet and are checked by hand. */
const SERVICE: Partial<Record<Need, ServiceType>> = {
  berth: 'berth',
  belt: 'belt',
  'table-seat': 'table-place',
  toilet: 'toilet',
  shower: 'shower',
  hob: 'hob',
  'cold-box': 'cold-box',
  desk: 'desk',
  water: 'tank',
  seat: 'seat',
  basin: 'basin',
  cot: 'cot',
  'pet-place': 'pet-place',
  'wheelchair-place': 'wheelchair-place',
  bedside: 'bedside',
  heater: 'heater',
}

/** Findings that are about a need as such, not about where its fitting stands. */
function against(demand: ResolvedDemand, findings: readonly Finding[]): readonly Finding[] {
  return findings.filter((finding) => {
    switch (finding.code) {
      case 'gear-too-long':
      case 'gear-no-room':
      case 'service-missing':
      case 'turning-small':
        return finding.facts.demandId === demand.id
      case 'berth-short':
      case 'berth-narrow':
      case 'berths-few':
        return demand.need === 'berth'
      case 'belts-few':
        return demand.need === 'belt'
      case 'table-few':
        return demand.need === 'table-seat'
      default:
        return false
    }
  })
}

/** How many boxes outside take a piece of that size, lying as it will. */
function outsideRoom(scene: Scene, sizeMm: readonly number[]): number {
  const sorted = (sides: readonly number[]) => [...sides].sort((a, b) => b - a)
  const wanted = sorted(sizeMm)
  return scene.placed
    .flatMap(({ services }) => services)
    .filter(({ type, inside }) => {
      if (type !== 'outside-store' || inside === undefined) return false
      const { x, y, z } = prismBounds(inside)
      const room = sorted([x.max - x.min, y.max - y.min, z.max - z.min])
      return wanted.every((side, index) => side <= room[index]!)
    }).length
}

/** Every demand of the job, biggest first, held against the scenes of one variant and its findings. */
export function demandStates(
  brief: Parameters<typeof demandsOf>[0],
  scenes: readonly Scene[],
  findings: readonly Finding[],
): readonly DemandState[] {
  /** What demands before took of each service, mode by mode: two beds asked for are not met by one. */
  const taken = new Map<string, number>()
  return demandsOf(brief).map((demand): DemandState => {
    const found = against(demand, findings)
    if (demand.need === 'stowage')
      return {
        demand,
        offered: found.length === 0 ? demand.quantity : 0,
        findings: found,
        state: found.length === 0 ? 'met' : 'missing',
      }
    if (demand.need === 'outside-store') {
      const most = Math.max(0, ...scenes.map((scene) => outsideRoom(scene, demand.sizeMm)))
      const state = most >= demand.quantity ? 'met' : most === 0 ? 'missing' : 'short'
      return { demand, offered: most, findings: found, state }
    }
    const type = SERVICE[demand.need]
    if (type === undefined) {
      const checked = demand.need === 'turning-circle'
      return {
        demand,
        offered: 0,
        findings: found,
        state: found.length > 0 ? 'short' : checked && scenes.length > 0 ? 'met' : 'by-hand',
      }
    }
    const inScene = (scene: Scene): number =>
      type === 'seat'
        ? seatsOffered(scene)
        : type === 'table-place'
          ? tablePlacesOffered(scene)
          : offered(scene, type) + (type === 'belt' ? cabBelts(scene) : 0)
    const best = (within: readonly Scene[]): number => Math.max(0, ...within.map(inScene))
    // it must hold in each of its modes; tanks stand in all alike
    const whole =
      demand.unit === 'litres'
        ? best(scenes)
        : Math.min(...demand.purposes.map((purpose) => best(scenes.filter((scene) => scene.purpose === purpose))))
    const most = Math.max(0, whole - (taken.get(type) ?? 0))
    const enough = type === 'cold-box' ? Math.min(most, demand.quantity) : most
    taken.set(type, (taken.get(type) ?? 0) + Math.min(enough, demand.quantity))
    const state = enough >= demand.quantity && found.length === 0 ? 'met' : most === 0 ? 'missing' : 'short'
    return { demand, offered: most, findings: found, state }
  })
}
