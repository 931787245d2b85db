export { massOfBlock, massOfSheet, MATERIALS, type Material, type MaterialId } from './materials'
