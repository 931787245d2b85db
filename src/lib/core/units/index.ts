export { NAMING, sayIssue } from './issue-words'
export { HAIR_MM, isUnnoticed, SAME_MM, TOUCH_MM, UNNOTICED } from './tolerance'
export { faulty, parsed, type Parsed } from './result'
export { formatFigure, formatNumber } from './quantity'
export {
  formatLength,
  isInInches,
  LENGTH_UNITS,
  needed,
  parseLength,
  sayLength,
  sayNeed,
  type LengthUnit,
} from './length'
export { sayAir, sayArea, sayOpening } from './area'
export { parseMass, sayMass } from './mass'
export { parseVolume, sayVolume } from './volume'
export { known, nth } from './known'
