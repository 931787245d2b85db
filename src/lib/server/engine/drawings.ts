import {
  endPanel,
  liningPanel,
  liningSheet,
  liningView,
  PANEL_FACES,
  templateSheet,
  templateView,
  thumbnailSheet,
  toSvg,
} from '$lib/core/draw'
import { modesOf, planInterior, variantsOf, type Job } from '$lib/core/job'
import { buildScene } from '$lib/core/scene'
import { fittingName } from '$lib/core/text'
import { toDxf } from './dxf'
import { file, refusal, type Query, type Reply } from './reply'

const SVG = 'image/svg+xml'
const ORIGIN = [0, 0] as const

/** A small plan of a job’s first variant by day, for lists; of another `variant` or `mode` where they are named. */
export function pictureReply(job: Job, query: Query): Reply {
  const variants = variantsOf(job)
  const [variantId, variant] = variants.find(([id]) => id === query.variant) ?? variants[0]!
  const modes = modesOf(variant.plan)
  const asked = modes.find(([id]) => id === query.mode)
  const [modeId] = asked ?? modes.find(([, mode]) => mode.purpose === 'living') ?? modes[0]!
  return file(toSvg(thumbnailSheet(job, variantId, modeId)), SVG)
}

/** The template of a scribed fitting’s end panel at 1 : 1, or of a lined `face` of the body, as `format` svg or dxf. */
export function templateReply(job: Job, query: Query): Reply {
  const [variantId, variant] = variantsOf(job).find(([id]) => id === query.variant) ?? variantsOf(job)[0]!
  const { plan } = variant
  const asked = query.mode ?? ''
  const modeId = Object.hasOwn(plan.modes, asked) ? asked : modesOf(plan)[0]![0]
  const interior = planInterior(job.shell, plan)
  const dxf = query.format === 'dxf'
  const named = (name: string) => `attachment; filename="${name}.${dxf ? 'dxf' : 'svg'}"`
  const face = PANEL_FACES.find((one) => one === query.face)
  if (query.face !== undefined) {
    const lining = face === undefined ? undefined : liningPanel(interior, face)
    if (face === undefined || lining === undefined)
      return refusal(404, 'There is no such lined face.', [
        { path: 'face', message: `one of ${PANEL_FACES.join(', ')}` },
      ])
    return dxf
      ? file(toDxf([{ view: liningView(lining, job.units), at: ORIGIN }]), 'image/vnd.dxf', named(`lining-${face}`))
      : file(toSvg(liningSheet(lining, job.name, job.units)), SVG, named(`lining-${face}`))
  }
  const scene = buildScene(interior, plan, modeId)
  const placed = scene.placed.find(({ id }) => id === query.fitting)
  if (placed === undefined)
    return refusal(404, `There is no such fitting in variant ${variantId}.`, [
      { path: 'fitting', message: `one of ${scene.placed.map(({ id }) => id).join(', ')}` },
    ])
  const panel = endPanel(scene, placed, query.end === 'front' ? 'front' : 'rear')
  if (panel === undefined) return refusal(409, 'That fitting is not scribed to a wall: it has no end panel to cut.')
  return dxf
    ? file(
        toDxf([{ view: templateView(panel, job.units), at: ORIGIN }]),
        'image/vnd.dxf',
        named(`${placed.id}-${panel.end}`),
      )
    : file(toSvg(templateSheet(panel, fittingName(placed.fitting), job.units)), SVG, named(`${placed.id}-${panel.end}`))
}
