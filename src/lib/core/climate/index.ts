export { thermalOf } from './u-value'
