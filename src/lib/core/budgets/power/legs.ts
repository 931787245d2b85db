import { answer, type Brief } from '../../brief'
import type { Job, Leg } from '../../job'
import { likelyClimate } from '../../sky'

const MONTHS = 12
const ALWAYS_AWAY = 31

/** Where it is where nobody said: all the year as the brief has it. */
export function usualLeg(brief: Brief): Leg {
  const latitudeDeg = answer(brief, 'latitudeDeg')
  const off = answer(brief, 'offHookUpPercent')
  const between = Math.round(answer(brief, 'nightsBetweenPower'))
  return {
    from: 1,
    to: MONTHS,
    latitudeDeg,
    climate: likelyClimate(latitudeDeg, answer(brief, 'coldestC'), answer(brief, 'hottestC')),
    nights: Math.min(ALWAYS_AWAY, Math.round(answer(brief, 'nightsPerYear') / MONTHS)),
    drivingHours: answer(brief, 'drivingHours'),
    hookUpEvery: off >= 100 ? 0 : off <= 0 ? 1 : between + 1,
  }
}

const isIn = ({ from, to }: Leg, month: number): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to

/** The part of the year that each month belongs to; the usual where none was said for it. */
export function legsByMonth(job: Pick<Job, 'brief' | 'power'>): readonly Leg[] {
  const said = Object.values(job.power?.legs ?? {})
  const usual = usualLeg(job.brief)
  return Array.from({ length: MONTHS }, (_, at) => said.find((leg) => isIn(leg, at + 1)) ?? usual)
}
