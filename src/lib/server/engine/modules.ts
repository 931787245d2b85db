import { moduleKg, parseModuleText, type Module } from '$lib/core/module'
import { readText } from './reading'
import { refusal, type Read } from './reply'

/** A module as it is stored, with what the library lists of it. */
export interface StoredModule {
  readonly id: string
  readonly name: string
  readonly fittings: number
  readonly massKg: number
  readonly document: string
}

export const toStoredModule = (module: Module): StoredModule => ({
  id: module.id,
  name: module.name,
  fittings: Object.keys(module.fittings).length,
  massKg: Math.round(moduleKg(module) * 10) / 10,
  document: JSON.stringify(module),
})

export const readNewModule = (bytes: Uint8Array): Read<StoredModule> =>
  readText(bytes, (text) => {
    const parsed = parseModuleText(text)
    if (!parsed.ok) return { ok: false, reply: refusal(422, 'This is not a Zimmerman module.', parsed.faults) }
    return { ok: true, value: toStoredModule(parsed.module) }
  })
