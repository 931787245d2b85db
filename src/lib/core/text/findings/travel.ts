import { formatNumber, sayMass } from '../../units'
import { capital, count, countWords, numberWord, orNone } from '../grammar'
import { itOf, type SentencesFor } from './kit'

const WAY_WORDS = { forward: 'towards the front', back: 'towards the rear', aside: 'to the side' } as const
const WHEN_WORDS = { forward: 'when you brake', back: 'when you pull away', aside: 'in a bend' } as const

/** What rules about travel say. */
export const TRAVEL_SENTENCES: SentencesFor<
  'belts-few' | 'drawer-flies' | 'belt-sideways' | 'not-held' | 'view-blocked' | 'belt-unfounded'
> = {
  'belts-few': ({ measured, needed, facts }) => ({
    title: 'Too few belted seats',
    designer: `Belted seats: ${orNone(measured)}. People who travel: ${needed}.`,
    client: `${capital(countWords(needed - measured, { one: 'of you would have', many: 'of you would have' }))} no belted seat.`,
    why: [
      `${facts.cab} in the cab + ${facts.fitted} fitted = ${measured}; ${needed} needed. Belts and anchorages are work for a licensed fitter and subject to approval.`,
    ],
  }),
  'drawer-flies': (finding, names) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Drawers may fly open',
      designer: `${capital(itOf(finding, names))}: each drawer carries ${sayMass(measured)}, opens ${WAY_WORDS[facts.way]} and has no locking latch; over ${sayMass(needed)} it needs one.`,
      client: `A heavy drawer could fly open ${WHEN_WORDS[facts.way]}.`,
      why: [
        `${sayMass(measured)} in each drawer against ${sayMass(needed)} that a soft-close or a lip holds that way: braking is about 0.8 g, a bend 0.4 and pulling away 0.3.`,
      ],
    }
  },
  'belt-sideways': (finding, names) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Belted seat faces sideways',
      designer: `${capital(numberWord(facts.places))} ${facts.places === 1 ? 'seat' : 'seats'} of ${itOf(finding, names)} ${facts.places === 1 ? 'faces' : 'face'} ${formatNumber(measured)}° off the direction of travel; ${formatNumber(needed)}° is the limit.`,
      client: 'Nobody may travel on a sideways seat.',
      why: [
        `Angle between the seat and the direction of travel, ${count(facts.places, { one: 'place', many: 'places' })}: ${formatNumber(measured)}°; at most ${formatNumber(needed)}°.`,
        'Belts and their anchorages need approval: work for a licensed fitter, under local codes.',
      ],
    }
  },
  'not-held': (finding, names) => {
    const { measured, needed } = finding
    const it = itOf(finding, names)
    return {
      title: 'Not held on the road',
      designer: `${capital(it)}: ${sayMass(measured)} empty and not fixed. Over ${sayMass(needed)} it must be fixed or strapped for the road.`,
      client: `${capital(it)} would fly forward when you brake.`,
      why: [`Its boards and parts: ${sayMass(measured)}; free to stand unfixed: up to ${sayMass(needed)}.`],
    }
  },
  'view-blocked': (finding, names, say) => ({
    title: 'In the driver’s view',
    designer: `On the road ${itOf(finding, names)} reaches ${say(finding.measured)} into the driver’s view or the airbag’s space.`,
    client: `${capital(itOf(finding, names))} would be in the driver’s way.`,
    why: [
      `Least side of what it shares with the space over and ahead of a cab seat: ${say(finding.measured)}; 0 is allowed.`,
    ],
  }),
  'belt-unfounded': (finding, names, say) => ({
    title: 'Belted seat off its rail',
    designer: `${capital(itOf(finding, names))} stands ${say(finding.measured)} from the nearest seat rail or mounting point in the floor; ${say(finding.needed)} is the limit.`,
    client: 'The belts might not hold: a licensed fitter has to look at the floor.',
    why: [
      `In plan, from its foot to the nearest rail or point: ${say(finding.measured)}; at most ${say(finding.needed)}.`,
    ],
  }),
}
