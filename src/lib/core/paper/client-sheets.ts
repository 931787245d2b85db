import { freshLitres, weightReport } from '../budgets'
import { nightsOfWater, sleepersOf, waterUse } from '../brief'
import { drawView, type View } from '../draw'
import { isLetBe, type Fault } from '../review'
import { capital, count, sayDemand, sayFinding, sayWeight } from '../text'
import { sayVolume } from '../units'
import { flow, heading, item, paragraph, space, type Block } from './flow'
import { letBeList, MOST_LISTED, moreThanListed } from './lists'
import { LETTERS, type Page } from './page'
import { NOTHING_AROUND, putView, sizeAt } from './place-views'
import { framesIn, textFrame } from './sheet'
import { sheetsFor, type Subject } from './subject'

/** A plan without the figures that only a builder reads. */
const plainPlan = ({ job, names }: Subject, scene: Subject['scenes'][number]): View => ({
  ...drawView(scene, 'plan', job.brief),
  title: names.mode(scene.modeId),
})

function water({ job, scenes }: Subject): string | undefined {
  const scene = scenes[0]
  if (scene === undefined) return undefined
  const fresh = freshLitres(scene.placed)
  const { litres } = fresh
  if (litres < 1) return undefined
  const nights = nightsOfWater(waterUse(job.brief), fresh)
  const people = sleepersOf(job.brief).length
  return `${sayVolume(litres)} of fresh water${nights < 0.5 ? '' : `: about ${count(Math.floor(nights), { one: 'night', many: 'nights' })} for ${count(people, { one: 'person', many: 'people' })} before you refill`}.`
}

/** Each sentence once, in the order in which it comes first. */
const once = (sentences: readonly string[]): readonly string[] => [...new Set(sentences)]

/** What a client takes home: what they get, by night and by day, water and weight, and what is still to be decided. */
export function clientSheets(subject: Subject): readonly Page[] {
  const { job, variantId, faults, demands, names, unit, scenes, scales } = subject
  const sheets = sheetsFor(subject)
  const draft = sheets.add('For you to think about', '')
  const { room } = draft
  const shown = scenes.filter(({ purpose }) => purpose !== 'driving')
  const plans = (shown.length === 0 ? scenes : shown)
    .slice(0, 3)
    .map((scene) => ({ view: plainPlan(subject, scene), around: NOTHING_AROUND }))
  // the plans have the upper half of the sheet at the most
  const scale =
    scales.find((one) => {
      const sizes = plans.map((plan) => sizeAt(plan, one))
      const perRow = Math.max(1, Math.floor((room.wide + 6) / (Math.max(...sizes.map(({ wide }) => wide)) + 6)))
      const rows = Math.ceil(plans.length / perRow)
      return (
        sizes.every(({ wide }) => wide <= room.wide) &&
        rows * (Math.max(...sizes.map(({ high }) => high)) + 6) <= room.high * 0.55
      )
    }) ??
    scales.at(-1) ??
    50
  let [left, top, rowHigh] = [room.left, room.top, 0]
  for (const plan of plans) {
    const { wide, high } = sizeAt(plan, scale)
    if (left > room.left && left + wide > room.left + room.wide)
      [left, top, rowHigh] = [room.left, top + rowHigh + 5, 0]
    if (wide > room.wide || top + high > room.top + room.high) break
    putView(draft, plan, scale, [left, top])
    left += wide + 6
    rowHigh = Math.max(rowHigh, high)
  }
  top += rowHigh + 6

  const all = faults.filter(({ finding }) => !isLetBe(finding))
  const open = all.slice(0, MOST_LISTED)
  const client = ({ finding }: Fault): string => sayFinding(finding, names, unit).client
  const of = (gravity: 'stop' | 'caution' | 'note'): readonly string[] =>
    once(open.filter(({ finding }) => finding.gravity === gravity).map(client))
  const got = once(demands.filter(({ state }) => state === 'met').map(({ demand }) => capital(sayDemand(demand))))
  const waterSaid = water(subject)
  const boxes = (title: string, words: string, sentences: readonly string[]): readonly Block[] =>
    sentences.length === 0
      ? []
      : [
          heading(title),
          paragraph(words, { sizeMm: LETTERS.small, tone: 'soft' }),
          ...sentences.map((text) => item(text, 'box')),
          space(2),
        ]
  const blocks: readonly Block[] = [
    ...(got.length === 0 ? [] : [heading('What you get'), paragraph(`${got.join('; ')}.`), space(2)]),
    heading('Water and weight'),
    ...(waterSaid === undefined ? [] : [paragraph(waterSaid)]),
    paragraph(sayWeight(weightReport(job, variantId))),
    space(2),
    ...boxes(
      'Before we build, this needs another solution',
      'Nothing is cut before each of these is solved.',
      of('stop'),
    ),
    ...boxes(
      'To decide together',
      'This can be built, and you would notice it. Tick what you can live with.',
      of('caution'),
    ),
    ...(of('note').length === 0
      ? []
      : [heading('Good to know'), ...of('note').map((text) => item(text, undefined)), space(2)]),
    ...moreThanListed(all.length),
    ...(open.length === 0 ? [paragraph('Everything we check is all right in this plan.'), space(2)] : []),
    ...letBeList(faults, client, 'Left as it is, as we agreed'),
    paragraph(
      'For planning only. Gas, mains, batteries, belts, roof loads and cuts in the body are work for licensed trades under local codes; this sheet certifies nothing.',
      { sizeMm: LETTERS.small, tone: 'soft' },
    ),
  ]
  const given = framesIn(draft.marks, { ...room, top, high: room.top + room.high - top })
  flow(blocks, sheets.frames('For you to think about', '', given[0]?.wide ?? textFrame(room.wide), given))
  return sheets.pages()
}
