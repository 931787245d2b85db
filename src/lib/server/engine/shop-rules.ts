import { ownRulesSchema, type OwnRules } from '$lib/core/job'
import { settingFaults } from '$lib/core/review'
import { readJson } from './reading'
import { refusal, type Read } from './reply'

/** What a shop asks of plans otherwise than the book of rules, where each of its figures is one that a rule takes. */
export function readShopRules(bytes: Uint8Array): Read<OwnRules> {
  const read = readJson(bytes, ownRulesSchema)
  if (!read.ok) return read
  const faults = settingFaults(read.value)
  return faults.length > 0
    ? { ok: false, reply: refusal(422, 'These rules cannot be saved as they are.', faults) }
    : { ok: true, value: read.value }
}
