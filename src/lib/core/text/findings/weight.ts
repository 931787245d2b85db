import { formatFigure, sayMass } from '../../units'
import { capital, count, list, percent } from '../grammar'
import type { Names } from '../names'
import { itOf, type SentencesFor } from './kit'

const PLATE =
  'What counts is the plate on the vehicle and the local code; helper springs raise no limit. Weigh it laden.'

/** “The heaviest: the bed, the galley, the water tank.” */
const heaviest = (fittings: readonly string[], names: Names): readonly string[] =>
  fittings.length === 0 ? [] : [`The heaviest, each with what it holds: ${list(fittings.map((id) => names.the(id)))}.`]

const between = ({ lowKg, highKg }: { readonly lowKg: number; readonly highKg: number }): string =>
  `With everything aboard and the waste tanks empty it may weigh ${sayMass(lowKg)} to ${sayMass(highKg)}, as not every weight is known.`

const parts = (facts: {
  readonly emptyKg: number
  readonly peopleKg: number
  readonly builtKg: number
  readonly carriedKg: number
}): string =>
  `Empty vehicle with fuel ${sayMass(facts.emptyKg)}, lining and furniture ${sayMass(facts.builtKg)}, people and animals ${sayMass(facts.peopleKg)}, water, gas and luggage ${sayMass(facts.carriedKg)}.`

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
    title: 'Too heavy fully loaded',
    designer: `Fully loaded it weighs ${sayMass(measured)}, ${sayMass(measured - needed)} over the gross weight of ${sayMass(needed)}.`,
    client: `Loaded for a trip, it would be ${sayMass(measured - needed)} over its legal weight.`,
    why: [parts(facts), between(facts), ...heaviest(fittings, names), PLATE],
  }),
  'payload-waste': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too heavy with the waste full',
    designer: `Fully loaded, with the waste tanks full too, it weighs ${sayMass(measured)}; ${sayMass(needed)} is the limit. With the waste empty it is within it.`,
    client: 'You would have to empty the waste tank before you drive fully loaded.',
    why: [parts(facts), ...heaviest(fittings, names), PLATE],
  }),
  'axle-over': ({ fittings, measured, needed, facts }, names) => ({
    title: `${capital(facts.axle)} axle overloaded`,
    designer: `At worst the ${facts.axle} axle carries ${sayMass(measured)}, ${sayMass(measured - needed)} over its rating of ${sayMass(needed)}.`,
    client: `The ${facts.axle} axle would carry ${sayMass(measured - needed)} too much.`,
    why: [
      facts.ashore === 0
        ? 'The worst case is with everything aboard.'
        : `The worst case is without ${count(facts.ashore, { one: 'thing', many: 'things' })} that would take weight off this axle.`,
      'A weight counts for the front axle by its distance ahead of the rear one over the wheelbase, and for the rear axle by the rest.',
      between(facts),
      ...heaviest(fittings, names),
      PLATE,
    ],
  }),
  'wheel-heavy': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'One wheel overloaded',
    designer: `At worst the ${facts.wheel.replace('-', ' ')} wheel carries ${sayMass(measured)}; half of the axle’s rating is ${sayMass(needed)}.`,
    client: `The ${facts.wheel.replace('-', ' ')} tyre would carry more than its share.`,
    why: [
      `Axle rated ${sayMass(facts.ratingKg)}; split by the track of ${say(facts.trackMm)}, the same on both axles, as if the body did not twist.`,
      'A guide, not a rating: what counts is the load index on the tyre.',
      ...heaviest(fittings, names),
    ],
  }),
  'side-heavy': ({ fittings, measured, needed, facts }, names, say) => ({
    title: `Too heavy on the ${facts.side}`,
    designer: `With the tanks ${facts.tanks} the ${facts.side} carries ${sayMass(measured)} more than the other side; up to ${sayMass(needed)} is not felt.`,
    client: `The vehicle would lean to the ${facts.side}.`,
    why: [
      `Left ${sayMass(facts.leftKg)}, right ${sayMass(facts.rightKg)}, by the track of ${say(facts.trackMm)}.`,
      ...heaviest(fittings, names),
    ],
  }),
  'front-light': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Front wheels too light',
    designer: `At worst ${percent(Number(formatFigure(measured)))} of the weight is on the front axle; at least ${percent(Number(formatFigure(needed)))} is needed.`,
    client: 'The wheels that steer would have too little weight on them.',
    why: [
      `Setting out, ${sayMass(facts.frontKg)} of ${sayMass(facts.wholeKg)} is on the front axle; as delivered it was ${percent(Number(formatFigure(facts.deliveredPercent)))}.`,
      ...heaviest(fittings, names),
    ],
  }),
  'roof-over': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too much on the roof',
    designer: `${facts.when === 'driving' ? 'On the road' : 'At rest'} the roof carries ${sayMass(measured)}; ${sayMass(needed)} is the limit.`,
    client: `The roof would carry ${sayMass(measured - needed)} too much.`,
    why: [...heaviest(fittings, names), 'What the vehicle’s maker allows, rack and all: see the body-builder guide.'],
  }),
  'roof-unknown': ({ fittings, measured }, names) => ({
    title: 'Roof load not known',
    designer: `There is ${sayMass(measured)} on the roof, and what the roof may carry is not entered: ask the maker, and enter it under Budgets.`,
    client: 'We have to ask the maker what the roof may carry.',
    why: [...heaviest(fittings, names), 'What the vehicle’s maker allows, rack and all: see the body-builder guide.'],
  }),
  'mass-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Heavy load high up',
    designer: `${capital(itOf({ fittings }, names))} weighs ${sayMass(facts.kg)} with what it holds, and its middle is ${say(measured)} above the load floor; up to ${say(needed)} is usual.`,
    client: 'The vehicle would sway in bends.',
    why: [`By itself ${sayMass(facts.ownKg)}, with what it holds ${sayMass(facts.kg)}.`],
  }),
  'mass-behind': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Too much behind the rear axle',
    designer: `What lies behind the rear axle (${sayMass(facts.behindKg)}) takes ${sayMass(measured)} off the front axle; up to ${sayMass(needed)} is not felt.`,
    client: 'The tail would be heavy and the front light: it would steer badly.',
    why: [
      `Each weight by its distance behind the axle over the wheelbase; the front axle carried ${sayMass(facts.kerbFrontKg)} as delivered.`,
      ...heaviest(fittings, names),
    ],
  }),
}
