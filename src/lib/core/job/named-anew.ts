import { fittingsWithNewNames } from '../fittings'
import { isTree } from './patch'

/**
 * A document, checked or not, in which fittings have the parameters of today; itself where they do. A patch of an old journal
 * writes a name of its day beside that of today.
 */
export function namedAnew<T>(document: T): T {
  if (!isTree(document) || !isTree(document.variants)) return document
  let isSame = true
  const variants = Object.entries(document.variants).map(([id, variant]): [string, unknown] => {
    if (!isTree(variant) || !isTree(variant.plan)) return [id, variant]
    const fittings = fittingsWithNewNames(variant.plan.fittings)
    if (fittings === variant.plan.fittings) return [id, variant]
    isSame = false
    return [id, { ...variant, plan: { ...variant.plan, fittings } }]
  })
  return isSame ? document : ({ ...document, variants: Object.fromEntries(variants) } as T)
}
