export {
  GRAVITIES,
  type FactsByCode,
  type Finding,
  type FindingWaiver,
  type FindingCode,
  type FindingUnit,
  type Gravity,
  type Remedy,
  type RemedyCode,
} from './finding'
export { RULE_GROUPS, type Missing, type Rule, type Thing, type RuleGroup, type RuleParameter } from './define-rule'
export { RULES } from './registry'
export type { PassingPart } from './walker'
export { ruleNamed, rulesOf, settingFaults } from './own-rules'
export { SERVICE_UNITS } from './house'
export {
  isLetBe,
  MOST_LOAD,
  reviewLoad,
  reviewMode,
  reviewVariant,
  scenesOf,
  type FailedRule,
  type UntoldRule,
  type ModeReview,
  type VariantReview,
} from './review'
export { remediesFor } from './remedies'
export { newStops, proverFor, proverOf, tried, withRemedy, type ProvenRemedy } from './prove'
export { handleCommand, setSeat } from './ways-out'
export { faultsOf, groupOf, tally, tallyByGroup, type Fault, type Tally } from './tally'
export { dropWaiver, takeUp, waive } from './waive'
export { type EndedWaiver, type WaiverEnd } from './ended'
export { placeFor } from './place-remedy'
export { demandStates, type DemandState } from './demand-state'
