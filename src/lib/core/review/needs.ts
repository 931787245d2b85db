import { demandsOf, peopleOf, sleepersOf, travellersOf, type Need } from '../brief'
import type { Missing, RuleInput } from './define-rule'

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

/** What stands in the plan has a partner that is not there yet: fuses to a battery, a bottle to a burner. */
export const needsPartner = (
  scene: RuleInput['scene'],
  present: (kind: string) => boolean,
  partner: readonly string[],
): readonly Missing[] =>
  scene.placed.some(({ kind }) => present(kind.id)) && !scene.placed.some(({ kind }) => partner.includes(kind.id))
    ? [{ what: 'fitting', kind: partner[0]! }]
    : []
