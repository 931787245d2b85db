import { formatNumber } from '../../units'
import { capital, count, degrees, list, orNone } from '../grammar'
import { itOf, theAll, type SentencesFor } from './kit'

/** What rules about the outside say. */
export const OUTSIDE_SENTENCES: SentencesFor<
  | 'parking-high'
  | 'parking-long'
  | 'roof-beyond'
  | 'ground-low'
  | 'tank-freezes'
  | 'stealth-seen'
  | 'awning-away'
  | 'hook-up-at-door'
  | 'fill-dirty'
> = {
  'parking-high': (finding, names, say) => {
    const { fittings, measured, needed, facts } = finding
    const bare = fittings.length === 0
    return {
      title: 'Too high for where it parks',
      designer: `${bare ? (measured > facts.outerMm ? 'With its raised roof' : 'As delivered') : `With ${itOf(finding, names)}`} the vehicle is ${say(measured)} high; the lowest height barrier it must pass is ${say(needed)}.`,
      client: 'It would not fit where you park.',
      why: [
        `Load floor above the ground ${say(facts.floorMm)}, top of ${bare ? 'the roof' : itOf(finding, names)} above that ${say(measured - facts.floorMm)}: together ${say(measured)}; the vehicle as delivered is ${say(facts.outerMm)}.`,
        'Empty and on level ground: measure it before you trust it.',
      ],
    }
  },
  'parking-long': (finding, names, say) => {
    const { fittings, measured, needed, facts } = finding
    return {
      title: 'Too long for where it parks',
      designer: `${fittings.length === 0 ? 'As delivered' : `With ${itOf(finding, names)} at the rear`} the vehicle is ${say(measured)} long; where it parks, ${say(needed)} is the limit.`,
      client: 'It would stick out of where you park.',
      why: [
        `The vehicle as delivered ${say(facts.outerMm)}, what hangs behind it ${say(facts.beyondMm)}: together ${say(measured)}.`,
      ],
    }
  },
  'roof-beyond': (finding, names, say) => {
    const { measured, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Sticks out beyond the roof',
      designer: `${capital(it)} sticks out ${say(measured)} ${facts.over === 'side' ? 'beyond the side of the vehicle' : 'over the windscreen, where the roof slopes away'}.`,
      client: `${capital(it)} would stick out in the wind.`,
      why: [
        facts.over === 'side'
          ? `From the vehicle’s widest to the outer edge of ${it}: ${say(measured)}.`
          : `From where the roof no longer carries it to its front edge: ${say(measured)}, by the drawn outline of the vehicle; measure it.`,
      ],
    }
  },
  'tank-freezes': (finding, names) => ({
    title: 'Fresh water in the frost',
    designer: `${capital(itOf(finding, names))} hangs outside without lagging, and the coldest night has ${degrees(finding.measured)}; below ${degrees(finding.needed)} it freezes.`,
    client: 'There would be no water on a cold morning.',
    why: [
      `Coldest night, from the brief: ${degrees(finding.measured)}; a tank without lagging bears ${degrees(finding.needed)}. Lag and warm it, or drain it before frost: the page Water counts the nights.`,
    ],
  }),
  'ground-low': (finding, names, say) => {
    const { fittings, measured, needed, facts } = finding
    const it = fittings.length === 0 ? names.thePart(facts.well ?? '') : itOf(finding, names)
    return {
      title: 'Hangs lower than the vehicle',
      designer: `${capital(it)} has ${say(measured)} of ground clearance; the vehicle itself has ${say(needed)}.`,
      client: `${capital(it)} would touch the ground where the vehicle does not.`,
      why: [
        `Load floor above the ground ${say(facts.floorMm)} less what hangs below it ${say(facts.floorMm - measured)}: ${say(measured)}.`,
      ],
    }
  },
  'stealth-seen': ({ fittings, measured, needed, facts }, names) => {
    const shown = [
      ...(fittings.length > 0 ? [theAll(fittings, names)] : []),
      ...(facts.changes > 0
        ? [count(facts.changes, { one: 'change to the bodywork', many: 'changes to the bodywork' })]
        : []),
    ]
    return {
      title: 'Gives itself away',
      designer: `From outside ${count(measured, { one: 'thing shows', many: 'things show' })}${shown.length === 0 ? '' : ` (${list(shown)})`}; the brief asks for ${needed === 0 ? 'none' : `${formatNumber(needed)} at most`}.`,
      client: 'People would see that someone lives in it.',
      why: [
        `On the roof or outside: ${orNone(measured - facts.changes)}; changes to the bodywork: ${orNone(facts.changes)}.`,
      ],
    }
  },
  'awning-away': (finding, names, say) => {
    const { measured, facts } = finding
    const it = capital(itOf(finding, names))
    return {
      title: 'Awning misses the door',
      designer:
        facts.doors === 0
          ? `${it} hangs on the ${facts.side}, where there is no door.`
          : `${it} hangs on the ${facts.side}, ${say(measured)} from the nearest door on that side.`,
      client: 'You would step out into the rain.',
      why: [
        facts.doors === 0
          ? `Doors on the ${facts.side}: none.`
          : `Along the vehicle, from its end to the nearest edge of a door on the ${facts.side}: ${say(measured)}; 0 is above the door.`,
      ],
    }
  },
  'hook-up-at-door': ({ measured, needed, facts }, names, say) => ({
    title: 'Mains cable across the door',
    designer: `The mains inlet is ${say(measured)} from ${names.thePart(facts.openingId)}; at least ${say.need(needed)} is needed to keep the cable out of the way.`,
    client: 'You would step over the cable.',
    why: [`Along the side from the inlet to the door: ${say(measured)}; at least ${say.need(needed)}.`],
  }),
  'fill-dirty': ({ measured, needed, facts }, names, say) => ({
    title: 'Water filler too near the waste',
    designer: `The water filler is ${say(measured)} from ${names.the(facts.other)}; at least ${say.need(needed)} is needed.`,
    client: 'You would fill clean water where waste comes out.',
    why: [`Straight from the filler to ${names.the(facts.other)}: ${say(measured)}; at least ${say.need(needed)}.`],
  }),
}
