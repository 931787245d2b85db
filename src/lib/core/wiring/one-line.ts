import type { Source, Wire } from './lay'

/** From what gives to what takes: in this order a one-line diagram is read. */
const ORDER: readonly Source[] = ['battery', 'engine', 'controller', 'panel', 'board', 'inlet', 'inverter']

/** A wire with its number in the schedule. */
export interface Numbered {
  readonly wire: Wire
  readonly number: number
}

/** The one-line diagram: what begins at each source, by its number in the schedule; each wire once. */
export const oneLine = (
  wires: readonly Wire[],
): readonly { readonly source: Source; readonly wires: readonly Numbered[] }[] =>
  ORDER.map((source) => ({
    source,
    wires: wires.flatMap((wire, index) => (wire.source === source ? [{ wire, number: index + 1 }] : [])),
  })).filter(({ wires: those }) => those.length > 0)
