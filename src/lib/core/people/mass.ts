import { GROWN_UP_YEARS, medianStatureMm } from './growth'

/** Body-mass index taken for an adult of each build, kg/m². WHO: 18.5 to 25 is normal, 30 obese (from memory). */
const ADULT_BMI = { slight: 20, usual: 24, broad: 29 } as const
type Build = keyof typeof ADULT_BMI

/**
 * Median body-mass index by age in whole years, the mean of boys and girls: WHO Child Growth Standards 2006 and
 * Growth Reference 2007 (from memory).
 */
const CHILD_BMI = [
  13.4, 16.6, 15.9, 15.5, 15.3, 15.3, 15.3, 15.5, 15.7, 16.0, 16.5, 17.0, 17.7, 18.5, 19.3, 20.0, 20.6, 21.0, 21.5,
  21.8,
] as const

/** The age at which so tall a child is of the median stature, in years. */
function yearsAt(statureMm: number): number {
  let [low, high] = [0, GROWN_UP_YEARS]
  while (high - low > 0.01) {
    const middle = (low + high) / 2
    if (medianStatureMm(middle) < statureMm) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/**
 * Mass of a body in kg, by stature and build. One who is not grown up is taken as old as the median child of that stature.
 * @throws RangeError if the stature is not positive.
 */
export function bodyMassKg(statureMm: number, isGrownUp: boolean, build: Build = 'usual'): number {
  if (!(statureMm > 0)) throw new RangeError(`a stature must be positive, got ${statureMm}`)
  const squareM = (statureMm / 1000) ** 2
  if (isGrownUp) return ADULT_BMI[build] * squareM
  const years = yearsAt(statureMm)
  const at = Math.min(Math.floor(years), CHILD_BMI.length - 2)
  const [low, high] = [CHILD_BMI[at]!, CHILD_BMI[at + 1]!]
  const share = ADULT_BMI[build] / ADULT_BMI.usual
  return (low + (high - low) * (years - at)) * share * squareM
}
