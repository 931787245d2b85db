import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import path from 'node:path'
import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { anyOf, extreme, holdsToContract } from '../../../../tests/support/contract-check'
import { defaultsOf, KINDS, type FittingKind } from './index'

const here = path.dirname(fileURLToPath(import.meta.url))
const page = readFileSync(path.join(here, '../../../../docs/ADD-A-KIND.md'), 'utf8')
const folder = mkdtempSync(path.join(here, 'kinds-of-the-page-'))
afterAll(() => rmSync(folder, { recursive: true }))

/** The kind that the page tells one to write, built from its text. */
async function kindOfThePage(): Promise<FittingKind> {
  const [, code] = /```ts\n([\s\S]*?)```/.exec(page) ?? []
  if (code === undefined) throw new Error('the page shows no kind')
  const file = path.join(folder, 'boot-tray.ts')
  writeFileSync(file, code)
  const module = (await import(/* @vite-ignore */ file)) as Record<string, FittingKind>
  return Object.values(module)[0]!
}

describe('the page “Add a kind”', () => {
  it('builds a kind that holds to the contract of every kind', async () => {
    const kind = await kindOfThePage()
    expect(kind.id).toBe('boot-tray')
    expect(KINDS.map(({ id }) => id)).not.toContain(kind.id)
    for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')])
      holdsToContract(kind, parameters)
    fc.assert(
      fc.property(anyOf(kind), (parameters) => holdsToContract(kind, parameters)),
      { seed: 6, numRuns: 40 },
    )
  })

  it('names files that are there', () => {
    for (const [, file] of page.matchAll(/`(src\/[\w/.-]+\.ts)`/g))
      expect(readFileSync(path.join(here, '../../../..', file!), 'utf8').length).toBeGreaterThan(0)
  })
})
