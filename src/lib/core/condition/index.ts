export {
  DUE_BEFORE,
  FOUND_KINDS,
  FOUND_LIMITS,
  foundAs,
  foundSchema,
  mirroredFound,
  MOST_FOUND,
  MOST_PHOTOS_EACH,
  newFound,
  photoIdSchema,
  WORK_STEPS,
  type Found,
  type FoundKind,
  type FoundList,
  type WorkStep,
} from './schema'
export { foundPrism, isPending, stepStates, sumOf, type FoundSum, type StepState } from './steps'
