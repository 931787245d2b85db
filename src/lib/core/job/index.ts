export {
  FIGURE_POSES,
  FIXING_WAYS,
  fittingSchema,
  hangsOnItself,
  JOB_VERSION,
  jobJsonSchema,
  MAX_CHANGES,
  MAX_FITTINGS,
  type Figure,
  type FigurePose,
  type Fitting,
  type Waiver,
  type Fixing,
  type FixingWay,
  type Job,
  type Mode,
  type Plan,
  type Variant,
} from './schema'
export {
  GRAVITIES,
  houseRuleSchema,
  ownRulesSchema,
  type Gravity,
  type HouseMeasure,
  type HouseRule,
  type OwnRules,
  type RuleSetting,
} from './rules-schema'
export { DRAWN_IN, type Drawn } from './drawn-schema'
export {
  ASSUMED,
  ASSUMED_LIMITS,
  loadingSchema,
  SETTING_OUT,
  STORES,
  type AssumedKey,
  type Loading,
  type Store,
  type Weighing,
} from './weight-schema'
export {
  EXTRA_TIMES,
  POWER_ASSUMED,
  POWER_ASSUMED_LIMITS,
  type Extra,
  type Leg,
  type PowerAssumedKey,
  SECTIONS_MM2,
  type SectionMm2,
  type WeatherNotes,
  type WirePart,
  WIRE_PARTS,
} from './power-schema'
export type { Fault } from './fault'
export { faultsOf, guard, parseJob, parseJobText } from './document'
export { migrate } from './migrations'
export { commandSchema, MOST_PATCHES, type Command, type SimpleCommand } from './command'
export { replayed, type Patch } from './patch'
export { apply, replay } from './apply'
export { inParts } from './parts'
export { diffsMeet, patchesBetween, wholeParts, type Applied } from './diff'
export { CommandError, type CommandRefusal, type RefusedThing } from './command-error'
export { told } from './told'
export { toldSchema, type Shift, type Told, type Undone } from './told-schema'
export { newBrief, newJob, STANDARD_LINING, standardBrief } from './new-job'
export { modesOf, planInterior, ruleFigure, variantsOf } from './queries'
export type { JobSummary, ModuleSummary } from './summary'
export { REGISTRATION_QUESTIONS } from './registration'
export { goingBack, HOLES, type GoingBack } from './going-back'
export { WARMTH_ASSUMED, WARMTH_ASSUMED_LIMITS, type WarmthAssumedKey } from './warmth-schema'
