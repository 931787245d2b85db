import { bodyMassKg } from '../people'
import { ageOf, plannedStatureMm } from './answers'
import type { Brief, Gear, Person, Pet } from './schema'

/** A mass in kg that is not known for certain: as it is taken, and between what it may be. */
export interface MassRange {
  readonly kg: number
  readonly lowKg: number
  readonly highKg: number
  /** Somebody said it, rather than that it was taken for usual. */
  readonly isSaid: boolean
}

const saidMass = (kg: number): MassRange => ({ kg, lowKg: kg, highKg: kg, isSaid: true })

/** So far a body may be off what its stature and build come to. Common practice, no source. */
const BODY_SHARE = 0.15

/** What a person weighs: as entered, else by stature, age and build. */
export function personMass(brief: Brief, person: Person): MassRange {
  if (person.massKg !== undefined) return saidMass(person.massKg)
  const age = ageOf(person)
  const kg = bodyMassKg(plannedStatureMm(brief, person), age === 'adult', person.build)
  return { kg, lowKg: kg * (1 - BODY_SHARE), highKg: kg * (1 + BODY_SHARE), isSaid: false }
}

/** A dog is about so heavy for a block of its length and the square of its shoulder’s height. Common practice, no source. */
const PET_KG_PER_M3 = 90
const PET_SHARE = 0.3

/** What a pet weighs: as entered, else by its size. */
export function petMass({ massKg, lengthMm, heightMm }: Pet): MassRange {
  if (massKg !== undefined) return saidMass(massKg)
  const kg = PET_KG_PER_M3 * lengthMm * heightMm * heightMm * 1e-9
  return { kg, lowKg: kg * (1 - PET_SHARE), highKg: kg * (1 + PET_SHARE), isSaid: false }
}

/** Of gear whose mass is not said, kg per litre of the block round it: from a bicycle to a full suitcase. Common practice, no source. */
const GEAR_KG_PER_L = { low: 0.015, usual: 0.05, high: 0.2 } as const
/** Two people lift no more into a vehicle. Common practice, no source. */
const MOST_LIFTED_KG = 60

/** What one piece of a kind of gear weighs: as entered, else between what its block may hold. */
export function gearMass({ massKg, sizeMm }: Gear): MassRange {
  if (massKg !== undefined) return saidMass(massKg)
  const litres = sizeMm.reduce((product, side) => product * side, 1e-6)
  const of = (density: number) => Math.min(MOST_LIFTED_KG, litres * density)
  return { kg: of(GEAR_KG_PER_L.usual), lowKg: of(GEAR_KG_PER_L.low), highKg: of(GEAR_KG_PER_L.high), isSaid: false }
}
