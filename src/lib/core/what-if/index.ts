export { bestFirst, choiceOf, untried, type Choice } from './choices'
export { searchRemedies, type Searched } from './search'
export { weightHelps, type WeightHelp } from './weight-helps'
