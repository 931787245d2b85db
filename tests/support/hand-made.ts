import type { Command, Job } from '../../src/lib/core/job'
import { oneOfEach } from './random-commands'
import { randomFrom } from './random-plans'

/** A command as someone would spoil it by hand, and how. */
export interface Spoiled {
  readonly how: string
  readonly command: unknown
}

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json }

const WAYS = ['null', 'removed', 'another type', 'huge'] as const

/** What a value becomes; undefined where it is taken out. */
function spoil(value: Json, way: (typeof WAYS)[number]): Json | undefined {
  if (way === 'null') return null
  if (way === 'removed') return undefined
  if (way === 'another type') return typeof value === 'number' ? 'x' : typeof value === 'string' ? { a: [1] } : 'x'
  if (typeof value === 'number') return 1e300
  if (typeof value === 'string') return 'x'.repeat(20_000)
  if (Array.isArray(value)) return Array.from({ length: 3000 }, () => (value as readonly Json[])[0] ?? 1)
  return Object.fromEntries(Array.from({ length: 2000 }, (_, index) => [`key-${index}`, 1]))
}

const isTree = (value: Json): value is { readonly [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Every place of a value, as the keys that lead to it. */
function placesOf(value: Json, path: readonly string[] = []): readonly (readonly string[])[] {
  const below = isTree(value)
    ? Object.entries(value)
    : Array.isArray(value)
      ? [...(value as readonly Json[]).entries()].map(([index, one]) => [String(index), one] as const)
      : []
  return [...(path.length === 0 ? [] : [path]), ...below.flatMap(([key, one]) => placesOf(one as Json, [...path, key]))]
}

function replaced(value: Json, path: readonly string[], by: Json | undefined): Json {
  const [key, ...rest] = path
  if (key === undefined) return by ?? null
  if (Array.isArray(value)) {
    const list = value as readonly Json[]
    const at = Number(key)
    if (rest.length === 0 && by === undefined) return list.filter((_, index) => index !== at)
    return list.map((one, index) => (index === at ? replaced(one, rest, by) : one))
  }
  const tree = value as { readonly [key: string]: Json }
  if (rest.length > 0 || by !== undefined) return { ...tree, [key]: replaced(tree[key]!, rest, by) }
  const { [key]: _, ...others } = tree
  return others
}

/** What reaches for more than a command may: named one by one. */
const HOSTILE = (variant: string): readonly Spoiled[] => {
  const diff = (path: unknown[], value: unknown, op = 'replace') => ({
    type: 'diff',
    direction: 'undo',
    what: 'x',
    patches: [{ op, path, value }],
  })
  return [
    { how: 'a list made endless', command: diff(['shell', 'openings', 'length'], 2 ** 31) },
    { how: 'a list made shorter', command: diff(['shell', 'openings', 'length'], 0) },
    { how: 'far beyond a list’s end', command: diff(['shell', 'openings', 4_000_000_000], {}, 'add') },
    { how: 'the id of another job', command: diff(['id'], 'job-other') },
    { how: 'another format', command: diff(['format'], 'x') },
    { how: 'another version', command: diff(['version'], 99) },
    { how: 'the whole job', command: diff([], {}) },
    { how: 'all variants', command: diff(['variants'], {}) },
    { how: 'a prototype by path', command: diff(['brief', '__proto__', 'polluted'], 1, 'add') },
    { how: 'a constructor by path', command: diff(['brief', 'constructor'], 1, 'add') },
    { how: 'a field that no command writes', command: diff(['variants', variant, 'plan', 'secret'], 1, 'add') },
    {
      how: 'a prototype by value',
      command: JSON.parse(
        `{"type":"gear.put","id":"gear-a","gear":{"label":"x","sizeMm":[10,10,10],"count":1,"__proto__":{"a":1}}}`,
      ),
    },
    { how: 'nothing', command: null },
    { how: 'a list', command: [] },
    { how: 'a word', command: 'job.rename' },
    { how: 'no kind', command: { name: 'x' } },
    { how: 'a kind that there is not', command: { type: 'job.explode' } },
  ]
}

/** Commands of every kind spoiled at every place in every way, and those that reach for more. */
export function spoiledCommands(job: Job, seed: number): readonly Spoiled[] {
  const all = oneOfEach(job, randomFrom(seed)).flatMap((command: Command) => {
    const plain = JSON.parse(JSON.stringify(command)) as Json
    return placesOf(plain).flatMap((path) =>
      WAYS.map((way): Spoiled => {
        const value = path.reduce<Json>((at, key) => (at as { [key: string]: Json })[key]!, plain)
        return { how: `${command.type}: ${path.join('.')} ${way}`, command: replaced(plain, path, spoil(value, way)) }
      }),
    )
  })
  return [...HOSTILE(Object.keys(job.variants)[0]!), ...all]
}
