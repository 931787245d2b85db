import { interiorOf, type Interior, type Shell } from '../shell'
import type { Job, Mode, Plan, Variant } from './schema'

/** A figure of a rule as a job has it: set, or as is usual. */
export const ruleFigure = ({ rules }: Pick<Job, 'rules'>, rule: string, figure: string, usual: number): number =>
  rules?.settings[rule]?.parameters?.[figure] ?? usual

/** Variants in their order. */
export const variantsOf = (job: Job): readonly (readonly [string, Variant])[] =>
  Object.entries(job.variants).sort(([, a], [, b]) => a.order - b.order)

/** Modes in their order. */
export const modesOf = (plan: Plan): readonly (readonly [string, Mode])[] =>
  Object.entries(plan.modes).sort(([, a], [, b]) => a.order - b.order)

/** The space that a plan leaves in a body: with its changes, within its lining. */
export const planInterior = (shell: Shell, plan: Pick<Plan, 'lining' | 'changes'>): Interior =>
  interiorOf(shell, plan.lining, plan.changes)
