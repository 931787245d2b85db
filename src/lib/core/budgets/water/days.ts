/** What a plan holds of water and what is done with it. */
export interface WaterDays {
  /** Of each tank for fresh water, L; the first is emptied first. */
  readonly fresh: readonly number[]
  readonly wasteL: number
  /** Used in a day, and what of it runs into the waste tank. */
  readonly dayL: number
  readonly wasteADayL: number
  /** From one filling to the next, days; the waste is emptied then too. 0: filled once. */
  readonly fillEvery: number
}

/** A day of it, as it stands in the evening. */
export interface WaterDay {
  readonly fresh: readonly number[]
  readonly wasteL: number
  readonly usedL: number
  /** Wanted, and there was none. */
  readonly missedL: number
  /** Filled in the morning, and let out. */
  readonly filledL: number
  readonly emptiedL: number
  /** Ran in with the tank full. */
  readonly overL: number
}

/** Goes through some days. On the first morning everything is full and the waste empty. */
export function throughDays(
  { fresh, wasteL: mostWasteL, dayL, wasteADayL, fillEvery }: WaterDays,
  days: number,
): readonly WaterDay[] {
  const went: WaterDay[] = []
  let held = [...fresh]
  let waste = 0
  for (let day = 0; day < days; day += 1) {
    const fills = day > 0 && fillEvery > 0 && day % fillEvery === 0
    const filledL = fills ? fresh.reduce((sum, most, at) => sum + most - (held[at] ?? 0), 0) : 0
    const emptiedL = fills ? waste : 0
    if (fills) [held, waste] = [[...fresh], 0]
    let wanted = dayL
    held = held.map((litres) => {
      const taken = Math.min(litres, wanted)
      wanted -= taken
      return litres - taken
    })
    const usedL = dayL - wanted
    const ranIn = dayL === 0 ? 0 : (wasteADayL * usedL) / dayL
    const overL = Math.max(0, waste + ranIn - mostWasteL)
    waste += ranIn - overL
    went.push({ fresh: held, wasteL: waste, usedL, missedL: wanted, filledL, emptiedL, overL })
  }
  return went
}
