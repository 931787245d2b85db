import type { MaterialId } from '../materials'
import { massOfPart, type FittingKind, type Parameters } from './contract'

/** Boards that a joiner cuts on the spot. */
const SAWN: ReadonlySet<MaterialId> = new Set(['birchPly', 'sprucePly', 'poplarPly', 'softwood'])

/**
 * Whether a kind that stands whole could be built in place and cut to the wall instead: it is made of boards, for the greater part of its
 * mass. Common practice, no source: what a joiner builds can be cut, what is bought cannot.
 */
export function mayBeCut(kind: FittingKind, parameters: Parameters): boolean {
  if (!kind.solids(parameters, kind.stances[0]).some(({ fit }) => fit === 'rigid')) return false
  let [sawn, all] = [0, 0]
  for (const part of kind.parts(parameters)) {
    const kg = massOfPart(part)
    all += kg
    if (!('kg' in part) && SAWN.has(part.material)) sawn += kg
  }
  return sawn > all / 2
}
