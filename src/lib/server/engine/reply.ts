import type { Fault } from '$lib/core/job'

/** An answer as it leaves a thread: what the thread that serves sends on without looking into it. */
export interface Reply {
  readonly status: number
  readonly headers: Readonly<Record<string, string>>
  /** As text, or as its bytes in UTF-8. */
  readonly body: string | Uint8Array<ArrayBuffer>
}

export const reply = (value: unknown, status = 200, headers: Readonly<Record<string, string>> = {}): Reply => ({
  status,
  headers: { 'content-type': 'application/json', ...headers },
  body: JSON.stringify(value),
})

/** An answer that says what is wrong and where. */
export const refusal = (
  status: number,
  message: string,
  faults: readonly Fault[] = [],
  more: Readonly<Record<string, unknown>> = {},
): Reply => reply({ message, faults, ...more }, status)

/** A file to be drawn or kept. */
export const file = (body: string, type: string, disposition?: string): Reply => ({
  status: 200,
  headers: { 'content-type': type, ...(disposition === undefined ? {} : { 'content-disposition': disposition }) },
  body,
})

/** Something read, or the answer that says why not. */
export type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reply: Reply }

/** What was asked beside the body: the address’s own fields. */
export type Query = Readonly<Record<string, string>>
