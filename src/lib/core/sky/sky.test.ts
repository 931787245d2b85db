import { getPosition, getTimes } from 'suncalc'
import { describe, expect, it } from 'vitest'
import { CLIMATE_IDS, CLIMATES, likelyClimate } from './climates'
import { clearnessAt, daysOfMonth } from './days'
import { readWeather } from './measured'
import { beamRatio, dayOfSun, diffuseShare, onPlane, turningRatio } from './radiation'
import {
  dayOutsideKwh,
  daylightHours,
  declinationDeg,
  incidenceCosine,
  LEVEL,
  levelOutsideKwh,
  RAD,
  sunAt,
  sunHeightDeg,
} from './sun'
import { DAYS, MONTH_DAYS, MONTH_OF } from './calendar'
import { onPlaneThroughYear, weatherYear, type Station } from './weather'

const MJ = 3.6
const dayOf = (month: number, day: number): number => MONTH_OF.indexOf(month - 1) + day
const cosDeg = (degrees: number): number => Math.cos(degrees * RAD)

describe('the sun', () => {
  it('stands where suncalc has it, through a year, from the tropics to beyond the polar circle', () => {
    const YEAR = 2025
    for (const latitude of [-35, 0, 20, 43, 52, 68])
      for (let day = 1; day <= DAYS; day += 9) {
        const noon = getTimes(new Date(Date.UTC(YEAR, 0, day, 12)), latitude, 0).solarNoon as Date
        for (const hour of [8, 12, 15.5]) {
          const at = new Date(noon.getTime() + (hour - 12) * 3_600_000)
          const { altitude, azimuth } = getPosition(at, latitude, 0)
          const here = sunAt(latitude, day, hour)
          // near the horizon the air lifts it by up to 0.6°, which is no matter for what falls on a roof
          const lifted = altitude > 10 ? 0 : 0.7
          expect(Math.abs(here.highDeg - altitude), `${latitude} ${day} ${hour}`).toBeLessThan(0.75 + lifted)
          // from north in suncalc; where it is near the zenith the direction turns by itself
          if (altitude < 75) {
            const off = Math.abs(((here.fromSouthDeg + 180 - azimuth + 540) % 360) - 180)
            expect(off * cosDeg(altitude), `${latitude} ${day} ${hour}`).toBeLessThan(0.8)
          }
        }
      }
  })

  it('has the declination and the angle of incidence of Duffie & Beckman, examples 1.6.1 and 1.6.2 (as remembered)', () => {
    expect(declinationDeg(dayOf(2, 13))).toBeCloseTo(-14, 0)
    const cosine = incidenceCosine(43, dayOf(2, 13), 10.5, { tiltDeg: 45, turnedDeg: 15 })
    expect(Math.acos(cosine) / RAD).toBeCloseTo(35, 0)
  })

  it('gives outside the air what Duffie & Beckman, example 1.10.1, and FAO 56, examples 8 and 9, have (as remembered)', () => {
    expect(Math.abs(dayOutsideKwh(43, dayOf(4, 15)) * MJ - 33.8)).toBeLessThan(0.2)
    // FAO 56 has a simpler declination, half a degree off on that day
    expect(Math.abs(dayOutsideKwh(-20, dayOf(9, 3)) * MJ - 32.2)).toBeLessThan(0.5)
    expect(Math.abs(daylightHours(-20, dayOf(9, 3)) - 11.7)).toBeLessThan(0.1)
  })

  it('gives through the air what FAO 56, example 10, has for Rio de Janeiro in May: a clearness of ¼ and half the share of sunny hours', () => {
    const [latitude, day] = [-22.9, dayOf(5, 15)]
    const clearness = 0.25 + 0.5 * (7.1 / daylightHours(latitude, day))
    const hours = dayOfSun(latitude, day, clearness)
    const whole = hours.reduce((sum, { beam, diffuse }) => sum + beam + diffuse, 0)
    expect(Math.abs(whole * MJ - 14.5)).toBeLessThan(0.15)
  })

  it('is the sum of its hours, never rises in a polar night and never sets in a polar summer', () => {
    const hours = Array.from({ length: 24 }, (_, hour) =>
      levelOutsideKwh(52, 80, ((hour - 12) * Math.PI) / 12, ((hour - 11) * Math.PI) / 12),
    )
    expect(hours.reduce((sum, one) => sum + one, 0)).toBeCloseTo(dayOutsideKwh(52, 80), 9)
    expect(daylightHours(78, dayOf(12, 21))).toBe(0)
    expect(dayOutsideKwh(78, dayOf(12, 21))).toBe(0)
    expect(daylightHours(78, dayOf(6, 21))).toBe(24)
    expect(dayOfSun(78, dayOf(12, 21), 0.5).every(({ beam, diffuse }) => beam + diffuse === 0)).toBe(true)
  })
})

describe('a tilted plane', () => {
  it('under a mixed sky gets what Duffie & Beckman, example 2.15.1, has (as remembered): beam 0.243 × 1.71, sky 0.797 × 0.75, snow 1.04 × 0.6 × 0.25', () => {
    expect(onPlane({ beam: 0.243, diffuse: 0.797 }, 1.71, cosDeg(60), 0.6)).toBeCloseTo(1.17, 2)
  })

  it('that is level gets what falls on the level; one that looks at a low sun gets more beam, one that looks away none', () => {
    expect(onPlane({ beam: 0.5, diffuse: 0.3 }, 1, 1)).toBeCloseTo(0.8, 12)
    const [latitude, day] = [52, dayOf(1, 10)]
    expect(beamRatio(latitude, day, 12, LEVEL)).toBeCloseTo(1, 9)
    expect(beamRatio(latitude, day, 12, { tiltDeg: 60, turnedDeg: 0 })).toBeGreaterThan(2.5)
    expect(beamRatio(latitude, day, 12, { tiltDeg: 60, turnedDeg: 180 })).toBe(0)
    expect(beamRatio(latitude, day, 22, { tiltDeg: 60, turnedDeg: 0 })).toBe(0)
  })

  it('has a sky that is all diffuse under clouds and a sixth in the clear, without a jump (Erbs 1982, as remembered)', () => {
    expect(diffuseShare(0)).toBe(1)
    expect(diffuseShare(0.95)).toBe(0.165)
    for (const at of [0.22, 0.8]) expect(diffuseShare(at - 1e-9)).toBeCloseTo(diffuseShare(at + 1e-9), 2)
    for (let k = 0.02; k < 0.8; k += 0.02) expect(diffuseShare(k)).toBeLessThanOrEqual(diffuseShare(k - 0.02) + 1e-12)
  })
})

describe('the days of a month', () => {
  it('have the month’s mean, and each day of its order once', () => {
    for (const mean of [0.22, 0.3, 0.46, 0.5, 0.62, 0.73])
      for (const length of [28, 30, 31]) {
        const days = daysOfMonth(mean, length)
        expect(days.reduce((sum, one) => sum + one, 0) / length).toBeCloseTo(mean, mean > 0.6 ? 1 : 6)
        expect(new Set(days.map((one) => one.toFixed(9))).size).toBeGreaterThan(length - 4)
        expect(Math.min(...days)).toBeGreaterThan(0)
        expect(Math.max(...days)).toBeLessThanOrEqual(0.85)
      }
  })

  it('spread as Liu and Jordan found: of a month at 0.3 half the days lie below a quarter, of one at 0.7 hardly any', () => {
    expect(clearnessAt(0.3, 0.5)).toBeLessThan(0.29)
    expect(clearnessAt(0.7, 0.1)).toBeGreaterThan(0.5)
    // grey ones come together: three of the darkest six days of a grey month in a row
    const grey = daysOfMonth(0.3, 31)
    const dark = [...grey].sort((a, b) => a - b)[5]!
    const runs = grey.map((_, at) => grey.slice(at, at + 3).every((one) => one <= dark))
    expect(runs.some(Boolean)).toBe(true)
  })
})

describe('the climates', () => {
  it('are of twelve months with sun and warmth that the earth has', () => {
    for (const id of CLIMATE_IDS) {
      expect(CLIMATES[id]).toHaveLength(12)
      for (const { clearness, meanC, swingK } of CLIMATES[id]) {
        expect(clearness).toBeGreaterThan(0.15)
        expect(clearness).toBeLessThan(0.76)
        expect(Math.abs(meanC)).toBeLessThan(40)
        expect(swingK).toBeGreaterThan(3)
      }
    }
  })

  it('are chosen by how cold and how hot it gets, and how far north one is', () => {
    expect(likelyClimate(30, 2, 45)).toBe('desert')
    expect(likelyClimate(48, -12, 30)).toBe('wet-summers')
    expect(likelyClimate(62, -14, 25)).toBe('dark-north')
    expect(likelyClimate(-5, 20, 36)).toBe('tropics')
    expect(likelyClimate(50, 0, 24)).toBe('grey-coast')
  })
})

const station = (latitudeDeg: number, id: keyof typeof CLIMATES): readonly Station[] =>
  Array.from({ length: 12 }, () => ({ latitudeDeg, climate: CLIMATES[id] }))
const monthSum = (hours: Float64Array, month: number): number =>
  hours.reduce((sum, one, at) => (MONTH_OF[Math.floor(at / 24)] === month ? sum + one : sum), 0)

describe('a year of weather', () => {
  it('has as much sun as its months, is warmest in the afternoon, and turns round south of the equator', () => {
    const north = weatherYear(station(45, 'wet-summers'))
    const level = onPlaneThroughYear(north)
    const june = monthSum(level, 5) / 30
    // at 45° N the air lets about half of 11.6 kWh through on a June day
    expect(june).toBeGreaterThan(5.4)
    expect(june).toBeLessThan(6)
    expect(monthSum(level, 11) / 31).toBeLessThan(1.1)
    expect(north.outsideC.slice(0, 24).indexOf(Math.max(...north.outsideC.slice(0, 24)))).toBe(14)
    const south = onPlaneThroughYear(weatherYear(station(-45, 'wet-summers')))
    expect(monthSum(south, 11)).toBeGreaterThan(monthSum(south, 5) * 3)
  })

  it('gives a plane that leans to the south more in winter and less in summer than the roof', () => {
    const year = weatherYear(station(48, 'dry-summers'))
    const [roof, leaning] = [onPlaneThroughYear(year), onPlaneThroughYear(year, { tiltDeg: 45, turnedDeg: 0 })]
    expect(monthSum(leaning, 0) / monthSum(roof, 0)).toBeGreaterThan(1.5)
    expect(monthSum(leaning, 5) / monthSum(roof, 5)).toBeLessThan(1)
  })
})

describe('measured weather', () => {
  const hourly = (change: (row: number[]) => number[] = (row) => row): string[][] => [
    ['month', 'day', 'hour', 'sun_w_m2', 'outside_c'],
    ...MONTH_DAYS.flatMap((days, month) =>
      Array.from({ length: days * 24 }, (_, at) =>
        change([month + 1, Math.floor(at / 24) + 1, at % 24, at % 24 === 12 ? 600 : 0, at % 24]).map(String),
      ),
    ),
  ]

  it('by the hour stands hour for hour: sun on the level and warmth are what was measured, morning fog and a warm night too', () => {
    // no smooth day: fog until noon, clear after, warmest at midnight
    const sunAt = (hour: number): number => (hour < 12 || hour > 19 ? 3 * hour : 700 - 60 * (hour - 12))
    const read = readWeather(hourly(([month, day, hour]) => [month!, day!, hour!, sunAt(hour!), 20 - hour! / 2]))
    expect(read.ok).toBe(true)
    if (!read.ok) return
    expect(read.measured.gaps).toEqual(Array(12).fill(0))
    const { beam, diffuse, outsideC } = weatherYear(station(45, 'desert'), read.measured.days)
    for (let at = 0; at < 365 * 24; at += 1) {
      expect(1000 * (beam[at]! + diffuse[at]!)).toBeCloseTo(sunAt(at % 24), 9)
      expect(outsideC[at]).toBe(20 - (at % 24) / 2)
    }
    // a grey hour has no beam to speak of, a clear one of June has most of it; at night there is none
    const june = 24 * 170
    expect(beam[june + 9]! / (beam[june + 9]! + diffuse[june + 9]!)).toBeLessThan(0.05)
    expect(beam[june + 13]! / (beam[june + 13]! + diffuse[june + 13]!)).toBeGreaterThan(0.4)
    expect(beam[june + 2]).toBe(0)
  })

  it('with holes says in which month, and takes what is usual there', () => {
    const rows = hourly().filter(([month, day, hour]) => !(month === '5' && Number(day) <= 12 && hour === '3'))
    const read = readWeather(rows)
    expect(read.ok && read.measured.gaps).toEqual([0, 0, 0, 0, 12, 0, 0, 0, 0, 0, 0, 0])
  })

  it('by the month stands for its days', () => {
    const read = readWeather([['month', 'sun_kwh_m2_day', 'mean_c', 'swing_k'], ['6', '5.5', '17', '9'], ['']])
    expect(read.ok && read.measured.gaps).toEqual([31, 28, 31, 30, 31, 0, 31, 31, 30, 31, 30, 31])
    expect(read.ok && read.measured.days[dayOf(6, 3) - 1]).toEqual({ sunKwh: 5.5, meanC: 17, swingK: 9 })
  })

  it('that is wrong is refused by column and line', () => {
    const head = ['month', 'day', 'hour', 'sun_w_m2', 'outside_c']
    const faults = (...rows: string[][]) => {
      const read = readWeather(rows)
      return read.ok ? [] : read.faults
    }
    expect(faults(['month', 'day', 'hour', 'sun'])).toEqual([
      { code: 'columns', line: 1, missing: ['sun_w_m2', 'outside_c'] },
    ])
    expect(faults([])).toMatchObject([{ code: 'columns', line: 1 }])
    expect(faults(head)).toEqual([{ code: 'empty', line: 2 }])
    expect(faults(head, ['1', '1', '0', '-', '4'])).toEqual([
      { code: 'no-figure', line: 2, column: 'sun_w_m2', got: '-' },
    ])
    expect(faults(head, ['1', '1', '0', '9000', '4'])).toMatchObject([{ code: 'beyond', line: 2, column: 'sun_w_m2' }])
    expect(faults(head, ['2', '30', '0', '0', '4'])).toMatchObject([{ code: 'beyond', column: 'day', most: 28 }])
    expect(faults(head, ['1', '1', '0', '0', '4'], ['1', '1', '0', '0', '4'])).toMatchObject([
      { code: 'twice', line: 3 },
    ])
    expect(faults(head, ['1', '1', '0.5', '0', '4'])).toMatchObject([{ code: 'no-figure', column: 'hour' }])
  })
})

describe('beam', () => {
  it('of a plane that may be turned any way are the mean of all ways: the cosine of its tilt while the sun is higher, more of a low one', () => {
    for (const [latitude, day, hour] of [
      [50, 172, 12],
      [50, 355, 12],
      [35, 80, 8],
      [60, 20, 12],
    ] as const)
      for (const tiltDeg of [3, 12, 30]) {
        const high = sunHeightDeg(latitude, day, hour)
        expect(high).toBeGreaterThan(5)
        let sum = 0
        for (let turnedDeg = 0; turnedDeg < 360; turnedDeg += 1)
          sum += beamRatio(latitude, day, hour, { tiltDeg, turnedDeg })
        expect(turningRatio(high, tiltDeg)).toBeCloseTo(sum / 360, 4)
        if (high > tiltDeg) expect(turningRatio(high, tiltDeg)).toBeCloseTo(cosDeg(tiltDeg), 9)
        else expect(turningRatio(high, tiltDeg)).toBeGreaterThan(cosDeg(tiltDeg))
      }
    for (const high of [1, 20, 90]) expect(turningRatio(high, 0)).toBeCloseTo(1, 12)
    expect(turningRatio(-1, 10)).toBe(0)
  })
})
