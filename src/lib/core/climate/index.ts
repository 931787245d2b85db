export { thermalOf, type Thermal } from './u-value'
