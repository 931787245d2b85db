import type { Page } from '@playwright/test'
import { deepShower, dragBy, expect, open, openPlan, ownJob, test } from '../support/job'

/** Every worker of the page throws as soon as it starts, until it is mended. */
const breakEngines = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    Object.assign(window, { broken: true })
    window.Worker = class extends Worker {
      constructor(url: string | URL, options?: WorkerOptions) {
        const isBroken = (window as unknown as { broken: boolean }).broken
        const script = new Blob(['throw new Error("out of chalk")'], { type: 'text/javascript' })
        super(isBroken ? URL.createObjectURL(script) : url, options)
      }
    }
  })
const mendEngines = (page: Page): Promise<unknown> => page.evaluate(() => Object.assign(window, { broken: false }))

test('a review that stops says so, shows nothing old, and is started again', async ({ page, request }) => {
  const id = await ownJob(request, deepShower)
  await breakEngines(page)
  await open(page, `/jobs/${id}/plan`)
  const stopped = page.getByTestId('stopped')
  await expect(stopped).toContainText('The review has stopped:')
  await expect(stopped).toContainText('out of chalk')
  await expect(page.locator('[data-testid^="mark-"]')).toHaveCount(0)
  await expect(page.getByTestId('mode-button').first()).toContainText('…')
  // the plan is still there to be worked on
  await page.getByTestId('plan-fit-wardrobe').click()
  await expect(page.getByTestId('tape')).toBeVisible()
  await page.keyboard.press('Escape')

  await mendEngines(page)
  await stopped.getByRole('button', { name: 'Try again' }).click()
  await expect(stopped).toHaveCount(0)
  await expect(page.getByTestId('mode-button').first()).not.toContainText('…')
  await expect(page.getByTestId('mode-button').filter({ hasText: 'Day' })).toContainText('caution')
})

test('the list of findings says so as well, and goes on with the next change', async ({ page, request }) => {
  const id = await ownJob(request, deepShower)
  await breakEngines(page)
  await open(page, `/jobs/${id}/review`)
  await expect(page.getByTestId('stopped')).toContainText('out of chalk')
  await expect(page.locator('[data-testid^="fault-"]')).toHaveCount(0)
  await mendEngines(page)
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.locator('[data-testid^="fault-"]').first()).toBeVisible()
  await expect(page.getByTestId('stopped')).toHaveCount(0)
})

test('a worker that is killed is missed and replaced, and what it would have said is said', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await page.addInitScript(() => {
    const workers: Worker[] = []
    Object.assign(window, { workers })
    window.Worker = class extends Worker {
      constructor(...given: ConstructorParameters<typeof Worker>) {
        super(...given)
        workers.push(this)
      }
    }
    // half a minute is long for a test; before the kill it has all that time
    const wait = window.setTimeout
    const isKilled = (): boolean => (window as unknown as { isKilled?: boolean }).isKilled === true
    window.setTimeout = ((work: () => void, ms = 0) =>
      wait(work, ms >= 30_000 && isKilled() ? 4_000 : ms)) as typeof setTimeout
  })
  await openPlan(page, id)
  await page.getByTestId('mode-button').filter({ hasText: 'Day' }).click()
  await expect(page.getByTestId('mode-button').first()).not.toContainText('…')
  const count = await page.evaluate(() => {
    const { workers } = window as unknown as { workers: Worker[] }
    for (const worker of workers) worker.terminate()
    Object.assign(window, { isKilled: true })
    return workers.length
  })
  expect(count).toBeGreaterThan(0)
  await dragBy(page, 'plan-fit-wardrobe', -16, 0, ['Control'])
  await expect(page.getByTestId('finding-overlap')).toBeVisible({ timeout: 30_000 })
  await expect(page.getByTestId('stopped')).toHaveCount(0)
})
