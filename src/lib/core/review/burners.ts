import type { Placed } from '../scene'

/** What holds the gas. */
export const BOTTLES: ReadonlySet<string> = new Set(['gas-locker', 'gas-under'])

/** What burns gas: hobs and heaters by their fuel, a galley with a hob, and an oven. */
export const burnsGas = ({ kind, fitting: { parameters } }: Placed): boolean =>
  kind.cautions(parameters).includes('gas') &&
  !BOTTLES.has(kind.id) &&
  (parameters.fuel ?? parameters.heatedBy ?? 'gas') === 'gas'

/** What has a flame, of gas or of another fuel, and so may make carbon monoxide. */
export const hasFlame = (placed: Placed): boolean => burnsGas(placed) || placed.fitting.parameters.fuel === 'diesel'
