import { describe, expect, it } from 'vitest'
import { person, put, truck, variant } from '../../../../tests/support/plan'
import { apply, type Job } from '../job'
import { evaluate, newStops, reviewVariant, withRemedy, type Finding, type FindingCode } from '../review'
import { searchRemedies } from './index'

const findings = (job: Job): readonly Finding[] => reviewVariant(job, variant).modes.flatMap((mode) => mode.findings)
const first = (job: Job, code: FindingCode): Finding => findings(job).find((finding) => finding.code === code)!
const search = (job: Job, code: FindingCode, most: { readonly steps?: number; readonly limit?: number } = {}) =>
  searchRemedies(job, variant, first(job, code), most).remedies

/** Two tanks, the second 15 mm into the first. */
const tanks = truck(
  put('fit-a', 'water-tank', 500, 'left-wall', { lengthMm: 800 }),
  put('fit-b', 'water-tank', 1285, 'left-wall', { lengthMm: 800 }),
)

describe('searchRemedies', () => {
  it('finds the least move first, each kind of change once', () => {
    const found = search(tanks, 'overlap')
    // 15 mm too near: 20 is the first step that is enough, of either tank
    expect(found.slice(0, 2).map(({ code, fittingId, amount }) => [code, fittingId, amount])).toEqual([
      ['shift-back', 'fit-a', 20],
      ['shift-forward', 'fit-b', 20],
    ])
    const kinds = found.map(({ code, fittingId, parameter }) => `${code} ${fittingId} ${parameter?.key}`)
    expect(new Set(kinds).size).toBe(kinds.length)
    expect(kinds).toContain('set-parameter fit-a lengthMm')
  })

  it('cures what it lists, without a new stop', () => {
    const van = truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1150 }),
    )
    const finding = first(van, 'clearance-blocked')
    const stopsOf = (job: Job) => findings(job).flatMap(({ gravity, key }) => (gravity === 'stop' ? [key] : []))
    const found = search(van, 'clearance-blocked')
    expect(found.length).toBeGreaterThan(1)
    for (const remedy of found) {
      const after = withRemedy(van, remedy)
      expect(findings(after).some(({ key, modeId }) => key === finding.key && modeId === finding.modeId)).toBe(false)
      expect(newStops(remedy)).toBe(0)
      expect(stopsOf(after).filter((key) => !stopsOf(van).includes(key))).toEqual([])
    }
  })

  it('leaves locked fittings alone, and says nothing where nothing small helps', () => {
    const locked = apply(tanks, { type: 'fitting.lock', variant, id: 'fit-a', locked: true }).job
    expect(new Set(search(locked, 'overlap').map(({ fittingId }) => fittingId))).toEqual(new Set(['fit-b']))
    expect(search(truck(person(2300), put('fit-g', 'galley', 1000, 'left-wall')), 'standing-nowhere')).toEqual([])
  })

  it('goes as many steps as it may, and says how far it looked', () => {
    const whole = searchRemedies(tanks, variant, first(tanks, 'overlap'))
    expect(searchRemedies(tanks, variant, first(tanks, 'overlap'), { steps: 0 })).toEqual({
      remedies: [],
      tried: 0,
      known: whole.known,
      ended: 'steps',
    })
    expect(whole.tried).toBeGreaterThan(10)
    expect(whole.known).toBeGreaterThan(whole.tried)
    expect(search(tanks, 'overlap', { limit: 1 })).toEqual(whole.remedies.slice(0, 1))
    expect(searchRemedies(tanks, variant, first(tanks, 'overlap'), { limit: 1 }).ended).toBe('enough')
    expect(searchRemedies(tanks, variant, first(tanks, 'overlap'), { limit: 100 }).ended).toBe('all')
    const some = searchRemedies(tanks, variant, first(tanks, 'overlap'), { steps: 20 })
    expect(some.tried).toBeLessThan(whole.tried)
    expect(some.remedies.length).toBeLessThan(whole.remedies.length)
    // what it found by then is what it finds first
    expect(whole.remedies.map(({ code, fittingId }) => `${code} ${fittingId}`)).toEqual(
      expect.arrayContaining(some.remedies.map(({ code, fittingId }) => `${code} ${fittingId}`)),
    )
  })

  it('finds the same from an evaluation that is there as from nothing', () => {
    const before = evaluate(tanks, variant)
    const finding = first(tanks, 'overlap')
    expect(searchRemedies(tanks, variant, finding, { before })).toEqual(searchRemedies(tanks, variant, finding))
  })

  it('finds another stance where that is the way out', () => {
    // a table that is down where one lies is in the way of no one once it is put away
    const cooking = truck(
      put('fit-h', 'galley-hob', 1000, 'left-wall'),
      put('fit-l', 'locker', 1000, 'left-wall', {}, { up: { from: 'floor', mm: 950 } }),
      { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-h', stance: 'cooking' },
    )
    const over = findings(cooking).find(({ rule }) => rule === 'clearance-free')
    expect(over).toBeDefined()
    const found = searchRemedies(cooking, variant, over!, { limit: 20 }).remedies
    expect(found.map(({ code }) => code)).toContain('stance-other')
  })
})
