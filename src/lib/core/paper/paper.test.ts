import { describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { defaultsOf, kindOf } from '../fittings'
import { apply, type Job } from '../job'
import type { LengthUnit } from '../units'
import { textWidth, thumbnailSheet, type PlacedView, type View } from '../draw'
import { shellNamed } from '../shells'
import {
  compose,
  NO_LETTERHEAD,
  pageSvg,
  PAPER_IDS,
  PAPER_KINDS,
  PAPERS,
  scalesIn,
  subjectOf,
  type Asked,
  type Page,
  type PaperKind,
} from './index'
import { tapeOut } from './tape-out'

const [bat] = DEMO_JOBS
const job = bat!
const asked = (more: Partial<Asked> = {}): Asked => ({
  job,
  variantId: Object.keys((more.job ?? job).variants)[0]!,
  format: { paper: 'A3', across: true },
  letterhead: { name: 'Hedge Lane Workshop', address: '4 Hedge Lane\nStonebridge' },
  date: '2026-11-30',
  revision: 214,
  ...more,
})
const inUnits = (units: LengthUnit): Job => ({ ...job, units })
const wordsOf = ({ marks }: Page) => marks.flatMap((mark) => (mark.kind === 'words' ? [mark] : []))
const textOf = (pages: readonly Page[]): string =>
  pages.flatMap((page) => wordsOf(page).map(({ text }) => text)).join(' ')
const viewsOf = ({ marks }: Page) => marks.flatMap((mark) => (mark.kind === 'view' ? [mark] : []))
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ')

/** What a view takes on a page, without what lies beside it, mm. */
const boxOf = ({ view, left, top, part = view.bounds }: PlacedView, scale: number) => ({
  left,
  top,
  right: left + (part.max[0] - part.min[0]) / scale,
  bottom: top + (part.max[1] - part.min[1]) / scale,
})

const MARGIN = 10
/** The title block’s height, which stands in one row or in two. */
const roomOf = ({ widthMm, heightMm }: Page) => ({
  right: widthMm - MARGIN,
  bottom: heightMm - MARGIN - (widthMm - 2 * MARGIN >= 250 ? 19 : 38),
})

const pointsOf = ({ groups }: View) =>
  groups.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'path' ? item.points : [])))

/** Views of which a mark of one lies where another is. */
function collisions(page: Page): readonly string[] {
  const reaches = viewsOf(page).flatMap(({ placed, scale }) => {
    if (placed.part !== undefined) return []
    const box = boxOf(placed, scale)
    const { min, max } = placed.view.bounds
    const points = pointsOf(placed.view).map(
      ([u, v]) => [box.left + (u - min[0]) / scale, box.top + (max[1] - v) / scale] as const,
    )
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
    const reach = { x0: Math.min(...xs), x1: Math.max(...xs), y0: Math.min(...ys), y1: Math.max(...ys) }
    return points.length === 0 ? [] : [{ title: placed.view.title, ...reach }]
  })
  return reaches.flatMap((a, index) =>
    reaches
      .slice(index + 1)
      .filter((b) => a.x0 < b.x1 - 0.1 && b.x0 < a.x1 - 0.1 && a.y0 < b.y1 - 0.1 && b.y0 < a.y1 - 0.1)
      .map((b) => `${page.title}: “${a.title}” on “${b.title}”`),
  )
}

/** All that stands outside the edge, or begins above the title block and reaches into it. */
function strays(page: Page): readonly string[] {
  const { right, bottom } = roomOf(page)
  const found: string[] = []
  for (const mark of wordsOf(page)) {
    const wide = textWidth(mark.text, mark.sizeMm, mark.weight)
    const from = mark.at[0] - (mark.anchor === 'end' ? wide : mark.anchor === 'middle' ? wide / 2 : 0)
    if (
      from < MARGIN ||
      from + wide > right + 0.01 ||
      mark.at[1] - mark.sizeMm < MARGIN ||
      mark.at[1] > page.heightMm - MARGIN
    )
      found.push(`${page.title}: ${mark.text}`)
  }
  for (const { placed, scale } of viewsOf(page)) {
    const box = boxOf(placed, scale)
    if (box.left < MARGIN || box.right > right || box.top < MARGIN || box.bottom > bottom)
      found.push(`${page.title}: ${placed.view.title}`)
    // a part of a view is cut at its edge; of a whole one every mark is on the paper
    if (placed.part !== undefined) continue
    const { bounds } = placed.view
    for (const [u, v] of pointsOf(placed.view)) {
      const [x, y] = [box.left + (u - bounds.min[0]) / scale, box.top + (bounds.max[1] - v) / scale]
      if (x < MARGIN || x > right || y < MARGIN || y > bottom) {
        found.push(`${page.title}: a mark of ${placed.view.title} at ${u}, ${v}`)
        break
      }
    }
  }
  return found
}

/** Whether nothing but the title block is on a page. */
const isBare = (page: Page): boolean =>
  viewsOf(page).length === 0 && wordsOf(page).every(({ at }) => at[1] > roomOf(page).bottom)

/** Lines of words that lie on each other. */
function overlaps(page: Page): readonly string[] {
  const boxes = wordsOf(page)
    .filter(({ text }) => text.trim() !== '')
    .map(({ text, at: [x, y], sizeMm, weight, anchor }) => {
      // kerning makes a line up to three hundredths shorter
      const wide = textWidth(text, sizeMm, weight) * 0.97
      const from = x - (anchor === 'end' ? wide : anchor === 'middle' ? wide / 2 : 0)
      return { text, x0: from, x1: from + wide, y0: y - sizeMm * 0.7, y1: y }
    })
  return boxes.flatMap((a, index) =>
    boxes
      .slice(index + 1)
      .filter((b) => a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1)
      .map((b) => `${page.title}: “${a.text}” on “${b.text}”`),
  )
}

describe('sizes', () => {
  it('of paper are those of ISO 216 and ASME Y14.1 (8.5 × 11 and 11 × 17 in)', () => {
    expect([PAPERS.A4, PAPERS.A3]).toEqual([
      [210, 297],
      [297, 420],
    ])
    expect(PAPERS.letter.map((mm) => mm / 25.4)).toEqual([8.5, 11])
    expect(PAPERS.tabloid.map((mm) => Math.round((mm / 25.4) * 1000) / 1000)).toEqual([11, 17])
  })

  it('of drawings are whole scales: an inch, ¾, ½ and ¼ to the foot where inches are said', () => {
    expect(scalesIn('mm')).toEqual([20, 25, 33, 50])
    expect(scalesIn('in').map((scale) => 12 / scale)).toEqual([1, 0.75, 0.5, 0.25])
  })

  it.each([20, 25, 33, 50, 12, 16, 24, 48])('a metre is a metre at 1 : %i', (scale) => {
    // the galley stands 1570 to 3070 from the sill: 1500 long
    for (const page of compose('sheet', asked({ scale, modeIds: ['mode-day'] })).pages)
      for (const { placed } of viewsOf(page)) {
        const galley = placed.view.groups.find(({ fittingId }) => fittingId === 'fit-galley')
        if (galley === undefined || placed.view.id === 'section') continue
        const [outline] = galley.items
        const xs = outline!.kind === 'path' ? outline!.points.map(([u]) => u) : []
        const svg = pageSvg({ ...page, marks: [{ kind: 'view', placed, scale }] }, 's')
        const at = (u: number) => placed.left + (u - (placed.part ?? placed.view.bounds).min[0]) / scale
        const figure = (mm: number) => String(Math.round(mm * 1000) / 1000)
        expect(at(Math.max(...xs)) - at(Math.min(...xs))).toBeCloseTo(1500 / scale, 9)
        expect(svg).toContain(`M${figure(at(outline!.kind === 'path' ? outline!.points[0]![0] : 0))} `)
      }
  })
})

describe('a sheet', () => {
  it.each(PAPER_KINDS)(
    'of every size and unit holds all of “%s” within its edge, nothing under the title block or on another',
    (kind) => {
      for (const each of DEMO_JOBS)
        // the shortest figures and the longest, each paper held once this way and once that
        for (const [turn, units] of (['mm', 'ft'] as const).entries())
          for (const [index, paper] of PAPER_IDS.entries()) {
            const format = { paper, across: (index + turn) % 2 === 0 }
            const { pages, leftOut } = compose(kind, asked({ job: { ...each, units }, format }))
            expect(pages.length).toBeGreaterThan(0)
            // of the survey every tape has its number on the drawing
            if (kind === 'survey') expect(leftOut).toEqual([])
            expect(pages.flatMap(strays)).toEqual([])
            expect(pages.flatMap(overlaps)).toEqual([])
            expect(pages.filter(isBare)).toEqual([])
          }
    },
  )

  it('says whose, of what, how large, when and which it is', () => {
    const { pages } = compose('set', asked())
    const said = plain(textOf(pages))
    for (const words of [
      'Hedge Lane Workshop',
      '4 Hedge Lane',
      job.name,
      job.shell.name,
      'Variant A, bed across',
      '30 Nov 2026',
      'Revision 214',
      'lengths in mm',
      `Sheet 1 of ${pages.length}`,
      `Sheet ${pages.length} of ${pages.length}`,
      '1 : 33',
      'never a certificate',
    ])
      expect(said).toContain(words)
    const bare = compose('questions', asked({ letterhead: NO_LETTERHEAD, revision: undefined })).pages
    expect(plain(textOf(bare))).not.toMatch(/Revision|Variant/)
  })

  it('of a bus that does not fit goes on over match lines, and all of the bus is on one of them', () => {
    const bus: Job = { ...job, shell: shellNamed('bus-12m')! }
    const { pages } = compose(
      'sheet',
      asked({ job: bus, scale: 20, format: { paper: 'A4', across: true }, modeIds: ['mode-day'] }),
    )
    expect(pages.flatMap(strays)).toEqual([])
    const tiles = pages.flatMap((page, index) =>
      viewsOf(page).map(({ placed }) => ({ placed, number: index + 1, page })),
    )
    for (const id of ['left', 'plan', 'right'] as const) {
      const those = tiles.filter(({ placed }) => placed.view.id === id)
      expect(those.length).toBeGreaterThan(1)
      const { min, max } = those[0]!.placed.view.bounds
      const areaOf = ({ min: from, max: to }: (typeof those)[0]['placed']['view']['bounds']) =>
        (to[0] - from[0]) * (to[1] - from[1])
      const parts = those.map(({ placed }) => placed.part!)
      expect(parts.reduce((sum, part) => sum + areaOf(part), 0)).toBeCloseTo(areaOf({ min, max }), 3)
      // every line is named on both sheets, and each names the other
      for (const { page, number } of those)
        for (const { text } of wordsOf(page)) {
          const [, letter, other] = /^(\w): goes on on sheet (\d+)$/.exec(text) ?? []
          if (other === undefined) continue
          expect(textOf([pages[Number(other) - 1]!])).toContain(`${letter}: goes on on sheet ${number}`)
        }
    }
    expect(textOf(pages)).toMatch(/goes on on sheet/)
  })

  it('of the plan lists every fitting once, with size and place, and what is open', () => {
    const { pages } = compose('sheet', asked({ modeIds: ['mode-night'] }))
    const said = plain(textOf(pages))
    const subject = subjectOf(asked())
    for (const id of Object.keys(subject.plan.fittings)) {
      const name = subject.names.fitting(id)
      // in the schedule and in the tape-out
      expect(
        wordsOf(pages[0]!).filter(({ text }) => text === name).length +
          wordsOf(pages[1] ?? pages[0]!).filter(({ text }) => text === name).length,
      ).toBeGreaterThan(1)
    }
    expect(said).toContain('1 570 from the sill, left wall')
    expect(said).toMatch(/1 690 mm long|200 mm/)
    const day = compose('sheet', asked({ modeIds: ['mode-drive'] }))
    expect(plain(textOf(day.pages))).toContain('Nothing: all that is checked is all right.')
  })

  it('of a plan with a rack behind the body and an awning beside it has all of both on it', () => {
    const variant = job.variants['variant-a']!
    const seat = (from: 'right-wall' | 'centreline', mm: number) => ({
      along: { from: 'rear' as const, mm },
      across: { from, mm: 0 },
      up: { from: 'floor' as const, mm: 0 },
      turn: 0 as const,
      mirrored: false,
    })
    const more = Object.fromEntries(
      (
        [
          ['fit-rack', 'hitch-rack', seat('centreline', -900)],
          ['fit-tent', 'awning', seat('right-wall', 900)],
        ] as const
      ).map(([id, kind, at]) => [id, { kind, parameters: defaultsOf(kindOf(kind)), seat: at }]),
    )
    const outside: Job = {
      ...job,
      variants: {
        'variant-a': { ...variant, plan: { ...variant.plan, fittings: { ...variant.plan.fittings, ...more } } },
      },
    }
    for (const kind of PAPER_KINDS)
      for (const paper of PAPER_IDS) {
        const { pages } = compose(kind, asked({ job: outside, format: { paper, across: paper !== 'A4' } }))
        expect(pages.flatMap(strays)).toEqual([])
        expect(pages.flatMap(collisions)).toEqual([])
      }
    expect(textOf(compose('set', asked({ job: outside })).pages)).toMatch(/rack/i)
    // and so has the small picture in the list of jobs
    const { widthMm, heightMm, scale, views } = thumbnailSheet(outside, 'variant-a', 'mode-day')
    for (const { view, left, top } of views)
      for (const [u, v] of pointsOf(view)) {
        const [x, y] = [left + (u - view.bounds.min[0]) / scale, top + (view.bounds.max[1] - v) / scale]
        expect(x >= 0 && x <= widthMm && y >= 0 && y <= heightMm).toBe(true)
      }
  })

  it('tells with a reason what was let be', () => {
    const { faults } = subjectOf(asked())
    const { finding } = faults[0]!
    const letBe = apply(job, {
      type: 'waiver.put',
      variant: 'variant-a',
      id: 'waiver-a',
      waiver: {
        key: finding.key,
        code: finding.code,
        measured: finding.measured,
        needed: finding.needed,
        reason: 'we sleep curled up',
        on: '2026-05-12',
      },
    } as never).job
    const said = plain(textOf(compose('set', asked({ job: letBe })).pages))
    expect(said).toContain('we sleep curled up')
    expect(said).toContain('12 May 2026')
  })

  it('for the client and of the review shows the plan of the longest bus on the smallest paper too, and a box to tick stands under its heading', () => {
    const bus: Job = { ...job, shell: shellNamed('bus-12m')! }
    for (const kind of ['client', 'review'] as const)
      for (const paper of PAPER_IDS)
        for (const across of [false, true]) {
          const { pages } = compose(kind, asked({ job: bus, format: { paper, across } }))
          expect(pages.flatMap(viewsOf).length).toBeGreaterThan(0)
          expect(pages.flatMap(strays)).toEqual([])
        }
    // of the review every mode in which something is found first has its drawing, however many sheets that takes
    const { faults } = subjectOf(asked())
    const found = new Set(faults.map(({ modes }) => modes[0]))
    expect(found.size).toBeGreaterThan(1)
    for (const paper of PAPER_IDS) {
      const { pages } = compose('review', asked({ format: { paper, across: true } }))
      expect(pages.flatMap(viewsOf)).toHaveLength(found.size)
      expect(pages.flatMap(strays)).toEqual([])
    }
    for (const each of DEMO_JOBS)
      for (const paper of PAPER_IDS)
        for (const page of compose('client', asked({ job: each, format: { paper, across: true } })).pages) {
          const boxes = page.marks.flatMap((mark) => (mark.kind === 'box' ? [mark.at] : []))
          const heads = wordsOf(page).filter(({ text }) => /^(Before we build|To decide together)/.test(text))
          for (const { at } of heads)
            expect(boxes.some(([x, y]) => Math.abs(x - at[0]) < 1 && y > at[1] && y < at[1] + 20)).toBe(true)
        }
  })

  it('for the client says each thing once, in words without an id', () => {
    const { pages } = compose('client', asked())
    const said = plain(textOf(pages))
    expect(said).toContain('fresh water: about 4 nights for 2 people')
    expect(said).not.toMatch(/fit-|variant-|mode-|person-/)
    const sentences = wordsOf(pages[0]!)
      .map(({ text }) => text)
      .filter((text) => text.length > 30)
    expect(sentences.length).toBe(new Set(sentences).size)
    const boxes = pages.flatMap(({ marks }) => marks.filter((mark) => mark.kind === 'box' && mark.wideMm === 3))
    const open = subjectOf(asked()).faults.filter(({ finding }) => finding.gravity !== 'note')
    expect(boxes.length).toBe(open.length)
  })

  it('to fill in draws every tape of the survey with a number that its table explains', () => {
    const { pages } = compose('survey', asked({ job: inUnits('in') }))
    const numbers = new Set(
      pages
        .flatMap((page) => viewsOf(page))
        .flatMap(({ placed }) =>
          placed.view.groups.flatMap(({ key, items }) =>
            key === 'tapes' ? items.flatMap((item) => (item.kind === 'dimension' ? [item.text] : [])) : [],
          ),
        ),
    )
    expect(numbers.size).toBeGreaterThan(30)
    const said = new Set(pages.flatMap(wordsOf).map(({ text }) => text))
    for (const number of numbers) expect(said.has(number)).toBe(true)
    const lines = pages.flatMap(({ marks }) => marks.filter((mark) => mark.kind === 'rule' && mark.tone === 'soft'))
    expect(lines.length).toBeGreaterThan(2 * numbers.size)
  })
})

describe('the tape-out', () => {
  it('gives a square thing by its edges from the sill and the centreline, and another by every corner', () => {
    const { scenes, names } = subjectOf(asked())
    const rows = tapeOut(scenes[0]!, names, 'mm')
    const galley = rows.find(({ name }) => name === 'Galley')!
    expect(plain(galley.fromSill)).toBe('1 570 to 3 070')
    // the lined wall is 894 from the centreline there, and the galley 514 deep against it
    expect(galley.across).toBe('L 894 to L 380')
    expect(plain(galley.heights)).toBe('37 to 937')
    const locker = rows.findIndex(({ name }) => name === 'Overhead locker, rear left')
    const corners = rows.slice(locker, locker + 5)
    expect(corners.slice(1).every(({ name }) => name === '')).toBe(true)
    expect(new Set(corners.map(({ fromSill, across }) => `${fromSill} ${across}`)).size).toBe(5)
  })

  it('gives a thing of several parts part by part, not by the box round them', () => {
    const [, potter] = DEMO_JOBS
    const { scenes, names } = subjectOf(asked({ job: potter! }))
    const rows = tapeOut(scenes[0]!, names, 'mm')
    const lounge = rows.findIndex(({ name }) => name === 'Lounge')
    const next = rows.findIndex(({ name }, index) => index > lounge && name !== '')
    const parts = rows.slice(lounge, next === -1 ? undefined : next)
    expect(parts.length).toBeGreaterThan(1)
    expect(new Set(parts.map(({ fromSill }) => fromSill)).size).toBeGreaterThan(1)
  })
})

describe('what goes along', () => {
  it('photos of what was found go with the vehicle as bought, each with its number, four to a sheet', () => {
    const photos = Array.from({ length: 5 }, (_, at) => String(at).repeat(32))
    const rust = { kind: 'rust', label: 'Sill', sizeMm: [200, 40, 60], before: null, photos } as const
    const found = apply(job, { type: 'found.put', id: 'found-z', found: rust as never }).job
    const at = Object.keys(found.found ?? {}).indexOf('found-z') + 1
    const pictures = (withPhotos: boolean) =>
      compose('bought', asked({ job: found, withPhotos })).pages.flatMap(({ marks }) =>
        marks.flatMap((mark) => (mark.kind === 'picture' && photos.includes(mark.picture) ? [mark.picture] : [])),
      )
    expect(pictures(false)).toEqual([])
    expect(pictures(true)).toEqual(photos)
    expect(textOf(compose('bought', asked({ job: found, withPhotos: true })).pages)).toContain(`${at} “Sill”`)
  })

  it('the history lists what was done, in the units of the job, over as many sheets as that takes', () => {
    const told = { type: 'brief.nights', to: 3 } as never
    const history = Array.from({ length: 120 }, (_, at) => ({
      at: `2026-11-${String((at % 28) + 1).padStart(2, '0')}T09:30:00.000Z`,
      words: `Moved the bed ${at}`,
      who: at === 7 ? 'Ada' : '',
      ...(at === 3 ? { told } : {}),
    }))
    const { pages } = compose('history', asked({ history, format: { paper: 'A4', across: false } }))
    const text = textOf(pages)
    expect(pages.length).toBeGreaterThan(1)
    for (const at of [0, 50, 119]) expect(text).toContain(`Moved the bed ${at}`)
    expect(text).toContain('1 Nov 2026 09:30')
    expect(text).toContain('Ada')
    expect(text).not.toContain('Moved the bed 3 ')
    expect(textOf(compose('history', asked()).pages)).toContain('Nothing has been changed yet.')
  })
})

describe('what comes in bad', () => {
  const named = (label: string): Job => {
    const labelled = apply(job, { type: 'fitting.label', variant: 'variant-a', id: 'fit-bed', label }).job
    return { ...labelled, name: label }
  }
  const all = (each: Job): readonly (readonly [PaperKind, readonly Page[], readonly string[]])[] =>
    PAPER_KINDS.map((kind) => {
      const { pages, leftOut } = compose(kind, asked({ job: each, format: { paper: 'A4', across: false } }))
      return [kind, pages, leftOut]
    })

  it('long names, names from right to left and letters that no font has: the sheet is whole, and what it cannot set is told', () => {
    for (const [, pages, leftOut] of all(named('W'.repeat(500)))) {
      expect(pages.flatMap(strays)).toEqual([])
      expect(leftOut).toEqual([
        expect.stringMatching(/^Shortened, because their line has no room for all of it: “W{60}…”/),
      ])
    }
    for (const [, pages, leftOut] of all(named('שלום عربة Van'))) {
      expect(pages.flatMap(strays)).toEqual([])
      expect(leftOut).toEqual([])
      expect(pageSvg(pages[0]!, 's')).toContain(
        '<tspan font-family="Noto Sans Hebrew">שלום </tspan><tspan font-family="Noto Sans Arabic">عربة </tspan>Van',
      )
    }
    for (const [, , leftOut] of all(named('旅 van')))
      expect(leftOut).toEqual([expect.stringContaining('no letter for 旅')])
    const harmful = compose('sheet', asked({ job: named('<script>"&\u0000') })).pages
    expect(pageSvg(harmful[0]!, 's')).toContain('&lt;script&gt;&quot;&amp;')
    for (const bad of ['<script', '\u0000']) expect(pageSvg(harmful[0]!, 's')).not.toContain(bad)
  })

  it('squares and cubes are raised, and what follows them stands on the line again', () => {
    const page = compose('sheet', asked({ job: named('9 m² of van, 12 m³, שלום 2 m²') })).pages[0]!
    const svg = pageSvg(page, 's')
    const texts = [...svg.matchAll(/<text[^>]*font-size="([\d.]+)"[^>]*>(.*?)<\/text>/g)].filter(
      ([, , inner]) => inner!.includes('of van') && inner!.includes('<tspan dy'),
    )
    expect(texts.length).toBeGreaterThan(0)
    for (const [, size, inner] of texts) {
      expect(inner!.replaceAll(/<[^>]*>/g, '')).toBe('9 m2 of van, 12 m3, שלום 2 m2')
      const moves = [...inner!.matchAll(/dy="(-?[\d.]+)"/g)].map(([, dy]) => Number(dy))
      // up by what it then comes down, and the last, after which nothing is, stays up
      expect(moves).toHaveLength(5)
      expect(moves.reduce((sum, dy) => sum + dy, 0)).toBeCloseTo(moves[0]!, 9)
      expect(moves[0]!).toBeLessThan(0)
      for (const [, smaller] of inner!.matchAll(/<tspan dy="-[\d.]+" font-size="([\d.]+)">/g))
        expect(Number(smaller)).toBeLessThan(Number(size))
    }
    expect(svg).not.toMatch(/[²³]/)
  })

  it('an address of four lines is written whole; of a longer one it is told that it was shortened', () => {
    const address = ['4 Hedge Lane', 'Stonebridge', 'Westmark', 'Telephone 5550 100 200']
    const lines = (more: readonly string[]) =>
      compose('weight', asked({ letterhead: { name: 'Hedge Lane', address: [...address, ...more].join('\n') } }))
    const fits = lines([])
    for (const line of address) expect(textOf(fits.pages)).toContain(line)
    expect(fits.leftOut).toEqual([])
    const long = lines(['Mornings only, and never on the day of the market, except by appointment'])
    expect(long.pages.flatMap(strays)).toEqual([])
    expect(long.leftOut).toEqual([expect.stringContaining('“Telephone 5550 100 200, Mornings only')])
  })

  it('an empty plan has its sheets all the same, and says that nothing stands in it', () => {
    const variant = job.variants['variant-a']!
    const empty: Job = {
      ...job,
      brief: { ...job.brief, people: {}, pets: {}, gear: {}, demands: {} },
      variants: { 'variant-a': { ...variant, plan: { ...variant.plan, fittings: {}, groups: {}, waivers: {} } } },
    }
    for (const [kind, pages] of all(empty)) {
      expect(pages.length, kind).toBeGreaterThan(0)
      expect(pages.flatMap(strays)).toEqual([])
    }
    expect(textOf(compose('set', asked({ job: empty })).pages)).toContain('Nothing stands in this plan yet.')
  })

  it('four hundred fittings are all listed, over as many sheets as that takes', () => {
    const variant = job.variants['variant-a']!
    const locker = variant.plan.fittings['fit-wardrobe']!
    const fittings = Object.fromEntries(
      Array.from({ length: 400 }, (_, index) => [
        `fit-${index}`,
        {
          ...locker,
          label: `Locker ${index}`,
          seat: { ...locker.seat, along: { from: 'rear' as const, mm: index * 10 } },
        },
      ]),
    )
    const many: Job = {
      ...job,
      variants: { 'variant-a': { ...variant, plan: { ...variant.plan, fittings, groups: {}, waivers: {} } } },
    }
    const { pages, leftOut } = compose(
      'sheet',
      asked({ job: many, format: { paper: 'A4', across: false }, modeIds: ['mode-day'] }),
    )
    expect(pages.flatMap(strays)).toEqual([])
    expect(pages.flatMap(overlaps)).toEqual([])
    const named = pages.flatMap(wordsOf).filter(({ text }) => /^Locker \d+$/.test(text))
    // in the schedule and in the tape-out
    expect(new Set(named.map(({ text }) => text)).size).toBe(400)
    expect(named.length).toBe(800)
    expect(leftOut).toEqual([])
    // each stands in forty others: no sheet lists that to its end, and each says so
    for (const kind of ['review', 'client'] as const) {
      const long = compose(kind, asked({ job: many, format: { paper: 'A4', across: false } })).pages
      expect(long.length).toBeLessThan(12)
      expect(plain(textOf(long))).toMatch(/And [\d ]+ more, the gravest first/)
    }
  })

  it('lengths without room for a figure are told, and have one at a larger scale', () => {
    const [, potter] = DEMO_JOBS
    const small = { job: { ...potter!, units: 'ft' as const }, format: { paper: 'A4' as const, across: true } }
    expect(compose('set', asked(small)).leftOut).toEqual([
      expect.stringMatching(/^\d+ lengths have no room for a figure/),
    ])
    expect(compose('set', asked({ ...small, scale: 12 })).leftOut).toEqual([])
  })

  it('a variant or mode that is none is refused', () => {
    expect(() => compose('set', asked({ variantId: '__proto__' }))).toThrow(/no variant “__proto__”/)
    expect(() => compose('set', asked({ modeIds: ['mode-x'] }))).toThrow(/no mode “mode-x”/)
  })
})
