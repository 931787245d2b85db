import { movedAlong } from '../ways-out'
import type { FigurePose } from '../../job'
import { type Blocker, figureClash, figuresOf } from '../../scene'
import { byItself, comfort, defineRule, plainGeometry } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'figure-blocked': {
      readonly figureId: string
      readonly who: string
      readonly pose: FigurePose
      readonly blockers: readonly Blocker[]
    }
  }
}

/** Everyone who was put into a mode has room for their body there. */
export const figureFits = defineRule({
  id: 'figure-fits',
  group: 'people',
  modes: 'every',
  reads: ['scene', 'brief'],
  gravity: { 'figure-blocked': 'caution' },
  basis: plainGeometry(
    'people as blocks by their measurements, against what stands there; an overlap of {60} or less is let pass',
  ),
  tolerance: comfort(),
  parameters: {},
  key: byItself(({ facts }) => facts.figureId),
  check: ({ scene, brief }) =>
    figuresOf(scene, brief).flatMap((figure) => {
      const clash = figureClash(scene, figure)
      if (clash === undefined) return []
      return [
        {
          code: 'figure-blocked' as const,
          fittings: clash.blockers.flatMap((blocker) => (blocker.kind === 'fitting' ? [blocker.id] : [])),
          place: [figure.at[0], figure.at[1], figure.onMm + 500] as const,
          measured: clash.byMm,
          needed: 0,
          unit: 'mm' as const,
          facts: { figureId: figure.id, who: figure.label, pose: figure.pose, blockers: clash.blockers },
        },
      ]
    }),
  remedies: (input, { facts }) =>
    movedAlong(
      input,
      facts.blockers.flatMap(({ kind, id }) => (kind === 'fitting' ? [id] : [])),
      100,
    ),
})
