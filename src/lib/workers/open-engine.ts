import { wrap, type Remote } from 'comlink'

/** Starts the engine of that address in a worker of its own. */
export function openEngine<T>(url: string): { readonly worker: Worker; readonly remote: Remote<T> } {
  const worker = new Worker(url, { type: 'module' })
  return { worker, remote: wrap<T>(worker) }
}
