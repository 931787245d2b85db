import { expect, it } from 'vitest'
import { steady } from './meter'

it('a steady reading is the middle of the last five, whatever one of them says', () => {
  expect(steady([4250, 4251])).toBeUndefined()
  expect(steady([1, 1, 1, 4250.2, 4251, 4190, 4249.6, 4250.4])).toBe(4250)
})
