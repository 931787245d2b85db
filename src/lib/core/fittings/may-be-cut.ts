import type { MaterialId } from '../materials'
import { massOfPart, type FittingKind, type Parameters, type ServiceType } from './contract'

/** Boards that a joiner cuts on the spot. */
const SAWN: ReadonlySet<MaterialId> = new Set(['birchPly', 'sprucePly', 'poplarPly', 'softwood'])

/** What holds a body has a size of its own, and so has a mattress: neither is cut. */
const LAIN_ON: ReadonlySet<ServiceType> = new Set(['berth', 'cot', 'seat', 'belt', 'pet-place', 'wheelchair-place'])

/**
 * Whether a kind that stands whole could be built in place and cut to the wall instead: it is made of boards, for the greater part of its
 * mass. Common practice, no source: what a joiner builds can be cut, what is bought cannot.
 */
export function mayBeCut(kind: FittingKind, parameters: Parameters): boolean {
  const [stance] = kind.stances
  if (!kind.solids(parameters, stance).some(({ fit }) => fit === 'rigid')) return false
  if (kind.services(parameters, stance).some(({ type }) => LAIN_ON.has(type))) return false
  let [sawn, all] = [0, 0]
  for (const part of kind.parts(parameters)) {
    const kg = massOfPart(part)
    all += kg
    if (!('kg' in part) && SAWN.has(part.material)) sawn += kg
  }
  return sawn > all / 2
}
