import { randomBytes, randomInt, scrypt, timingSafeEqual } from 'node:crypto'
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import path from 'node:path'

/** What is kept of the key: nothing that it could be read from. */
interface KeptKey {
  /** Another one with each key: who signed in with an earlier one is signed out. */
  readonly id: string
  readonly salt: string
  readonly hash: string
}

export const SHORTEST_KEY = 10
export const LONGEST_KEY = 200
const BYTES = 32
/** 2^15 rounds over 32 MB: a tenth of a second for us, and for each guess. OWASP Password Storage Cheat Sheet, from memory. */
const COST = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 1024 * 1024 }

const fileIn = (data: string): string => path.join(data, 'shop-key.json')

const hashed = (key: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(key.normalize('NFKC'), salt, BYTES, COST, (cause, hash) => (cause === null ? resolve(hash) : reject(cause))),
  )

function keptIn(data: string): KeptKey | undefined {
  return existsSync(fileIn(data)) ? (JSON.parse(readFileSync(fileIn(data), 'utf8')) as KeptKey) : undefined
}

/** Which key is in force; undefined where none was set. */
export const keyId = (data: string): string | undefined => keptIn(data)?.id

/** Whether this is the key. It takes as long for a wrong one as for the right one, and is compared in constant time. */
export async function isKey(data: string, key: string): Promise<boolean> {
  const kept = keptIn(data)
  const salt = kept === undefined ? Buffer.alloc(16) : Buffer.from(kept.salt, 'base64')
  const hash = await hashed(key, salt)
  return kept !== undefined && timingSafeEqual(hash, Buffer.from(kept.hash, 'base64'))
}

/** Sets the key; whoever signed in with the one before is signed out. */
export async function setKey(data: string, key: string): Promise<void> {
  const salt = randomBytes(16)
  const kept: KeptKey = {
    id: randomBytes(9).toString('base64url'),
    salt: salt.toString('base64'),
    hash: (await hashed(key, salt)).toString('base64'),
  }
  mkdirSync(data, { recursive: true })
  const fresh = `${fileIn(data)}.fresh`
  writeFileSync(fresh, `${JSON.stringify(kept)}\n`, { mode: 0o600 })
  chmodSync(fresh, 0o600)
  renameSync(fresh, fileIn(data))
}

/** Letters and figures that are not taken for one another. */
const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789'

/** A key that no one guesses: twenty signs in four groups, 99 bits. */
export const newKey = (): string =>
  Array.from({ length: 4 }, () => Array.from({ length: 5 }, () => SIGNS[randomInt(SIGNS.length)]).join('')).join('-')
