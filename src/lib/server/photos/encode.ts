import { createHash } from 'node:crypto'
import sharp, { type Sharp } from 'sharp'

/** The most bytes of a file that is taken for a photo. */
export const MOST_PHOTO_BYTES = 16_000_000
/** The longer side of what is kept. */
const KEPT_PX = 1600
const KEPT_QUALITY = 78
/** More than any phone makes; a file of a few kilobytes can claim a picture that no memory holds. */
const MOST_PIXELS = 120_000_000
const LONGEST_S = 15

export interface Photo {
  /** The start of the SHA-256 of `data`: the same picture has the same name. */
  readonly id: string
  readonly data: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

export type Encoded = { readonly ok: true; readonly photo: Photo } | { readonly ok: false; readonly message: string }

const startsWith = (bytes: Uint8Array, at: number, text: string): boolean =>
  Buffer.from(bytes.subarray(at, at + text.length)).toString('latin1') === text

/** What a file is by its first bytes, whatever it is called: drawings and documents that a reader would take too are none. */
function formatOf(bytes: Uint8Array): 'photo' | 'heic' | undefined {
  if (startsWith(bytes, 0, '\xff\xd8\xff') || startsWith(bytes, 0, '\x89PNG\r\n\x1a\n')) return 'photo'
  if (startsWith(bytes, 0, 'RIFF') && startsWith(bytes, 8, 'WEBP')) return 'photo'
  if (!startsWith(bytes, 4, 'ftyp')) return undefined
  return startsWith(bytes, 8, 'avif') ? 'photo' : 'heic'
}

const refused = (message: string): Extract<Encoded, { ok: false }> => ({ ok: false, message })

/** One at a time: a large picture takes a few hundred megabytes while it is read. */
let last: Promise<unknown> = Promise.resolve()

/**
 * A photo as it is kept: turned upright, at most 1600 pixels long, as JPEG, without anything that the camera wrote beside the
 * picture (place, time, device). What is none is refused in a sentence.
 */
export function encodePhoto(bytes: Uint8Array): Promise<Encoded> {
  const mine = last.then(() => encoded(bytes))
  last = mine.catch(() => undefined)
  return mine
}

type Read = { readonly ok: true; readonly picture: Sharp } | Extract<Encoded, { ok: false }>

/** A picture as it came, upright; what is none is refused in a sentence. */
function read(bytes: Uint8Array): Read {
  const format = formatOf(bytes)
  if (format === 'heic') return refused('This kind of photo cannot be read: set the phone to save as JPEG.')
  if (format === undefined) return refused('This is not a photo that can be read: use JPEG, PNG, WebP or AVIF.')
  // without `withMetadata` nothing of EXIF, IPTC or XMP goes along
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', animated: false }).autoOrient()
  return { ok: true, picture }
}

function damaged(cause: unknown): Extract<Encoded, { ok: false }> {
  const said = cause instanceof Error ? cause.message : ''
  if (said.includes('pixel limit')) return refused(`This photo has more than ${MOST_PIXELS / 1e6} million pixels.`)
  return refused('This photo is damaged: it cannot be read to its end.')
}

async function encoded(bytes: Uint8Array): Promise<Encoded> {
  const came = read(bytes)
  if (!came.ok) return came
  try {
    const { data, info } = await came.picture
      .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .jpeg({ quality: KEPT_QUALITY })
      .timeout({ seconds: LONGEST_S })
      .toBuffer({ resolveWithObject: true })
    const id = createHash('sha256').update(data).digest('hex').slice(0, 32)
    return { ok: true, photo: { id, data, widthPx: info.width, heightPx: info.height } }
  } catch (cause) {
    return damaged(cause)
  }
}

/** The mark of the shop is so large at the most, in each direction. */
const MARK_PX = 700

/** The mark of the shop as it is kept: small, and clear where it was clear. */
export function encodeMark(bytes: Uint8Array): Promise<Encoded> {
  const mine = last.then(() => marked(bytes))
  last = mine.catch(() => undefined)
  return mine
}

async function marked(bytes: Uint8Array): Promise<Encoded> {
  const came = read(bytes)
  if (!came.ok) return came
  try {
    const { data, info } = await came.picture
      .resize({ width: MARK_PX, height: MARK_PX, fit: 'inside', withoutEnlargement: true })
      .toColourspace('srgb')
      .png({ compressionLevel: 9, palette: true })
      .timeout({ seconds: LONGEST_S })
      .toBuffer({ resolveWithObject: true })
    return { ok: true, photo: { id: 'mark', data, widthPx: info.width, heightPx: info.height } }
  } catch (cause) {
    return damaged(cause)
  }
}
