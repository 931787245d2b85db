import { type Facts, held } from '../fittings'
import { demandsOf, type Need, peopleOf, sleepersOf, travellersOf } from '../brief'
import type { Missing, RuleInput, Thing } from './define-rule'

type Needs = (input: Pick<RuleInput, 'brief' | 'scene'>) => readonly Missing[]

const unless = (known: boolean, what: 'people' | 'sleepers' | 'travellers'): readonly Missing[] =>
  known ? [] : [{ what }]

export const needsPeople: Needs = ({ brief }) => unless(peopleOf(brief).length > 0, 'people')
export const needsSleepers: Needs = ({ brief }) => unless(sleepersOf(brief).length > 0, 'sleepers')

/** Counting places wants someone to count, or a demand that says how many. */
const asks = (brief: RuleInput['brief'], need: Need): boolean => demandsOf(brief).some((demand) => demand.need === need)
export const needsBerthsCounted: Needs = ({ brief }) =>
  unless(asks(brief, 'berth') || sleepersOf(brief).length > 0, 'sleepers')
export const needsBeltsCounted: Needs = ({ brief }) =>
  unless(asks(brief, 'belt') || travellersOf(brief) > 0, 'travellers')

/** The body’s measures over the ground: surveyed bodies may lack them. */
export const needsOuterSize: Needs = ({ scene }) =>
  scene.interior.shell.outer === undefined ? [{ what: 'outer-size' }] : []

const THING: Readonly<Record<Thing, (facts: Facts) => boolean>> = {
  alarm: ({ guards }) => guards !== undefined && 'senses' in guards,
  extinguisher: ({ guards }) => guards !== undefined && 'against' in guards,
  fuses: ({ electrics }) => electrics === 'fuses',
  'gas-store': (facts) => held(facts, 'gas') > 0,
  light: ({ light }) => light !== undefined,
}

/** What stands in the plan has a partner that is not there yet: fuses to a battery, a bottle to a burner. */
export const needsThing = (
  { placed }: RuleInput['scene'],
  asks: (facts: Facts) => boolean,
  thing: Thing,
): readonly Missing[] =>
  placed.some(({ facts }) => asks(facts)) && !placed.some(({ facts }) => THING[thing](facts))
    ? [{ what: 'thing', thing }]
    : []
