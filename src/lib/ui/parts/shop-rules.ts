import type { OwnRules } from '$lib/core/job'
import { ask, type Answer } from './ask'

export const shopRules = (): Promise<Answer<OwnRules>> => ask('/api/shop/rules')
export const keepShopRules = (rules: OwnRules): Promise<Answer<OwnRules>> =>
  ask('/api/shop/rules', { method: 'PUT', body: JSON.stringify(rules) })
