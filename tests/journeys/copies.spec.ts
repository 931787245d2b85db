import { execFile } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { promisify } from 'node:util'
import { expect, test, type Page } from '@playwright/test'
import Libsql from 'libsql'
import type { Job } from '../../src/lib/core/job'
import { freePort, OwnServer } from '../support/own-server'

const run = promisify(execFile)
const JOB = 'job-bat-survey'
let server: OwnServer
let folder: string

test.beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-copies-'))
  server = new OwnServer(await freePort(), path.join(folder, 'data'))
  await server.start()
})
test.afterEach(async () => {
  await server.kill()
  rmSync(folder, { recursive: true, force: true, maxRetries: 20, retryDelay: 250 })
})

const rename = (number: number) =>
  fetch(`${server.address}/api/jobs/${JOB}/commands`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      base: number - 1,
      client: 'tester-1',
      commands: [{ uid: `uid-${number}-x`, command: { type: 'job.rename', name: `Name ${number}` } }],
    }),
  })
const nameNow = async () => ((await (await fetch(`${server.address}/api/jobs/${JOB}`)).json()) as Job).name
const open = async (page: Page, where: string) => {
  await page.goto(`${server.address}${where}`)
  await page.locator('html[data-hydrated]').waitFor({ state: 'attached' })
}

test('copies made in the middle of a stream of edits open, each with all that was acknowledged before it', async () => {
  expect((await rename(1)).status).toBe(200)
  let acknowledged = 1
  let going = true
  const edits = (async () => {
    while (going) {
      expect((await rename(acknowledged + 1)).status).toBe(200)
      acknowledged += 1
    }
  })()
  const made: (readonly [string, number])[] = []
  for (let n = 0; n < 4; n += 1) {
    const before = acknowledged
    const answer = await fetch(`${server.address}/api/copies`, { method: 'POST' })
    expect(answer.status).toBe(201)
    made.push([((await answer.json()) as { name: string }).name, before])
    // two in one second have one name
    await new Promise((resolve) => setTimeout(resolve, 1100))
  }
  const byHand = path.join(folder, 'by hand.sqlite')
  const before = acknowledged
  const { stdout } = await run(process.execPath, ['scripts/backup.mjs', byHand], {
    env: { ...process.env, ZIMMERMAN_DATA: server.data },
  })
  expect(stdout).toMatch(/Copied to .*by hand\.sqlite: 2 jobs.*opened once/)
  going = false
  await edits
  expect(acknowledged).toBeGreaterThan(20)
  const files = [
    ...made.map(([name, at]) => [path.join(server.data, 'copies', name), at] as const),
    [byHand, before] as const,
  ]
  for (const [file, at] of files) {
    const db = new Libsql(file)
    expect(Object.values(db.prepare('pragma integrity_check').get() as object)[0]).toBe('ok')
    const { revision, document } = db.prepare('select revision, document from jobs where id = ?').get(JOB) as {
      revision: number
      document: string
    }
    expect(revision).toBeGreaterThanOrEqual(at)
    expect((JSON.parse(document) as Job).name).toBe(`Name ${revision}`)
    db.close()
  }
})

test('on the screen: made, looked into, put back; another window that is open begins anew with what it holds', async ({
  page,
  context,
}) => {
  await rename(1)
  await open(page, '/')
  await page.getByRole('link', { name: 'Copies' }).click()
  await page.getByRole('button', { name: 'Make a copy now' }).click()
  await expect(page.getByRole('status')).toHaveText(/A copy was made, and opened once/)
  await rename(2)
  await rename(3)
  const bench = await context.newPage()
  await open(bench, `/jobs/${JOB}/plan`)
  await expect(bench.getByTitle('Rename the job')).toHaveText('Name 3')
  await page
    .getByRole('row', { name: /made by hand/ })
    .getByRole('button', { name: 'Look inside' })
    .click()
  const inside = page.getByRole('region', { name: 'Inside the copy' })
  await expect(inside.getByRole('row', { name: /Name 1/ })).toContainText('2 changes older than now')
  await expect(inside.getByRole('row', { name: /Potter/ })).toContainText('as it is now')
  await inside.getByRole('button', { name: 'Put everything back to this' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await expect(page.getByTestId(`job-${JOB}`)).toContainText('Name 1')
  // the bench, which knows a later state, hears of it when it next saves
  await bench.getByTitle('Rename the job').click()
  await bench.getByLabel('Name of the job').fill('From the other window')
  await bench.getByLabel('Name of the job').press('Enter')
  await expect(bench.getByTestId('save-state')).toHaveText('Saved', { timeout: 20_000 })
  await expect(bench.getByTitle('Rename the job')).toHaveText('From the other window')
  await expect.poll(nameNow, { timeout: 20_000 }).toBe('From the other window')
  // what was there before is a copy of its own
  await open(page, '/copies')
  await page
    .getByRole('row', { name: /before another was put back/ })
    .getByRole('button', { name: 'Look inside' })
    .click()
  await expect(page.getByRole('region', { name: 'Inside the copy' })).toContainText('Name 3')
})

test('a file from elsewhere is looked into first; one that is damaged, foreign or newer is told, and nothing changes', async ({
  page,
}) => {
  await rename(1)
  const good = path.join(folder, 'good.sqlite')
  await run(process.execPath, ['scripts/backup.mjs', good], { env: { ...process.env, ZIMMERMAN_DATA: server.data } })
  await rename(2)
  const torn = path.join(folder, 'torn.sqlite')
  writeFileSync(torn, readFileSync(good).fill(0x5a, 8192, 40_000))
  const letter = path.join(folder, 'letter.sqlite')
  writeFileSync(letter, 'Dear Sirs, '.repeat(900_000))
  const newer = path.join(folder, 'newer.sqlite')
  writeFileSync(newer, readFileSync(good))
  const db = new Libsql(newer)
  db.exec("insert into kysely_migration values ('2031-01-later', '2031')")
  db.close()
  await open(page, '/copies')
  for (const [file, words] of [
    [torn, /“torn.sqlite” cannot be put back. This file is damaged/],
    [letter, /“letter.sqlite” cannot be put back. This is not a Zimmerman database/],
    [newer, /“newer.sqlite” cannot be put back. This was made by a newer Zimmerman/],
  ] as const) {
    await page.getByTestId('copy-file').setInputFiles(file)
    await expect(page.getByRole('alert')).toHaveText(words)
    await expect(page.getByRole('region', { name: 'Inside the copy' })).toHaveCount(0)
  }
  expect(await nameNow()).toBe('Name 2')
  await page.getByTestId('copy-file').setInputFiles(good)
  await expect(page.getByRole('region', { name: 'Inside the copy' })).toContainText('Name 1')
  await page.getByRole('button', { name: 'Put everything back to this' }).click()
  await expect(page.getByTestId(`job-${JOB}`)).toContainText('Name 1')
  expect(readdirSync(server.data).filter((name) => /looked|fresh|uploads/.test(name))).toEqual([])
})

test('from the terminal: refused while it runs, said what is inside, and put in place', async () => {
  const good = path.join(folder, 'good.sqlite')
  const env = { ...process.env, ZIMMERMAN_DATA: server.data, PORT: String(server.port) }
  await rename(1)
  await run(process.execPath, ['scripts/backup.mjs', good], { env })
  await rename(2)
  const refused = await run(process.execPath, ['scripts/restore.mjs', good, '--yes'], { env }).catch(
    (cause: { stderr: string }) => cause,
  )
  expect(refused.stderr).toMatch(/seems to run on port \d+: stop it first/)
  await server.kill()
  const { stdout } = await run(process.execPath, ['scripts/restore.mjs', good, '--yes'], { env })
  expect(stdout).toMatch(/“Name 1” at revision 1[\s\S]*Put in place. What was there before is saved as/)
  await server.start()
  expect(await nameNow()).toBe('Name 1')
})
