/** What of the days of a month is brighter and what darker than its mean. */

const DARKEST = 0.05

/** The clearest day of a month of a mean clearness. Bendt, Collares-Pereira and Rabl 1981, as remembered. */
const clearest = (mean: number): number => Math.max(mean + 0.02, 0.6313 + 0.267 * mean - 11.9 * (mean - 0.75) ** 8)

/** Clearness below which a share of the days of a month lies. Bendt, Collares-Pereira and Rabl 1981 with Herzog’s exponent, as remembered. */
export function clearnessAt(mean: number, share: number): number {
  const most = clearest(mean)
  const xi = (most - DARKEST) / (most - mean)
  const gamma = -1.498 + (1.184 * xi - 27.182 * Math.exp(-1.5 * xi)) / (most - DARKEST)
  if (Math.abs(gamma) < 1e-6) return DARKEST + share * (most - DARKEST)
  return Math.log((1 - share) * Math.exp(gamma * DARKEST) + share * Math.exp(gamma * most)) / gamma
}

/** In which order the days of a month follow each other, from the darkest, 1, to the clearest, 31: grey ones come together. Knight, Klein and Duffie 1991, as remembered. */
const ORDER = {
  grey: [
    24, 28, 11, 19, 18, 3, 2, 4, 9, 20, 14, 23, 8, 16, 21, 26, 15, 10, 22, 17, 5, 1, 6, 29, 12, 7, 31, 30, 27, 13, 25,
  ],
  mixed: [
    24, 27, 11, 19, 18, 3, 2, 4, 9, 20, 14, 23, 8, 16, 21, 7, 22, 10, 28, 6, 5, 1, 26, 29, 12, 17, 31, 30, 15, 13, 25,
  ],
  clear: [
    24, 27, 11, 4, 18, 3, 2, 19, 9, 25, 14, 23, 8, 16, 21, 26, 22, 10, 15, 17, 5, 1, 6, 29, 12, 7, 31, 20, 28, 13, 30,
  ],
} as const

/** The days of a month one after the other, as clearness, with the mean that is asked for. */
export function daysOfMonth(mean: number, length: number): readonly number[] {
  const order = mean <= 0.45 ? ORDER.grey : mean < 0.55 ? ORDER.mixed : ORDER.clear
  const ranks = order.slice(0, length)
  const raw = ranks.map((rank) => clearnessAt(mean, (rank - 0.5) / order.length))
  const off = mean / (raw.reduce((sum, one) => sum + one, 0) / length)
  return raw.map((one) => Math.min(0.85, one * off))
}
