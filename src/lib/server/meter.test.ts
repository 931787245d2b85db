import { describe, expect, it } from 'vitest'
import { simulatedReading } from './meter'

/** A seeded generator (mulberry32), so that a failure can be had again. */
function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

describe('simulatedReading', () => {
  it('lies within a few millimetres of the truth, but for the beam that now and then falls short', () => {
    const random = seeded(5)
    const readings = Array.from({ length: 2000 }, (_, n) => simulatedReading(4250, n, random).mm)
    const near = readings.filter((mm) => Math.abs(mm - 4250) < 6)
    expect(near.length / readings.length).toBeGreaterThan(0.93)
    expect(near.length).toBeLessThan(readings.length)
    expect(readings.every((mm) => mm < 4260)).toBe(true)
    const sorted = [...readings].sort((a, b) => a - b)
    expect(Math.abs(sorted[1000]! - 4250)).toBeLessThan(1)
    expect(new Set(readings).size).toBeGreaterThan(30)
  })
})
