import { createHash } from 'node:crypto'
import sharp from 'sharp'

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

const refused = (message: string): Encoded => ({ ok: false, message })

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

async function encoded(bytes: Uint8Array): Promise<Encoded> {
  const format = formatOf(bytes)
  if (format === 'heic') return refused('This kind of photo cannot be read: set the phone to save as JPEG.')
  if (format === undefined) return refused('This is not a photo that can be read: use JPEG, PNG, WebP or AVIF.')
  try {
    // without `withMetadata` nothing of EXIF, IPTC or XMP goes along
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', animated: false })
      .autoOrient()
      .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .jpeg({ quality: KEPT_QUALITY })
      .timeout({ seconds: LONGEST_S })
      .toBuffer({ resolveWithObject: true })
    const id = createHash('sha256').update(data).digest('hex').slice(0, 32)
    return { ok: true, photo: { id, data, widthPx: info.width, heightPx: info.height } }
  } catch (cause) {
    const said = cause instanceof Error ? cause.message : ''
    if (said.includes('pixel limit')) return refused(`This photo has more than ${MOST_PIXELS / 1e6} million pixels.`)
    return refused('This photo is damaged: it cannot be read to its end.')
  }
}
