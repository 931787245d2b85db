import type { Locator, Page } from '@playwright/test'
import { keepProof } from '../proof/keep'
import { expect, openPlan, ownJob, saved, stored, test, withOnly } from '../support/job'

/** What a hand does: each click, each key, each entry that is typed and ended with Enter counts one. */
class Hand {
  count = 0
  constructor(readonly page: Page) {}
  async click(target: Locator | readonly [number, number]): Promise<void> {
    this.count += 1
    if ('click' in target) await target.click()
    else await this.page.mouse.click(...target)
  }
  async key(key: string): Promise<void> {
    this.count += 1
    await this.page.keyboard.press(key)
  }
  async typed(text: string): Promise<void> {
    this.count += 1
    await this.page.keyboard.type(text)
    await this.page.keyboard.press('Enter')
  }
  /** A list is opened and one of it is taken. */
  async choose(list: Locator, value: string): Promise<void> {
    this.count += 2
    await list.selectOption(value)
  }
}

const MOST = 6
const counted: (readonly [string, number])[] = []
test.describe.configure({ mode: 'serial' })

async function task(name: string, page: Page, work: (hand: Hand) => Promise<void>): Promise<void> {
  const hand = new Hand(page)
  await work(hand)
  counted.push([name, hand.count])
  expect(hand.count, name).toBeLessThanOrEqual(MOST)
}
const planOf = async (request: Parameters<typeof stored>[0], id: string) =>
  (await stored(request, id)).variants['variant-a']!.plan

test('the first bed is placed and sized', async ({ page, request }) => {
  const id = await ownJob(request, (job) => withOnly(job, 'variant-a', []))
  await openPlan(page, id)
  await task('first bed placed and sized', page, async (hand) => {
    await hand.click(page.getByRole('button', { name: 'Berths', exact: true }))
    await expect(page.getByTestId('choices')).toContainText('Enter takes the first', { timeout: 40_000 })
    await hand.key('Enter')
    await hand.click(page.getByTestId('figure-in-drawing size x'))
    await hand.typed('1400')
  })
  await saved(page)
  const [bed] = Object.values((await planOf(request, id)).fittings)
  const { widthMm, lyingMm, lengthMm } = bed!.parameters as Record<string, number>
  expect([widthMm, lyingMm, lengthMm]).toContain(1400)
})

test('a toilet finds a place', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await task('toilet found a place', page, async (hand) => {
    await hand.click(page.getByRole('button', { name: 'Toilet at night', exact: true }))
    await expect(page.getByTestId('choices')).toContainText('Enter takes the first', { timeout: 40_000 })
    await hand.key('Enter')
  })
  await saved(page)
  expect(Object.values((await planOf(request, id)).fittings).some(({ kind }) => kind.startsWith('toilet'))).toBe(true)
})

test('the galley is lengthened by 120', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const before = (await planOf(request, id)).fittings['fit-galley']!.parameters as { lengthMm: number }
  await task('galley lengthened by 120', page, async (hand) => {
    await hand.click(page.getByTestId('plan-fit-galley'))
    await hand.click(page.getByTestId('figure-in-drawing size x'))
    await hand.typed(`${before.lengthMm} + 120`)
  })
  await saved(page)
  expect((await planOf(request, id)).fittings['fit-galley']!.parameters).toMatchObject({
    lengthMm: before.lengthMm + 120,
  })
})

test('a hinge is flipped', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const before = (await planOf(request, id)).fittings['fit-wardrobe']!.parameters as { hinge: string }
  const other = before.hinge === 'left' ? 'right' : 'left'
  await task('hinge flipped', page, async (hand) => {
    await hand.click(page.getByTestId('plan-fit-wardrobe'))
    await hand.click(page.getByTestId('rare').locator('summary'))
    await hand.choose(page.getByTestId('rare').getByLabel('hinge'), other)
  })
  await saved(page)
  expect((await planOf(request, id)).fittings['fit-wardrobe']!.parameters).toMatchObject({ hinge: other })
})

test('a mode is added', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const before = await page.getByTestId('mode-button').count()
  await task('mode added', page, async (hand) => {
    await hand.click(page.getByRole('button', { name: 'Modes: add, copy, rename, order' }))
    await hand.click(page.getByRole('menuitem', { name: /^Copy of/ }))
    await page.getByLabel('Name of the mode').fill('')
    await hand.typed('Rain')
  })
  await expect(page.getByTestId('mode-button')).toHaveCount(before + 1)
})

test('the first stop is cured', async ({ page, request }) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  const night = page.getByTestId('mode-button').filter({ hasText: 'Night' })
  await expect(night).toContainText('1 stop')
  await task('first stop cured', page, async (hand) => {
    await hand.key('3')
    await hand.click(page.getByTestId('mark-berth-short'))
    await hand.click(page.getByTestId('finding-berth-short').getByTestId('ways-out').getByRole('button').first())
  })
  await expect(night).not.toContainText('stop')
})

test('two variants are compared', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  await task('two variants compared', page, async (hand) => {
    await hand.key('v')
    await expect(page.getByTestId('compare').getByTestId('differs').first()).toBeVisible()
  })
  await expect(page.getByTestId('differences')).toContainText(/only in|moved|longer|shorter|wider/)
})

test('a thing is picked from below another', async ({ page, request }) => {
  await openPlan(page, await ownJob(request))
  const box = (await page.getByTestId('plan-fit-water').boundingBox())!
  const at = [box.x + box.width / 2, box.y + box.height / 2] as const
  const name = page.getByLabel('Name of the fitting')
  await task('a thing picked from below another', page, async (hand) => {
    await hand.click(at)
    for (let tries = 0; tries < 3 && (await name.inputValue()) !== 'Water tank'; tries += 1) await hand.click(at)
  })
  await expect(name).toHaveValue('Water tank')
})

test.afterAll(() => {
  if (counted.length < 8) return
  keepProof({
    name: 'tasks',
    title: 'Eight tasks by hand',
    how: 'Eight things that a designer does, each by real gestures in the browser: a click, a key, an entry that is typed and ended with Enter count one each, taking something from a list two. Each in six at most.',
    figures: counted,
    faults: counted.flatMap(([name, count]) => (count > MOST ? [`${name}: ${count}`] : [])),
  })
})
