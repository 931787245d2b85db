import { readFile } from 'node:fs/promises'
import { expect, open, openPlan, ownJob, saved, stored, test } from '../support/job'

test('starts a job from a vehicle and a short brief', async ({ page }) => {
  await open(page, '/')
  await expect(page.getByTestId('job-job-bat-survey')).toContainText('1 stop')
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByRole('alert')).toContainText('Give the job a name.')
  await page.getByLabel('Name of the job').fill('Beekeeper’s <b>truck</b>')
  await page.getByRole('dialog').getByLabel('Vehicle').selectOption('truck-box')
  await page.getByLabel('Height of the tallest').fill(`6' 1"`)
  await page.getByRole('button', { name: 'Start' }).click()
  // a job starts with its client: what they need is worked out at once
  await expect(page).toHaveURL(/\/brief$/)
  await expect(page.getByTestId('asks')).toContainText('Bed for tallest')
  await page.getByRole('link', { name: /^Plan/ }).click()
  await expect(page.getByText('Nothing here yet')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Beekeeper’s <b>truck</b>' })).toBeVisible()
  await expect(page.getByTestId('mode-button').filter({ hasText: 'Night' })).toContainText('stop')
})

test('renames, duplicates, deletes with undo', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, '/')
  const card = page.getByTestId(`job-${id}`)
  await card.getByRole('button', { name: /More for/ }).click()
  await page.getByRole('menuitem', { name: 'Rename' }).click()
  // the field takes the focus, and keeps it and what is typed while the list is counted and made anew
  await expect(page.getByLabel('Name of the job')).toBeFocused()
  await page.keyboard.type('Half a na')
  await request.post(`/api/jobs/${await ownJob(request)}/put-back`)
  await page.waitForTimeout(1200)
  await expect(page.getByLabel('Name of the job')).toBeFocused()
  await expect(page.getByLabel('Name of the job')).toHaveValue('Half a na')
  await page.getByLabel('Name of the job').fill(`Renamed ${id}`)
  await page.getByLabel('Name of the job').press('Enter')
  await expect(card).toContainText(`Renamed ${id}`)
  await card.getByRole('button', { name: /More for/ }).click()
  await page.getByRole('menuitem', { name: 'Duplicate' }).click()
  await expect(page.getByRole('link', { name: `Renamed ${id}, copy`, exact: true })).toBeVisible()
  await card.getByRole('button', { name: /More for/ }).click()
  await page.getByRole('menuitem', { name: 'Delete' }).click()
  await expect(card).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(card).toBeVisible()
  expect((await stored(request, id)).name).toBe(`Renamed ${id}`)
})

test('a file that goes out comes in as an equal job', async ({ page, request }) => {
  const id = await ownJob(request, (job) => ({ ...job, workshopNote: 'kept' }) as typeof job)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-desk').click()
  await page.keyboard.press('Delete')
  await saved(page)
  await page.getByRole('button', { name: /variant A, bed across/ }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export job' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/\.zimmerman\.json$/)
  const text = await readFile(await download.path(), 'utf8')
  await open(page, '/')
  await page
    .getByTestId('import')
    .setInputFiles({ name: 'out.zimmerman.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(page).toHaveURL(/\/plan(\?|$)/)
  const cameIn = await stored(request, new URL(page.url()).pathname.split('/').at(-2)!)
  expect(cameIn.id).not.toBe(id)
  expect({ ...cameIn, id }).toEqual(await stored(request, id))
  expect(cameIn).toHaveProperty('workshopNote', 'kept')
})

test('a bad file is refused with the path of each fault, and nothing is stored', async ({ page, request }) => {
  const before = ((await (await request.get('/api/jobs')).json()) as { name: string }[]).filter(
    ({ name }) => name === 'Broken',
  ).length
  await open(page, '/')
  const demo = JSON.parse(await (await request.get('/api/jobs/job-potter')).text())
  demo.name = 'Broken'
  demo.variants['variant-a'].plan.fittings['fit-bed'].parameters.lyingMm = -5
  await page
    .getByTestId('import')
    .setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(demo)) })
  await expect(page.getByRole('alert')).toContainText('“bad.json” was not imported')
  await expect(page.getByRole('alert')).toContainText('variants.variant-a.plan.fittings.fit-bed.parameters.lyingMm')
  await page
    .getByTestId('import')
    .setInputFiles({ name: 'big.json', mimeType: 'application/json', buffer: Buffer.alloc(5_100_000, 32) })
  await expect(page.getByRole('alert')).toContainText('over 5 MB')
  expect(
    ((await (await request.get('/api/jobs')).json()) as { name: string }[]).filter(({ name }) => name === 'Broken')
      .length,
  ).toBe(before)
})

test('what is at fault in a file is left out on demand, and the rest is kept', async ({ page, request }) => {
  await open(page, '/')
  const demo = JSON.parse(await (await request.get('/api/jobs/job-potter')).text())
  demo.name = 'Mended'
  const { plan } = demo.variants['variant-a']
  plan.fittings['fit-bed'].parameters.lyingMm = -5
  plan.fittings['fit-cold'].kind = 'rocket'
  plan.modes['mode-night'].stances = { 'fit-lounge': 'sideways' }
  await page
    .getByTestId('import')
    .setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(demo)) })
  await expect(page.getByRole('alert')).toContainText('fit-bed.parameters.lyingMm')
  await expect(page.getByRole('alert')).toContainText('fit-cold.kind')
  await page.getByRole('button', { name: 'Import the rest without these' }).click()
  await expect(page).toHaveURL(/\/plan$/)
  const rest = (await stored(request, page.url().split('/').at(-2)!)).variants['variant-a']!.plan
  // out of its limits: back to the usual; a kind that is none: left out; a stance that is none: left out
  expect(rest.fittings['fit-bed']!.parameters.lyingMm).toBe(1900)
  expect(rest.fittings['fit-cold']).toBeUndefined()
  expect(rest.modes['mode-night']!.stances).toEqual({})
  expect(Object.keys(rest.fittings)).toHaveLength(Object.keys(plan.fittings).length - 1)
})

test('the brief: people and demands, seen at once on the right', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/brief`)
  const asked = page.getByRole('complementary', { name: 'What the brief asks for' })
  await expect(asked).toContainText(/1\s890 × 1\s200/)
  const stature = page.getByLabel('Height of surveyor')
  await stature.fill('1.96 m')
  await stature.press('Enter')
  await expect(asked).toContainText(/2\s010 × 1\s200/)
  await stature.fill('3 m')
  await stature.press('Enter')
  await expect(page.getByRole('alert')).toContainText(/At most 2\s300/)
  await page.getByRole('button', { name: 'Add an adult' }).click()
  await expect(asked).toContainText('must, for 3')
  await page.getByRole('link', { name: 'Use', exact: true }).click()
  await page.getByLabel('Nights off hook-up').fill('5')
  await page.getByLabel('Nights off hook-up').press('Enter')
  await expect(asked).toContainText(/165\sL/)
  await saved(page)
  expect(Object.keys((await stored(request, id)).brief.people)).toHaveLength(3)
})

test('the vehicle: bare and lined side by side, and what the lining took', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await expect(page.getByTestId('lined-height')).toHaveText(/1\s873/)
  await page.getByRole('tab', { name: 'Lining' }).click()
  const roof = page.getByLabel('Roof', { exact: true })
  await roof.fill('60mm')
  await roof.press('Enter')
  await expect(page.getByTestId('lined-height')).toHaveText(/1\s838/) // 1935 − 37 − 60
  await page.getByTestId('lined-height').getByRole('button').click()
  await expect(page.locator('[data-popover-content]')).toContainText(
    /1\s935\smm bare − 37\smm at the floor − 60\smm at the roof = 1\s838\smm/,
  )
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: /^Plan/ }).click()
  await expect(page.getByTestId('view-plan')).toBeVisible()
  await page.keyboard.press('2')
  await expect(page.getByTestId('finding-standing-nowhere').first()).toContainText(/the most headroom is 1\s8\d\d/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
  expect((await stored(request, id)).variants['variant-a']!.plan.lining.roofMm).toBe(25)
  await page.getByRole('link', { name: /^Vehicle/ }).click()
  await page.getByLabel('Vehicle', { exact: true }).selectOption('truck-box')
  await expect(page.getByTestId('lined-length')).toHaveText(/4\s270/)
})
