import { formatNumber } from '../../units'
import { capital, HOLLOW_WORDS, list } from '../words'
import { areMany, the, type SentencesFor } from './kit'

/** What rules about air, light and quiet say. */
export const AIR_SENTENCES: SentencesFor<
  | 'air-one-way'
  | 'air-one-end'
  | 'berth-airless'
  | 'air-unscreened'
  | 'hob-airless'
  | 'head-noise'
  | 'light-none'
  | 'light-on'
  | 'night-dark'
  | 'berth-cold'
  | 'window-covered'
  | 'warm-shut-in'
  | 'gas-shut-in'
> = {
  'warm-shut-in': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A machine that cannot breathe',
    designer: `${capital(the(names.fitting(fittings[0]!)))} runs warm in ${the(names.fitting(facts.host))}, ${HOLLOW_WORDS[facts.by]}: ${say(measured)} of air on its freest side; ${say(needed)} and vents low and high let it cool.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would get too warm where it is.`,
    why: [
      `Most air beside it or over it, up to the boards or to what else is in there: ${say(measured)}; at least ${say(needed)}. Its maker’s sheet rules.`,
    ],
  }),
  'gas-shut-in': ({ fittings, facts }, names) => ({
    title: 'Charging gas is shut in',
    designer: `${capital(the(names.fitting(fittings[0]!)))} gives off gas while it is charged, in ${the(names.fitting(facts.host))}, ${HOLLOW_WORDS[facts.by]}: it needs a box of its own with a vent to the outside.`,
    client: 'The battery needs a vent to the outside where it stands.',
    why: ['What it gives off burns, and gathers where it cannot get out. A licensed electrician rules.'],
  }),
  'air-unscreened': ({ fittings, facts }, names) => ({
    title: 'No screen against insects',
    designer: `${capital(the(facts.opening === undefined ? names.fitting(fittings[0]!) : names.part(facts.opening)))} has no insect screen: at night it stays shut, and no air comes.`,
    client: 'You would choose between air and gnats.',
    why: ['Screens in its frame: 0; needed: 1.'],
  }),
  'air-one-end': ({ measured, needed, facts }, _names, say) => ({
    title: 'Air at one end only',
    designer: `${facts.openings === 1 ? 'The one opening for air is' : `All ${facts.openings} openings for air are`} at one end, ${say(measured)} apart, and no fan draws; ${facts.people} cook and sleep inside.`,
    client: 'Steam and breath would stay inside: the windows run with water in the morning.',
    why: [
      `Furthest apart of the openings for air: ${say(measured)}; ${say(needed)} let air go through. A fan over where one cooks takes the damp out as well.`,
    ],
  }),
  'air-one-way': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Air goes out and none comes in',
    designer:
      facts.openings === 0
        ? `${capital(the(names.fitting(fittings[0]!)))} has no opening to draw from: it moves nothing.`
        : `The furthest opening that ${the(names.fitting(fittings[0]!))} can draw from is ${say(measured)} away; ${say(needed)} draw air across the space.`,
    client: 'The fan would run and the air would stand.',
    why: [
      `Other openings for air (fans, roof hatches, windows that open): ${facts.openings}; the furthest ${say(measured)} off, needed ${say(needed)}.`,
    ],
  }),
  'berth-airless': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'No air at the head',
    designer: `The ${facts.sleeper}’s head on ${the(names.fitting(fittings[0]!))} is ${say(measured)} from the next opening for air; within ${say(needed)} it is felt.`,
    client: `The ${facts.sleeper} would sleep in still air.`,
    why: [
      `From above, head to the nearest fan, roof hatch or window that opens: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'hob-airless': ({ fittings, measured, needed }, names, say) => ({
    title: 'Steam stays in',
    designer: `The nearest fan, opening window or door is ${say(measured)} from ${the(names.fitting(fittings[0]!))}; ${say(needed)} take the steam out.`,
    client: 'Cooking would steam up the vehicle.',
    why: [`From above, the hob’s middle to the nearest opening: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'head-noise': ({ measured, needed, facts }, names, say) => ({
    title: 'Noise at the pillow',
    designer: `The ${facts.sleeper}’s head lies ${say(measured)} from ${the(names.fitting(facts.source))}; ${say(needed)} keep it quiet.`,
    client: `The ${facts.sleeper} would hear ${the(names.fitting(facts.source))} all night.`,
    why: [`Head to the nearest part of it: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'light-none': ({ facts }, _names, say) => ({
    title: 'No light to read by',
    designer: `Within ${say(facts.nearMm)} of the ${facts.sleeper}’s head there is no reading light.`,
    client: `The ${facts.sleeper} has no light to read by.`,
    why: [`Reading lights within ${say(facts.nearMm)} of the head: 0; wanted: 1.`],
  }),
  'night-dark': ({ fittings, facts }, names, say) => ({
    title: 'Dark at night',
    designer: `Within ${say(facts.nearMm)} of ${the(names.fitting(fittings[0]!))} there is no light. A small red one shows the way and wakes no one.`,
    client: 'Whoever gets up at night finds the toilet in the dark.',
    why: [`Lights within ${say(facts.nearMm)}: 0; wanted: 1.`],
  }),
  'light-on': ({ fittings }, names) => ({
    title: 'A light that wakes',
    designer: `${capital(the(names.fitting(fittings[0]!)))} by the door has no switch of its own.`,
    client: 'Whoever goes out at night lights up everyone.',
    why: ['A light that only the door works cannot be put out; wanted: 1 switch.'],
  }),
  'berth-cold': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A bed against a cold wall',
    designer: `${capital(the(names.fitting(fittings[0]!)))}’s mattress is ${say(facts.gapMm)} from a wall of ${formatNumber(measured, 2)} W/m²K; over ${formatNumber(needed, 2)} it gets damp there.`,
    client: 'The mattress would get damp at the wall.',
    why: [
      `U-value of the wall as it is lined: ${formatNumber(measured, 2)} W/m²K; at most ${formatNumber(needed, 2)}.`,
      `From the mattress to the wall: ${say(facts.gapMm)}.`,
    ],
  }),
  'window-covered': ({ fittings, measured, needed, facts }, names) => ({
    title: 'A window that cannot be opened',
    designer: `${capital(list(fittings.map((id) => the(names.fitting(id)))))} ${areMany(fittings, names) ? 'stand' : 'stands'} before ${the(names.part(facts.openingId))}: ${formatNumber(measured)} % of it stay free, ${formatNumber(needed)} % are wanted.`,
    client: `You could not open ${the(names.part(facts.openingId))}.`,
    why: [`Share of the pane with nothing before it: ${formatNumber(measured)} %; at least ${formatNumber(needed)} %.`],
  }),
}
