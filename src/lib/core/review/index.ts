export {
  GRAVITIES,
  type FactsByCode,
  type Finding,
  type FindingWaiver,
  type FindingCode,
  type Gravity,
  type Remedy,
  type RemedyCode,
} from './finding'
export { RULE_GROUPS, type Rule, type RuleGroup, type RuleParameter } from './define-rule'
export { RULES } from './registry'
export {
  isLetBe,
  remediesFor,
  reviewJob,
  reviewVariant,
  scenesOf,
  tally,
  type FailedRule,
  type ModeReview,
  type ProvenRemedy,
  type VariantReview,
} from './review'
export { placeFor } from './place-remedy'
export { demandStates, type DemandState } from './demand-state'
