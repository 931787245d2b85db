import { freshLitres, weightReport } from '../budgets'
import { nightsOfWater, sleepersOf, waterUse } from '../brief'
import { drawView, madeWhole, type View } from '../draw'
import { isLetBe, type Fault } from '../review'
import { capital, count, sayDemand, sayFinding, sayWeight } from '../text'
import { sayVolume } from '../units'
import { flow, heading, item, paragraph, space, type Block } from './flow'
import { letBeList, MOST_LISTED, moreThanListed } from './lists'
import { LETTERS, type Page } from './page'
import { NOTHING_AROUND, putView, sizeAt, type Drawable } from './place-views'
import { framesIn, textFrame, type Draft } from './sheet'
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

interface Laid {
  readonly plan: Drawable
  readonly left: number
  readonly top: number
}

/** Between one plan and the next. */
const BESIDE_MM = 6

/**
 * Plans in rows at a scale: all as long as the longest, those beside each other with their bodies at one height; and how far down they go. Undefined where
 * one is wider than the room.
 */
function laidAt(
  views: readonly View[],
  scale: number,
  room: Draft['room'],
): { readonly laid: readonly Laid[]; readonly high: number } | undefined {
  const alone = madeWhole(views)
  const sizeOf = (view: View): ReturnType<typeof sizeAt> => sizeAt({ view, around: NOTHING_AROUND }, scale)
  const wide = Math.max(0, ...alone.map((view) => sizeOf(view).wide))
  if (wide > room.wide) return undefined
  const perRow = Math.floor((room.wide + BESIDE_MM) / (wide + BESIDE_MM))
  const laid: Laid[] = []
  let high = 0
  for (let at = 0; at < alone.length; at += perRow) {
    const row = alone.slice(at, at + perRow)
    const low = Math.min(...row.map(({ bounds }) => bounds.min[1]))
    const top = Math.max(...row.map(({ bounds }) => bounds.max[1]))
    const even = row.map((view): View => {
      const { min, max } = view.bounds
      return { ...view, bounds: { min: [min[0], low], max: [max[0], top] } }
    })
    even.forEach((view, column) =>
      laid.push({
        plan: { view, around: NOTHING_AROUND },
        left: room.left + column * (wide + BESIDE_MM),
        top: room.top + high,
      }),
    )
    high += Math.max(...even.map((view) => sizeOf(view).high)) + BESIDE_MM
  }
  return { laid, high }
}

/** Of a sheet’s height, for plans. */
const PLANS_AT_MOST = 0.75

/**
 * What a client takes home: what they get, by night and by day, water and weight, and what is still to be decided. The plans are as large as leaves the
 * words on as few sheets as any scale does.
 */
export function clientSheets(subject: Subject): readonly Page[] {
  const { scales, overview } = subject
  const blocks = wordsFor(subject)
  const made = scales
    .map((scale) => composed(subject, blocks, scale, PLANS_AT_MOST))
    .filter((pages) => pages.length > 0)
  const least = Math.min(...made.map(({ length }) => length))
  return made.find(({ length }) => length === least) ?? composed(subject, blocks, overview, 1)
}

/** The sheets at a scale; none where its plans take more of the first than so large a share, but for as many as there is room for where that is all. */
function composed(subject: Subject, blocks: readonly Block[], scale: number, share: number): readonly Page[] {
  const { scenes } = subject
  const sheets = sheetsFor(subject)
  const draft = sheets.add(TITLE, '')
  const { room } = draft
  const shown = scenes.filter(({ purpose }) => purpose !== 'driving')
  const views = (shown.length === 0 ? scenes : shown).slice(0, 3).map((scene) => plainPlan(subject, scene))
  const whole = laidAt(views, scale, room)
  if (share < 1 && (whole === undefined || whole.high > room.high * share)) return []
  let high = 0
  for (const { plan, left, top } of whole?.laid ?? []) {
    const foot = top + sizeAt(plan, scale).high - room.top
    if (foot > room.high) break
    putView(draft, plan, scale, [left, top])
    high = Math.max(high, foot + BESIDE_MM)
  }
  const given = framesIn(draft.marks, { ...room, top: room.top + high, high: room.high - high })
  flow(blocks, sheets.frames(TITLE, '', given[0]?.wide ?? textFrame(room.wide), given))
  return sheets.pages()
}

const TITLE = 'For you to think about'

/** All that is said beside the plans. */
function wordsFor(subject: Subject): readonly Block[] {
  const { job, variantId, faults, demands, names, unit } = subject
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
          paragraph(words, { sizeMm: LETTERS.small, tone: 'soft', keep: true }),
          ...sentences.map((text) => item(text, 'box')),
          space(2),
        ]
  return [
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
}
