import type { Made, Seat } from '../fittings'
import { GRAVITIES, type Finding, type Gravity } from '../review'
import { sayLength, sayMass, type LengthUnit } from '../units'
import { sayFinding } from './findings'
import { KIND_WORDS } from './fitting-words'
import type { Names } from './names'

/** What of a way to meet a demand is said. */
export interface WayToMeet {
  readonly made: Made
  readonly seat: Seat | undefined
  readonly isMet: boolean
  readonly massKg: number
  readonly wallMm: number
  readonly effect: { readonly causes: readonly Finding[]; readonly worse: readonly Finding[] }
}

export interface SaidWay {
  readonly name: string
  /** Where it fits, or that it fits nowhere. */
  readonly fits: string
  readonly costs: string
  /** The gravest that speaks against it, and how many more. */
  readonly against: { readonly gravity: Gravity; readonly words: string } | undefined
}

const WALL_WORDS = { 'left-wall': 'left wall', 'right-wall': 'right wall', centreline: 'in the middle' } as const

function sayWhere(seat: Seat, unit: LengthUnit): string {
  const { along, across, up } = seat
  if (up.from === 'on-roof') return 'on the roof'
  if (up.from === 'under-floor') return 'under the floor'
  const where = WALL_WORDS[across.from]
  return along.from === 'rear' ? `${where}, ${sayLength(along.mm, unit)} from the sill` : where
}

/** A way to meet a demand in a few words. */
export function sayWayToMeet(way: WayToMeet, names: Names, unit: LengthUnit): SaidWay {
  const { made, seat, effect } = way
  const against = [...effect.causes, ...effect.worse].sort(
    (a, b) => GRAVITIES.indexOf(a.gravity) - GRAVITIES.indexOf(b.gravity),
  )
  const [worst] = against
  const more = new Set(against.map(({ key }) => key)).size - 1
  return {
    name: KIND_WORDS[made.kind] ?? made.kind,
    fits: seat === undefined ? 'no free place of its size' : sayWhere(seat, unit),
    costs: [
      ...(way.wallMm > 0 && seat !== undefined ? [`${sayLength(way.wallMm, unit)} of wall`] : []),
      sayMass(way.massKg),
      ...(seat !== undefined && !way.isMet ? ['not enough alone'] : []),
    ].join(' · '),
    against:
      worst === undefined
        ? undefined
        : {
            gravity: worst.gravity,
            words: `${sayFinding(worst, names, unit).title}${more === 0 ? '' : `, ${more} more`}`,
          },
  }
}
