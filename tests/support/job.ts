import { expect, test as base, type APIRequestContext, type Page } from '@playwright/test'
import { defaultsOf, kindOf, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'

/** A job of its own for each test: a copy of one of the demo jobs. */
export async function ownJob(
  request: APIRequestContext,
  change: (job: Job) => Job = (job) => job,
  from = 'job-bat-survey',
): Promise<string> {
  const demo = (await (await request.get(`/api/jobs/${from}`)).json()) as Job
  const id = `job-${Math.random().toString(36).slice(2, 12)}`
  const response = await request.post('/api/jobs', { data: change({ ...demo, id, name: `Test ${id}` }) })
  expect(response.status()).toBe(201)
  return id
}

/** The shower so deep that the passage before the galley is 352: shoulders want 477, and four fifths of 450 to stand. */
export const deepShower = (job: Job): Job => {
  const changed = structuredClone(job) as {
    variants: Record<string, { plan: { fittings: Record<string, { parameters: object }> } }>
  }
  for (const { plan } of Object.values(changed.variants)) {
    const shower = plan.fittings['fit-shower']
    if (shower !== undefined) shower.parameters = { ...shower.parameters, depthMm: 890 }
  }
  return changed as unknown as Job
}

export type Thing = readonly [id: string, kind: string, seat: Seat, parameters?: Record<string, ParameterValue>]

/** A job with a few things only in one of its variants, in the body that it has. */
export function withOnly(job: Job, variantId: string, things: readonly Thing[]): Job {
  const variant = job.variants[variantId]!
  const modes = Object.fromEntries(
    Object.entries(variant.plan.modes).map(([id, { name, purpose, order }]) => [
      id,
      { name, purpose, order, stances: {} },
    ]),
  )
  const fittings = Object.fromEntries(
    things.map(([id, kind, at, parameters]) => [
      id,
      { kind, parameters: { ...defaultsOf(kindOf(kind)), ...parameters }, seat: at },
    ]),
  )
  return { ...job, variants: { [variantId]: { ...variant, plan: { ...variant.plan, fittings, groups: {}, modes } } } }
}

export const stored = async (request: APIRequestContext, id: string): Promise<Job> =>
  (await (await request.get(`/api/jobs/${id}`)).json()) as Job

/** Opens a page and waits until it lives. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await page.locator('html[data-hydrated]').waitFor({ state: 'attached' })
}

export async function openPlan(page: Page, id: string): Promise<void> {
  await open(page, `/jobs/${id}/plan`)
  await expect(page.getByTestId('view-plan')).toBeVisible()
  await expect(page.getByTestId('mode-button').first()).not.toContainText('…')
}

export const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('Saved')

/** Drags the middle of something by so many pixels, in small steps as a hand does. */
export async function dragBy(
  page: Page,
  testId: string,
  dx: number,
  dy: number,
  keys: readonly string[] = [],
): Promise<void> {
  const box = (await page.getByTestId(testId).boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (const key of keys) await page.keyboard.down(key)
  for (let step = 1; step <= 8; step += 1) await page.mouse.move(x + (dx * step) / 8, y + (dy * step) / 8)
  await page.mouse.up()
  for (const key of keys) await page.keyboard.up(key)
}

export const tape = (page: Page, row: string) => page.locator(`#tape-${row}`)
export const figureIn = async (page: Page, row: string): Promise<number> =>
  Number((await tape(page, row).inputValue()).replace(/[^\d-]/g, ''))
export const plain = (text: string): string => text.replace(/[\u202f\u00a0]/g, ' ')

/** Every page of a test must stay free of errors. */
export const test = base.extend<{ quiet: void }>({
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = []
      page.on('pageerror', (error) => errors.push(error.stack ?? error.message))
      await use()
      expect(errors).toEqual([])
    },
    { auto: true },
  ],
})
export { expect }

/** A seat by the left wall, so far from the rear. */
export const seatAt = (mm: number, more: Partial<Seat> = {}): Seat => ({
  along: { from: 'rear', mm },
  across: { from: 'left-wall', mm: 0 },
  up: { from: 'floor', mm: 0 },
  turn: 0,
  mirrored: false,
  ...more,
})
/** On the roof, along its middle. */
export const ON_ROOF: Partial<Seat> = { across: { from: 'centreline', mm: 0 }, up: { from: 'on-roof', mm: 0 } }
