import { formatNumber } from '../../units'
import { capital, count, list } from '../words'
import { the, type SentencesFor } from './kit'

/** An area, its unit on the same line. */
const cm2 = (value: number): string => `${formatNumber(value)}\u00a0cm²`

const ALARM_WORDS = {
  smoke: 'smoke',
  monoxide: 'carbon monoxide',
  'leaking-gas': 'leaking gas',
} as const

/** What rules about safety say. */
export const SAFETY_SENTENCES: SentencesFor<
  | 'gas-far'
  | 'gas-vent-high'
  | 'gas-vent-small'
  | 'gas-unsealed'
  | 'outlet-near'
  | 'intake-near'
  | 'hob-beside'
  | 'electrics-wet'
  | 'fuse-far'
  | 'exit-few'
  | 'alarm-missing'
  | 'alarm-misplaced'
  | 'extinguisher-far'
  | 'inlets-live'
  | 'drain-flat'
  | 'heater-near'
  | 'battery-gases'
> = {
  'gas-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Gas far from its bottle',
    designer: `${capital(the(names.fitting(fittings[0]!)))} burns gas ${say(measured)} from ${the(names.fitting(facts.bottle))}; all gas belongs in one zone of ${say(needed)}.`,
    client: 'The gas line would run through half the vehicle.',
    why: [
      `Least distance between the two: ${say(measured)}; at most ${say(needed)}.`,
      'Gas lines are work for a licensed gas fitter, and are pressure-tested; local codes rule.',
    ],
  }),
  'gas-vent-high': ({ fittings, measured, needed }, names, say) => ({
    title: 'The gas locker cannot drain',
    designer: `${capital(the(names.fitting(fittings[0]!)))} stands ${say(measured)} over the floor; gas that leaks sinks into the space below and stays.`,
    client: 'Leaking gas could not flow out.',
    why: [
      `Its base over the lined floor: ${say(measured)}; at most ${say(needed)}, so that its vent goes down through the floor.`,
      'Sealed to the inside, vented at its lowest point: work for a licensed gas fitter; local codes rule.',
    ],
  }),
  'gas-vent-small': ({ fittings, measured, needed, facts }, names) => ({
    title: 'The gas locker’s vent is small',
    designer: `${capital(the(names.fitting(fittings[0]!)))} has a vent of ${cm2(measured)}; ${cm2(needed)} let leaking gas out.`,
    client: 'Leaking gas could not flow out fast enough.',
    why: [
      `Its floor is ${cm2(facts.floorCm2)}; ${formatNumber(facts.share * 100)} % of that is ${cm2(Math.ceil(facts.floorCm2 * facts.share))}, and no less than the least: ${cm2(needed)}.`,
      'Work for a licensed gas fitter; local codes rule.',
    ],
  }),
  'gas-unsealed': ({ fittings }, names) => ({
    title: 'The gas locker is open to the inside',
    designer: `${capital(the(names.fitting(fittings[0]!)))} has no seal to the inside: what leaks sinks to the floor you live on.`,
    client: 'Leaking gas could come inside.',
    why: [
      'Seals to the inside: 0; needed: 1, round its door and where lines pass.',
      'Work for a licensed gas fitter; local codes rule.',
    ],
  }),
  'intake-near': ({ fittings, measured, needed }, names, say) => ({
    title: 'It would burn its own exhaust',
    designer: `${capital(the(names.fitting(fittings[0]!)))} draws its air ${say(measured)} from its flue; at least ${say(needed)}.`,
    client: 'The heater would soot up and stop.',
    why: [
      `Along its side, from flue to intake: ${say(measured)}; at least ${say(needed)}.`,
      'The maker’s sheet and a licensed fitter decide where intake and exhaust go.',
    ],
  }),
  'outlet-near': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Something before a warm outlet',
    designer: `${capital(the(names.fitting(facts.other)))} stands ${say(measured)} before ${the(names.fitting(fittings[0]!))}; ${say(needed)} free, or it gets hot and the heater chokes.`,
    client: `${capital(the(names.fitting(facts.other)))} would get hot before the heater.`,
    why: [
      `Straight out of the grille, as wide and high as it is: ${say(measured)}; at least ${say(needed)}. The heater maker’s sheet rules.`,
    ],
  }),
  'hob-beside': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too near the flame',
    designer: facts.bedding
      ? `The bedding of ${the(names.fitting(facts.other))} lies ${say(measured)} from the flames of ${the(names.fitting(fittings[0]!))}; ${say(needed)} at least.`
      : facts.cloth
        ? `${capital(the(names.fitting(facts.other)))} hangs ${say(measured)} from the flames of ${the(names.fitting(fittings[0]!))}; ${say(needed)}, for it swings.`
        : `${capital(the(names.fitting(facts.other)))} rises ${say(measured)} beside ${the(names.fitting(fittings[0]!))}; ${say(needed)} of air, or a splashback.`,
    client: `${capital(the(names.fitting(facts.other)))} could ${facts.cloth || facts.bedding ? 'catch fire' : 'scorch'} beside the hob.`,
    why: [
      facts.cloth || facts.bedding
        ? `From the cloth to the hob and to what is over it: ${say(measured)}; needed ${say(needed)}. A board between does not keep cloth off.`
        : `Free air at the height of the pans: ${say(measured)}; needed ${say(needed)}. A splashback between counts as a heat-proof board; the hob maker’s sheet rules.`,
    ],
  }),
  'electrics-wet': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Electrics near water',
    designer: `${capital(the(names.fitting(fittings[0]!)))} sits ${say(measured)} from ${the(names.fitting(facts.water))}; ${say(needed)} keep it dry.`,
    client: 'Water could reach the electrics.',
    why: [
      `Least distance between the two: ${say(measured)}; needed ${say(needed)}.`,
      'Batteries and mains can injure or kill: work for a licensed electrician; local codes rule.',
    ],
  }),
  'fuse-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Fuses far from the battery',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${the(names.fitting(facts.battery))}; at most ${say(needed)}.`,
    client: 'A long cable would lie before its fuse.',
    why: [
      `Least distance between the two: ${say(measured)}; at most ${say(needed)}. The main fuse sits at the battery’s pole itself.`,
      'Work for a licensed electrician; local codes rule.',
    ],
  }),
  'exit-few': ({ measured, needed, facts }, names, say) => ({
    title: 'One way out',
    designer: `There ${measured === 1 ? 'is' : 'are'} ${count(measured, { one: 'way', many: 'ways' })} out of the sleeping space that a person gets through; ${needed} are needed.`,
    client: measured === 0 ? 'No one could get out at night.' : 'If that way is blocked, no one gets out at night.',
    why: [
      `Doors, roof hatches, windows that open and an open cab, at least ${say(facts.longMm)} × ${say(facts.shortMm)} of them free: ${facts.exits.length === 0 ? 'none' : list(facts.exits.map((id) => (id === 'cab' ? 'the cab' : the(names.part(id)))))}.`,
      'An emergency exit opens from inside without a tool; local codes rule.',
    ],
  }),
  'alarm-missing': ({ facts }) => ({
    title: 'An alarm is missing',
    designer: `There is no alarm for ${ALARM_WORDS[facts.senses]}.`,
    client: `Nothing would warn you of ${ALARM_WORDS[facts.senses]}.`,
    why: [`Asked for by what is aboard: 1 alarm for ${ALARM_WORDS[facts.senses]}; drawn: 0.`],
  }),
  'alarm-misplaced': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const from = {
      smoke: 'under the roof',
      monoxide: 'above or below the nearest sleeper’s head',
      'leaking-gas': 'over the floor',
    }[facts.senses]
    return {
      title: 'An alarm in the wrong place',
      designer: `${capital(it)} for ${ALARM_WORDS[facts.senses]} is ${say(measured)} ${from}; at most ${say(needed)} is where it would sense it.`,
      client: `The alarm for ${ALARM_WORDS[facts.senses]} hangs where it would be late.`,
      why: [
        facts.senses === 'smoke'
          ? 'Smoke rises and fills from the roof down.'
          : facts.senses === 'leaking-gas'
            ? 'Bottled gas is heavier than air and fills from the floor up.'
            : 'Carbon monoxide mixes with the air that one breathes.',
        `Measured ${say(measured)} ${from}; at most ${say(needed)}.`,
      ],
    }
  },
  'extinguisher-far': ({ measured, needed, facts }, _names, say) => ({
    title: 'The extinguisher is far',
    designer: `The extinguisher is ${say(measured)} from ${facts.from === 'exit' ? 'the nearest exit' : 'the nearest pillow'}; at most ${say(needed)}.`,
    client: 'You would have to look for the extinguisher.',
    why: [
      `Straight from it to ${facts.from === 'exit' ? 'the nearest door that must stay free' : 'the nearest head'}: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'inlets-live': ({ measured }) => ({
    title: 'More than one live inlet',
    designer: `Mains comes in at ${formatNumber(measured)} places; with one plugged in, the pins of the other are live.`,
    client: 'An open plug could be live. This is a danger to life.',
    why: [`Inlets for the mains: ${formatNumber(measured)}; at most 1. A licensed electrician decides how.`],
  }),
  'drain-flat': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Waste water does not run off',
    designer: `From ${the(names.fitting(fittings[0]!))} to ${the(names.fitting(facts.tank))} there are ${say(measured)} of fall; its length of pipe needs ${say(needed)}.`,
    client: 'Water would stand in the tray.',
    why: [
      `${say(facts.fallMm)} for each metre between their middles: ${say(needed)}; outlet over the tank’s top: ${say(measured)}.`,
    ],
  }),
  'heater-near': ({ fittings, measured, needed, facts }, names, say) => {
    const to = the(facts.to.kind === 'fitting' ? names.fitting(facts.to.id) : names.part(facts.to.id))
    return {
      title: 'The heater is near',
      designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${to}; at least ${say(needed)}.`,
      client: 'Exhaust or heat could come where it should not.',
      why: [
        `${facts.to.kind === 'fitting' ? 'Straight between them' : 'Along the side from where its flue goes out'}: ${say(measured)}; at least ${say(needed)}.`,
        'The maker’s sheet and a licensed fitter decide where intake and exhaust go.',
      ],
    }
  },
  'battery-gases': ({ measured, needed, facts }, _names, say) => ({
    title: 'A lead battery by a head',
    designer: `A lead battery stands ${say(measured)} from the ${facts.sleeper}’s head; ${say(needed)}, or a box with a vent to the outside.`,
    client: 'The battery would gas beside your head.',
    why: [`Straight from the battery to the head: ${say(measured)}; at least ${say(needed)}.`],
  }),
}
