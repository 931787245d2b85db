import type { Vec3 } from '../../geometry'
import type { Axles } from './vehicle'

export const WHEELS = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const
export type Wheel = (typeof WHEELS)[number]

/**
 * Share of a mass that stands on the front axle, by the moments about the rear one: below 0 where it lies behind the rear axle, above 1 where
 * it lies before the front one. A mass m at a distance a ahead of the rear axle of a wheelbase L puts m·a/L on the front.
 */
export const frontShareOf = ({ rearXMm, wheelbaseMm }: Axles, [x]: Vec3): number => (x - rearXMm) / wheelbaseMm

/** Share of a mass on the left wheels, by the track, the same on both axles: a body that does not twist. */
export const leftShareOf = (trackMm: number, [, y]: Vec3): number => 0.5 + y / trackMm

/** Share of a mass on each wheel, in the order of `WHEELS`. */
export function wheelSharesOf(axles: Axles, trackMm: number, at: Vec3): readonly [number, number, number, number] {
  const [front, left] = [frontShareOf(axles, at), leftShareOf(trackMm, at)]
  return [front * left, front * (1 - left), (1 - front) * left, (1 - front) * (1 - left)]
}
