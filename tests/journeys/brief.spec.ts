import type { Locator, Page } from '@playwright/test'
import { expect, open, openPlan, ownJob, plain, saved, stored, test } from '../support/job'

/** Goes on by Tab until something has the focus; what cannot be reached so fails. */
async function tabTo(page: Page, target: Locator, most = 120): Promise<void> {
  for (let press = 0; press < most; press += 1) {
    if (await target.evaluate((element) => element === document.activeElement).catch(() => false)) return
    await page.keyboard.press('Tab')
  }
  await expect(target).toBeFocused()
}

const empty = (request: Parameters<typeof ownJob>[0]) =>
  ownJob(request, (job) => ({
    ...job,
    brief: { people: {}, pets: {}, nightsOffHookUp: 3, derives: true, demands: {}, notes: '' },
    variants: {
      'variant-a': { ...job.variants['variant-a']!, plan: { ...job.variants['variant-a']!.plan, fittings: {} } },
    },
  }))

test('the brief of a family by keyboard alone: demands in order, a vehicle from the comparison, the bench with the biggest first', async ({
  page,
  request,
}) => {
  test.setTimeout(180_000)
  const id = await empty(request)
  await open(page, `/jobs/${id}/brief`)
  const asks = page.getByTestId('asks')
  const press = async (target: Locator) => {
    await tabTo(page, target)
    await page.keyboard.press('Enter')
  }
  const type = async (target: Locator, text: string) => {
    await tabTo(page, target)
    await page.keyboard.press('ControlOrMeta+A')
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }

  await press(page.getByRole('button', { name: 'Add an adult' }))
  await type(page.getByLabel('Height of Person 1'), '1.86 m')
  await press(page.getByRole('button', { name: 'Add an adult' }))
  await press(page.getByRole('button', { name: 'More about Person 2' }))
  const shares = page.getByLabel('shares a bed with')
  await tabTo(page, shares)
  await page.keyboard.press('ArrowDown')
  await expect(asks).toContainText(/1\s910 × 1\s200/)
  await press(page.getByRole('button', { name: 'Add an infant' }))
  await expect(asks).toContainText('Cot for infant 3')

  await press(page.getByRole('link', { name: 'On to pets' }))
  await press(page.getByRole('button', { name: 'Add a pet' }))
  await type(page.getByLabel('nose to rump'), '90 cm')
  await expect(asks).toContainText(/Place for Dog\s*1\s050 × 630/)

  await press(page.getByRole('link', { name: /^Comfort/ }))
  const cook = page.getByLabel('How often they cook')
  await tabTo(page, cook)
  await page.keyboard.press('d')
  await expect(cook).toHaveValue('daily')
  await expect(asks).toContainText(/Galley with a hob\s*1\s400 × 500/)

  // biggest first, each with its reason
  const leads = (await asks.locator('[data-demand]').allInnerTexts()).map((text) => plain(text).split('\n')[0])
  expect(leads.slice(0, 4)).toEqual(['Berths', 'Galley with a hob', 'Cot for infant 3', 'Place for Dog'])
  await expect(page.getByTestId('contradictions')).toContainText(
    'People who travel: 3. Belted seats in this vehicle: 2.',
  )

  await press(page.getByRole('link', { name: /^Which vehicle/ }))
  const best = page.getByTestId('vehicles').locator('[data-vehicle]').first()
  await expect(best).toContainText('all fits', { timeout: 30_000 })
  const chosen = (await best.getAttribute('data-vehicle'))!
  await press(best.getByRole('button', { name: /^Use this vehicle/ }))
  await expect(page).toHaveURL(/\/plan$/)
  await expect(page.locator('[data-demand]').first()).toHaveText('Berths')
  await saved(page)
  const job = await stored(request, id)
  expect(job.shell.id).toBe(chosen)
  expect(Object.values(job.brief.people).map(({ age }) => age ?? 'adult')).toEqual(['adult', 'adult', 'infant'])
  // and it goes onto the drawing by Enter
  await tabTo(page, page.locator('[data-demand]').first())
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('choices')).toContainText('Enter takes the first', { timeout: 60_000 })
  await page.keyboard.press('Enter')
  await saved(page)
  const [fitting] = Object.values((await stored(request, id)).variants['variant-a']!.plan.fittings)
  expect(fitting).toMatchObject({ kind: 'bed-fixed', parameters: { lyingMm: 1910, widthMm: 1200 } })
})

test('a demand is waived with its reason, split, merged, weighed, and all of it undone', async ({ page, request }) => {
  const id = await empty(request)
  await open(page, `/jobs/${id}/brief`)
  await page.getByLabel('Start from a template').selectOption('working-pair')
  await page.getByRole('link', { name: /^Demands/ }).click()
  const row = (demand: string) => page.locator(`[data-derived="${demand}"]`)
  await expect(row('need-desks-person-one')).toContainText('The translator works 7 h a day with 1 screen.')

  await row('need-toilet-all')
    .getByRole('button', { name: /^Waive/ })
    .click()
  await page.getByLabel(/^Why Toilet is waived/).fill('the yard has one')
  await page.getByRole('button', { name: 'Waive', exact: true }).click()
  await expect(row('need-toilet-all')).toContainText('Waived: the yard has one')
  await saved(page)
  expect((await stored(request, id)).brief.adjust!['need-toilet-all']).toEqual({ waived: 'the yard has one' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row('need-toilet-all')).not.toContainText('Waived')

  await row('need-beds-person-one').getByRole('button', { name: 'Split' }).click()
  await expect(row('need-beds-person-one-part-2')).toContainText(/1\s890 × 650/)
  await row('need-beds-person-one').getByRole('button', { name: 'Join' }).click()
  await expect(row('need-beds-person-one-part-2')).toHaveCount(0)

  const must = row('need-desks-person-two').getByRole('checkbox')
  await must.uncheck()
  await row('need-desks-person-two')
    .getByLabel(/^How much it counts:/)
    .selectOption('2')
  await saved(page)
  expect((await stored(request, id)).brief.adjust!['need-desks-person-two']).toMatchObject({ must: false, weight: 2 })

  await row('need-desks-person-two')
    .getByLabel(/^Count .* with/)
    .selectOption('need-desks-person-one')
  await expect(row('need-desks-person-two')).toHaveCount(0)
  await page.getByRole('button', { name: 'Separate' }).click()
  await expect(row('need-desks-person-two')).toBeVisible()
})

test('gear from the list and of one’s own: odd sizes get a note, impossible ones a fault, in inches too', async ({
  page,
  request,
}) => {
  const id = await empty(request)
  await open(page, `/jobs/${id}/brief?page=gear`)
  await page.getByLabel('Add gear').selectOption('cello-case')
  await expect(page.getByTestId('asks')).toContainText(/Cello in its case\s*1\s400 × 500/)
  const length = page.getByLabel('length of Cello in its case')
  await length.fill('3.8 m')
  await length.press('Enter')
  await expect(page.getByText('Longer than most load spaces')).toBeVisible()
  await length.fill('7 m')
  await length.press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: /At most 6\s000/ })).toBeVisible()
  await length.fill('55in')
  await length.press('Enter')
  await expect(length).toHaveValue('1\u202f397')
  await page.getByRole('button', { name: 'More about Cello in its case' }).click()
  await page.getByLabel('may lie on its side').uncheck()
  await saved(page)
  expect(Object.values((await stored(request, id)).brief.gear!)).toMatchObject([
    { label: 'Cello in its case', sizeMm: [1397, 500, 350], mayLie: false, hidden: true },
  ])
})

test('a changed answer shows on the bench what breaks; old jobs keep what was typed until they are asked', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/brief?page=demands`)
  await expect(page.getByTestId('derived')).toHaveCount(0)
  await page.getByRole('button', { name: 'Let the demands follow from the answers' }).click()
  await expect(page.getByTestId('derived')).toContainText('Seats inside')
  await page.getByRole('button', { name: 'Only what is typed' }).click()
  await expect(page.getByTestId('derived')).toHaveCount(0)

  // what an answer breaks in each variant is said beside it, and taken back with it
  await page.getByRole('link', { name: /^People/ }).click()
  const plans = page.getByTestId('variants')
  await expect(plans).toContainText('Variant A')
  await expect(plans.getByRole('listitem')).toHaveCount(0)
  await page.getByLabel('Height of partner').fill('2.1 m')
  await page.getByLabel('Height of partner').press('Enter')
  await expect(plans).toContainText(/partner, 2\s100\smm tall, needs/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(plans.getByRole('listitem')).toHaveCount(0)

  await page.getByRole('button', { name: 'More about partner' }).click()
  await page.getByRole('combobox', { name: /^moves/ }).selectOption('wheelchair')
  await page.getByRole('link', { name: /^Demands/ }).click()
  await page.getByRole('button', { name: 'Let the demands follow from the answers' }).click()
  await saved(page)
  await openPlan(page, id)
  await page.keyboard.press('2')
  await expect(page.getByTestId('finding-turning-small')).toContainText(
    /largest clear circle on the floor is [\d\s]+mm/,
  )
})

test('the questions go on paper, with room to write', async ({ page, request }) => {
  await open(page, `/jobs/${await ownJob(request)}/brief`)
  await page.getByRole('link', { name: 'Questions on paper' }).click()
  const sheet = page.getByTestId('sheet')
  await expect(sheet.first()).toContainText('Who sleeps here, who travels here')
  await expect(sheet.filter({ hasText: 'Toilet: none' })).toHaveCount(1)
})
