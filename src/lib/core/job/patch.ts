import { z } from 'zod'
import { CommandError } from './command-error'

/** No list of a document grows beyond this. */
export const MAX_LIST = 5000

/** What no key may be: it would reach what every object is made from. */
export const FORBIDDEN_KEYS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype'])

export const patchSchema = z.object({
  op: z.enum(['add', 'remove', 'replace']),
  path: z
    .array(z.union([z.string().max(60), z.number().int().min(0).max(MAX_LIST)]))
    .min(1)
    .max(24),
  value: z.unknown().optional(),
})
export type Patch = z.infer<typeof patchSchema>

/** The fields of a job that its commands change; its format, version and id are none of them. */
const ROOTS: ReadonlySet<string | number> = new Set([
  'name',
  'units',
  'brief',
  'shell',
  'survey',
  'found',
  'weight',
  'power',
  'warmth',
  'rules',
  'variants',
])
const VARIANT_FIELDS: ReadonlySet<string | number> = new Set(['name', 'order', 'plan'])
const PLAN_FIELDS: ReadonlySet<string | number> = new Set([
  'lining',
  'changes',
  'fittings',
  'groups',
  'waivers',
  'drawn',
  'transferable',
  'modes',
])

/** Whether a patch goes no further than a typed command could. */
function isWithinReach({ path }: Patch): boolean {
  const [root, , field, part] = path
  if (root === undefined || !ROOTS.has(root)) return false
  if (path.some((key) => typeof key === 'string' && (FORBIDDEN_KEYS.has(key) || key === 'length'))) return false
  if (root !== 'variants') return true
  if (path.length < 2) return false
  return (
    (field === undefined || VARIANT_FIELDS.has(field)) &&
    (field !== 'plan' || part === undefined || PLAN_FIELDS.has(part))
  )
}

type Tree = Readonly<Record<string, unknown>>
export const isTree = (value: unknown): value is Tree =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const gone = (): never => {
  throw new CommandError({ code: 'gone', thing: 'patched' })
}

function inList(list: readonly unknown[], key: string | number, patch: Patch, at: number): readonly unknown[] {
  // journals of earlier days shorten lists by their length
  if (key === 'length' && at === patch.path.length - 1 && patch.op === 'replace') {
    const { value } = patch
    return typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= list.length
      ? list.slice(0, value)
      : gone()
  }
  const index = typeof key === 'number' ? key : /^\d{1,6}$/.test(key) ? Number(key) : gone()
  const adds = at === patch.path.length - 1 && patch.op === 'add'
  if (index > list.length || (index === list.length && !adds)) return gone()
  if (adds) {
    if (list.length >= MAX_LIST) throw new CommandError({ code: 'too-many', thing: 'list-entry', most: MAX_LIST })
    return [...list.slice(0, index), patch.value, ...list.slice(index)]
  }
  if (at === patch.path.length - 1 && patch.op === 'remove') return [...list.slice(0, index), ...list.slice(index + 1)]
  return list.map((one, place) => (place === index ? within(one, patch, at + 1) : one))
}

function inTree(tree: Tree, key: string, patch: Patch, at: number): Tree {
  const isLast = at === patch.path.length - 1
  if (!Object.hasOwn(tree, key) && !(isLast && patch.op !== 'remove')) return gone()
  if (isLast && patch.op === 'remove') {
    const { [key]: _, ...rest } = tree
    return rest
  }
  return { ...tree, [key]: within(tree[key], patch, at + 1) }
}

/** A value with a patch applied from a step of its path on. */
function within(value: unknown, patch: Patch, at: number): unknown {
  if (at === patch.path.length) return patch.value
  const key = patch.path[at]!
  if (Array.isArray(value)) return inList(value, key, patch, at)
  return isTree(value) ? inTree(value, String(key), patch, at) : gone()
}

/**
 * A document after patches, one after the other; what they do not touch is shared with it.
 * @throws CommandError if one reaches for what no typed command could, or for what is not there.
 */
export function patched<T>(document: T, patches: readonly Patch[]): T {
  if (!patches.every(isWithinReach)) throw new CommandError({ code: 'out-of-reach' })
  return replayed(document, patches)
}

/** As `patched`, for patches that were accepted before: how far they reach is not asked again. */
export function replayed<T>(document: T, patches: readonly Patch[]): T {
  if (patches.some(({ path }) => path.some((key) => FORBIDDEN_KEYS.has(String(key)))))
    throw new CommandError({ code: 'out-of-reach' })
  return patches.reduce<unknown>((value, patch) => within(value, patch, 0), document) as T
}
