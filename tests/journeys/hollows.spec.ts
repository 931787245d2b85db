import type { Page } from '@playwright/test'
import type { Seat } from '../../src/lib/core/fittings'
import { type Job, planInterior } from '../../src/lib/core/job'
import { buildScene, collisions, outsideOf, type Placed, type Scene } from '../../src/lib/core/scene'
import { genericShell } from '../../src/lib/core/shells'
import { expect, openPlan, ownJob, saved, stored, tape, test, withOnly, type Thing } from '../support/job'

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
  (...things: readonly Thing[]) =>
  (job: Job): Job =>
    withOnly(job, VARIANT, things)

/** The document that is stored as a scene. */
async function sceneOf(request: Parameters<typeof stored>[0], id: string): Promise<Scene> {
  const job = await stored(request, id)
  const { plan } = job.variants[VARIANT]!
  const [mode] = Object.keys(plan.modes)
  return buildScene(planInterior(job.shell, plan), plan, mode!)
}

/** A fitting as the document that is stored places it. */
const placed = async (request: Parameters<typeof stored>[0], id: string, fitting: string): Promise<Placed> =>
  (await sceneOf(request, id)).placed.find((one) => one.id === fitting)!

/** As `bare`, in another body of the program’s own. */
const bareIn =
  (shell: string, ...things: readonly Thing[]) =>
  (job: Job): Job => ({ ...bare(...things)(job), shell: genericShell(shell) })

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
  await expect(page.getByTestId('inside').getByRole('button', { name: 'Close it in the drawing' })).toBeVisible()

  // taking out the bench asks what becomes of the battery
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  const asked = page.getByRole('alertdialog')
  await expect(asked).toContainText('The battery is inside')
  await page.keyboard.press('Escape')
  await expect(asked).toHaveCount(0)
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  await asked.getByRole('button', { name: 'Leave what is inside where it is' }).click()
  await saved(page)
  const left = await placed(request, id, 'fit-battery')
  expect(left.within).toBeUndefined()
  expect(left.bounds.x.min).toBeCloseTo(1537, 0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
  expect((await placed(request, id, 'fit-battery')).within?.hostId).toBe('fit-bench')
  await page.getByTestId('plan-fit-bench').focus()
  await page.keyboard.press('Delete')
  await asked.getByRole('button', { name: 'Remove all of it' }).click()
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
  await page.getByTestId('inside').getByRole('button', { name: 'Galley drawer unit' }).click()
  const deep = page.getByTestId('parameters').getByLabel('drawer boxes, deep')
  await deep.fill('300')
  await deep.press('Enter')
  await expect(page.getByTestId('finding-hollow-taken')).toHaveCount(0)
  await page.getByTestId('inside').getByRole('button', { name: 'Water tank' }).click()
  const high = page.getByTestId('parameters').getByLabel('height')
  await high.fill('850')
  await high.press('Enter')
  // the carcass is free from 60 to 860 up
  await expect(page.getByTestId('finding-pokes-out')).toContainText(/50\smm out of the/)
})

test('a boiler goes under the sink, behind drawers that a click makes shorter', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bare(
      ['fit-unit', 'galley-drawers', seat(1900, 'left-wall'), { lengthMm: 600, depthMm: 560 }],
      ['fit-boiler', 'heater-water', seat(100, 'left-wall'), { lengthMm: 300, depthMm: 250, heightMm: 280, litres: 6 }],
    ),
  )
  await openPlan(page, id)
  await dragInto(page, 'fit-boiler', 'fit-unit')
  await tape(page, 'in-back').fill('0')
  await tape(page, 'in-back').press('Enter')
  const finding = page.getByTestId('finding-hollow-taken')
  await expect(finding).toContainText('drawers')
  await finding.getByRole('button').first().click()
  await finding
    .getByRole('button', { name: /drawer boxes/ })
    .first()
    .click()
  await expect(finding).toHaveCount(0)
  await saved(page)
  const unit = await placed(request, id, 'fit-unit')
  expect(unit.fitting.parameters['boxMm']).toBeGreaterThan(0)
  expect((await placed(request, id, 'fit-boiler')).within?.hostId).toBe('fit-unit')
  expect(collisions(await sceneOf(request, id))).toEqual([])
  await page.keyboard.press('Control+z')
  await expect(finding).toBeVisible()
})

test('a heater is dragged into a belted bench and lies behind its panel', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bareIn(
      'van-long-high',
      ['fit-bench', 'bench-belted', { ...seat(1900, 'centreline'), turn: 90 }],
      ['fit-heater', 'heater-air', seat(200, 'left-wall')],
    ),
  )
  await openPlan(page, id)
  await dragInto(page, 'fit-heater', 'fit-bench')
  await expect(page.getByTestId('inside')).toContainText('Belted bench')
  await saved(page)
  const heater = await placed(request, id, 'fit-heater')
  expect([heater.within?.hostId, heater.within?.hollowId]).toEqual(['fit-bench', 'under-seat'])
  expect(collisions(await sceneOf(request, id))).toEqual([])
})

test('a bed is typed on into the cab, up to its seats, and told where it meets them', async ({ page, request }) => {
  const id = await ownJob(
    request,
    bareIn('van-compact', [
      'fit-bed',
      'bed-fixed',
      { ...seat(20, 'centreline'), turn: 90 },
      { lyingMm: 1850, widthMm: 700, platformMm: 340 },
    ]),
  )
  await openPlan(page, id)
  await page.getByTestId('plan-fit-bed').focus()
  const long = page.getByTestId('parameters').getByLabel('length')
  await long.fill('2050')
  await long.press('Enter')
  await saved(page)
  const scene = await sceneOf(request, id)
  const bed = await placed(request, id, 'fit-bed')
  expect(bed.bounds.x.max).toBeGreaterThan(scene.interior.xSpan.max + 100)
  expect([outsideOf(scene, bed), collisions(scene)]).toEqual([undefined, []])
  await expect(page.getByTestId('finding-outside-shell')).toHaveCount(0)
  await long.fill('2300')
  await long.press('Enter')
  // the list is told anew while the review goes on, and what was opened in the old one is shut
  const overlap = page.getByTestId('finding-overlap').first()
  await expect(async () => {
    await overlap.getByRole('button').first().click()
    await expect(overlap).toContainText(/driver|passenger/, { timeout: 1500 })
  }).toPass()
})

test('pockets are hung on the sliding door and leave the way in free; the vehicle is turned for the other side of the road', async ({
  page,
  request,
}) => {
  const shell = genericShell('van-long-high')
  const door = shell.openings.find(({ opens }) => opens === 'sliding')!
  const wall = `${door.side === 'left' ? 'left' : 'right'}-wall` as const
  const rack = { ...seat(door.fromMm + 150, wall), up: { from: 'floor' as const, mm: 600 } }
  const id = await ownJob(
    request,
    bareIn('van-long-high', ['fit-rack', 'door-pocket', rack, { depthMm: 70, lengthMm: 900, heightMm: 700 }]),
  )
  await openPlan(page, id)
  await page.getByTestId('plan-fit-rack').focus()
  await expect(page.getByTestId('finding-door-blocked')).toBeVisible()
  await page.getByLabel('Hangs on').selectOption(door.id)
  await expect(page.getByTestId('finding-door-blocked')).toHaveCount(0)
  await saved(page)
  const before = await placed(request, id, 'fit-rack')
  expect(before.seat.door).toBe(door.id)

  await page.goto(`/jobs/${id}/vehicle`)
  await page.getByRole('button', { name: 'Mirror it for the other side of the road' }).click()
  await expect(page.getByText('are on their other side')).toBeVisible()
  await saved(page)
  const after = await placed(request, id, 'fit-rack')
  expect(after.bounds.y.min).toBeCloseTo(-before.bounds.y.max, 3)
  const turned = (await stored(request, id)).shell
  expect(turned.openings.find((one) => one.id === door.id)!.side).not.toBe(door.side)
})
