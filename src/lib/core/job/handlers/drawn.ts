import type { Draft } from 'mutative'
import { drawnSchema, MAX_DRAWN } from '../drawn-schema'
import { checked, drop, fittingOf, putInto, variantOf, type HandlersOf } from './kit'

export const DRAWN_HANDLERS: HandlersOf<'drawn'> = {
  'drawn.put': (job, { variant, id, drawn }) => {
    const { plan } = variantOf(job, variant)
    if ((drawn.kind === 'pinned' || drawn.kind === 'note') && drawn.fitting !== undefined)
      fittingOf(plan, drawn.fitting)
    putInto((plan.drawn ??= {}), id, checked(drawnSchema, drawn) as Draft<typeof drawn>, MAX_DRAWN, 'drawn')
  },
  'drawn.remove': (job, { variant, id }) => {
    const { plan } = variantOf(job, variant)
    drop((plan.drawn ??= {}), id, 'drawn')
    if (Object.keys(plan.drawn).length === 0) delete plan.drawn
  },
}
