import type { Page } from '@playwright/test'
import { defaultsOf, kindOf, type Seat } from '../../src/lib/core/fittings'
import { type Job, planInterior } from '../../src/lib/core/job'
import { buildScene, type Placed } from '../../src/lib/core/scene'
import { expect, openPlan, ownJob, saved, stored, tape, test } from '../support/job'

const VARIANT = 'variant-a'

const seat = (mm: number, from: Seat['across']['from']): Seat => ({
  along: { from: 'rear', mm },
  across: { from, mm: 0 },
  up: { from: 'floor', mm: 0 },
  turn: 0,
  mirrored: false,
})

/** A job with a few things only, in the body of the demo. */
const bare =
  (...things: readonly (readonly [id: string, kind: string, seat: Seat, parameters?: Record<string, number>])[]) =>
  (job: Job): Job => {
    const variant = job.variants[VARIANT]!
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
    return { ...job, variants: { [VARIANT]: { ...variant, plan: { ...variant.plan, fittings, groups: {}, modes } } } }
  }

/** A fitting as the document that is stored places it. */
async function placed(request: Parameters<typeof stored>[0], id: string, fitting: string): Promise<Placed> {
  const job = await stored(request, id)
  const { plan } = job.variants[VARIANT]!
  const [mode] = Object.keys(plan.modes)
  return buildScene(planInterior(job.shell, plan), plan, mode!).placed.find((one) => one.id === fitting)!
}

/** Drags one thing until its middle lies over the middle of another in the plan. */
async function dragInto(page: Page, from: string, to: string): Promise<void> {
  const middle = async (id: string): Promise<readonly [number, number]> => {
    const box = (await page.getByTestId(`plan-${id}`).boundingBox())!
    return [box.x + box.width / 2, box.y + box.height / 2]
  }
  const [start, end] = [await middle(from), await middle(to)]
  await page.mouse.move(...start)
  await page.mouse.down()
  await page.mouse.move(...end, { steps: 12 })
  await page.mouse.up()
}

test('a battery is dragged into a bench, served through its lid, and carried along; the bench goes and comes back', async ({
  page,
  request,
}) => {
  const id = await ownJob(
    request,
    bare(['fit-bench', 'bench-side', seat(1200, 'left-wall')], ['fit-battery', 'battery', seat(200, 'left-wall')]),
  )
  await openPlan(page, id)
  await dragInto(page, 'fit-battery', 'fit-bench')
  await expect(page.getByTestId('inside')).toContainText('Side bench')
  await saved(page)
  const inside = await placed(request, id, 'fit-battery')
  expect(inside.within?.hostId).toBe('fit-bench')
  expect(inside.clearances.map(({ task, use, unit }) => [task, use, unit])).toEqual([['batteries', 'access', 'deg']])

  // typed on its tape: from the left side of the chest
  await tape(page, 'in-left').fill('25')
  await tape(page, 'in-left').press('Enter')
  await expect(tape(page, 'in-left')).toHaveValue('25')
  await saved(page)
  expect((await placed(request, id, 'fit-battery')).bounds.x.min).toBeCloseTo(1200 + 12 + 25, 0)

  // it goes where the bench goes
  await page.getByTestId('inside').getByRole('button', { name: 'Side bench' }).click()
  await tape(page, 'rear').fill('1500')
  await tape(page, 'rear').press('Enter')
  await saved(page)
  await expect.poll(async () => (await placed(request, id, 'fit-battery')).bounds.x.min).toBeCloseTo(1537, 0)

  // one key takes its front away: what lies in it is there to take hold of
  await page.getByTestId('view-plan').click({ position: { x: 2, y: 60 }, force: true })
  await page.getByTestId('plan-fit-bench').focus()
  await page.getByTestId('inside').getByRole('button', { name: 'Look into it' }).click()
  await expect(page.getByTestId('inside').getByRole('button', { name: 'Shut it in the drawing' })).toBeVisible()

  // taking out the bench asks what becomes of the battery
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  const asked = page.getByRole('alertdialog')
  await expect(asked).toContainText('Battery is inside')
  await page.keyboard.press('Escape')
  await expect(asked).toHaveCount(0)
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  await asked.getByRole('button', { name: 'Leave standing what is inside' }).click()
  await saved(page)
  const left = await placed(request, id, 'fit-battery')
  expect(left.within).toBeUndefined()
  expect(left.bounds.x.min).toBeCloseTo(1537, 0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
  expect((await placed(request, id, 'fit-battery')).within?.hostId).toBe('fit-bench')
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  await asked.getByRole('button', { name: 'Take out all of it' }).click()
  await saved(page)
  expect(Object.keys((await stored(request, id)).variants[VARIANT]!.plan.fittings)).toEqual([])
})

test('what is carried out of its host stands on the floor; Ctrl puts nothing in', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bare(['fit-bench', 'bench-side', seat(1200, 'left-wall')], ['fit-battery', 'battery', seat(200, 'left-wall')]),
  )
  await openPlan(page, id)
  await page.keyboard.down('Control')
  await dragInto(page, 'fit-battery', 'fit-bench')
  await page.keyboard.up('Control')
  await saved(page)
  expect((await placed(request, id, 'fit-battery')).within).toBeUndefined()
  await page.keyboard.press('Control+z')
  await dragInto(page, 'fit-battery', 'fit-bench')
  await expect(page.getByTestId('inside')).toBeVisible()
  await saved(page)
  const box = (await page.getByTestId('plan-fit-battery').boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 160, box.y + box.height / 2, { steps: 10 })
  await page.mouse.up()
  await saved(page)
  const out = await placed(request, id, 'fit-battery')
  expect(out.within).toBeUndefined()
  expect(out.bounds.x.max).toBeLessThan(1200)
  expect(out.seat.up).toEqual({ from: 'floor', mm: 0 })
})

test('a tank goes behind drawers that are made shorter, and what is too big says by how much', async ({
  page,
  request,
}) => {
  const id = await ownJob(
    request,
    bare(
      ['fit-unit', 'galley-drawers', seat(1200, 'left-wall'), { lengthMm: 600 }],
      ['fit-tank', 'water-tank', seat(100, 'left-wall'), { lengthMm: 400, depthMm: 160, heightMm: 300 }],
    ),
  )
  await openPlan(page, id)
  await dragInto(page, 'fit-tank', 'fit-unit')
  await expect(page.getByTestId('finding-hollow-taken')).toContainText('drawers')
  await tape(page, 'in-back').fill('0')
  await tape(page, 'in-back').press('Enter')
  await page.getByTestId('inside').getByRole('button', { name: 'Drawer unit' }).click()
  const deep = page.getByTestId('parameters').getByLabel('drawer boxes, deep')
  await deep.fill('300')
  await deep.press('Enter')
  await expect(page.getByTestId('finding-hollow-taken')).toHaveCount(0)
  await page.getByTestId('inside').getByRole('button', { name: 'Water' }).click()
  const high = page.getByTestId('parameters').getByLabel('height')
  await high.fill('850')
  await high.press('Enter')
  // the carcass is free from 60 to 860 up
  await expect(page.getByTestId('finding-pokes-out')).toContainText(/50\smm out of the/)
})
