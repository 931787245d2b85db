import { expect, open, openPlan, ownJob, plain, saved, stored, test } from '../support/job'

const planOf = async (request: Parameters<typeof stored>[0], id: string) =>
  (await stored(request, id)).variants['variant-a']!.plan

test('lining by layers: the total, the U-value and what it costs the tall', async ({ page, request }) => {
  // a lining of which only the thickness was said
  const id = await ownJob(request, (job) => {
    const { plan } = job.variants['variant-a']!
    const { layers: _layers, ...lining } = plan.lining
    return {
      ...job,
      variants: { ...job.variants, 'variant-a': { ...job.variants['variant-a']!, plan: { ...plan, lining } } },
    }
  })
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('tab', { name: 'Lining' }).click()
  const roof = page.getByRole('region', { name: 'Roof, lining' })
  await roof.getByRole('button', { name: 'Say what it is made of' }).click()
  await roof.getByRole('button', { name: 'Add a layer' }).click()
  await roof.getByRole('button', { name: 'Add a layer' }).click()
  await roof.getByLabel('Material of layer 2').selectOption('birch-ply')
  await roof.getByLabel('Thickness of layer 2').fill('3')
  await roof.getByLabel('Thickness of layer 2').press('Enter')
  await expect(roof.getByLabel('Roof', { exact: true })).toHaveValue('23')
  // 0.10 + 0.020 / 0.022 + 0.003 / 0.17 + 0.04 = 1.0667 m²K/W; U = 0.94
  await expect(roof).toContainText('U 0.94')
  await roof.getByRole('button', { name: /^Why U of the roof/ }).click()
  await expect(page.locator('[data-popover-content]')).toContainText('U = 1 ÷ 1.067 = 0.94 W/m²K')
  await page.keyboard.press('Escape')
  expect(plain(await page.getByTestId('lining-costs').innerText())).toContain(
    'The surveyor, 1 840 mm tall, can stand up here under at most 38 mm of roof lining.',
  )
  await saved(page)
  expect((await planOf(request, id)).lining).toMatchObject({
    roofMm: 23,
    layers: {
      roof: [
        { material: 'pir', mm: 20 },
        { material: 'birch-ply', mm: 3 },
      ],
    },
  })
  await roof.getByLabel('Thickness of layer 1').fill('400')
  await roof.getByLabel('Thickness of layer 1').press('Enter')
  await expect(roof.getByRole('alert')).toContainText('At most 147')
})

test('flares let the surveyor lie across; each says what it asks and when, and undo takes it back', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  const across = page.getByRole('img', { name: /^surveyor lies across/ })
  await expect(across).toHaveAccessibleName(/nowhere; needs 1\s890\smm/)
  await page.getByRole('tab', { name: 'Bodywork' }).click()
  for (const wall of ['left', 'right']) {
    await page.getByLabel('Add a change').selectOption('flare')
    const flare = page.getByTestId('change-flare').last()
    await flare.getByLabel('in the').selectOption(wall)
    await flare.getByLabel('from sill').fill('0')
    await flare.getByLabel('from sill').press('Enter')
    await expect(flare).toContainText('before insulation and lining')
    await expect(flare).toContainText('licensed body shop')
  }
  await expect(across).toHaveAccessibleName(/from \d+\smm to 1\s\d+\smm/)
  await saved(page)
  expect(Object.values((await planOf(request, id)).changes)).toHaveLength(2)
  const upper = page.getByTestId('change-flare').first().getByLabel('upper edge')
  await upper.fill('500')
  await upper.press('Enter')
  await expect(page.getByTestId('change-flare').first().getByRole('alert')).toContainText('At least 601')
  await expect(upper).toHaveValue('500')
  await upper.press('Escape')

  // the wider bed that did not fit across before now does
  await openPlan(page, id)
  await page.keyboard.press('3')
  await page.getByTestId('mark-berth-short').click()
  await page.getByRole('button', { name: /Make “Bed across” 1\s890\smm long/ }).click()
  await expect(page.getByTestId('finding-berth-short')).toHaveCount(0)
  await expect(page.getByTestId('finding-outside-shell')).toHaveCount(0)
})

test('the probe reads the space under the pointer and at typed places', async ({ page, request }) => {
  await open(page, `/jobs/${await ownJob(request)}/vehicle`)
  const readings = page.getByTestId('readings')
  await page.getByLabel('section at, from the rear sill').fill('2000')
  await page.getByLabel('section at, from the rear sill').press('Enter')
  await page.getByLabel('left of the centreline').fill('0')
  await page.getByLabel('left of the centreline').press('Enter')
  // 1935 − 37 of floor − 25 of roof
  await expect(readings).toContainText(/high\s*1\s873/)
  await page.getByLabel('above the load floor').fill('2600')
  await page.getByLabel('above the load floor').press('Enter')
  await expect(readings).toContainText(/wide\s*none/)
  const drawing = (await page.getByRole('group', { name: /The body from above/ }).boundingBox())!
  await page.mouse.move(drawing.x + 200, drawing.y + 110)
  await expect(readings).not.toContainText(/high\s*1\s873/)

  // the cab is open: its own height there, and its row in the table; no bed lies across on its seats
  await page.getByLabel('section at, from the rear sill').fill('4250')
  await page.mouse.move(drawing.x + 441, drawing.y + 110)
  await expect(readings).toContainText(/high\s*1\s645/)
  await expect(readings).toContainText(/bed across\s*none/)
  await expect(page.getByTestId('lined-height-cab')).toHaveText(/1\s645/)

  // a board: straight in from behind, longer when one end is raised, none when it is too wide for any door
  const board = page.getByTestId('board')
  await board.getByText('Longest board that fits').click()
  await expect(board).toContainText(/by the rear doors\s*4\s250/)
  await board.getByRole('button', { name: /^Why longest that lies inside/ }).click()
  await expect(page.locator('[data-popover-content]')).toContainText('It lies with one end raised')
  await page.keyboard.press('Escape')
  await board.getByLabel('wide').fill('1.9 m')
  await board.getByLabel('wide').press('Enter')
  await expect(board).toContainText(/by the sliding door\s*none/)
})

test('bodies of every class can be chosen, and a change that one has no place for goes with it', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('tab', { name: 'Bodywork' }).click()
  await page.getByLabel('Add a change').selectOption('window-blanked')
  await page.getByRole('tab', { name: 'Body', exact: true }).click()
  await page.getByLabel('Vehicle', { exact: true }).selectOption('bus-12m')
  await expect(page.getByTestId('lined-length')).toHaveText(/10\s480/)
  await page
    .getByTestId('wholes')
    .getByRole('button', { name: /^Why ceiling/ })
    .click()
  await expect(page.locator('[data-popover-content]')).toContainText(/÷ \(2\.44 m × 1\.22 m\) = \d\.\d sheets/)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('link', { name: /^Vehicle/ })).toContainText('bus')
  await saved(page)
  expect((await planOf(request, id)).changes).toEqual({})
  await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
  expect(Object.values((await planOf(request, id)).changes)).toHaveLength(1)
})

test('a cab seat turns for a mode, is counted as a move, and says what stops it', async ({ page, request }) => {
  const id = await ownJob(request, (job) => ({
    ...job,
    shell: { ...job.shell, cabSeats: job.shell.cabSeats.map((seat) => ({ ...seat, xMm: 4500 })) },
  }))
  await openPlan(page, id)
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: /1 move from Drive to Day: in which order/ })).toBeVisible()
  await page
    .getByRole('group', { name: /Cab seats/ })
    .getByLabel('Passenger')
    .selectOption('turned')
  await expect(page.getByRole('button', { name: /2 moves from Drive to Day: in which order/ })).toBeVisible()
  await expect(page.getByTestId('finding-swivel-blocked')).toHaveCount(0)
  await page
    .getByRole('group', { name: /Cab seats/ })
    .getByLabel('Driver')
    .selectOption('turned')
  const finding = page.getByTestId('finding-swivel-blocked')
  await expect(finding).toContainText(/driver’s seat turns only [\d.]+° of 180°: the desk is in the way/)
  await finding.getByRole('button').first().click()
  await finding.getByRole('button', { name: /^Move the desk .* to the rear/ }).click()
  await expect(page.getByTestId('finding-swivel-blocked')).toHaveCount(0)
  await saved(page)
  expect((await planOf(request, id)).modes['mode-day']!.turned).toEqual(['cab-passenger', 'cab-driver'])
})

test('the panels of walls and ceiling go out laid flat, as SVG and DXF', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('tab', { name: 'Lining' }).click()
  const links = page.getByTestId('lining-panels').getByRole('link')
  await expect(links).toHaveCount(6)
  for (const [index, sort] of ['svg', 'dxf', 'svg', 'dxf', 'svg', 'dxf'].entries()) {
    const answer = await request.get((await links.nth(index).getAttribute('href'))!)
    expect(answer.status()).toBe(200)
    const text = await answer.text()
    expect(text).toContain(sort === 'svg' ? 'lining, 1 : 1' : 'ENTITIES')
  }
  const none = await request.get(`/api/jobs/${id}/template?face=floor`)
  expect(none.status()).toBe(404)
  expect(await none.text()).toContain('left, right, ceiling')
})

test('a new door is added, told where it does not fit, and has a step', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('tab', { name: 'Bodywork' }).click()
  await page.getByLabel('Add a change').selectOption('door')
  const door = page.getByTestId('change-door')
  await door.getByLabel('to', { exact: true }).fill('99999')
  await door.getByLabel('to', { exact: true }).press('Enter')
  await expect(door.getByRole('alert')).toContainText('At most')
  await page.keyboard.press('Escape')
  await door.getByRole('button', { name: 'Put a step below it' }).click()
  await expect(door.getByLabel('step below')).toHaveValue('250')
  await door.getByLabel('opens').selectOption('sliding')
  await door.getByLabel('from outside only').check()
  await saved(page)
  const changes = Object.values((await planOf(request, id)).changes)
  expect(changes.find(({ kind }) => kind === 'door')).toMatchObject({
    opens: 'sliding',
    entrance: true,
    outsideOnly: true,
    stepMm: 250,
  })
})
