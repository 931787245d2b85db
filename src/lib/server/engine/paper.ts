import { modesOf, variantsOf, type Job } from '$lib/core/job'
import {
  compose,
  modelViews,
  wiringModel,
  NO_LETTERHEAD,
  pageSvg,
  photosOf,
  PAPER_IDS,
  PAPER_KINDS,
  PRINT_SCALES,
  SHOP_MARK,
  subjectOf,
  usualPaper,
  type Asked,
  type PaperKind,
  type PaperSet,
} from '$lib/core/paper'
import { count } from '$lib/core/text'
import { byThing, toDxf } from './dxf'
import { faceCss, toPdf } from './pdf'
import { teller } from './progress'
import { readJob } from './reading'
import { file, refusal, type Query, type Read, type Reply } from './reply'

/** The head of the shop’s paper, with its mark as a PNG file. */
export interface ShopPaper {
  readonly name: string
  readonly address: string
  readonly mark?: { readonly data: Uint8Array; readonly widthPx: number; readonly heightPx: number } | undefined
}

/** What a request brings along that is not in the document: the shop’s paper, and photos of the job by their name, as JPEG files. */
export interface Beside {
  readonly date: string
  readonly revision?: number | undefined
  readonly shop?: ShopPaper | undefined
  readonly photos?: Readonly<Record<string, Uint8Array>>
  readonly history?: Asked['history']
}

const FORMATS = ['svg', 'pdf', 'dxf'] as const
const MOST_SHOWN = 20

interface AskedPaper {
  readonly kind: PaperKind
  readonly format: (typeof FORMATS)[number]
  readonly page: number
  readonly asked: Asked
}

const none = (field: string, words: string, got: string): Read<never> => ({
  ok: false,
  reply: refusal(400, words, [{ path: field, message: `got “${got.slice(0, MOST_SHOWN)}”` }]),
})
const absent = (field: string, words: string, ids: readonly string[]): Read<never> => ({
  ok: false,
  reply: refusal(404, words, [{ path: field, message: `one of ${ids.join(', ')}` }]),
})

/** What an address asks for, or the answer that says why it cannot be. */
function readAsked(job: Job, query: Query, beside: Beside): Read<AskedPaper> {
  // a drawing is asked for by its view too
  const kind = PAPER_KINDS.find((one) => one === (query.what ?? query.view ?? 'sheet'))
  if (kind === undefined) return none('what', `What is printed can be ${PAPER_KINDS.join(', ')}.`, query.what ?? '')
  const format = FORMATS.find((one) => one === (query.format ?? 'svg'))
  if (format === undefined) return none('format', `The format can be ${FORMATS.join(', ')}.`, query.format ?? '')
  const usual = usualPaper(job.units)
  const paper = query.paper === undefined ? usual.paper : PAPER_IDS.find((one) => one === query.paper)
  if (paper === undefined) return none('paper', `The paper can be ${PAPER_IDS.join(', ')}.`, query.paper ?? '')
  const scale = query.scale === undefined ? undefined : PRINT_SCALES.find((one) => one === Number(query.scale))
  if (query.scale !== undefined && scale === undefined)
    return none('scale', `The scale can be ${PRINT_SCALES.join(', ')}.`, query.scale)
  const page = Number(query.page ?? 1)
  if (!Number.isInteger(page) || page < 1) return none('page', 'The page is a whole number from 1.', query.page ?? '')
  const variantId = query.variant ?? variantsOf(job)[0]?.[0] ?? ''
  const variant = Object.hasOwn(job.variants, variantId) ? job.variants[variantId] : undefined
  if (variant === undefined)
    return absent('variant', 'There is no such variant in this job.', Object.keys(job.variants))
  const modes = modesOf(variant.plan).map(([id]) => id)
  if (query.mode !== undefined && !modes.includes(query.mode))
    return absent('mode', 'There is no such mode in the variant.', modes)
  // one sheet is of one mode
  const mode = query.mode ?? (kind === 'sheet' ? modes[0] : undefined)
  const { shop } = beside
  return {
    ok: true,
    value: {
      kind,
      format,
      page,
      asked: {
        job,
        variantId,
        modeIds: mode === undefined ? undefined : [mode],
        format: { paper, across: query.across === undefined ? usual.across : query.across !== '0' },
        scale,
        letterhead:
          shop === undefined
            ? NO_LETTERHEAD
            : {
                name: shop.name,
                address: shop.address,
                markShape: shop.mark === undefined ? undefined : shop.mark.widthPx / shop.mark.heightPx,
              },
        revision: beside.revision,
        date: beside.date,
        withNotes: query.notes === '1',
        withPhotos: query.photos === '1',
        history: beside.history,
      },
    },
  }
}

const dataOf = (type: string, bytes: Uint8Array): string =>
  `data:${type};base64,${Buffer.from(bytes).toString('base64')}`

/** The pictures of a set by their name: the shop’s mark, and photos of the job. */
function picturesOf({ shop, photos = {} }: Beside): Record<string, string> {
  const pictures = Object.fromEntries(Object.entries(photos).map(([id, bytes]) => [id, dataOf('image/jpeg', bytes)]))
  if (shop?.mark !== undefined) pictures[SHOP_MARK] = dataOf('image/png', shop.mark.data)
  return pictures
}

/** A file name that every system takes. */
const fileName = (job: Job, words: string, ending: string): string => {
  const plain = `${job.name} ${words}`
    .normalize('NFKD')
    .replaceAll(/[^a-z0-9]+/giu, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 80)
  return `${plain === '' ? 'sheets' : plain.toLowerCase()}.${ending}`
}

/** Photos that are asked for and are not here, in a sentence. */
function notHere(kind: PaperKind, { job, variantId, withPhotos }: Asked, { photos = {} }: Beside): readonly string[] {
  if (withPhotos !== true) return []
  const missing = photosOf(kind, job, variantId).filter(({ photo }) => photos[photo] === undefined)
  return missing.length === 0
    ? []
    : [
        `${count(missing.length, { one: 'photo is', many: 'photos are' })} not here: a document names its photos and has them not.`,
      ]
}

/** What the set could not show, for whoever asked by an address: in a header, as headers go. */
const saidLeftOut = ({ leftOut }: PaperSet): Readonly<Record<string, string>> =>
  leftOut.length === 0 ? {} : { 'x-left-out': encodeURIComponent(leftOut.join(' ')) }

/** What is asked for of a job as a file: a PDF of all sheets, one sheet as SVG, or all views at full size as DXF. */
export async function paperReply(job: Job, query: Query, beside: Beside): Promise<Reply> {
  const read = readAsked(job, query, beside)
  if (!read.ok) return read.reply
  const { kind, format, page, asked } = read.value
  const where = (name: string): string => `${query.save === '1' ? 'attachment' : 'inline'}; filename="${name}"`
  if (format === 'dxf') {
    const subject = subjectOf(asked)
    const [views, name] = kind === 'wiring' ? [wiringModel(subject), 'wiring'] : [modelViews(subject), 'plan']
    return file(toDxf(views, byThing), 'image/vnd.dxf', where(fileName(job, name, 'dxf')))
  }
  const composed = compose(kind, asked)
  const set = { ...composed, leftOut: [...composed.leftOut, ...notHere(kind, asked, beside)] }
  const headers = { 'x-sheets': String(set.pages.length), ...saidLeftOut(set) }
  if (format === 'pdf') {
    const { tell, end } = teller(query.key)
    const body = await toPdf(
      set.pages,
      { title: `${job.name}: ${set.name}`, author: asked.letterhead.name },
      picturesOf(beside),
      (sheet) => tell(sheet, set.pages.length),
    ).finally(end)
    const made = file('', 'application/pdf', where(fileName(job, set.name, 'pdf')))
    return { ...made, headers: { ...made.headers, ...headers }, body }
  }
  const one = set.pages[page - 1]
  if (one === undefined)
    return refusal(404, `There is no sheet ${page}: the set has ${set.pages.length}.`, [
      { path: 'page', message: `1 to ${set.pages.length}` },
    ])
  const svg = file(
    pageSvg(one, `s${page}`, picturesOf(beside), faceCss()),
    'image/svg+xml',
    where(fileName(job, `${set.name} ${page}`, 'svg')),
  )
  return { ...svg, headers: { ...svg.headers, ...headers } }
}

/** The same of a document that came with the request. */
export async function drawReply(bytes: Uint8Array, query: Query, beside: Beside): Promise<Reply> {
  const read = readJob(bytes)
  return read.ok ? paperReply(read.value, query, beside) : read.reply
}
