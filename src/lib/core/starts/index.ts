export { GEAR_LIBRARY } from './gear-library'
export { BRIEF_TEMPLATES } from './templates'
