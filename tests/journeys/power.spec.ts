import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import DxfParser from 'dxf-parser'
import { defaultsOf, kindOf, type Seat } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { MONTH_DAYS } from '../../src/lib/core/sky'
import { expect, ON_ROOF, open, openPlan, ownJob, plain, saved, seatAt, stored, test, withOnly } from '../support/job'

const VARIANT = 'variant-a'

/** A van that is lived in all year at 44° N off hook-up, with induction, 300 Ah and two panels. */
const lived = (job: Job): Job => {
  const only = withOnly(job, VARIANT, [
    ['fit-battery', 'battery', seatAt(1200), { ampHours: 300 }],
    ['fit-inverter', 'inverter', seatAt(1700), { watts: 2000, does: 'inverter' }],
    ['fit-engine', 'charge-controller', seatAt(2100), { from: 'engine', amps: 30 }],
    ['fit-galley', 'galley-hob', seatAt(2400), { fuel: 'induction', rings: 1 }],
    ['fit-box', 'cold-box', seatAt(300)],
    ['fit-panel', 'solar-panel', seatAt(600, ON_ROOF), { watts: 400 }],
    ['fit-second', 'solar-panel', seatAt(2000, ON_ROOF), { watts: 400 }],
  ])
  const use = {
    nightsPerYear: 366,
    offHookUpPercent: 100,
    drivingHours: 1.5,
    latitudeDeg: 44,
    coldestC: -2,
    hottestC: 34,
    cooking: 'daily' as const,
  }
  return { ...only, brief: { ...only.brief, use } }
}
const openPower = async (page: Page, id: string): Promise<void> => {
  await open(page, `/jobs/${id}/budgets/power`)
  await expect(page.getByTestId('sets')).toContainText('cheapest', { timeout: 30_000 })
}
const answer = (page: Page) => page.getByTestId('answer')

test('a panel is taken away and the winter fails, with what cures it; with gas in place of induction it holds', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPower(page, id)
  await expect(answer(page)).toHaveText(/^It holds all year\. The lowest is \d+%, in December\.$/)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-second').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Delete')
  await saved(page)
  await openPower(page, id)
  await expect(answer(page)).toHaveText(/the hob unit goes\. .*(Ah more|W more of sun).* or a gas hob would cure it\.$/)
  await expect(page.getByText(/^\d+ dark days in a year of 365 nights aboard/)).toBeVisible()
  await expect(page.getByRole('img', { name: /^Charge over the year.*December/ })).toBeVisible()
  await expect(page.getByTestId('week')).toContainText('Hob unit goes')
  // the smallest cure that is said, taken in the plan, does cure it
  await openPlan(page, id)
  await page.getByTestId('plan-fit-galley').focus()
  await page.keyboard.press('Enter')
  await page.getByTestId('rare').locator('summary').first().click()
  await page.getByLabel('fuel').selectOption('gas')
  await saved(page)
  await openPower(page, id)
  await expect(answer(page)).toHaveText(/^It holds all year/)
})

test('hours are changed at a load and seen at once; what else draws is added; a hook-up is waited for; all of it can be undone', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPower(page, id)
  const row = (name: string) => page.getByTestId('loads').getByRole('row', { name: new RegExp(name) })
  const whole = async (): Promise<number> =>
    Number(/([\d.]+) kWh a day/.exec(plain(await page.getByRole('region', { name: 'What draws' }).innerText()))![1])
  const before = await whole()
  const hours = page.getByLabel('Hours a day of Hob unit', { exact: true })
  await hours.fill('2')
  await hours.press('Enter')
  // 1.5 kW through an inverter of 90 %
  await expect(row('^Hob unit Hours')).toContainText('3.33')
  await expect.poll(whole).toBeGreaterThan(before + 2)
  await expect(answer(page)).toHaveText(/the hob unit goes/)
  await page.getByRole('button', { name: 'Hours of Hob unit as suggested' }).click()
  await expect.poll(whole).toBe(before)

  await page.getByRole('button', { name: 'Add what else draws' }).click()
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByTestId('extra').getByRole('alert')).toHaveText('Say what it is.')
  await page.getByTestId('extra').getByLabel('What').fill('Kiln')
  await page.getByTestId('extra').getByLabel('draws').fill('500')
  await page.getByTestId('extra').getByLabel('draws').press('Enter')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(row('^Kiln')).toContainText('0.50')
  await saved(page)
  expect(Object.values((await stored(request, id)).power!.extras!)[0]).toMatchObject({ label: 'Kiln', watts: 500 })
  await page.keyboard.press('Control+z')
  await expect(row('^Kiln')).toHaveCount(0)
})

test('where it is through the year and what is allowed are set, and the sizes follow; a set is taken into the plan', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPower(page, id)
  await page.getByRole('button', { name: 'Say where it is through the year' }).click()
  const where = page.getByTestId('where')
  await where.getByLabel('Climate').selectOption('dark-north')
  await where.getByLabel('latitude').fill('62')
  await where.getByLabel('latitude').press('Enter')
  await expect(answer(page)).toHaveText(/goes\./)
  await where.getByLabel('latitude').fill('95')
  await where.getByLabel('latitude').press('Enter')
  await expect(where.getByRole('alert')).toBeVisible()
  await saved(page)
  expect(Object.values((await stored(request, id)).power!.legs!)[0]!.latitudeDeg).toBe(62)
  await expect(page.getByTestId('sets')).toContainText('cheapest', { timeout: 30_000 })
  const take = page.getByRole('button', { name: /^Take the set/ }).first()
  await take.click()
  await saved(page)
  await expect(answer(page)).toHaveText(/^It holds/)
  await expect(page.getByTestId('sets')).toContainText('is drawn', { timeout: 30_000 })
})

test('measured weather takes the place of the typical; a file with faults is refused by line, one with gaps says so', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, lived)
  await openPower(page, id)
  const file = (text: string) => ({ name: 'roof.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  const picker = page.getByTestId('weather-file')
  await picker.setInputFiles(file('month,sun\n1,2\n'))
  await expect(page.getByRole('alert')).toContainText('the head lacks sun_kwh_m2_day')
  await picker.setInputFiles(file('month,sun_kwh_m2_day,mean_c,swing_k\n1,2,4,8\n2,none,4,8\n'))
  await expect(page.getByRole('alert')).toContainText('Line 3: sun_kwh_m2_day (sun, kWh/m² a day) is no figure')
  const dull = MONTH_DAYS.slice(0, 11).map((_, month) => `${month + 1},0.3,5,6`)
  await picker.setInputFiles(file(['month,sun_kwh_m2_day,mean_c,swing_k', ...dull].join('\n')))
  await expect(page.getByTestId('weather')).toContainText('Weather measured: roof.csv')
  await expect(page.getByTestId('weather')).toContainText('31 days are missing')
  await expect(answer(page)).toHaveText(/goes\./)
  await page.getByRole('button', { name: 'Take typical weather' }).click()
  await expect(answer(page)).toHaveText(/^It holds all year/)
  // a year by the hour is kept hour for hour
  const hours = MONTH_DAYS.flatMap((days, month) =>
    Array.from({ length: days * 24 }, (_, at) => {
      const hour = at % 24
      return `${month + 1},${Math.floor(at / 24) + 1},${hour},${hour > 9 && hour < 15 ? 120.4 : 0},${4 + hour / 10}`
    }),
  )
  await picker.setInputFiles(file(['month,day,hour,sun_w_m2,outside_c', ...hours].join('\n')))
  await expect(page.getByTestId('weather')).toContainText('Weather measured: roof.csv')
  await expect(page.getByTestId('weather')).not.toContainText('missing')
  await expect(answer(page)).toHaveText(/goes\./)
  await saved(page)
  const day = (await stored(request, id)).power!.weather!.days[200] as { sunWm2: number[]; outsideC: number[] }
  expect([day.sunWm2[9], day.sunWm2[10], day.outsideC[13]]).toEqual([0, 120, 5.3])
})

test('by an address: the year of a document, its loads, cures and sets; what is wrong is refused by path', async ({
  request,
}) => {
  const id = await ownJob(request, lived)
  const job = await stored(request, id)
  const reply = await request.post('/api/power?sets=1', { data: job })
  expect(reply.status()).toBe(200)
  const [one] = ((await reply.json()) as { variants: Record<string, never>[] }).variants as unknown as {
    words: string[]
    has: { batteryWh: number; sunWatts: number }
    chargeByDay: number[][]
    darkDays: unknown[]
    sets: { school: string; darkDays: number }[]
    loads: { name: string; whADay: number }[]
  }[]
  expect(one!.has).toMatchObject({ batteryWh: 3600, sunWatts: 800 })
  expect(one!.chargeByDay).toHaveLength(365)
  expect(one!.darkDays).toEqual([])
  expect(one!.sets.map(({ school }) => school)).toContain('lightest')
  expect(one!.loads[0]!.name).toBe('Hob unit')
  const wrong = {
    ...job,
    power: {
      legs: {
        'leg-a': { from: 0, to: 13, latitudeDeg: 95, climate: 'moon', nights: 3, drivingHours: 1, hookUpEvery: 0 },
      },
    },
  }
  const refused = await request.post('/api/power', { data: wrong })
  expect(refused.status()).toBe(422)
  const { faults } = (await refused.json()) as { faults: { path: string }[] }
  expect(faults.map(({ path }) => path)).toEqual(
    expect.arrayContaining(['power.legs.leg-a.from', 'power.legs.leg-a.latitudeDeg', 'power.legs.leg-a.climate']),
  )
  expect((await request.post('/api/power?variant=variant-none', { data: job })).status()).toBe(404)
})

test('a socket is placed and has its wire, fuse and label; the diagram is exported and read back', async ({
  page,
  request,
}, info) => {
  const id = await ownJob(request, (job) => {
    const made = lived(job)
    const { plan } = made.variants[VARIANT]!
    const more = (thing: string, kind: string, at: Seat) =>
      [thing, { kind, parameters: { ...defaultsOf(kindOf(kind)) }, seat: at }] as const
    const fittings = Object.fromEntries([
      more('fit-board', 'fuse-board', seatAt(1500, { up: { from: 'floor', mm: 1000 } })),
    ])
    return {
      ...made,
      variants: {
        [VARIANT]: { ...made.variants[VARIANT]!, plan: { ...plan, fittings: { ...plan.fittings, ...fittings } } },
      },
    } as Job
  })
  await openPower(page, id)
  const row = page.getByTestId('circuits').getByRole('row', { name: /Sockets/ })
  await expect(page.getByTestId('circuits')).toBeVisible()
  await expect(row).toHaveCount(0)
  await openPlan(page, id)
  await page.keyboard.press('/')
  await page.keyboard.type('add socket')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name of the fitting')).toHaveValue(/Socket/)
  await saved(page)
  await openPower(page, id)
  await expect(row).toContainText(/mm²\s\(AWG\s\d+\)/)
  await row.getByRole('button', { name: /^Why/ }).click()
  await expect(page.getByText(/The fuse is the next over 1\.25 times that: [\d.]+\sA/)).toBeVisible()
  await page.keyboard.press('Escape')
  const fetched = async (name: string) => {
    const wait = page.waitForEvent('download')
    await page.getByRole(name.includes('CSV') ? 'button' : 'link', { name }).click()
    const to = info.outputPath(name)
    await (await wait).saveAs(to)
    return readFile(to, 'utf8')
  }
  await page.getByText('The same on one line').click()
  const board = page.getByTestId('one-line').getByRole('region', { name: 'From Fuse board' })
  await expect(board.getByRole('listitem').filter({ hasText: 'Sockets' })).toContainText(/A.*mm².*m/)
  const csv = await fetched('Schedule as CSV')
  const sockets = csv.split('\r\n').find((line) => line.includes(',Sockets,'))!
  const [no, , , from] = sockets.split(',')
  expect(from).toBe('the fuse board')
  const dxf = new DxfParser().parseSync(await fetched('Drawing as DXF'))!
  const wires = dxf.entities.filter(({ layer }) => layer === 'wires')
  expect(wires.length).toBeGreaterThan(6)
  expect(dxf.entities.some((one) => one.layer === 'wire-numbers' && 'text' in one && one.text === no)).toBe(true)

  await page.getByRole('link', { name: 'On paper, with labels' }).click()
  await expect(page.getByTestId('sheet').first().locator('svg')).toBeVisible()
  const sheets = page.getByTestId('sheet')
  await expect(sheets.filter({ hasText: 'Labels for the fuse board' }).first()).toContainText(`${no} Sockets`)
  const svg = await request.get(`/api/jobs/${id}/paper?view=wiring&format=svg`)
  expect(svg.headers()['content-type']).toContain('image/svg+xml')
  expect(await svg.text()).toContain('Wiring')
})

test('a circuit, a wire, its fuse and what goes with it are set by hand; what does not hold is said there and by the review', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) => {
    const made = lived(job)
    const variant = made.variants[VARIANT]!
    const light = (mm: number) => ({
      kind: 'light',
      parameters: { ...defaultsOf(kindOf('light')), place: 'room' },
      seat: seatAt(mm, { across: { from: 'right-wall', mm: 0 }, up: { from: 'floor', mm: 1500 } }),
    })
    const fittings = { ...variant.plan.fittings, 'fit-rear': light(500), 'fit-front': light(3000) }
    return { ...made, variants: { [VARIANT]: { ...variant, plan: { ...variant.plan, fittings } } } } as Job
  })
  await openPower(page, id)
  const row = (name: RegExp) => page.getByTestId('circuits').getByRole('row', { name })
  const edit = page.getByTestId('wire-edit')

  await row(/Battery to inverter/)
    .getByRole('button', { name: /^Set circuit/ })
    .click()
  await edit.getByLabel('Wire').selectOption('35')
  await expect(page.getByRole('alert').filter({ hasText: 'carries less than what flows' })).toBeVisible()
  await edit.getByLabel('Wire').selectOption('')
  await expect(page.getByRole('alert').filter({ hasText: 'carries less than what flows' })).toBeHidden()
  await edit.getByLabel('Fuse').fill('300')
  await edit.getByLabel('Fuse').press('Enter')
  await expect(row(/Battery to inverter/)).toContainText('300 A')
  await edit.getByLabel('Wire').selectOption('70')
  await expect(page.getByRole('alert').filter({ hasText: 'fuse is above what the wire carries' })).toBeVisible()
  await saved(page)

  // the shop's own table says that it carries that
  await page.getByTestId('carries').locator('summary').click()
  await page.getByLabel('70 mm²', { exact: true }).fill('320')
  await page.getByLabel('70 mm²', { exact: true }).press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'fuse is above what the wire carries' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'fuse is above what the wire carries' })).toBeVisible()
  await edit.getByRole('button', { name: 'Close' }).click()

  // both lights on one fuse
  await row(/^\d+ Lights Light, rear/)
    .getByRole('button', { name: /^Set circuit/ })
    .click()
  await edit.getByLabel(/hangs on/).selectOption('new')
  await edit.getByRole('textbox', { name: 'Circuit' }).fill('All lights')
  await edit.getByRole('textbox', { name: 'Circuit' }).press('Tab')
  await expect(row(/^\d+ All lights/)).toBeVisible()
  await edit.getByRole('button', { name: 'Close' }).click()
  await row(/^\d+ Lights/)
    .getByRole('button', { name: /^Set circuit/ })
    .click()
  await edit.getByLabel(/hangs on/).selectOption({ label: 'All lights' })
  await expect(row(/^\d+ All lights/)).toContainText(/front.*rear|rear.*front/)
  await expect(row(/^\d+ Lights/)).toBeHidden()
  await saved(page)
  const { power } = await stored(request, id)
  expect(Object.values(power?.circuits ?? {})).toEqual([
    { label: 'All lights', serves: expect.arrayContaining(['fit-rear', 'fit-front']) as string[] },
  ])

  await open(page, `/jobs/${id}/review`)
  await expect(page.getByText('Wire too thin for its fuse').first()).toBeVisible({ timeout: 20_000 })
})

test('power stands at the foot of the bench where it is among the tightest', async ({ page, request }) => {
  const id = await ownJob(request, lived)
  await openPlan(page, id)
  const foot = page.getByTestId('margins')
  await expect(foot.locator('[data-margin]')).toHaveCount(3)
  await page.getByTestId('plan-fit-second').focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Delete')
  await expect(foot.locator('[data-margin="power"]')).toContainText(/^Power \d+ dark days$/, { timeout: 15_000 })
  await expect(foot.locator('[data-margin]')).toHaveCount(3)
})
