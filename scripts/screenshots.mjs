// Makes the pictures of the docs from fresh demo data: one of each main view, or those that are named.
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium } from '@playwright/test'
import { buildIfStale, checkNode, CHROMIUM_LAUNCH, ensureChromium, installPackages, root } from './lib/project.mjs'
import { startServer } from './lib/serve.mjs'

checkNode()
await installPackages()
ensureChromium()
await buildIfStale()
const { address, stop } = await startServer({
  port: 4396,
  data: mkdtempSync(path.join(tmpdir(), 'zimmerman-shots-')),
  stdio: 'ignore',
})
const browser = await chromium.launch(CHROMIUM_LAUNCH)

const asked = process.argv.slice(2)

async function shoot(name, where, colorScheme = 'light', prepare = async () => {}) {
  if (asked.length > 0 && !asked.includes(name)) return
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme })
  await page.goto(`${address}${where}`)
  await page.locator('html[data-hydrated]').waitFor({ state: 'attached' })
  await page.waitForTimeout(1500)
  await prepare(page)
  await page.waitForTimeout(1200)
  await page.screenshot({ path: path.join(root, `docs/screenshots/${name}.png`) })
  await page.close()
}

/** One of the invented builds of `examples/`, brought in for a picture. */
async function example(name) {
  const body = readFileSync(path.join(root, `examples/${name}.zimmerman.json`), 'utf8')
  const { id } = await (await fetch(`${address}/api/jobs`, { method: 'POST', body })).json()
  return `/jobs/${id}/plan`
}

try {
  await shoot('jobs', '/')
  await shoot('copies', '/copies', 'light', async (page) => {
    await page.getByRole('button', { name: 'Make a copy now' }).click()
    await page.getByRole('button', { name: 'Look inside' }).first().click()
    await page.getByRole('region', { name: 'Inside the copy' }).waitFor()
  })
  await shoot('rules', '/rules')
  await shoot('review', '/jobs/job-bat-survey/review', 'light', (page) => page.getByTestId('way-out').first().waitFor())
  await shoot('budgets-weight', '/jobs/job-bat-survey/budgets', 'light', async (page) => {
    await page.locator('[data-limit="rear"] button').first().click()
    await page
      .getByTestId('helps')
      .getByText(/forward|no move/)
      .first()
      .waitFor()
  })
  await shoot('house', '/jobs/job-bat-survey/rules', 'light', async (page) => {
    const length = page.getByTestId('setting-bed-high').getByLabel('for stiff knees, at most')
    await length.fill('550')
    await length.press('Enter')
    await page.getByRole('button', { name: 'Write a rule' }).click()
    const form = page.getByTestId('house-form')
    await form.getByLabel('Name').fill('Nobody sleeps by the hob')
    await form.getByLabel('Why').fill('fat spits that far')
    await form.getByRole('button', { name: 'Save the rule' }).click()
  })
  await shoot('brief', '/jobs/job-potter/brief', 'light', async (page) => {
    await page.getByRole('button', { name: 'More about teenager' }).click()
  })
  await shoot('demands', '/jobs/job-potter/brief?page=demands')
  await shoot('vehicles', '/jobs/job-potter/brief?page=vehicles', 'light', (page) =>
    page.locator('[data-vehicle]').first().waitFor(),
  )
  for (const [what, name] of [
    ['water', 'lighthouses'],
    ['warmth', 'tide-reader'],
    ['air', 'bookbinders'],
  ])
    await shoot(`budgets-${what}`, `${(await example(name)).replace(/plan$/, '')}budgets/${what}`, 'light', (page) =>
      page.getByTestId('answer').waitFor({ timeout: 60_000 }),
    )
  await shoot('budgets-power', `${(await example('tide-reader')).replace(/plan$/, '')}budgets/power`, 'light', (page) =>
    page.getByTestId('sets').getByText('cheapest').waitFor({ timeout: 60_000 }),
  )
  await shoot('paper', '/jobs/job-bat-survey/paper?what=sheet&mode=mode-night', 'light', async (page) => {
    await fetch(`${address}/api/shop/paper`, {
      method: 'PUT',
      body: JSON.stringify({ name: 'Hedge Lane Workshop', address: '4 Hedge Lane\nStonebridge' }),
    })
    await page.reload()
    await page.getByTestId('sheet').first().getByText('Hedge Lane Workshop').waitFor()
  })
  await shoot('vehicle', '/jobs/job-bat-survey/vehicle')
  await shoot('survey', '/jobs/job-bat-survey/survey', 'light', async (page) => {
    const enter = async (measure, text) => {
      const field = page.locator(`[data-measure="${measure}"][data-reading="first"]`)
      await field.fill(text)
      await field.press('Enter')
    }
    await enter('length-floor', '4252')
    await enter('floor-diagonal-a', '4610')
    await enter('floor-diagonal-b', '4652')
    await enter('axle-floor', '1779')
    await enter('axle-low', '1846')
  })
  await shoot('as-bought', '/jobs/job-potter/survey/as-bought', 'light', (page) =>
    page.getByRole('button', { name: /^Sill of the side door/ }).click(),
  )
  await shoot('plan-night', '/jobs/job-bat-survey/plan', 'light', async (page) => {
    await page.keyboard.press('3')
    await page.getByTestId('mark-berth-short').click()
  })
  await shoot('plan-day', '/jobs/job-potter/plan', 'light', async (page) => {
    await page.keyboard.press('2')
    await page.getByTestId('plan-fit-galley').click({ position: { x: 60, y: 10 } })
  })
} finally {
  await browser.close()
  stop()
}
