import type { Draft } from 'mutative'
import { emptyPlan } from '../empty-plan'
import { MAX_VARIANTS, MAX_WAIVERS, waiverSchema, type Plan } from '../schema'
import { CommandError } from '../command-error'
import { mirrorPlan } from './mirror'
import { checked, drop, lastOrder, putInto, variantOf, type HandlersOf } from './kit'

const structuredPlan = (plan: Draft<Plan>): Plan => JSON.parse(JSON.stringify(plan)) as Plan

export const VARIANT_HANDLERS: HandlersOf<'variant' | 'plan' | 'waiver'> = {
  'variant.add': (job, { id, name, from }) => {
    if (job.variants[id] !== undefined) throw new CommandError({ code: 'there-already', thing: 'variant' })
    const order = lastOrder(Object.values(job.variants), 1000)
    const model = from === undefined ? undefined : variantOf(job, from)
    const plan =
      model === undefined ? emptyPlan(Object.values(job.variants)[0]!.plan.lining) : structuredPlan(model.plan)
    putInto(job.variants, id, { name, order, plan: plan as Draft<Plan> }, MAX_VARIANTS, 'variant')
  },
  'variant.rename': (job, { variant, name }) => void (variantOf(job, variant).name = name),
  'variant.remove': (job, { variant }) => {
    if (Object.keys(job.variants).length === 1) throw new CommandError({ code: 'last-one', thing: 'variant' })
    drop(job.variants, variant, 'variant')
  },
  'plan.transferable': (job, { variant, transferable }) => {
    const { plan } = variantOf(job, variant)
    if (transferable) plan.transferable = true
    else delete plan.transferable
  },
  'waiver.put': (job, { variant, id, waiver }) => {
    const { plan } = variantOf(job, variant)
    const waivers = (plan.waivers ??= {})
    // one finding is let be once: a new reason takes the place of the old
    for (const [otherId, other] of Object.entries(waivers)) if (other.key === waiver.key) delete waivers[otherId]
    putInto(waivers, id, checked(waiverSchema, waiver) as Draft<typeof waiver>, MAX_WAIVERS, 'waiver')
  },
  'waiver.remove': (job, { variant, id }) => drop((variantOf(job, variant).plan.waivers ??= {}), id, 'waiver'),
  'plan.mirror': (job, { variant }) => {
    const { plan } = variantOf(job, variant)
    if (Object.values(plan.fittings).some(({ locked }) => locked === true))
      throw new CommandError({ code: 'locked-in-plan' })
    mirrorPlan(job, plan)
  },
}
