export { searchRemedies } from './search'
