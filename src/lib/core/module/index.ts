export { moduleJsonSchema, moduleKg, moduleOf, parseModule, parseModuleText, placedModule, type Module } from './module'
