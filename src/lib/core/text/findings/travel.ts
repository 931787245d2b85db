import { formatNumber } from '../../units'
import { capital, count } from '../words'
import { the, type SentencesFor } from './kit'

const WAY_WORDS = { forward: 'towards the front', back: 'towards the rear', aside: 'to the side' } as const

/** What rules about travel say. */
export const TRAVEL_SENTENCES: SentencesFor<
  'belts-few' | 'drawer-flies' | 'belt-sideways' | 'not-held' | 'view-blocked' | 'belt-unfounded'
> = {
  'belts-few': ({ measured, needed, facts }) => ({
    title: 'Not enough belts',
    designer: `${needed} travel and there ${measured === 1 ? 'is 1 belted seat' : `are ${measured} belted seats`}.`,
    client: `${needed - measured} of you could not travel in it.`,
    why: [
      `${facts.cab} in the cab + ${facts.fitted} fitted = ${measured}; ${needed} needed. Belts and anchorages are work for a licensed fitter and subject to approval.`,
    ],
  }),
  'drawer-flies': ({ fittings, measured, needed, facts }, names) => ({
    title: 'A drawer may fly out',
    designer: `The drawers of ${the(names.fitting(fittings[0]!))} carry ${formatNumber(measured)} kg each, run out ${WAY_WORDS[facts.way]} and have no latch that locks; above ${formatNumber(needed)} kg they need one.`,
    client: `A heavy drawer could open ${facts.way === 'forward' ? 'when you brake' : facts.way === 'back' ? 'when you pull away' : 'in a bend'}.`,
    why: [
      `${formatNumber(measured)} kg in each drawer against ${formatNumber(needed)} kg that a soft-close or a lip holds that way: one brakes at about 0.8 g, takes a bend at 0.4 and pulls away at 0.3.`,
    ],
  }),
  'belt-sideways': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Belted sideways',
    designer: `${capital(count(facts.places, { one: 'belt', many: 'belts' }))} of ${the(names.fitting(fittings[0]!))} ${facts.places === 1 ? 'looks' : 'look'} ${formatNumber(measured)}° off the way of travel; at most ${formatNumber(needed)}°.`,
    client: 'No one may travel on a seat that looks sideways.',
    why: [
      `Angle between the seat and the vehicle’s length: ${formatNumber(measured)}°; at most ${formatNumber(needed)}°.`,
      'Belts and their anchorages need approval: work for a licensed fitter; local codes rule.',
    ],
  }),
  'not-held': ({ fittings, measured, needed }, names) => ({
    title: 'Not held on the road',
    designer: `${capital(the(names.fitting(fittings[0]!)))}, ${formatNumber(measured)} kg empty, stands by itself on the road; over ${formatNumber(needed)} kg it is strapped.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would fly forward when you brake.`,
    why: [`Its boards and parts: ${formatNumber(measured)} kg; free to stand: up to ${formatNumber(needed)} kg.`],
  }),
  'view-blocked': ({ fittings, measured }, names, say) => ({
    title: 'In front of those in front',
    designer: `On the road ${the(names.fitting(fittings[0]!))} reaches ${say(measured)} into where one looks out and airbags unfold.`,
    client: 'Something is in the driver’s way.',
    why: [
      `Least side of the room that it shares with the space over and ahead of a cab seat: ${say(measured)}; 0 is allowed.`,
    ],
  }),
  'belt-unfounded': ({ fittings, measured, needed }, names, say) => ({
    title: 'Belts without structure below',
    designer: `${capital(the(names.fitting(fittings[0]!)))} stands ${say(measured)} from the nearest seat rail or point in the floor; at most ${say(needed)}.`,
    client: 'The belts might not hold: a licensed fitter must look at the floor.',
    why: [`In plan, from its foot to the nearest rail or point: ${say(measured)}; at most ${say(needed)}.`],
  }),
}
