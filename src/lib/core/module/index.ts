export {
  moduleJsonSchema,
  moduleKg,
  MODULE_FORMAT,
  moduleOf,
  MODULE_VERSION,
  parseModule,
  parseModuleText,
  placedModule,
  type Module,
  type ParsedModule,
  type Standing,
} from './module'
