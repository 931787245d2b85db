import sharp from 'sharp'
import type { CDPSession, Page } from '@playwright/test'
import { deepShower, expect, openPlan, ownJob, saved, stored, tape, test } from '../support/job'
import type { APIRequestContext } from '@playwright/test'

const parametersOf = async (request: APIRequestContext, id: string, fitting: string) =>
  (await stored(request, id)).variants['variant-a']!.plan.fittings[fitting]!.parameters as Record<string, number>
const seatOf = async (request: APIRequestContext, id: string, fitting: string) =>
  (await stored(request, id)).variants['variant-a']!.plan.fittings[fitting]!.seat
const revisionOf = async (request: APIRequestContext, id: string): Promise<number> =>
  ((await (await request.get(`/api/jobs/${id}/commands?since=0`)).json()) as { revision: number }).revision

const middle = async (page: Page, testId: string): Promise<readonly [number, number]> => {
  const box = (await page.getByTestId(testId).boundingBox())!
  return [box.x + box.width / 2, box.y + box.height / 2]
}

/** Pulls the grip of a view at one end by so many pixels. */
async function pull(page: Page, view: string, grip: string, dx: number, dy: number): Promise<void> {
  const box = (await page.locator(`[data-testid="grip-${view}"][data-grip="${grip}"] .square`).boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (let step = 1; step <= 6; step += 1) await page.mouse.move(x + (dx * step) / 6, y + (dy * step) / 6)
  await page.mouse.up()
}

test('an edge is pulled in plan, on a wall and in the section: it grows there, and its other edges stay', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  const [was, seat] = [await parametersOf(request, id, 'fit-wardrobe'), await seatOf(request, id, 'fit-wardrobe')]
  await pull(page, 'plan', '1 0', 30, 0)
  await saved(page)
  const longer = await parametersOf(request, id, 'fit-wardrobe')
  expect(longer.lengthMm).toBeGreaterThan(was.lengthMm! + 200)
  expect((await seatOf(request, id, 'fit-wardrobe')).along).toEqual(seat.along)
  await pull(page, 'right', '0 1', 0, -20)
  await saved(page)
  expect((await parametersOf(request, id, 'fit-wardrobe')).heightMm).toBeGreaterThan(was.heightMm! + 100)
  // a corner sets two at once; one undo takes both back
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await saved(page)
  expect(await parametersOf(request, id, 'fit-wardrobe')).toMatchObject({
    lengthMm: was.lengthMm,
    heightMm: was.heightMm,
  })
  await page.getByTestId('plan-fit-bed').click()
  const bed = await parametersOf(request, id, 'fit-bed')
  await pull(page, 'section', '0 1', 0, -12)
  await saved(page)
  expect((await parametersOf(request, id, 'fit-bed')).platformMm).toBeGreaterThan(bed.platformMm! + 40)
})

test('a figure in the drawing is a field: click, type, Enter; it takes a sum, and says where it cannot go', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-galley').click()
  const length = page.getByTestId('figure-in-drawing size x')
  await length.click()
  await length.fill('1500 - 2*40')
  await page.keyboard.press('Enter')
  await saved(page)
  expect((await parametersOf(request, id, 'fit-galley')).lengthMm).toBe(1420)
  await expect(length).toHaveValue('1\u202f420')
  // the keys are the drawing’s again
  await page.keyboard.press('ArrowRight')
  await saved(page)
  await length.click()
  await length.fill('99 m')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/It goes no further than/)).toBeVisible()
  await page.keyboard.press('Control+z')
  const behind = page.getByTestId('figure-in-drawing tape behind')
  await behind.click()
  await behind.fill('60')
  await page.keyboard.press('Enter')
  await expect(behind).toHaveValue('60')
})

test('a figure that is only looked at changes nothing, though it is shown rounded', async ({ page, request }) => {
  const id = await ownJob(request, (job) => ({ ...job, units: 'in' }))
  await openPlan(page, id)
  const before = await revisionOf(request, id)
  await page.getByTestId('plan-fit-galley').click()
  await expect(page.getByTestId('figure-in-drawing size x')).toBeVisible()
  for (const name of ['size x', 'size y', 'tape behind', 'tape ahead']) {
    const figure = page.getByTestId(`figure-in-drawing ${name}`)
    if (!(await figure.isVisible())) continue
    await figure.click()
    await page.keyboard.press('Enter')
    await figure.click()
    await page.mouse.click(980, 600)
    await page.getByTestId('plan-fit-galley').click()
  }
  await page.waitForTimeout(600)
  expect(await revisionOf(request, id)).toBe(before)
})

test('a click takes what is drawn, the next click what lies below; the second button lists it all', async ({
  page,
  request,
}) => {
  await openPlan(page, await ownJob(request))
  const at = await middle(page, 'plan-fit-water')
  const name = page.getByLabel('Name of the fitting')
  await page.mouse.click(...at)
  const first = await name.inputValue()
  await page.mouse.click(...at)
  await expect(name).not.toHaveValue(first)
  const names = [first, await name.inputValue()]
  await page.mouse.click(...at, { button: 'right' })
  const menu = page.getByRole('menu')
  for (const one of names) await expect(menu.getByRole('menuitem', { name: one })).toBeVisible()
  await menu.getByRole('menuitem', { name: 'Water tank' }).click()
  await expect(name).toHaveValue('Water tank')
  // in hand it is what a drag moves, though the bed covers it
  const rear = tape(page, 'rear')
  const before = await rear.inputValue()
  await page.mouse.move(...at)
  await page.mouse.down()
  await page.mouse.move(at[0] + 20, at[1], { steps: 5 })
  await page.mouse.up()
  await expect(rear).not.toHaveValue(before)
  await expect(name).toHaveValue('Water tank')
})

test('a band drawn over several takes them, and letting go on the paper lets go of them', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  const a = (await page.getByTestId('plan-fit-shower').boundingBox())!
  const b = (await page.getByTestId('plan-fit-wardrobe').boundingBox())!
  await page.mouse.move(a.x - 12, a.y - 12)
  await page.mouse.down()
  await page.mouse.move(b.x, b.y, { steps: 4 })
  await expect(page.getByTestId('band')).toBeVisible()
  await page.mouse.move(b.x + b.width + 12, Math.max(a.y + a.height, b.y + b.height) + 6, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByTestId('arrange')).toContainText('2 selected')
  await page.mouse.click(980, 600)
  await expect(page.getByTestId('arrange')).toHaveCount(0)
})

test('a demand offers the kinds that meet it, best first; Enter takes the first where it fits', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByRole('button', { name: 'Toilet at night', exact: true }).click()
  const choices = page.getByTestId('choices')
  await expect(choices).toContainText('Enter takes the first')
  await expect(choices.locator('[data-choice]')).toHaveCount(4)
  const first = await choices.locator('[data-choice]').first().getAttribute('data-choice')
  await page.keyboard.press('Enter')
  await expect(choices).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Toilet at night', exact: true }).locator('../..')).toContainText(
    'in the plan',
  )
  await saved(page)
  const { fittings } = (await stored(request, id)).variants['variant-a']!.plan
  expect(Object.values(fittings).map(({ kind }) => kind)).toContain(first)
})

test('a tape between two points snaps, is kept, and goes with an undo; a note stays where it was pinned', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const galley = (await page.getByTestId('plan-fit-galley').boundingBox())!
  const shower = (await page.getByTestId('plan-fit-shower').boundingBox())!
  await page.keyboard.press('Shift+T')
  await expect(page.getByTestId('tool')).toBeVisible()
  const x = Math.max(galley.x, shower.x) + 30
  await page.mouse.move(x, galley.y + galley.height + 3)
  await page.mouse.down()
  await page.mouse.move(x, shower.y - 3, { steps: 6 })
  await page.mouse.up()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await saved(page)
  const [kept] = Object.values((await stored(request, id)).variants['variant-a']!.plan.drawn!)
  expect(kept).toMatchObject({ kind: 'tape', view: 'plan' })
  await page.keyboard.press('w')
  await page.getByTestId('plan-fit-desk').click()
  await page.getByLabel('Note', { exact: true }).fill('Two screens: ask for their feet')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('note')).toBeVisible()
  await saved(page)
  expect(Object.values((await stored(request, id)).variants['variant-a']!.plan.drawn!)).toContainEqual(
    expect.objectContaining({ kind: 'note', fitting: 'fit-desk', text: 'Two screens: ask for their feet' }),
  )
  await page.reload()
  await expect(page.getByTestId('tape-kept')).toBeVisible()
  await expect(page.getByTestId('note')).toBeVisible()
})

test('a double click is for the size of what lies on top', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.mouse.dblclick(...(await middle(page, 'plan-fit-galley')))
  await expect(page.getByTestId('figure-in-drawing size x')).toBeFocused()
  await page.keyboard.type('1450')
  await page.keyboard.press('Enter')
  await saved(page)
  expect((await parametersOf(request, id, 'fit-galley')).lengthMm).toBe(1450)
})

test('undo survives a reload', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  const rear = tape(page, 'rear')
  const before = await rear.inputValue()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(rear).not.toHaveValue(before)
  await saved(page)
  await page.reload()
  const undo = page.getByRole('button', { name: 'Undo' })
  await expect(undo).toBeEnabled()
  await undo.click()
  await expect(rear).toHaveValue(before)
  await page.reload()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(rear).not.toHaveValue(before)
})

test('a figure that is being typed when another thing is taken sets what it was typed for', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const name = page.getByLabel('Name of the fitting')
  const first = page.getByTestId('parameters').getByRole('textbox').first()
  await page.getByTestId('plan-fit-shower').click()
  await expect(name).toHaveValue('Shower cubicle')
  await first.fill('780')
  await page.getByTestId('plan-fit-galley').click()
  await expect(name).toHaveValue('Galley')
  // nor does a figure that is none stay for the next thing
  const long = await first.inputValue()
  await first.fill('7')
  await page.getByTestId('plan-fit-shower').click()
  await expect(name).toHaveValue('Shower cubicle')
  await expect(first).toHaveValue('780')
  await page.getByTestId('plan-fit-galley').click()
  await expect(first).toHaveValue(long)
  await saved(page)
  const { fittings } = (await stored(request, id)).variants['variant-a']!.plan
  expect(fittings['fit-shower']!.parameters).toMatchObject({ lengthMm: 780 })
  expect(fittings['fit-galley']!.parameters).toMatchObject({ lengthMm: 1500 })
})

/** Fingers on the screen, as the browser takes them from one. */
async function fingers(
  client: CDPSession,
  type: 'touchStart' | 'touchMove' | 'touchEnd',
  at: readonly (readonly [number, number])[],
) {
  await client.send('Input.dispatchTouchEvent', { type, touchPoints: at.map(([x, y], id) => ({ x, y, id })) })
}

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } })

  test('two fingers move and magnify the drawing, whatever lies under them, and change nothing', async ({
    page,
    request,
  }) => {
    const id = await ownJob(request)
    await openPlan(page, id)
    const before = await revisionOf(request, id)
    const client = await page.context().newCDPSession(page)
    const [x, y] = await middle(page, 'plan-fit-galley')
    const wide = (await page.getByTestId('plan-fit-galley').boundingBox())!.width
    await fingers(client, 'touchStart', [[x, y]])
    await fingers(client, 'touchStart', [
      [x, y],
      [x + 60, y],
    ])
    for (let step = 1; step <= 8; step += 1)
      await fingers(client, 'touchMove', [
        [x - step * 5, y + step * 2],
        [x + 60 + step * 5, y + step * 2],
      ])
    await fingers(client, 'touchEnd', [])
    await expect
      .poll(async () => (await page.getByTestId('plan-fit-galley').boundingBox())!.width)
      .toBeGreaterThan(wide * 1.5)
    // one finger carries, a second takes it out of the hand again
    const [u, v] = await middle(page, 'plan-fit-shower')
    await fingers(client, 'touchStart', [[u, v]])
    for (let step = 1; step <= 4; step += 1) await fingers(client, 'touchMove', [[u + step * 8, v]])
    await fingers(client, 'touchStart', [
      [u + 32, v],
      [u + 90, v],
    ])
    await fingers(client, 'touchMove', [
      [u + 60, v],
      [u + 140, v],
    ])
    await fingers(client, 'touchEnd', [])
    await page.waitForTimeout(600)
    expect(await revisionOf(request, id)).toBe(before)
  })

  test('a pinch while a figure is being typed moves the drawing, and the figure is still what was typed', async ({
    page,
    request,
  }) => {
    const id = await ownJob(request)
    await openPlan(page, id)
    await page.getByTestId('plan-fit-shower').tap()
    await page.getByRole('button', { name: 'Selection', exact: true }).tap()
    const long = page.getByTestId('parameters').getByRole('textbox').first()
    const was = await long.inputValue()
    await long.fill('77')
    const before = await revisionOf(request, id)
    const client = await page.context().newCDPSession(page)
    const [x, y] = await middle(page, 'plan-fit-galley')
    const wide = (await page.getByTestId('plan-fit-galley').boundingBox())!.width
    for (const spread of [0, 10, 20, 30, 40, 50])
      await fingers(client, spread === 0 ? 'touchStart' : 'touchMove', [
        [x - spread, y],
        [x + 60 + spread, y],
      ])
    await fingers(client, 'touchEnd', [])
    await expect
      .poll(async () => (await page.getByTestId('plan-fit-galley').boundingBox())!.width)
      .toBeGreaterThan(wide * 1.5)
    await expect(page.getByLabel('Name of the fitting')).toHaveValue('Shower cubicle')
    await expect(long).toHaveValue('77')
    expect(await revisionOf(request, id)).toBe(before)
    await long.focus()
    await long.press('Escape')
    await expect(long).toHaveValue(was)
  })

  test('a finger that rests lists what lies there; a band takes several', async ({ page, request }) => {
    await openPlan(page, await ownJob(request))
    const client = await page.context().newCDPSession(page)
    const at = await middle(page, 'plan-fit-galley')
    await fingers(client, 'touchStart', [at])
    await expect(page.getByRole('menu')).toBeVisible()
    await fingers(client, 'touchEnd', [])
    await expect(page.getByRole('menu')).toBeVisible()
    await page.getByRole('menuitem', { name: 'Galley' }).first().tap()
    await expect(page.getByLabel('Name of the fitting')).toHaveValue('Galley')
    const a = (await page.getByTestId('plan-fit-shower').boundingBox())!
    const b = (await page.getByTestId('plan-fit-wardrobe').boundingBox())!
    await fingers(client, 'touchStart', [[a.x - 14, a.y - 14]])
    for (let step = 1; step <= 6; step += 1)
      await fingers(client, 'touchMove', [
        [
          a.x - 14 + ((b.x + b.width + 28 - a.x) * step) / 6,
          a.y - 14 + ((Math.max(a.y + a.height, b.y + b.height) + 20 - a.y) * step) / 6,
        ],
      ])
    await fingers(client, 'touchEnd', [])
    await expect(page.getByTestId('arrange')).toContainText('2 selected')
  })
})

test.describe('on a tablet held upright', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } })

  test('the columns are sheets from the edges, and what a finger hits is 40 px high', async ({ page, request }) => {
    await openPlan(page, await ownJob(request))
    await expect(page.getByRole('button', { name: 'Berths', exact: true })).toBeHidden()
    await page.getByRole('button', { name: 'Demands', exact: true }).tap()
    await expect(page.getByRole('button', { name: 'Berths', exact: true })).toBeVisible()
    await page.getByRole('button', { name: 'Demands', exact: true }).tap()
    await page.getByTestId('plan-fit-galley').tap()
    await page.getByRole('button', { name: 'Selection', exact: true }).tap()
    await expect(tape(page, 'rear')).toBeVisible()
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          '.act, summary, select, input.ruled, header button, footer button, nav a, .tab',
        ),
      ]
        .filter((element) => element.checkVisibility({ checkVisibilityCSS: true }))
        .flatMap((element) => {
          const { height } = element.getBoundingClientRect()
          return height > 0 && height < 39.5
            ? [`${element.textContent?.trim() || element.getAttribute('aria-label')}: ${height}`]
            : []
        }),
    )
    expect(small).toEqual([])
    // nothing of the page lies beside the screen
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820)
  })

  test('a finding comes into sight whenever its mark is tapped, also when it is open already', async ({
    page,
    request,
  }) => {
    await openPlan(page, await ownJob(request, deepShower))
    await page.keyboard.press('2')
    const mark = page.getByTestId(/^mark-/).first()
    const open = page.getByTestId('ways-out')
    for (let tap = 0; tap < 2; tap += 1) {
      await mark.tap()
      await expect(open).toBeInViewport()
      await page.getByRole('button', { name: 'Selection', exact: true }).tap()
      await expect(open).not.toBeInViewport()
    }
  })
})

test('letters twice as large: everything is still there, in sheets', async ({ page, request }) => {
  await page.setViewportSize({ width: 640, height: 800 })
  await openPlan(page, await ownJob(request))
  await page.getByTestId('plan-fit-galley').click()
  await page.getByRole('button', { name: 'Selection', exact: true }).click()
  await expect(tape(page, 'rear')).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640)
})

test('a sketch under the plan is brought to scale by two of its points and their distance', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.keyboard.press('Shift+W')
  const buffer = await sharp({ create: { width: 300, height: 120, channels: 3, background: '#335577' } })
    .png()
    .toBuffer()
  await page
    .getByLabel('Picture for under the drawing')
    .setInputFiles([{ name: 'sketch.png', mimeType: 'image/png', buffer }])
  const sheet = page.getByTestId('sheet')
  await expect(sheet).toBeVisible()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  const before = (await sheet.boundingBox())!
  // half of its width is said to be a metre: the whole is two
  const y = before.y + before.height / 2
  await page.mouse.move(before.x + before.width / 4, y)
  await page.mouse.down()
  for (let step = 1; step <= 6; step += 1)
    await page.mouse.move(before.x + before.width / 4 + (before.width / 2) * (step / 6), y)
  await page.mouse.up()
  await page.getByLabel('Its true length').fill('1000')
  await page.keyboard.press('Enter')
  await saved(page)
  const sheetOf = async () =>
    Object.values((await stored(request, id)).variants['variant-a']!.plan.drawn ?? {}).find(
      (one) => one.kind === 'sheet',
    )!
  const one = await sheetOf()
  expect(one.kind === 'sheet' && one.wideMm).toBeGreaterThan(1960)
  expect(one.kind === 'sheet' && one.wideMm).toBeLessThan(2040)
  expect(one.kind === 'sheet' && one.wideMm / one.highMm).toBeCloseTo(2.5, 1)
  // it is never in the way of picking
  await page.keyboard.press('Escape')
  await page.getByTestId('plan-fit-wardrobe').click()
  await expect(tape(page, 'rear')).toBeVisible()
})
