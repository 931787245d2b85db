import type { WaiverEnd } from '../review'

const WORDS: Readonly<Record<WaiverEnd, string>> = {
  'rule-gone': 'It has ended: its rule is no longer in the book.',
  'rule-off': 'It rests: its rule is switched off for this job.',
  untold: 'It rests: its rule cannot tell anything before more is known.',
  'found-no-more': 'It has ended: that fault is no longer found.',
}

/** Why what was let be has no finding any more. */
export const sayEnded = (why: WaiverEnd): string => WORDS[why]
