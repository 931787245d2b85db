import { ageOf, measureOf, peopleOf, type Brief, type Person } from '../brief'
import type { Placed, Scene } from '../scene'
import { liningTop } from '../shell'
import type { FactsByCode } from './finding'
import { topOf } from './middle'

/** How far below the elbow a surface is worked at, either way, and how far off it may be for one who shares it. In mm. */
export interface BelowElbow {
  readonly leastBelowMm: number
  readonly mostBelowMm: number
  readonly slackMm: number
  readonly turnsMm: number
}

/** Grown people who stand at what they do, by id. */
export const standingAdults = (brief: Brief): readonly (readonly [string, Person])[] =>
  peopleOf(brief).filter(([, person]) => ageOf(person) === 'adult' && person.mobility !== 'wheelchair')

/**
 * What is to be said of a surface that a fitting offers `upMm` over its base to some people; undefined where its height is well: it
 * must suit one of them, and be bearable for the others. Told of is whom it suits least where it suits another, else who is least off.
 */
export function offElbow(
  scene: Scene,
  placed: Placed,
  upMm: number,
  { brief, people, below }: { readonly brief: Brief; readonly people: readonly Person[]; readonly below: BelowElbow },
) {
  const { leastBelowMm, mostBelowMm, slackMm, turnsMm } = below
  const heightMm = placed.placement.at[2] + upMm - liningTop(scene.interior, placed.placement.at[0])
  const all = people.map((person) => {
    const elbow = measureOf(brief, person, 'elbow')
    const [lowMm, highMm] = [Math.ceil(elbow - mostBelowMm - slackMm), Math.floor(elbow - leastBelowMm + slackMm)]
    return { person, lowMm, highMm, off: Math.max(0, lowMm - heightMm, heightMm - highMm) }
  })
  all.sort((a, b) => a.off - b.off)
  const [least, most] = [all[0], all.at(-1)]
  if (least === undefined || most === undefined) return undefined
  const told = least.off > 0 ? least : most
  if (told.off === 0 || (least.off === 0 && told.off <= turnsMm)) return undefined
  const facts: FactsByCode['worktop-off'] = {
    leastBelowMm,
    mostBelowMm,
    slackMm,
    person: told.person.label,
    statureMm: told.person.statureMm,
    lowMm: told.lowMm,
    highMm: told.highMm,
    ...(least.off === 0 ? { suits: least.person.label } : {}),
  }
  return {
    fittings: [placed.id],
    place: topOf(placed),
    measured: Math.round(heightMm),
    needed: heightMm < told.lowMm ? told.lowMm : told.highMm,
    unit: 'mm' as const,
    facts,
  }
}
