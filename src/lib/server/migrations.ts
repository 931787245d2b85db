import { Migrator, sql, type Kysely, type Migration } from 'kysely'
import type { Schema } from './database'

const first: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('jobs')
      .addColumn('id', 'text', (column) => column.primaryKey())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('revision', 'integer', (column) => column.notNull())
      .addColumn('document', 'text', (column) => column.notNull())
      .addColumn('shell_name', 'text', (column) => column.notNull())
      .addColumn('created_at', 'text', (column) => column.notNull())
      .addColumn('changed_at', 'text', (column) => column.notNull())
      .addColumn('deleted_at', 'text')
      .execute()
    await db.schema
      .createTable('variants')
      .addColumn('job_id', 'text', (column) => column.notNull().references('jobs.id').onDelete('cascade'))
      .addColumn('variant_id', 'text', (column) => column.notNull())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('position', 'integer', (column) => column.notNull())
      .addColumn('reviewed_revision', 'integer')
      .addColumn('stops', 'integer', (column) => column.notNull().defaultTo(0))
      .addColumn('cautions', 'integer', (column) => column.notNull().defaultTo(0))
      .addPrimaryKeyConstraint('variants_key', ['job_id', 'variant_id'])
      .execute()
    await db.schema
      .createTable('journal')
      .addColumn('job_id', 'text', (column) => column.notNull().references('jobs.id').onDelete('cascade'))
      .addColumn('revision', 'integer', (column) => column.notNull())
      .addColumn('uid', 'text', (column) => column.notNull())
      .addColumn('client', 'text', (column) => column.notNull())
      .addColumn('command', 'text', (column) => column.notNull())
      .addColumn('words', 'text', (column) => column.notNull())
      .addColumn('at', 'text', (column) => column.notNull())
      .addPrimaryKeyConstraint('journal_key', ['job_id', 'revision'])
      .addUniqueConstraint('journal_uid', ['job_id', 'uid'])
      .execute()
    await db.schema
      .createTable('snapshots')
      .addColumn('job_id', 'text', (column) => column.notNull().references('jobs.id').onDelete('cascade'))
      .addColumn('revision', 'integer', (column) => column.notNull())
      .addColumn('document', 'text', (column) => column.notNull())
      .addColumn('at', 'text', (column) => column.notNull())
      .addPrimaryKeyConstraint('snapshots_key', ['job_id', 'revision'])
      .execute()
  },
}

const modules: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('modules')
      .addColumn('id', 'text', (column) => column.primaryKey())
      .addColumn('name', 'text', (column) => column.notNull())
      .addColumn('revision', 'integer', (column) => column.notNull())
      .addColumn('fittings', 'integer', (column) => column.notNull())
      .addColumn('mass_kg', 'real', (column) => column.notNull())
      .addColumn('changed_at', 'text', (column) => column.notNull())
      .execute()
    await db.schema
      .createTable('module_revisions')
      .addColumn('module_id', 'text', (column) => column.notNull().references('modules.id').onDelete('cascade'))
      .addColumn('revision', 'integer', (column) => column.notNull())
      .addColumn('document', 'text', (column) => column.notNull())
      .addColumn('at', 'text', (column) => column.notNull())
      .addPrimaryKeyConstraint('module_revisions_key', ['module_id', 'revision'])
      .execute()
  },
}

const shop: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('shop')
      .addColumn('what', 'text', (column) => column.primaryKey())
      .addColumn('document', 'text', (column) => column.notNull())
      .addColumn('changed_at', 'text', (column) => column.notNull())
      .execute()
  },
}

const saves: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('saves')
      .addColumn('count', 'integer', (column) => column.notNull())
      .execute()
    await (db as Kysely<Schema>).insertInto('saves').values({ count: 0 }).execute()
  },
}

const told: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema.alterTable('journal').addColumn('told', 'text').execute()
  },
}

const packs: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('packs')
      .addColumn('job_id', 'text', (column) => column.notNull().references('jobs.id').onDelete('cascade'))
      .addColumn('first', 'integer', (column) => column.notNull())
      .addColumn('last', 'integer', (column) => column.notNull())
      .addColumn('data', 'blob', (column) => column.notNull())
      .addPrimaryKeyConstraint('packs_key', ['job_id', 'first'])
      .execute()
    await db.schema.alterTable('snapshots').addColumn('packed', 'blob').execute()
    await db.schema
      .alterTable('journal')
      .addColumn('who', 'text', (column) => column.notNull().defaultTo(''))
      .execute()
  },
}

const sessions: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('sessions')
      .addColumn('token', 'text', (column) => column.primaryKey())
      .addColumn('who', 'text', (column) => column.notNull())
      .addColumn('key', 'text', (column) => column.notNull())
      .addColumn('began_at', 'text', (column) => column.notNull())
      .addColumn('ends_at', 'text', (column) => column.notNull())
      .execute()
  },
}

const photos: Migration = {
  async up(db: Kysely<unknown>) {
    await db.schema
      .createTable('photos')
      .addColumn('job_id', 'text', (column) => column.notNull().references('jobs.id').onDelete('cascade'))
      .addColumn('id', 'text', (column) => column.notNull())
      .addColumn('data', 'blob', (column) => column.notNull())
      .addColumn('at', 'text', (column) => column.notNull())
      .addPrimaryKeyConstraint('photos_key', ['job_id', 'id'])
      .execute()
    await db.schema.createIndex('photos_by_id').on('photos').column('id').execute()
  },
}

/** By name, in the order in which they run. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '2026-11-first': first,
  '2026-11-modules': modules,
  '2026-11-shop': shop,
  '2026-12-saves': saves,
  '2026-12-told': told,
  '2027-01-packs': packs,
  '2027-01-sessions': sessions,
  '2027-02-photos': photos,
}

/** Brings the database to the newest form. @throws what the failing migration threw. */
export async function migrateDatabase(db: Kysely<Schema>): Promise<readonly string[]> {
  const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...MIGRATIONS }) } })
  const { error, results } = await migrator.migrateToLatest()
  if (error !== undefined) throw error
  // into the file itself, so that it says what it is whatever becomes of its log
  if ((results ?? []).length > 0) await sql`pragma wal_checkpoint(truncate)`.execute(db)
  return (results ?? []).map((result) => result.migrationName)
}
