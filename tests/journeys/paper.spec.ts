import { execFileSync } from 'node:child_process'
import { readFile, writeFile } from 'node:fs/promises'
import sharp from 'sharp'
import type { Page } from '@playwright/test'
import { expect, open, openPlan, ownJob, test } from '../support/job'

const sheets = (page: Page) => page.getByTestId('sheet')
const isDrawn = async (page: Page): Promise<void> => {
  await expect(sheets(page).first().locator('svg')).toBeVisible()
  await expect(page.getByTestId('progress')).toHaveText(/^\d+ sheets?$/)
}
/** Poppler, another program’s reader of PDF. */
const poppler = (program: string, ...args: string[]): string => execFileSync(program, args, { encoding: 'utf8' })

/** What the browser sends to the printer. */
async function printed(
  page: Page,
  to: string,
): Promise<{ readonly pages: number; readonly size: string; readonly text: string }> {
  await writeFile(to, await page.pdf({ preferCSSPageSize: true, printBackground: true }))
  const info = poppler('pdfinfo', to)
  return {
    pages: Number(/Pages:\s+(\d+)/.exec(info)![1]),
    size: /Page size:\s+(.*)/.exec(info)![1]!,
    text: poppler('pdftotext', '-layout', to, '-').replaceAll(/[\u00a0\u202f]/g, ' '),
  }
}

test('from the bench the plan goes on paper: shown sheet by sheet, printed at the size of the paper', async ({
  page,
  request,
}, info) => {
  // five sets of sheets, drawn and printed
  test.setTimeout(150_000)
  await openPlan(page, await ownJob(request))
  await page.keyboard.press('3')
  await page.keyboard.press('Control+p')
  await expect(page).toHaveURL(/\/paper\?what=set&variant=variant-a&mode=mode-night/)
  await isDrawn(page)
  await expect(sheets(page)).toHaveCount(4)
  await expect(sheets(page).nth(3)).toContainText('Sheet 4 of 4')
  const a3 = await printed(page, info.outputPath('a3.pdf'))
  expect(a3.pages).toBe(4)
  expect(a3.size).toContain('A3')
  expect(a3.text).toContain('1 570 from the sill, left wall')
  // nothing of the screen is on it
  expect(a3.text).not.toContain('Save as PDF')

  await page.getByLabel('paper', { exact: true }).selectOption('A4')
  await page.getByLabel('held').selectOption('0')
  await expect(page).toHaveURL(/paper=A4/)
  await isDrawn(page)
  const a4 = await printed(page, info.outputPath('a4.pdf'))
  expect(a4.size).toContain('A4')
  expect(a4.pages).toBe(await sheets(page).count())
  // the same again after a reload, and one step back is the plan
  await page.reload()
  await isDrawn(page)
  await expect(page.getByLabel('paper', { exact: true })).toHaveValue('A4')
  await page.goBack()
  await expect(page).toHaveURL(/\/plan/)
})

test('it is saved as PDF whose text is found, as SVG and as DXF', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/paper?what=sheet&mode=mode-night`)
  await isDrawn(page)
  const saved = async (name: string, nth = 0): Promise<{ readonly name: string; readonly path: string }> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).nth(nth).click(),
    ])
    return { name: download.suggestedFilename(), path: await download.path() }
  }
  const pdf = await saved('Save as PDF')
  expect(pdf.name).toMatch(/\.pdf$/)
  expect(poppler('pdftotext', pdf.path, '-')).toContain('Night')
  expect(poppler('pdffonts', pdf.path)).toContain('InstrumentSans-Regular')
  const svg = await saved('Save as SVG')
  expect(await readFile(svg.path, 'utf8')).toContain('Sheet 1 of')
  const dxf = await saved('Drawing as DXF')
  expect(dxf.name).toMatch(/\.dxf$/)
  expect(await readFile(dxf.path, 'utf8')).toContain('AcDbPolyline')
})

test('all that can be printed is shown, each with its title block', async ({ page, request }) => {
  await open(page, `/jobs/${await ownJob(request)}/paper`)
  const kinds = page.getByRole('complementary', { name: 'What is printed' }).getByRole('listitem').getByRole('button')
  for (let at = 0; at < (await kinds.count()); at += 1) {
    await kinds.nth(at).click()
    await expect(kinds.nth(at)).toHaveAttribute('aria-pressed', 'true')
    await isDrawn(page)
    await expect(sheets(page).first()).toContainText('Sheet 1 of')
    await expect(sheets(page).first()).toContainText('never a certificate')
  }
})

test('the history goes on paper as it is, on screen and as PDF', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-bed').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('ArrowRight')
  await page.getByRole('button', { name: 'History' }).click()
  await page.getByRole('link', { name: 'On paper' }).click()
  await isDrawn(page)
  await expect(sheets(page).first()).toContainText(/Moved “Bed across”: 40 → 50/)
  const pdf = await request.get(`/api/jobs/${id}/paper?what=history&format=pdf`)
  await writeFile(test.info().outputPath('history.pdf'), await pdf.body())
  expect(poppler('pdftotext', test.info().outputPath('history.pdf'), '-')).toMatch(/Moved “Bed across”: 40 → 50/)
})

test('the paper of the shop is set once, its mark too, and stands on the sheets of every job; what is no picture is told', async ({
  page,
  request,
}) => {
  const [one, other] = [await ownJob(request), await ownJob(request)]
  await open(page, `/jobs/${one}/paper?what=questions`)
  await isDrawn(page)
  await page.getByTestId('shop-paper').locator('summary').click()
  const form = page.getByTestId('shop-paper')
  await form.getByLabel('name').fill('Hedge Lane Workshop')
  await form.getByLabel('address').fill('4 Hedge Lane\nStonebridge')
  await form.getByLabel('address').blur()
  await expect(sheets(page).first()).toContainText('Hedge Lane Workshop')
  await expect(sheets(page).first()).toContainText('Stonebridge')
  const picker = page.getByTestId('mark-file')
  await picker.setInputFiles({ name: 'mark.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(form.getByRole('alert')).toContainText('not a photo that can be read')
  await picker.setInputFiles({ name: 'huge.png', mimeType: 'image/png', buffer: Buffer.alloc(20_000_000) })
  await expect(form.getByRole('alert')).toContainText('“huge.png” is over 16 MB')
  // what is far too large for a browser’s hand is refused by the server too
  const huge = await request.put('/api/shop/paper/mark', { data: Buffer.alloc(20_000_000) })
  expect(huge.status()).toBe(413)
  const mark = await sharp({ create: { width: 300, height: 100, channels: 4, background: '#27509b' } })
    .png()
    .toBuffer()
  await picker.setInputFiles({ name: 'mark.png', mimeType: 'image/png', buffer: mark })
  await expect(form.getByRole('img', { name: 'The mark of the shop' })).toBeVisible()
  await expect(form.getByRole('alert')).toHaveCount(0)
  await expect(sheets(page).first().locator('image')).toHaveCount(1)

  await open(page, `/jobs/${other}/paper?what=client`)
  await expect(sheets(page).first()).toContainText('Hedge Lane Workshop')
  await page.getByTestId('shop-paper').locator('summary').click()
  await page.getByRole('button', { name: 'Take it out' }).click()
  await expect(sheets(page).first().locator('image')).toHaveCount(0)
  await request.put('/api/shop/paper', { data: { name: '', address: '' } })
})

test('a name with letters that no font has is told, and one with a script stays a name', async ({ page, request }) => {
  const id = await ownJob(request, (job) => ({ ...job, name: '旅 <script>window.hit=1</script> עגלה' }))
  await open(page, `/jobs/${id}/paper?what=client`)
  await isDrawn(page)
  await expect(page.getByTestId('left-out')).toContainText('no letter for 旅')
  await expect(sheets(page).first()).toContainText('<script>')
  expect(await page.evaluate(() => 'hit' in window)).toBe(false)
})

test('with the connection gone the sheets are still drawn and printed; a PDF says why it is not written', async ({
  page,
  request,
  context,
}) => {
  await open(page, `/jobs/${await ownJob(request)}/paper?what=set`)
  await isDrawn(page)
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Demands', exact: true }).click()
  await isDrawn(page)
  await expect(sheets(page).first()).toContainText('Demands, biggest first')
  await page.getByRole('button', { name: 'Save as PDF' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'No connection' })).toContainText('can still be printed')
})

test('pages that belong to no job are printed with the title block: shop, what they are, when, and which of how many', async ({
  page,
}, info) => {
  for (const [path, what, shown] of [
    ['/', 'Jobs', 'Bat survey van'],
    ['/copies', 'Copies of everything', 'One is made every day'],
    ['/rules', 'Book of rules', 'What a plan is checked against'],
  ] as const) {
    await open(page, path)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(what)
    const { pages, text } = await printed(page, info.outputPath(`${what}.pdf`))
    expect(text).toContain(shown)
    // in the block at the foot: beside the shop
    expect(text.trimEnd().split('\n').slice(-6).join('\n')).toMatch(new RegExp(`\\S +${what} +\\d+ \\w+ \\d{4}`))
    expect(text).toContain('Figures are for planning, never a certificate.')
    expect(text).toContain(`Sheet ${pages} of ${pages}`)
  }
})

test('how many sheets of a PDF are written is told while one waits, by the thread that writes them', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  const told: { done: number; of: number }[] = []
  await page.route('**/api/progress*', async (route) => {
    const answer = await route.fetch()
    told.push((await answer.json()) as { done: number; of: number })
    await route.fulfill({ response: answer })
  })
  // the file is held back until it is told of
  await page.route('**/paper?*format=pdf*', async (route) => {
    const answer = await route.fetch()
    await expect
      .poll(() => {
        const { done = 0, of = 0 } = told.at(-1) ?? {}
        return done > 0 && done === of
      })
      .toBe(true)
    await expect(page.getByTestId('progress')).toContainText(/Writing sheet \d+ of \d+ as PDF/)
    await route.fulfill({ response: answer })
  })
  await open(page, `/jobs/${id}/paper?what=set`)
  await isDrawn(page)
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as PDF' }).click()
  await saved
})
