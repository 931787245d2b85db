import { z } from 'zod'
import { PURPOSES, recordOf } from '../brief'
import { SERVICES } from '../fittings'
import { wordsSchema } from '../shell'

/** From what must be changed before a board is cut to what is good to know. */
export const GRAVITIES = ['stop', 'caution', 'note'] as const
export type Gravity = (typeof GRAVITIES)[number]

/** What a job asks of one of the program’s rules instead of what the book says. */
export const ruleSettingSchema = z.looseObject({
  off: z.boolean().optional().describe('The rule is not asked'),
  parameters: z.record(z.string().max(40), z.number()).optional().describe('Its figures, by their key'),
  gravity: z.enum(GRAVITIES).optional().describe('How grave all that it says is'),
})
export type RuleSetting = Readonly<z.infer<typeof ruleSettingSchema>>

const service = z.enum(SERVICES)

/** What a house rule takes the measure of, in one mode. */
const houseMeasureSchema = z.discriminatedUnion('what', [
  z.object({ what: z.literal('quantity'), service }).describe('How much of a service there is in all'),
  z.object({ what: z.literal('distance'), service, to: service }).describe('From each to the nearest of another, mm'),
  z.object({ what: z.literal('height'), service }).describe('How high each is over the floor, mm'),
  z.object({ what: z.literal('way'), service }).describe('The narrowest place on the way to each, mm'),
  z.object({ what: z.literal('belted-seats') }).describe('Belted seats of the cab and of the plan'),
  z.object({ what: z.literal('bed-length') }).describe('The longest bed, mm'),
  z.object({ what: z.literal('gross-mass') }).describe('What the vehicle may weigh by its papers, kg'),
  z.object({ what: z.literal('minutes') }).describe('What it takes to get there from the mode before'),
])
export type HouseMeasure = Readonly<z.infer<typeof houseMeasureSchema>>

/** A rule that the shop wrote itself: a measure, a bound, and what is said where it is not kept. */
export const houseRuleSchema = z.looseObject({
  title: wordsSchema(80).min(1),
  reason: wordsSchema(300).min(1).describe('Why the house asks for it'),
  gravity: z.enum(GRAVITIES),
  modes: z.array(z.enum(PURPOSES)).max(PURPOSES.length).describe('None: in every mode'),
  measure: houseMeasureSchema,
  bound: z.enum(['least', 'most']),
  value: z.number().min(0).max(100_000),
  asks: z.boolean().optional().describe('A question to ask of an office, no rule'),
})
export type HouseRule = Readonly<z.infer<typeof houseRuleSchema>>

export const MAX_SETTINGS = 200
export const MAX_HOUSE_RULES = 60

/** What a job, or a shop for its new jobs, asks of plans otherwise than the book of rules does. */
export const ownRulesSchema = z.looseObject({
  settings: recordOf(ruleSettingSchema, MAX_SETTINGS).default({}).describe('By the id of the rule'),
  house: recordOf(houseRuleSchema, MAX_HOUSE_RULES).default({}),
})
export interface OwnRules {
  readonly settings: Readonly<Record<string, RuleSetting>>
  readonly house: Readonly<Record<string, HouseRule>>
}
