import { deepShower, expect, figureIn, openPlan, ownJob, saved, stored, tape, test } from '../support/job'

test('the bench works from the keyboard alone', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const fittings = async () => (await stored(request, id)).variants['variant-a']!.plan.fittings

  await page.keyboard.press('/')
  await expect(page.getByPlaceholder('Add, select or do…')).toBeFocused()
  await page.keyboard.type('add boxed toilet')
  await page.keyboard.press('Enter')
  await expect(tape(page, 'rear')).toBeVisible()
  await saved(page)
  const [toiletId] = Object.entries(await fittings()).find(([, { kind }]) => kind === 'toilet-box')!

  const start = await figureIn(page, 'rear')
  await page.keyboard.press('ArrowLeft')
  await expect.poll(() => figureIn(page, 'rear')).toBe(start - 10)
  await page.keyboard.press('Shift+ArrowLeft')
  await page.keyboard.press('Alt+ArrowRight')
  await expect.poll(() => figureIn(page, 'rear')).toBe(start - 109)

  await page.keyboard.press('t')
  await expect(tape(page, 'rear')).toBeFocused()
  await page.keyboard.type('1.2m')
  await page.keyboard.press('Enter')
  await expect(tape(page, 'rear')).toHaveValue('1\u202f200')
  // Enter has given the keys back to the drawing

  await page.keyboard.press('r')
  await page.keyboard.press('m')
  await page.keyboard.press('d')
  await saved(page)
  expect((await fittings())[toiletId]!.seat).toMatchObject({ turn: 90, mirrored: true, along: { mm: 1200 } })
  expect(Object.values(await fittings()).filter(({ kind }) => kind === 'toilet-box')).toHaveLength(2)

  await page.keyboard.press('Delete')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await saved(page)
  expect(Object.values(await fittings()).filter(({ kind }) => kind === 'toilet-box')).toHaveLength(1)
  await page.keyboard.press('Control+Shift+z')
  await saved(page)
  expect(Object.values(await fittings()).filter(({ kind }) => kind === 'toilet-box')).toHaveLength(2)

  await page.keyboard.press('3')
  await expect(page.getByTestId('mode-button').filter({ hasText: 'Night' })).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('n')
  await page.keyboard.press('n')
  const picked = page.locator('[data-testid="view-plan"] [aria-pressed="true"]')
  await expect(picked).toHaveCount(1)
  const name = await picked.getAttribute('aria-label')
  await page.keyboard.press('Shift+N')
  await expect(picked).not.toHaveAttribute('aria-label', name!)
})

test('demands, fittings and findings are reached by Tab and opened by Enter', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  await page.locator('[data-demand="demand-toilet"]').focus()
  await page.keyboard.press('Enter')
  const choices = page.getByTestId('choices')
  await expect(choices).toContainText('Enter takes the first', { timeout: 40_000 })
  // by the arrows to another, which Enter takes
  await page.keyboard.press('ArrowRight')
  const [second] = await choices.locator('[data-choice]').nth(1).locator('b').allTextContents()
  await expect(choices.locator('[data-choice]').nth(1)).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name of the fitting')).toHaveValue(second!)
  await page.getByTestId('plan-fit-galley').focus()
  await expect(page.getByLabel('Name of the fitting')).toHaveValue('Galley')
  await page.keyboard.press('2')
  await page.getByTestId('mark-clearance-blocked').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('finding-clearance-blocked').first().getByRole('button').first()).toHaveAttribute(
    'aria-expanded',
    'true',
  )
})

test('what is typed right after the search key is not lost and does nothing to the drawing; findings and pages are found', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, deepShower)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  // the field comes late, as on a slow line
  await page.route(/\.js$/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 400))
    await route.continue()
  })
  await page.keyboard.press('/')
  await page.keyboard.type('mdr')
  const field = page.getByPlaceholder('Add, select or do…')
  await expect(field).toHaveValue('mdr')
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(page.getByTestId('view-plan')).toBeVisible()
  await expect(page.getByTestId('mode-button').first()).not.toContainText('…')
  await page.keyboard.press('/')
  await page.keyboard.type('add shoe')
  await page.keyboard.press('Escape')
  await page.keyboard.press('/')
  await page.keyboard.type('add boxed toilet')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name of the fitting')).toHaveValue(/toilet/)
  await expect(field).toBeHidden()
  await saved(page)
  await page.unroute(/\.js$/)
  const { fittings } = (await stored(request, id)).variants['variant-a']!.plan
  expect(Object.values(fittings).filter(({ kind }) => kind === 'wardrobe')).toHaveLength(1)
  expect(Object.values(fittings).filter(({ kind }) => kind === 'toilet-box')).toHaveLength(1)

  await page.getByTestId('mode-button').filter({ hasText: 'Day' }).click()
  await page.keyboard.press('/')
  await page.keyboard.type('narrow')
  await page
    .getByRole('option', { name: /Tight passage/ })
    .first()
    .click()
  await expect(page.locator('[data-testid^="finding-"][data-open]')).toBeVisible()
  await page.keyboard.press('Escape')

  await page.keyboard.press('/')
  await page.keyboard.type('flare')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/vehicle/)
})

test('a question mark shows the keys, and Escape puts them away', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('?')
  const keys = page.getByTestId('keys')
  await expect(keys).toContainText('Turn by a quarter')
  // the letters are not the drawing’s meanwhile
  await page.keyboard.press('m')
  await page.keyboard.press('Escape')
  await expect(keys).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled()
})
