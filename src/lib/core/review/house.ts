import { prismBounds, type Vec3 } from '../geometry'
import type { ServiceType } from '../fittings'
import type { HouseMeasure, HouseRule } from '../job'
import { berthsOf, offered, type Placed, type Scene, servicesOf } from '../scene'
import { liningTop } from '../shell'
import { byFitting, defineRule, type Missing, practice, type Read, type Rule, type RuleInput } from './define-rule'
import type { Draft, FindingUnit } from './finding'
import { middleOf, topOf } from './middle'
import { nearestTo, offering } from './nearest'
import { SERVICE_UNITS } from './service-units'

declare module './finding' {
  interface FactsByCode {
    house: {
      readonly title: string
      readonly reason: string
      readonly measure: HouseMeasure
      readonly bound: 'least' | 'most'
      readonly asks?: true
    }
  }
}

/** How high a fitting offers a service over the lined floor: where one lies, works, or its top. */
function heightOf(scene: Scene, placed: Placed, service: ServiceType): number {
  const floor = liningTop(scene.interior, (placed.bounds.x.min + placed.bounds.x.max) / 2)
  const berth = berthsOf(scene).find(({ fittingId }) => fittingId === placed.id)
  if (service === 'berth' && berth !== undefined) return placed.placement.at[2] + berth.lying.zMm - floor
  const surface = placed.services.find(({ type }) => type === service)?.surface
  return (surface === undefined ? placed.bounds : prismBounds(surface)).z.max - floor
}

interface Measured {
  readonly measured: number
  readonly unit: FindingUnit
  readonly fittings: readonly string[]
  readonly place: Vec3
}

const atTop = (placed: Placed, measured: number): Measured => ({
  measured: Math.round(measured),
  unit: 'mm',
  fittings: [placed.id],
  place: topOf(placed),
})

/** What else than the scene each measure reads. */
const READS: Readonly<Record<HouseMeasure['what'], readonly Read[]>> = {
  quantity: [],
  distance: [],
  height: [],
  way: ['bareWays'],
  'belted-seats': [],
  'bed-length': [],
  'gross-mass': [],
  minutes: ['change'],
}

function measured({ measure }: HouseRule, input: RuleInput): readonly Measured[] {
  // only what the measure reads is there to be read
  const { scene } = input
  switch (measure.what) {
    case 'quantity': {
      const those = servicesOf(scene).filter(({ type }) => type === measure.service)
      return [
        {
          measured: Math.round(offered(scene, measure.service)),
          unit: SERVICE_UNITS[measure.service] ?? 'count',
          fittings: [...new Set(those.map(({ fittingId }) => fittingId))],
          place: middleOf(scene),
        },
      ]
    }
    case 'distance':
      return offering(scene, measure.service).flatMap((placed) => {
        const others = offering(scene, measure.to).filter(({ id }) => id !== placed.id)
        return others.length === 0 ? [] : [atTop(placed, nearestTo(placed, others).mm)]
      })
    case 'height':
      return offering(scene, measure.service).map((placed) => atTop(placed, heightOf(scene, placed, measure.service)))
    case 'way':
      return input
        .bareWays()
        .filter(({ services }) => services.includes(measure.service))
        .map(({ fittingId, at, widthMm }) => ({
          measured: widthMm,
          unit: 'mm',
          fittings: [fittingId],
          place: [at[0], at[1], 900],
        }))
    case 'belted-seats': {
      const cab = scene.interior.shell.cabSeats.filter(({ belt }) => belt).length
      const belted = servicesOf(scene).filter(({ type }) => type === 'belt')
      return [
        {
          measured: cab + Math.round(offered(scene, 'belt')),
          unit: 'count',
          fittings: [...new Set(belted.map(({ fittingId }) => fittingId))],
          place: middleOf(scene),
        },
      ]
    }
    case 'bed-length': {
      const beds = [...berthsOf(scene)].sort((a, b) => b.lying.lengthMm - a.lying.lengthMm)
      return [
        {
          measured: Math.round(beds[0]?.lying.lengthMm ?? 0),
          unit: 'mm',
          fittings: beds.slice(0, 1).map(({ fittingId }) => fittingId),
          place: middleOf(scene),
        },
      ]
    }
    case 'gross-mass':
      return [{ measured: scene.interior.shell.masses.grossKg, unit: 'kg', fittings: [], place: middleOf(scene) }]
    case 'minutes': {
      const made = input.change()
      return made === undefined
        ? []
        : [
            {
              measured: Math.round(made.minutes * 10) / 10,
              unit: 'min',
              fittings: made.moves.filter(({ what }) => what !== 'turn-seat').map(({ id }) => id),
              place: middleOf(scene),
            },
          ]
    }
  }
}

/** What is not there yet, without which the measure says nothing. A quantity of none is a measure. */
function missing({ measure }: HouseRule, { scene }: RuleInput): readonly Missing[] {
  const asked =
    measure.what === 'distance'
      ? [measure.service, measure.to]
      : measure.what === 'height' || measure.what === 'way'
        ? [measure.service]
        : []
  return asked
    .filter((service) => offering(scene, service).length === 0)
    .map((service): Missing => ({ what: 'service', service }))
}

/** The id under which a house rule is reviewed. */
const houseRuleId = (id: string): string => `house-${id}`

/** A rule that the shop wrote, as one that the engine runs like its own. */
export function houseRule(id: string, house: HouseRule): Rule {
  const { title, reason, measure, bound, value, asks } = house
  return defineRule({
    id: houseRuleId(id),
    group: 'house',
    modes: house.modes.length === 0 ? 'every' : house.modes,
    reads: ['scene', ...READS[measure.what]],
    gravity: { house: house.gravity },
    basis: practice(`the house’s own: ${reason}`),
    parameters: {},
    needs: (input) => missing(house, input),
    key: byFitting(({ facts: { measure } }) => (measure.what === 'distance' ? measure.to : '')),
    check: (input) =>
      measured(house, input as RuleInput)
        .filter((one) => (bound === 'least' ? one.measured < value : one.measured > value))
        .map((one): Draft<'house'> => ({
          ...one,
          code: 'house',
          needed: value,
          facts: { title, reason, measure, bound, ...(asks === true ? { asks } : {}) },
        })),
  })
}
