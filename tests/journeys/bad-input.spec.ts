import { defaultsOf, kindOf } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { expect, open, openPlan, ownJob, saved, stored, test, withOnly } from '../support/job'

const RIGHT_TO_LEFT = 'מטבח של דנה — ثلاجة'
const withLabel = (job: Job, id: string, label: string): Job => {
  const variant = job.variants['variant-a']!
  const fitting = { ...variant.plan.fittings[id]!, label }
  const plan = { ...variant.plan, fittings: { ...variant.plan.fittings, [id]: fitting } }
  return { ...job, variants: { ...job.variants, 'variant-a': { ...variant, plan } } }
}

test('names that run from right to left, and as long as they may be, stand in drawing, column and search, and are kept as typed', async ({
  page,
  request,
}) => {
  const long = 'W'.repeat(60)
  const id = await ownJob(request, (job) => withLabel(withLabel(job, 'fit-galley', RIGHT_TO_LEFT), 'fit-bed', long))
  await openPlan(page, id)
  await page.getByTestId('plan-fit-galley').click()
  await expect(page.getByLabel('Name of the fitting')).toHaveValue(RIGHT_TO_LEFT)
  await page.getByTestId('plan-fit-bed').click()
  await expect(page.getByLabel('Name of the fitting')).toHaveValue(long)
  // five hundred letters: the field takes what a name may have
  await page.getByLabel('Name of the fitting').fill('x'.repeat(500))
  await page.keyboard.press('Enter')
  await saved(page)
  const { label } = (await stored(request, id)).variants['variant-a']!.plan.fittings['fit-bed']!
  expect(label!.length).toBeLessThanOrEqual(60)
  expect((await stored(request, id)).variants['variant-a']!.plan.fittings['fit-galley']!.label).toBe(RIGHT_TO_LEFT)
  // a name of five hundred that comes by another way is refused with its place
  const refused = await request.post('/api/jobs', {
    data: withLabel({ ...(await stored(request, id)), id: 'job-too-long' }, 'fit-bed', 'x'.repeat(500)),
  })
  expect(refused.status()).toBe(422)
  expect(JSON.stringify(await refused.json())).toContain('fit-bed')
})

test('a plan with nothing in it, and one with four hundred fittings, open and can be worked in', async ({
  page,
  request,
}) => {
  const none = await ownJob(request, (job) => withOnly(job, 'variant-a', []))
  await openPlan(page, none)
  await expect(page.getByText('Nothing here yet.')).toBeVisible()
  const { home } = kindOf('hooks')
  const many = await ownJob(request, (job) =>
    withOnly(
      job,
      'variant-a',
      Array.from({ length: 400 }, (_, index) => [
        `fit-${index}`,
        'hooks',
        {
          ...home,
          along: { from: 'rear', mm: (index * 37) % 3800 },
          up: { from: 'floor', mm: 200 + ((index * 53) % 1300) },
        },
        defaultsOf(kindOf('hooks')),
      ]),
    ),
  )
  await open(page, `/jobs/${many}/plan`)
  await expect(page.getByTestId('plan-fit-0')).toBeAttached({ timeout: 30_000 })
  await page.getByTestId('plan-fit-0').focus()
  await expect(page.getByLabel('Name of the fitting')).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await saved(page)
})

test('what is no picture, and one that is too large, is told at its place, and nothing is laid under the drawing', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await openPlan(page, id)
  await page.keyboard.press('Shift+W')
  const picker = page.getByLabel('Picture for under the drawing')
  await picker.setInputFiles({ name: 'sketch.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(page.getByRole('alert')).toBeVisible()
  await picker.setInputFiles({ name: 'huge.png', mimeType: 'image/png', buffer: Buffer.alloc(48 * 1024 * 1024, 7) })
  await expect(page.getByRole('alert')).toBeVisible({ timeout: 30_000 })
  expect((await stored(request, id)).variants['variant-a']!.plan.drawn).toBeUndefined()
})
