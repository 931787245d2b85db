import type { Page } from '@playwright/test'
import { kindOf, type Seat } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { RULES } from '../../src/lib/core/review'
import { expect, open, openPlan, ownJob, plain, saved, stored, test, withOnly, type Thing } from '../support/job'

const VARIANT = 'variant-a'
const seat = (mm: number, from: Seat['across']['from']): Seat => ({
  along: { from: 'rear', mm },
  across: { from, mm: 0 },
  up: { from: 'floor', mm: 0 },
  turn: 0,
  mirrored: false,
})
/** The demo’s van with a few things only, and gear of so many kilograms in so many pieces. */
const bare =
  (things: readonly Thing[], gear?: { readonly massKg: number; readonly count: number }) =>
  (job: Job): Job => {
    const only = withOnly(job, VARIANT, things)
    const anvils = {
      label: 'anvils',
      sizeMm: [240, 240, 200] as [number, number, number],
      ...gear!,
      use: 'weekly' as const,
    }
    return { ...only, brief: { ...job.brief, derives: true, gear: gear === undefined ? {} : { 'gear-anvil': anvils } } }
  }

/** Kilograms that the foot of the bench says are left on a limit. */
async function leftOn(page: Page, limit: string): Promise<number> {
  const text = plain(await page.locator(`[data-margin="${limit}"]`).innerText()).replace(/(\d) (\d)/g, '$1$2')
  const figure = Number(/(-?\d+) kg/.exec(text)?.[1])
  return text.includes('over') ? -figure : figure
}

test('a battery is moved, and the axles follow: live in the hand, and in the sums after it', async ({
  page,
  request,
}) => {
  const id = await ownJob(
    request,
    bare([['fit-battery', 'battery', seat(200, 'left-wall'), { chemistry: 'lead', ampHours: 400, volts: 12 }]]),
  )
  await openPlan(page, id)
  await expect(page.locator('[data-margin="rear"]')).toBeVisible()
  const before = await leftOn(page, 'rear')
  const box = (await page.getByTestId('plan-fit-battery').boundingBox())!
  const at = [box.x + box.width / 2, box.y + box.height / 2] as const
  await page.mouse.move(...at)
  await page.mouse.down()
  for (let step = 1; step <= 10; step += 1) await page.mouse.move(at[0] + 24 * step, at[1])
  // still in the hand: the foot has followed already
  await expect.poll(() => leftOn(page, 'rear')).toBeGreaterThan(before + 10)
  await page.mouse.up()
  await saved(page)
  const moved = (await stored(request, id)).variants[VARIANT]!.plan.fittings['fit-battery']!
  const byMm = moved.seat.along.mm - 200
  expect(byMm).toBeGreaterThan(1000)
  // lead, 12 V 400 Ah; its kilograms as the plan has them, by two-axle statics at a wheelbase of 3680
  const kg = kindOf('battery').massKg(moved.parameters)
  await expect.poll(async () => Math.abs((await leftOn(page, 'rear')) - before - (kg * byMm) / 3680)).toBeLessThan(2)
  await page.getByTestId('margins').click()
  await expect(page.getByTestId('answer')).toContainText('to spare, fully loaded')
  await expect(page.locator('[data-limit="rear"]')).toContainText('of 2')
  await page.locator('[data-limit="rear"]').getByRole('button', { name: /^Why/ }).click()
  await expect(page.getByText(/The battery: .* kg × .* = /)).toBeVisible()
})

test('a garage is overloaded, the rule speaks, and a way out is taken', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bare([['fit-chest', 'lid-chest', seat(60, 'left-wall'), { lengthMm: 1400, depthMm: 600, heightMm: 600 }]], {
      massKg: 103,
      count: 9,
    }),
  )
  await open(page, `/jobs/${id}/review`)
  const fault = page.getByTestId('fault-axle-over')
  await fault.click()
  await expect(page.getByTestId('detail')).toContainText('helper springs raise no limit')
  await expect(page.getByText('Trying remedies…')).toHaveCount(0)
  const way = page.getByTestId('way-out').filter({ hasText: 'forward' }).first()
  await way.getByRole('button').first().click()
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(fault).toHaveCount(0)
  await saved(page)
  const moved = (await stored(request, id)).variants[VARIANT]!.plan.fittings['fit-chest']!
  expect(moved.seat.along.mm).toBeGreaterThan(60)
})

test('what would help a limit is found by moving what weighs most, and taken', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bare([['fit-tank', 'water-tank', seat(60, 'left-wall'), { lengthMm: 900, depthMm: 450, heightMm: 350 }]]),
  )
  await open(page, `/jobs/${id}/budgets`)
  await page.locator('[data-limit="rear"]').getByRole('button', { name: 'Rear axle', exact: true }).click()
  const helps = page.getByTestId('helps')
  const first = helps.getByRole('button', { name: /forward/ }).first()
  await expect(first).toBeVisible({ timeout: 20_000 })
  const rear = async () =>
    Number(
      plain(await page.getByTestId('axles').innerText())
        .replace(/(\d) (\d)/g, '$1$2')
        .match(/rear axle (\d+)/)![1],
    )
  const before = await rear()
  await first.click()
  await expect.poll(rear).toBeLessThan(before - 10)
  await page.keyboard.press('Control+z')
  await expect.poll(rear).toBe(before)
})

test('it is weighed on the simulated scale, and one sees where the difference sits', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/budgets`)
  await page.getByRole('button', { name: 'Weigh it…' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('unlisted kilograms').fill('90')
  await dialog.getByLabel('unlisted kilograms').press('Enter')
  await dialog.getByRole('button', { name: 'Read the simulated scale' }).click()
  await expect(dialog.getByRole('status')).toHaveText('steady', { timeout: 15_000 })
  await dialog.getByRole('button', { name: 'Save the reading' }).click()
  await expect(dialog).toHaveCount(0)
  const weighings = page.getByTestId('weighings')
  await expect(weighings).toContainText('more than the plan accounts for')
  const text = plain(await weighings.innerText())
  expect(Math.abs(Number(/(\d+) kg more than the plan/.exec(text)![1]) - 90)).toBeLessThanOrEqual(14)
  expect(text).toContain('on the left')
  // the base is the reading from now on, and undo takes that back
  await weighings.getByRole('button', { name: 'Plan from this reading' }).click()
  await expect(weighings).toContainText('the empty vehicle is taken from this')
  await page.keyboard.press('Control+z')
  await expect(weighings).not.toContainText('the empty vehicle is taken from this')
})

test('a rating below the empty axle is refused at its field, and nothing is lost', async ({ page, request }) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/budgets`)
  await page.getByTestId('papers').locator('summary').click()
  const rear = page.getByLabel('rear axle rating')
  await rear.fill('700')
  await rear.press('Enter')
  await expect(page.getByRole('alert')).toContainText('rear axle carries 886 kg empty')
  await rear.fill('-5')
  await rear.press('Enter')
  await expect(page.getByRole('alert')).toContainText('At least 300')
  expect((await stored(request, id)).shell.axles.ratingRearKg).toBe(2000)
  await rear.fill('2100')
  await rear.press('Enter')
  await saved(page)
  await expect.poll(async () => (await stored(request, id)).shell.axles.ratingRearKg).toBe(2100)
})

test('the weight of a document without the screens, in a loading, and what is refused of one', async ({ request }) => {
  const job = (await (await request.get('/api/jobs/job-bat-survey')).json()) as Job
  const all = (await (await request.post('/api/weight', { data: job })).json()) as {
    variants: {
      id: string
      words: string
      limits: { id: string; now: number }[]
      entries: { id: string; kg: number }[]
    }[]
  }
  expect(all.variants.map(({ id }) => id)).toEqual(['variant-a', 'variant-b'])
  const [first] = all.variants
  const total = first!.limits.find(({ id }) => id === 'total')!.now
  expect(total).toBeCloseTo(
    first!.entries.reduce((sum, { kg }) => sum + kg, 0),
    0,
  )
  const empty = { job, loading: { without: [], levels: { water: 0, waste: 0 } } }
  const dry = (await (await request.post('/api/weight?variant=variant-a', { data: empty })).json()) as typeof all
  expect(dry.variants).toHaveLength(1)
  expect(total - dry.variants[0]!.limits.find(({ id }) => id === 'total')!.now).toBeCloseTo(88, 0)
  const over = await request.post('/api/weight', { data: { job, loading: { levels: { water: 140 } } } })
  expect(over.status()).toBe(422)
  expect(((await over.json()) as { faults: { path: string }[] }).faults[0]!.path).toBe('loading.levels.water')
  const meant = { job, loading: { mode: 'mode-nihgt', without: ['water:tnak'], tanks: { 'waste:none': 20 } } }
  const unheard = await request.post('/api/weight', { data: meant })
  expect(unheard.status()).toBe(422)
  expect(((await unheard.json()) as { faults: { path: string }[] }).faults.map(({ path }) => path)).toEqual([
    'loading.mode',
    'loading.without.0',
    'loading.tanks.waste:none',
  ])
  const absurd = await request.post('/api/weight', {
    data: { ...job, shell: { ...job.shell, masses: { ...job.shell.masses, kerbKg: -3 } } },
  })
  expect(absurd.status()).toBe(422)
  expect(((await absurd.json()) as { faults: { path: string }[] }).faults[0]!.path).toBe('shell.masses.kerbKg')
})

/** Rules whose reason is long enough to be found by nothing else. */
const LONG = RULES.filter(({ basis }) => basis.note.length > 40)

test('the page of a plan loads none of the rules; the engine that its worker loads holds them', async ({
  page,
  request,
}) => {
  // what the page’s own thread parses; its workers are targets of their own
  const loaded = new Set<string>()
  const devtools = await page.context().newCDPSession(page)
  devtools.on('Debugger.scriptParsed', ({ url }) => void (url.endsWith('.js') && loaded.add(url)))
  await devtools.send('Debugger.enable')
  await openPlan(page, await ownJob(request))
  await expect(page.getByTestId('findings')).not.toContainText('Checking…')
  const textOf = async (address: string): Promise<string> => (await request.get(address)).text()
  // the engine and all that it imports
  const held = new Map<string, string>()
  const follow = async (address: string): Promise<void> => {
    if (held.has(address)) return
    const text = await textOf(address)
    held.set(address, text)
    for (const [, from] of text.matchAll(/(?:from|import)\s*"(\.[^"]+\.js)"/g))
      await follow(new URL(from!, address).href)
  }
  await follow(page.workers()[0]!.url())
  const own = await Promise.all([...loaded].map(textOf))
  const said = (scripts: readonly string[]) =>
    LONG.filter(({ basis }) => scripts.some((text) => text.includes(basis.note))).map(({ id }) => id)
  // a few write their quotes otherwise than the source has them
  expect(said([...held.values()]).length).toBeGreaterThan(LONG.length * 0.9)
  expect(own.join('')).toContain('All clear')
  // the reasons of these two are the brief’s own as well
  expect(said(own)).toEqual(['transfer-space', 'turning-circle'])
})
