export { searchRemedies } from './search'
export { weightHelps, type WeightHelp } from './weight-helps'
