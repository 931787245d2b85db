import { describe, expect, it } from 'vitest'
import { corridor } from '../../../../tests/cases'
import { person, put, truck, variant } from '../../../../tests/support/plan'
import { apply, type Job } from '$lib/core/job'
import { reviewVariant, waive, type Finding } from '$lib/core/review'
import { felt } from './felt'

const byDay = (job: Job): readonly Finding[] =>
  reviewVariant(job, variant).modes.find(({ modeId }) => modeId === 'mode-day')!.findings
/** A galley and a lounge across a passage: 340 mm between them while four fifths of 450 are needed; a tank 15 mm into another. */
const start = truck(
  put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
  put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1160 }),
  put('fit-c', 'water-tank', 3000, 'left-wall', { lengthMm: 600 }),
  put('fit-d', 'water-tank', 3585, 'left-wall', { lengthMm: 600 }),
)
const depth = (job: Job, depthMm: number): Job =>
  apply(job, { type: 'fitting.parameters', variant, id: 'fit-b', parameters: { depthMm } }).job
const said = (before: Job, now: Job) =>
  felt(byDay(before), byDay(now)).map(({ finding, change }) => `${finding.code} ${change}`)

describe('felt', () => {
  it('is nothing where nothing changes, whatever faults stand', () => {
    expect(byDay(start).length).toBeGreaterThan(1)
    expect(said(start, start)).toEqual([])
  })

  it('is what a move deepens, eases, cures or makes, and nothing else', () => {
    expect(said(start, depth(start, 1180))).toEqual(['clearance-blocked worse'])
    expect(said(start, depth(start, 1150))).toEqual(['clearance-blocked better'])
    expect(said(start, depth(start, 1110))).toEqual(['clearance-blocked cured'])
    expect(said(depth(start, 1100), start)).toEqual(['clearance-blocked worse'])
    // shoulders of 1840 want 477
    const way = (gap: number) => truck(person(1840), ...corridor(gap), put('fit-z', 'toilet-box', 100, 'left-wall'))
    expect(said(way(440), way(430))).toContain('way-narrow worse')
    expect(said(way(440), way(460))).toContain('way-narrow better')
    expect(said(way(440), way(490))).toContain('way-narrow cured')
    expect(said(way(490), way(440))).toContain('way-narrow worse')
  })

  it('leaves out what was let be', () => {
    const blocked = byDay(start).find(({ code }) => code === 'clearance-blocked')!
    const waived = apply(start, waive(variant, 'waiver-a', blocked, 'they are slim', '2026-11-25')).job
    expect(said(waived, depth(waived, 1100))).toEqual([])
    expect(said(start, depth(start, 1100))).toEqual(['clearance-blocked cured'])
  })
})
