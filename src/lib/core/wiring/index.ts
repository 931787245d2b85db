export { wiringOf, type CircuitWhat, type Source, type Wire, type Wiring } from './circuits'
export { awgFor } from './conductors'
export { shoppingOf } from './shopping'
