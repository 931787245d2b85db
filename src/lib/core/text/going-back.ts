import type { GoingBack } from '../job'
import { formatNumber } from '../units'
import { FIXING_WORDS } from './fitting-words'
import type { Names } from './names'
import { CHANGE_WORDS, count } from './words'

const FACE_WORDS = { floor: 'Floor lining', wall: 'Wall lining', roof: 'Ceiling', door: 'Door lining' } as const

/** One thing that is undone, in words: what it is, and what of it stays. */
export function sayGoingBack(one: GoingBack, names: Names): { readonly what: string; readonly how: string } {
  switch (one.what) {
    case 'fitting': {
      const { fixing, holes } = one
      const held =
        fixing === undefined
          ? 'how it is fixed is not said'
          : fixing.how === 'standing'
            ? FIXING_WORDS.standing
            : `${formatNumber(fixing.points)} × ${FIXING_WORDS[fixing.how]}`
      const left =
        holes === 0
          ? ''
          : `; ${count(holes, { one: 'hole stays', many: 'holes stay' })} and ${holes === 1 ? 'is' : 'are'} plugged`
      return { what: names.fitting(one.id), how: held + left }
    }
    case 'lining':
      return {
        what: FACE_WORDS[one.face],
        how: `${formatNumber(Math.round(one.m2 * 10) / 10)} m²${one.forGood ? '; what is stuck on does not come off clean' : ''}`,
      }
    case 'change':
      return {
        what: CHANGE_WORDS[one.change],
        how:
          one.minutes === undefined
            ? 'stays: what was cut out is not put back'
            : one.forGood
              ? 'a plate closes it; the cut stays'
              : 'put back as it was',
      }
  }
}
