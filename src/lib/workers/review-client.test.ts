import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Job } from '$lib/core/job'
import type { VariantReview } from '$lib/core/review'

/** Reviews that the worker was asked for, each with what answers it. */
const asked: { readonly variantId: string; readonly answer: () => void }[] = []
vi.mock('./open-engine', () => ({
  openEngine: () => ({
    worker: { terminate: () => undefined },
    remote: {
      review: (_job: Job, variantId: string) =>
        new Promise<VariantReview>((resolve) =>
          asked.push({ variantId, answer: () => resolve({ variantId, modes: [], failed: [], untold: [], ended: [] }) }),
        ),
    },
  }),
}))
const { ReviewClient } = await import('./review-client')

const job = {} as Job
const settle = () => vi.advanceTimersByTimeAsync(0)

describe('the review client', () => {
  const answered: string[] = []
  let client: InstanceType<typeof ReviewClient>
  beforeEach(async () => {
    vi.useFakeTimers()
    asked.length = 0
    answered.length = 0
    client = new ReviewClient(({ variantId }) => answered.push(variantId))
    await settle()
  })
  afterEach(() => vi.useRealTimers())

  it('asks one at a time, and of those that wait only the newest', async () => {
    for (const id of ['a', 'b', 'c']) client.request(job, id)
    await settle()
    // the first has not left before the others came
    expect(asked.map(({ variantId }) => variantId)).toEqual(['c'])
    for (const id of ['d', 'e']) client.request(job, id)
    asked[0]!.answer()
    await settle()
    expect(asked.map(({ variantId }) => variantId)).toEqual(['c', 'e'])
    asked[1]!.answer()
    await settle()
    expect(answered).toEqual(['c', 'e'])
  })

  it('rests between two in a drag, and begins the newest after it', async () => {
    client.request(job, 'a', 80)
    await settle()
    client.request(job, 'b', 80)
    asked[0]!.answer()
    await settle()
    client.request(job, 'c', 80)
    await vi.advanceTimersByTimeAsync(79)
    expect(asked.length).toBe(1)
    await vi.advanceTimersByTimeAsync(1)
    expect(asked.map(({ variantId }) => variantId)).toEqual(['a', 'c'])
  })

  it('lets no rest keep the last one waiting, when the hand lets go', async () => {
    client.request(job, 'a', 80)
    await settle()
    client.request(job, 'b', 80)
    asked[0]!.answer()
    await settle()
    client.request(job, 'c')
    await settle()
    expect(asked.map(({ variantId }) => variantId)).toEqual(['a', 'c'])
    asked[1]!.answer()
    await settle()
    expect(answered).toEqual(['a', 'c'])
  })
})
