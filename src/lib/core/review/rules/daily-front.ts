import { demandOf, demandsOf, piecesOf } from '../../brief'
import { prismBounds, spanLength } from '../../geometry'
import { comfort, defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'daily-behind': { readonly daily: string; readonly seldom: string }
  }
}

/** In a deep stowage what is used every day does not share with what is used once a year: one of the two lies behind. */
export const dailyFront = defineRule({
  id: 'daily-front',
  group: 'use',
  modes: ['driving'],
  reads: ['scene', 'brief', 'stowed'],
  gravity: { 'daily-behind': 'note' },
  basis: practice('daily things to the front, or in a space of their own'),
  tolerance: comfort(),
  parameters: {
    armMm: {
      default: 600,
      min: 300,
      max: 1200,
      unit: 'mm',
      basis: practice('as deep as an arm reaches over something'),
    },
  },
  check: ({ scene, brief, stowed, parameters }) => {
    const demands = new Map(demandsOf(brief).map((demand) => [demand.id, demand]))
    const { places } = stowed()
    const put = piecesOf(brief).flatMap(({ id }) => {
      const demand = demands.get(demandOf(id))
      const place = places.get(id)
      const use = brief.gear?.[demand?.forWhom[0] ?? '']?.use
      return place === undefined || demand === undefined || use === undefined ? [] : [{ demand, place, use }]
    })
    return scene.placed.flatMap((placed) => {
      const here = put.filter(({ place }) => place === placed.id)
      const daily = here.find(({ use }) => use === 'daily')
      const seldom = here.find(({ use }) => use === 'seldom')
      const inside = placed.services.find(({ type }) => type === 'stowage')?.inside
      if (daily === undefined || seldom === undefined || inside === undefined) return []
      const { x, y } = prismBounds(inside)
      const measured = Math.round(Math.min(spanLength(x), spanLength(y)))
      if (measured <= parameters.armMm) return []
      return [
        {
          code: 'daily-behind' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured,
          needed: parameters.armMm,
          unit: 'mm' as const,
          facts: { daily: daily.demand.label ?? '', seldom: seldom.demand.label ?? '' },
        },
      ]
    })
  },
})
