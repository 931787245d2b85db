import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import http from 'node:http'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect, test } from '@playwright/test'
import { freePort, OwnServer } from '../support/own-server'

test.describe.configure({ mode: 'serial' })

let server: OwnServer
let data: string
let key: string

test.beforeAll(async () => {
  data = mkdtempSync(path.join(tmpdir(), 'zimmerman-reach-'))
  server = new OwnServer(await freePort(), data, { HOST: '0.0.0.0', ZIMMERMAN_HOSTS: 'bench.example' })
  await server.start()
  key = /The workshop key is (\S+)/.exec(server.printed)?.[1] ?? ''
})
test.afterAll(async () => {
  await server.kill()
  rmSync(data, { recursive: true, force: true })
})

interface Answered {
  readonly status: number
  readonly headers: http.IncomingHttpHeaders
  readonly body: string
}

/** A request with whatever headers, over loopback. */
const ask = (method: string, where: string, headers: Record<string, string> = {}, body = ''): Promise<Answered> =>
  new Promise((resolve, reject) => {
    const sent = http.request(
      { host: '127.0.0.1', port: server.port, method, path: where, headers, agent: false },
      (answer) => {
        let text = ''
        answer.setEncoding('utf8').on('data', (part: string) => (text += part))
        answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, body: text }))
      },
    )
    sent.on('error', reject).end(body)
  })

const signIn = (who: string, with_: string, headers: Record<string, string> = {}) =>
  ask(
    'POST',
    '/sign-in?to=/copies',
    { 'content-type': 'application/x-www-form-urlencoded', accept: 'text/html', ...headers },
    new URLSearchParams({ who, key: with_ }).toString(),
  )
const JSON_BODY = { 'content-type': 'application/json' }
const cookieOf = ({ headers }: Answered): string => headers['set-cookie']?.[0]?.split(';')[0] ?? ''

/** Every address of the app, from the folder of its routes, with the methods that it answers to. */
function routes(): readonly (readonly [string, string])[] {
  const found: (readonly [string, string])[] = []
  const walk = (folder: string, at: string): void => {
    for (const entry of readdirSync(folder, { withFileTypes: true })) {
      const file = path.join(folder, entry.name)
      if (entry.isDirectory()) walk(file, `${at}/${entry.name.replace(/\[.*\]/, 'job-bat-survey')}`)
      else if (entry.name === '+page.svelte') found.push(['GET', at || '/'])
      else if (entry.name === '+server.ts')
        for (const [, method] of readFileSync(file, 'utf8').matchAll(/export const (GET|POST|PUT|DELETE)\b/g))
          found.push([method!, at])
    }
  }
  walk(path.resolve('src/routes'), '')
  return found
}

test('says where it is, that it is open, and the key, once', async () => {
  expect(server.printed).toMatch(/open to other machines.*[\s\S]*TLS/)
  expect(server.printed).toContain(`:${server.port}`)
  expect(key).toMatch(/^([a-z2-9]{5}-){3}[a-z2-9]{5}$/)
  expect(readFileSync(path.join(data, 'shop-key.json'), 'utf8')).not.toContain(key)
  await server.kill()
  server.printed = ''
  await server.start()
  expect(server.printed).not.toContain('The workshop key is')
})

test('without the key every route but the sign-in refuses, by every method and in every form', async () => {
  const all = routes()
  expect(all.length).toBeGreaterThan(45)
  for (const [method, where] of all) {
    if (where === '/sign-in') continue
    const tried: readonly Record<string, string>[] = [
      {},
      { accept: 'text/html' },
      { cookie: 'zimmerman=guessed' },
      { cookie: `zimmerman=${key}` },
    ]
    for (const headers of tried) {
      const { status, body } = await ask(method, where, headers, /P/.test(method) ? '{}' : '')
      const isPage = method === 'GET' && 'accept' in headers
      expect([method, where, status]).toEqual([method, where, isPage ? 303 : 401])
      expect(body).not.toMatch(/Bat survey|Potter/)
    }
  }
  // the data of a page, and what is not there at all
  for (const where of ['/__data.json', '/copies/__data.json', '/nothing', '/api/nothing', '/sign-in/nothing'])
    expect([where, (await ask('GET', where)).status]).toEqual([where, 401])
  expect((await ask('GET', '/sign-in', { accept: 'text/html' })).status).toBe(200)
  const sent = await ask('GET', '/jobs/job-potter/plan?x=1', { accept: 'text/html' })
  expect(sent.headers.location).toBe('/sign-in?to=%2Fjobs%2Fjob-potter%2Fplan%3Fx%3D1')
})

test('with it one gets in, by a cookie that no script reads, and out again for good', async () => {
  const done = await signIn('Ana', key)
  expect([done.status, done.headers.location]).toEqual([303, '/copies'])
  expect(done.headers['set-cookie']![0]).toMatch(/HttpOnly/)
  expect(done.headers['set-cookie']![0]).toMatch(/SameSite=Lax/)
  expect(done.headers['set-cookie']![0]).not.toMatch(/Secure/)
  const cookie = cookieOf(done)
  expect((await ask('GET', '/api/jobs', { cookie })).status).toBe(200)
  const home = await ask('GET', '/', { cookie, accept: 'text/html' })
  expect([home.status, home.body.includes('Ana'), home.body.includes('Sign out')]).toEqual([200, true, true])
  // who did it is in the history
  const command = {
    base: 0,
    client: 'tab-aaaaaa',
    commands: [{ uid: 'cmd-aaaaaa', command: { type: 'job.rename', name: 'By Ana' } }],
  }
  expect(
    (await ask('POST', '/api/jobs/job-potter/commands', { cookie, ...JSON_BODY }, JSON.stringify(command))).status,
  ).toBe(200)
  const history = JSON.parse((await ask('GET', '/api/jobs/job-potter/history', { cookie })).body) as { who: string }[]
  expect(history.map(({ who }) => who)).toEqual(['Ana'])
  const out = await ask('POST', '/sign-out', { cookie })
  expect([out.status, out.headers.location]).toEqual([303, '/sign-in'])
  expect((await ask('GET', '/api/jobs', { cookie })).status).toBe(401)
})

test('behind TLS the cookie goes over nothing else; nowhere else does the sign-in lead', async () => {
  const secure = await signIn('Ana', key, { 'x-forwarded-proto': 'https', host: 'bench.example' })
  expect(secure.headers['set-cookie']![0]).toMatch(/Secure/)
  for (const to of ['//evil.example', '/\\evil.example', 'https://evil.example']) {
    const done = await ask(
      'POST',
      `/sign-in?to=${encodeURIComponent(to)}`,
      { 'content-type': 'application/x-www-form-urlencoded', accept: 'text/html' },
      new URLSearchParams({ who: 'Ana', key }).toString(),
    )
    expect([to, done.headers.location]).toEqual([to, '/'])
  }
})

test('only names that were allowed are answered to, and no other site writes', async () => {
  const cookie = cookieOf(await signIn('Ana', key))
  for (const host of ['bench.example', `127.0.0.1:${server.port}`, 'localhost'])
    expect([host, (await ask('GET', '/api/jobs', { cookie, host })).status]).toEqual([host, 200])
  for (const host of ['evil.example', 'bench.example.evil.example', '203.0.113.9'])
    expect([host, (await ask('GET', '/api/jobs', { cookie, host })).status]).toEqual([host, 403])
  const foreign = { cookie, host: 'bench.example', origin: 'https://evil.example' }
  for (const where of ['/sign-out', '/sign-in', '/api/copies', '/api/jobs/job-potter/count'])
    expect([where, (await ask('POST', where, foreign)).status]).toEqual([where, 403])
})

test('a wrong key is told at its field; a thousand guesses wait, and the right one afterwards is not lost', async () => {
  const wrong = await signIn('Ben', 'not-the-key')
  expect([
    wrong.status,
    wrong.body.includes('That is not the workshop key.'),
    wrong.body.includes('value="Ben"'),
  ]).toEqual([403, true, true])
  expect((await signIn('', key)).body).toContain('Say who you are')
  const cookie = cookieOf(await signIn('Ana', key))
  const answers = { 403: 0, 429: 0 } as Record<number, number>
  for (let round = 0; round < 20; round += 1) {
    const all = await Promise.all(Array.from({ length: 50 }, (_, n) => signIn('Eve', `guess ${round} ${n}`)))
    for (const { status } of all) answers[status] = (answers[status] ?? 0) + 1
    // whoever is in goes on as before
    expect((await ask('GET', '/api/jobs', { cookie })).status).toBe(200)
  }
  expect(answers[403]! + answers[429]!).toBe(1000)
  expect(answers[403]).toBeLessThanOrEqual(5)
  expect((await signIn('Ana', key)).body).toMatch(/Too many wrong keys: try again in \d+ s/)
})
