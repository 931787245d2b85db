import type { Entry } from './rebase'

export interface Lines {
  readonly since: readonly Entry[]
  /** The newest revision of the job. */
  readonly revision: number
}

/** All that happened to a job since a revision, in as many requests as it takes; what is there already is not asked for. @throws when one is not answered. */
export async function linesSince(id: string, base: number, have: readonly Entry[] = []): Promise<Lines> {
  const since = [...have]
  for (;;) {
    const after = since.at(-1)?.revision ?? base
    const response = await fetch(`/api/jobs/${id}/commands?since=${after}`)
    if (!response.ok) throw new Error(`the server answered ${response.status}`)
    const part = (await response.json()) as Lines
    since.push(...part.since)
    if (part.since.length === 0 || since.at(-1)!.revision >= part.revision) return { since, revision: part.revision }
  }
}
