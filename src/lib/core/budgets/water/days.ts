/** Water that is used from its own tanks. */
interface Store {
  /** Of each tank, L; the first is emptied first. */
  readonly litres: readonly number[]
  /** Used in a day, and what of it runs into the waste tank. */
  readonly dayL: number
  readonly wasteADayL: number
}

/** What a plan holds of water and what is done with it. */
export interface WaterDays {
  readonly fresh: Store
  /** Kept apart for drinking and cooking; none where all is drawn from the same. */
  readonly drinking?: Store
  readonly wasteL: number
  /** Whether it is filled in the morning of a day, some days after the last filling; the waste is emptied then too. */
  readonly fills: (day: number, since: number) => boolean
}

/** A day of it, as it stands in the evening. */
export interface WaterDay {
  readonly fresh: readonly number[]
  readonly drinking: readonly number[]
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

const NONE: Store = { litres: [], dayL: 0, wasteADayL: 0 }
const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0)

/** What is left in tanks after so much was wanted, and how much of it they gave. */
function drawn(held: readonly number[], wantedL: number): { readonly left: readonly number[]; readonly gaveL: number } {
  let wanted = wantedL
  const left = held.map((litres) => {
    const taken = Math.min(litres, wanted)
    wanted -= taken
    return litres - taken
  })
  return { left, gaveL: wantedL - wanted }
}

/** So many days in a row, over and over. */
export const everyDays =
  (days: number): WaterDays['fills'] =>
  (_, since) =>
    days > 0 && since >= days

/** Goes through some days. On the first morning everything is full and the waste empty. */
export function throughDays(
  { fresh, drinking = NONE, wasteL: mostWasteL, fills }: WaterDays,
  days: number,
): readonly WaterDay[] {
  const went: WaterDay[] = []
  const stores = [fresh, drinking]
  let held = stores.map(({ litres }) => litres)
  let [waste, since] = [0, 0]
  for (let day = 0; day < days; day += 1) {
    const isFilled = day > 0 && fills(day, since)
    const full = sum(stores.flatMap(({ litres }) => litres))
    const filledL = isFilled ? full - sum(held.flat()) : 0
    const emptiedL = isFilled ? waste : 0
    if (isFilled) [held, waste, since] = [stores.map(({ litres }) => litres), 0, 0]
    since += 1
    const went1 = stores.map((store, at) => ({ store, ...drawn(held[at] ?? [], store.dayL) }))
    held = went1.map(({ left }) => left)
    const usedL = sum(went1.map(({ gaveL }) => gaveL))
    const ranIn = sum(went1.map(({ store, gaveL }) => (store.dayL === 0 ? 0 : (store.wasteADayL * gaveL) / store.dayL)))
    const overL = Math.max(0, waste + ranIn - mostWasteL)
    waste += ranIn - overL
    went.push({
      fresh: held[0] ?? [],
      drinking: held[1] ?? [],
      wasteL: waste,
      usedL,
      missedL: fresh.dayL + drinking.dayL - usedL,
      filledL,
      emptiedL,
      overL,
    })
  }
  return went
}
