import type { Page } from '@playwright/test'
import { defaultsOf, kindOf } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { expect, ON_ROOF, open, openPlan, ownJob, plain, saved, seatAt, stored, test, withOnly } from '../support/job'

const VARIANT = 'variant-a'
const LINING = (mm: number) => ({
  floorMm: mm,
  wallMm: mm,
  roofMm: mm,
  doorMm: mm,
  layers: Object.fromEntries(['floor', 'wall', 'roof', 'door'].map((face) => [face, [{ material: 'pir', mm }]])),
})

/** One who sleeps at the rear, a fan over the bed and a roof hatch over the galley, lined by 15 mm. */
const lived = (job: Job): Job => {
  const only = withOnly(job, VARIANT, [
    ['fit-bed', 'bed-fixed', seatAt(100), { base: 'board' }],
    ['fit-galley', 'galley', seatAt(2200), { fuel: 'gas' }],
    ['fit-fan', 'fan-extract', seatAt(300, ON_ROOF)],
    ['fit-hatch', 'hatch-roof', seatAt(2700, ON_ROOF)],
    ['fit-heater', 'heater-air', seatAt(3600), { fuel: 'diesel', kilowatts: 2 }],
  ])
  const variant = only.variants[VARIANT]!
  const [first] = Object.entries(only.brief.people)
  return {
    ...only,
    brief: {
      ...only.brief,
      people: { [first![0]]: { ...first![1], sleeps: true } },
      gear: {},
      use: { coldestC: -10, nightsPerYear: 120, latitudeDeg: 48, washing: 'none', cooking: 'daily' },
    },
    variants: { [VARIANT]: { ...variant, plan: { ...variant.plan, lining: LINING(15) } } },
  } as Job
}
const answer = (page: Page) => page.getByTestId('answer')
const openPage = async (page: Page, id: string, what: 'warmth' | 'air'): Promise<void> => {
  await open(page, `/jobs/${id}/budgets/${what}`)
  await expect(answer(page)).toBeVisible({ timeout: 30_000 })
}
const kilowatts = async (page: Page): Promise<number> =>
  Number(/it takes ([\d.]+) kW/.exec(plain(await answer(page).innerText()))![1])
const pick = async (page: Page, thing: string): Promise<void> => {
  await page.getByTestId(`plan-${thing}`).focus()
  await page.keyboard.press('Enter')
}

test('the lining is thickened, and the heater that is needed shrinks; more is seen by face and by step', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPage(page, id, 'warmth')
  const thin = await kilowatts(page)
  await expect(page.getByTestId('losses').getByRole('row', { name: /walls/ })).toBeVisible()
  await page.getByTestId('losses').getByRole('row', { name: /walls/ }).getByRole('button', { name: /^Why/ }).click()
  await expect(page.getByText(/m² × [\d.]+ W\/m²K = /).first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('steps')).toContainText('10 mm more board on the walls')
  await expect(page.getByRole('img', { name: /^From six in the evening: 18:00 18 °C/ })).toBeVisible()

  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('tab', { name: 'Lining' }).click()
  for (const [face, mm] of [
    ['Walls', '60'],
    ['Roof', '50'],
    ['Floor', '50'],
  ] as const) {
    const of = page.getByRole('region', { name: `${face}, lining` })
    await of.getByRole('button', { name: '1 layer' }).click()
    await of.getByLabel('Thickness of layer 1').fill(mm)
    await of.getByLabel('Thickness of layer 1').press('Enter')
  }
  await saved(page)
  await openPage(page, id, 'warmth')
  expect(await kilowatts(page)).toBeLessThan(0.85 * thin)
})

test('a drilled board takes the place of the closed one under the mattress, and the damp beside it goes; undo, and it is back', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPage(page, id, 'warmth')
  const beside = page.getByTestId('damp').getByRole('row', { name: /beside the mattress/ })
  const coldest = async (): Promise<number> =>
    Number(
      plain(await beside.getByRole('cell').first().innerText())
        .replace(/ °C.*/, '')
        .replace('−', '-'),
    )
  await expect(beside).toContainText('wet')
  const onBoard = await coldest()
  await openPlan(page, id)
  await pick(page, 'fit-bed')
  await page.getByTestId('rare').locator('summary').first().click()
  await page.getByLabel('base').selectOption('drilled')
  await saved(page)
  await openPage(page, id, 'warmth')
  expect(await coldest()).toBeGreaterThan(onBoard + 2)
  // and with more air it is dry
  await page.getByTestId('assumed').getByLabel('air changes an hour', { exact: true }).fill('6')
  await page.getByTestId('assumed').getByLabel('air changes an hour', { exact: true }).press('Enter')
  await expect(beside).toContainText('dry')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('assumed').getByLabel('air changes an hour', { exact: true })).toHaveValue('1')
})

test('the only inlet is taken away and the cook’s air stops; the fan at the other end passes the sleeper by', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPage(page, id, 'air')
  await expect(answer(page)).toHaveText(
    /^With the fan at full the air changes \d+ times an hour\. It passes over the cook and .*\.$/,
  )
  await expect(page.getByTestId('states').getByRole('row', { name: /fan at its lowest/ })).toBeVisible()
  await openPlan(page, id)
  await pick(page, 'fit-hatch')
  await page.keyboard.press('Delete')
  await saved(page)
  await openPage(page, id, 'air')
  const still = 'The fan moves almost nothing: there is no way in for the air. '
  await expect(answer(page)).toHaveText(`${still}The cab’s windows count once it is said how far they stand open.`)
  const cab = page.getByTestId('assumed').getByLabel('cab windows open', { exact: true })
  await cab.fill('1600')
  await cab.press('Enter')
  await expect(answer(page)).toContainText('times an hour')
  await expect(page.getByTestId('openings')).toContainText('Cab window')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(answer(page)).toContainText(still)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(answer(page)).toContainText('times an hour')

  const other = await ownJob(request, (job) => {
    const made = lived(job)
    const variant = made.variants[VARIANT]!
    const fan = { ...variant.plan.fittings['fit-fan']!, seat: seatAt(3700, ON_ROOF) }
    const hatch = { kind: 'hatch-roof', parameters: defaultsOf(kindOf('hatch-roof')), seat: seatAt(2200, ON_ROOF) }
    return {
      ...made,
      variants: {
        [VARIANT]: {
          ...variant,
          plan: { ...variant.plan, fittings: { ...variant.plan.fittings, 'fit-fan': fan, 'fit-hatch': hatch } },
        },
      },
    } as Job
  })
  await openPage(page, other, 'air')
  await expect(answer(page)).toContainText('It does not pass over')
})

test('a door is hung before the bed: its air stops and warm air does not reach it; the wind, and the way it is parked, are set', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) => {
    const made = lived(job)
    const variant = made.variants[VARIANT]!
    const { 'fit-fan': fan, ...rest } = variant.plan.fittings
    const door = {
      ...fan!,
      kind: 'partition-door',
      parameters: { ...defaultsOf(kindOf('partition-door')), lengthMm: 2400, heightMm: 2400 },
      seat: { ...seatAt(2150, { across: { from: 'centreline', mm: 0 } }), turn: 90 as const },
    }
    const fittings = { ...rest, 'fit-fan': { ...fan!, seat: seatAt(3600, ON_ROOF) }, 'fit-door': door }
    return { ...made, variants: { [VARIANT]: { ...variant, plan: { ...variant.plan, fittings } } } } as Job
  })
  await openPage(page, id, 'air')
  await expect(page.getByTestId('spaces').getByRole('row', { name: /The bed/ })).toBeVisible()
  await expect(page.getByTestId('cut-off')).toContainText(/shut the bed gets .* m³\/h; opened, /)
  await expect(page.getByTestId('summer')).toContainText(/after a wet evening/)
  await expect(page.getByRole('img', { name: /^The hottest day, inside shut and aired/ })).toBeVisible()
  const shut = page.getByTestId('states').getByRole('row', { name: /all shut/ })
  const still = plain(await shut.innerText())
  const wind = page.getByTestId('assumed').getByLabel('wind', { exact: true })
  await wind.fill('8')
  await wind.press('Enter')
  await expect.poll(async () => plain(await shut.innerText())).not.toBe(still)
  await wind.fill('400')
  await wind.press('Enter')
  await expect(page.getByTestId('assumed').getByRole('alert')).toBeVisible()
  await openPage(page, id, 'warmth')
  await expect(page.getByTestId('closed-bed')).toHaveText(/the bed comes to .*no warm air comes out in there/)
  await saved(page)
  expect((await stored(request, id)).warmth?.assume).toEqual({ windMs: 8 })
  const document = await stored(request, id)
  const reply = await (await request.post('/api/climate', { data: document })).json()
  expect(reply.variants[0].air.spaces).toHaveLength(2)
  expect(reply.variants[0].air.cutOff[0].by).toBe('fit-door')
  // what cannot be is refused by its path: a window larger than the wall, weather out of this world
  const [opening] = document.shell.openings
  const refused = [
    [
      { ...document, shell: { ...document.shell, openings: [{ ...opening!, fromMm: -9000, toMm: 90_000 }] } },
      'openings',
    ],
    [{ ...document, warmth: { assume: { heatedC: 300 } } }, 'warmth.assume.heatedC'],
    [
      { ...document, brief: { ...document.brief, use: { ...document.brief.use, coldestC: -300 } } },
      'brief.use.coldestC',
    ],
  ] as const
  for (const [data, path] of refused) {
    const answered = await request.post('/api/climate', { data })
    expect([path, answered.status()]).toEqual([path, 422])
    expect(JSON.stringify(await answered.json())).toContain(path)
  }
})

test('by an address: faces, damp and air of a document; what is out of this world is refused by path', async ({
  request,
}) => {
  const id = await ownJob(request, lived)
  const document = await stored(request, id)
  const answered = await request.post('/api/climate', { data: document })
  const [one] = (await answered.json()).variants
  const losses = one.warmth.losses as { wattsPerKelvin: number; why: string[] }[]
  expect(losses.reduce((sum, { wattsPerKelvin }) => sum + wattsPerKelvin, 0)).toBeCloseTo(one.warmth.losesWK, 0)
  expect(one.warmth.neededW).toBeCloseTo(one.warmth.losesWK * 28, -2)
  expect(one.warmth.hours).toHaveLength(24)
  expect(one.air.freshM3H.full).toBeGreaterThan(one.air.freshM3H.lowest)
  expect(one.air.openings.reduce((sum: number, { outM3H }: { outM3H: number }) => sum + outM3H, 0)).toBeLessThan(60)
  const wrong = { ...document, warmth: { assume: { heatedC: 90 } } }
  const refused = await request.post('/api/climate', { data: wrong })
  expect(refused.status()).toBe(422)
  expect(JSON.stringify(await refused.json())).toContain('warmth.assume.heatedC')
})
