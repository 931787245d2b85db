import type { Draft } from 'mutative'
import { houseRuleSchema, MAX_HOUSE_RULES, MAX_SETTINGS, ownRulesSchema } from '../rules-schema'
import type { Job } from '../schema'
import { checked, drop, putInto, type HandlersOf } from './kit'

const own = (job: Draft<Job>): NonNullable<Draft<Job>['rules']> => (job.rules ??= { settings: {}, house: {} })

export const RULE_HANDLERS: HandlersOf<'rule' | 'house' | 'rules'> = {
  'rule.set': (job, { id, setting }) => {
    const { settings } = own(job)
    if (setting === undefined || Object.keys(setting).length === 0) delete settings[id]
    else putInto(settings, id, setting as Draft<typeof setting>, MAX_SETTINGS, 'rule-setting')
  },
  'house.put': (job, { id, rule }) => {
    const { house } = own(job)
    putInto(house, id, checked(houseRuleSchema, rule) as Draft<typeof rule>, MAX_HOUSE_RULES, 'house-rule')
  },
  'house.remove': (job, { id }) => drop(own(job).house, id, 'house-rule'),
  'rules.put': (job, { rules }) => void (job.rules = checked(ownRulesSchema, rules) as Draft<Job>['rules']),
}
