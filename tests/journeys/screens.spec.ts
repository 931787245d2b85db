import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, open, openPlan, ownJob, test } from '../support/job'

const grave = async (page: Page, ask: (axe: AxeBuilder) => AxeBuilder) => {
  // a dialog fades in, and so do colours: half-faded text has half its contrast
  await page.waitForTimeout(300)
  // what passes is not told one by one: on a long page that is most of the work
  const { violations } = await ask(new AxeBuilder({ page }).options({ resultTypes: ['violations'] })).analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target }) => target.join(' '))
          .slice(0, 12)
          .join(' | ')}`,
    )
}

const SCREENS: readonly (readonly [string, (page: Page, id: string) => Promise<void>])[] = [
  [
    'jobs and new job',
    async (page) => {
      await open(page, '/')
      await page.getByRole('button', { name: 'New job' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
  ['jobs', (page) => open(page, '/')],
  ['book of rules', (page) => open(page, '/rules')],
  [
    'copies, one looked into',
    async (page) => {
      await open(page, '/copies')
      await page.getByRole('button', { name: 'Make a copy now' }).click()
      await page.getByRole('button', { name: 'Look inside' }).first().click()
      await expect(page.getByRole('region', { name: 'Inside the copy' })).toBeVisible()
    },
  ],
  ['brief', (page, id) => open(page, `/jobs/${id}/brief`)],
  ...['pets', 'gear', 'use', 'comfort', 'build', 'demands'].map((step): (typeof SCREENS)[number] => [
    `brief, ${step}`,
    (page, id) => open(page, `/jobs/${id}/brief?page=${step}`),
  ]),
  [
    'brief, vehicles',
    async (page, id) => {
      await open(page, `/jobs/${id}/brief?page=vehicles`)
      await expect(page.locator('[data-vehicle]').first()).toBeVisible()
    },
  ],
  ['vehicle', (page, id) => open(page, `/jobs/${id}/vehicle`)],
  ['survey', (page, id) => open(page, `/jobs/${id}/survey`)],
  [
    'as bought',
    async (page, id) => {
      await open(page, `/jobs/${id}/survey/as-bought`)
      await page.getByLabel('Add what was found').selectOption('rust')
      await expect(page.getByRole('button', { name: 'Add photos' })).toBeVisible()
    },
  ],
  [
    'budgets, with a weighing being entered',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets`)
      await page.getByTestId('papers').locator('summary').click()
      await page.getByTestId('unknown').locator('summary').click()
      await page.getByRole('button', { name: 'Weigh it…' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
  [
    'power, with something that draws being added',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets/power`)
      await page.getByRole('button', { name: 'Say where it is through the year' }).click()
      await page.getByRole('button', { name: 'Add what else draws' }).click()
      await expect(page.getByTestId('extra')).toBeVisible()
    },
  ],
  [
    'water',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets/water`)
      await expect(page.getByTestId('tanks')).toBeVisible()
    },
  ],
  [
    'gas',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets/gas`)
      await expect(page.getByTestId('answer')).toBeVisible()
    },
  ],
  [
    'warmth',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets/warmth`)
      await expect(page.getByTestId('damp')).toBeVisible()
    },
  ],
  [
    'air',
    async (page, id) => {
      await open(page, `/jobs/${id}/budgets/air`)
      await expect(page.getByTestId('states')).toBeVisible()
    },
  ],
  [
    'lining and changes',
    async (page, id) => {
      await open(page, `/jobs/${id}/vehicle`)
      await page.getByRole('tab', { name: 'Bodywork' }).click()
      await page.getByLabel('Add a change').selectOption('flare')
      await expect(page.getByTestId('change-flare')).toBeVisible()
    },
  ],
  [
    'plan with a fitting selected',
    async (page, id) => {
      await openPlan(page, id)
      await page.keyboard.press('2')
      await page.getByTestId('plan-fit-galley').click({ position: { x: 60, y: 10 } })
      await expect(page.getByTestId('finding-gas-none')).toBeVisible()
    },
  ],
  [
    'review',
    async (page, id) => {
      await open(page, `/jobs/${id}/review`)
      await expect(page.getByTestId('detail')).toBeVisible()
    },
  ],
  [
    'on paper',
    async (page, id) => {
      await open(page, `/jobs/${id}/paper?what=client`)
      await expect(page.getByTestId('sheet').first()).toBeVisible()
    },
  ],
  ['rules of the job', (page, id) => open(page, `/jobs/${id}/rules`)],
  [
    'history',
    async (page, id) => {
      await openPlan(page, id)
      await page.keyboard.press('h')
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
  [
    'ways to meet a demand',
    async (page, id) => {
      await openPlan(page, id)
      await page.locator('[data-demand]').first().click()
      await expect(page.getByTestId('choices')).toBeVisible()
    },
  ],
  [
    'search',
    async (page, id) => {
      await openPlan(page, id)
      await page.keyboard.press('/')
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  ],
]

/** Outside the proof every third of them, and the first: by day and in the dark. */
const EACH = process.env.PROOF === '1' ? 1 : 3

for (const [name, show] of SCREENS.filter((_, at) => at % EACH === 0))
  test(`no serious fault for assistive technology: ${name}`, async ({ page, request }) => {
    await page.emulateMedia({ colorScheme: 'light' })
    await show(page, await ownJob(request))
    expect(await grave(page, (axe) => axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']))).toEqual(
      [],
    )
    await page.emulateMedia({ colorScheme: 'dark' })
    // the same page in other colours: they are what can be wrong with it
    expect(await grave(page, (axe) => axe.withRules(['color-contrast']))).toEqual([])
  })

test('a whole job shows at 1280 × 800 and at 1024 wide, without scrolling the page', async ({ page, request }) => {
  const id = await ownJob(request)
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
  ] as const) {
    await page.setViewportSize({ width, height })
    await openPlan(page, id)
    expect(
      await page.evaluate(() => [
        document.documentElement.scrollWidth <= innerWidth,
        document.documentElement.scrollHeight <= innerHeight,
      ]),
    ).toEqual([true, true])
    for (const view of ['left', 'plan', 'right']) {
      const box = (await page.getByTestId(`view-${view}`).boundingBox())!
      expect(box.x).toBeGreaterThanOrEqual(0)
      expect(box.y + box.height).toBeLessThanOrEqual(height)
    }
    const drawing = (await page.getByRole('group', { name: /The vehicle unfolded/ }).boundingBox())!
    expect((drawing.width * drawing.height) / (width * (height - 48 - 62))).toBeGreaterThan(0.5)
  }
})

test('a touch drags as a mouse does', async ({ browser, request }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1180, height: 820 } })
  const page = await context.newPage()
  await openPlan(page, await ownJob(request))
  const box = (await page.getByTestId('plan-fit-wardrobe').boundingBox())!
  const client = await context.newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x?: number) =>
    client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: x === undefined ? [] : [{ x, y: box.y + box.height / 2 }],
    })
  await touch('touchStart', box.x + box.width / 2)
  for (let dx = 5; dx <= 40; dx += 5) await touch('touchMove', box.x + box.width / 2 + dx)
  await touch('touchEnd')
  await expect
    .poll(async () => (await page.getByTestId('plan-fit-wardrobe').boundingBox())!.x - box.x)
    .toBeGreaterThan(25)
  await context.close()
})

test('an address that is none says so', async ({ page }) => {
  await page.goto('/jobs/job-none/plan')
  await expect(page.getByText('There is no such job.')).toBeVisible()
})
