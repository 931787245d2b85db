import { describe, expect, it } from 'vitest'
import { apply, type Command, planInterior } from '$lib/core/job'
import { parseModule, placedModule } from '$lib/core/module'
import { buildScene, collisions, outsideOf } from '$lib/core/scene'
import { jobWith, variant } from '../../../tests/support/plan'
import { STARTER_MODULES } from './modules'

describe('the modules that a library begins with', () => {
  it('are a dozen, each with a name, an id and a note of its own', () => {
    expect(STARTER_MODULES).toHaveLength(12)
    for (const key of ['id', 'name', 'note'] as const)
      expect(new Set(STARTER_MODULES.map((module) => module[key])).size).toBe(12)
  })

  it.each(STARTER_MODULES.map((module) => [module.name, module] as const))(
    '%s is read as a file, and stands in a van with nothing of it in anything else',
    (_name, module) => {
      expect(parseModule(JSON.parse(JSON.stringify(module)))).toMatchObject({ ok: true })
      const fittings = placedModule(module, 1750, (old) => `${old}-placed`)
      const commands = Object.entries(fittings).map(([id, fitting]): Command => ({
        type: 'fitting.add',
        variant,
        id,
        fitting: fitting as never,
      }))
      const job = commands.reduce((now, command) => apply(now, command).job, jobWith('van-long-high'))
      const { plan } = job.variants[variant]!
      const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')
      expect(scene.placed).toHaveLength(commands.length)
      expect(collisions(scene).map(({ a, b }) => [a.id, 'id' in b ? b.id : b.kind])).toEqual([])
      for (const placed of scene.placed)
        expect([placed.id, (outsideOf(scene, placed)?.byMm ?? 0) < 30]).toEqual([placed.id, true])
    },
  )
})
