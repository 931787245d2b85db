import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import type * as Fittings from '../../src/lib/core/fittings'
import type * as Review from '../../src/lib/core/review'
import type * as Words from '../../src/lib/core/text'
import type { Case } from '../cases'
import { anyOf, extreme, holdsToContract } from '../support/contract-check'
import { Copy, stepsOf, type Step } from '../support/walk'

/** The compiler reads all of core for each step that is left out. */
const LONG_MS = 300_000
const PLACES = 5

let copy: Copy | undefined
afterEach(() => {
  if (copy !== undefined) rmSync(copy.folder, { recursive: true })
  copy = undefined
})

const open = (): Copy => (copy = new Copy())
/** A module of the copy, as it is now. */
const load = async (at: string): Promise<Record<string, unknown>> =>
  (await import(/* @vite-ignore */ path.join(copy!.folder, at))) as Record<string, unknown>

/** Makes all steps, has them read without a fault, and sees that each is missed when it is left out alone. */
function walk(steps: readonly Step[], missedByCompiler: (step: Step) => boolean): void {
  const made = open()
  for (const step of steps) made.make(step)
  expect(made.faults()).toEqual([])
  // what misses a step is most often another step, then a table of words or the rows
  const isStep = (file: string): boolean => steps.some((step) => step.file === file)
  const isTable = (file: string): boolean => /^(src\/lib\/core\/text|tests\/cases)\/[\w-]+\.ts$/.test(file)
  for (const step of steps) {
    if (!missedByCompiler(step)) continue
    made.leaveOut(step)
    expect([step.file, made.faults(isStep, isTable).length > 0]).toEqual([step.file, true])
    for (const other of steps) if (other.file === step.file) made.make(other)
  }
}

describe('adding a kind', () => {
  it(
    'takes three files: the kind, the registry, the words',
    async () => {
      const steps = stepsOf('ADD-A-KIND.md')
      expect(steps.map(({ file }) => file)).toHaveLength(3)
      const made = open()
      for (const step of steps) made.make(step)
      expect(made.faults()).toEqual([])
      const { KINDS, defaultsOf } = (await load('src/lib/core/fittings/index.ts')) as unknown as typeof Fittings
      const kind = KINDS.find(({ id }) => (id as string) === 'boot-tray') as Fittings.FittingKind
      for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')])
        holdsToContract(kind, parameters)
      fc.assert(
        fc.property(anyOf(kind), (parameters) => holdsToContract(kind, parameters)),
        { seed: 6, numRuns: 40 },
      )
      // the registry is held equal to the folder, and words to the kinds, by tests of their own: here is what those would see
      const files = readdirSync(path.join(made.folder, 'src/lib/core/fittings/kinds')).filter(
        (file) => !file.includes('.test.'),
      )
      expect(KINDS.map(({ id }) => id)).toEqual(files.map((file) => file.replace(/\.ts$/, '')).sort())
      const { KIND_WORDS, PART_WORDS, STANCE_WORDS, PARAMETER_WORDS } = (await load(
        'src/lib/core/text/index.ts',
      )) as unknown as typeof Words
      expect(KIND_WORDS['boot-tray']).toBe('Boot tray')
      for (const stance of kind.stances) expect(STANCE_WORDS[stance]).toBeTruthy()
      for (const key of Object.keys(defaultsOf(kind))) expect(PARAMETER_WORDS[key]).toBeTruthy()
      for (const { name } of kind.parts(defaultsOf(kind))) expect(PART_WORDS[name]).toBeTruthy()
      const [file, registry] = steps
      made.leaveOut(file!)
      expect(made.faults((one) => one === registry!.file)).not.toEqual([])
      made.make(file!)
      made.leaveOut(registry!)
      expect(files).toContain('boot-tray.ts')
      expect(readFileSync(path.join(made.folder, registry!.file), 'utf8')).not.toContain('bootTray')
    },
    LONG_MS,
  )

  it(
    'does not compile without what it does, or without a handle for one of its parameters',
    () => {
      const [kind, ...others] = stepsOf('ADD-A-KIND.md')
      const made = open()
      for (const step of others) made.make(step)
      // with all of it there is no fault: the test before this one has it
      const faultsOf = (code: string): string => {
        made.make({ ...kind!, code })
        return made.faults((file) => file === kind!.file).join('\n')
      }
      const without = (part: RegExp): string => {
        expect(kind!.code).toMatch(part)
        return kind!.code.replace(part, '')
      }
      expect(faultsOf(without(/ {2}facts: [\s\S]*?\}\),\n/))).toMatch(/facts/)
      expect(faultsOf(without(/ {2}adjust: .*\n/))).not.toBe('')
      expect(faultsOf(without(/, heightMm: TOP/))).toMatch(/heightMm/)
      // and one that says only part of what it does
      expect(faultsOf(kind!.code.replace('...PLAIN,', ''))).toMatch(/heat|Facts/)
    },
    LONG_MS,
  )
})

describe('adding a rule', () => {
  it(
    'takes five places, and each is missed',
    async () => {
      const steps = stepsOf('ADD-A-RULE.md')
      expect(new Set(steps.map(({ file }) => file)).size).toBeLessThanOrEqual(PLACES)
      // the page in the book of rules is asked for by a test, all else by the compiler
      walk(
        steps,
        ({ file }) => file !== 'src/lib/core/text/rules/people.ts' && file !== 'src/lib/core/review/registry.ts',
      )
      const { RULES, reviewVariant } = (await load('src/lib/core/review/index.ts')) as unknown as typeof Review
      const { RULE_WORDS } = (await load('src/lib/core/text/index.ts')) as unknown as typeof Words
      expect(RULES.map(({ id }) => id).sort()).toEqual(RULES.map(({ id }) => id))
      for (const { id } of RULES) expect([id, RULE_WORDS[id] !== undefined]).toEqual([id, true])
      const { PEOPLE_CASES } = (await load('tests/cases/people.ts')) as {
        PEOPLE_CASES: Record<string, Case>
      }
      const row = PEOPLE_CASES['head-by-toilet']!
      const told = (job: typeof row.speaks) =>
        reviewVariant(job, 'variant-a').modes.flatMap(({ findings }) =>
          findings.filter(({ code }) => (code as string) === 'head-by-toilet'),
        )
      expect(
        told(row.speaks).map(({ rule, modeId, measured, needed, place }) => [rule, modeId, measured, needed, place]),
      ).toEqual([[row.rule, row.mode, row.measured, row.needed, row.place]])
      expect(told(row.silent)).toEqual([])
    },
    LONG_MS,
  )
})

describe('adding a service and a need', () => {
  it(
    'takes five places each, and each is missed',
    () => {
      const steps = stepsOf('ADD-A-NEED.md')
      const kind = steps.findIndex(({ file }) => file.includes('/kinds/'))
      expect(steps.slice(0, kind + 1).length).toBeLessThanOrEqual(PLACES)
      expect(steps.slice(kind).length).toBeLessThanOrEqual(PLACES)
      // that the first kind says it meets the need is asked by a test of the table
      walk(steps, ({ file }) => !file.includes('/kinds/'))
    },
    LONG_MS,
  )

  it.each(['ADD-A-KIND.md', 'ADD-A-RULE.md', 'ADD-A-NEED.md'])('%s names files that are there', (page) => {
    const root = path.resolve(import.meta.dirname, '../..')
    const text = readFileSync(path.join(root, 'docs', page), 'utf8')
    const made = stepsOf(page)
      .filter(({ isNew }) => isNew)
      .map(({ file }) => file)
    for (const [, file = ''] of text.matchAll(/`((?:src|tests)\/[\w/.-]+\.ts)`/g))
      expect([file, made.includes(file) || existsSync(path.join(root, file))]).toEqual([file, true])
  })
})
