export {
  GRAVITIES,
  isLetBe,
  RULE_GROUPS,
  type FactsByCode,
  type Finding,
  type FindingWaiver,
  type FindingCode,
  type FindingUnit,
  type Gravity,
  type Remedy,
  type RemedyCode,
  type RuleGroup,
} from './finding'
export { type Missing, type Rule, type Thing, type RuleParameter } from './define-rule'
export { RULES } from './registry'
export type { PassingPart } from './walker'
export { ruleNamed, rulesOf, settingFaults } from './own-rules'
export { SERVICE_UNITS } from './service-units'
export { MOST_LOAD, reviewLoad, reviewVariant } from './review'
export type { FailedRule, ModeReview, UntoldRule, VariantReview } from './variant-review'
export { evaluate, type Asked, type Evaluation } from './evaluate'
export { STAGES, type Stage } from './define-rule'
export { TOLD_TOGETHER, withFollows } from './causes'
export { remediesFor } from './remedies'
export { newStops } from './effect'
export { proverFor, proverOf, type ProvenRemedy } from './prove'
export { tried, withRemedy } from './try-out'
export { handleCommand, setSeat } from './ways-out'
export { faultsOf, tally, tallyByGroup, type Fault, type Tally } from './tally'
export { dropWaiver, takeUp, waive } from './waive'
export { type EndedWaiver, type WaiverEnd } from './ended'
export { bestFirst, untried, type Choice } from './choice'
export { choiceOf } from './choices'
export { placeFor } from './place-remedy'
export { demandStates, type DemandState } from './demand-state'
