/** A month’s weather: what share of the sun comes through the air, and how warm it is outside. */
export interface MonthOfWeather {
  readonly clearness: number
  readonly meanC: number
  /** From the coldest to the warmest of a usual day, K. */
  readonly swingK: number
}

/** January to December as they are north of the equator; south of it they are half a year later. */
const months = (clearness: readonly number[], meanC: readonly number[], swingK: number): readonly MonthOfWeather[] =>
  clearness.map((one, month) => ({ clearness: one, meanC: meanC[month] ?? 0, swingK }))

/** Weather of no place but of its kind: typical, common practice, no source. What was measured takes its place. */
export const CLIMATES = {
  desert: months(
    [0.62, 0.64, 0.66, 0.68, 0.7, 0.73, 0.7, 0.69, 0.69, 0.67, 0.64, 0.61],
    [12, 15, 18, 23, 28, 33, 35, 34, 30, 24, 17, 12],
    15,
  ),
  'dry-summers': months(
    [0.48, 0.5, 0.53, 0.55, 0.58, 0.62, 0.66, 0.64, 0.6, 0.54, 0.49, 0.46],
    [10, 11, 13, 15, 19, 23, 26, 26, 23, 19, 14, 11],
    9,
  ),
  'grey-coast': months(
    [0.32, 0.37, 0.41, 0.45, 0.46, 0.46, 0.46, 0.45, 0.43, 0.38, 0.33, 0.3],
    [6, 6, 8, 10, 13, 16, 18, 18, 16, 12, 9, 7],
    6,
  ),
  'wet-summers': months(
    [0.33, 0.39, 0.44, 0.47, 0.48, 0.49, 0.5, 0.49, 0.46, 0.4, 0.32, 0.29],
    [0, 1, 5, 9, 14, 17, 19, 19, 15, 10, 4, 1],
    8,
  ),
  mountain: months(
    [0.5, 0.53, 0.54, 0.52, 0.5, 0.51, 0.54, 0.53, 0.53, 0.51, 0.48, 0.47],
    [-5, -4, -1, 3, 8, 12, 14, 14, 10, 6, 0, -4],
    10,
  ),
  'cold-inland': months(
    [0.5, 0.54, 0.54, 0.53, 0.53, 0.54, 0.57, 0.56, 0.52, 0.47, 0.42, 0.44],
    [-13, -10, -4, 4, 11, 16, 19, 18, 12, 5, -4, -11],
    11,
  ),
  'warm-and-wet': months(
    [0.47, 0.49, 0.5, 0.52, 0.52, 0.51, 0.49, 0.5, 0.5, 0.51, 0.49, 0.46],
    [10, 12, 16, 19, 23, 27, 28, 28, 25, 20, 15, 11],
    10,
  ),
  tropics: months(
    [0.5, 0.52, 0.51, 0.49, 0.46, 0.44, 0.44, 0.45, 0.46, 0.46, 0.46, 0.48],
    [26, 27, 27, 28, 28, 27, 27, 27, 27, 27, 27, 26],
    8,
  ),
  'dark-north': months(
    [0.3, 0.38, 0.46, 0.49, 0.51, 0.52, 0.51, 0.48, 0.43, 0.36, 0.28, 0.22],
    [-5, -5, -1, 4, 10, 14, 17, 15, 11, 6, 0, -3],
    7,
  ),
} as const satisfies Readonly<Record<string, readonly MonthOfWeather[]>>
export type ClimateId = keyof typeof CLIMATES
export const CLIMATE_IDS = Object.keys(CLIMATES) as [ClimateId, ...ClimateId[]]

/** Where each is usual, degrees from the equator. */
const USUAL_AT: Readonly<Record<ClimateId, readonly [number, number]>> = {
  desert: [20, 36],
  'dry-summers': [33, 44],
  'grey-coast': [43, 57],
  'wet-summers': [44, 56],
  mountain: [38, 48],
  'cold-inland': [44, 60],
  'warm-and-wet': [22, 36],
  tropics: [0, 20],
  'dark-north': [57, 80],
}

/** The climate that is likeliest where it gets so cold and so hot at a latitude. */
export function likelyClimate(latitudeDeg: number, coldestC: number, hottestC: number): ClimateId {
  const far = Math.abs(latitudeDeg)
  const offBy = (id: ClimateId): number => {
    const [from, to] = USUAL_AT[id]
    const means = CLIMATES[id].map(({ meanC }) => meanC)
    const { swingK } = CLIMATES[id][0]!
    // the coldest night and the hottest day are some degrees beyond those of a usual day of their month
    const coldest = Math.min(...means) - swingK / 2 - 5
    const hottest = Math.max(...means) + swingK / 2 + 5
    const outside = Math.max(0, from - far, far - to)
    return outside + Math.abs(coldest - coldestC) / 2 + Math.abs(hottest - hottestC) / 2
  }
  return CLIMATE_IDS.reduce((best, id) => (offBy(id) < offBy(best) ? id : best))
}
