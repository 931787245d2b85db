import type { Page } from '@playwright/test'
import { expect, openPlan, ownJob, saved, stored, tape, test } from '../support/job'

const labelOf = async (request: Parameters<typeof stored>[0], id: string) =>
  (await stored(request, id)).variants['variant-a']!.plan.fittings['fit-galley']!.label

/** Takes the wardrobe out while nothing reaches the server; it comes back only when the browser says that it keeps the work. */
async function deleteUnsaved(page: Page): Promise<void> {
  await page.route('**/commands*', (route) => route.abort())
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('Delete')
  await expect(page.getByText('No connection: your work is kept in this browser')).toBeVisible()
}

test('two windows on one job: both changes stand, and each is told of the other', async ({
  page,
  context,
  request,
}) => {
  const id = await ownJob(request)
  const other = await context.newPage()
  await openPlan(page, id)
  await openPlan(other, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('Delete')
  await saved(page)
  await expect(other.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
  await expect(other.getByText(/Another window: Removed the wardrobe/)).toBeVisible()
  await other.getByTestId('plan-fit-desk').click()
  await other.keyboard.press('Delete')
  await saved(other)
  await expect(page.getByTestId('plan-fit-desk')).toHaveCount(0)
  expect(Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)).not.toContain('fit-wardrobe')
})

test('two windows on one thing: nothing is overwritten silently, the person chooses', async ({
  page,
  context,
  request,
}) => {
  const id = await ownJob(request)
  const other = await context.newPage()
  await openPlan(page, id)
  await openPlan(other, id)
  // the other window does not hear of the first one's change before it has made its own
  await other.route('**/commands*', (route) => route.abort())
  const call = async (tab: typeof page, name: string) => {
    await tab.getByTestId('plan-fit-galley').click({ position: { x: 60, y: 10 } })
    await tab.getByLabel('Name of the fitting').fill(name)
    await tab.getByLabel('Name of the fitting').press('Enter')
  }
  await call(other, 'Kitchen')
  await expect(other.getByTestId('save-state')).toHaveText('Not saved yet')
  await call(page, 'Counter')
  await saved(page)
  await other.unroute('**/commands*')
  // as a browser does that finds the network again: what waits is sent now, not at the end of a wait of up to eight seconds
  await other.evaluate(() => dispatchEvent(new Event('online')))
  const dialog = other.getByRole('alertdialog')
  await expect(dialog).toContainText('Changed in two windows', { timeout: 15_000 })
  expect(await labelOf(request, id)).toBe('Counter')
  await dialog.getByRole('button', { name: 'Keep mine' }).click()
  await saved(other)
  expect(await labelOf(request, id)).toBe('Kitchen')
  await expect(page.getByLabel('Name of the fitting')).toHaveValue('Kitchen')
})

test('what is not saved is kept in the browser and sent later, by another tab if need be', async ({
  page,
  context,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await deleteUnsaved(page)
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet')
  expect(Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)).toContain('fit-wardrobe')
  await page.close()
  const later = await context.newPage()
  await openPlan(later, id)
  await expect(later.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
  await saved(later)
  expect(Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)).not.toContain('fit-wardrobe')
})

test('reload while saving fails, then close: the work is still there, and is saved from the next tab', async ({
  page,
  context,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await deleteUnsaved(page)
  await page.reload()
  await expect(page.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
  await page.getByTestId('plan-fit-desk').click()
  await page.keyboard.press('Delete')
  await expect(page.getByText('kept in this browser')).toBeVisible()
  await context.setOffline(true)
  await page.close()
  await context.setOffline(false)
  const later = await context.newPage()
  await openPlan(later, id)
  await expect(later.getByTestId('plan-fit-desk')).toHaveCount(0)
  await saved(later)
  const there = Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)
  expect(there).not.toContain('fit-wardrobe')
  expect(there).not.toContain('fit-desk')
})

test('a figure over its limit is told at its field, and saving goes on', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  await tape(page, 'rear').fill('18500')
  await tape(page, 'rear').press('Enter')
  await expect(page.locator('#tape-rear-fault')).toContainText(/At most 14\s000/)
  await expect(tape(page, 'rear')).toHaveValue('18500')
  await tape(page, 'rear').fill('1850')
  await tape(page, 'rear').press('Enter')
  await saved(page)
  expect((await stored(request, id)).variants['variant-a']!.plan.fittings['fit-wardrobe']!.seat.along.mm).toBe(1850)
})

test('one change that the server refuses is taken back alone, by name; the others are saved', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  // the server of another day: it refuses what this screen lets through
  await page.route('**/commands', async (route) => {
    const sent = route.request().postDataJSON() as {
      commands: { uid: string; command: { type: string; id?: string } }[]
    }
    const bad = sent.commands.find(({ command }) => command.type === 'fitting.remove' && command.id === 'fit-desk')
    if (bad === undefined) return route.continue()
    await route.fulfill({ status: 422, json: { uid: bad.uid, message: 'not this one' } })
  })
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('Delete')
  await page.getByTestId('plan-fit-desk').click()
  await page.keyboard.press('Delete')
  await expect(page.getByText(/could not be saved: Removed the desk in variant “[^”]+” \(not this one\)/)).toBeVisible()
  await saved(page)
  await expect(page.getByTestId('plan-fit-desk')).toHaveCount(1)
  const there = Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)
  expect([there.includes('fit-wardrobe'), there.includes('fit-desk')]).toEqual([false, true])
})

test('taking out what others stand on in a mode brings them down, and all of it can be undone', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) => {
    const plan = job.variants['variant-a']!.plan
    const { seat } = plan.fittings['fit-water']!
    const on = { ...seat, up: { from: 'top-of' as const, fitting: 'fit-galley', mm: 0 } }
    const night = { ...plan.modes['mode-night']!, seats: { 'fit-water': on } }
    return {
      ...job,
      variants: {
        ...job.variants,
        'variant-a': {
          ...job.variants['variant-a']!,
          plan: { ...plan, modes: { ...plan.modes, 'mode-night': night } },
        },
      },
    }
  })
  await openPlan(page, id)
  await page.getByTestId('plan-fit-galley').click({ position: { x: 60, y: 10 } })
  await page.keyboard.press('Delete')
  await saved(page)
  const mode = async () =>
    (await stored(request, id)).variants['variant-a']!.plan.modes['mode-night']!.seats!['fit-water']!.up
  expect((await mode()).from).toBe('floor')
  await page.keyboard.press('Control+z')
  await saved(page)
  expect(await mode()).toMatchObject({ from: 'top-of', fitting: 'fit-galley' })
})

test('a page that is not there says what is safe and what to do', async ({ page }) => {
  for (const path of ['/nowhere', '/jobs/job-none/plan']) {
    await page.goto(path)
    await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible()
    await expect(page.locator('main')).toContainText('deleted jobs can be put back')
    await expect(page.locator('body')).not.toContainText('Internal Error')
  }
})
