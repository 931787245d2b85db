import { type ModuleSummary } from '$lib/core/job'
import { parseModule, type Module } from '$lib/core/module'
import { ask, type Answer } from '../parts/ask'

export const listModules = (): Promise<Answer<readonly ModuleSummary[]>> => ask('/api/modules')
/** Takes a module in, as it stands in a file: a new one, or the next state of one that is there. */
export const keepModule = (text: string): Promise<Answer<{ id: string; revision: number }>> =>
  ask('/api/modules', { method: 'POST', body: text })
export const deleteModule = (id: string): Promise<Answer<{ id: string; revision: number }>> =>
  ask(`/api/modules/${id}`, { method: 'DELETE' })

export async function loadModule(id: string, revision?: number): Promise<Answer<Module>> {
  const answer = await ask<unknown>(`/api/modules/${id}${revision === undefined ? '' : `?revision=${revision}`}`)
  if (!answer.ok) return answer
  const parsed = parseModule(answer.value)
  return parsed.ok
    ? { ok: true, value: parsed.module }
    : { ok: false, message: 'This is not a Zimmerman module.', faults: parsed.faults }
}

export async function revisionsOf(id: string): Promise<readonly { revision: number; at: string }[]> {
  const answer = await ask<readonly { revision: number; at: string }[]>(`/api/modules/${id}/revisions`)
  return answer.ok ? answer.value : []
}
