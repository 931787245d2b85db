import { figuresLeftOut, unprintable } from '../draw'
import { count } from '../text'
import { PAPER_WORDS, type PaperKind } from './kinds'
import type { Page, PaperSet } from './page'
import { briefSheets, demandSheets, questionSheets } from './brief-sheets'
import { airSheets, warmthSheets } from './climate-sheets'
import { clientSheets } from './client-sheets'
import { boughtSheets, ruleSheets } from './other-sheets'
import { historySheets } from './history-sheets'
import { planSet, planSheet } from './plan-set'
import { powerSheets } from './power-sheets'
import { reviewSheets } from './review-sheets'
import { subjectOf, type Asked, type Subject } from './subject'
import { gasSheets, waterSheets } from './supply-sheets'
import { surveySheets, vehicleSheets } from './vehicle-sheets'
import { vehiclesSheets } from './vehicles-sheets'
import { weightSheets } from './weight-sheets'
import { wiringSheets } from './wiring-sheets'

const MAKERS: Readonly<Record<PaperKind, (subject: Subject) => readonly Page[]>> = {
  set: planSet,
  sheet: planSheet,
  vehicle: vehicleSheets,
  survey: surveySheets,
  bought: boughtSheets,
  questions: questionSheets,
  brief: briefSheets,
  demands: demandSheets,
  vehicles: vehiclesSheets,
  review: reviewSheets,
  client: clientSheets,
  weight: weightSheets,
  water: waterSheets,
  power: powerSheets,
  gas: gasSheets,
  warmth: warmthSheets,
  air: airSheets,
  wiring: wiringSheets,
  rules: ruleSheets,
  history: historySheets,
}

const MOST_NAMED = 12

/** What of the texts of some pages no font of a sheet can set, in a sentence. */
function notSet(pages: readonly Page[]): readonly string[] {
  const letters = new Set(
    pages.flatMap(({ marks }) => marks.flatMap((mark) => (mark.kind === 'words' ? unprintable(mark.text) : []))),
  )
  if (letters.size === 0) return []
  const named = [...letters].slice(0, MOST_NAMED).join(' ')
  const more = letters.size > MOST_NAMED ? ` and ${letters.size - MOST_NAMED} more` : ''
  return [`The fonts of the sheets have no letter for ${named}${more}: a PDF shows an empty box there.`]
}

const LETTERS_NAMED = 60
const MOST_SHORTENED = 3

/** Which texts of some pages had no room for all of them, in a sentence. */
function notWhole(pages: readonly Page[]): readonly string[] {
  const cut = new Set(
    pages.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'words' && mark.whole !== undefined ? [mark.whole] : [])),
    ),
  )
  if (cut.size === 0) return []
  const named = [...cut]
    .slice(0, MOST_SHORTENED)
    .map((text) => `“${[...text].length > LETTERS_NAMED ? `${[...text].slice(0, LETTERS_NAMED).join('')}…` : text}”`)
  const more = cut.size > MOST_SHORTENED ? [`${cut.size - MOST_SHORTENED} more`] : []
  return [`Shortened, because their line has no room for all of it: ${[...named, ...more].join(', ')}.`]
}

/** How many lengths of the drawings have no room for their figure, in a sentence. */
function notWritten(pages: readonly Page[]): readonly string[] {
  const many = pages
    .flatMap(({ marks }) => marks)
    .reduce((sum, mark) => (mark.kind === 'view' ? sum + figuresLeftOut(mark.placed, mark.scale) : sum), 0)
  if (many === 0) return []
  const said = count(many, { one: 'length has', many: 'lengths have' })
  return [
    `${said} no room for a figure at this scale: a larger scale writes more of them, and a tape-out lists where things stand.`,
  ]
}

/** Sets what is asked for on paper. @throws RangeError for a variant or mode that is none. */
export function compose(kind: PaperKind, asked: Asked): PaperSet {
  const pages = MAKERS[kind](subjectOf(asked))
  return { name: PAPER_WORDS[kind], pages, leftOut: [...notSet(pages), ...notWhole(pages), ...notWritten(pages)] }
}
