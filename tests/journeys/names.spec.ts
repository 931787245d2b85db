import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import type { APIRequestContext, Page } from '@playwright/test'
import type { Job } from '../../src/lib/core/job'
import { keepProof } from '../proof/keep'
import { expect, open, test } from '../support/job'

const PROOF = process.env.PROOF === '1'
test.setTimeout(PROOF ? 3_600_000 : 180_000)

const ZOOMS = [
  ['whole', undefined],
  ['2', '2 -500 -350'],
  ['5', '5 -2200 -1700'],
] as const
const UNITS = ['mm', 'in'] as const
/** Outside the proof one screen in so many is looked at: eleven shares nothing with modes, zooms and units. */
const EACH = 11

interface Overlap {
  readonly a: string
  readonly b: string
  readonly byPx: number
}

/** Everything written in the drawing and the section, by its box: names, figures, titles and marks, and which of them lie on one another or are cut. */
const looked = (
  page: Page,
): Promise<{ readonly written: number; readonly overlaps: Overlap[]; readonly cut: string[] }> =>
  page.evaluate(() => {
    const sheets = [
      document.querySelector('main')!,
      document.querySelector('[aria-label="Selected"] svg')!.parentElement!,
    ]
    const overlaps: { a: string; b: string; byPx: number }[] = []
    const cut: string[] = []
    let written = 0
    for (const sheet of sheets) {
      const edge = sheet.getBoundingClientRect()
      const things = [
        ...sheet.querySelectorAll<Element>(
          '.labels text, text.view-title, input.figure, span.figure, [data-mark] path:first-of-type, [data-testid="scale"]',
        ),
      ].flatMap((element) => {
        const box = element.getBoundingClientRect()
        const words =
          element.textContent?.trim() ||
          (element as HTMLInputElement).value ||
          element.parentElement?.getAttribute('aria-label') ||
          ''
        // what was pushed off the sheet is not seen
        const isSeen =
          box.right > edge.left && box.left < edge.right && box.bottom > edge.top + 22 && box.top < edge.bottom
        return isSeen && box.width > 0 ? [{ words: words.slice(0, 40), box }] : []
      })
      written += things.length
      for (const [index, one] of things.entries()) {
        for (const other of things.slice(index + 1)) {
          // letters reach to the edges of their boxes nowhere: a hair is no overlap
          const x = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left)
          const y = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top)
          const byPx = Math.min(x, y)
          if (byPx > 3) overlaps.push({ a: one.words, b: other.words, byPx: Math.round(byPx) })
        }
        const input = sheet.querySelector<HTMLInputElement>(`input.figure[value="${CSS.escape(one.words)}"]`)
        if (input !== null && input.scrollWidth > input.clientWidth + 1) cut.push(one.words)
      }
    }
    return { written, overlaps, cut }
  })

async function broughtIn(request: APIRequestContext, job: Job): Promise<string> {
  const answer = await request.post('/api/jobs', {
    data: { ...job, id: `job-${Math.random().toString(36).slice(2, 12)}` },
  })
  return ((await answer.json()) as { id: string }).id
}

test('no name, figure, title or mark lies on another, in the demos and examples, in every mode, at three zooms, in both units', async ({
  page,
  request,
}) => {
  const demos = await Promise.all(
    ['job-bat-survey', 'job-potter'].map(async (id) => (await (await request.get(`/api/jobs/${id}`)).json()) as Job),
  )
  const examples = readdirSync('examples')
    .filter((name) => name.endsWith('.zimmerman.json'))
    .map((name) => JSON.parse(readFileSync(path.join('examples', name), 'utf8')) as Job)
  const jobs = PROOF ? [...demos, ...examples] : [...demos, examples[3]!]
  let [screens, written, looks] = [0, 0, 0]
  const faults: string[] = []
  for (const job of jobs)
    for (const units of UNITS) {
      const id = await broughtIn(request, { ...job, units })
      const [variant, { plan }] = Object.entries(job.variants)[0]!
      for (const [mode] of Object.entries(plan.modes)) {
        const fittings = Object.keys(plan.fittings)
        for (const [zoomName, zoom] of ZOOMS) {
          // with nothing in hand, and with something
          for (const has of [undefined, fittings[looks % fittings.length]]) {
            looks += 1
            if (!PROOF && looks % EACH !== 0) continue
            const search = new URLSearchParams({
              variant,
              mode,
              ...(has === undefined ? {} : { has }),
              ...(zoom === undefined ? {} : { zoom }),
            })
            await open(page, `/jobs/${id}/plan?${search}`)
            await expect(page.getByTestId('mode-button').first()).not.toContainText('…')
            await page.waitForTimeout(120)
            const { written: count, overlaps, cut } = await looked(page)
            screens += 1
            written += count
            const where = `${job.name}, ${plan.modes[mode]!.name}, zoom ${zoomName}, ${units}${has === undefined ? '' : `, ${has} in hand`}`
            faults.push(
              ...overlaps.map(({ a, b, byPx }) => `${where}: “${a}” and “${b}” by ${byPx} px`),
              ...cut.map((words) => `${where}: “${words}” is cut`),
            )
          }
        }
      }
    }
  keepProof({
    name: 'names',
    title: 'Nothing written on anything written',
    how: 'Every name, figure, view title and mark of the bench by its box on a screen of 1280 × 800: no two lie on one another by more than three pixels, and no figure is cut. Demos and examples, in every mode, at three magnifications, in millimetres and inches, with nothing in hand and with one fitting.',
    figures: [
      ['jobs', jobs.length],
      ['screens', screens],
      ['things written', written],
    ],
    faults,
  })
  expect(written).toBeGreaterThan(80)
  expect(faults).toEqual([])
})
