import { defaultsOf, kindOf, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import type { Fitting, Job } from '../../src/lib/core/job'
import { dragBy, expect, figureIn, openPlan, ownJob, plain, saved, stored, tape, test } from '../support/job'

const fit = (
  kind: string,
  x: number,
  parameters: Record<string, ParameterValue> = {},
  seat: Partial<Seat> = {},
): Fitting => ({
  kind,
  parameters: { ...defaultsOf(kindOf(kind)), ...parameters },
  seat: { ...kindOf(kind).home, along: { from: 'rear', mm: x }, ...seat },
})
const right = { across: { from: 'right-wall' as const, mm: 0 } }

/** The market truck, emptied and furnished anew. */
const furnished =
  (fittings: Record<string, Fitting>, more: (job: Job) => Job = (job) => job) =>
  (job: Job): Job => {
    const variant = job.variants['variant-a']!
    return more({ ...job, variants: { 'variant-a': { ...variant, plan: { ...variant.plan, fittings } } } })
  }
const planOf = (job: Job) => job.variants['variant-a']!.plan

test('from Day to Night: the order of moves is shown, and played in the drawing', async ({ page, request }) => {
  const id = await ownJob(
    request,
    furnished({
      'fit-bed': fit('bed-lift', 2200, { lyingMm: 2000, dayMm: 1400, nightMm: 700 }),
      'fit-lounge': fit('lounge-bed', 2000, { lengthMm: 1900 }),
    }),
    'job-potter',
  )
  await openPlan(page, id)
  await page.getByRole('button', { name: /2 moves from Day to Night: in which order/ }).click()
  const moves = page.getByTestId('moves')
  await expect(moves.locator('li').nth(0)).toContainText('The lounge: table up → bed made, 3 min')
  await expect(moves.locator('li').nth(1)).toContainText('The lift bed: raised → lowered')
  await expect(moves.locator('li').nth(1)).toContainText('after the lounge')
  await expect(moves).toContainText('one person')
  await expect(moves).toContainText('Someone on the lounge has to get up')
  await moves.getByRole('button', { name: 'Play it in the drawing' }).click()
  await expect(page.getByTestId('playing')).toContainText('The lounge: table up → bed made')
  await expect(page.getByTestId('playing')).toContainText('The lift bed: raised → lowered')
  await expect(page.getByTestId('mode-button').filter({ hasText: 'Night' })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByTestId('playing')).toHaveCount(0)
})

test('a door that clears the bench but hits its cushion is found, and cured by its hinge', async ({
  page,
  request,
}) => {
  const bench = (overhangMm: number) => ({
    // the truck is 2040 wide inside: its door of 500 ends 30 short of the bench’s box, 530 before the wardrobe
    'fit-wardrobe': fit('wardrobe', 1000, { lengthMm: 500, depthMm: 500, hinge: 'right' }),
    'fit-bench': fit(
      'bench-side',
      1300,
      { lengthMm: 900, depthMm: 700, overhangMm },
      { across: { from: 'right-wall', mm: 310 } },
    ),
  })
  await openPlan(page, await ownJob(request, furnished(bench(0)), 'job-potter'))
  await page.keyboard.press('2')
  await expect(page.getByTestId('finding-clearance-blocked')).toHaveCount(0)

  const id = await ownJob(request, furnished(bench(60)), 'job-potter')
  await openPlan(page, id)
  await page.keyboard.press('2')
  const finding = page.getByTestId('finding-clearance-blocked')
  await expect(finding).toContainText('the side bench’s cushion is in the way')
  await finding.getByRole('button').first().click()
  await finding.getByRole('button', { name: 'Hinge the wardrobe on the other side' }).click()
  await expect(finding).toHaveCount(0)
  await saved(page)
  expect(planOf(await stored(request, id)).fittings['fit-wardrobe']!.parameters.hinge).toBe('left')
})

test('a lift bed is set to clear a bicycle', async ({ page, request }) => {
  const id = await ownJob(
    request,
    furnished(
      { 'fit-bed': fit('bed-lift', 200, { lyingMm: 2000, nightMm: 700, dayMm: 1500, railTopMm: 1900 }) },
      (job) => ({
        ...job,
        brief: {
          ...job.brief,
          gear: { 'gear-bicycle': { label: 'Bicycle', sizeMm: [1700, 550, 1050], count: 1, mayLie: false } },
        },
        variants: {
          'variant-a': {
            ...job.variants['variant-a']!,
            plan: {
              ...planOf(job),
              modes: {
                ...planOf(job).modes,
                'mode-night': {
                  ...planOf(job).modes['mode-night']!,
                  figures: { 'figure-a': { who: 'gear-bicycle', pose: 'standing', at: [900, 0], turn: 90 } },
                },
              },
            },
          },
        },
      }),
    ),
    'job-potter',
  )
  await openPlan(page, id)
  await page.keyboard.press('3')
  await expect(page.getByTestId('finding-figure-blocked')).toContainText('Bicycle')
  await page.keyboard.press('n')
  const night = page.getByTestId('parameters').getByLabel('lowered to')
  await night.fill('1150')
  await night.press('Enter')
  await expect(page.getByTestId('finding-figure-blocked')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('finding-figure-blocked')).toBeVisible()
})

test('several selected: grouped, dragged as one, mirrored to the other side, and all undone', async ({
  page,
  request,
}) => {
  const id = await ownJob(
    request,
    furnished({
      'fit-a': fit('galley-basin', 500),
      'fit-b': fit('galley-doors', 1200),
      'fit-c': fit('wardrobe', 2500, {}, right),
    }),
    'job-potter',
  )
  await openPlan(page, id)
  await page.getByTestId('plan-fit-a').click()
  await page.getByTestId('plan-fit-b').click({ modifiers: ['Shift'] })
  await expect(page.getByTestId('arrange')).toContainText('2 selected')
  await page.getByTestId('arrange').getByRole('button', { name: 'Make a run' }).click()
  await page.getByTestId('arrange').getByRole('button', { name: 'Group' }).click()
  await page.keyboard.press('Escape')
  await page.getByTestId('plan-fit-b').click()
  await expect(page.getByTestId('arrange')).toContainText('2 selected')
  await dragBy(page, 'plan-fit-b', 26, 0, ['Control'])
  await saved(page)
  const moved = planOf(await stored(request, id))
  expect(moved.fittings['fit-a']!.seat.along.mm).toBeGreaterThan(600)
  // the second hangs on the first: it is carried, its own place does not change
  expect(moved.fittings['fit-b']!.seat.along).toMatchObject({ from: 'after', fitting: 'fit-a', mm: 0 })
  await page.keyboard.press('Escape')
  await page.keyboard.press('Shift+M')
  await saved(page)
  const mirrored = planOf(await stored(request, id))
  expect(mirrored.fittings['fit-a']!.seat.across.from).toBe('right-wall')
  expect(mirrored.fittings['fit-c']!.seat.across.from).toBe('left-wall')
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('Control+z')
  await saved(page)
  const undone = planOf(await stored(request, id))
  expect(undone.groups ?? {}).toEqual({})
  expect(undone.fittings['fit-b']!.seat.along).toEqual({ from: 'rear', mm: 1200 })
  expect(undone.fittings['fit-c']!.seat.across.from).toBe('right-wall')
})

test('what is locked stays; what is out of the vehicle in a mode comes back', async ({ page, request }) => {
  const id = await ownJob(
    request,
    furnished({ 'fit-a': fit('stool', 1500), 'fit-b': fit('wardrobe', 2500, {}, right) }),
    'job-potter',
  )
  await openPlan(page, id)
  await page.keyboard.press('2')
  await page.getByTestId('plan-fit-b').click()
  await page.keyboard.press('l')
  await expect(page.getByRole('button', { name: 'Unlock' })).toBeVisible()
  await dragBy(page, 'plan-fit-b', -30, 0, ['Control'])
  await expect(page.getByText('It is locked: unlock it first.')).toBeVisible()
  expect(await figureIn(page, 'rear')).toBe(2500)
  await page.getByTestId('plan-fit-a').click()
  await page.getByLabel('out of the vehicle in Day').click()
  await expect(page.getByTestId('plan-fit-a')).toHaveCount(0)
  await page.getByTestId('away').getByRole('button', { name: 'bring back' }).click()
  await expect(page.getByTestId('plan-fit-a')).toHaveCount(1)
  // it stands elsewhere by day only
  await page.getByTestId('plan-fit-a').click()
  await page.getByLabel('somewhere else in Day').check()
  await tape(page, 'rear').fill('3000')
  await tape(page, 'rear').press('Enter')
  await saved(page)
  const plan = planOf(await stored(request, id))
  expect(plan.modes['mode-day']!.seats!['fit-a']!.along.mm).toBe(3000)
  expect(plan.fittings['fit-a']!.seat.along.mm).toBe(1500)
})

test('a mode is added, renamed, put earlier and taken out', async ({ page, request }) => {
  const id = await ownJob(request, undefined, 'job-potter')
  await openPlan(page, id)
  const menu = page.getByRole('button', { name: 'Modes: add, copy, rename, order' })
  await page.keyboard.press('2')
  await menu.click()
  await page.getByRole('menuitem', { name: 'Copy of Day…' }).click()
  await page.getByLabel('Name of the mode').fill('Cook outside')
  await page.keyboard.press('Enter')
  const added = page.getByTestId('mode-button').filter({ hasText: 'Cook outside' })
  await expect(added).toHaveAttribute('aria-pressed', 'true')
  await menu.click()
  await page.getByRole('menuitem', { name: 'Earlier in the row' }).click()
  await expect(page.getByTestId('mode-button').nth(2)).toContainText('Cook outside')
  await menu.click()
  await page.getByRole('menuitem', { name: 'Delete Cook outside' }).click()
  await expect(page.getByTestId('mode-button')).toHaveCount(3)
  await page.keyboard.press('Control+z')
  await expect(page.getByTestId('mode-button')).toHaveCount(4)
})

test('a group is kept as a module and placed in another job; a broken one is refused with its path', async ({
  page,
  request,
}) => {
  const from = await ownJob(
    request,
    furnished({
      'fit-a': fit('galley-basin', 500),
      'fit-b': fit('galley-doors', 0, {}, { along: { from: 'after', fitting: 'fit-a', mm: 0 } }),
    }),
    'job-potter',
  )
  await openPlan(page, from)
  await page.getByTestId('plan-fit-a').click()
  await page.getByTestId('plan-fit-b').click({ modifiers: ['Shift'] })
  await page.keyboard.press('b')
  const name = `Run ${from.slice(-4)}`
  await page.getByLabel('called').fill(name)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const kept = page.getByTestId('modules').locator('li').filter({ hasText: name })
  await expect(kept).toContainText('2 fittings')
  await page.getByTestId('import-module').setInputFiles({
    name: 'stranger.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      JSON.stringify({
        format: 'zimmerman.module',
        version: 1,
        id: 'module-x',
        name: 'Stranger',
        revision: 1,
        fittings: { 'fit-a': { ...fit('stool', 0), parameters: { heightMm: 9000 } } },
      }),
    ),
  })
  await expect(page.getByRole('alert')).toContainText('fittings.fit-a.parameters.heightMm')

  const into = await ownJob(request, furnished({}), 'job-potter')
  await openPlan(page, into)
  await page.keyboard.press('b')
  await page.getByTestId('modules').locator('li').filter({ hasText: name }).getByRole('button', { name: 'Add' }).click()
  await expect(page.getByTestId('arrange')).toContainText('2 selected')
  await saved(page)
  const plan = planOf(await stored(request, into))
  expect(Object.values(plan.fittings).map(({ kind }) => kind)).toEqual(['galley-basin', 'galley-doors'])
  expect(Object.values(plan.groups!)[0]).toMatchObject({ name, module: { revision: 1 } })
  // the rearmost part stands at the section line, 800 from the sill
  expect(Object.values(plan.fittings)[0]!.seat.along).toEqual({ from: 'rear', mm: 800 })

  // out of the library there is no way back: it asks first
  await page.keyboard.press('b')
  const row = page.getByTestId('modules').locator('li').filter({ hasText: name })
  await row.getByRole('button', { name: 'delete' }).click()
  await row.getByRole('button', { name: 'Cancel' }).click()
  await expect(row).toHaveCount(1)
  await row.getByRole('button', { name: 'delete' }).click()
  await row.getByRole('button', { name: 'Delete' }).click()
  await expect(row).toHaveCount(0)
})

test('the end panel of a wardrobe goes out as a template, SVG and DXF', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  const link = page.getByRole('link', { name: 'SVG' }).first()
  const svg = await (await request.get((await link.getAttribute('href'))!)).text()
  expect(plain(svg)).toMatch(/up: [\d ]+ deep/)
  expect(svg).toContain('1 : 1')
  const dxf = await request.get((await page.getByRole('link', { name: 'DXF' }).first().getAttribute('href'))!)
  expect(dxf.headers()['content-type']).toBe('image/vnd.dxf')
  expect(await dxf.text()).toContain('LWPOLYLINE')
})
