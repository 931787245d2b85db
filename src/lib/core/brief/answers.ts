import { bodyMm, grownMm, medianStatureMm, type BodyMeasure } from '../people'
import type { Age, Brief, Person, Use } from './schema'

/** What is taken where nothing was answered; shown as usual, never as an answer. Common practice, no source. */
export const USUAL = {
  nightsPerYear: 60,
  offHookUpPercent: 50,
  nightsBetweenPower: 3,
  coldestC: 0,
  hottestC: 32,
  latitudeDeg: 48,
  altitudeM: 300,
  drivingHours: 2,
  shared: 'no',
  stealth: false,
  cooking: 'sometimes',
  cookingOn: 'hob',
  bedEdgeSeats: false,
  coldOutside: false,
  washing: 'none',
  toilet: 'portable',
  heating: 'none',
  energy: 'mixed',
  guests: 0,
  permanence: 'built-in',
  reservePercent: 10,
  planYears: 0,
} as const satisfies Partial<Use>

/** An answer, or what is usual where there is none. */
export function answer<K extends keyof typeof USUAL>(brief: Brief, key: K): NonNullable<Use[K]> {
  return (brief.use?.[key] ?? USUAL[key]) as NonNullable<Use[K]>
}

export const isAnswered = (brief: Brief, key: keyof Use): boolean => brief.use?.[key] !== undefined

/** Age in years where only a word was given. */
const YEARS: Record<Age, number> = { infant: 1, child: 7, teenager: 14, adult: 30 }

export const ageOf = ({ age }: Person): Age => age ?? 'adult'
export const yearsOf = (person: Person): number => person.years ?? YEARS[ageOf(person)]

/** Adults beyond these, and others this share off the median of their age, are possible and asked about again. */
const ODD_ADULT_MM = { least: 1350, most: 2050 } as const
const ODD_SHARE = 0.2

/** Whether a stature is rare enough for its age to be a slip. */
export function isOddStature(person: Person): boolean {
  if (ageOf(person) === 'adult') return person.statureMm < ODD_ADULT_MM.least || person.statureMm > ODD_ADULT_MM.most
  return Math.abs(person.statureMm / medianStatureMm(yearsOf(person), person.growsAs) - 1) > ODD_SHARE
}

/** Stature that is planned for: a child’s in as many years as the brief plans ahead. */
export function plannedStatureMm(brief: Brief, person: Person): number {
  const ahead = answer(brief, 'planYears')
  return ahead === 0 || ageOf(person) === 'adult'
    ? person.statureMm
    : grownMm(person.statureMm, yearsOf(person), ahead, person.growsAs)
}

/** A measure of a person’s body: as taken by tape, else its share of the stature planned for. */
export const measureOf = (brief: Brief, person: Person, measure: BodyMeasure): number =>
  person.measured?.[measure] ?? bodyMm(plannedStatureMm(brief, person), measure)

/** Everyone with the stature that is planned for, by id. */
export const peopleOf = (brief: Brief): readonly (readonly [string, Person])[] =>
  Object.entries(brief.people).map(([id, person]) => {
    const statureMm = plannedStatureMm(brief, person)
    return [id, statureMm === person.statureMm ? person : { ...person, statureMm }]
  })

/** Who sleeps in it, the tallest first; one in a cot is no sleeper of a berth. */
export const sleepersOf = (brief: Brief): readonly Person[] =>
  peopleOf(brief)
    .map(([, person]) => person)
    .filter((person) => person.sleeps && ageOf(person) !== 'infant')
    .sort((a, b) => b.statureMm - a.statureMm)

export const travellersOf = (brief: Brief): number =>
  Object.values(brief.people).filter((person) => person.travels).length

/** The tallest of all people, or undefined when the brief has none. */
export const tallestOf = (brief: Brief): Person | undefined =>
  peopleOf(brief).reduce<Person | undefined>(
    (tallest, [, person]) => (person.statureMm > (tallest?.statureMm ?? 0) ? person : tallest),
    undefined,
  )

/** Who goes with a wheelchair or else with a walker, if anyone does, and with which. */
export function aidedOf(brief: Brief): { readonly person: Person; readonly aid: 'wheelchair' | 'walker' } | undefined {
  for (const aid of ['wheelchair', 'walker'] as const) {
    const found = peopleOf(brief).find(([, { mobility }]) => mobility === aid)
    if (found !== undefined) return { person: found[1], aid }
  }
  return undefined
}

/** Sleepers by bed: those who share one stand together. Ids in the brief’s order. */
export function bedsOf(brief: Brief): readonly (readonly (readonly [string, Person])[])[] {
  const sleepers = peopleOf(brief).filter(([, person]) => person.sleeps && ageOf(person) !== 'infant')
  const beds: (readonly [string, Person])[][] = []
  for (const entry of sleepers) {
    const [id, person] = entry
    const bed = beds.find((others) =>
      others.some(([otherId, other]) => other.sleepsWith === id || person.sleepsWith === otherId),
    )
    if (bed === undefined) beds.push([entry])
    else bed.push(entry)
  }
  return beds
}

/** Beyond their stature, for shoes. Common practice, no source. */
export const STANDING_SPARE_MM = 20
