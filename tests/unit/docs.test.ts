import { existsSync, readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { format, resolveConfig } from 'prettier'
import { describe, expect, it } from 'vitest'
import { madePages } from '../../scripts/docs/pages'
import { KINDS } from '../../src/lib/core/fittings'
import { GENERIC_SHELLS } from '../../src/lib/core/shells'

const root = path.resolve(import.meta.dirname, '../..')
const read = (file: string) => readFileSync(path.join(root, file), 'utf8')
const PAGES = [
  'README.md',
  ...readdirSync(path.join(root, 'docs')).flatMap((file) => (file.endsWith('.md') ? [`docs/${file}`] : [])),
]

const WORDS = [
  'nought',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
]

/** The figure before some words, in digits or as a word; every one that the page has. */
const countsBefore = (page: string, words: string): readonly number[] =>
  [...page.matchAll(new RegExp(`(\\w+)\\s+${words}`, 'gi'))].map(([, figure = '']) => {
    const asWord = WORDS.indexOf(figure.toLowerCase())
    return asWord === -1 ? Number(figure) : asWord
  })

describe('docs', () => {
  it('hold what is made of the program: run node scripts/docs.mjs', async () => {
    const style = await resolveConfig(path.join(root, 'README.md'))
    const laid = (text: string) => format(text, { ...style, parser: 'markdown' })
    for (const [file, made] of Object.entries(await madePages(root, laid)))
      expect([file, read(`docs/${file}`)]).toEqual([file, made])
  })

  it('count what there is', () => {
    const readme = read('README.md')
    const examples = readdirSync(path.join(root, 'examples')).filter((file) => file.endsWith('.zimmerman.json'))
    expect(countsBefore(readme, 'kinds of fitting')).toEqual([KINDS.length])
    expect(countsBefore(readme, 'generic bodies')).toEqual([GENERIC_SHELLS.length])
    expect(countsBefore(readme, 'invented builds')).toEqual([examples.length])
  })

  it('lead only to files that are there, and every picture is shown', () => {
    const targets = PAGES.flatMap((page) =>
      [...read(page).matchAll(/\]\(([^)#\s]+)[^)]*\)/g)].flatMap(([, to = '']) =>
        /^[a-z]+:/.test(to) ? [] : [{ page, to: path.normalize(path.join(path.dirname(page), to)) }],
      ),
    )
    expect(targets.length).toBeGreaterThan(30)
    expect(targets.filter(({ to }) => !existsSync(path.join(root, to)))).toEqual([])
    const shown = new Set(targets.map(({ to }) => to))
    const pictures = readdirSync(path.join(root, 'docs/screenshots')).map((file) => `docs/screenshots/${file}`)
    expect(pictures.filter((file) => !shown.has(file))).toEqual([])
    expect(pictures.length).toBeLessThan(20)
  })

  it('name files and folders of the code that are there', () => {
    const named = PAGES.filter((page) => !page.includes('/ADD-')).flatMap((page) =>
      [
        ...read(page).matchAll(
          /`((?:core|ui|server|workers|scene|shell|job|review|draw|what-if|needs|tests|scripts|src)\/[\w./-]+\.(?:ts|mjs|json|svelte))`/g,
        ),
      ].map(([, file = '']) => ({ page, file })),
    )
    const places = ['', 'src/lib', 'src/lib/core']
    expect(named.length).toBeGreaterThan(10)
    expect(named.filter(({ file }) => !places.some((place) => existsSync(path.join(root, place, file))))).toEqual([])
  })

  it('list every address that the server answers', () => {
    const served = readdirSync(path.join(root, 'src/routes'), { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('+server.ts'))
      .map((file) => `/${path.dirname(file).replace(/\[\w+\]/g, 'ID')}`)
    const page = read('docs/API.md')
    // “`GET /api/jobs/ID/history`, `…/history/N`” and “`/schema/job.v1.json`, `module.v1.json`” name two
    const named = [...page.matchAll(/(?:\/[\w.-]+)+|…\/[\w./-]+|`[\w]+\.v1\.json`/g)].map(([address]) =>
      address.replaceAll('`', ''),
    )
    const missing = served.filter(
      (address) =>
        !named.includes(address) &&
        !named.some((one) => one.startsWith('…/') && address.replace(/\/ID$/, '/N').endsWith(one.slice(1))) &&
        !named.some((one) => !one.includes('/') && address.endsWith(`/${one}`)),
    )
    expect(served.length).toBeGreaterThan(20)
    expect(missing).toEqual([])
  })

  it('keep the README short', () => expect(read('README.md').split('\n').length).toBeLessThan(115))
})
