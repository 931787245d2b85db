import type { Basis } from '../brief'
import type { Finding, FindingCode } from '../review'
import { sayLength, sayNeed, type LengthUnit } from '../units'
import type { FindingWords } from './finding-words'
import { FIT_SENTENCES } from './findings/fit'
import { PEOPLE_SENTENCES } from './findings/people'
import { WAYS_SENTENCES } from './findings/ways'
import { USE_SENTENCES } from './findings/use'
import { TRAVEL_SENTENCES } from './findings/travel'
import { SAFETY_SENTENCES } from './findings/safety'
import { AIR_SENTENCES } from './findings/air'
import { SERVICE_SENTENCES } from './findings/service'
import { OUTSIDE_SENTENCES } from './findings/outside'
import { WEIGHT_SENTENCES } from './findings/weight'
import { FUTURE_SENTENCES } from './findings/future'
import type { Sentences, SentencesFor } from './findings/kit'
import { sayHouse } from './house'
import { withLengths } from './lengths'
import type { Names } from './names'

const SENTENCES: SentencesFor<FindingCode> = {
  ...FIT_SENTENCES,
  ...PEOPLE_SENTENCES,
  ...WAYS_SENTENCES,
  ...USE_SENTENCES,
  ...TRAVEL_SENTENCES,
  ...SAFETY_SENTENCES,
  ...AIR_SENTENCES,
  ...SERVICE_SENTENCES,
  ...OUTSIDE_SENTENCES,
  ...FUTURE_SENTENCES,
  ...WEIGHT_SENTENCES,
  house: (finding, names, _say, unit) => sayHouse(finding, names, unit),
}

/** The words of a finding, in the units of the screen. */
export function sayFinding(finding: Finding, names: Names, unit: LengthUnit): FindingWords {
  const sentences = SENTENCES[finding.code] as Sentences<FindingCode>
  const say = Object.assign((mm: number) => sayLength(mm, unit), { need: (mm: number) => sayNeed(mm, unit) })
  return sentences(finding as never, names, say, unit)
}

/** A source that was quoted from memory says that its figure is still to be checked. */
const checked = (note: string): string =>
  note.replaceAll('both from memory', 'from memory').replaceAll('from memory', 'figure not yet checked against it')

/** Where a figure comes from, in words. */
export function sayBasis(basis: Basis, lengths: LengthUnit): string {
  const note = withLengths(basis.note, lengths)
  switch (basis.kind) {
    case 'practice':
      return `Trade practice, no published source: ${checked(note)}.`
    case 'source':
      return `Source: ${checked(note)}.`
    case 'geometry':
      return `By geometry: ${note}.`
    case 'brief':
      return `From the brief: ${note}.`
  }
}
