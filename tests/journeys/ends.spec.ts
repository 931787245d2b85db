import { execFile, spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { promisify } from 'node:util'
import { expect, test } from '@playwright/test'
import { freePort } from '../support/own-server'

const run = promisify(execFile)

/** All processes that descend from one, itself among them, by what they run. */
function family(root: number): ReadonlyMap<number, string> {
  const all = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .flatMap((pid) => {
      try {
        const parent = Number(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop()!.split(' ')[1])
        return [{ pid: Number(pid), parent, line: readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ') }]
      } catch {
        return []
      }
    })
  const found = new Map<number, string>()
  const add = (pid: number): void => {
    found.set(pid, all.find((one) => one.pid === pid)?.line ?? '')
    for (const one of all) if (one.parent === pid && !found.has(one.pid)) add(one.pid)
  }
  add(root)
  return found
}
const isThere = (pid: number): boolean => {
  try {
    // one that has ended and is not yet buried is gone
    return !/^\S+ \(.*\) Z/.test(readFileSync(`/proc/${pid}/stat`, 'utf8'))
  } catch {
    return false
  }
}

for (const [victim, pattern] of [
  ['npm', /^npm run demo/],
  ['its shell', /^sh -c/],
  ['the script', /scripts\/demo\.mjs *$/],
] as const)
  test(`all of npm run demo ends when ${victim} is killed outright`, async () => {
    const data = mkdtempSync(path.join(tmpdir(), 'zimmerman-ends-'))
    const port = await freePort()
    const started = spawn('npm', ['run', 'demo'], {
      env: { ...process.env, PORT: String(port), ZIMMERMAN_DATA: data },
      stdio: ['ignore', 'pipe', 'ignore'],
      detached: true,
    })
    let printed = ''
    started.stdout.on('data', (part: Buffer) => (printed += part.toString('utf8')))
    await expect.poll(() => printed, { timeout: 50_000 }).toContain(`Zimmerman is at http://127.0.0.1:${port}`)
    const all = family(started.pid!)
    expect([...all.values()].some((line) => line.includes('build/index.js'))).toBe(true)
    const [pid] = [...all].find(([one, line]) =>
      pattern.source.startsWith('^npm') ? one === started.pid : pattern.test(line) && !line.startsWith('npm'),
    )!
    process.kill(pid, 'SIGKILL')
    await expect.poll(() => [...all.keys()].filter(isThere), { timeout: 10_000 }).toEqual([])
    rmSync(data, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
  })

test('all of npm run demo ends when npm is killed outright while the program is built', async () => {
  const copy = mkdtempSync(path.join(tmpdir(), 'zimmerman-builds-'))
  for (const name of ['src', 'static', 'scripts', ...SETTINGS]) cpSync(name, path.join(copy, name), { recursive: true })
  symlinkSync(path.resolve('node_modules'), path.join(copy, 'node_modules'))
  const started = spawn('npm', ['run', 'demo'], {
    cwd: copy,
    env: { ...process.env, PORT: String(await freePort()), ZIMMERMAN_DATA: path.join(copy, 'data') },
    stdio: 'ignore',
    detached: true,
  })
  const builds = (): boolean => [...family(started.pid!).values()].some((line) => line.includes('vite.js build'))
  await expect.poll(builds, { timeout: 30_000 }).toBe(true)
  const all = family(started.pid!)
  expect(all.size).toBeGreaterThan(4)
  process.kill(started.pid!, 'SIGKILL')
  await expect.poll(() => [...all.keys()].filter(isThere), { timeout: 10_000 }).toEqual([])
  rmSync(copy, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
})
const SETTINGS = ['package.json', 'package-lock.json', 'svelte.config.js', 'vite.config.ts', 'tsconfig.json']

test('plain node build listens on loopback, with the same limits', async () => {
  const data = mkdtempSync(path.join(tmpdir(), 'zimmerman-plain-'))
  const port = await freePort()
  const { HOST: _host, ORIGIN: _origin, BODY_SIZE_LIMIT: _limit, ...env } = process.env
  const plain = spawn(process.execPath, ['build'], {
    env: { ...env, PORT: String(port), ZIMMERMAN_DATA: data },
    stdio: 'ignore',
  })
  const address = `http://127.0.0.1:${port}`
  await expect
    .poll(
      () =>
        fetch(`${address}/api/shells`).then(
          ({ ok }) => ok,
          () => false,
        ),
      { timeout: 20_000 },
    )
    .toBe(true)
  // where it listens, as the system tells it: 127.0.0.1 is 0100007F
  const hex = port.toString(16).toUpperCase().padStart(4, '0')
  const listening = readFileSync('/proc/net/tcp', 'utf8')
    .split('\n')
    .filter((line) => line.includes(`:${hex} 00000000:0000 0A`))
  expect(listening).toHaveLength(1)
  expect(listening[0]).toContain(`0100007F:${hex}`)
  const large = await fetch(`${address}/api/review`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: 'x'.repeat(20_000_000),
  })
  expect(large.status).toBe(413)
  const ended = new Promise((resolve) => plain.once('exit', resolve))
  plain.kill('SIGTERM')
  await ended
  // it took leave of its database: the file alone is whole
  expect(
    readdirSync(data).filter((name) => name.endsWith('-wal') && readFileSync(path.join(data, name)).length > 0),
  ).toEqual([])
  rmSync(data, { recursive: true, force: true })
})

test('the key is set from the terminal, and everyone has to sign in again', async () => {
  const data = mkdtempSync(path.join(tmpdir(), 'zimmerman-set-key-'))
  const env = { ...process.env, ZIMMERMAN_DATA: data }
  const first = await run(process.execPath, ['scripts/key.mjs'], { env })
  expect(first.stdout).toMatch(/The workshop key is ([a-z2-9]{5}-){3}[a-z2-9]{5}\nEveryone has to sign in again/)
  const kept = readFileSync(path.join(data, 'shop-key.json'), 'utf8')
  await run(process.execPath, ['scripts/key.mjs'], { env })
  expect(readFileSync(path.join(data, 'shop-key.json'), 'utf8')).not.toBe(kept)
  rmSync(data, { recursive: true, force: true })
})
