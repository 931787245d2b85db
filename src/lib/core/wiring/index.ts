export { wiringOf, type Wiring } from './circuits'
export { awgFor, CONDUCTORS, type Sized, type WireFault } from './conductors'
export type { CircuitWhat, Source, Wire } from './lay'
export { shoppingOf } from './shopping'
