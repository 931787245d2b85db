import { expect, open, stored, test } from '../support/job'

test('a job begins with the plan of an invented build of its body, and the library with a dozen modules', async ({
  page,
  request,
}) => {
  await open(page, '/')
  await page.getByRole('button', { name: /^New job/ }).click()
  await page.getByLabel('Name of the job').fill('From a layout')
  const start = page.getByLabel('Start with')
  await expect(start).toContainText('Tide reader')
  const value = await start.locator('option').filter({ hasText: 'Tide reader' }).getAttribute('value')
  await start.selectOption(value!)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page).toHaveURL(/\/brief/)
  const job = await stored(request, new URL(page.url()).pathname.split('/')[2]!)
  const [variant] = Object.values(job.variants)
  expect(Object.keys(variant!.plan.fittings).length).toBeGreaterThan(3)
  expect(job.name).toBe('From a layout')
  const modules = (await (await request.get('/api/modules')).json()) as { id: string }[]
  expect(modules.filter(({ id }) => id.startsWith('module-')).length).toBeGreaterThanOrEqual(12)
})
