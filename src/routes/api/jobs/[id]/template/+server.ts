import { modesOf, planInterior, variantsOf } from '$lib/core/job'
import { templateSheet, templateView, toSvg } from '$lib/core/draw'
import { buildScene } from '$lib/core/scene'
import { endPanel } from '$lib/core/draw'
import { fittingName } from '$lib/core/text'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { toDxf } from '$lib/server/dxf'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The template of a scribed fitting’s end panel at 1 : 1, as `format` svg or dxf. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const found = await jobs.get(params.id)
    if (found === undefined) return refuse(404, NO_SUCH_JOB)
    const { job } = found
    const asked = (name: string) => url.searchParams.get(name) ?? ''
    const [variantId, variant] = variantsOf(job).find(([id]) => id === asked('variant')) ?? variantsOf(job)[0]!
    const { plan } = variant
    const modeId = Object.hasOwn(plan.modes, asked('mode')) ? asked('mode') : modesOf(plan)[0]![0]
    const scene = buildScene(planInterior(job.shell, plan), plan, modeId)
    const placed = scene.placed.find(({ id }) => id === asked('fitting'))
    if (placed === undefined)
      return refuse(404, `There is no such fitting in variant ${variantId}.`, [
        { path: 'fitting', message: `one of ${scene.placed.map(({ id }) => id).join(', ')}` },
      ])
    const panel = endPanel(scene, placed, asked('end') === 'front' ? 'front' : 'rear')
    if (panel === undefined) return refuse(409, 'That fitting is not scribed to a wall: it has no end panel to cut.')
    const dxf = asked('format') === 'dxf'
    const name = `${placed.id}-${panel.end}.${dxf ? 'dxf' : 'svg'}`
    return new Response(
      dxf ? toDxf(templateView(panel, job.units)) : toSvg(templateSheet(panel, fittingName(placed.fitting), job.units)),
      {
        headers: {
          'content-type': dxf ? 'image/vnd.dxf' : 'image/svg+xml',
          'content-disposition': `attachment; filename="${name}"`,
        },
      },
    )
  })
