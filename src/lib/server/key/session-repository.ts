import { createHash, randomBytes } from 'node:crypto'
import type { Kysely } from 'kysely'
import type { Opened, Schema } from '../database'

/** How long a sign-in lasts. */
export const SIGNED_IN_DAYS = 30
const DAY_MS = 86_400_000

/** Of a token only this is kept: who reads the database cannot sign in by it. */
const digest = (token: string): string => createHash('sha256').update(token).digest('base64url')

/** Who is signed in; nothing else touches their table. Times come in as ISO strings. */
export class SessionRepository {
  private readonly db: Kysely<Schema>

  constructor(private readonly store: Opened) {
    this.db = store.db
  }

  /** Signs someone in with a key; answers the token for their cookie. */
  async begin(who: string, key: string, now: string): Promise<string> {
    const token = randomBytes(32).toString('base64url')
    const ends = new Date(Date.parse(now) + SIGNED_IN_DAYS * DAY_MS).toISOString()
    await this.store.transact(async (trx) => {
      await trx.deleteFrom('sessions').where('ends_at', '<', now).execute()
      await trx
        .insertInto('sessions')
        .values({ token: digest(token), who, key, began_at: now, ends_at: ends })
        .execute()
    })
    return token
  }

  /** Who has a token, if they signed in with the key that is in force and it has not run out. */
  async who(token: string, key: string, now: string): Promise<string | undefined> {
    const row = await this.db
      .selectFrom('sessions')
      .where('token', '=', digest(token))
      .where('key', '=', key)
      .where('ends_at', '>', now)
      .select('who')
      .executeTakeFirst()
    return row?.who
  }

  async end(token: string): Promise<void> {
    await this.store.transact(async (trx) => {
      await trx.deleteFrom('sessions').where('token', '=', digest(token)).execute()
    })
  }
}
