import type { Page } from '@playwright/test'
import { defaultsOf, kindOf, type Seat } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { expect, open, ownJob, plain, saved, seatAt, stored, test, withOnly } from '../support/job'

const VARIANT = 'variant-a'
const under: Partial<Seat> = { across: { from: 'centreline', mm: 0 }, up: { from: 'under-floor', mm: 30 } }
type Things = Parameters<typeof withOnly>[2]

/** One who lives in a van, showers inside and fills every seven nights. */
const alone = (job: Job, things: Things): Job => {
  const only = withOnly(job, VARIANT, things)
  const [first] = Object.entries(only.brief.people)
  return {
    ...only,
    brief: {
      ...only.brief,
      derives: true,
      people: { [first![0]]: { ...first![1], sleeps: true } },
      pets: {},
      gear: {},
      nightsOffHookUp: 7,
      use: { washing: 'inside', coldestC: -6, nightsPerYear: 366, latitudeDeg: 52, cooking: 'daily', altitudeM: 1800 },
    },
  }
}
const inside: Things = [
  ['fit-tank', 'water-tank', seatAt(1200), { lengthMm: 800, depthMm: 400, heightMm: 350 }],
  ['fit-basin', 'galley-basin', seatAt(2600)],
  ['fit-boiler', 'heater-water', seatAt(600), { heatedBy: 'gas', litres: 10 }],
  ['fit-locker', 'gas-locker', seatAt(3300), { bottles: 1 }],
  ['fit-heater', 'heater-air', seatAt(3800), { fuel: 'diesel', kilowatts: 2 }],
]
const openWater = async (page: Page, id: string): Promise<void> => {
  await open(page, `/jobs/${id}/budgets/water`)
  await expect(page.getByTestId('tanks')).toBeVisible({ timeout: 30_000 })
}
const answer = (page: Page) => page.getByTestId('answer')
const field = (page: Page, label: string) => page.getByTestId('assumed').getByLabel(label, { exact: true })
const type = async (page: Page, label: string, value: string): Promise<void> => {
  await field(page, label).fill(value)
  await field(page, label).press('Enter')
}

test('the shower is lengthened by two minutes, and Sunday goes dry; undo, and it does not', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) => alone(job, inside))
  await openWater(page, id)
  await type(page, 'the shower’s flow', '1.5')
  // 103 L at 11 + 2 × 1.5 L a day
  await expect(answer(page)).toHaveText(/^7 nights between fills/)
  await type(page, 'a shower, each', '4')
  await expect(answer(page)).toHaveText(/^6 nights between fills.* Sunday goes dry: 7 nights were asked for\.$/)
  await expect(page.getByRole('img', { name: /Sunday dry/ })).toBeVisible()
  await expect(page.getByTestId('uses').getByRole('row', { name: /the shower/ })).toContainText('6')
  await saved(page)
  expect((await stored(request, id)).brief.use?.water).toEqual({ showerLpm: 1.5, showerMin: 4 })
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(answer(page)).not.toContainText('dry')
  await page.getByRole('button', { name: 'the shower’s flow: as usual' }).click()
  await expect(answer(page)).toHaveText(/^4 nights between fills; the shower empties it most\./)
  // a figure that is none is told at the field, and nothing is lost
  await type(page, 'a shower, each', '-3')
  await expect(page.getByTestId('assumed').getByRole('alert')).toBeVisible()
  await expect(answer(page)).toHaveText(/^4 nights/)
  // one sum: the bench has it too
  const said = plain(await page.getByTestId('water').getByText('nights. why').innerText())
  await open(page, `/jobs/${id}/plan`)
  await page.getByRole('button', { name: /^Why the water lasts/ }).click()
  await expect(page.getByText(said.replace(/ why$/, ''))).toBeVisible()
})

test('a tank inside is held against a pair under the floor: frost, clearance, days and axles change', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) => {
    const made = alone(job, inside)
    const variant = made.variants[VARIANT]!
    const { 'fit-tank': tank, ...rest } = variant.plan.fittings
    const pair = {
      ...tank!,
      kind: 'tank-pair',
      parameters: { ...defaultsOf(kindOf('tank-pair')), heightMm: 250 },
      seat: seatAt(2600, under),
    }
    return {
      ...made,
      variants: {
        [VARIANT]: { ...variant, name: 'Inside' },
        'variant-b': { ...variant, name: 'Under', plan: { ...variant.plan, fittings: { ...rest, 'fit-pair': pair } } },
      },
    } as Job
  })
  await openWater(page, id)
  const row = (name: RegExp) => page.getByTestId('tanks').getByRole('row', { name })
  await expect(row(/fresh/)).toContainText('inside')
  const days = page.getByTestId('variants').getByRole('row', { name: /nights until dry/ })
  const [first, second] = (await days.getByRole('cell').allInnerTexts()).map((text) => Number(plain(text)))
  expect(first).toBeGreaterThan(4)
  await expect.poll(async () => Number(plain((await days.getByRole('cell').allInnerTexts())[1]!))).toBeLessThan(first!)
  expect(second).not.toBe(first)
  await page.getByRole('button', { name: 'Under' }).click()
  await expect(row(/fresh/)).toContainText(/2 joined.*outside/)
  // on the others that are as cold it has run dry by the evening
  const frost = /^(\d+) of (\d+)$/.exec((await row(/fresh/).getByRole('cell').allInnerTexts())[4]!)!
  expect(Number(frost[1])).toBeGreaterThan(10)
  expect(Number(frost[2])).toBeGreaterThan(Number(frost[1]))
  await row(/fresh/).getByRole('button', { name: /^Why/ }).click()
  await expect(page.getByText(/Its lowest point is .* over the ground/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page
    .getByRole('navigation', { name: 'Budgets' })
    .getByRole('link', { name: /^Weight/ })
    .click()
  const rear = page.getByTestId('variants').getByRole('row', { name: /rear axle/ })
  await expect(rear).toContainText(/%.*%/)
  const [withIn, withUnder] = await rear.getByRole('cell').allInnerTexts()
  expect(withIn).not.toBe(withUnder)
})

test('a drinking tank of its own, a pair that is joined unevenly, a pump and a filter: what is first, what stays empty, and where lines run', async ({
  page,
  request,
}) => {
  const box = { lengthMm: 700, depthMm: 300, heightMm: 400 }
  const id = await ownJob(request, (job) =>
    alone(job, [
      ['fit-tank', 'water-tank', seatAt(800), { ...box, joined: 'joined' }],
      [
        'fit-other',
        'water-tank',
        seatAt(800, { across: { from: 'right-wall', mm: 0 }, turn: 180 }),
        { ...box, heightMm: 300, joined: 'joined' },
      ],
      ['fit-drink', 'water-tank', seatAt(1700), { lengthMm: 300, depthMm: 200, heightMm: 150, holds: 'drinking' }],
      ['fit-pump', 'water-pump', seatAt(2100)],
      ['fit-filter', 'water-filter', seatAt(2400)],
      ['fit-basin', 'galley-basin', seatAt(2700)],
    ]),
  )
  await openWater(page, id)
  await expect(answer(page)).toHaveText(/What is kept for drinking is gone first\./)
  const row = (name: RegExp) => page.getByTestId('tanks').getByRole('row', { name })
  await expect(row(/drinking/)).toContainText('8')
  await expect(row(/2 joined/)).toContainText('115')
  await row(/2 joined/)
    .getByRole('button', { name: /^Why/ })
    .click()
  await expect(page.getByText(/the lowest runs over first, and 19 L of the others stay empty/)).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('lines')).toContainText('Joining hose from')
  await expect(page.getByTestId('lines')).toContainText('Cold line from the water pump to the water filter')
  await expect(page.getByTestId('drains')).toContainText('the water pump')
  await expect(page.getByTestId('lean')).toContainText(/the water puts \d+ kg on the (front|rear) axle/)
  await expect(page.getByText(/^Not said: .*between [\d.]+ and [\d.]+ nights\.$/)).toBeVisible()
  // any evening is a loading of the whole vehicle
  await page.getByRole('link', { name: 'The whole vehicle that evening' }).click()
  const day = page.getByLabel('Evening of day')
  const whole = page.getByTestId('limits').getByRole('listitem').first()
  await day.selectOption('1')
  await expect(page.getByTestId('heavy')).toContainText(/Water tank.*, \d+% full/)
  const first = plain(await whole.innerText())
  await day.selectOption('3')
  await expect(whole).not.toHaveText(first)
  await page.getByLabel('Loading shown:').selectOption({ label: 'all aboard, water full' })
  await expect(page.getByTestId('heavy')).toContainText(/Water tank.*, full/)
  // the bench has the same sum
  await open(page, `/jobs/${id}/plan`)
  await page.getByRole('button', { name: /^Why the water lasts 2\.0 nights/ }).click()
  await expect(page.getByText(/8 L kept for drinking ÷ 4/)).toBeVisible()
})

test('gas lasts by month, hours of a burner are set, and a heater takes its diesel; at altitude a kit is asked for', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) =>
    alone(job, [...inside, ['fit-hob', 'galley-hob', seatAt(4200), { fuel: 'gas' }]]),
  )
  await open(page, `/jobs/${id}/budgets/gas`)
  await expect(answer(page)).toHaveText(
    /^A filling of gas lasts .*nights?.*\. \d+ fillings a year\. The heater takes [\d.]+ L of diesel a night in January, \d+ L a year, from the vehicle’s tank\.$/,
    { timeout: 30_000 },
  )
  await expect(page.getByText(/At 1.800 m a burner needs its altitude kit/)).toBeVisible()
  const nights = async (): Promise<number> =>
    Number(
      plain(
        (
          await page
            .getByTestId('months')
            .getByRole('row', { name: /filling of gas/ })
            .getByRole('cell')
            .allInnerTexts()
        )[0]!,
      ),
    )
  const before = await nights()
  const hours = page.getByLabel(/^Hours a day of Hob/)
  await hours.fill('2')
  await hours.press('Enter')
  await expect.poll(nights).toBeLessThan(before / 2)
  await page.getByTestId('burners').getByRole('row', { name: /Hob/ }).getByRole('button', { name: /^Why/ }).click()
  await expect(page.getByText(/Propane gives 12\.9 kWh\/kg/)).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('pipes')).toContainText(/Pipe from the gas locker to the hob unit: [\d.]+ m/)
  await expect(page.getByTestId('pipes')).toContainText(/A licensed fitter tests it .* goes over all 5 joints/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(nights).toBe(before)
})

test('by an address: water and gas of a document, with their sums; what is wrong is refused by path', async ({
  request,
}) => {
  const id = await ownJob(request, (job) => alone(job, inside))
  const document = await stored(request, id)
  const water = await (await request.post('/api/water', { data: document })).json()
  const [one] = water.variants
  expect(one.litresADay).toBe(21)
  expect(one.nightsUntilDry).toBeCloseTo(one.freshL / 21, 1)
  expect(one.uses.reduce((sum: number, { litresADay }: { litresADay: number }) => sum + litresADay, 0)).toBeCloseTo(
    21,
    6,
  )
  expect(one.warm[0].litresAtTap).toBeCloseTo(18.46, 2)
  expect(one.lines.map(({ what }: { what: string }) => what)).toContain('hot')
  const gas = await (await request.post('/api/gas', { data: document })).json()
  expect(gas.variants[0].gasKg).toBeCloseTo(10.97, 2)
  expect(gas.variants[0].nightsByMonth).toHaveLength(12)
  const wrong = (use: object) => ({ ...document, brief: { ...document.brief, use: { ...document.brief.use, ...use } } })
  for (const [data, path] of [
    [wrong({ water: { drinkL: -1 } }), 'brief.use.water.drinkL'],
    [wrong({ water: { showerMin: 1e9 } }), 'brief.use.water.showerMin'],
  ] as const) {
    const answered = await request.post('/api/water', { data })
    expect(answered.status()).toBe(422)
    expect(JSON.stringify(await answered.json())).toContain(path)
  }
  expect((await request.post('/api/gas?variant=none', { data: document })).status()).toBe(404)
})
