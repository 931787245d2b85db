import type { Job, Plan } from '../job'
import { capital, foundName } from '../text'
import type { PaperKind } from './kinds'
import { notesOf, drawnOf } from './on-drawing'
import { fitted, LETTERS, type Mark } from './page'
import type { Sheets } from './sheet'
import type { Subject } from './subject'

interface PhotoOn {
  readonly photo: string
  readonly words: string
}

/** What was found on the vehicle, each photo with its number in the list. */
const ofFound = ({ found = {} }: Pick<Job, 'found'>): readonly PhotoOn[] =>
  Object.values(found).flatMap((one, index) =>
    (one.photos ?? []).map((photo) => ({ photo, words: `${index + 1}  ${capital(foundName(one))}` })),
  )

const ofPlan = (plan: Plan): readonly PhotoOn[] => [
  ...notesOf(plan).flatMap(({ photos = [], text }, index) =>
    photos.map((photo) => ({ photo, words: `n${index + 1}  ${text}` })),
  ),
  ...drawnOf(plan).flatMap(([, one]) =>
    one.kind === 'sheet' ? [{ photo: one.photo, words: 'Laid under the drawing' }] : [],
  ),
]

/** The photos that go with something that is printed, each with what it belongs to. */
export function photosOf(kind: PaperKind, job: Pick<Job, 'found' | 'variants'>, variantId: string): readonly PhotoOn[] {
  if (kind === 'bought') return ofFound(job)
  const plan = kind === 'set' || kind === 'sheet' ? job.variants[variantId]?.plan : undefined
  return plan === undefined ? [] : ofPlan(plan)
}

/** Whether photos can go with it. */
export const takesPhotos = (kind: PaperKind): boolean => kind === 'set' || kind === 'sheet' || kind === 'bought'

const GAP_MM = 8
const WORDS_MM = 7

/** The photos that go with what is printed, four to a sheet. */
export function photoPages(kind: PaperKind, { withPhotos, job, variantId }: Subject, sheets: Sheets): void {
  const photos = withPhotos === true ? photosOf(kind, job, variantId) : []
  for (let from = 0; from < photos.length; from += 4) {
    const { marks, room } = sheets.add('Photos', '')
    const [wideMm, highMm] = [(room.wide - GAP_MM) / 2, (room.high - GAP_MM) / 2]
    photos.slice(from, from + 4).forEach(({ photo, words }, at) => {
      const [left, top] = [room.left + (at % 2) * (wideMm + GAP_MM), room.top + Math.floor(at / 2) * (highMm + GAP_MM)]
      const under: Mark = {
        kind: 'words',
        at: [left, top + highMm - 2],
        ...fitted(words, LETTERS.small, wideMm),
        sizeMm: LETTERS.small,
      }
      marks.push({ kind: 'picture', at: [left, top], wideMm, highMm: highMm - WORDS_MM, picture: photo }, under)
    })
  }
}
