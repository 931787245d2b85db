export {
  CAUTION_WORDS,
  CHOICE_WORDS,
  CLEARANCE_WORDS,
  FIXING_WORDS,
  GROUP_WORDS,
  KIND_WORDS,
  OWN_PARAMETER_WORDS,
  PARAMETER_WORDS,
  parameterWord,
  SERVICE_WORDS,
  STANCE_WORDS,
  stanceWord,
  TASK_WORDS,
} from './fitting-words'
export {
  BODY_CLASS_WORDS,
  CHANGE_CAUTIONS,
  CHANGE_STEP_WORDS,
  CHANGE_WORDS,
  WAY_WORDS,
  FACE_WORDS,
  GRAVITY_WORDS,
  LINED_FACE_WORDS,
  NEED_WORDS,
  PURPOSE_WORDS,
  sayTally,
  HOLLOW_WORDS,
  SNAP_WORDS,
  SPACE_ROW_WORDS,
} from './words'
export { aOrAn, capital, count, list, numberWord, orNone, person, pieceName, small } from './grammar'
export { CHOICES } from './choices'
export { QUESTIONS, type QuestionPart } from './questions'
export { PART_WORDS, partWord } from './part-words'
export { KIND_KEYWORDS } from './kind-keywords'
export { MATERIAL_WORDS } from './material-words'
export { fittingName, namesOf, type Names } from './names'
export type { FindingWords } from './finding-words'
export { sayBasis, sayFinding } from './findings'
export { withLengths } from './lengths'
export { PAGE_WORDS, RULE_SENTENCES, sayBecause, sayDemand, sayDemandFigure, sayFacts } from './demands'
export { sayContradiction, sayContradictionBasis } from './contradictions'
export { houseUnit, sayFigure, sayMeasured, sayMissing } from './house'
export { sayLooked, sayRemedy } from './remedies'
export { sayWayToMeet, type SaidWay } from './ways-to-meet'
export { RULE_GROUP_WORDS, RULE_WORDS, ruleBook, ruleParameterWord, sayRule, type RuleEntry } from './rule-book'
export { sayTold } from './commands'
export { tapeWords } from './tape'
export { sayRefusal } from './refusals'
export { sayEnded } from './ended'
export { FOUND_WORDS, foundName, sayFoundSum, sayMoney, sayStep, STEP_WORDS } from './condition'
export { MEASURE_GROUP_WORDS, ROOF_WORDS, sayCheck, sayMeasure } from './survey'
export { sayGoingBack } from './going-back'
export {
  ASSUMED_BASIS,
  ASSUMED_WORDS,
  LIMIT_WORDS,
  listedLimits,
  MASS_WORDS,
  sayEntry,
  sayHeavy,
  sayHeld,
  sayLimitFigure,
  sayPlace,
  sayShare,
  sayShareless,
  sayUnknown,
  sayWeight,
  sayWeightState,
  sayWorst,
  STORE_WORDS,
} from './weight'
export {
  CLIMATE_WORDS,
  monthName,
  POWER_ASSUMED_BASIS,
  POWER_ASSUMED_UNITS,
  sayAmpHours,
  sayChemistry,
  sayCure,
  sayDark,
  sayDay,
  sayFirst,
  sayLatitude,
  sayLoad,
  sayPower,
  sayPowerShort,
  saySizes,
  whyLoad,
  ROOF_ROOM_WHY,
  SUN_WHY,
  whySet,
  whyYear,
  sayWeatherFault,
  SCHOOL_WORDS,
} from './power'
export { POWER_ASSUMED_WORDS } from './power-assumed'
export { circuitName, sayConductor, sourceName, WIRE_PART_WORDS } from './wire-words'
export { sayLacking, sayWire, wantWords, wiringCsv } from './wiring'
export { sayChange, sayMinutes, sayMove, type ChangeWords } from './moves'
export { sayDifference } from './differences'
export {
  sayLever,
  sayPurpose,
  sayFrost,
  sayTank,
  sayTankName,
  sayTanksLack,
  sayWarm,
  sayWater,
  sayWaterShort,
  sayWaterSum,
  sayDrains,
  sayWaterLean,
  sayWaterRange,
  sayWaterRun,
  sayWaterYear,
  tankFor,
  LINE_WORDS,
  WARM_WHY,
  WATER_BASIS,
  WATER_HABIT_BASIS,
  WATER_HABIT_UNITS,
  WATER_HABIT_WORDS,
  waterHabits,
  WEEKDAYS,
} from './water'
export {
  BURNS_WORDS,
  sayBurner,
  sayFuel,
  sayFuelShort,
  sayFuelUnsaid,
  sayGasNights,
  whyBurner,
  sayGasRun,
  sayGasVent,
  sayLeakTest,
} from './gas'
export {
  DAMP_WORDS,
  LOSS_WORDS,
  sayDamp,
  sayWarmth,
  sayWarmthShort,
  sayWarmthStep,
  CLOSED_BED_WHY,
  sayClosedBed,
  sayWarmthUnsaid,
  WARMTH_ASSUMED_BASIS,
  WARMTH_ASSUMED_UNITS,
  whyDamp,
  whyLoss,
} from './warmth'
export { WARMTH_ASSUMED_WORDS } from './warmth-assumed'
export {
  AIR_STATE_WORDS,
  AIR_WHY,
  changesOf,
  MORNING_WHY,
  NOISE_WHY,
  sayAir,
  sayAirRange,
  sayAirShort,
  sayFans,
  sayCutOff,
  sayFlow,
  sayParked,
  saySpeeds,
  spaceName,
  sayMorning,
  sayPpm,
  sayNoise,
  saySummer,
  sayThrough,
  STALE_PPM,
  summerWhy,
} from './air'
