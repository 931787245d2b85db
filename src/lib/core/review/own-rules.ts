import type { Fault, HouseRule, Job, OwnRules } from '../job'
import type { Rule, RuleInput } from './define-rule'
import { houseRule } from './house'
import { RULES } from './registry'

const made = new WeakMap<HouseRule, { readonly id: string; readonly rule: Rule }>()

/** The rules of the house; the same ones each time, so that their answers can be kept. */
const houseRulesOf = (job: Job): readonly Rule[] =>
  Object.entries(job.rules?.house ?? {}).map(([id, house]) => {
    const before = made.get(house)
    if (before?.id === id) return before.rule
    const rule = houseRule(id, house)
    made.set(house, { id, rule })
    return rule
  })

/** The rules that a job is held against: those of the book that it has not switched off, and those of the house. */
export function rulesOf(job: Job): readonly Rule[] {
  if (job.rules === undefined) return RULES
  const { settings } = job.rules
  return [...RULES.filter(({ id }) => settings[id]?.off !== true), ...houseRulesOf(job)]
}

/** A rule of the book or of the house by its id, switched off or not. */
export const ruleNamed = (job: Job, id: string): Rule | undefined =>
  RULES.find((rule) => rule.id === id) ?? houseRulesOf(job).find((rule) => rule.id === id)

/** What a rule compares with in a job. @throws RangeError if the job sets a figure outside the limits of the book. */
export function figuresOf(job: Job, rule: Rule): Readonly<Record<string, number>> {
  const set = job.rules?.settings[rule.id]?.parameters
  const before = figures.get(rule)
  if (before !== undefined && before.set === set) return before.figures
  const made = figuresWith(rule, set ?? {})
  figures.set(rule, { set, figures: made })
  return made
}

/** The figures of each rule as they were asked last. */
const figures = new WeakMap<Rule, { readonly set: unknown; readonly figures: Readonly<Record<string, number>> }>()

function figuresWith(rule: Rule, set: Readonly<Record<string, number>>): Readonly<Record<string, number>> {
  return Object.fromEntries(
    Object.entries(rule.parameters).map(([name, { default: usual, min, max }]) => {
      const value = set[name] ?? usual
      if (!(value >= min && value <= max))
        throw new RangeError(`${name} is set to ${value} in this job; it may be ${min} to ${max}`)
      return [name, value]
    }),
  )
}

/** What is wrong with rules asked otherwise, each with its path: a rule or figure that the book does not have, or a figure beyond its limits. */
export function settingFaults({ settings }: OwnRules): readonly Fault[] {
  return Object.entries(settings).flatMap(([id, { parameters = {} }]): Fault[] => {
    const rule = RULES.find((one) => one.id === id)
    if (rule === undefined) return [{ path: `settings.${id}`, message: 'there is no such rule in the book' }]
    return Object.entries(parameters).flatMap(([name, value]): Fault[] => {
      const path = `settings.${id}.parameters.${name}`
      const figure = rule.parameters[name]
      if (figure === undefined) return [{ path, message: 'this rule has no such figure' }]
      const { min, max } = figure
      return value >= min && value <= max ? [] : [{ path, message: `may be ${min} to ${max}, not ${value}` }]
    })
  })
}

/** What a rule reads, with its own figures. */
export const withFigures = (input: RuleInput, rule: Rule): RuleInput => ({
  ...input,
  parameters: figuresOf(input.job, rule),
})
