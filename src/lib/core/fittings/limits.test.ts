import { describe, expect, it } from 'vitest'
import { kindOf, limitsOf } from './index'

describe('limitsOf', () => {
  it('reads fields off a kind’s schema', () => {
    expect(limitsOf(kindOf('cold-box'))).toEqual([
      { key: 'lengthMm', kind: 'length', min: 350, max: 800 },
      { key: 'depthMm', kind: 'length', min: 350, max: 750 },
      { key: 'heightMm', kind: 'length', min: 400, max: 1900 },
      { key: 'hinge', kind: 'choice', choices: ['left', 'right'] },
    ])
    const drawers = limitsOf(kindOf('drawer-unit'))
    const figures = ['drawers', 'extension', 'loadKg'].map((key) => drawers.find((limit) => limit.key === key))
    expect(figures).toMatchObject([{ kind: 'count' }, { kind: 'figure', min: 0.5 }, { kind: 'figure', of: 'mass' }])
    expect(limitsOf(kindOf('heater-water'))).toContainEqual({
      key: 'litres',
      kind: 'figure',
      of: 'volume',
      min: 3,
      max: 40,
    })
    expect(limitsOf(kindOf('galley')).filter(({ kind }) => kind === 'yes-no')).toHaveLength(2)
  })
})
