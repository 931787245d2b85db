import { BUILDS } from '../examples/builds'
import { largeJob } from './core'
import { reviewVariant, RULES } from '../../src/lib/core/review'
import type { Job } from '../../src/lib/core/job'
export { BUILDS, largeJob, reviewVariant, RULES }
const q = (v: number[], p: number) => [...v].sort((a, b) => a - b)[Math.floor(v.length * p)]!
const clone = (job: Job): Job => structuredClone(job)
export function run() {
  for (const job of [...BUILDS, largeJob()]) {
    for (const variantId of Object.keys(job.variants)) {
      const n = Object.keys(job.variants[variantId]!.plan.fittings).length
      const times: number[] = []
      for (let i = 0; i < 14; i++) {
        const j = clone(job)
        const s = performance.now()
        reviewVariant(j, variantId)
        times.push(performance.now() - s)
      }
      const moved: number[] = []
      const plan = job.variants[variantId]!.plan
      for (const id of Object.keys(plan.fittings).slice(0, 8)) for (let k = 0; k < 2; k++) {
        const f = plan.fittings[id]!
        const m = { ...job, variants: { ...job.variants, [variantId]: { ...job.variants[variantId]!, plan: { ...plan, fittings: { ...plan.fittings, [id]: { ...f, seat: { ...f.seat, along: { ...f.seat.along, mm: f.seat.along.mm + 11 } } } } } } } } as Job
        const s = performance.now()
        try { reviewVariant(m, variantId) } catch (e) { console.log(String(e)) }
        moved.push(performance.now() - s)
      }
      console.log(job.name.padEnd(34), variantId, String(n).padStart(3), 'first', q(times.slice(4), 0.5).toFixed(1), 'moved', q(moved, 0.5).toFixed(1))
    }
  }
}
