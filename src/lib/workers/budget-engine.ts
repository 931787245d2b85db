import { expose } from 'comlink'
import {
  airReport,
  curesOf,
  findSets,
  fuelReport,
  heldAgainst,
  plannedFor,
  powerCase,
  powerReport,
  powerWeek,
  warmthReport,
  waterReport,
  weightReport,
  type LimitId,
} from '$lib/core/budgets'
import type { Loading, Weighing } from '$lib/core/job'
import { sayAirShort, sayFuelShort, sayPowerShort, sayWarmthShort, sayWaterShort } from '$lib/core/text'
import { weightHelps } from '$lib/core/what-if'
import { wiringOf } from '$lib/core/wiring'
import { HeldJob, type News } from './protocol'

/** What each budget of a variant says of it in a word; the weight as what may still be loaded. */
export interface BudgetFigures {
  readonly spareKg: number | undefined
  readonly water: string
  readonly power: string
  readonly gas: string
  readonly warmth: string
  readonly air: string
}

const held = new HeldJob()

/** What the budgets’ worker does. Plain data both ways. */
const budgetEngine = {
  weight: (news: News, variantId: string, loading?: Loading) => weightReport(held.take(news), variantId, loading),
  held: (news: News, weighing: Weighing) => heldAgainst(held.take(news), weighing),
  planned: (news: News, variantId: string, loading: Loading) => plannedFor(held.take(news), variantId, loading),
  power: (news: News, variantId: string) => powerReport(held.take(news), variantId),
  cures: (news: News, variantId: string) => curesOf(powerCase(held.take(news), variantId)),
  week: (news: News, variantId: string, fromDay: number) => powerWeek(held.take(news), variantId, fromDay),
  wiring: (news: News, variantId: string) => wiringOf(held.take(news), variantId),
  water: (news: News, variantId: string) => waterReport(held.take(news), variantId),
  warmth: (news: News, variantId: string) => warmthReport(held.take(news), variantId),
  air: (news: News, variantId: string) => airReport(held.take(news), variantId),
  fuel: (news: News, variantId: string) => fuelReport(held.take(news), variantId),
  figures: (news: News, variantId: string): BudgetFigures => {
    const job = held.take(news)
    const total = weightReport(job, variantId).limits.find(({ id }) => id === 'total')
    return {
      spareKg: total?.limit === undefined ? undefined : total.limit - total.worstDry.value,
      water: sayWaterShort(waterReport(job, variantId)),
      power: sayPowerShort(powerReport(job, variantId)),
      gas: sayFuelShort(fuelReport(job, variantId)),
      warmth: sayWarmthShort(warmthReport(job, variantId)),
      air: sayAirShort(airReport(job, variantId)),
    }
  },
  sets: (news: News, variantId: string, told: (share: number) => void) =>
    findSets(powerCase(held.take(news), variantId), told),
  helps: (news: News, variantId: string, limit: LimitId) => weightHelps(held.take(news), variantId, limit),
}
expose(budgetEngine)
export type BudgetEngine = typeof budgetEngine
