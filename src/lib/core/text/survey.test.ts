import { describe, expect, it } from 'vitest'
import { GENERIC_SHELLS } from '../shells'
import { checksOf, frameOf, MEASURE_GROUPS, measuresOf, type Check } from '../survey'
import { newSurvey, type Survey } from '../readings'
import { MEASURE_GROUP_WORDS, sayCheck, sayMeasure } from './index'

const surveys: readonly Survey[] = GENERIC_SHELLS.flatMap(({ id }) =>
  [false, true].map((apart) => ({ ...newSurvey({ kind: 'generic', shell: id }), apart })),
)

describe('sayMeasure', () => {
  it('has words for every measure of every body, and no two alike in a group', () => {
    for (const survey of surveys) {
      const frame = frameOf(survey)
      const measures = measuresOf(survey, frame)
      for (const group of MEASURE_GROUPS) {
        const words = measures.filter((one) => one.group === group).map((one) => sayMeasure(one, frame, 'mm'))
        expect(new Set(words).size).toBe(words.length)
        for (const word of words) {
          expect(word).not.toMatch(/undefined|NaN|-(?:low|mid|high|cant|floor)/)
          expect(word.length).toBeGreaterThan(4)
        }
      }
    }
    expect(Object.keys(MEASURE_GROUP_WORDS).sort()).toEqual([...MEASURE_GROUPS].sort())
  })

  it.each([
    ['axle-mid', 'mm', 'width 900\u202fmm up'],
    ['axle-mid', 'in', 'width 35 7/16″ up'],
    ['rear-cant-up', 'mm', 'height where wall meets roof'],
    ['rear-door-diagonal-a', 'mm', 'diagonal, up to the left'],
    ['side-door-from', 'mm', 'sill to the door'],
    ['kerb-front', 'mm', 'front axle, empty'],
  ] as const)('%s in %s: %s', (id, unit, words) => {
    const survey = newSurvey({ kind: 'generic', shell: 'van-long-high' })
    const frame = frameOf(survey)
    const measure = measuresOf(survey, frame).find((one) => one.id === id)!
    expect(sayMeasure(measure, frame, unit).replace(/[\u00a0\u202f]/g, ' ')).toBe(words.replace(/[\u00a0\u202f]/g, ' '))
  })
})

describe('sayCheck', () => {
  const base = newSurvey({ kind: 'generic', shell: 'van-long-high' })
  const said = (readings: Record<string, number>, pick: (check: Check) => boolean, unit: 'mm' | 'in' = 'mm') => {
    const survey: Survey = {
      ...base,
      readings: Object.fromEntries(Object.entries(readings).map(([id, first]) => [id, { first }])),
    }
    const check = checksOf(survey).find(pick)!
    const words = sayCheck(check, (id) => id, unit)
    return `${words.title}. ${words.sum}`.replace(/[\u00a0\u202f]/g, ' ')
  }

  it('gives the arithmetic of parts against the whole', () =>
    expect(
      said(
        { 'arch-from': 820, 'arch-length': 870, 'length-behind-arch': 2500, 'length-floor': 4250 },
        ({ code }) => code === 'parts-sum',
      ),
    ).toBe(
      'Parts against the whole length. Sill to arch + arch + arch to front = 4 190 mm; the whole is 4 250 mm, 60 mm apart; at most 10 mm.',
    ))

  it('gives masses in kilograms and lengths in the unit of the job', () => {
    expect(said({ 'kerb-front': 2000, 'kerb-rear': 1700, gross: 3500 }, ({ code }) => code === 'masses-sum')).toBe(
      'Empty against gross weight. Front + rear = 3 700 kg empty; 3 500 kg allowed.',
    )
    expect(
      said({ 'floor-diagonal-a': 4572, 'floor-diagonal-b': 4623 }, ({ code }) => code === 'diagonals-equal', 'in'),
    ).toContain('180″ and 182″ are 2″ apart')
  })
})
