import type { PassingPart } from '../../review'
import { formatFigure } from '../../units'
import { SERVICE_WORDS } from '../fitting-words'
import { capital, list, person } from '../grammar'
import { PURPOSE_WORDS } from '../words'
import { between, inTheWay, itOf, wayTo, theAll, type SentencesFor } from './kit'

type Sides = readonly { readonly part: PassingPart; readonly mm: number }[]
const isBody = (sides: Sides): boolean => new Set(sides.map(({ part }) => part)).size > 1
/** “Shoulders 477 mm, 0.259 of 1,840 mm”; of two parts each in its half. */
const breadths = (sides: Sides, statureMm: number, say: (mm: number) => string): string => {
  const one = ({ part, mm }: Sides[number]): string =>
    `${part} ${say(mm)} (${formatFigure(mm / statureMm, 3)} of a height of ${say(statureMm)})`
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
    const door = names.thePart(facts.openingId)
    const by = theAll(fittings, names)
    return {
      title: 'Way in blocked',
      designer: `${capital(door)} has ${measured === 0 ? 'nothing' : say(measured)} clear${by === '' ? '' : ` beside ${by}`}; ${say.need(needed)} is needed.`,
      client: `You could not get in through ${door}.`,
      why: [
        `${capital(door)} is ${say(facts.wholeMm)} wide; the widest stretch with nothing within ${say(300)} behind it is ${say(measured)}.`,
      ],
    }
  },
  'rack-hits': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const [it, door] = [itOf(finding, names), names.thePart(facts.openingId)]
    return {
      title: 'Door rack hits the pillar',
      designer: `${capital(it)} reaches ${say(measured)} in from ${door}; only ${say(needed)} passes the pillar.`,
      client: `${capital(door)} would not open with ${it} on it.`,
      why: [
        `A sliding door comes out by little more than it is thick: ${say(needed)} from its inner face. Measure the door.`,
      ],
    }
  },
  'way-narrow': ({ fittings, measured, needed, facts }, names, say) => {
    const to = wayTo(fittings, names)
    const who = facts.person === '' ? 'the tallest aboard' : person(facts.person)
    return {
      title: 'Tight passage',
      designer: `The way to ${to} narrows to ${say(measured)}${between(facts.between, names)}; ${facts.aid === undefined ? `${who} needs ${say.need(needed)} to walk through` : `${who}, with the ${facts.aid}, needs ${say.need(needed)}`}.`,
      client:
        facts.aid !== undefined
          ? `You could not reach ${to} with the ${facts.aid}.`
          : `You would have to turn sideways to reach ${to}.`,
      why: [
        `${facts.aid === 'wheelchair' ? `A route of ${say(needed)}, as published` : facts.aid === 'walker' ? `A walker’s frame with a hand on either side: ${say(needed)}` : `${breadths(facts.sides, facts.statureMm, say)}: ${say(needed)}`}; the widest way from the entrance is ${say(measured)} at its narrowest.`,
        `To the ${list(facts.services.map((type) => SERVICE_WORDS[type]))}, clear from ${say(facts.fromMm)} above the floor to shoulder height. Beside furniture below hip height the hips count; below knee height, the legs.`,
      ],
    }
  },
  'way-shut': ({ fittings, measured, needed, purpose, facts }, names, say) => {
    const to = wayTo(fittings, names)
    return {
      title: 'No way through',
      designer:
        measured === 0
          ? `There is no way from the entrance to ${to} ${PURPOSE_WORDS[purpose]}.`
          : `The way to ${to} narrows to ${say(measured)}${between(facts.between, names)}; under ${say(needed)} nobody gets through, even sideways.`,
      client: `You could not get to ${to} ${PURPOSE_WORDS[purpose]}.`,
      why: [
        `Widest way from any entrance, clear from ${say(facts.fromMm)} above the floor to shoulder height: ${say(measured)}; at least ${say(facts.leastMm)} needed.`,
      ],
    }
  },
  'turning-small': ({ measured, needed }, _names, say) => ({
    title: 'No room to turn',
    designer: `The largest clear circle on the floor is ${say(measured)} across; the wheelchair needs ${say.need(needed)} to turn.`,
    client: `The wheelchair could not turn round: ${say(needed - measured)} too little.`,
    why: [
      `Twice the largest distance from anything that stands on the floor, found to the nearest millimetre: ${say(measured)}.`,
    ],
  }),
  'no-passing': ({ measured, needed }, _names, say) => ({
    title: 'No room to pass',
    designer: `The largest clear patch of floor is ${say(measured)} across; two people need ${say.need(needed)} to get past each other.`,
    client: 'You could not get past each other.',
    why: [
      `Shoulders of the broadest and the depth of a second body: ${say(needed)}; the largest clear circle inside: ${say(measured)}.`,
    ],
  }),
  'step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'Step up too high',
    designer: `The ${facts.steps > 1 ? 'highest step' : 'step up'} at the entrance is ${say(measured)}; ${person(facts.person)} can manage ${say(needed)}.`,
    client: `${capital(person(facts.person))} could not get in without a stool or a hand.`,
    why: [
      `From the ground to the lined floor by way of the steps that are out, the highest: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'pet-step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'Step too high for the pet',
    designer: `The highest step at the entrance is ${say(measured)}; ${person(facts.pet)} can manage ${say(needed)}.`,
    client: `You would have to lift ${person(facts.pet)} in.`,
    why: [`The brief says ${say(needed)} at most for ${person(facts.pet)}; the highest step: ${say(measured)}.`],
  }),
  'transfer-small': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    const blocked = inTheWay(facts.blockers, names)
    return {
      title: 'No room to transfer',
      designer: `Beside ${it} ${say(measured)} is clear; the wheelchair needs ${say.need(needed)}.${blocked === '' ? '' : ` ${capital(blocked)}.`}`,
      client: `${capital(person(facts.person))} could not get from the wheelchair to ${it}.`,
      why: [`The clear floor for a wheelchair is ${say.need(needed)} wide; clear there: ${say(measured)}.`],
    }
  },
}
