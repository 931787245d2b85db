export { GEAR_LIBRARY, type TypicalGear } from './gear-library'
export { BRIEF_TEMPLATES, type BriefTemplate } from './templates'
