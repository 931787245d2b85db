import { AsyncLocalStorage } from 'node:async_hooks'

/** Whom a piece of work is for: whose turn it takes, and the signal that they have gone. */
export interface Client {
  readonly turn: string
  readonly left: AbortSignal
}

const clients = new AsyncLocalStorage<Client>()

/** Does all that a request asks for in its client’s name. */
export const inNameOf = <T>(client: Client, work: () => T): T => clients.run(client, work)

/** Whom the work at hand is for; nobody, outside of a request. */
export const clientNow = (): Client | undefined => clients.getStore()
