import { notesOf, drawnOf } from './on-drawing'
import { fitted, LETTERS, type Mark } from './page'
import type { Sheets } from './sheet'
import type { Subject } from './subject'

/** Photos of the plan, each with what it belongs to. */
export function photosOf({
  plan,
}: Pick<Subject, 'plan'>): readonly { readonly photo: string; readonly words: string }[] {
  const notes = notesOf(plan).flatMap(({ photos = [], text }, index) =>
    photos.map((photo) => ({ photo, words: `n${index + 1}  ${text}` })),
  )
  const sheets = drawnOf(plan).flatMap(([, one]) =>
    one.kind === 'sheet' ? [{ photo: one.photo, words: 'Laid under the drawing' }] : [],
  )
  return [...notes, ...sheets]
}

const GAP_MM = 8
const WORDS_MM = 7

/** The photos that are pinned to a plan, four to a sheet. */
export function photoPages(subject: Subject, sheets: Sheets): void {
  const photos = subject.withPhotos === true ? photosOf(subject) : []
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
