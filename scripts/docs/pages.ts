// What docs say of the program, made of the program: the table of kinds, the layers as a table and as a picture, the keys.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { NEEDS } from '../../src/lib/core/brief'
import { GROUPS, KINDS } from '../../src/lib/core/fittings'
import { GROUP_WORDS, KIND_WORDS, NEED_WORDS, stanceWord } from '../../src/lib/core/text'
import { ACTIONS, KEY_FAMILIES } from '../../src/lib/ui/bench/keys'
import layers from '../layers.json'
import { kindsPicture } from './kinds-picture'
import { smallThings } from './small-things'

type Row = readonly [name: string, about: string]
const CORE = layers.core as unknown as readonly Row[]
const UI = layers.ui as unknown as readonly Row[]

/** A table of Markdown with its columns as wide as their widest cell. */
function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  const widths = head.map((title, column) => Math.max(title.length, ...rows.map((row) => (row[column] ?? '').length)))
  const line = (cells: readonly string[]) =>
    `| ${cells.map((cell, column) => cell.padEnd(widths[column]!)).join(' | ')} |`
  return [line(head), line(widths.map((width) => '-'.repeat(width))), ...rows.map(line)].join('\n')
}

function kindsPage(): string {
  const parts = GROUPS.map((group) => {
    const kinds = KINDS.filter((kind) => kind.group === group).sort((a, b) =>
      KIND_WORDS[a.id]! < KIND_WORDS[b.id]! ? -1 : 1,
    )
    const rows = kinds.map((kind) => [
      KIND_WORDS[kind.id]!,
      kind.stances.length < 2
        ? ''
        : [
            ...kind.stances.map((stance) => stanceWord(stance, 'mm')),
            ...(kind.risesTo === undefined ? [] : ['at any height']),
          ]
            .join(', ')
            .toLowerCase(),
      kind.meets.map((need) => NEED_WORDS[need].one.toLowerCase()).join(', '),
    ])
    return `## ${GROUP_WORDS[group]}\n\n${table(['kind', 'positions', 'meets the demand'], rows)}\n`
  })
  const met = new Set<string>(KINDS.flatMap(({ meets }) => meets))
  const without = NEEDS.filter((need) => !met.has(need)).map((need) => NEED_WORDS[need].one.toLowerCase())
  return [
    `# Kinds of fitting\n\n${KINDS.length} kinds, by what they are for. Made by \`node scripts/docs.mjs\` from the registry; a test holds it so.`,
    `Of ${NEEDS.length} needs, ${NEEDS.length - without.length} are met by a kind${without.length === 0 ? '' : `; ${without.join(', ')} is a matter of free floor`}.\n`,
    ...parts,
  ].join('\n\n')
}

const smallThingsPage = (): string =>
  [
    '# The small things',
    'What no build leaves out, the kind or place that covers it, and where it usually comes in. Made by `node scripts/docs.mjs`; a test holds it so. `Words like these` are fields of the kind.',
    ...smallThings().map(([part, rows]) => `## ${part}\n\n${table(['thing', 'covered by', 'usually'], rows)}\n`),
    '## All kinds, from the front and from above\n\n![Every kind of fitting](kinds.svg)\n',
  ].join('\n\n')

const layersTable = (): string =>
  table(
    ['folder of `src/lib`', 'what is there'],
    [
      ...CORE.map(([folder, about]) => [`\`core/${folder}\``, about]),
      ['`demo`', 'the two invented jobs'],
      ['`workers`', 'engines off the main thread, and the clients that the screens ask them by'],
      ['`server`', 'SQLite through Kysely, answers, files; nothing else touches SQL'],
      ...UI.map(([folder, about]) => [folder === 'screens' ? '`ui/…`' : `\`ui/${folder}\``, about]),
      ['`routes`', 'thin pages and server routes'],
    ],
  )

const keysTable = (): string =>
  table(
    ['key', 'does'],
    [...ACTIONS, ...KEY_FAMILIES].map(({ key, words }) => [key, words]),
  )

const ROW = 20
const INK = '#1F2B2A'
const SOFT = '#55635F'

/** Text of the picture. */
const say = (x: number, y: number, words: string, more = ''): string =>
  `<text x="${x}" y="${y}" ${more}>${words}</text>`
const frame = (x: number, y: number, width: number, height: number): string =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="#FDFCF9" stroke="${INK}"/>`
const arrow = (d: string): string => `<path d="${d}" fill="none" stroke="${INK}" marker-end="url(#tip)"/>`

/** The one picture of the layers: who may import whom. */
function layersPicture(): string {
  const core = [...CORE].reverse()
  const [left, top] = [20, 232]
  const height = core.length * ROW + 34
  const coreRows = core.map(([folder, about], row) => {
    const y = top + 44 + row * ROW
    return `${say(left + 12, y, folder, 'font-weight="600"')}${say(left + 104, y, about, `fill="${SOFT}"`)}`
  })
  const ui = [...UI].reverse()
  const uiRows = ui.map(([folder, about], row) => {
    const y = 124 + row * ROW
    return `${say(312, y, folder, 'font-weight="600"')}${say(378, y, about, `fill="${SOFT}"`)}`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 860 ${top + height + 20}" font-family="Instrument Sans, Helvetica, Arial, sans-serif" font-size="12" fill="${INK}">
<defs><marker id="tip" viewBox="0 0 8 8" refX="8" refY="4" markerWidth="8" markerHeight="8" orient="auto"><path d="M0 0 8 4 0 8" fill="none" stroke="${INK}"/></marker></defs>
<rect width="860" height="${top + height + 20}" fill="#F6F3EC"/>
${frame(20, 16, 820, 34)}${say(32, 38, 'routes', 'font-weight="600"')}${say(124, 38, 'thin pages and server routes', `fill="${SOFT}"`)}
${frame(20, 82, 124, 112)}${say(32, 104, 'server', 'font-weight="600"')}${say(32, 124, 'SQLite, answers,', `fill="${SOFT}"`)}${say(32, 140, 'files; it starts', `fill="${SOFT}"`)}${say(32, 156, 'with the demo', `fill="${SOFT}"`)}
${frame(164, 82, 116, 112)}${say(176, 104, 'workers', 'font-weight="600"')}${say(176, 124, 'engines, and the', `fill="${SOFT}"`)}${say(176, 140, 'clients by which', `fill="${SOFT}"`)}${say(176, 156, 'they are asked', `fill="${SOFT}"`)}
${frame(300, 82, 540, 112)}${say(312, 104, 'ui', 'font-weight="600"')}${uiRows.join('')}
${arrow('M82 50V82')}${arrow('M560 50V82')}${arrow('M300 138H280')}
${arrow(`M82 194V${top}`)}${arrow(`M222 194V${top}`)}${arrow(`M560 194V${top}`)}
${frame(left, top, 820, height)}${say(left + 12, top + 20, 'core', 'font-weight="600"')}${say(left + 104, top + 20, 'no DOM, Node, clock or randomness; each folder may import those below it, through their index.ts', `fill="${SOFT}"`)}
${coreRows.join('\n')}
</svg>
`
}

/** Text with what stands between the marks of a name replaced. */
function between(text: string, name: string, made: string): string {
  const [start, end] = [`<!-- ${name} -->`, `<!-- /${name} -->`]
  const [from, to] = [text.indexOf(start), text.indexOf(end)]
  if (from === -1 || to === -1) throw new Error(`there is no place for the ${name}`)
  return `${text.slice(0, from)}${start}\n\n${made}\n\n${text.slice(to)}`
}

/** Every file of docs that is made, whole or in part, by its name: what it should hold. `laid` gives Markdown the shape of its house. */
export async function madePages(
  root: string,
  laid: (text: string) => Promise<string>,
): Promise<Readonly<Record<string, string>>> {
  const now = (file: string) => readFileSync(path.join(root, 'docs', file), 'utf8')
  return {
    'KINDS.md': await laid(kindsPage()),
    'ARCHITECTURE.md': await laid(between(now('ARCHITECTURE.md'), 'layers', layersTable())),
    'KEYS.md': await laid(between(now('KEYS.md'), 'keys', keysTable())),
    'layers.svg': layersPicture(),
    'kinds.svg': kindsPicture(),
    'SMALL-THINGS.md': await laid(smallThingsPage()),
  }
}
