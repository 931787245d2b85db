import { formatNumber } from '../../units'
import { capital, degrees, ofIt, orNone, percent, person } from '../grammar'
import { HOLLOW_WORDS } from '../words'
import { itOf, type SentencesFor, theAll } from './kit'

/** What rules about air, light and quiet say. */
export const AIR_SENTENCES: SentencesFor<
  | 'air-one-way'
  | 'air-one-end'
  | 'berth-airless'
  | 'air-unscreened'
  | 'hob-airless'
  | 'head-noise'
  | 'control-far'
  | 'light-none'
  | 'light-on'
  | 'night-dark'
  | 'berth-cold'
  | 'heater-small'
  | 'heater-large'
  | 'window-covered'
  | 'warm-shut-in'
  | 'gas-shut-in'
> = {
  'warm-shut-in': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Machine cannot cool',
      designer: `${capital(it)} runs warm in ${names.the(facts.host)}, ${HOLLOW_WORDS[facts.by]}: ${say(measured)} of air on its freest side; ${say.need(needed)} is needed, with vents low and high.`,
      client: `${capital(it)} would get too hot there.`,
      why: [
        `Most air beside it or above it, up to the boards or to what else is in there: ${say(measured)}; at least ${say.need(needed)}. Follow the maker’s sheet.`,
      ],
    }
  },
  'gas-shut-in': (finding, names) => ({
    title: 'Charging gas cannot get out',
    designer: `${capital(itOf(finding, names))} gives off gas while it charges, in ${names.the(finding.facts.host)}, ${HOLLOW_WORDS[finding.facts.by]}: it needs a box of its own with a vent to the outside.`,
    client: 'Gas from the battery would gather inside.',
    why: ['The gas burns, and gathers where it cannot get out. Ask a licensed electrician.'],
  }),
  'air-unscreened': (finding, names) => {
    const { facts } = finding
    return {
      title: 'No insect screen',
      designer: `${capital(facts.opening === undefined ? itOf(finding, names) : names.thePart(facts.opening))} has no insect screen: at night it would stay shut.`,
      client: 'You would have to choose between fresh air and gnats.',
      why: ['Screens in its frame: none; needed: 1.'],
    }
  },
  'air-one-end': ({ measured, needed, facts }, _names, say) => ({
    title: 'Air at one end only',
    designer: `${facts.openings === 1 ? 'The only opening for air is' : `All ${facts.openings} openings for air are`} at one end, at most ${say(measured)} apart, and there is no fan; at least ${say.need(needed)} apart is needed when ${facts.people} cook and sleep inside.`,
    client: 'Steam and breath would stay inside: the windows would run with water in the morning.',
    why: [
      `Openings for air are at most ${say(measured)} apart; ${say.need(needed)} needed. A fan above the hob would take the damp out as well.`,
    ],
  }),
  'air-one-way': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Fan has no air inlet',
      designer:
        facts.openings === 0
          ? `${capital(it)} has no opening to draw from.`
          : `The furthest opening that ${it} can draw from is ${say(measured)} away; it needs one at least ${say.need(needed)} away.`,
      client: 'The fan would run, but the air would hardly move.',
      why: [
        `Other openings for air (fans, roof lights, windows that open): ${facts.openings === 0 ? 'none' : `${facts.openings}; the furthest ${say(measured)} away, ${say.need(needed)} needed`}.`,
      ],
    }
  },
  'berth-airless': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.sleeper)
    return {
      title: 'No fresh air at the pillow',
      designer: `${capital(ofIt(who, 'head'))} on ${itOf(finding, names)} is ${say(measured)} from the nearest opening; moving air is felt up to ${say(needed)}.`,
      client: `${capital(who)} would sleep in still air.`,
      why: [
        `From above, from the head to the nearest fan, roof light or window that opens: ${say(measured)}; at most ${say(needed)}.`,
      ],
    }
  },
  'hob-airless': (finding, names, say) => ({
    title: 'No vent near the hob',
    designer: `The nearest fan, opening window or door is ${say(finding.measured)} from ${itOf(finding, names)}; ${say(finding.needed)} is the limit.`,
    client: 'Cooking would steam up the vehicle.',
    why: [
      `From above, from the middle of the hob to the nearest opening: ${say(finding.measured)}; at most ${say(finding.needed)}.`,
    ],
  }),
  'control-far': (finding, names, say) => ({
    title: 'Heater set from afar',
    designer: `${capital(itOf(finding, names))} sets the heater ${say(finding.measured)} from the nearest place to sit or lie, ${names.the(finding.facts.from)}, over ${say.need(finding.needed)}.`,
    client: 'You would have to get up to set the heater.',
    why: [
      `From the control to ${names.the(finding.facts.from)}: ${say(finding.measured)}; at most ${say.need(finding.needed)}.`,
    ],
  }),
  'head-noise': ({ measured, needed, facts }, names, say) => ({
    title: 'Noise at the pillow',
    designer: `${capital(ofIt(person(facts.sleeper), 'head'))} lies ${say(measured)} from ${names.the(facts.source)}; at least ${say.need(needed)} is needed for quiet.`,
    client: `${capital(person(facts.sleeper))} would hear ${names.the(facts.source)} all night.`,
    why: [`From the head to the nearest part of it: ${say(measured)}; at least ${say.need(needed)}.`],
  }),
  'light-none': ({ facts }, _names, say) => ({
    title: 'No light to read by',
    designer: `There is no reading light within ${say(facts.nearMm)} of ${ofIt(person(facts.sleeper), 'head')}.`,
    client: `${capital(person(facts.sleeper))} would have no light to read by.`,
    why: [`Reading lights within ${say(facts.nearMm)} of the head: none; needed: 1.`],
  }),
  'night-dark': (finding, names, say) => ({
    title: 'Dark at night',
    designer: `There is no light within ${say(finding.facts.nearMm)} of ${itOf(finding, names)}. A small red one shows the way and wakes nobody.`,
    client: 'Anyone going out at night would find the toilet in the dark.',
    why: [`Lights within ${say(finding.facts.nearMm)}: none; needed: 1.`],
  }),
  'light-on': (finding, names) => ({
    title: 'Door light wakes everyone',
    designer: `There is no separate switch for ${itOf(finding, names)} by the door.`,
    client: 'Anyone going out at night would light up the sleepers.',
    why: ['A light that only the door works cannot be put out; it needs a switch.'],
  }),
  'heater-small': (finding, names) => ({
    title: 'Heater too small',
    designer: `${capital(itOf(finding, names))} gives ${formatNumber(finding.measured)} W; ${formatNumber(finding.needed)} W are needed at ${degrees(finding.facts.coldestC)}.`,
    client: 'It would not get warm on the coldest night.',
    why: [
      `${formatNumber(finding.facts.losesWK)} W are lost for each kelvin between ${degrees(finding.facts.coldestC)} and ${degrees(finding.facts.heatedC)}: ${formatNumber(finding.needed)} W. The page Warmth has it face by face.`,
    ],
  }),
  'heater-large': (finding, names) => ({
    title: 'Heater far too large',
    designer: `${capital(itOf(finding, names))} gives ${formatNumber(finding.measured)} W; ${formatNumber(finding.needed)} W is the limit.`,
    client: 'The heater would go on and off all night.',
    why: [
      `${formatNumber(finding.facts.losesWK)} W are lost for each kelvin up to ${degrees(finding.facts.heatedC)}, from ${degrees(Math.min(0, finding.facts.coldestC))} on; ten times that and more goes on and off. The page Warmth has it face by face.`,
    ],
  }),
  'berth-cold': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Bed against a cold wall',
      designer: `The mattress of ${itOf(finding, names)} is ${say(facts.gapMm)} from a wall with a U-value of ${formatNumber(measured, 2)} W/m²K; above ${formatNumber(needed, 2)} it gets damp there.`,
      client: 'The mattress would get damp at the wall.',
      why: [
        `U-value of the wall as lined: ${formatNumber(measured, 2)} W/m²K; at most ${formatNumber(needed, 2)}.`,
        `From the mattress to the wall: ${say(facts.gapMm)}.`,
      ],
    }
  },
  'window-covered': ({ fittings, measured, needed, facts }, names) => {
    const window = names.thePart(facts.openingId)
    const by = theAll(fittings, names)
    return {
      title: 'Window blocked',
      designer: `${capital(by)} ${fittings.length > 1 ? 'are' : 'is'} in front of ${window}: ${percent(Math.round(measured))} of it is clear, ${percent(Math.round(needed))} is needed.`,
      client: `You could not open ${window}.`,
      why: [
        `Share of the pane with nothing in front of it: ${measured === 0 ? orNone(0) : percent(Math.round(measured))}; at least ${percent(Math.round(needed))}.`,
      ],
    }
  },
}
