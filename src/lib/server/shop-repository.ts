import type { Kysely } from 'kysely'
import { ownRulesSchema, type OwnRules } from '$lib/core/job'
import type { Opened, Schema } from './database'

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
    const row = { document: JSON.stringify(rules), changed_at: at }
    await this.store.transact(async (trx) => {
      await trx
        .insertInto('shop')
        .values({ what: 'rules', ...row })
        .onConflict((conflict) => conflict.column('what').doUpdateSet(row))
        .execute()
    })
  }
}
