import type { Draft } from 'mutative'
import { houseRuleSchema, MAX_HOUSE_RULES, ownRulesSchema } from '../rules-schema'
import type { Job } from '../schema'
import { checked, CommandError, drop, type HandlersOf } from './kit'

const own = (job: Draft<Job>): NonNullable<Draft<Job>['rules']> => (job.rules ??= { settings: {}, house: {} })

export const RULE_HANDLERS: HandlersOf<'rule' | 'house' | 'rules'> = {
  'rule.set': (job, { id, setting }) => {
    const { settings } = own(job)
    if (setting === undefined || Object.keys(setting).length === 0) delete settings[id]
    else settings[id] = setting as Draft<typeof setting>
  },
  'house.put': (job, { id, rule }) => {
    const { house } = own(job)
    if (house[id] === undefined && Object.keys(house).length >= MAX_HOUSE_RULES)
      throw new CommandError(`a job holds at most ${MAX_HOUSE_RULES} rules of the house`)
    house[id] = checked(houseRuleSchema, rule) as Draft<typeof rule>
  },
  'house.remove': (job, { id }) => drop(own(job).house, id, 'that rule of the house'),
  'rules.put': (job, { rules }) => void (job.rules = checked(ownRulesSchema, rules) as Draft<Job>['rules']),
}
