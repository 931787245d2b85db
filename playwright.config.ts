import { defineConfig } from '@playwright/test'
import { CHROMIUM_LAUNCH } from './scripts/lib/project.mjs'

/** Those that take longest in a row, or wait most, go first: none is left with them at the end. */
const LONG = /(torture|held-up|hand-made|paper)\.spec\.ts/

const port = Number(process.env.TEST_PORT ?? 4391)

export default defineConfig({
  testDir: 'tests/journeys',
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  retries: 0,
  expect: { timeout: 15_000 },
  forbidOnly: true,
  outputDir: 'test-results',
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM_LAUNCH,
    // a recording takes a third of the time: it is asked for where it is wanted
    trace: process.env.TRACE === '1' ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'others', testIgnore: LONG },
  ],
  webServer: {
    command: `node tests/support/serve.mjs ${port}`,
    url: `http://127.0.0.1:${port}/api/shells`,
    reuseExistingServer: false,
    timeout: 60_000,
    stdout: 'ignore',
  },
})
