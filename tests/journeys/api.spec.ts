import { execFile } from 'node:child_process'
import http from 'node:http'
import { createServer } from 'node:net'
import { promisify } from 'node:util'
import { apply, type Job, type SimpleCommand } from '../../src/lib/core/job'
import { expect, ownJob, stored, test } from '../support/job'

const run = promisify(execFile)

test('reviews and draws a document without a screen', async ({ request }) => {
  const job = await stored(request, 'job-bat-survey')
  const review = (await (await request.post('/api/review', { data: job })).json()) as {
    variants: { id: string; failedRules: unknown[]; modes: { name: string; findings: Record<string, unknown>[] }[] }[]
  }
  const night = review.variants[0]!.modes.find(({ name }) => name === 'Night')!
  expect(review.variants.map(({ failedRules }) => failedRules)).toEqual([[], []])
  expect(night.findings[0]).toMatchObject({
    rule: 'berth-length',
    gravity: 'stop',
    measured: 1690,
    needed: 1890,
    unit: 'mm',
    fittings: ['fit-bed'],
  })
  expect(night.findings[0]!.words).toMatchObject({ designer: expect.stringContaining('surveyor') })
  const drawing = await request.post('/api/draw?format=svg&variant=variant-b&mode=mode-night&scale=25', { data: job })
  expect(drawing.headers()['content-type']).toBe('image/svg+xml')
  expect(await drawing.text()).toContain('1 : 25')
})

test('offers ways out with what they do, which cure what they are for', async ({ request }) => {
  interface Told {
    readonly rule: string
    readonly code: string
    readonly fittings: readonly string[]
    readonly remedies?: readonly { readonly does: string; readonly commands: readonly SimpleCommand[] }[]
  }
  const review = async (job: Job): Promise<readonly Told[]> => {
    const answer = await request.post('/api/review?remedies=1&variant=variant-a', { data: job })
    expect(answer.status()).toBe(200)
    const { variants } = (await answer.json()) as { variants: { modes: { findings: Told[] }[] }[] }
    return variants.flatMap(({ modes }) => modes.flatMap(({ findings }) => findings))
  }
  const job = await stored(request, 'job-bat-survey')
  const found = await review(job)
  const offered = found.flatMap((finding) => (finding.remedies ?? []).slice(0, 1).map((best) => ({ finding, best })))
  expect(offered.length).toBeGreaterThan(1)
  for (const { finding, best } of offered.slice(0, 4)) {
    const cured = apply(job, { type: 'batch', what: 'remedy', commands: [...best.commands] }).job
    const same = (one: Told) =>
      one.rule === finding.rule && one.code === finding.code && one.fittings[0] === finding.fittings[0]
    expect((await review(cured)).filter(same).length, best.does).toBeLessThan(found.filter(same).length)
  }
})

test('answers the moves between modes, and refuses modes that are none', async ({ request }) => {
  const job = await stored(request, 'job-potter')
  const all = (await (await request.post('/api/moves', { data: job })).json()) as {
    changes: { from: string; to: string; minutes: number; moves: { id: string }[]; words: { moves: string[] } }[]
  }
  expect(all.changes.map(({ from, to }) => [from, to])).toEqual([
    ['mode-drive', 'mode-day'],
    ['mode-day', 'mode-night'],
  ])
  expect(all.changes[1]).toMatchObject({
    minutes: 3,
    moves: [{ id: 'fit-lounge', what: 'stance', from: 'table-up', to: 'bed-made' }],
    words: { moves: ['The lounge: table up → bed made, 3 min'], total: 'about 3 min, one person' },
  })
  const back = await request.post('/api/moves?from=mode-night&to=mode-day', { data: job })
  expect(await back.json()).toMatchObject({ changes: [{ moves: [{ from: 'bed-made', to: 'table-up' }] }] })
  const none = await request.post('/api/moves?from=mode-night&to=mode-noon', { data: job })
  expect(none.status()).toBe(404)
  expect(await none.json()).toMatchObject({ faults: [{ path: 'to', message: expect.stringContaining('mode-day') }] })
})

test('keeps modules with their states, and gives them out as documents', async ({ request }) => {
  const id = `module-${Math.random().toString(36).slice(2, 10)}`
  const document = {
    format: 'zimmerman.module',
    version: 1,
    id,
    name: 'Stool',
    revision: 1,
    fittings: {
      'fit-a': {
        kind: 'stool',
        parameters: {},
        seat: {
          along: { from: 'rear', mm: 0 },
          across: { from: 'centreline', mm: 0 },
          up: { from: 'floor', mm: 0 },
          turn: 0,
          mirrored: false,
        },
      },
    },
  }
  expect((await request.post('/api/modules', { data: document })).status()).toBe(201)
  const again = await request.post('/api/modules', { data: { ...document, name: 'Higher stool' } })
  expect(await again.json()).toEqual({ id, revision: 2 })
  expect(await (await request.get(`/api/modules/${id}`)).json()).toMatchObject({ name: 'Higher stool', revision: 2 })
  expect(await (await request.get(`/api/modules/${id}?revision=1`)).json()).toMatchObject({ name: 'Stool' })
  expect((await request.get(`/api/modules/${id}?revision=x`)).status()).toBe(400)
  const newer = await request.post('/api/modules', { data: { ...document, version: 9 } })
  expect(newer.status()).toBe(422)
  expect(await newer.json()).toMatchObject({ faults: [{ path: 'version' }] })
  expect((await request.delete(`/api/modules/${id}`)).status()).toBe(200)
  expect((await request.get(`/api/modules/${id}`)).status()).toBe(404)
})

test('lists jobs, shells, kinds and the schema', async ({ request }) => {
  expect(((await (await request.get('/api/jobs')).json()) as { id: string }[]).map(({ id }) => id)).toEqual(
    expect.arrayContaining(['job-bat-survey', 'job-potter']),
  )
  expect(((await (await request.get('/api/shells')).json()) as { id: string }[]).map(({ id }) => id)).toEqual(
    expect.arrayContaining(['truck-box', 'van-long-high', 'minibus-16', 'bus-12m']),
  )
  const kinds = (await (await request.get('/api/kinds')).json()) as {
    id: string
    parameters: { properties: Record<string, { minimum: number }> }
  }[]
  expect(kinds.find(({ id }) => id === 'galley')!.parameters.properties.depthMm).toMatchObject({
    minimum: 350,
    maximum: 750,
    default: 500,
  })
  const rules = (await (await request.get('/api/rules')).json()) as { id: string; title: string; client: string }[]
  expect(rules.length).toBeGreaterThan(50)
  expect(rules.find(({ id }) => id === 'berth-length')).toMatchObject({
    title: 'Long enough to lie down',
    group: 'people',
    gravity: { 'berth-short': 'stop' },
    basis: { kind: 'practice' },
    parameters: { spareMm: { default: 50, unit: 'mm', min: 0 } },
    designer: expect.stringContaining('as long as the tallest'),
    client: 'You can lie stretched out.',
  })
  const schema = (await (await request.get('/schema/job.v1.json')).json()) as { $schema: string; properties: object }
  expect(schema.$schema).toContain('2020-12')
  expect(Object.keys(schema.properties)).toContain('variants')
})

test('answers questions to the space, with the reason where there is no answer', async ({ request }) => {
  const ask = (data: object) => request.post('/api/space', { data })
  const flare = { kind: 'flare', fromMm: 100, toMm: 1700, bottomMm: 600, topMm: 1100, depthMm: 100 }
  const across = { ask: 'clear-width', fromMm: 200, toMm: 1500, bottomMm: 700, topMm: 820 }
  const body = {
    shell: 'van-long-high',
    lining: { floorMm: 37, wallMm: 30, roofMm: 25 },
    questions: [across, { ask: 'height', xMm: 2000, yMm: 0 }, { ask: 'width', xMm: 2000, zMm: 2600 }],
  }
  interface Answers {
    answers: { value: number | null; unit: string; because: string }[]
  }
  const plain = (await (await ask(body)).json()) as Answers
  // 1935 mm of bare height less 37 of floor and 25 of roof
  expect(plain.answers[1]).toMatchObject({ value: 1873, unit: 'mm' })
  expect(plain.answers[2]).toMatchObject({ value: null, because: expect.stringContaining('no walls') })
  const changes = { 'flare-left': { ...flare, side: 'left' }, 'flare-right': { ...flare, side: 'right' } }
  const flared = (await (await ask({ ...body, changes })).json()) as Answers
  expect(flared.answers[0]!.value! - plain.answers[0]!.value!).toBeCloseTo(200, 1)

  const shell = { ...((await (await request.get('/api/shells')).json()) as { id: string }[])[0], id: 'my-own' }
  expect((await ask({ ...body, shell })).status()).toBe(200)
  expect((await ask({ ...body, shell: 'van-none' })).status()).toBe(404)
  const wrong = await ask({ ...body, changes: { 'flare-left': { ...flare, side: 'left', toMm: 9000 } } })
  expect([wrong.status(), await wrong.text()]).toEqual([422, expect.stringContaining('the body from 0 to 4250')])
  const thick = await ask({ ...body, lining: { floorMm: 37, wallMm: 500, roofMm: 25 } })
  expect([thick.status(), await thick.text()]).toEqual([400, expect.stringContaining('lining.wallMm')])
})

test('answers U-values of layers, boards through doors, and refuses questions that are none', async ({ request }) => {
  const ask = async (more: object) => {
    const response = await request.post('/api/space', {
      data: { shell: 'truck-box', questions: [{ ask: 'volume' }], ...more },
    })
    return [response.status(), await response.json()] as [number, Record<string, never>]
  }
  // 0.10 + 0.030 / 0.033 + 0.04 = 1.0491 m²K/W
  const [status, body] = await ask({
    lining: { floorMm: 0, wallMm: 0, roofMm: 30, layers: { roof: [{ material: 'xps', mm: 30 }] } },
    questions: [
      { ask: 'longest-board', wideMm: 300, thickMm: 18 },
      { ask: 'through-door', opening: 'door-rear', wideMm: 300, thickMm: 18 },
      { ask: 'inside', from: [500, -500, 100], to: [1500, 500, 900] },
      { ask: 'inside', from: [500, -500, 100], to: [1500, 1200, 900] },
    ],
  })
  expect(status).toBe(200)
  expect(body).toMatchObject({
    uValues: { roof: 0.953 },
    answers: [
      { because: expect.stringContaining('raised') },
      { value: 4300, because: 'straight in' },
      { value: 0 },
      { value: 150, because: expect.stringContaining('wall-left') },
    ],
  })
  for (const [wrong, path] of [
    [{ questions: [] }, 'questions'],
    [{ questions: [{ ask: 'colour' }] }, 'questions.0'],
    [{ questions: Array.from({ length: 501 }, () => ({ ask: 'volume' })) }, 'questions'],
    [
      { lining: { floorMm: 0, wallMm: 0, roofMm: 30, layers: { roof: [{ material: 'gold', mm: 30 }] } } },
      'lining.layers.roof.0.material',
    ],
    [
      { lining: { floorMm: 0, wallMm: 0, roofMm: 31, layers: { roof: [{ material: 'xps', mm: 30 }] } } },
      'lining.layers.roof',
    ],
    [
      {
        changes: {
          'flare-a': { kind: 'flare', side: 'left', fromMm: 9, toMm: 3, bottomMm: 1, topMm: 2, depthMm: 100 },
        },
      },
      'changes.flare-a.toMm',
    ],
  ] as const) {
    const [code, refused] = await ask(wrong)
    expect([code, JSON.stringify(refused.faults)]).toEqual([400, expect.stringContaining(`"path":"${path}`)])
  }
})

test('answers the demands of a brief and compares vehicles by it', async ({ request }) => {
  const brief = {
    people: {
      'person-a': { label: 'rower', statureMm: 1900, sleeps: true, travels: true, sleepsWith: 'person-b' },
      'person-b': { label: 'cox', statureMm: 1600, sleeps: true, travels: true },
    },
    pets: {},
    gear: { 'gear-oar': { label: 'oars', sizeMm: [2900, 200, 150], count: 1, massKg: 3 } },
    nightsOffHookUp: 3,
    demands: {},
  }
  const asked = await request.post('/api/demands', { data: { brief, shell: 'van-short-low' } })
  expect(asked.status()).toBe(200)
  const { demands, contradictions } = await asked.json()
  expect(demands.slice(0, 2)).toMatchObject([
    { id: 'need-gear-gear-oar', need: 'stowage', leadingMm: 2900, must: true, words: 'oars' },
    { id: 'need-beds-person-a', need: 'berth', sizeMm: [1950, 1200], quantity: 2, why: expect.any(Array) },
  ])
  // 2 × 3 × 11 L
  expect(demands.find(({ need }: { need: string }) => need === 'water').quantity).toBe(66)
  expect(contradictions.map(({ code }: { code: string }) => code)).toContain('head-low')

  const compared = await request.post('/api/vehicles/compare', { data: { brief } })
  const { vehicles } = await compared.json()
  expect(vehicles).toHaveLength(14)
  const short = vehicles.find(({ shellId }: { shellId: string }) => shellId === 'van-compact')
  expect(short.against.map(({ words }: { words: string }) => words).join()).toContain('“oars”: 2')
  expect(vehicles[0].against.filter(({ gravity }: { gravity: string }) => gravity === 'stop')).toEqual([])

  for (const [path, data, status, fault] of [
    ['/api/demands', { brief: { ...brief, nightsOffHookUp: -1 } }, 400, 'brief.nightsOffHookUp'],
    ['/api/demands', { brief, shell: 'van-none' }, 404, 'van-long-high'],
    ['/api/demands', {}, 400, 'brief'],
    ['/api/vehicles/compare', { brief, lining: { floorMm: -4, wallMm: 0, roofMm: 0 } }, 400, 'lining.floorMm'],
    ['/api/vehicles/compare', { brief: { ...brief, people: { x: 1 } } }, 400, 'brief.people'],
  ] as const) {
    const refused = await request.post(path, { data })
    expect([refused.status(), await refused.text()]).toEqual([status, expect.stringContaining(fault)])
  }
})

test('refuses what is hostile with a 4xx and a path, and stays up', async ({ request }) => {
  const job = JSON.stringify(await stored(request, 'job-potter'))
  const many = JSON.parse(job)
  for (let n = 0; n < 10_000; n += 1)
    many.variants['variant-a'].plan.fittings[`fit-x${n}`] = many.variants['variant-a'].plan.fittings['fit-bed']
  const bodies: [string, string, number, RegExp][] = [
    ['nonsense', '{"a":,}', 422, /not JSON/],
    ['prototype keys', job.replace('"brief":{', '"brief":{"__proto__":{"polluted":1},'), 422, /brief\.__proto__/],
    ['1e308', job.replace('"wallMm":30', '"wallMm":1e308'), 422, /lining\.wallMm/],
    ['NaN', job.replace('"wallMm":30', '"wallMm":NaN'), 422, /not JSON/],
    ['10,000 fittings', JSON.stringify(many), 422, /plan\.fittings/],
    ['deep nesting', `${'['.repeat(100_000)}${']'.repeat(100_000)}`, 422, /deep|JSON/],
    ['over 5 MB', `"${'x'.repeat(5_000_001)}"`, 413, /5 MB/],
  ]
  for (const [what, data, status, words] of bodies) {
    for (const path of ['/api/jobs', '/api/review', '/api/draw?format=svg']) {
      const response = await request.post(path, {
        data: Buffer.from(data),
        headers: { 'content-type': 'application/json' },
      })
      expect([what, path, response.status()]).toEqual([what, path, status])
      expect(await response.text()).toMatch(words)
    }
  }
  const wrong = await request.post('/api/jobs/job-potter/commands', {
    data: { base: 0, client: 'tester', commands: [{ uid: 'x-000001', command: { type: 'job.explode' } }] },
  })
  expect([wrong.status(), await wrong.json()]).toEqual([
    422,
    expect.objectContaining({
      uid: 'x-000001',
      faults: [expect.objectContaining({ path: 'commands.0.command.type' })],
    }),
  ])
  expect((await request.post('/api/draw?format=pdf', { data: '{}' })).status()).toBe(422)
  expect((await request.post('/api/draw?format=png', { data: job })).status()).toBe(400)
  expect((await request.get('/api/jobs/job-none')).status()).toBe(404)
  expect((await request.get('/api/jobs/job-potter', { headers: { host: 'evil.example' } })).status()).toBe(403)
  expect(await stored(request, 'job-potter')).toEqual(JSON.parse(job))
})

test('a connection lives on after what was too large for it, up to 64 MB; beyond that it is cut', async ({
  baseURL,
}) => {
  const agent = new http.Agent({ keepAlive: true, maxSockets: 1 })
  const sockets = new Set<unknown>()
  const send = (path: string, method: string, bytes: number, headers: Record<string, string> = {}) =>
    new Promise<number>((resolve, reject) => {
      const sent = http.request(`${baseURL}${path}`, {
        agent,
        method,
        headers: { 'content-type': 'application/json', ...headers },
      })
      sent.on('socket', (socket) => sockets.add(socket))
      sent.on('response', (answer) => answer.resume().on('end', () => resolve(answer.statusCode!)))
      sent.on('error', reject).end('x'.repeat(bytes))
    })
  expect(await send('/api/review', 'POST', 5_900_000)).toBe(413)
  expect(await send('/api/jobs', 'POST', 40_000_000)).toBe(413)
  expect(await send('/api/review', 'POST', 63_000_000, { 'transfer-encoding': 'chunked' })).toBe(413)
  // answered without being read
  expect(await send('/api/none', 'POST', 40_000_000)).toBe(404)
  expect(await send('/api/shells', 'GET', 0)).toBe(200)
  // all went over one connection: none was cut
  expect(sockets.size).toBe(1)
  const cut = await send('/api/review', 'POST', 80_000_000).catch((cause: { code: string }) => cause.code)
  expect([413, 'ECONNRESET', 'EPIPE']).toContain(cut)
  expect(await send('/api/shells', 'GET', 0)).toBe(200)
  expect(sockets.size).toBe(2)
  agent.destroy()
})

test('a script in a name stays text in every drawing', async ({ request, page }) => {
  const id = await ownJob(request, (job) => ({ ...job, name: '<script>window.hit=1</script>' }))
  const svg = await (await request.get(`/api/jobs/${id}/paper?format=svg`)).text()
  expect(svg).not.toContain('<script')
  await page.goto(`/jobs/${id}/plan`)
  await expect(page.getByRole('button', { name: '<script>window.hit=1</script>' })).toBeVisible()
  expect(await page.evaluate(() => 'hit' in window)).toBe(false)
})

const demo = async (env: Record<string, string>) => {
  try {
    await run(process.execPath, ['scripts/demo.mjs'], { env: { ...process.env, ...env }, timeout: 20_000 })
    return { code: 0, text: '' }
  } catch (cause) {
    const { code, stderr } = cause as { code: number; stderr: string }
    return { code, text: stderr.trim() }
  }
}

test('a port that is taken and a folder that cannot be written to: one sentence each', async () => {
  const busy = createServer()
  await new Promise<void>((resolve) => busy.listen(4392, '127.0.0.1', resolve))
  const taken = await demo({ PORT: '4392' })
  busy.close()
  expect(taken).toEqual({
    code: 1,
    text: 'Port 4392 is taken on 127.0.0.1: stop what uses it, or choose another with PORT=4393 npm run demo.',
  })
  const nowhere = await demo({ PORT: '4394', ZIMMERMAN_DATA: '/dev/null/zimmerman' })
  expect(nowhere.code).toBe(1)
  expect(nowhere.text.split('\n')).toHaveLength(1)
  expect(nowhere.text).toMatch(/^The data folder \/dev\/null\/zimmerman cannot be written to \(ENOTDIR\)/)
  expect((await demo({ PORT: 'many' })).text).toMatch(/PORT must be a whole number/)
})

test('space at the very floor, at a step and before a shut door, by what a workshop lines its vans with', async ({
  request,
}) => {
  const ask = async (shell: string, [floorMm, wallMm, roofMm]: number[], questions: unknown[], changes = {}) => {
    const response = await request.post('/api/space', {
      data: { shell, lining: { floorMm, wallMm, roofMm }, changes, questions },
    })
    return {
      status: response.status(),
      body: (await response.json()) as { answers: { value: number; because: string }[]; faults: { path: string }[] },
    }
  }
  const width = (zMm: number) => ({ ask: 'width', xMm: 1500, zMm })
  for (const [shell, lining] of [
    ['van-medium-high', [30, 30, 30]],
    ['van-extra-long-high', [37, 40, 30]],
    ['van-long-low', [11, 29, 8]],
    ['bus-7m', [25, 25, 25]],
    ['bus-12m', [25, 25, 25]],
  ] as const) {
    const z = lining[0]
    const { answers } = (await ask(shell, [...lining], [width(z), width(z + 1), { ask: 'floor-area' }])).body
    expect(Math.abs(answers[0]!.value - answers[1]!.value)).toBeLessThan(1)
    expect(answers[2]!.value).toBeGreaterThan(4)
  }
  // the van lined 11/29/8 has 6.02 m² of floor, worked out by trapezoids
  const low = await ask('van-long-low', [11, 29, 8], [{ ask: 'floor-area' }])
  expect(low.body.answers[0]!.value).toBe(6.02)
  const flare = (fromMm: number) => ({
    kind: 'flare',
    side: 'left',
    fromMm,
    toMm: fromMm + 900,
    bottomMm: 600,
    topMm: 1100,
    depthMm: 100,
  })
  const stepped = await ask('truck-box', [0, 0, 0], [width(600), width(700)], { 'change-a': flare(1000) })
  expect(stepped.body.answers.map(({ value }) => value)).toEqual([2100, 2200])
  expect(stepped.body.answers[0]!.because).toContain('tighter side counts')
  const twice = await ask('truck-box', [0, 0, 0], [width(700)], { 'change-a': flare(1000), 'change-b': flare(1500) })
  expect([twice.status, twice.body.faults[0]!.path]).toEqual([422, 'changes.change-a.fromMm'])
})
