import type { Purpose } from '../brief'
import type { ServiceType } from '../fittings'
import type { Placed, PlacedClearance, Scene } from './scene'

/** In which modes each service is used. */
const USED_IN: Record<ServiceType, readonly Purpose[]> = {
  berth: ['sleeping'],
  seat: ['living'],
  belt: ['driving'],
  'table-place': ['living'],
  worktop: ['living'],
  basin: ['living'],
  hob: ['living'],
  oven: ['living'],
  'cold-box': ['living'],
  toilet: ['living', 'sleeping'],
  shower: ['living'],
  desk: ['living'],
  stowage: ['living'],
  tank: [],
  cot: ['sleeping'],
  'pet-place': ['driving'],
  'wheelchair-place': ['driving'],
  bedside: [],
  heater: [],
  'outside-store': [],
  waste: [],
  power: [],
  socket: [],
  air: [],
}

/** The services of a fitting that are used in the scene's mode. */
export const usedServices = (scene: Scene, placed: Placed): readonly ServiceType[] =>
  placed.services.map((service) => service.type).filter((type) => USED_IN[type].includes(scene.purpose))

/** The clearances of a fitting that must be free in the scene's mode. */
export function neededClearances(scene: Scene, placed: Placed): readonly PlacedClearance[] {
  const used = usedServices(scene, placed)
  return placed.clearances.filter((clearance) => clearance.serves.some((type) => used.includes(type)))
}
