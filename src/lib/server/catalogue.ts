import type { CatalogueName } from './engine/catalogue'
import type { Reply } from './engine/reply'
import { send } from './http'
import { quick } from './pool/pool'

const made = new Map<CatalogueName, Promise<Reply>>()

/** Sends what never changes while the program runs; it is worked out once. */
export async function sendCatalogue(name: CatalogueName): Promise<Response> {
  const known = made.get(name) ?? quick('catalogue', name)
  made.set(name, known)
  // one that failed is tried again by whoever asks next
  known.catch(() => made.delete(name))
  return send(await known)
}
