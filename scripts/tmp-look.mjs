// usage: node scripts/tmp-look.mjs steps.mjs  (default export async (page, {address, shot, job}) )
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM_LAUNCH, root } from './lib/project.mjs'
import { startServer } from './lib/serve.mjs'
const steps = await import(path.resolve(process.argv[2]))
const { address, stop } = await startServer({ port: 4399, data: mkdtempSync(path.join(tmpdir(), 'z-look-')), stdio: 'ignore' })
const browser = await chromium.launch(CHROMIUM_LAUNCH)
async function example(name) {
  const body = readFileSync(path.join(root, `examples/${name}.zimmerman.json`), 'utf8')
  const { id } = await (await fetch(`${address}/api/jobs`, { method: 'POST', body })).json()
  return `/jobs/${id}/plan`
}
try {
  const context = await browser.newContext({ viewport: steps.viewport ?? { width: 1280, height: 800 }, hasTouch: steps.touch ?? false, colorScheme: steps.scheme ?? 'light' })
  const page = await context.newPage()
  page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()))
  page.on('pageerror', (e) => console.log('pageerror', e.message))
  const open = async (where) => { await page.goto(address + where); await page.locator('html[data-hydrated]').waitFor({ state: 'attached' }); await page.waitForTimeout(1800) }
  await steps.default(page, { open, example, address, shot: (n, o = {}) => page.screenshot({ path: `/tmp/${n}.png`, ...o }), context })
} finally { await browser.close(); await stop() }
