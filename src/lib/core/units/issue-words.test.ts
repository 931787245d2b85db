import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { sayIssue } from './index'

const said = (schema: z.ZodType, value: unknown): string => {
  const result = schema.safeParse(value, { reportInput: true })
  return result.success ? 'accepted' : result.error.issues.map((issue) => sayIssue(issue)).join('; ')
}
const pick = z.discriminatedUnion('kind', [z.object({ kind: z.literal('bed') }), z.object({ kind: z.literal('hob') })])

describe('sayIssue', () => {
  it.each([
    ['a figure over its limit', z.number().max(1000), 9999, 'at most 1\u202f000, not “9999”'],
    ['a figure under its limit', z.number().min(0.5), 0.25, 'at least 0.50, not “0.25”'],
    ['a limit that does not count', z.number().gt(0), 0, 'more than 0, not “0”'],
    ['words that are too long', z.string().max(3), 'tongue', 'at most 3 letters, not “tongue”'],
    ['no words at all', z.string().min(1), '', 'is empty'],
    ['a list that is too long', z.array(z.number()).max(1), [1, 2], 'at most 1 of them'],
    ['another type', z.number(), 'wide', 'must be a number, not “wide”'],
    ['nothing', z.object({ a: z.number() }), {}, 'is missing: must be a number'],
    ['no choice of few', z.enum(['left', 'right']), 'up', 'must be one of left, right, not “up”'],
    ['no kind that is known', pick, { kind: 'samovar' }, '“samovar” is not known to this version'],
    ['no kind at all', pick, {}, 'is not known to this version'],
    ['none of several forms', z.union([z.number(), z.boolean()]), 'x', 'has none of the forms that it can have'],
    ['a field too many', z.strictObject({}), { spoon: 1 }, '“spoon” is not a field of it'],
  ])('says %s in plain words', (_what, schema, value, words) => {
    expect(said(schema, value)).toBe(words)
  })

  it('keeps a message that a schema brings along, and never repeats a whole book', () => {
    expect(said(z.number().max(3, { message: 'more than three do not fit' }), 4)).toBe('more than three do not fit')
    expect(said(z.string().max(3), 'x'.repeat(500)).length).toBeLessThan(80)
    const many = z.enum(Array.from({ length: 90 }, (_, index) => `kind-${index}`) as [string, ...string[]])
    expect(said(many, 'samovar')).toBe(
      'must be one of kind-0, kind-1, kind-2, kind-3, kind-4, kind-5, kind-6, kind-7 and others, not “samovar”',
    )
  })
})
