import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect, test } from '@playwright/test'
import { newBrief, type Job } from '../../src/lib/core/job'
import { keepProof } from '../proof/keep'
import { freePort, OwnServer } from '../support/own-server'
import { crowd, gearOf, longGear, plansOf } from '../support/worst'

/** All of it by `npm run proof`; a tenth otherwise, without the times, which a busy machine makes what it likes. */
const PROOF = process.env.PROOF === '1'
const EDITS = PROOF ? 100_000 : 2000
const SOAK_S = PROOF ? 600 : 15

test.describe.configure({ mode: 'serial' })
test.setTimeout(PROOF ? 3_600_000 : 240_000)

let server: OwnServer
let folder: string
test.beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-held-up-'))
  // beside other tests the threads, which give way to everyone, may get next to nothing of the machine
  server = new OwnServer(await freePort(), path.join(folder, 'data'), PROOF ? {} : { ZIMMERMAN_LONGEST_S: '90' })
  await server.start()
})
test.afterEach(async () => {
  await server.kill()
  rmSync(folder, { recursive: true, force: true, maxRetries: 20, retryDelay: 250 })
})

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
const post = (where: string, body: unknown, tab: string, signal?: AbortSignal) =>
  fetch(`${server.address}${where}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-tab': tab },
    body: JSON.stringify(body),
    signal: signal ?? null,
  }).then(async (answer) => {
    // read to its end, so that the connection can be used again
    const text = await answer.text()
    return { status: answer.status, headers: answer.headers, text, json: () => JSON.parse(text) as unknown }
  })
const timed = async <T>(work: () => Promise<T>): Promise<readonly [T, number]> => {
  const from = performance.now()
  const done = await work()
  return [done, performance.now() - from]
}
const share = (times: readonly number[], part: number): number =>
  Math.round([...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * part))] ?? 0)

/** Someone who saves and opens pages, one thing after the other, until they are told to stop. */
function someone(job = 'job-potter') {
  const saves: number[] = []
  const pages: number[] = []
  let going = true
  const work = (async () => {
    let { revision } = (await (await fetch(`${server.address}/api/jobs/${job}/commands?since=0`)).json()) as {
      revision: number
    }
    while (going) {
      const command = { type: 'job.rename', name: `Name ${revision}` }
      const body = { base: revision, client: 'someone-else', commands: [{ uid: `uid-${revision}-x`, command }] }
      const [answer, ms] = await timed(() => post(`/api/jobs/${job}/commands`, body, 'someone'))
      expect(answer.status).toBe(200)
      revision = (answer.json() as { revision: number }).revision
      saves.push(ms)
      const [page, took] = await timed(() => fetch(`${server.address}/`).then((one) => one.text()))
      expect(page).toContain('Jobs')
      pages.push(took)
      await pause(15)
    }
  })()
  const stop = async () => {
    going = false
    await work
    return { saves, pages }
  }
  return { stop }
}

/** What holds up most of all that is accepted, and what is refused with its limit. */
const HEAVY: readonly (readonly [string, string, () => unknown, number, string])[] = [
  [
    '2 000 pieces of gear in 400 sizes, reviewed',
    '/api/review',
    () => withGear(400, 5, false),
    200,
    '41 to 56 kB of gear: 17.7 to 48 s',
  ],
  ['2 000 pieces of gear alike, reviewed', '/api/review', () => withGear(400, 5, true), 200, '41 kB of gear: 17.7 s'],
  ['20 000 pieces of gear', '/api/review', () => withGear(400, 50, false), 422, '28 s here'],
  ['60 longest boards in a bus', '/api/space', () => boards(60), 200, '500 of them: 17 s'],
  ['500 longest boards', '/api/space', () => boards(500), 422, '17 s'],
  [
    '400 long pieces against all bodies',
    '/api/vehicles/compare',
    () => ({ brief: { ...newBrief(), derives: true, gear: longGear(400) } }),
    200,
    '46 s',
  ],
  ['166 fittings in 12 modes, reviewed', '/api/review', () => plansOf(166, 12, 1), 200, ''],
  [
    '166 fittings in 12 modes for a brief that is full',
    '/api/review',
    () => plansOf(166, 12, 1, 'bus-12m', crowd()),
    200,
    '',
  ],
  ['400 fittings in 5 modes, reviewed', '/api/review', () => plansOf(400, 5, 1), 200, ''],
  ['400 fittings in 12 modes', '/api/review', () => plansOf(400, 12, 1), 422, ''],
  ['20 variants of 60 fittings in 6 modes, at once', '/api/review', () => plansOf(60, 6, 20), 422, ''],
  ['one of these variants', '/api/review?variant=variant-0', () => plansOf(60, 6, 20), 200, ''],
  ['the moves between 12 modes of 166 fittings', '/api/moves', () => plansOf(166, 12, 1), 200, ''],
  ['a drawing of 400 fittings', '/api/draw', () => plansOf(400, 5, 1), 200, ''],
]

/** All that is refused, and of what is answered the first of each route: a busy machine takes minutes for the rest. */
const TRIED = PROOF
  ? HEAVY
  : HEAVY.filter(
      ([, where, , status], index) =>
        status === 422 || index === HEAVY.findIndex(([, other, , answered]) => other === where && answered === 200),
    )

let potter: Job | undefined
const withGear = (entries: number, count: number, alike: boolean) => ({
  ...potter!,
  brief: { ...potter!.brief, derives: true, gear: gearOf(entries, count, alike) },
})
const boards = (count: number) => ({
  shell: 'bus-12m',
  questions: Array.from({ length: count }, (_, index) => ({
    ask: 'longest-board',
    wideMm: 100 + index,
    thickMm: 18 + (index % 7),
  })),
})

test('no document holds up another who saves or opens a page; what is too much is refused with its limit', async () => {
  potter = (await (await fetch(`${server.address}/api/jobs/job-potter`)).json()) as Job
  const faults: string[] = []
  const figures: (readonly [string, string])[] = []
  for (const [what, where, make, status, before] of TRIED) {
    const body = make()
    const bytes = JSON.stringify(body).length
    const other = someone()
    await pause(60)
    const [answer, ms] = await timed(() => post(where, body, 'heavy'))
    const { text } = answer
    const { saves, pages } = await other.stop()
    expect([what, answer.status]).toEqual([what, status])
    // a refusal names the figure and the limit
    if (status === 422) expect(text).toMatch(/\d[\d\s]*.*(at most|more than the) \d+/)
    const slowest = [share(saves, 0.99), share(pages, 0.99)] as const
    figures.push([
      `${what}, ${Math.round(bytes / 1000)} kB${before === '' ? '' : ` (before: ${before})`}`,
      `${status === 200 ? `${(ms / 1000).toFixed(2)} s` : `refused in ${Math.round(ms)} ms`}; a save beside it ${slowest[0]} ms, a page ${slowest[1]} ms`,
    ])
    if (!PROOF) continue
    if (ms > 5000) faults.push(`${what}: ${Math.round(ms)} ms`)
    if (slowest[1] > 200) faults.push(`${what}: a page waited ${slowest[1]} ms`)
  }
  // beside a stream of the heaviest, asked one after the other
  const other = someone()
  const until = Date.now() + (PROOF ? 60_000 : 4000)
  while (Date.now() < until) {
    expect((await post('/api/review', plansOf(166, 12, 1), 'heavy')).status).toBe(200)
    expect((await post('/api/vehicles/compare', HEAVY[5]![2](), 'heavy')).status).toBe(200)
  }
  const { saves, pages } = await other.stop()
  expect(saves.length).toBeGreaterThan(10)
  figures.push(
    [
      `saves beside a stream of heavy answers, ${saves.length} of them`,
      `median ${share(saves, 0.5)} ms, 99 of 100 within ${share(saves, 0.99)} ms`,
    ],
    [`pages beside them, ${pages.length}`, `median ${share(pages, 0.5)} ms, 99 of 100 within ${share(pages, 0.99)} ms`],
  )
  if (PROOF && share(saves, 0.99) > 50) faults.push(`saves: ${share(saves, 0.99)} ms`)
  if (PROOF && share(pages, 0.99) > 200) faults.push(`pages: ${share(pages, 0.99)} ms`)
  keepProof({
    name: 'held-up',
    title: 'Nobody held up',
    how: 'The most costly documents that are accepted, and those that are refused, sent to a server on this machine while someone else saves and opens the list of jobs. Times are of a whole request; 99 of 100 of the other’s were faster than the figure beside them. The goals: 5 s for an answer, 50 ms for a save beside a stream of them, 200 ms for a page.',
    figures: [['documents and streams', figures.length], ...figures],
    faults,
  })
  expect(faults).toEqual([])
})

test('a flood from one is refused with the time to wait, and leaves turns for another; who leaves is not worked for', async () => {
  const heavy = plansOf(60, 6, 20)
  let served = 0
  const flood = Array.from({ length: 30 }, () =>
    post('/api/review?variant=variant-0', heavy, 'flood').then((answer) => {
      if (answer.status === 200) served += 1
      return answer
    }),
  )
  await pause(100)
  const polite = await post('/api/review?variant=variant-1', heavy, 'polite')
  const servedBefore = served
  expect(polite.status).toBe(200)
  const answers = await Promise.all(flood)
  const busy = answers.filter(({ status }) => status === 503)
  expect([busy.length > 0, served > 0, busy.length + served]).toEqual([true, true, 30])
  for (const answer of busy) {
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0)
    expect((answer.json() as { message: string }).message).toMatch(/is busy/)
  }
  // its turn came before the flood was through
  expect(servedBefore).toBeLessThan(served)
  const left = new AbortController()
  const gone = Array.from({ length: 10 }, () =>
    post('/api/review?variant=variant-0', heavy, 'gone', left.signal).catch(() => 'left'),
  )
  await pause(100)
  left.abort()
  expect(await Promise.all(gone)).toEqual(Array(10).fill('left'))
  expect((await post('/api/review?variant=variant-0', heavy, 'after')).status).toBe(200)
})

test('a long history is whole and small, and the job opens as if it were short', async () => {
  const sizeOf = () =>
    readdirSync(server.data)
      .filter((name) => name.startsWith('zimmerman.sqlite'))
      .reduce((sum, name) => sum + statSync(path.join(server.data, name)).size, 0)
  const job = 'job-bat-survey'
  const bedAt = (n: number) => 40 + (n % 400)
  const { seat } = ((await (await fetch(`${server.address}/api/jobs/${job}`)).json()) as Job).variants['variant-a']!
    .plan.fittings['fit-bed']!
  let revision = 0
  while (revision < EDITS) {
    const commands = Array.from({ length: 200 }, (_, index) => ({
      uid: `uid-${(revision + index + 1).toString(36)}-${Math.random().toString(36).slice(2, 10)}`,
      command: {
        type: 'fitting.seat',
        variant: 'variant-a',
        id: 'fit-bed',
        seat: { ...seat, along: { from: 'rear', mm: bedAt(revision + index + 1) } },
      },
    }))
    const answer = await post(`/api/jobs/${job}/commands`, { base: revision, client: 'editor-1', commands }, 'editor')
    if (answer.status !== 200) throw new Error(answer.text)
    revision += 200
  }
  // packing goes on behind
  for (let before = -1, now = sizeOf(); now !== before && !PROOF; now = sizeOf()) {
    before = now
    await pause(1500)
  }
  if (PROOF) await pause(30_000)
  const opened: number[] = []
  for (let n = 0; n < 40; n += 1)
    opened.push((await timed(() => fetch(`${server.address}/api/jobs/${job}`).then((one) => one.text())))[1])
  const [history, historyMs] = await timed(() =>
    fetch(`${server.address}/api/jobs/${job}/history`).then((one) => one.json()),
  )
  expect((history as unknown[]).length).toBe(200)
  const states: number[] = []
  for (const at of [1, 7, Math.floor(EDITS / 3), EDITS - 401, EDITS - 1]) {
    const [state, ms] = await timed(() =>
      fetch(`${server.address}/api/jobs/${job}/history/${at}`).then((one) => one.json()),
    )
    states.push(ms)
    const { along } = (state as Job).variants['variant-a']!.plan.fittings['fit-bed']!.seat
    expect([at, along]).toEqual([at, { from: 'rear', mm: bedAt(at) }])
  }
  const mb = sizeOf() / 1e6
  const faults = [
    ...(PROOF && share(opened, 0.5) > 50 ? [`opening: ${share(opened, 0.5)} ms`] : []),
    ...(PROOF && mb > 40 ? [`size: ${mb.toFixed(1)} MB`] : []),
  ]
  keepProof({
    name: 'long-history',
    title: 'A long history',
    how: 'One job edited over and over through the server, then opened, its history read, and states from all over it looked up: each is what it was. The goals: opened within 50 ms, 40 MB in all.',
    figures: [
      ['edits', EDITS],
      ['opened, median and slowest, ms', `${share(opened, 0.5)}, ${share(opened, 1)}`],
      ['newest 200 entries, ms', Math.round(historyMs)],
      ['a state of long ago, slowest, ms', share(states, 1)],
      ['size of the data, MB', mb.toFixed(1)],
    ],
    faults,
  })
  expect(faults).toEqual([])
})

test('hour after hour: memory and open files stay level', async () => {
  const { pid } = server
  const memoryMb = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1000
  const handles = () => readdirSync(`/proc/${pid}/fd`).length
  const other = someone()
  const samples: (readonly [number, number])[] = []
  const until = Date.now() + SOAK_S * 1000
  let asked = 0
  const small = plansOf(12, 3, 1)
  while (Date.now() < until) {
    for (const [where, body] of [
      ['/api/review', small],
      ['/api/draw', small],
      ['/api/space', boards(2)],
      ['/api/moves', small],
    ] as const) {
      expect((await post(where, body, `tab-${asked % 50}`)).status).toBe(200)
      asked += 1
    }
    // one who leaves now and then
    const left = new AbortController()
    const gone = post('/api/review', small, 'leaves', left.signal).catch(() => 'left')
    if (asked % 40 === 0) left.abort()
    await gone
    await pause(40)
    samples.push([memoryMb(), handles()])
  }
  const { saves } = await other.stop()
  const part = (from: number, to: number, which: 0 | 1) => {
    const some = samples
      .slice(Math.floor(samples.length * from), Math.ceil(samples.length * to))
      .map((one) => one[which])
    return some.reduce((sum, one) => sum + one, 0) / some.length
  }
  const [early, late] = [part(0.2, 0.5, 0), part(0.7, 1, 0)]
  const [handlesEarly, handlesLate] = [part(0.2, 0.5, 1), part(0.7, 1, 1)]
  const faults = [
    ...(PROOF && late > early * 1.15 + 20 ? [`memory grew from ${early.toFixed(0)} to ${late.toFixed(0)} MB`] : []),
    ...(handlesLate > handlesEarly + 12
      ? [`open files grew from ${handlesEarly.toFixed(0)} to ${handlesLate.toFixed(0)}`]
      : []),
  ]
  keepProof({
    name: 'soak',
    title: 'A soak',
    how: `A server on this machine asked for answers at a bounded rate for ${SOAK_S} s, by fifty tabs in turn, now and then by one who leaves, while someone saves and opens pages. Memory and open files of its process, as the system tells them, in the third before the middle and in the last third.`,
    figures: [
      ['answers', asked],
      ['saves beside them', saves.length],
      ['memory before and after, MB', `${early.toFixed(0)}, ${late.toFixed(0)}`],
      ['open files before and after', `${handlesEarly.toFixed(0)}, ${handlesLate.toFixed(0)}`],
    ],
    faults,
  })
  expect(faults).toEqual([])
})
