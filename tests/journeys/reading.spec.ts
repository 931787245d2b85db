import type { Page } from '@playwright/test'
import { expect, open, openPlan, ownJob, saved, stored, tape, test } from '../support/job'

/** Every page, by its address. */
const PAGES = [
  '/',
  '/rules',
  '/copies',
  ...['people', 'pets', 'gear', 'use', 'comfort', 'build', 'demands', 'vehicles'].map(
    (step) => `/jobs/ID/brief?page=${step}`,
  ),
  ...['vehicle', 'survey', 'survey/as-bought', 'plan', 'review', 'paper', 'rules', 'budgets'].map(
    (page) => `/jobs/ID/${page}`,
  ),
]

/** Outside the proof every other page, each by one of the two ways of reading it. */
const some = (from: 0 | 1): readonly string[] =>
  process.env.PROOF === '1' ? PAGES : PAGES.filter((_, at) => at % 2 === from)

const acrossPx = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth)

test('every page is read at 640 px, as on a wide screen with letters twice as large: nothing lies beside it', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await page.setViewportSize({ width: 640, height: 800 })
  for (const path of some(0)) {
    await open(page, path.replace('ID', id))
    await page.waitForLoadState('networkidle')
    expect(await acrossPx(page), path).toBeLessThanOrEqual(640)
    await expect(page.getByRole('heading', { level: 1 }), path).toHaveCount(1)
  }
})

test.describe('by touch on a tablet', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } })

  test('what a finger hits is 40 px high on every page', async ({ page, request }) => {
    const id = await ownJob(request)
    const tooSmall: string[] = []
    for (const path of some(1)) {
      await open(page, path.replace('ID', id))
      await page.waitForLoadState('networkidle')
      const small = await page.evaluate(() =>
        [
          ...document.querySelectorAll<HTMLElement>(
            '.act, .act-main, summary, select, input.ruled, header button, footer button, nav a',
          ),
        ]
          .filter((element) => element.checkVisibility({ checkVisibilityCSS: true }))
          .flatMap((element) => {
            const { height, width } = element.getBoundingClientRect()
            const words = element.textContent?.trim().slice(0, 30) || element.getAttribute('aria-label')
            return height > 0 && width > 1 && height < 39.5 ? [`${words}: ${height}`] : []
          }),
      )
      tooSmall.push(...small.map((words) => `${path}: ${words}`))
      expect(await acrossPx(page), path).toBeLessThanOrEqual(820)
    }
    expect(tooSmall).toEqual([])
  })

  test('the review: a finding that is tapped comes into sight, and a thumb goes on to the next', async ({
    page,
    request,
  }) => {
    await open(page, `/jobs/${await ownJob(request)}/review`)
    const detail = page.getByTestId('detail').getByRole('heading', { level: 2 })
    await expect(detail).toBeVisible()
    const faults = page.getByTestId('faults').getByRole('listitem').getByRole('button')
    const [first, second] = await faults.getByRole('strong').or(faults.locator('b')).allInnerTexts()
    await faults.nth(1).tap()
    await expect(detail).toContainText(second!)
    await expect(page.getByTestId('place-drawing')).toBeInViewport({ ratio: 0.9 })
    await expect(detail).toBeInViewport()
    await page.getByRole('button', { name: 'Previous' }).tap()
    await expect(detail).toContainText(first!)
    await page.getByRole('button', { name: 'List' }).tap()
    await expect(faults.first()).toBeInViewport()
  })

  test('the survey: the tape that is asked for stays in sight, and figures are typed on a pad of their own', async ({
    page,
    request,
  }) => {
    const id = await ownJob(request)
    await open(page, `/jobs/${id}/survey`)
    const field = page.locator('[data-reading="first"]').nth(12)
    await field.scrollIntoViewIfNeeded()
    await field.tap()
    await expect(page.getByRole('img', { name: /The body as measured/ })).toBeInViewport({ ratio: 0.8 })
    const pad = page.getByTestId('keypad')
    await expect(pad).toBeVisible()
    await expect(field).toHaveAttribute('inputmode', 'none')
    for (const key of ['1', '8', '1', '2']) await pad.getByRole('button', { name: key, exact: true }).tap()
    await pad.getByRole('button', { name: 'take back' }).tap()
    await pad.getByRole('button', { name: '5', exact: true }).tap()
    await expect(field).toHaveValue('1815')
    await pad.getByRole('button', { name: 'Done' }).tap()
    await saved(page)
    const readings = Object.values((await stored(request, id)).survey?.readings ?? {})
    expect(readings.map(({ first }) => first)).toEqual([1815])
    // and the next of them is asked for
    await expect(pad).toBeVisible()
  })

  test('a sum is typed on the pad at a figure of the bench, beside the column that it stands in', async ({
    page,
    request,
  }) => {
    const id = await ownJob(request)
    await openPlan(page, id)
    await page.getByTestId('plan-fit-wardrobe').tap()
    await page.getByRole('button', { name: 'Selection', exact: true }).tap()
    await tape(page, 'rear').tap()
    const pad = page.getByTestId('keypad')
    const [field, keys] = [(await tape(page, 'rear').boundingBox())!, (await pad.boundingBox())!]
    expect(keys.x + keys.width).toBeLessThanOrEqual(field.x)
    for (const key of ['2', '0', '0', '0', 'plus', '5', '0'])
      await pad.getByRole('button', { name: key, exact: true }).tap()
    await pad.getByRole('button', { name: 'Done' }).tap()
    await expect(tape(page, 'rear')).toHaveValue(/2.050/)
    await expect(pad).toHaveCount(0)
    await saved(page)
  })
})

test.describe('the reason in sight', () => {
  for (const units of ['mm', 'in'] as const)
    test(`what is wrong with the thing in hand stands with its figures and two ways out at 1280 × 800, in ${units}`, async ({
      page,
      request,
    }) => {
      await openPlan(page, await ownJob(request, (job) => ({ ...job, units })))
      await page.keyboard.press('3')
      await page.getByTestId('plan-fit-bed').click()
      const finding = page.getByTestId('finding-berth-short')
      await expect(finding).toBeInViewport({ ratio: 1 })
      const ways = finding.getByTestId('ways-out').getByRole('listitem')
      await expect(ways.nth(1)).toBeVisible({ timeout: 20_000 })
      for (const way of [ways.nth(0), ways.nth(1)]) await expect(way).toBeInViewport({ ratio: 1 })
      // the size and the tape come next, and nothing had to be scrolled for the reason
      await expect(page.getByTestId('parameters').or(page.getByTestId('tape')).first()).toBeInViewport()
      const column = page.getByRole('region', { name: 'Selected' })
      expect(await column.evaluate((element) => element.scrollTop)).toBe(0)
    })
})
