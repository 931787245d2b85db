import type { PassingPart } from '../../review'
import { formatFigure } from '../../units'
import { SERVICE_WORDS } from '../fitting-words'
import { capital, count, list, PURPOSE_WORDS } from '../words'
import { areMany, between, blockerName, the, wayTo, type SentencesFor } from './kit'

type Sides = readonly { readonly part: PassingPart; readonly mm: number }[]
const isBody = (sides: Sides): boolean => new Set(sides.map(({ part }) => part)).size > 1
const passing = (sides: Sides): string => (isBody(sides) ? 'body wants' : `${sides[0]?.part ?? 'shoulders'} want`)
/** “Shoulders 477 mm, 0.259 of 1,840 mm stature”; of two parts each in its half. */
const breadths = (sides: Sides, statureMm: number, say: (mm: number) => string): string => {
  const one = ({ part, mm }: Sides[number]): string =>
    `${part} ${say(mm)} (${formatFigure(mm / statureMm, 3)} of ${say(statureMm)} stature)`
  return isBody(sides) ? `Half of ${sides.map(one).join(' and half of ')}` : capital(one(sides[0]!))
}

/** What rules about ways say. */
export const WAYS_SENTENCES: SentencesFor<
  | 'door-blocked'
  | 'rack-hits'
  | 'way-narrow'
  | 'way-shut'
  | 'turning-small'
  | 'no-passing'
  | 'step-high'
  | 'pet-step-high'
  | 'transfer-small'
> = {
  'door-blocked': ({ fittings, measured, needed, facts }, names, say) => {
    const door = the(names.part(facts.openingId))
    const by = list(fittings.map((id) => the(names.fitting(id))))
    return {
      title: 'The way in is blocked',
      designer: `${capital(by)} leave${areMany(fittings, names) ? '' : 's'} ${say(measured)} of ${door} free; ${say(needed)} must stay free.`,
      client: `You could not get in by ${door}.`,
      why: [
        `${capital(door)} is ${say(facts.wholeMm)} wide; the widest stretch with nothing within 300 mm behind it is ${say(measured)}.`,
      ],
    }
  },
  'rack-hits': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'The door hits what hangs on it',
    designer: `${capital(the(names.fitting(fittings[0]!)))} reaches ${say(measured)} in from ${the(names.part(facts.openingId))}; past the pillar go ${say(needed)}.`,
    client: `${capital(the(names.part(facts.openingId)))} would not open with ${the(names.fitting(fittings[0]!))} on it.`,
    why: [
      `A sliding door comes out by little more than it is thick: ${say(needed)} from its inner face. Measure the door.`,
    ],
  }),
  'way-narrow': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Narrow way',
    designer: `The way to ${wayTo(fittings, names)} narrows to ${say(measured)}${between(facts.between, names)}; ${facts.aid !== undefined ? `the ${facts.person}, with the ${facts.aid}, needs ${say(needed)}` : `the ${facts.person || 'tallest'}’s ${passing(facts.sides)} ${say(needed)}`}.`,
    client:
      facts.aid !== undefined
        ? `${capital(wayTo(fittings, names))} could not be reached with the ${facts.aid}.`
        : `You would go sideways to reach ${wayTo(fittings, names)}.`,
    why: [
      `${facts.aid === 'wheelchair' ? `A route of ${say(needed)}, as published` : facts.aid === 'walker' ? `A walker’s frame with a hand on either side: ${say(needed)}` : `${breadths(facts.sides, facts.statureMm, say)}: ${say(needed)}`}; the widest way from the entrance is ${say(measured)} at its narrowest.`,
      `To the ${list(facts.services.map((type) => SERVICE_WORDS[type]))}, free from ${say(facts.fromMm)} above the floor to shoulder height; beside what ends below the hip only hips pass, below the knee only legs.`,
    ],
  }),
  'way-shut': ({ fittings, measured, needed, purpose, facts }, names, say) => ({
    title: 'No way through',
    designer:
      measured === 0
        ? `There is no way from the entrance to ${wayTo(fittings, names)} ${PURPOSE_WORDS[purpose]}.`
        : `The way to ${wayTo(fittings, names)} narrows to ${say(measured)}${between(facts.between, names)}; below ${say(needed)} no one sidles past.`,
    client: `You could not get to ${wayTo(fittings, names)} ${PURPOSE_WORDS[purpose]}.`,
    why: [
      `Widest way from any entrance, free from ${say(facts.fromMm)} above the floor to shoulder height: ${say(measured)}; at least ${say(facts.leastMm)} needed.`,
    ],
  }),
  'turning-small': ({ measured, needed }, _names, say) => ({
    title: 'No room to turn',
    designer: `The largest free circle on the floor is ${say(measured)} across; the wheelchair turns in ${say(needed)}.`,
    client: `The wheelchair could not be turned round: ${say(needed - measured)} are missing.`,
    why: [
      `Twice the largest distance from anything that stands on the floor, sought to the millimetre: ${say(measured)}.`,
    ],
  }),
  'no-passing': ({ measured, needed, facts }, _names, say) => ({
    title: 'No place to pass',
    designer: `The largest free circle of floor is ${say(measured)}; ${say(needed)} let one stand aside for the other.`,
    client: `The ${facts.people} of you could not pass one another.`,
    why: [
      `Shoulders of the broadest and a body’s depth: ${say(needed)}; the largest free circle inside: ${say(measured)}.`,
    ],
  }),
  'step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'A high step in',
    designer: `The highest of ${count(facts.steps, { one: 'step', many: 'steps' })} at the entrance is ${say(measured)}; the ${facts.person} takes ${say(needed)}.`,
    client: `The ${facts.person} could not get in without a stool or a hand.`,
    why: [
      `From the ground to the lined floor by way of the steps that are out, the highest: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'pet-step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'Too high for the pet',
    designer: `The highest step at the entrance is ${say(measured)}; the ${facts.pet} takes ${say(needed)}.`,
    client: `The ${facts.pet} must be lifted in.`,
    why: [`The brief says of the ${facts.pet}: ${say(needed)} at most; the highest step: ${say(measured)}.`],
  }),
  'transfer-small': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'No room to move over',
    designer: `Beside ${the(names.fitting(fittings[0]!))} there are ${say(measured)} of ${say(needed)} for the ${facts.person}’s chair${facts.blockers.length === 0 ? '' : `, stopped by ${list(facts.blockers.map((blocker) => blockerName(blocker, names)))}`}.`,
    client: `The ${facts.person} could not move over to ${the(names.fitting(fittings[0]!))}.`,
    why: [`A chair’s clear floor is ${say(needed)} wide; free where one gets at it: ${say(measured)}.`],
  }),
}
