import { deepShower, dragBy, expect, figureIn, openPlan, ownJob, saved, stored, tape, test } from '../support/job'

test('drags a fitting in the plan: a finding appears with its figure, undo takes both back, a reload keeps', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('mode-button').filter({ hasText: 'Day' }).click()
  await expect(page.getByTestId('finding-overlap')).toHaveCount(0)

  await dragBy(page, 'plan-fit-wardrobe', -16, 0, ['Control'])
  const rear = await figureIn(page, 'rear')
  expect(rear).toBeLessThan(2600)
  expect(rear).toBeGreaterThan(2450)
  const finding = page.getByTestId('finding-overlap')
  await expect(finding).toBeVisible()
  // the shower ends at 1910 + 760 = 2670 from the rear sill
  await expect(finding).toContainText(new RegExp(`overlap by ${2670 - rear}\\smm`))
  await expect(page.getByTestId('mark-overlap')).toBeVisible()

  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(tape(page, 'rear')).toHaveValue('2\u202f680')
  await expect(page.getByTestId('finding-overlap')).toHaveCount(0)
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByTestId('finding-overlap')).toBeVisible()

  await saved(page)
  await page.reload()
  await page.getByTestId('plan-fit-wardrobe').click()
  await expect(tape(page, 'rear')).toHaveValue(rear.toLocaleString('en').replace(',', '\u202f'))
  expect((await stored(request, id)).variants['variant-a']!.plan.fittings['fit-wardrobe']!.seat.along.mm).toBe(rear)
})

test('findings follow the hand, and Escape puts the thing back where it was', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const box = (await page.getByTestId('plan-fit-wardrobe').boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (let step = 1; step <= 8; step += 1) await page.mouse.move(x - step * 4, y)
  await expect(page.getByTestId('finding-overlap')).toContainText(/overlap by/)
  await expect.poll(() => figureIn(page, 'rear')).toBeLessThan(2400)
  // what it was taken from stays where it was until it is put down
  expect(Math.abs((await page.getByTestId('plan-fit-wardrobe').boundingBox())!.x - box.x)).toBeLessThan(2)
  await page.keyboard.press('Escape')
  await page.mouse.up()
  await expect(tape(page, 'rear')).toHaveValue('2\u202f680')
  await expect(page.getByTestId('finding-overlap')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled()
})

test('drags in an elevation: along and in height, and lets it snap to its neighbour', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await dragBy(page, 'left-fit-cold', 14, 0)
  await expect(tape(page, 'behind')).toBeVisible()
  await page.keyboard.press('Control+z')
  await dragBy(page, 'left-fit-lockers-rear', 0, 18, ['Control'])
  await saved(page)
  const seat = (await stored(request, id)).variants['variant-a']!.plan.fittings['fit-lockers-rear']!.seat
  expect(seat.up.from).toBe('roof')
  expect(seat.up.mm).toBeGreaterThan(120)
  // a few pixels short of the galley, the cold box is drawn to it
  await dragBy(page, 'plan-fit-cold', 30, 0, ['Control'])
  const away = await figureIn(page, 'behind')
  expect(away).toBeGreaterThan(150)
  // back to within a pixel of the galley: without Ctrl the edges meet exactly
  await dragBy(page, 'plan-fit-cold', -31, 0)
  await expect(tape(page, 'behind')).toHaveValue('0')
})

test('a finding vanishes by its remedy', async ({ page, request }) => {
  const id = await ownJob(request, deepShower)
  await openPlan(page, id)
  await page.keyboard.press('2')
  const finding = page.getByTestId('finding-way-narrow')
  await expect(finding).toContainText(/narrows to\s+352/)
  // what follows from it is told below it, and not once more by itself
  await expect(finding.getByTestId('follows')).toContainText(/The galley needs 450\smm to stand and work; 35\d/)
  await expect(page.getByTestId('finding-clearance-blocked')).toHaveCount(0)
  await finding.getByRole('button').first().click()
  await finding.getByRole('button', { name: /Make the galley \d+\s*mm deep/ }).click()
  await expect(page.getByTestId('finding-way-narrow')).toHaveCount(0)
  await expect(page.getByTestId('finding-clearance-blocked')).toHaveCount(0)
  await saved(page)
  const { depthMm } = (await stored(request, id)).variants['variant-a']!.plan.fittings['fit-galley']!.parameters
  expect(Number(depthMm)).toBeLessThan(500)
})

test('says why, with arithmetic and source', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  await page.keyboard.press('3')
  await page.getByTestId('finding-berth-short').getByText('Why?').click()
  const why = page.locator('[data-popover-content]')
  await expect(why).toContainText(/1\s840\smm tall \+ 50\smm to spare = 1\s890\smm needed/)
  await expect(why).toContainText('Trade practice, no published source')
})

test('brings a demand onto the drawing: it arrives as the fitting that meets it', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.keyboard.press('3')
  await expect(page.getByTestId('finding-service-missing')).toContainText('toilet')
  const demand = (await page.locator('[data-demand="demand-toilet"]').boundingBox())!
  const plan = (await page.getByTestId('plan-fit-desk').boundingBox())!
  await page.mouse.move(demand.x + 20, demand.y + 8)
  await page.mouse.down()
  for (let step = 1; step <= 10; step += 1)
    await page.mouse.move(
      demand.x + ((plan.x - 20 - demand.x) * step) / 10,
      demand.y + ((plan.y + 130 - demand.y) * step) / 10,
    )
  await page.mouse.up()
  await expect(page.getByTestId('finding-service-missing')).toHaveCount(0)
  await saved(page)
  const fittings = Object.values((await stored(request, id)).variants['variant-a']!.plan.fittings)
  expect(fittings.filter(({ kind }) => kind === 'toilet-box').map(({ seat }) => seat.across.from)).toEqual([
    'right-wall',
  ])
})

test('switches modes: the lounge becomes a bed, and the strip counts the moves', async ({ page, request }) => {
  await openPlan(page, await ownJob(request, undefined, 'job-potter'))
  await page.keyboard.press('2')
  await page.getByTestId('plan-fit-lounge').click({ position: { x: 10, y: 10 } })
  await expect(page.getByLabel('Position in Day')).toHaveValue('table-up')
  await page.keyboard.press('Escape')
  await page.getByTestId('mode-button').filter({ hasText: 'Night' }).click()
  await page.getByTestId('plan-fit-lounge').click({ position: { x: 10, y: 10 } })
  await expect(page.getByLabel('Position in Night')).toHaveValue('bed-made')
  await page.getByRole('button', { name: /1 move from Day to Night: in which order/ }).click()
  await expect(page.getByTestId('moves')).toContainText('The lounge: table up → bed made')
})

test('a field takes any unit, refuses nonsense beside itself and keeps what was typed', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  await page.getByTestId('plan-fit-wardrobe').click()
  const rear = tape(page, 'rear')
  await rear.fill(`8' 10 1/4"`)
  await rear.press('Enter')
  await expect(rear).toHaveValue('2\u202f699')
  await rear.fill('2.75 m')
  await rear.press('Enter')
  await expect(rear).toHaveValue('2\u202f750')
  await rear.fill('about so long')
  await rear.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Cannot read')
  await expect(rear).toHaveValue('about so long')
  await expect(rear).toHaveAttribute('aria-invalid', 'true')
  const height = page.getByTestId('parameters').getByLabel('height')
  await height.fill('9000')
  await height.press('Enter')
  await expect(page.getByTestId('parameters').getByRole('alert')).toContainText(/At most 2\s100/)
  await page.getByRole('button', { name: 'Units: mm' }).click()
  await page.getByRole('menuitem', { name: 'inches', exact: true }).click()
  await expect(height).toHaveValue('9000')
  await expect(page.getByTestId('parameters').getByLabel('length')).toHaveValue('17 5/16″')
})

test('new variants, history and going back', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByRole('button', { name: /variant A, bed across/ }).click()
  await page.getByRole('menuitem', { name: 'New variant from this one' }).click()
  await page.getByTestId('plan-fit-wardrobe').click()
  await page.keyboard.press('Delete')
  await expect(page.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
  await saved(page)
  await page.getByRole('button', { name: 'History' }).click()
  await expect(page.getByRole('dialog')).toContainText('Removed the wardrobe')
  await page.getByRole('button', { name: /Go back to after: Added variant/ }).click()
  await expect(page.getByTestId('plan-fit-wardrobe')).toHaveCount(1)
  await saved(page)
  expect(Object.keys((await stored(request, id)).variants)).toHaveLength(3)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('plan-fit-wardrobe')).toHaveCount(0)
})

test('a figure of the client stands in the plan to scale: by hand, by keys, and what it meets is told', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.keyboard.press('2')
  await page.getByLabel('Put someone in the drawing').selectOption({ label: 'surveyor' })
  const handle = page.getByRole('button', { name: /^surveyor, standing: drag/ })
  await expect(handle).toBeVisible()
  const figureIn = async () =>
    Object.values((await stored(request, id)).variants['variant-a']!.plan.modes['mode-day']!.figures ?? {})[0]
  await saved(page)
  const before = (await figureIn())!
  expect(before).toMatchObject({ pose: 'standing', turn: 0 })

  const box = (await handle.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(x - step * 15, y - step * 4)
  await page.mouse.up()
  await saved(page)
  const after = (await figureIn())!
  expect(after.at[0]).toBeLessThan(before.at[0] - 200)
  expect(after.at[1]).toBeGreaterThan(before.at[1])

  await handle.focus()
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('r')
  await saved(page)
  expect(await figureIn()).toMatchObject({ at: [after.at[0] + 100, after.at[1]], turn: 90 })

  // pushed into the left wall's furniture, the body says what it meets; undo takes it out again
  for (let press = 0; press < 9; press += 1) await page.keyboard.press('Shift+ArrowUp')
  const finding = page.getByTestId('finding-figure-blocked')
  await expect(finding).toContainText(/The surveyor, standing, runs \d+\smm into/)
  await page.getByLabel('surveyor is').selectOption('sitting')
  await saved(page)
  expect(await figureIn()).toMatchObject({ pose: 'sitting' })
  await page.getByRole('button', { name: 'Take surveyor out of the mode' }).click()
  await expect(finding).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /^surveyor, sitting: drag/ })).toBeVisible()
})
