import DxfParser from 'dxf-parser'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { templateView } from '$lib/core/draw'
import { defaultsOf, kindOf } from '$lib/core/fittings'
import { newJob, planInterior, type Fitting } from '$lib/core/job'
import { moduleOf, parseModule, parseModuleText, placedModule, type Module } from '$lib/core/module'
import { buildScene } from '$lib/core/scene'
import { endPanel } from '$lib/core/draw'
import { genericShell } from '$lib/core/shells'
import { openDatabase } from './database'
import { toDxf } from './engine/dxf'
import { readNewModule } from './engine/modules'
import { migrateDatabase } from './migrations'
import { ModuleRepository } from './module-repository'

const AT = '2026-11-25T12:00:00.000Z'
const fitting = (kind: string, seat: Partial<Fitting['seat']> = {}): Fitting => ({
  kind,
  parameters: defaultsOf(kindOf(kind)),
  seat: { ...kindOf(kind).home, ...seat },
})
const pair = () =>
  moduleOf('module-a', 'Cook’s corner', 'built twice', [
    {
      id: 'fit-a',
      fitting: fitting('galley-basin', { along: { from: 'bulkhead', mm: 40 } }),
      fromRearMm: 2400,
      overFloorMm: 0,
    },
    {
      id: 'fit-b',
      fitting: { ...fitting('galley-doors', { along: { from: 'after', fitting: 'fit-a', mm: 0 } }), locked: true },
      fromRearMm: 2900,
      overFloorMm: 0,
    },
    {
      id: 'fit-c',
      fitting: fitting('microwave', { up: { from: 'top-of', fitting: 'fit-gone', mm: 0 } }),
      fromRearMm: 2950,
      overFloorMm: 900,
    },
  ])

let opened: ReturnType<typeof openDatabase>
let modules: ModuleRepository
beforeEach(async () => {
  opened = openDatabase(':memory:')
  await migrateDatabase(opened.db)
  modules = new ModuleRepository(opened)
})
afterEach(() => opened.close())

describe('a module', () => {
  it('counts places from its rearmost part, and anchors what hung on others by itself', () => {
    const { fittings } = pair()
    expect(fittings['fit-a']!.seat.along).toEqual({ from: 'rear', mm: 0 })
    expect(fittings['fit-b']!.seat.along).toEqual({ from: 'after', fitting: 'fit-a', mm: 0 })
    expect(fittings['fit-b']!.locked).toBeUndefined()
    expect(fittings['fit-c']!.seat).toMatchObject({ along: { from: 'rear', mm: 550 }, up: { from: 'floor', mm: 900 } })
    expect(() => moduleOf('module-a', 'None', '', [])).toThrow(/needs a fitting/)
  })

  it('is placed with ids of its own, anchors and all', () => {
    const placed = placedModule(pair(), 1000, (old) => `${old}-copy`)
    expect(placed['fit-a-copy']!.seat.along).toEqual({ from: 'rear', mm: 1000 })
    expect(placed['fit-b-copy']!.seat.along.fitting).toBe('fit-a-copy')
  })

  it.each([
    ['a newer version', { version: 2 }, 'version', /newer Zimmerman \(version 2\)/],
    [
      'a kind that is none',
      { fittings: { 'fit-a': { ...fitting('stool'), kind: 'rocket' } } },
      'fittings.fit-a.kind',
      /“rocket” is not known/,
    ],
    [
      'a parameter out of its limits',
      { fittings: { 'fit-a': { ...fitting('stool'), parameters: { heightMm: 9000 } } } },
      'fittings.fit-a.parameters.heightMm',
      /at most 700, not “9000”/,
    ],
    [
      'an anchor to what it does not hold',
      { fittings: { 'fit-a': fitting('stool', { along: { from: 'after', fitting: 'fit-z', mm: 0 } }) } },
      'fittings.fit-a.seat.along.fitting',
      /not in this module/,
    ],
    ['no fittings', { fittings: {} }, 'fittings', /needs a fitting/],
  ])('is refused with path and reason: %s', (_what, change, path, message) => {
    const parsed = parseModule({ ...pair(), ...change })
    if (parsed.ok) throw new Error('it was taken')
    expect(parsed.faults[0]!.path).toBe(path)
    expect(parsed.faults[0]!.message).toMatch(message)
  })

  it('from a stranger runs nothing and reaches no prototype', () => {
    const text = JSON.stringify(pair()).replace('"fit-a":', '"__proto__":')
    const parsed = parseModuleText(text)
    expect(parsed.ok).toBe(false)
    const odd = parseModule({ ...pair(), name: '<script>alert(1)</script>', onload: 'alert(1)' })
    expect(odd.ok && odd.module.name).toBe('<script>alert(1)</script>')
  })
})

describe('the library', () => {
  it('keeps every state, lists the newest, and forgets on demand', async () => {
    const stored = (module: Module) => {
      const read = readNewModule(Buffer.from(JSON.stringify(module)))
      if (!read.ok) throw new Error(String(read.reply.body))
      return read.value
    }
    const kept = async (revision?: number) => JSON.parse((await modules.get('module-a', revision))!) as Module
    expect(await modules.save(stored(pair()), AT)).toBe(1)
    expect(await modules.save(stored({ ...pair(), name: 'Cook’s corner, wider', revision: 7 }), AT)).toBe(2)
    expect(await modules.list()).toMatchObject([
      { id: 'module-a', name: 'Cook’s corner, wider', revision: 2, fittings: 3, changedAt: AT },
    ])
    expect((await modules.list())[0]!.massKg).toBeGreaterThan(20)
    expect(await kept()).toEqual({ ...pair(), name: 'Cook’s corner, wider', revision: 2 })
    expect(await kept(1)).toEqual(pair())
    expect(await modules.get('module-a', 3)).toBeUndefined()
    expect((await modules.revisions('module-a')).map(({ revision }) => revision)).toEqual([2, 1])
    expect(await modules.remove('module-a')).toBe(true)
    expect(await modules.remove('module-a')).toBe(false)
    expect(await modules.revisions('module-a')).toEqual([])
  })
})

describe('a template as DXF', () => {
  it('reads back in millimetres with the panel’s outline', () => {
    const job = newJob('job-test', 'Test', genericShell('van-long-high'), {
      people: {},
      pets: {},
      nightsOffHookUp: 0,
      notes: '',
      demands: {},
    })
    const plan = {
      ...job.variants['variant-a']!.plan,
      fittings: { 'fit-a': fitting('wardrobe', { along: { from: 'rear', mm: 1500 } }) },
    }
    const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')
    const panel = endPanel(scene, scene.placed[0]!, 'rear')!
    // dxf-parser, another program’s reader
    const read = new DxfParser().parseSync(toDxf([{ view: templateView(panel, 'mm'), at: [0, 0] }]))!
    expect(read.header.$INSUNITS).toBe(4)
    const outline = read.entities.find(
      (entity) => entity.type === 'LWPOLYLINE' && entity.layer === 'cut',
    ) as unknown as {
      vertices: { x: number; y: number }[]
    }
    expect(Math.max(...outline.vertices.map(({ x }) => x))).toBeCloseTo(panel.depthMm, 3)
    expect(Math.max(...outline.vertices.map(({ y }) => y))).toBeCloseTo(panel.heightMm, 3)
    expect(read.entities.filter(({ type }) => type === 'TEXT').length).toBeGreaterThan(panel.ticks.length)
  })
})
