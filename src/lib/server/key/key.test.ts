import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { scryptSync } from 'node:crypto'
import type * as Crypto from 'node:crypto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { openDatabase, type Opened } from '../database'
import { migrateDatabase } from '../migrations'
import { isLoopback, isNamed, isOpen } from '../reach'
import { Attempts } from './attempts'
import { SessionRepository, SIGNED_IN_DAYS } from './session-repository'
import { isKey, keyId, newKey, setKey } from './shop-key'

/** What Node's own functions were asked to do. */
const seen = vi.hoisted(() => ({ hashes: 0, compared: [] as number[][] }))
vi.mock('node:crypto', async (original) => {
  const crypto = await original<typeof Crypto>()
  return {
    ...crypto,
    scrypt: (...all: Parameters<typeof crypto.scrypt>) => {
      seen.hashes += 1
      return crypto.scrypt(...all)
    },
    timingSafeEqual: (a: NodeJS.ArrayBufferView, b: NodeJS.ArrayBufferView) => {
      seen.compared.push([a.byteLength, b.byteLength])
      return crypto.timingSafeEqual(a, b)
    },
  }
})

let data = ''
beforeEach(() => (data = mkdtempSync(path.join(tmpdir(), 'zimmerman-key-'))))
afterEach(() => rmSync(data, { recursive: true, force: true }))

describe('the shop key', () => {
  it('is kept as a salted scrypt hash alone, in a file that only its owner reads', async () => {
    await setKey(data, 'oak and ash 1893')
    const text = readFileSync(path.join(data, 'shop-key.json'), 'utf8')
    expect(text).not.toContain('oak')
    expect(statSync(path.join(data, 'shop-key.json')).mode & 0o777).toBe(0o600)
    const { salt, hash } = JSON.parse(text) as { salt: string; hash: string }
    // by Node's own blocking scrypt, RFC 7914, with the cost that the code names
    const again = scryptSync('oak and ash 1893', Buffer.from(salt, 'base64'), 32, {
      N: 32768,
      r: 8,
      p: 3,
      maxmem: 2 ** 26,
    })
    expect(again.toString('base64')).toBe(hash)
  })

  it('is known again, however its letters are composed, and nothing else is', async () => {
    await setKey(data, 'Blechschäre 12')
    expect(await isKey(data, 'Blechscha\u0308re 12')).toBe(true)
    for (const wrong of ['', 'Blechschäre 1', 'blechschäre 12', 'Blechschäre 12 '])
      expect(await isKey(data, wrong)).toBe(false)
  })

  it('that was never set is no key, whatever is tried', async () => {
    expect(keyId(data)).toBeUndefined()
    expect(await isKey(data, '')).toBe(false)
  })

  it('has another mark each time, and a made one is hard to guess', async () => {
    await setKey(data, 'first of all')
    const first = keyId(data)
    await setKey(data, 'first of all')
    expect(keyId(data)).not.toBe(first)
    const made = new Set(Array.from({ length: 500 }, newKey))
    expect(made.size).toBe(500)
    for (const key of made) expect(key).toMatch(/^([a-hjkmnp-z2-9]{5}-){3}[a-hjkmnp-z2-9]{5}$/)
  })

  it('is compared in constant time: one whole hash and one whole comparison, whatever is wrong with it', async () => {
    const work = async (key: string) => {
      seen.hashes = 0
      seen.compared = []
      await isKey(data, key)
      return [seen.hashes, seen.compared]
    }
    // without a key there is nothing to compare, and yet the same work
    expect(await work('anything')).toEqual([1, []])
    await setKey(data, 'a key of some length')
    for (const key of ['a key of some length', 'x key of some length', 'a key of some lengtx', '', 'a'.repeat(200)])
      expect([key, await work(key)]).toEqual([key, [1, [[32, 32]]]])
  })
})

describe('guesses', () => {
  const LIMITS = { each: 3, all: 6, withinMs: 60_000, atOnce: 2 }
  const no = () => Promise.resolve(false)

  it('from one address have to wait after a few, others not', async () => {
    const attempts = new Attempts(LIMITS)
    for (let n = 0; n < 3; n += 1) {
      expect(attempts.waitS('a', n * 1000)).toBe(0)
      expect(await attempts.look('a', n * 1000, no)).toBe(false)
    }
    expect(attempts.waitS('a', 3000)).toBe(57)
    expect(attempts.waitS('b', 3000)).toBe(0)
    expect(attempts.waitS('a', 60_001)).toBe(0)
  })

  it('from many addresses have to wait together', async () => {
    const attempts = new Attempts(LIMITS)
    for (let n = 0; n < 6; n += 1) await attempts.look(`address ${n}`, 0, no)
    expect(attempts.waitS('another', 10_000)).toBe(50)
  })

  it('that are right forget the wrong ones before them', async () => {
    const attempts = new Attempts(LIMITS)
    for (let n = 0; n < 2; n += 1) await attempts.look('a', 0, no)
    expect(await attempts.look('a', 0, () => Promise.resolve(true))).toBe(true)
    for (let n = 0; n < 2; n += 1) await attempts.look('a', 0, no)
    expect(attempts.waitS('a', 0)).toBe(0)
  })

  it('are looked at two at a time, a thousand a minute or not', async () => {
    const attempts = new Attempts({ ...LIMITS, each: 2000, all: 2000 })
    let [most, now] = [0, 0]
    const slow = async () => {
      now += 1
      most = Math.max(most, now)
      await new Promise((resolve) => setTimeout(resolve, 1))
      now -= 1
      return false
    }
    let refused = 0
    const all: Promise<boolean>[] = []
    for (let n = 0; n < 1000; n += 1)
      if (attempts.waitS(`address ${n}`, 0) > 0) refused += 1
      else all.push(attempts.look(`address ${n}`, 0, slow))
    await Promise.all(all)
    expect([most, refused]).toEqual([2, 998])
  })
})

describe('who is signed in', () => {
  const AT = '2027-01-01T10:00:00.000Z'
  const days = (n: number) => new Date(Date.parse(AT) + n * 86_400_000).toISOString()
  let opened: Opened
  let sessions: SessionRepository
  beforeEach(async () => {
    opened = openDatabase(':memory:')
    await migrateDatabase(opened.db)
    sessions = new SessionRepository(opened)
  })
  afterEach(() => opened.close())

  it('is known by a token that the database does not hold, until it ends', async () => {
    const token = await sessions.begin('Ana', 'key-1', AT)
    expect(await sessions.who(token, 'key-1', AT)).toBe('Ana')
    const rows = await opened.db.selectFrom('sessions').selectAll().execute()
    expect(JSON.stringify(rows)).not.toContain(token)
    // what is in the database is no token
    expect(await sessions.who(rows[0]!.token, 'key-1', AT)).toBeUndefined()
    expect(await sessions.who(token, 'key-2', AT)).toBeUndefined()
    expect(await sessions.who(token, 'key-1', days(SIGNED_IN_DAYS))).toBeUndefined()
    await sessions.end(token)
    expect(await sessions.who(token, 'key-1', AT)).toBeUndefined()
  })

  it('is let go of once it has run out', async () => {
    await sessions.begin('Ana', 'key-1', AT)
    await sessions.begin('Ben', 'key-1', days(SIGNED_IN_DAYS + 1))
    expect((await opened.db.selectFrom('sessions').select('who').execute()).map(({ who }) => who)).toEqual(['Ben'])
  })
})

describe('who can reach it', () => {
  it.each([
    [{}, false],
    [{ HOST: '' }, false],
    [{ HOST: '127.0.0.1' }, false],
    [{ HOST: '::1' }, false],
    [{ HOST: 'localhost' }, false],
    [{ HOST: '0.0.0.0' }, true],
    [{ HOST: '::' }, true],
    [{ HOST: '192.168.1.4' }, true],
    [{ HOST: '127.0.0.1', ZIMMERMAN_HOSTS: 'bench.example' }, true],
    [{ HOST: '127.0.0.1', ZIMMERMAN_HOSTS: ' , ' }, false],
  ])('%j: others than this machine %s', (env, open) => expect(isOpen(env)).toBe(open))

  it('knows loopback by all its names, and nothing that only looks like it', () => {
    for (const host of ['127.0.0.1', '127.8.8.8', 'localhost', '::1', '[::1]']) expect(isLoopback(host)).toBe(true)
    for (const host of ['', '127.0.0.1.evil.example', 'localhost.evil.example', '1270.0.0.1', '0.0.0.0'])
      expect(isLoopback(host)).toBe(false)
  })

  it('answers to names that were allowed, and to no others', () => {
    const closed = { HOST: '127.0.0.1' }
    const open = { HOST: '0.0.0.0', ZIMMERMAN_HOSTS: 'Bench.example, tablet.lan' }
    for (const host of ['127.0.0.1:4173', 'localhost', '[::1]:80'])
      expect([host, isNamed(host, closed)]).toEqual([host, true])
    for (const host of ['evil.example', 'bench.example', '192.168.1.4', null])
      expect([host, isNamed(host, closed)]).toEqual([host, false])
    for (const host of ['bench.example:4173', 'BENCH.EXAMPLE', 'tablet.lan', '127.0.0.1'])
      expect([host, isNamed(host, open)]).toEqual([host, true])
    for (const host of ['evil.example', 'bench.example.evil.example', '203.0.113.9', ''])
      expect([host, isNamed(host, open)]).toEqual([host, false])
  })
})
