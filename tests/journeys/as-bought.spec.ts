import sharp from 'sharp'
import { expect, open, openPlan, ownJob, saved, stored, test } from '../support/job'

const photo = (colour: string) =>
  sharp({ create: { width: 2400, height: 1800, channels: 3, background: colour } })
    .jpeg()
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 3230/100' } })
    .toBuffer()

test('rust is put into the drawing with its hours, its cost and a photo, and bars what comes after it', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/vehicle`)
  await page.getByRole('link', { name: 'Measure it: the survey' }).click()
  await page.getByRole('link', { name: 'As bought' }).click()
  await expect(page.getByTestId('pending')).toContainText('0 things')
  await page.getByLabel('Add what was found').selectOption('rust')
  await page.getByLabel('called').fill('Left sill')
  await page.getByLabel('called').press('Tab')
  await page.getByLabel('hours of work').fill('6')
  await page.getByLabel('hours of work').press('Enter')
  await page.getByLabel('cost').fill('40.50')
  await page.getByLabel('cost').press('Enter')
  // pointed at from above, then from the side: each tells what it shows
  const drawing = page.getByRole('img', { name: /^The body, with what was found/ })
  await drawing.click({ position: { x: 200, y: 90 } })
  await drawing.click({ position: { x: 200, y: 330 } })
  await expect(page.getByTestId('pending')).toHaveText('1 thing · 6 h · costs 40.50')
  await expect(page.getByTestId('steps')).toContainText('Repair the body open')
  await expect(page.getByTestId('steps')).toContainText('Cut windows and hatches waits for “Left sill”')

  await page.getByTestId('photos').setInputFiles([
    { name: 'sill.jpg', mimeType: 'image/jpeg', buffer: await photo('#8b4513') },
    { name: 'sill-again.jpg', mimeType: 'image/jpeg', buffer: await photo('#8b4513') },
    { name: 'invoice.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('%PDF-1.7 not a photo') },
  ])
  // what is none is told at the place, and the others stay
  await expect(page.getByRole('alert')).toHaveText(
    '“invoice.jpg”: This is not a photo that can be read: use JPEG, PNG, WebP or AVIF.',
  )
  await expect(page.getByRole('img', { name: 'Photo 1 of “Left sill”' })).toBeVisible()
  await saved(page)
  const found = Object.values((await stored(request, id)).found!)
  expect(found).toHaveLength(1)
  expect(found[0]).toMatchObject({ kind: 'rust', label: 'Left sill', minutes: 360, costMinor: 4050, before: 'cut' })
  expect(found[0]!.photos).toHaveLength(1)
  const kept = await request.get(`/api/jobs/${id}/photos/${found[0]!.photos![0]}`)
  expect(kept.headers()['content-type']).toBe('image/jpeg')
  const bytes = await kept.body()
  expect(bytes.includes('Exif')).toBe(false)
  expect(await sharp(bytes).metadata()).toMatchObject({ width: 1600, height: 1200, format: 'jpeg' })

  await page.getByLabel('done', { exact: true }).check()
  await expect(page.getByTestId('steps')).not.toContainText('waits')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('steps')).toContainText('waits for “Left sill”')
})

test('furniture over what is not put right is told, with the way out; a photo too large is refused', async ({
  page,
  request,
}) => {
  const id = await ownJob(request)
  await open(page, `/jobs/${id}/survey/as-bought`)
  await page.getByLabel('Add what was found').selectOption('floor')
  await page.getByRole('button', { name: 'Type its place' }).click()
  await page.getByLabel('ahead of the rear sill').fill('1000')
  await page.getByLabel('ahead of the rear sill').press('Enter')
  const put = (label: string, text: string) => page.getByLabel(label, { exact: true }).fill(text)
  await put('how long', '1800')
  await put('how wide', '1400')
  await page.getByLabel('how wide', { exact: true }).press('Enter')
  await saved(page)
  const large = await request.post(`/api/jobs/${id}/photos`, { data: Buffer.alloc(16_000_001) })
  expect([large.status(), ((await large.json()) as { message: string }).message]).toEqual([
    413,
    'This file is over 16 MB, the largest that Zimmerman reads.',
  ])
  expect((await request.post('/api/jobs/job-none/photos', { data: await photo('#8b4513') })).status()).toBe(404)
  expect((await request.get(`/api/jobs/${id}/photos/${'0'.repeat(32)}`)).status()).toBe(404)

  await openPlan(page, id)
  await page.getByTestId('finding-built-over').first().click()
  await expect(
    page
      .getByText(/a bad floor, which is not repaired yet/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible()
  await page.getByRole('button', { name: /Mark it as repaired/ }).click()
  await expect(page.getByTestId('finding-built-over')).toHaveCount(0)
  await saved(page)
  expect(Object.values((await stored(request, id)).found!)[0]).toMatchObject({ kind: 'floor', done: true })
})
