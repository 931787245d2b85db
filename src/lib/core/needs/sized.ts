import type { Need, ResolvedDemand } from '../brief'
import { defaultsOf, footprintOf, kindOf, kindOfMade, KINDS, letOut, withHandle, type Made } from '../fittings'
import { NEED_TABLE, type Sizing } from './table'

/** The fitting that a need becomes, as its kind usually is; undefined where no fitting meets it. */
export function firstFor(need: Need): Made | undefined {
  const { first } = NEED_TABLE[need]
  return first === undefined ? undefined : { kind: first, parameters: defaultsOf(kindOf(first)) }
}

const grown = (made: Made, sizing: Sizing): Made =>
  'value' in sizing ? withHandle(made, sizing.handle, sizing.value) : letOut(made, sizing.handle, sizing.until)

/** A kind that meets a demand, as near to the size that it asks for as that kind goes. */
const asKind = (demand: ResolvedDemand, kind: string): Made =>
  NEED_TABLE[demand.need].sized(demand).reduce(grown, { kind, parameters: defaultsOf(kindOf(kind)) })

/** Every kind that meets a demand, the usual one first, each as near to the size that it asks for as it goes. */
export function choicesOf(demand: ResolvedDemand): readonly Made[] {
  const { first } = NEED_TABLE[demand.need]
  const kinds = KINDS.flatMap(({ id, meets }) => (id !== first && meets.includes(demand.need) ? [id] : []))
  return [...(first === undefined ? [] : [first]), ...kinds].map((kind) => asKind(demand, kind))
}

/** The fitting that meets a demand, as near to the size that it asks for as its kind goes; undefined where no kind meets it. */
export function fittingFor(demand: ResolvedDemand): Made | undefined {
  const { first } = NEED_TABLE[demand.need]
  return first === undefined ? undefined : asKind(demand, first)
}

/** So many other kinds are tried. */
const MOST_OTHERS = 4

/** Other kinds that meet a need, with their usual figures, the smallest first. */
export function smallerFor(need: Need, made: Made): readonly Made[] {
  const first = kindOfMade(made)
  const area = (made: Made): number => {
    const { lengthMm, depthMm } = footprintOf(made)
    return lengthMm * depthMm
  }
  return KINDS.filter((kind) => kind !== first && kind.meets.includes(need) && kind.home.up.from !== 'under-floor')
    .map(({ id }): Made => ({ kind: id, parameters: defaultsOf(kindOf(id)) }))
    .sort((a, b) => area(a) - area(b))
    .slice(0, MOST_OTHERS)
}
