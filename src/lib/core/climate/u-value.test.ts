import { describe, expect, it } from 'vitest'
import { thermalOf } from './index'

describe('thermalOf', () => {
  it('agrees with a wall worked by hand in the manner of EN ISO 6946', () => {
    // 3 mm birch ply (0.17), 30 mm PIR (0.022) between softwood battens (0.13) on a tenth of the area; Rsi 0.13, Rse 0.04.
    // Straight through PIR: 0.13 + 0.01765 + 1.36364 + 0.04 = 1.55128; through the batten: 0.13 + 0.01765 + 0.23077 + 0.04 = 0.41842.
    // Upper: 1 / (0.9 / 1.55128 + 0.1 / 0.41842) = 1.22073. Layer alone: 1 / (0.9 / 1.36364 + 0.1 / 0.23077) = 0.91463.
    // Lower: 0.13 + 0.01765 + 0.91463 + 0.04 = 1.10228. Mean 1.16150; U = 0.8610.
    const wall = thermalOf('wall', [
      { material: 'birch-ply', mm: 3 },
      { material: 'pir', mm: 30, battens: { material: 'softwood', share: 0.1 } },
    ])
    expect(wall.upper).toBeCloseTo(1.2207, 3)
    expect(wall.lower).toBeCloseTo(1.1023, 3)
    expect(wall.resistance).toBeCloseTo(1.1615, 3)
    expect(wall.uValue).toBeCloseTo(0.861, 3)
  })

  it('takes the surface that belongs to the face (EN ISO 6946: inside 0.17 floor, 0.13 wall, 0.10 roof; outside 0.04)', () => {
    const bare = (['floor', 'wall', 'roof', 'door'] as const).map((face) => 1 / thermalOf(face, []).uValue)
    expect(bare.map((value) => value.toFixed(2))).toEqual(['0.21', '0.17', '0.14', '0.17'])
  })

  it.each([
    // rows of the table of EN ISO 6946 for closed air layers, and between two of them
    ['wall', 10, 0.15],
    ['wall', 25, 0.18],
    ['roof', 25, 0.16],
    ['floor', 25, 0.19],
    ['floor', 50, 0.21],
    ['floor', 37.5, 0.2],
  ] as const)('%s: an air layer of %d mm resists %d', (face, mm, resistance) => {
    expect(thermalOf(face, [{ material: 'air', mm }]).layers[0]).toBeCloseTo(resistance, 9)
  })

  it('has the mean between its limits, and both alike where nothing bridges', () => {
    const plain = thermalOf('roof', [
      { material: 'polyester', mm: 40 },
      { material: 'birch-ply', mm: 3 },
    ])
    expect(plain.upper).toBeCloseTo(plain.lower, 12)
    const bridged = thermalOf('roof', [
      { material: 'polyester', mm: 40, battens: { material: 'softwood', share: 0.15 } },
      { material: 'pir', mm: 20, battens: { material: 'softwood', share: 0.1 } },
    ])
    expect(bridged.upper).toBeGreaterThan(bridged.lower)
    expect(bridged.resistance).toBeCloseTo((bridged.upper + bridged.lower) / 2, 12)
  })
})
