import { expect, openPlan, ownJob, saved, stored, test } from '../support/job'

const labelOf = async (request: Parameters<typeof stored>[0], id: string) =>
  (await stored(request, id)).variants['variant-a']!.plan.fittings['fit-galley']!.label

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
  await expect(other.getByText(/Another window: Took out Wardrobe/)).toBeVisible()
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
  await page.route('**/commands*', (route) => route.abort())
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('Delete')
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet')
  await expect(page.getByText('No connection: your work is kept in this browser')).toBeVisible()
  expect(Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)).toContain('fit-wardrobe')
  await page.close()
  const later = await context.newPage()
  await openPlan(later, id)
  await expect(later.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
  await saved(later)
  expect(Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings)).not.toContain('fit-wardrobe')
})
