import type { Person } from '../brief'
import type { PlacedService, Scene } from './scene'

export type Berth = PlacedService & { readonly lying: NonNullable<PlacedService['lying']> }

export const servicesOf = (scene: Scene): readonly PlacedService[] => scene.placed.flatMap((placed) => placed.services)

export const berthsOf = (scene: Scene): readonly Berth[] =>
  servicesOf(scene).filter((service): service is Berth => service.type === 'berth' && service.lying !== undefined)

/** How much of a service a scene offers: places, pieces, litres. */
export const offered = (scene: Scene, type: PlacedService['type']): number =>
  servicesOf(scene).reduce((sum, service) => (service.type === type ? sum + service.quantity : sum), 0)

/** Belts of the cab that stay as they are. */
export const cabBelts = (scene: Scene): number => scene.interior.shell.cabSeats.filter((seat) => seat.belt).length

export interface Night {
  readonly berth: Berth
  readonly sleepers: readonly Person[]
}

/**
 * Who sleeps where: the tallest in the longest berth, as many as it takes, and so on. Where there are too few berths for all,
 * those who fit one get it before those who are too tall for it. Those left over have no berth.
 */
export function assignBerths(
  scene: Scene,
  sleepers: readonly Person[],
): { nights: readonly Night[]; without: readonly Person[] } {
  const waiting = [...sleepers].sort((a, b) => b.statureMm - a.statureMm)
  const berths = [...berthsOf(scene)].sort((a, b) => b.lying.lengthMm - a.lying.lengthMm)
  const tooFew = berths.reduce((sum, { quantity }) => sum + quantity, 0) < waiting.length
  const nights = berths.map((berth) => {
    const fitting = tooFew ? waiting.filter(({ statureMm }) => statureMm <= berth.lying.lengthMm) : []
    const taken = [...fitting, ...waiting.filter((person) => !fitting.includes(person))].slice(0, berth.quantity)
    for (const person of taken) waiting.splice(waiting.indexOf(person), 1)
    return { berth, sleepers: taken }
  })
  return { nights, without: waiting }
}
