import type { JobSummary } from '$lib/core/job'
import { ask, type Answer } from '../parts/ask'

export interface KeptCopy {
  readonly name: string
  readonly reason: 'daily' | 'asked' | 'before'
  readonly at: string
  readonly bytes: number
}

export interface CopyFacts {
  readonly jobs: readonly {
    readonly id: string
    readonly name: string
    readonly revision: number
    readonly changedAt: string
  }[]
  readonly deleted: number
  readonly modules: number
  readonly isCutOff: boolean
}

/** A copy in the data folder, or a file that was taken in from somewhere else. */
export type CopySource = { readonly copy: string } | { readonly upload: string }

export const makeCopy = (): Promise<Answer<{ readonly name: string }>> => ask('/api/copies', { method: 'POST' })
export const lookInto = (from: CopySource): Promise<Answer<CopyFacts>> =>
  ask('copy' in from ? `/api/copies/${from.copy}/facts` : `/api/copies/uploads/${from.upload}/facts`)
export const putBack = (from: CopySource): Promise<Answer<CopyFacts>> =>
  ask('/api/copies/restore', { method: 'POST', body: JSON.stringify(from) })
export const jobsNow = (): Promise<Answer<readonly JobSummary[]>> => ask('/api/jobs')

export async function removeCopy(name: string): Promise<string> {
  try {
    const response = await fetch(`/api/copies/${name}`, { method: 'DELETE' })
    return response.ok ? '' : `The server answered ${response.status}.`
  } catch {
    return 'No connection to Zimmerman: is it still running?'
  }
}

const PART_BYTES = 4_000_000

/** Takes in a file part by part; `told` hears how much of it is there, from 0 to 1. */
export async function takeIn(file: File, told: (share: number) => void): Promise<Answer<CopySource>> {
  let upload: string | undefined
  for (let offset = 0; offset < file.size || upload === undefined; offset += PART_BYTES) {
    const query = new URLSearchParams({ offset: String(offset), ...(upload === undefined ? {} : { upload }) })
    const answer = await ask<{ readonly upload: string }>(`/api/copies/uploads?${query.toString()}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file.slice(offset, offset + PART_BYTES),
    })
    if (!answer.ok) return answer
    upload = answer.value.upload
    told(Math.min(1, (offset + PART_BYTES) / file.size))
  }
  return { ok: true, value: { upload } }
}
