import { expect, figureIn, open, openPlan, ownJob, saved, stored, tape, test, withOnly } from '../support/job'

test('variant, mode, selection and zoom are in the address: a reload, going back and a link come to the same place', async ({
  page,
  request,
  context,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('mode-button').filter({ hasText: 'Night' }).click()
  await page.getByTestId('plan-fit-wardrobe').click()
  await expect(page).toHaveURL(/mode=mode-night&has=fit-wardrobe/)
  const there = async (on: typeof page) => {
    await expect(on.getByTestId('mode-button').filter({ hasText: 'Night' })).toHaveAttribute('aria-pressed', 'true')
    await expect(tape(on, 'rear')).toHaveValue('2\u202f680')
  }
  await page.reload()
  await there(page)
  const link = page.url()
  // by a step and back, and by the step itself
  await page.getByRole('link', { name: /^Review/ }).click()
  await expect(page.locator('[data-testid^="fault-"]').first()).toBeVisible()
  await page.goBack()
  await there(page)
  await page.getByRole('link', { name: /^Review/ }).click()
  await page.getByRole('link', { name: /^Plan/ }).click()
  await there(page)
  const colleague = await context.newPage()
  await colleague.goto(link)
  await there(colleague)
})

test('a link to a variant that is gone, or to things that are, says so or passes them over', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/plan?variant=variant-zz&mode=mode-night`)
  await expect(page.getByText('The variant that this link shows is gone: this is the first.')).toBeVisible()
  await open(page, `/jobs/${id}/plan?variant=variant-a&mode=mode-zz&has=fit-zz+fit-wardrobe&zoom=900+left&at=NaN`)
  await expect(tape(page, 'rear')).toHaveValue('2\u202f680')
  await expect(page.getByTestId('mode-button').first()).toHaveAttribute('aria-pressed', 'true')
})

test('a field takes a sum and gives the keys back with Enter; nudges in one run are undone as one', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.getByTestId('plan-fit-wardrobe').click()
  await tape(page, 'rear').fill('2700 − 2×18')
  await tape(page, 'rear').press('Enter')
  await expect(tape(page, 'rear')).toHaveValue('2\u202f664')
  // the arrow is the drawing’s
  for (let step = 0; step < 3; step += 1) await page.keyboard.press('ArrowRight')
  await expect(tape(page, 'rear')).toHaveValue('2\u202f694')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(tape(page, 'rear')).toHaveValue('2\u202f664')
  await saved(page)
  expect((await stored(request, id)).variants['variant-a']!.plan.fittings['fit-wardrobe']!.seat.along.mm).toBe(2664)
  await tape(page, 'rear').fill('2700 −')
  await tape(page, 'rear').press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'Cannot read' })).toBeVisible()
  await expect(tape(page, 'rear')).toBeFocused()
  await tape(page, 'rear').press('Escape')
  expect(await figureIn(page, 'rear')).toBe(2664)
})

test('a further click takes what lies below: the battery in its bench, and the bench again', async ({
  page,
  request,
}) => {
  const id = await ownJob(request, (job) =>
    withOnly(job, 'variant-a', [
      [
        'fit-bench',
        'bench-side',
        {
          along: { from: 'rear', mm: 1000 },
          across: { from: 'left-wall', mm: 0 },
          up: { from: 'floor', mm: 0 },
          turn: 0,
          mirrored: false,
        },
        { lengthMm: 1200 },
      ],
      [
        'fit-battery',
        'battery',
        {
          along: { from: 'rear', mm: 0 },
          across: { from: 'left-wall', mm: 0 },
          up: { from: 'floor', mm: 0 },
          turn: 0,
          mirrored: false,
          inside: {
            fitting: 'fit-bench',
            hollow: 'inside',
            along: { from: 'left', mm: 20 },
            across: { from: 'front', mm: 20 },
            upMm: 0,
            turn: 0,
            mirrored: false,
          },
        },
      ],
    ]),
  )
  await openPlan(page, id)
  const box = (await page.getByTestId('plan-fit-battery').boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  const inHand = (): string | null => new URL(page.url()).searchParams.get('has')
  const names: (string | null)[] = []
  for (let click = 0; click < 4; click += 1) {
    const before = inHand()
    await page.mouse.click(x, y)
    await expect.poll(inHand).not.toBe(before)
    names.push(inHand())
  }
  expect(new Set(names)).toEqual(new Set(['fit-bench', 'fit-battery']))
  expect(names[0]).not.toBe(names[1])
  expect(names.slice(2)).toEqual(names.slice(0, 2))
})
