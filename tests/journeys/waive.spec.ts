import { expect, openPlan, ownJob, saved, stored, test } from '../support/job'

test('a stop is let be with a reason, counts no more, and counts again when the plan changes', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.keyboard.press('3')
  const night = page.getByTestId('mode-button').filter({ hasText: 'Night' })
  await expect(night).toContainText('1 stop')
  const short = page.getByTestId('finding-berth-short')
  await short.getByRole('button').first().click()
  await short.getByRole('button', { name: 'Leave as it is…' }).click()
  await short.getByLabel('Why it is left as it is').fill('He sleeps on his side')
  await page.keyboard.press('Enter')
  await expect(short.getByTestId('waiver')).toContainText(/Left as it is, \d+ \w+ \d{4}: He sleeps on his side/)
  await expect(night).not.toContainText('stop')
  await expect(page.getByTestId('mark-berth-short')).toHaveCount(0)
  await saved(page)
  expect(Object.values((await stored(request, id)).variants['variant-a']!.plan.waivers!)).toMatchObject([
    { code: 'berth-short', reason: 'He sleeps on his side' },
  ])

  // a shorter bed is another fault: what was let be holds no more
  await page.getByTestId('plan-fit-bed').click()
  const length = page.getByTestId('parameters').getByLabel('length')
  await length.fill('1600')
  await length.press('Enter')
  await expect(page.getByTestId('waiver')).toContainText('the figures have changed since')
  await expect(night).toContainText('1 stop')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(night).not.toContainText('stop')
  await page.getByTestId('finding-berth-short').getByRole('button').first().click()
  await page.getByTestId('waiver').getByRole('button', { name: 'Bring it back' }).click()
  await expect(night).toContainText('1 stop')
})
