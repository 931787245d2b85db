export { searchRemedies, type Searched } from './search'
export { weightHelps, type WeightHelp } from './weight-helps'
