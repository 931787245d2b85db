import { expect, open, test } from '../support/job'

test('the book of rules is found from the jobs, searched, and its figures say why', async ({ page }) => {
  await open(page, '/')
  await page.getByRole('link', { name: 'Book of rules' }).click()
  await expect(page.getByRole('heading', { name: 'Book of rules' })).toBeVisible()
  const find = page.getByLabel('find')
  await find.fill('nfpa')
  await expect(page.getByText('2 rules', { exact: true })).toBeVisible()
  const rule = page.getByTestId('rule-ways-out')
  await expect(rule).toContainText('For the client: You get out at night')
  await rule.getByRole('button', { name: /^Why longer side/ }).click()
  await expect(page.locator('[data-popover-content]')).toContainText(/Makes sense from 400\smm to 900\smm/)
  await page.keyboard.press('Escape')
  await find.fill('samovar')
  await expect(page.getByText('No rule mentions “samovar”.')).toBeVisible()
})
