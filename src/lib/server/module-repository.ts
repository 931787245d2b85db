import { sql, type Kysely } from 'kysely'
import type { ModuleSummary } from '$lib/core/job'
import type { StoredModule } from './engine/modules'
import type { Opened, Schema } from './database'

/** Everything that the program stores of modules; nothing else touches their tables. Times come in as ISO strings. */
export class ModuleRepository {
  private readonly db: Kysely<Schema>

  constructor(private readonly store: Opened) {
    this.db = store.db
  }

  /** The library, by name. */
  async list(): Promise<readonly ModuleSummary[]> {
    const rows = await this.db.selectFrom('modules').selectAll().orderBy('name').orderBy('id').execute()
    return rows.map(({ id, name, revision, fittings, mass_kg, changed_at }) => ({
      id,
      name,
      revision,
      fittings,
      massKg: mass_kg,
      changedAt: changed_at,
    }))
  }

  /** A module’s document in its newest state, or in an earlier one; undefined where there is none. */
  async get(id: string, revision?: number): Promise<string | undefined> {
    const row = await this.db
      .selectFrom('module_revisions')
      .where('module_id', '=', id)
      .$if(revision !== undefined, (query) => query.where('revision', '=', revision!))
      .select(['document', 'revision'])
      .orderBy('revision', 'desc')
      .executeTakeFirst()
    return row?.document
  }

  async revisions(id: string): Promise<readonly { readonly revision: number; readonly at: string }[]> {
    return this.db
      .selectFrom('module_revisions')
      .where('module_id', '=', id)
      .select(['revision', 'at'])
      .orderBy('revision', 'desc')
      .execute()
  }

  /** Keeps a module: as the first state of a new one, or as the next state of one that is there. Answers which state it is. */
  async save({ id, name, fittings, massKg, document }: StoredModule, at: string): Promise<number> {
    return this.store.transact(async (transaction) => {
      const known = await transaction.selectFrom('modules').where('id', '=', id).select('revision').executeTakeFirst()
      const revision = (known?.revision ?? 0) + 1
      const row = { name, revision, fittings, mass_kg: massKg, changed_at: at }
      if (known === undefined)
        await transaction
          .insertInto('modules')
          .values({ id, ...row })
          .execute()
      else await transaction.updateTable('modules').set(row).where('id', '=', id).execute()
      await transaction
        .insertInto('module_revisions')
        .values({ module_id: id, revision, document: sql`json_set(${document}, '$.revision', ${revision})`, at })
        .execute()
      return revision
    })
  }

  async remove(id: string): Promise<boolean> {
    return this.store.transact(async (transaction) => {
      const { numDeletedRows } = await transaction.deleteFrom('modules').where('id', '=', id).executeTakeFirst()
      return numDeletedRows > 0n
    })
  }
}
