import { crc32 } from 'node:zlib'
import sharp from 'sharp'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { directEngine } from '../../../../tests/support/direct-engine'
import { openDatabase } from '../database'
import { toStored } from '../engine/jobs'
import { JobRepository } from '../job-repository'
import { migrateDatabase } from '../migrations'
import { encodePhoto, type Photo } from './encode'
import { MOST_PHOTOS, PhotoRepository } from './photo-repository'

const AT = '2026-11-28T12:00:00.000Z'
const LATER = '2026-12-05T12:00:00.000Z'

/** A picture of one colour, as some camera might send it. */
const picture = (widthPx = 64, heightPx = 48, colour = '#a0522d') =>
  sharp({ create: { width: widthPx, height: heightPx, channels: 3, background: colour } })

/** The markers of a JPEG’s segments before its picture begins, after ITU-T T.81, B.1.1.3: 0xE1 is where EXIF and XMP lie. */
function segmentsOf(jpeg: Uint8Array): readonly number[] {
  const markers: number[] = []
  for (let at = 2; at + 4 < jpeg.length && jpeg[at] === 0xff && jpeg[at + 1] !== 0xda;) {
    markers.push(jpeg[at + 1]!)
    at += 2 + jpeg[at + 2]! * 256 + jpeg[at + 3]!
  }
  return markers
}

const kept = async (bytes: Uint8Array): Promise<Photo> => {
  const encoded = await encodePhoto(bytes)
  if (!encoded.ok) throw new Error(encoded.message)
  return encoded.photo
}

describe('a photo that is taken in', () => {
  it('loses where, when and with what it was taken', async () => {
    const taken = await picture()
      .jpeg()
      .withExif({
        IFD0: { Model: 'a telephone', DateTime: '2026:11:20 10:00:00' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 3230/100' },
      })
      .withXmp('<x:xmpmeta xmlns:x="adobe:ns:meta/"><place>the yard</place></x:xmpmeta>')
      .toBuffer()
    expect(segmentsOf(taken)).toContain(0xe1)
    expect(taken.includes('a telephone')).toBe(true)
    const { data } = await kept(taken)
    expect(segmentsOf(data)).not.toContain(0xe1)
    for (const word of ['Exif', 'telephone', 'GPS', 'the yard']) expect(Buffer.from(data).includes(word)).toBe(false)
  })

  it('stands upright, at most 1600 pixels long, and is no larger than it came', async () => {
    const lying = await picture(3200, 2000).jpeg().withMetadata({ orientation: 6 }).toBuffer()
    expect(await kept(lying)).toMatchObject({ widthPx: 1000, heightPx: 1600 })
    expect(await kept(await picture(40, 30).png().toBuffer())).toMatchObject({ widthPx: 40, heightPx: 30 })
  })

  it('has the same name for the same picture, and another for another', async () => {
    const [a, again, b] = [
      await picture().png().toBuffer(),
      await picture().png().toBuffer(),
      await picture(64, 48, '#123456').png().toBuffer(),
    ]
    expect((await kept(a)).id).toBe((await kept(again)).id)
    expect((await kept(a)).id).not.toBe((await kept(b)).id)
    expect((await kept(a)).id).toMatch(/^[0-9a-f]{32}$/)
  })

  it.each([
    ['WebP', () => picture().webp().toBuffer()],
    ['AVIF', () => picture().avif().toBuffer()],
  ])('may be %s too', async (_name, make) => {
    expect(segmentsOf((await kept(await make())).data).length).toBeGreaterThan(0)
  })

  it.each([
    ['nothing', async () => Buffer.alloc(0), /not a photo/],
    ['words', async () => Buffer.from('a photo, honestly'), /not a photo/],
    [
      'a drawing, which could reach for other files',
      async () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      /not a photo/,
    ],
    ['a picture that moves', () => picture().gif().toBuffer(), /not a photo/],
    [
      'a photo that ends in its middle',
      async () => (await picture(900, 900).jpeg().toBuffer()).subarray(0, 400),
      /damaged/,
    ],
    [
      'the first bytes of a photo before something else',
      async () => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(500, 7)]),
      /damaged/,
    ],
    ['a phone’s own format', async () => Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'latin1'), /save as JPEG/],
  ])('is not %s', async (_what, make, said) => {
    expect(await encodePhoto(await make())).toMatchObject({ ok: false, message: expect.stringMatching(said) as string })
  })

  it('is none that claims more pixels than a memory holds', async () => {
    // a small PNG whose header says 20 000 × 20 000 (PNG, 11.2.1: width and height begin the IHDR chunk, its CRC ends it)
    const bomb = await picture().png().toBuffer()
    bomb.writeUInt32BE(20_000, 16)
    bomb.writeUInt32BE(20_000, 20)
    bomb.writeUInt32BE(crc32(bomb.subarray(12, 29)), 29)
    expect(await encodePhoto(bomb)).toMatchObject({
      ok: false,
      message: expect.stringContaining('million pixels') as string,
    })
  })
})

describe('photos that are kept', () => {
  let opened: ReturnType<typeof openDatabase>
  let jobs: JobRepository
  let photos: PhotoRepository
  const job = DEMO_JOBS[0]!
  const one = (index: number): Photo => ({
    id: index.toString(16).padStart(32, '0'),
    data: new Uint8Array([index]),
    widthPx: 1,
    heightPx: 1,
  })

  beforeEach(async () => {
    opened = openDatabase(':memory:')
    await migrateDatabase(opened.db)
    jobs = new JobRepository(opened, directEngine)
    photos = new PhotoRepository(opened)
    await jobs.create(toStored(job), AT)
  })
  afterEach(() => opened.close())

  it('belong to a job, come back as they are, and go with it for good', async () => {
    expect(await photos.keep(job.id, one(1), AT)).toEqual({ ok: true })
    expect(await photos.keep(job.id, one(1), AT)).toEqual({ ok: true })
    expect([...(await photos.get(job.id, one(1).id))!]).toEqual([1])
    expect(await photos.get('job-other', one(1).id)).toBeUndefined()
    expect(await photos.keep('job-other', one(1), AT)).toEqual({ ok: false, why: 'no-job' })
    await jobs.remove(job.id, AT)
    expect(await photos.get(job.id, one(1).id)).toBeDefined()
    await jobs.purge('2028-01-01T00:00:00.000Z')
    expect(await photos.get(job.id, one(1).id)).toBeUndefined()
  })

  it('are so many at most; those that the list has long dropped make room, those that it names never', async () => {
    const named = Array.from({ length: MOST_PHOTOS }, (_, index) => one(index))
    for (const photo of named) await photos.keep(job.id, photo, AT)
    // a day has not passed: they may be on their way into the list
    expect(await photos.keep(job.id, one(900), AT)).toEqual({ ok: false, why: 'full' })
    const found = { kind: 'rust', label: 'sill', sizeMm: [300, 300, 300], before: 'cut', photos: [one(3).id] } as const
    const put = await jobs.commit(
      job.id,
      0,
      'tab-a',
      [
        {
          uid: 'put-found',
          command: {
            type: 'found.put',
            id: 'found-sill',
            found: { ...found, sizeMm: [300, 300, 300], photos: [one(3).id] },
          },
        },
      ],
      AT,
    )
    expect(put.kind).toBe('done')
    expect(await photos.keep(job.id, one(900), LATER)).toEqual({ ok: true })
    expect(await photos.get(job.id, one(3).id)).toBeDefined()
    expect(await photos.get(job.id, one(4).id)).toBeUndefined()
  })

  it('go along with a document that comes in again as another job', async () => {
    await photos.keep(job.id, one(3), AT)
    const named = { ...job, id: 'job-again', found: { 'found-sill': { photos: [one(3).id, one(4).id] } } }
    await jobs.create({ ...toStored(job), id: 'job-again' }, AT)
    expect(await photos.adopt('job-again', JSON.stringify(named), AT)).toBe(1)
    expect(await photos.get('job-again', one(3).id)).toBeDefined()
    expect(await photos.adopt('job-again', JSON.stringify(named), AT)).toBe(0)
    expect(await photos.adopt('job-again', '{}', AT)).toBe(0)
  })
})
