import { parseModule, type Fault, type Module, type ModuleSummary } from '$lib/core/job'

type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly message: string; readonly faults: readonly Fault[] }

async function ask<T>(path: string, init: RequestInit = {}): Promise<Answer<T>> {
  try {
    const response = await fetch(path, init)
    const answer = (await response.json()) as T & { message?: string; faults?: readonly Fault[] }
    return response.ok
      ? { ok: true, value: answer }
      : { ok: false, message: answer.message ?? 'That did not work.', faults: answer.faults ?? [] }
  } catch {
    return { ok: false, message: 'No connection to Zimmerman: is it still running?', faults: [] }
  }
}

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
    : { ok: false, message: 'That module cannot be read.', faults: parsed.faults }
}

export async function revisionsOf(id: string): Promise<readonly { revision: number; at: string }[]> {
  const answer = await ask<readonly { revision: number; at: string }[]>(`/api/modules/${id}/revisions`)
  return answer.ok ? answer.value : []
}
