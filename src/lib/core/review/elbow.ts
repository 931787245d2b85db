import type { Brief, Person } from '../brief'
import { measureOf } from '../brief'

/** How far below the elbow a surface is worked at, either way, and how far off it may be for one who shares it. In mm. */
export interface BelowElbow {
  readonly leastBelowMm: number
  readonly mostBelowMm: number
  readonly slackMm: number
  readonly turnsMm: number
}

/** Whom a height does not suit, and between which heights, whole millimetres, they would work well. */
export interface OffElbow {
  readonly person: Person
  readonly lowMm: number
  readonly highMm: number
  /** Whom it suits instead. */
  readonly suits?: string
}

/**
 * Whether a height suits those who work at it: it must suit one of them, and be bearable for the others. Whom it suits least
 * where several share it, else who is least off; undefined where it is well.
 */
export function offElbow(
  brief: Brief,
  people: readonly Person[],
  heightMm: number,
  { leastBelowMm, mostBelowMm, slackMm, turnsMm }: BelowElbow,
): OffElbow | undefined {
  const all = people.map((person) => {
    const elbow = measureOf(brief, person, 'elbow')
    const [lowMm, highMm] = [Math.ceil(elbow - mostBelowMm - slackMm), Math.floor(elbow - leastBelowMm + slackMm)]
    return { person, lowMm, highMm, off: Math.max(0, lowMm - heightMm, heightMm - highMm) }
  })
  all.sort((a, b) => a.off - b.off)
  const [least, most] = [all[0], all.at(-1)]
  if (least === undefined || most === undefined) return undefined
  if (least.off > 0) return least
  return most.off > turnsMm ? { ...most, suits: least.person.label } : undefined
}
