import { formatNumber } from '../../units'
import { capital, count } from '../words'
import { the, type SentencesFor } from './kit'

/** What rules about the outside say. */
export const OUTSIDE_SENTENCES: SentencesFor<
  | 'parking-high'
  | 'parking-long'
  | 'roof-beyond'
  | 'ground-low'
  | 'stealth-seen'
  | 'awning-away'
  | 'hook-up-at-door'
  | 'fill-dirty'
> = {
  'parking-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too high for where it parks',
    designer:
      fittings[0] === undefined
        ? `${measured > facts.outerMm ? 'With its raised roof it' : 'As it was delivered it'} is ${say(measured)} high; the client’s lowest bar is ${say(needed)}.`
        : `With ${the(names.fitting(fittings[0]))} on the roof it is ${say(measured)} high; the client’s lowest bar is ${say(needed)}.`,
    client: 'It would not fit where you park.',
    why: [
      `Load floor over the ground ${say(facts.floorMm)}, top of ${fittings[0] === undefined ? 'the roof' : the(names.fitting(fittings[0]))} over it ${say(measured - facts.floorMm)}: together ${say(measured)}; the vehicle as delivered is ${say(facts.outerMm)}.`,
      'Empty and on level ground: measure it before you trust it.',
    ],
  }),
  'parking-long': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too long for where it parks',
    designer:
      fittings[0] === undefined
        ? `As it was delivered it is ${say(measured)} long; the client’s place to park is ${say(needed)}.`
        : `With ${the(names.fitting(fittings[0]))} behind it, it is ${say(measured)} long; the client’s place to park is ${say(needed)}.`,
    client: 'It would stand out of where you park.',
    why: [
      `The vehicle as delivered ${say(facts.outerMm)}, what hangs behind it ${say(facts.beyondMm)}: together ${say(measured)}.`,
    ],
  }),
  'roof-beyond': ({ fittings, measured, facts }, names, say) => ({
    title: 'Reaches beyond the roof',
    designer: `${capital(the(names.fitting(fittings[0]!)))} reaches ${say(measured)} ${facts.over === 'side' ? 'beyond the side of the body' : 'out over the windscreen, where the roof slopes away'}.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would stand out in the wind.`,
    why: [
      facts.over === 'side'
        ? `From the body’s widest to the outer edge of ${the(names.fitting(fittings[0]!))}: ${say(measured)}.`
        : `From where the roof no longer bears it to its front edge: ${say(measured)}, by the drawn outline of the body; measure it.`,
    ],
  }),
  'ground-low': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Hangs lower than the vehicle',
    designer: `${capital(fittings[0] === undefined ? names.part(facts.well ?? '') : the(names.fitting(fittings[0])))} leaves ${say(measured)} to the ground; the vehicle itself clears ${say(needed)}.`,
    client: `${capital(fittings[0] === undefined ? names.part(facts.well ?? '') : the(names.fitting(fittings[0])))} would touch where the vehicle does not.`,
    why: [
      `Load floor over the ground ${say(facts.floorMm)} less what hangs below it ${say(facts.floorMm - measured)}: ${say(measured)}.`,
    ],
  }),
  'stealth-seen': ({ measured, needed, facts }) => ({
    title: 'It shows from outside',
    designer: `${capital(count(measured, { one: 'mark', many: 'marks' }))} can be seen from outside; the brief wants to stand unseen, at most ${formatNumber(needed)}.`,
    client: 'One sees that someone lives in it.',
    why: [
      `On the roof or outside: ${formatNumber(measured - facts.changes)}; changes to the body: ${formatNumber(facts.changes)}.`,
    ],
  }),
  'awning-away': ({ fittings, measured, facts }, names, say) => ({
    title: 'The awning hangs beside the door',
    designer:
      facts.doors === 0
        ? `${capital(the(names.fitting(fittings[0]!)))} hangs on the ${facts.side}, where there is no door.`
        : `${capital(the(names.fitting(fittings[0]!)))} on the ${facts.side} is ${say(measured)} from the next door of that side.`,
    client: 'You would step out into the rain.',
    why: [
      facts.doors === 0
        ? `Doors on the ${facts.side}: none.`
        : `Along the vehicle, from its end to the nearest edge of a door on the ${facts.side}: ${say(measured)}; 0 is over it.`,
    ],
  }),
  'hook-up-at-door': ({ measured, needed, facts }, names, say) => ({
    title: 'The cable lies at the door',
    designer: `The inlet for the mains is ${say(measured)} beside ${the(names.part(facts.openingId))}; ${say(needed)} keep the cable out of the way.`,
    client: 'You would step over the cable.',
    why: [`Along the side from the inlet to the door: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'fill-dirty': ({ measured, needed, facts }, names, say) => ({
    title: 'Clean water beside waste',
    designer: `The filler for water is ${say(measured)} from ${the(names.fitting(facts.other))}; at least ${say(needed)}.`,
    client: 'You would fill clean water where waste comes out.',
    why: [`Straight from the filler to ${the(names.fitting(facts.other))}: ${say(measured)}; at least ${say(needed)}.`],
  }),
}
