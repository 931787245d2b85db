import type { Kysely } from 'kysely'
import { ownRulesSchema, type OwnRules } from '$lib/core/job'
import type { Opened, Schema } from './database'
import type { ShopPaper } from './engine/paper'
import { keptPaper, type KeptPaper } from './engine/shop-paper'

/** What the shop keeps for all its jobs; nothing else touches its table. Times come in as ISO strings. */
export class ShopRepository {
  private readonly db: Kysely<Schema>

  constructor(private readonly store: Opened) {
    this.db = store.db
  }

  /** The rules that new jobs start with; none of its own where the shop kept none. */
  async rules(): Promise<OwnRules> {
    const row = await this.db.selectFrom('shop').where('what', '=', 'rules').select('document').executeTakeFirst()
    return row === undefined ? { settings: {}, house: {} } : ownRulesSchema.parse(JSON.parse(row.document))
  }

  async keepRules(rules: OwnRules, at: string): Promise<void> {
    await this.#keep('rules', rules, at)
  }

  /** The head of the shop’s paper; nothing on it where the shop kept none. */
  async paper(): Promise<ShopPaper> {
    const row = await this.db.selectFrom('shop').where('what', '=', 'paper').select('document').executeTakeFirst()
    if (row === undefined) return { name: '', address: '' }
    const { name, address, mark } = keptPaper.parse(JSON.parse(row.document))
    return {
      name,
      address,
      ...(mark === undefined ? {} : { mark: { ...mark, data: new Uint8Array(Buffer.from(mark.data, 'base64')) } }),
    }
  }

  async keepPaper({ name, address, mark }: ShopPaper, at: string): Promise<void> {
    const kept: KeptPaper = {
      name,
      address,
      ...(mark === undefined ? {} : { mark: { ...mark, data: Buffer.from(mark.data).toString('base64') } }),
    }
    await this.#keep('paper', kept, at)
  }

  async #keep(what: string, document: object, at: string): Promise<void> {
    const row = { document: JSON.stringify(document), changed_at: at }
    await this.store.transact(async (trx) => {
      await trx
        .insertInto('shop')
        .values({ what, ...row })
        .onConflict((conflict) => conflict.column('what').doUpdateSet(row))
        .execute()
    })
  }
}
