import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect, test, type Page } from '@playwright/test'
import Libsql from 'libsql'
import { freePort, OwnServer } from '../support/own-server'

const JOB = 'job-bat-survey'
let folder: string
let server: OwnServer
let file: string

test.beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-storage-'))
  server = new OwnServer(await freePort(), path.join(folder, 'data'))
  file = path.join(server.data, 'zimmerman.sqlite')
  await server.start()
  // the first who asks opens it
  await (await fetch(`${server.address}/api/jobs`)).text()
})
test.afterEach(async () => {
  await server.kill()
  rmSync(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 100 })
})

/** Does something to the stored data while nobody has it open, and starts again. */
async function meanwhile(change: () => void): Promise<void> {
  await server.kill()
  change()
  await server.start()
}

function inDatabase(...statements: string[]): void {
  const db = new Libsql(file)
  for (const statement of statements) db.exec(statement)
  db.exec('pragma wal_checkpoint(truncate)')
  db.close()
}

const command = (name: string, base = 0) =>
  fetch(`${server.address}/api/jobs/${JOB}/commands`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      base,
      client: 'tester-1',
      commands: [{ uid: `uid-${name}`, command: { type: 'job.rename', name } }],
    }),
  })

/** The same words on every path: the list, a job’s page, what reads and what writes. */
async function saidEverywhere(page: Page, words: RegExp): Promise<void> {
  for (const at of ['/', `/jobs/${JOB}/plan`]) {
    await page.goto(`${server.address}${at}`)
    await expect(page.locator('main')).toContainText(words)
    await expect(page.locator('main')).toContainText('Nothing that was saved is lost by this')
    await expect(page.locator('body')).not.toContainText('Internal Error')
  }
  for (const answer of [
    await fetch(`${server.address}/api/jobs`),
    await fetch(`${server.address}/api/jobs/${JOB}`),
    await fetch(`${server.address}/api/modules`),
    await fetch(`${server.address}/api/shop/rules`),
    await command('never'),
  ]) {
    expect(answer.status).toBe(503)
    expect(((await answer.json()) as { message: string }).message).toMatch(words)
  }
}

test('a database of a newer program is said to be newer, and is left as it is', async ({ page }) => {
  await meanwhile(() => inDatabase("insert into kysely_migration (name, timestamp) values ('2031-05-later', '2031')"))
  const before = readFileSync(file)
  await saidEverywhere(page, /made by a newer Zimmerman \(2031-05-later\).*Nothing in it was changed/)
  expect(readFileSync(file).equals(before)).toBe(true)
})

test('a database that is damaged is said to be damaged, and the copy that there is can be put back', async ({
  page,
}) => {
  expect((await fetch(`${server.address}/api/jobs`)).status).toBe(200)
  expect((await fetch(`${server.address}/api/copies`, { method: 'POST' })).status).toBe(201)
  await meanwhile(() => {
    for (const end of ['-wal', '-shm']) rmSync(`${file}${end}`, { force: true })
    writeFileSync(file, 'not a database any more '.repeat(400))
  })
  await saidEverywhere(
    page,
    /database file is damaged\. The newest copy is of .* UTC: put it back on the page “Copies”/,
  )
  // as it says
  await page.getByRole('link', { name: 'To the copies' }).click()
  await page.getByRole('button', { name: 'Look inside' }).first().click()
  await page.getByRole('button', { name: 'Put everything back to this' }).click()
  await expect(page.getByTestId(`job-${JOB}`)).toBeVisible()
})

test('a database that is missing, though it was there, is not made anew without a word', async ({ page }) => {
  await meanwhile(() => {
    for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true })
  })
  await saidEverywhere(page, /zimmerman\.sqlite is missing from the data folder.*put it back/)
  expect(existsSync(file)).toBe(false)
})

test('a log that was cut off is told, with how much is missing', async ({ page }) => {
  for (let change = 0; change < 4; change += 1) expect((await command(`name-${change}`, change)).status).toBe(200)
  await meanwhile(() => {
    const saves = Number(readFileSync(`${file}.last`, 'utf8'))
    inDatabase(`update saves set count = ${saves - 3}`)
  })
  await saidEverywhere(page, /older than what was saved last: 3 changes are missing.*ends in -wal/)
  // as it says: without the mark it goes on with what is there
  await meanwhile(() => rmSync(`${file}.last`))
  await page.goto(server.address)
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
})

test('a database that another program holds is said to be busy, and the change goes in afterwards', async () => {
  const other = new Libsql(file)
  other.exec('begin immediate')
  const answer = await command('waits')
  expect([answer.status, ((await answer.json()) as { message: string }).message]).toEqual([
    503,
    expect.stringContaining('Another program is using the database'),
  ])
  other.exec('rollback')
  other.close()
  expect((await command('waits')).status).toBe(200)
})

test('a job that cannot be read is shown as such, exported as it is stored, and set aside; the others go on', async ({
  page,
}) => {
  await meanwhile(() =>
    inDatabase(
      `update jobs set document = '{"format": "half a' where id = '${JOB}'`,
      'update variants set reviewed_revision = null',
    ),
  )
  await page.goto(server.address)
  const card = page.getByTestId(`job-${JOB}`)
  await expect(card).toContainText('This job cannot be read: its text is not JSON')
  await expect(page.getByTestId('job-job-potter')).not.toContainText('cannot be read')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('link', { name: 'Export it as it is' }).click(),
  ])
  expect(readFileSync(await download.path(), 'utf8')).toBe('{"format": "half a')
  await page.goto(`${server.address}/jobs/${JOB}/plan`)
  await expect(page.getByRole('heading', { name: 'This job cannot be read' })).toBeVisible()
  await page.getByRole('button', { name: 'Set it aside' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await expect(card).toHaveCount(0)
  await expect(
    page.getByRole('region', { name: 'Deleted jobs' }).getByRole('button', { name: 'Put back' }),
  ).toBeVisible()
})
