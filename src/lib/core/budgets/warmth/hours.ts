/** A body as one lump of heat: what it stores and what it loses. */
export interface Lump {
  /** Wh for each kelvin. */
  readonly whK: number
  readonly wk: number
}

/** The temperature after some hours with so many watts in it, °C: exact for watts and cold that stay. */
export function after({ whK, wk }: Lump, fromC: number, outsideC: number, watts: number, hours: number): number {
  const endC = outsideC + watts / wk
  return endC + (fromC - endC) * Math.exp((-hours * wk) / whK)
}

/** How long so many watts take from one temperature to another, minutes; Infinity where they never get there. */
export function minutesTo({ whK, wk }: Lump, fromC: number, toC: number, outsideC: number, watts: number): number {
  const endC = outsideC + watts / wk
  if (endC <= toC) return Infinity
  return fromC >= toC ? 0 : (60 * whK * Math.log((endC - fromC) / (endC - toC))) / wk
}

export interface Hour {
  readonly insideC: number
  /** Of the heater, W on the mean of the hour. */
  readonly heatW: number
}

/**
 * Goes through hours of cold with a heater that holds a temperature wherever it may: `heated` says in which. What people and things give off counts
 * as heat, and nothing is cooled.
 */
export function throughHours(
  lump: Lump,
  outsideC: ArrayLike<number>,
  ask: { readonly fromC: number; readonly heldC: number; readonly mostW: number; readonly gainW: number },
  heated: (at: number) => boolean,
): readonly Hour[] {
  const went: Hour[] = []
  let c = ask.fromC
  for (let at = 0; at < outsideC.length; at += 1) {
    const out = outsideC[at] ?? 0
    const drifts = after(lump, c, out, ask.gainW, 1)
    if (!heated(at) || drifts >= ask.heldC) {
      c = drifts
      went.push({ insideC: c, heatW: 0 })
      continue
    }
    // what ends the hour at the temperature that is held: exact, as the lump is linear in its watts
    const share = 1 - Math.exp(-lump.wk / lump.whK)
    const wanted = ((ask.heldC - drifts) * lump.wk) / share
    const heatW = Math.min(ask.mostW, Math.max(0, wanted))
    c = after(lump, c, out, ask.gainW + heatW, 1)
    went.push({ insideC: c, heatW })
  }
  return went
}
