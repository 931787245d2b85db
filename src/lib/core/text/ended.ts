import type { WaiverEnd } from '../review'

const WORDS: Readonly<Record<WaiverEnd, string>> = {
  'rule-gone': 'No longer needed: its rule is not in the book any more.',
  'rule-off': 'On hold: its rule is switched off for this job.',
  untold: 'On hold: its rule needs to know more before it can say anything.',
  'found-no-more': 'No longer needed: the finding is gone.',
}

/** Why what was left as it is has no finding any more. */
export const sayEnded = (why: WaiverEnd): string => WORDS[why]
