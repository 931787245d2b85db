import type { Fault } from '$lib/core/job'

export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly message: string; readonly faults: readonly Fault[] }

/** A request to Zimmerman’s own server, and its answer in words where it failed. */
export async function ask<T>(path: string, init: RequestInit = {}): Promise<Answer<T>> {
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
