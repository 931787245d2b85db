/** Something of a sum: always there, or such as may be. */
export interface Addend {
  readonly id: string
  readonly value: number
  readonly may: boolean
}

/** The heaviest sum, and what of all that may be there makes it: the rest only takes from it. */
export interface Heaviest {
  readonly value: number
  readonly aboard: readonly string[]
  readonly ashore: readonly string[]
}

/**
 * The largest sum over everything that may or may not be there: exact, as each adds to it or takes from it whatever the others do.
 */
export function heaviest(addends: readonly Addend[]): Heaviest {
  let value = 0
  const aboard: string[] = []
  const ashore: string[] = []
  for (const { id, value: own, may } of addends) {
    if (!may) value += own
    else if (own > 0) {
      value += own
      aboard.push(id)
    } else if (own < 0) ashore.push(id)
  }
  return { value, aboard, ashore }
}

/** A part of a whole: how much of it counts, such as what of a mass is on the front axle. */
export interface Portion {
  readonly id: string
  readonly part: number
  readonly whole: number
  readonly may: boolean
}

/**
 * The least share that the parts can have of the whole, over everything that may or may not be there. Exact: whatever brings its own share below
 * that of all the others lowers it, so the lowest shares are taken one by one while they do.
 */
export function leastShare(portions: readonly Portion[]): Heaviest {
  let [part, whole] = [0, 0]
  for (const one of portions)
    if (!one.may) {
      part += one.part
      whole += one.whole
    }
  const optional = portions
    .filter(({ may, whole: own }) => may && own > 0)
    .sort((a, b) => a.part / a.whole - b.part / b.whole)
  const aboard: string[] = []
  for (const one of optional) {
    if (whole > 0 && one.part / one.whole >= part / whole) break
    part += one.part
    whole += one.whole
    aboard.push(one.id)
  }
  return {
    value: whole === 0 ? 0 : part / whole,
    aboard,
    ashore: optional.map(({ id }) => id).filter((id) => !aboard.includes(id)),
  }
}
