import type { Beside } from './engine/paper'
import { today } from './http'
import type { PhotoRepository } from './photos/photo-repository'
import { photos, shop } from './store'

/** What goes on a sheet beside what a document says that came with the request: a store that cannot be read keeps nothing from being drawn. */
export async function besideSheets(): Promise<Beside> {
  const paper = await shop()
    .then((repository) => repository.paper())
    .catch(() => undefined)
  return { date: today(), shop: paper }
}

const PHOTO = /"([0-9a-f]{32})"/g

/** The photos that a document names, as far as they are here. */
async function photosOf(
  repository: PhotoRepository,
  id: string,
  document: string,
): Promise<Record<string, Uint8Array>> {
  const found: Record<string, Uint8Array> = {}
  for (const [, photo = ''] of document.matchAll(PHOTO)) {
    const data = found[photo] === undefined ? await repository.get(id, photo) : undefined
    if (data !== undefined) found[photo] = data
  }
  return found
}

/** The same for a stored job, whose photos are here too. */
export async function besideStored(
  id: string,
  document: string,
  revision: number,
  { withPhotos, history }: { readonly withPhotos: boolean; readonly history?: Beside['history'] },
): Promise<Beside> {
  return {
    ...(await besideSheets()),
    revision,
    history,
    ...(withPhotos ? { photos: await photosOf(await photos(), id, document) } : {}),
  }
}
