import { formatFigure, sayMass } from '../../units'
import { capital, count, list } from '../words'
import type { Names } from '../names'
import { the, type SentencesFor } from './kit'

const PLATE = 'The plate on the vehicle and the local code rule, and helper springs raise no limit: weigh it laden.'

/** “The heaviest: the bed, the galley, the water tank.” */
const heaviest = (fittings: readonly string[], names: Names): readonly string[] =>
  fittings.length === 0
    ? []
    : [`What counts most, each with what it holds: ${list(fittings.map((id) => the(names.fitting(id))))}.`]

const between = ({ lowKg, highKg }: { readonly lowKg: number; readonly highKg: number }): string =>
  `All aboard and the waste tanks empty it may be ${sayMass(lowKg)} to ${sayMass(highKg)}, as not every mass is known.`

const parts = (facts: {
  readonly emptyKg: number
  readonly peopleKg: number
  readonly builtKg: number
  readonly carriedKg: number
}): string =>
  `Empty vehicle with fuel ${sayMass(facts.emptyKg)}, lining and furniture ${sayMass(facts.builtKg)}, people and animals ${sayMass(facts.peopleKg)}, water, gas and what is brought ${sayMass(facts.carriedKg)}.`

/** What rules about weight say. */
export const WEIGHT_SENTENCES: SentencesFor<
  | 'payload-over'
  | 'payload-waste'
  | 'axle-over'
  | 'wheel-heavy'
  | 'side-heavy'
  | 'front-light'
  | 'roof-over'
  | 'roof-unknown'
  | 'mass-high'
  | 'mass-behind'
> = {
  'payload-over': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too heavy with all aboard',
    designer: `With all aboard it weighs ${sayMass(measured)}, ${sayMass(measured - needed)} more than the ${sayMass(needed)} that it may.`,
    client: `Loaded for a trip, it would be ${sayMass(measured - needed)} heavier than it may be.`,
    why: [parts(facts), between(facts), ...heaviest(fittings, names), PLATE],
  }),
  'payload-waste': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too heavy while the waste is full',
    designer: `With all aboard and the waste tanks full too it weighs ${sayMass(measured)}; it may be ${sayMass(needed)}. With the waste empty it is within.`,
    client: 'Empty the waste before you drive with everything full.',
    why: [parts(facts), ...heaviest(fittings, names), PLATE],
  }),
  'axle-over': ({ fittings, measured, needed, facts }, names) => ({
    title: `${capital(facts.axle)} axle over its rating`,
    designer: `At the worst the ${facts.axle} axle carries ${sayMass(measured)}, ${sayMass(measured - needed)} more than the ${sayMass(needed)} that it is rated for.`,
    client: `The ${facts.axle} axle would carry ${sayMass(measured - needed)} more than it may.`,
    why: [
      facts.ashore === 0
        ? 'The worst is with everything aboard.'
        : `The worst is without ${count(facts.ashore, { one: 'thing', many: 'things' })} that would take weight off this axle.`,
      'A mass counts for the front axle by its distance ahead of the rear one over the wheelbase, for the rear axle by the rest.',
      between(facts),
      ...heaviest(fittings, names),
      PLATE,
    ],
  }),
  'wheel-heavy': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'One wheel carries too much',
    designer: `At the worst the ${facts.wheel.replace('-', ' ')} wheel carries ${sayMass(measured)}; half of what its axle may is ${sayMass(needed)}.`,
    client: `The tyre at the ${facts.wheel.replace('-', ' ')} would carry more than its share.`,
    why: [
      `Axle rated ${sayMass(facts.ratingKg)}; split by the track of ${say(facts.trackMm)}, the same on both axles, as if the body did not twist.`,
      'A guide, not a rating: the tyre’s own load index rules.',
      ...heaviest(fittings, names),
    ],
  }),
  'side-heavy': ({ fittings, measured, needed, facts }, names, say) => ({
    title: `Heavy on the ${facts.side}`,
    designer: `With the tanks ${facts.tanks} the ${facts.side} carries ${sayMass(measured)} more than the other side; ${sayMass(needed)} are not felt.`,
    client: `It would hang to the ${facts.side}.`,
    why: [
      `Left ${sayMass(facts.leftKg)}, right ${sayMass(facts.rightKg)}, by the track of ${say(facts.trackMm)}.`,
      ...heaviest(fittings, names),
    ],
  }),
  'front-light': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Light on the front wheels',
    designer: `At the worst ${formatFigure(measured)} % of the whole stand on the front axle; ${formatFigure(needed)} % are wanted.`,
    client: 'The wheels that steer would have little weight on them.',
    why: [
      `As one sets out, ${sayMass(facts.frontKg)} of ${sayMass(facts.wholeKg)} are on the front axle; as delivered it was ${formatFigure(facts.deliveredPercent)} %.`,
      ...heaviest(fittings, names),
    ],
  }),
  'roof-over': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too much on the roof',
    designer: `${facts.when === 'driving' ? 'On the road' : 'At rest'} the roof carries ${sayMass(measured)}; it may carry ${sayMass(needed)}.`,
    client: `The roof would carry ${sayMass(measured - needed)} more than it may.`,
    why: [
      ...heaviest(fittings, names),
      'What the maker of the body allows, rack and all: the body-builder guide rules.',
    ],
  }),
  'roof-unknown': ({ fittings, measured }, names) => ({
    title: 'What may the roof carry?',
    designer: `${sayMass(measured)} stand on the roof, and nobody said what it may carry: ask, and enter it under Budgets.`,
    client: 'We ask the maker what the roof may carry.',
    why: [
      ...heaviest(fittings, names),
      'What the maker of the body allows, rack and all: the body-builder guide rules.',
    ],
  }),
  'mass-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Heavy and high up',
    designer: `${capital(the(names.fitting(fittings[0]!)))} weighs ${sayMass(facts.kg)} with what it holds, and its middle is ${say(measured)} over the load floor; up to ${say(needed)} is usual.`,
    client: 'It would make the vehicle sway.',
    why: [`By itself ${sayMass(facts.ownKg)}, with what it holds ${sayMass(facts.kg)}.`],
  }),
  'mass-behind': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Much behind the rear axle',
    designer: `What lies behind the rear axle, ${sayMass(facts.behindKg)}, lifts the front axle by ${sayMass(measured)}; up to ${sayMass(needed)} is not felt.`,
    client: 'The tail would be heavy, and the front light.',
    why: [
      `Each mass by its distance behind the axle over the wheelbase; the front axle carried ${sayMass(facts.kerbFrontKg)} as delivered.`,
      ...heaviest(fittings, names),
    ],
  }),
}
