import { describe, expect, it } from 'vitest'
import { KINDS } from '$lib/core/fittings'
import { aOrAn, KIND_KEYWORDS, KIND_WORDS, small } from '$lib/core/text'
import { ACTIONS } from './keys'
import { ACTION_KEYWORDS, EXPORT_KEYWORDS, match, PAGES } from './sought'

/** Everything that the search offers in a plan without fittings, by what it is called. */
const ENTRIES: readonly (readonly [string, readonly string[]])[] = [
  ...KINDS.map(({ id }) => {
    const words = `Add ${aOrAn(small(KIND_WORDS[id] ?? id))}`
    return [words, [words, ...(KIND_KEYWORDS[id] ?? [])]] as const
  }),
  ...ACTIONS.map(({ id, words }) => [words, [words, ...(ACTION_KEYWORDS[id] ?? [])]] as const),
  ...PAGES.map(({ words, keywords }) => [words, [words, ...keywords]] as const),
  ['Export this job', ['Export this job', ...EXPORT_KEYWORDS]],
]
/** What is offered for a typed word, the best first. */
const offered = (typed: string): readonly string[] =>
  ENTRIES.map(([words, keywords]) => [words, match(words, typed, [...keywords])] as const)
    .filter(([, score]) => score > 0)
    .sort((a, b) => b[1] - a[1])
    .map(([words]) => words)

describe('the search', () => {
  // what people call things, and what it is here; common usage, no source
  it.each([
    ['fridge', 'Add a fridge'],
    ['kitchen', 'Add a galley'],
    ['sink', 'Add a galley'],
    ['stove', 'Add a galley'],
    ['cooker', 'Add a galley'],
    ['couch', 'Add a sofa bed'],
    ['porta', 'Add a portable toilet'],
    ['loo', 'Add a portable toilet'],
    ['bathroom', 'Add a shower cubicle'],
    ['solar', 'Add a solar panel'],
    ['skylight', 'Add a roof light'],
    ['diesel heater', 'Add an air heater'],
    ['shore power', 'Add an inlet'],
    ['leisure battery', 'Add a battery'],
    ['grey water', 'Add a waste tank'],
    ['bike rack', 'Add a hitch rack'],
    ['print', 'Print the sheet for the client'],
    ['pdf', 'Print the plan, or save it as PDF, SVG or DXF'],
    ['dxf', 'Print the plan, or save it as PDF, SVG or DXF'],
    ['export', 'Export this job'],
    ['measure', 'Measure between two points'],
    ['flare', 'Go to the vehicle'],
    ['undo', 'Undo'],
    ['delete', 'Remove'],
    ['copy', 'Duplicate'],
    ['rotate', 'Turn by a quarter'],
    ['zoom', 'Magnify the drawing'],
    ['payload', 'Go to the budgets'],
    ['shortcuts', 'Show the keys'],
    ['sketch', 'Lay a photo or sketch under the drawing'],
  ])('%s finds “%s”', (typed, words) => expect(offered(typed)).toContain(words))

  it('puts what is called so before what only has it in its name', () => {
    expect(offered('undo')[0]).toBe('Undo')
    expect(offered('print')[0]).toMatch(/^Print the plan/)
  })

  it('finds several words in any order, and nothing for what is none', () => {
    expect(offered('job export')).toContain('Export this job')
    expect(offered('zzz')).toEqual([])
  })
})
