import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Job } from '$lib/core/job'
import type { ReviewAnswer } from './review-engine'
import type { News } from './protocol'

interface Asked {
  readonly what: 'shown' | 'all'
  readonly variantId: string
  readonly modeId: string | undefined
  readonly news: News
  readonly answer: () => void
  readonly fail: (cause: Error) => void
}
/** What the worker was asked, with what answers it. */
const asked: Asked[] = []
/** Every worker that was opened: whether it has been ended, and what tells it that it failed. */
const opened: { ended: boolean; fail: (event: { message: string; preventDefault: () => void }) => void }[] = []
const review = (variantId: string) => ({ variantId, modes: [], failed: [], untold: [], ended: [] })
vi.mock('./open-engine', () => ({
  openEngine: () => {
    const one = { ended: false, fail: (): void => undefined }
    opened.push(one)
    const answering =
      (what: Asked['what']) =>
      (news: News, variantId: string, modeId?: string): Promise<unknown> =>
        new Promise((resolve, reject) =>
          asked.push({
            what,
            variantId,
            modeId,
            news,
            answer: () =>
              resolve(
                what === 'shown' ? review(variantId) : ({ review: review(variantId) } as unknown as ReviewAnswer),
              ),
            fail: reject,
          }),
        )
    return {
      worker: {
        terminate: () => (one.ended = true),
        addEventListener: (_: string, listener: typeof one.fail) => (one.fail = listener),
      },
      remote: { shown: answering('shown'), all: answering('all') },
    }
  },
}))
const { ReviewClient } = await import('./review-client')

const job = { id: 'job-a', variants: {} } as unknown as Job
const settle = () => vi.advanceTimersByTimeAsync(0)
const whats = () => asked.map(({ what, variantId }) => `${what} ${variantId}`)

describe('the review client', () => {
  const heard: string[] = []
  let client: InstanceType<typeof ReviewClient>
  beforeEach(async () => {
    vi.useFakeTimers()
    asked.length = 0
    opened.length = 0
    heard.length = 0
    client = new ReviewClient({
      shown: ({ variantId }) => heard.push(`shown ${variantId}`),
      all: (answer) => heard.push(`all ${answer.review.variantId}`),
      stopped: (message) => heard.push(`stopped: ${message}`),
    })
    await settle()
  })
  afterEach(() => vi.useRealTimers())
  const request = (id: string, restMs?: number) => client.request(job, id, 'mode-day', restMs)
  const answer = async (index: number) => {
    asked[index]!.answer()
    await settle()
  }

  it('asks for the mode on screen first, then for all; of those that wait only the newest', async () => {
    for (const id of ['a', 'b', 'c']) request(id)
    await settle()
    // the first has not left before the others came
    expect(whats()).toEqual(['shown c'])
    expect(asked[0]!.modeId).toBe('mode-day')
    await answer(0)
    expect(whats()).toEqual(['shown c', 'all c'])
    for (const id of ['d', 'e']) request(id)
    await answer(1)
    expect(whats()).toEqual(['shown c', 'all c', 'shown e'])
    await answer(2)
    await answer(3)
    expect(heard).toEqual(['shown c', 'all c', 'shown e', 'all e'])
  })

  it('leaves the other modes where something newer waits', async () => {
    request('a')
    await settle()
    request('b')
    await answer(0)
    expect(whats()).toEqual(['shown a', 'shown b'])
    expect(heard).toEqual(['shown a'])
  })

  it('rests between two in a drag, and begins the newest after it', async () => {
    request('a', 80)
    await settle()
    request('b', 80)
    await answer(0)
    request('c', 80)
    await vi.advanceTimersByTimeAsync(79)
    expect(asked.length).toBe(1)
    await vi.advanceTimersByTimeAsync(1)
    expect(whats()).toEqual(['shown a', 'shown c'])
  })

  it('lets no rest keep the last one waiting, when the hand lets go', async () => {
    request('a', 80)
    await settle()
    request('b', 80)
    await answer(0)
    request('c')
    await settle()
    expect(whats()).toEqual(['shown a', 'shown c'])
  })

  it('starts an engine that throws anew, tells it the whole job, and says nothing of it where that helps', async () => {
    request('a')
    await settle()
    expect(asked[0]!.news).toHaveProperty('job')
    asked[0]!.fail(new Error('out of chalk'))
    await settle()
    expect([opened.length, opened[0]!.ended, opened[1]!.ended]).toEqual([2, true, false])
    expect(whats()).toEqual(['shown a', 'shown a'])
    expect(asked[1]!.news).toHaveProperty('job')
    await answer(1)
    // what it holds it is not sent again
    expect(asked[2]!.news).toEqual({ revision: 2, since: 2, patches: [] })
    await answer(2)
    expect(heard).toEqual(['shown a', 'all a'])
  })

  it('says why where it stops twice, and asks again with the next change', async () => {
    request('a')
    await settle()
    asked[0]!.fail(new Error('out of chalk'))
    await settle()
    asked[1]!.fail(new Error('out of chalk again'))
    await settle()
    expect(heard).toEqual(['stopped: out of chalk again'])
    expect(opened.map(({ ended }) => ended)).toEqual([true, true])
    request('b')
    await settle()
    await answer(2)
    await answer(3)
    expect(heard.slice(1)).toEqual(['shown b', 'all b'])
  })

  it('takes a worker that fails, or gives no answer for half a minute, for stopped', async () => {
    request('a')
    await settle()
    opened[0]!.fail({ message: 'SyntaxError', preventDefault: () => undefined })
    await settle()
    expect(whats()).toEqual(['shown a', 'shown a'])
    await vi.advanceTimersByTimeAsync(29_000)
    expect(heard).toEqual([])
    await vi.advanceTimersByTimeAsync(1_000)
    expect(heard).toEqual(['stopped: it gave no answer'])
  })

  it('ends for good where it is closed while it waits: no other worker is opened, and nothing is said', async () => {
    request('a')
    await settle()
    client.close()
    await settle()
    expect([opened.length, opened[0]!.ended, heard]).toEqual([1, true, []])
    await expect(client.review(job, 'a')).rejects.toThrow('it was ended')
    expect(opened.length).toBe(1)
  })

  it('tells the whole job where the worker holds another revision', async () => {
    request('a')
    await settle()
    await answer(0)
    asked[1]!.fail(Object.assign(new Error('revision none is held, not 1'), { name: 'DoesNotFit' }))
    await settle()
    expect([opened.length, asked[2]!.what, asked[2]!.news]).toEqual([1, 'all', { revision: 2, job }])
    await answer(2)
    expect(heard).toEqual(['shown a', 'all a'])
  })
})
