import type { GoingBack } from '../job'
import { sayArea, type LengthUnit } from '../units'
import { FIXING_WORDS } from './fitting-words'
import type { Names } from './names'
import { count } from './grammar'
import { CHANGE_WORDS } from './words'

const FACE_WORDS = { floor: 'Floor lining', wall: 'Wall lining', roof: 'Ceiling', door: 'Door lining' } as const

/** One thing that is undone, in words: what it is, and what of it stays. */
export function sayGoingBack(
  one: GoingBack,
  names: Names,
  unit: LengthUnit,
): { readonly what: string; readonly how: string } {
  switch (one.what) {
    case 'fitting': {
      const { fixing, holes } = one
      const held =
        fixing === undefined
          ? 'fixing not chosen'
          : fixing.how === 'standing'
            ? FIXING_WORDS.standing
            : `${FIXING_WORDS[fixing.how]} at ${count(fixing.points, { one: 'point', many: 'points' })}`
      const left = holes === 0 ? '' : `; ${count(holes, { one: 'hole stays, plugged', many: 'holes stay, plugged' })}`
      return { what: names.fitting(one.id), how: held + left }
    }
    case 'lining':
      return {
        what: FACE_WORDS[one.face],
        how: `${sayArea(one.m2, unit)}${one.forGood ? '; what is glued on does not come off clean' : ''}`,
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
