import { type Made, partsOf, servicesOf, solidsOf, stancesOf } from './of'
import { materialOf } from '../materials'
import { kindOf } from './registry'
import { massOfPart, type ServiceType } from './contract'

/** Whether a thing is cut to the wall and roof where it stands: as the plan says, else as its kind is usually built. */
export const isCut = (fitting: Made & { readonly cut?: boolean }): boolean =>
  fitting.cut ?? kindOf(fitting.kind).isBuiltIn === true

/** What holds a body has a size of its own, and so has a mattress: neither is cut. */
const LAIN_ON: ReadonlySet<ServiceType> = new Set(['berth', 'cot', 'seat', 'belt', 'pet-place', 'wheelchair-place'])

/**
 * Whether a kind that stands whole could be built in place and cut to the wall instead: it is made of boards, for the greater part of its
 * mass. Common practice, no source: what a joiner builds can be cut, what is bought cannot.
 */
export function mayBeCut(made: Made): boolean {
  const [stance] = stancesOf(made)
  if (!solidsOf(made, stance).some(({ fit }) => fit === 'rigid' || fit === 'notched')) return false
  if (servicesOf(made, stance).some(({ type }) => LAIN_ON.has(type))) return false
  let [sawn, all] = [0, 0]
  for (const part of partsOf(made)) {
    const kg = massOfPart(part)
    all += kg
    if (!('kg' in part) && materialOf(part.material).isSawn) sawn += kg
  }
  return sawn > all / 2
}
