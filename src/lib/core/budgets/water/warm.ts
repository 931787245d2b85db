/** What a litre of water takes for a kelvin, kJ. Handbook value. */
const KJ_PER_L_K = 4.186
/** Water as it comes, in the store, and at the tap, °C. Common practice, no source. */
export const COLD_C = 12
export const STORE_C = 60
export const TAP_C = 38

/** What some litres take to be warmed, kWh. */
export const heatKwh = (litres: number, fromC: number, toC: number): number =>
  (litres * KJ_PER_L_K * Math.max(0, toC - fromC)) / 3600

/** How many litres at the tap a store gives once: what is hot mixed with what is cold. */
export const litresAtTap = (litres: number, storeC = STORE_C, coldC = COLD_C, tapC = TAP_C): number =>
  storeC <= tapC ? litres : (litres * (storeC - coldC)) / (tapC - coldC)

/** How long a heater of so many watts takes to warm a store, minutes. */
export const minutesToHeat = (litres: number, watts: number, fromC = COLD_C, toC = STORE_C): number =>
  watts <= 0 ? Infinity : (heatKwh(litres, fromC, toC) * 60_000) / watts
