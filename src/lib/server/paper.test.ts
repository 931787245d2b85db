import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import DxfParser from 'dxf-parser'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { apply, type Job } from '$lib/core/job'
import { progressOf } from './progress'
import { shellNamed } from '$lib/core/shells'
import { DEMO_JOBS } from '$lib/demo'
import { openDatabase } from './database'
import { paperReply, type Beside } from './engine/paper'
import type { Query } from './engine/reply'
import { readShopPaper } from './engine/shop-paper'
import { migrateDatabase } from './migrations'
import { encodeMark } from './photos/encode'
import { ShopRepository } from './shop-repository'

const [bat] = DEMO_JOBS
const job = bat!
const BESIDE: Beside = {
  date: '2026-11-30',
  revision: 7,
  shop: { name: 'Hedge Lane Workshop', address: '4 Hedge Lane' },
}
const POINTS_PER_MM = 72 / 25.4

let folder = ''
beforeAll(() => (folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-paper-'))))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const bytesOf = async (query: Query, of: Job = job, beside = BESIDE): Promise<Buffer> => {
  const { status, body } = await paperReply(of, query, beside)
  expect(status, typeof body === 'string' ? body : '').toBe(200)
  return Buffer.from(body)
}

let files = 0
const pdfFile = async (query: Query, of: Job = job, beside = BESIDE): Promise<string> => {
  const file = path.join(folder, `${(files += 1)}.pdf`)
  writeFileSync(file, await bytesOf({ format: 'pdf', ...query }, of, beside))
  return file
}
/** Poppler, another program’s reader of PDF. */
const poppler = (program: string, ...args: string[]): string => execFileSync(program, args, { encoding: 'utf8' })
const textOf = (file: string): string => poppler('pdftotext', '-layout', file, '-').replaceAll('\u00a0', ' ')
const fontsOf = (file: string): readonly (readonly string[])[] =>
  poppler('pdffonts', file)
    .trim()
    .split('\n')
    .slice(2)
    .map((line) => line.trim().split(/\s{2,}|\s(?=yes|no)/))

/** Lengths of the straight strokes on a page, in mm, as Poppler draws it. */
function strokesOf(file: string, page: number): readonly number[] {
  const out = path.join(folder, 'page.svg')
  poppler('pdftocairo', '-svg', '-f', String(page), '-l', String(page), file, out)
  const svg = readFileSync(out, 'utf8')
  return [...svg.matchAll(/<path[^>]* d="([^"]*)"[^>]*?(?: transform="matrix\(([^)]*)\)")?\/>/g)].flatMap(
    ([, d = '', matrix]) => {
      const scale = matrix === undefined ? 1 : Math.abs(Number(matrix.split(/[ ,]+/)[0]))
      const points = [...d.matchAll(/([ML]) ([-\d.]+) ([-\d.]+)/g)].map(([, letter, x, y]) => ({
        letter,
        x: Number(x),
        y: Number(y),
      }))
      return points.slice(1).flatMap((to, index) => {
        const from = points[index]!
        return to.letter === 'L' ? [(Math.hypot(to.x - from.x, to.y - from.y) * scale) / POINTS_PER_MM] : []
      })
    },
  )
}

/** The demo’s plan with a tape of exactly a metre kept in it. */
const taped: Job = apply(job, {
  type: 'drawn.put',
  variant: 'variant-a',
  id: 'drawn-a',
  drawn: { kind: 'tape', view: 'plan', from: [1000, 12.5], to: [2000, 12.5] },
}).job

describe('a PDF', () => {
  it('tells of each sheet that is written, to whoever asks by its key', async () => {
    expect(progressOf('pdf-under-test')).toBeUndefined()
    await pdfFile({ what: 'set', key: 'pdf-under-test' })
    await expect.poll(() => progressOf('pdf-under-test')).toEqual({ key: 'pdf-under-test', done: 4, of: 4 })
    expect(progressOf('pdf-of-another')).toBeUndefined()
  })

  it('has its sheets at the size of the paper, its own fonts embedded, and text that is found', async () => {
    const file = await pdfFile({ what: 'set' })
    const info = poppler('pdfinfo', file)
    expect(info).toMatch(/Pages:\s+4/)
    expect(info).toContain('(A3)')
    expect(info).toContain('Bat survey van: Plan set')
    const fonts = fontsOf(file)
    expect(fonts.map(([name]) => name!.split('+')[1]).sort()).toEqual([
      'InstrumentSans-Regular',
      'InstrumentSans-SemiBold',
    ])
    for (const font of fonts) expect(font).toContain('yes')
    const text = textOf(file)
    for (const words of [
      'Sheet 1 of 4',
      'Sheet 4 of 4',
      'Hedge Lane Workshop',
      'Revision 7',
      '30 Nov 2026',
      'Galley',
      '1 570 to 3 070',
      'The surveyor',
    ])
      expect(text).toContain(words === 'The surveyor' ? 'surveyor' : words)
    // each name once: nothing is written twice over itself
    expect(text.match(/Sheet 1 of 4/g)).toHaveLength(1)
  })

  it.each([
    ['A4', '1', '(A4)'],
    ['A4', '0', '(A4)'],
    ['letter', '0', '(letter)'],
    ['tabloid', '1', '1224 x 792'],
  ])('of %s, across %s, is that paper', async (paper, across, size) => {
    expect(poppler('pdfinfo', await pdfFile({ what: 'client', paper, across }))).toContain(size)
  })

  it.each([20, 25, 33, 50, 12, 16, 24, 48])('shows a metre at 1 : %i as long as that is', async (scale) => {
    const metresOf = async (of: Job): Promise<readonly [string, number]> => {
      const made = await pdfFile({ what: 'sheet', mode: 'mode-day', scale: String(scale), paper: 'A3' }, of)
      const pages = Number(/Pages:\s+(\d+)/.exec(poppler('pdfinfo', made))![1])
      const all = Array.from({ length: pages }, (_, at) => strokesOf(made, at + 1)).flat()
      // Poppler moves thin strokes by parts of a pixel: a thousandth of the length is as near as it tells
      return [made, all.filter((mm) => Math.abs((mm * scale) / 1000 - 1) < 0.001).length]
    }
    const [file, metres] = await metresOf(taped)
    const [, before] = await metresOf(job)
    expect(metres - before).toBe(1)
    expect(textOf(file)).toContain('1 000')
    expect(textOf(file)).toContain(`1 : ${scale}`)
  })

  it('of names from right to left has letters for them, by fonts that it embeds', async () => {
    const file = await pdfFile({ what: 'client' }, { ...job, name: 'שלום Bus مرحبا' })
    expect(fontsOf(file).map(([name]) => name!.split('+')[1])).toEqual(
      expect.arrayContaining(['NotoSansHebrew-Regular', 'NotoSansArabic-Regular']),
    )
    expect(textOf(file)).toMatch(/Bus/)
    const { headers } = await paperReply({ ...job, name: '旅' }, { format: 'pdf', what: 'client' }, BESIDE)
    expect(decodeURIComponent(headers['x-left-out']!)).toContain('no letter for 旅')
  })

  it('has the photos that are asked for, and the mark of the shop', async () => {
    const photo = '0123456789abcdef0123456789abcdef'
    const noted = apply(job, {
      type: 'drawn.put',
      variant: 'variant-a',
      id: 'drawn-n',
      drawn: { kind: 'note', view: 'plan', at: [2000, 0], text: 'the seam leaks here', photos: [photo] },
    }).job
    const data = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#a0522d' } })
      .jpeg()
      .toBuffer()
    const marked = await encodeMark(
      await sharp({ create: { width: 900, height: 300, channels: 4, background: '#27509b80' } })
        .png()
        .toBuffer(),
    )
    if (!marked.ok) throw new Error(marked.message)
    const mark = { data: marked.photo.data, widthPx: marked.photo.widthPx, heightPx: marked.photo.heightPx }
    const beside = { ...BESIDE, shop: { ...BESIDE.shop!, mark }, photos: { [photo]: new Uint8Array(data) } }
    const file = await pdfFile({ what: 'set', notes: '1', photos: '1' }, noted, beside)
    expect(textOf(file)).toContain('the seam leaks here')
    const images = poppler('pdfimages', '-list', file).trim().split('\n').slice(2)
    expect(images.some((line) => /\s80\s+60\s/.test(line))).toBe(true)
    expect(images.some((line) => /\s700\s+233\s/.test(line))).toBe(true)
    const { headers } = await paperReply(noted, { format: 'pdf', what: 'set', photos: '1' }, BESIDE)
    expect(decodeURIComponent(headers['x-left-out']!)).toContain('1 photo is not here')
    const without = await pdfFile({ what: 'set' }, noted, BESIDE)
    expect(textOf(without)).not.toContain('the seam leaks here')
    expect(poppler('pdfimages', '-list', without).trim().split('\n')).toHaveLength(2)
  })

  it('of the longest bus at 1 : 20 goes over sheets of A4, and stays small', async () => {
    const file = await pdfFile({ what: 'set', scale: '20', paper: 'A4' }, { ...job, shell: shellNamed('bus-12m')! })
    expect(textOf(file)).toMatch(/goes on on sheet \d+/)
    expect(readFileSync(file).length).toBeLessThan(2e6)
  })
})

describe('a DXF', () => {
  interface Entity {
    readonly type: string
    readonly layer: string
    readonly text?: string
    readonly vertices?: readonly { readonly x: number; readonly y: number }[]
  }

  it('holds every view at full size on layers by what is drawn, in millimetres whatever the job’s unit', async () => {
    for (const units of ['mm', 'in'] as const) {
      const read = new DxfParser().parseSync(
        (await bytesOf({ format: 'dxf', what: 'set' }, { ...job, units })).toString('utf8'),
      )!
      expect(read.header.$INSUNITS).toBe(4)
      const entities = read.entities as unknown as readonly Entity[]
      const layers = new Set(entities.map(({ layer }) => layer))
      for (const layer of [
        'body',
        'fittings',
        'details',
        'hidden',
        'dimensions',
        'people',
        'words',
        'titles',
        'doors',
        'centreline',
      ])
        expect(layers.has(layer), layer).toBe(true)
      expect([...layers].every((layer) => layer in read.tables.layer.layers)).toBe(true)
      const wide = ({ vertices = [] }: Entity) =>
        Math.max(...vertices.map(({ x }) => x)) - Math.min(...vertices.map(({ x }) => x))
      const on = (layer: string) => entities.filter((one) => one.layer === layer && one.type === 'LWPOLYLINE').map(wide)
      // the galley, and the load space from sill to bulkhead
      expect(on('fittings').some((mm) => Math.abs(mm - 1500) < 1e-6)).toBe(true)
      expect(on('dimensions').some((mm) => Math.abs(mm - 4250) < 1e-6)).toBe(true)
      const titles = entities.filter(({ layer }) => layer === 'titles').map(({ text }) => text)
      expect(titles).toEqual(
        expect.arrayContaining(['Drive: Plan', 'Day: Left wall, from inside', 'Night: Right wall, seen through']),
      )
      expect(titles.filter((text) => text!.includes('Section')).length).toBeGreaterThan(2)
    }
  })
})

describe('what is asked for by an address', () => {
  it.each([
    [{ format: 'png' }, 400, 'format'],
    [{ what: 'all' }, 400, 'what'],
    [{ paper: 'A5' }, 400, 'paper'],
    [{ scale: '7' }, 400, 'scale'],
    [{ page: '0' }, 400, 'page'],
    [{ page: '99' }, 404, 'page'],
    [{ variant: '__proto__' }, 404, 'variant'],
    [{ mode: 'mode-x' }, 404, 'mode'],
  ])('%j that cannot be is refused at its field', async (query, status, field) => {
    const answer = await paperReply(job, query as unknown as Query, BESIDE)
    expect(answer.status).toBe(status)
    expect((JSON.parse(answer.body as string) as { faults: { path: string }[] }).faults[0]!.path).toBe(field)
  })

  it('comes as a sheet of SVG that stands alone, by its number', async () => {
    const second = (await bytesOf({ what: 'set', page: '2' })).toString('utf8')
    expect(second).toContain('Sheet 2 of 4')
    expect(second).toContain("@font-face{font-family:'Instrument Sans'")
    expect(second).toMatch(/width="420mm" height="297mm"/)
  })
})

it('the shop keeps the head of its paper beside its rules', async () => {
  const database = openDatabase(path.join(folder, 'shop.db'), [])
  await migrateDatabase(database.db)
  const shop = new ShopRepository(database)
  expect(await shop.paper()).toEqual({ name: '', address: '' })
  const mark = { data: new Uint8Array([1, 2, 3]), widthPx: 30, heightPx: 10 }
  await shop.keepPaper({ name: 'Hedge Lane', address: 'a\nb', mark }, '2026-11-30T00:00:00.000Z')
  await shop.keepRules({ settings: {}, house: {} }, '2026-11-30T00:00:00.000Z')
  expect(await shop.paper()).toEqual({ name: 'Hedge Lane', address: 'a\nb', mark })
  await database.db.destroy()
  const read = readShopPaper(new TextEncoder().encode('{"name":"x"}'))
  expect(read).toMatchObject({ ok: false, reply: { status: 400 } })
})
