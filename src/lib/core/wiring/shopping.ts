import type { WirePart } from '../job'
import type { Wire } from './lay'
import type { Wiring } from './wiring'

/** What is bought for some circuits. */
interface Bought {
  /** Single wires, out and back, with a tenth over. */
  readonly wire: readonly { readonly mm2: number; readonly metres: number }[]
  readonly fuses: readonly { readonly amps: number; readonly count: number }[]
  readonly besides: readonly {
    readonly what: WirePart
    readonly count: number
  }[]
}

/** Cut off, turned, and pulled too long. Common practice, no source. */
const OVER = 1.1

function counted<K>(keys: readonly K[]): readonly (readonly [K, number])[] {
  const counts = new Map<K, number>()
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1)
  return [...counts]
}

/** How many of a part go with a wire: what is always on has a switch each, so that one can be put out without the others. */
export const piecesOf = ({ what, serves }: Pick<Wire, 'what' | 'serves'>, part: WirePart): number =>
  what === 'always-on' && part === 'switch' ? Math.max(1, serves.length) : 1

/** The wire by its section, the fuses by their rating, switches and the like by their number. */
export function shoppingOf({ wires }: Wiring): Bought {
  const metres = new Map<number, number>()
  for (const { sized, route } of wires) {
    if (sized === undefined || route === undefined) continue
    const { mm2 } = sized.conductor
    metres.set(mm2, (metres.get(mm2) ?? 0) + (2 * route.lengthMm * OVER) / 1000)
  }
  return {
    wire: [...metres].sort(([a], [b]) => a - b).map(([mm2, all]) => ({ mm2, metres: Math.ceil(all) })),
    fuses: counted(wires.flatMap(({ sized }) => (sized === undefined ? [] : [sized.fuseA])))
      .toSorted(([a], [b]) => a - b)
      .map(([amps, count]) => ({ amps, count })),
    besides: counted(
      wires.flatMap((wire) => wire.wants.flatMap((want) => Array.from({ length: piecesOf(wire, want) }, () => want))),
    ).map(([what, count]) => ({ what, count })),
  }
}
