import { readFile } from 'node:fs/promises'
import { expect, open, openPlan, ownJob, saved, stored, test } from '../support/job'

test('a vehicle is surveyed from the blank to a placed bed; a contradiction is shown and resolved', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('link', { name: 'Measure it: the survey' }).click()
  await page.getByLabel('Start from').selectOption('numbers panel-van')
  await expect(page.getByTestId('missing')).toContainText('sill to front, at the floor')
  const enter = async (measure: string, text: string, which = 'first') => {
    const field = page.locator(`[data-measure="${measure}"][data-reading="${which}"]`)
    await field.fill(text)
    await field.press('Enter')
  }
  await enter('length-floor', '3.60 m')
  await enter('axle-low', '1850')
  await enter('axle-roof', '1900')
  await enter('arch-from', `2' 3 1/2"`)
  await enter('axle-floor', '1786')
  await enter('axle-mid', '1834')
  await enter('axle-high', '1700')
  await expect(page.getByTestId('missing')).toHaveCount(0)

  await enter('floor-diagonal-a', '4020')
  await enter('floor-diagonal-b', '4080')
  await expect(page.getByTestId('checks')).toContainText(/4\s020\smm and 4\s080\smm are 60\smm apart/)
  await expect(page.getByTestId('measure-floor-diagonal-a')).toContainText('doubtful')
  await enter('floor-diagonal-b', '4022')
  await expect(page.getByTestId('checks')).toBeEmpty()
  await expect(page.getByTestId('measure-floor-diagonal-a')).toContainText('measured')

  // nonsense stays beside the field; a body that is none is refused by name and cannot be used
  await enter('arch-between', 'wide')
  await expect(page.getByTestId('measure-arch-between').getByRole('alert')).toContainText('Cannot read')
  await enter('arch-between', '2.4 m')
  await expect(page.getByTestId('body-faults')).toContainText(/wheel arch.*leaves 2 × 1200 mm of a body/)
  await expect(page.getByRole('button', { name: 'Use this body' })).toBeDisabled()
  await enter('arch-between', '1390')

  // the cab has a roof and a floor of its own; a roof on the seats is refused with its arithmetic
  await enter('cab-floor', '-80')
  await enter('cab-roof', '60 cm')
  await expect(page.getByTestId('body-faults')).toContainText('The cab is 600 − -80 = 680 mm high; at least 850')
  await enter('cab-roof', '1480')
  await expect(page.getByTestId('body-faults')).toHaveCount(0)
  await page.getByRole('button', { name: 'Use this body' }).click()
  await saved(page)
  const { shell, survey } = await stored(request, id)
  expect(shell).toMatchObject({ id: 'own-body', bulkhead: { xMm: 3600 }, cab: { floorMm: -80, roofMm: 1480 } })
  expect(Object.keys(survey!.readings)).toHaveLength(12)

  await openPlan(page, id)
  const fittings = async () => Object.keys((await stored(request, id)).variants['variant-a']!.plan.fittings).length
  const before = await fittings()
  await page.locator('[data-demand="demand-berth"]').focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('choices')).toContainText('Enter takes the first', { timeout: 40_000 })
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('choices')).toHaveCount(0)
  await saved(page)
  expect(await fittings()).toBe(before + 1)
})

test('the survey goes out as CSV and comes in again; a wrong line is named and nothing is taken', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/survey`)
  await page.locator('[data-measure="axle-low"][data-reading="first"]').fill('1847')
  await page.locator('[data-measure="axle-low"][data-reading="first"]').press('Enter')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export CSV' }).click(),
  ])
  const csv = await readFile(await download.path(), 'utf8')
  expect(csv).toMatch(/^measure,first,second,unit\r\n/)
  expect(csv).toContain('axle-low,1847,,mm')
  const bring = (text: string) =>
    page.getByTestId('survey-csv').setInputFiles({ name: 'sheet.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await bring('measure,first\nwheelbase,3.7 m\naxle-mid,about')
  await expect(page.getByRole('alert')).toContainText('Line 3: “about” is not a length in mm.')
  expect((await stored(request, id)).survey!.readings.wheelbase).toBeUndefined()
  await bring('measure,first,second\nwheelbase,3.7 m\naxle-mid,1830,"6\' 1/4"""')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await saved(page)
  expect((await stored(request, id)).survey!.readings).toMatchObject({
    wheelbase: { first: 3700 },
    'axle-low': { first: 1847 },
    'axle-mid': { first: 1830, second: 1835.15 },
  })
})

test('the simulated meter fills the field in hand with a steady reading', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/survey`)
  await page.locator('[data-measure="axle-roof"][data-reading="first"]').focus()
  await page.getByRole('button', { name: 'Laser meter, simulated' }).click()
  await page.getByRole('button', { name: /^Take 1\s9\d\d from the meter as the first reading/ }).click()
  await page.getByRole('button', { name: /^Take 1\s9\d\d from the meter as the second reading/ }).click()
  await saved(page)
  const { first, second } = (await stored(request, id)).survey!.readings['axle-roof']!
  for (const mm of [first!, second!]) expect(Math.abs(mm - 1935)).toBeLessThan(8)
  await page.getByRole('button', { name: 'Meter off' }).click()
  await expect(page.getByTestId('meter')).toHaveCount(0)
  expect((await request.get('/api/meter?around=far')).status()).toBe(400)
})

test('Enter goes on to the next measure, the tape goes with it, and the sheet to fill in is without figures', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/survey`)
  const first = page.locator('[data-measure="length-floor"][data-reading="first"]')
  await first.focus()
  const drawing = page.getByRole('img', { name: /^The body as measured so far/ })
  await expect(drawing).toHaveAccessibleName(/about 4\s250/)
  await page.keyboard.type('4.3m')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-measure="length-bed"][data-reading="first"]')).toBeFocused()
  await expect(first).toHaveValue('4\u202f300')
  await expect(page.getByTestId('progress')).toHaveText('1 of 66 measured')
  await page.getByLabel('left and right apart').check()
  await expect(page.getByTestId('progress')).toHaveText('1 of 86 measured')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('progress')).toHaveText('0 of 66 measured')
  await page.getByRole('button', { name: 'Redo' }).click()
  await page.getByRole('link', { name: 'Sheet to fill in' }).click()
  await expect(page.getByTestId('sheet').first()).toContainText('every tape, by its number')
  // a line for each reading, and none of those that were taken
  await expect(page.getByTestId('sheet').last()).not.toContainText('4\u00a0300')
})

test('what a tape does not tell of a door goes into the body, and comes back with undo', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/survey`)
  const side = page.locator('[data-opening="door-slide"]')
  await side.getByLabel('opens from outside only').check()
  const step = page.locator('[data-measure="side-door-step"][data-reading="first"]')
  await step.fill('24 cm')
  await step.press('Enter')
  await page.getByRole('button', { name: 'Use this body' }).click()
  await saved(page)
  const doorOf = async () => (await stored(request, id)).shell.openings.find((opening) => opening.id === 'door-slide')
  expect(await doorOf()).toMatchObject({ stepMm: 240, outsideOnly: true })
  await page.getByRole('link', { name: 'Back to the vehicle' }).click()
  await expect(page.getByText(/a step 240\smm below, from outside only/)).toBeVisible()
  for (let times = 0; times < 3; times += 1) await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
  // as such doors come
  expect((await doorOf())!.stepMm).toBe(210)
  expect((await stored(request, id)).survey?.openings).toBeUndefined()
})
