import { formatNumber, sayOpening } from '../../units'
import { circuitName, sayConductor, WIRE_PART_WORDS } from '../wire-words'
import { capital, count, degrees, list, ofIt, orNone, percent, person } from '../grammar'
import { itOf, theAll, type SentencesFor } from './kit'

/** An area, its unit on the same line. */

const ALARM_WORDS = {
  smoke: 'smoke alarm',
  monoxide: 'carbon monoxide alarm',
  'leaking-gas': 'gas alarm',
} as const
const WARNS_OF = { smoke: 'smoke', monoxide: 'carbon monoxide', 'leaking-gas': 'leaking gas' } as const

const PART_MISSING = {
  switch: 'Always on, without a switch',
  timer: 'Large load without a timer',
  'residual-current': 'Mains without a residual-current device',
} as const
const circuitSaid = (facts: Parameters<typeof circuitName>[0]): string => `Circuit “${circuitName(facts)}”`

const GAS_FITTER = 'Work for a licensed gas fitter, under local codes.'
const ELECTRICIAN = 'Work for a licensed electrician, under local codes.'
const HEATER_SHEET = 'The maker’s sheet and a licensed fitter decide where intake and exhaust go.'

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
  | 'ways-few'
  | 'ways-none'
  | 'inverter-far'
  | 'charger-large'
  | 'charge-frozen'
  | 'wire-thin'
  | 'wire-drop'
  | 'wire-without'
  | 'exit-few'
  | 'alarm-missing'
  | 'alarm-misplaced'
  | 'extinguisher-far'
  | 'inlets-live'
  | 'drain-flat'
  | 'heater-near'
  | 'battery-gases'
> = {
  'gas-far': (finding, names, say) => ({
    title: 'Gas too far from its bottle',
    designer: `${capital(itOf(finding, names))} burns gas and is ${say(finding.measured)} from ${names.the(finding.facts.bottle)}; ${say(finding.needed)} is the limit.`,
    client: 'The gas line would run through half the vehicle.',
    why: [
      `Shortest distance between the two: ${say(finding.measured)}; at most ${say(finding.needed)}, so that all gas is in one zone.`,
      'Gas lines are work for a licensed gas fitter, and are pressure-tested, under local codes.',
    ],
  }),
  'gas-vent-high': (finding, names, say) => ({
    title: 'Gas locker cannot drain',
    designer: `${capital(itOf(finding, names))} stands ${say(finding.measured)} above the floor; ${say(finding.needed)} is the limit. Gas that leaks would sink into the space below and stay there.`,
    client: 'Leaking gas could not get out.',
    why: [
      `Its base above the lined floor: ${say(finding.measured)}; at most ${say(finding.needed)}, so that its vent goes down through the floor.`,
      'Sealed to the inside, vented at its lowest point: work for a licensed gas fitter, under local codes.',
    ],
  }),
  'gas-vent-small': (finding, names, _say, unit) => {
    const { measured, needed, facts } = finding
    const least = sayOpening(needed, unit, true)
    return {
      title: 'Gas locker vent too small',
      designer: `The vent of ${itOf(finding, names)} is ${sayOpening(measured, unit)}; at least ${least} is needed to let leaking gas out.`,
      client: 'Leaking gas could not get out fast enough.',
      why: [
        `The floor of the locker is ${sayOpening(facts.floorCm2, unit)}; ${percent(facts.share * 100)} of that is ${sayOpening(facts.floorCm2 * facts.share, unit, true)}, and never less than the least: ${least}.`,
        GAS_FITTER,
      ],
    }
  },
  'gas-unsealed': (finding, names) => ({
    title: 'Gas locker open to the inside',
    designer: `${capital(itOf(finding, names))} has no seal to the inside: gas that leaks would sink to the floor of the living space.`,
    client: 'Leaking gas could come inside.',
    why: ['Seals to the inside: none; needed: one, round its door and where lines pass through.', GAS_FITTER],
  }),
  'intake-near': (finding, names, say) => ({
    title: 'Heater draws in its own exhaust',
    designer: `Intake and exhaust of ${itOf(finding, names)} are ${say(finding.measured)} apart; at least ${say(finding.needed)} is needed.`,
    client: 'The heater would soot up and stop.',
    why: [
      `Along its side, from exhaust to intake: ${say(finding.measured)}; at least ${say(finding.needed)}.`,
      HEATER_SHEET,
    ],
  }),
  'outlet-near': (finding, names, say) => {
    const other = names.the(finding.facts.other)
    return {
      title: 'Warm-air outlet blocked',
      designer: `${capital(other)} is ${say(finding.measured)} in front of ${itOf(finding, names)}; keep ${say(finding.needed)} clear, or it gets hot and the heater overheats.`,
      client: `${capital(other)} would get hot in front of the heater.`,
      why: [
        `Straight out of the grille, as wide and high as it is: ${say(finding.measured)}; at least ${say(finding.needed)}. Follow the heater maker’s sheet.`,
      ],
    }
  },
  'hob-beside': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const [it, other] = [itOf(finding, names), names.the(facts.other)]
    const burns = facts.cloth || facts.bedding
    return {
      title: 'Too near the flame',
      designer: facts.bedding
        ? `The bedding of ${other} is ${say(measured)} from the flames of ${it}; at least ${say.need(needed)} is needed.`
        : facts.cloth
          ? `${capital(other)} hangs ${say(measured)} from the flames of ${it}; at least ${say.need(needed)} is needed, because cloth swings.`
          : `${capital(other)} is ${say(measured)} from the flames of ${it}; leave ${say.need(needed)} clear or fit a splashback.`,
      client: `${capital(other)} could ${burns ? 'catch fire' : 'scorch'} beside the hob.`,
      why: [
        burns
          ? `From the cloth to the hob and to what is above it: ${say(measured)}; ${say.need(needed)} needed. A board in between does not keep cloth off.`
          : `Clear air at the height of the pans: ${say(measured)}; ${say.need(needed)} needed. A splashback in between counts as a heat-proof board; follow the hob maker’s sheet.`,
      ],
    }
  },
  'electrics-wet': (finding, names, say) => ({
    title: 'Electrics too near water',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} from ${names.the(finding.facts.water)}; at least ${say(finding.needed)} is needed.`,
    client: 'Water could reach the electrics.',
    why: [
      `Shortest distance between the two: ${say(finding.measured)}; at least ${say(finding.needed)}.`,
      `Batteries and mains can injure or kill. ${ELECTRICIAN}`,
    ],
  }),
  'fuse-far': (finding, names, say) => ({
    title: 'Fuses too far from the battery',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} from ${names.the(finding.facts.battery)}; ${say(finding.needed)} is the limit.`,
    client: 'A long cable would have no fuse to protect it.',
    why: [
      `Shortest distance between the two: ${say(finding.measured)}; at most ${say(finding.needed)}. The main fuse sits at the battery’s terminal itself.`,
      ELECTRICIAN,
    ],
  }),
  'ways-few': (finding, names) => ({
    title: 'Too few ways for fuses',
    designer: `${capital(theAll(finding.fittings, names))} ${finding.fittings.length > 1 ? 'have' : 'has'} ${count(finding.measured, { one: 'way', many: 'ways' })} with a fuse; ${count(finding.needed, { one: 'circuit hangs', many: 'circuits hang' })} on ${finding.fittings.length > 1 ? 'them' : 'it'}.`,
    client: 'Some wires would have no fuse of their own.',
    why: [
      `Circuits at the battery’s voltage, as the page Power lists them: ${formatNumber(finding.needed)}; ways: ${formatNumber(finding.measured)}. Lights, sockets and what is always on share theirs already; more can be put together there.`,
      ELECTRICIAN,
    ],
  }),
  'ways-none': (finding, names) => ({
    title: 'No fuses after the battery',
    designer: `Nothing in the plan has a fuse for the ${finding.needed === 1 ? 'circuit that hangs' : `${formatNumber(finding.needed)} circuits that hang`} on ${itOf(finding, names)}.`,
    client: 'The wires would have no fuses.',
    why: [
      `Circuits at the battery’s voltage, as the page Power lists them: ${formatNumber(finding.needed)}; there are sockets or switches on them, and no fuse board.`,
      ELECTRICIAN,
    ],
  }),
  'charge-frozen': (finding, names) => ({
    title: 'Lithium battery in the frost',
    designer: `${capital(itOf(finding, names))} stands outside, where the coldest night has ${degrees(finding.measured)}; below ${degrees(finding.needed)} it may not be charged.`,
    client: 'The battery would not charge on a cold morning, or be harmed.',
    why: [
      `Coldest night, from the brief: ${degrees(finding.measured)}; it may be charged from ${degrees(finding.needed)} up. A heater in its case is another answer: its own sheet rules.`,
      ELECTRICIAN,
    ],
  }),
  'wire-thin': ({ measured, needed, facts }) => ({
    title: 'Wire too thin for its fuse',
    designer: `${circuitSaid(facts)}: ${sayConductor(facts.mm2)} carries ${formatNumber(measured)} A, and its fuse lets ${formatNumber(needed, 1)} A through.`,
    client: 'A wire could get hot behind the boards.',
    why: [
      `It carries ${formatNumber(measured)} A; ${formatNumber(facts.flowsA, 1)} A flow for long, and the fuse blows at ${formatNumber(needed, 1)} A: a thicker wire, or a smaller fuse.`,
      ELECTRICIAN,
    ],
  }),
  'wire-drop': ({ measured, needed, facts }) => ({
    title: 'Too much lost on a wire',
    designer: `${circuitSaid(facts)}: ${formatNumber(measured, 1)}% of ${formatNumber(facts.volts)} V is lost on ${sayConductor(facts.mm2)}${facts.starts ? ' as it starts' : ''}; ${formatNumber(needed, 1)}% is the limit.`,
    client: 'Pumps and lights would run weaker than they should.',
    why: [
      `Lost out and back${facts.starts ? ' in the moment that it starts' : ''}: ${formatNumber(measured, 1)}%; at most ${formatNumber(needed, 1)}%${facts.starts ? ', twice what may be lost for long' : ''}.`,
      ELECTRICIAN,
    ],
  }),
  'wire-without': ({ facts }) => ({
    title: PART_MISSING[facts.part],
    designer: `${circuitSaid(facts)}: ${WIRE_PART_WORDS[facts.part]} was taken out of it.`,
    client:
      facts.part === 'residual-current'
        ? 'Nothing would cut the mains where a current strays.'
        : facts.part === 'timer'
          ? 'A large load could be left on.'
          : 'It could not be put off, and would empty the battery.',
    why: ['It should have one: see its circuit on the page Power.', ELECTRICIAN],
  }),
  'charger-large': (finding, names) => ({
    title: 'Charger too large for the battery',
    designer: `${capital(itOf(finding, names))} gives ${finding.measured} A; ${names.the(finding.facts.battery)} takes ${finding.needed} A.`,
    client: 'The battery would get hot and old before its time.',
    why: [
      `Half its capacity an hour for lithium, a fifth for lead: ${finding.needed} A; the charger gives ${finding.measured} A. The battery’s own sheet rules.`,
      ELECTRICIAN,
    ],
  }),
  'inverter-far': (finding, names, say) => ({
    title: 'Inverter too far from the battery',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} from ${names.the(finding.facts.battery)}; ${say(finding.needed)} is the limit.`,
    client: 'Long, thick cables would get warm and waste power.',
    why: [
      `Shortest distance between the two: ${say(finding.measured)}; at most ${say(finding.needed)}. The page Power measures the cable on its way.`,
      ELECTRICIAN,
    ],
  }),
  'exit-few': ({ measured, needed, facts }, names, say) => ({
    title: 'Too few ways out',
    designer: `Ways out of the sleeping space big enough for a person: ${orNone(measured)}; ${needed} are needed.`,
    client: measured === 0 ? 'Nobody could get out at night.' : 'If that way is blocked, nobody gets out.',
    why: [
      `Doors, roof hatches, windows that open and an open cab with at least ${say(facts.longMm)} × ${say(facts.shortMm)} clear: ${facts.exits.length === 0 ? 'none' : list(facts.exits.map((id) => (id === 'cab' ? 'the cab' : names.thePart(id))))}.`,
      'An emergency exit opens from inside without a tool, under local codes.',
    ],
  }),
  'alarm-missing': ({ facts }) => ({
    title: `No ${ALARM_WORDS[facts.senses]}`,
    designer: `There is no ${ALARM_WORDS[facts.senses]} in the plan; one is needed.`,
    client: `Nothing would warn you of ${WARNS_OF[facts.senses]}.`,
    why: [`Called for by what is aboard: one ${ALARM_WORDS[facts.senses]}; in the plan: none.`],
  }),
  'alarm-misplaced': ({ measured, needed, facts }, _names, say) => {
    const alarm = ALARM_WORDS[facts.senses]
    const from = {
      smoke: 'below the roof',
      monoxide: 'above or below the nearest pillow',
      'leaking-gas': 'above the floor',
    }[facts.senses]
    return {
      title: 'Alarm in the wrong place',
      designer: `The ${alarm} is ${say(measured)} ${from}; ${say(needed)} is the limit.`,
      client: `The ${alarm} would go off too late.`,
      why: [
        facts.senses === 'smoke'
          ? 'Smoke rises and fills the space from the roof down.'
          : facts.senses === 'leaking-gas'
            ? 'Bottled gas is heavier than air and fills the space from the floor up.'
            : 'Carbon monoxide mixes with the air that you breathe.',
        `Measured: ${say(measured)} ${from}; at most ${say(needed)}.`,
      ],
    }
  },
  'extinguisher-far': ({ measured, needed, facts }, _names, say) => ({
    title: 'Extinguisher too far away',
    designer: `The extinguisher is ${say(measured)} from ${facts.from === 'exit' ? 'the nearest exit' : 'the nearest pillow'}; ${say(needed)} is the limit.`,
    client: 'You would have to look for the extinguisher.',
    why: [
      `Straight from it to ${facts.from === 'exit' ? 'the nearest door that must stay clear' : 'the nearest pillow'}: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'inlets-live': ({ measured }) => ({
    title: 'More than one mains inlet',
    designer: `Mains comes in at ${formatNumber(measured)} inlets; with one plugged in, the pins of the other are live.`,
    client: 'The pins of the other plug would be live: that can kill.',
    why: [`Mains inlets: ${formatNumber(measured)}; at most 1. A licensed electrician decides how.`],
  }),
  'drain-flat': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Waste pipe too flat',
      designer: `The waste pipe from ${itOf(finding, names)} falls ${say(measured)} to ${names.the(facts.tank)}; over that length it needs ${say.need(needed)}.`,
      client: 'Water would stand in the tray.',
      why: [
        `${say(facts.fallMm)} for each metre between their middles: ${say(needed)}; outlet above the top of the tank: ${say(measured)}.`,
      ],
    }
  },
  'heater-near': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const to = facts.to.kind === 'fitting' ? names.the(facts.to.id) : names.thePart(facts.to.id)
    const isExhaust = facts.to.kind !== 'fitting'
    return {
      title: isExhaust ? 'Heater exhaust too close' : 'Heater too close',
      designer: `${capital(isExhaust ? `the exhaust of ${itOf(finding, names)}` : itOf(finding, names))} is ${say(measured)} from ${to}; at least ${say.need(needed)} is needed.`,
      client: isExhaust ? `Exhaust could get in at ${to}.` : `The heater could overheat ${to}.`,
      why: [
        `${isExhaust ? 'Along the side from where its exhaust goes out' : 'Straight between them'}: ${say(measured)}; at least ${say.need(needed)}.`,
        HEATER_SHEET,
      ],
    }
  },
  'battery-gases': ({ measured, needed, facts }, _names, say) => ({
    title: 'Lead battery by a pillow',
    designer: `A lead-acid battery stands ${say(measured)} from ${ofIt(person(facts.sleeper), 'head')}; ${say.need(needed)} is needed, or a box with a vent to the outside.`,
    client: 'The battery could give off gas by your head.',
    why: [`Straight from the battery to the head: ${say(measured)}; at least ${say.need(needed)}.`],
  }),
}
