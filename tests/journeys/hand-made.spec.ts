import { expect, ownJob, stored, test } from '../support/job'
import { spoiledCommands } from '../support/hand-made'
import { keepProof } from '../proof/keep'
import { randomFrom } from '../support/random-plans'

/** So many of the table are tried here; `npm run proof` tries all. */
const TRIED = Number(process.env.HAND_MADE ?? 300)

test('commands made by hand are refused by path or taken, never a fault of the server, and leave a job that can be read', async ({
  request,
}) => {
  test.setTimeout(600_000)
  const id = await ownJob(request)
  const path = `/api/jobs/${id}/commands`
  const all = spoiledCommands(await stored(request, id), 5)
  expect(all.length).toBeGreaterThan(1000)
  const random = randomFrom(11)
  const share = TRIED / all.length
  const wrong: string[] = []
  let [refused, taken] = [0, 0]
  for (const [index, { how, command }] of all.entries()) {
    // those that reach for more come first and are always tried
    if (index >= 17 && random() > share) continue
    let response
    for (let base = 0; ;) {
      response = await request.post(path, {
        data: { base, client: 'tester-1', commands: [{ uid: `hand-${index}-made`, command }] },
      })
      if (response.status() !== 409) break
      base = ((await response.json()) as { revision: number }).revision
    }
    const status = response.status()
    if (status === 200) taken += 1
    else refused += 1
    const answer = (await response.json()) as { message?: string; uid?: string; faults?: { path: string }[] }
    // one that no JSON reader should pass on is refused with the whole request, by its path
    const byPath = status === 400 && answer.faults?.[0]?.path.startsWith('commands.0.command') === true
    const byUid = status === 422 && answer.uid === `hand-${index}-made` && (answer.message ?? '') !== ''
    const named = status === 200 || byUid || byPath
    if (!named) wrong.push(`${how}: ${status} ${JSON.stringify(answer).slice(0, 200)}`)
    if (index < 17 && status === 200) wrong.push(`${how}: was taken`)
  }
  keepProof({
    name: 'hand-made',
    title: 'Commands made by hand',
    how: 'Commands of every kind spoiled at every place (null, taken out, another type, huge), and those that reach for more than a command may, sent to the running server: each is taken, or refused by its uid or path; the job can be read, judged and placed afterwards.',
    figures: [
      ['sent', refused + taken],
      ['refused', refused],
      ['taken', taken],
    ],
    faults: wrong,
  })
  expect(wrong).toEqual([])
  expect(refused).toBeGreaterThan(200)
  expect(taken).toBeGreaterThan(0)
  const after = await request.get(`/api/jobs/${id}`)
  expect([after.status(), ((await after.json()) as { id: string }).id]).toEqual([200, id])
  // and it can still be placed and judged
  expect((await request.post('/api/review', { data: await after.json() })).status()).toBe(200)
  expect('polluted' in {}).toBe(false)
})

test('the same command twice in one request is one', async ({ request }) => {
  const id = await ownJob(request)
  const one = { uid: 'twice-in-one', command: { type: 'job.rename', name: 'Once' } }
  const response = await request.post(`/api/jobs/${id}/commands`, {
    data: { base: 0, client: 'tester-1', commands: [one, one] },
  })
  expect([response.status(), await response.json()]).toEqual([200, { revision: 1 }])
})

test('modules and shop rules are read as strictly as jobs', async ({ request }) => {
  const job = await stored(request, 'job-bat-survey')
  const [galley] = Object.values(job.variants['variant-a']!.plan.fittings)
  const on = (fitting: string) => ({ ...galley!, seat: { ...galley!.seat, up: { from: 'top-of', fitting, mm: 0 } } })
  const module = {
    format: 'zimmerman.module',
    version: 1,
    id: 'module-circle',
    name: 'Circle',
    revision: 1,
    note: '',
    fittings: { 'fit-a': on('fit-b'), 'fit-b': on('fit-a') },
  }
  const circle = await request.post('/api/modules', { data: module })
  expect([circle.status(), await circle.text()]).toEqual([422, expect.stringContaining('stands on itself')])
  const rules = (settings: unknown) => request.put('/api/shop/rules', { data: { settings, house: {} } })
  const unknown = await rules({ 'no-such-rule': { off: true } })
  expect([unknown.status(), await unknown.text()]).toEqual([422, expect.stringContaining('settings.no-such-rule')])
  const beyond = await rules({ 'berth-length': { parameters: { spareMm: 9999 } } })
  expect([beyond.status(), await beyond.text()]).toEqual([
    422,
    expect.stringContaining('settings.berth-length.parameters.spareMm'),
  ])
  const strange = await rules({ 'berth-length': { parameters: { colour: 1 } } })
  expect(strange.status()).toBe(422)
  expect((await rules({})).status()).toBe(200)
})
