import { escapeXml, figure, INK, RAISED, RIGHT_TO_LEFT, SIGNS, SVG_DEFS, svgOpen, viewSvg, withRaised } from '../draw'
import type { Mark, Page, Tone } from './page'

const TONES: Readonly<Record<Tone, string>> = {
  ink: INK,
  soft: '#55635F',
  line: '#B9B2A2',
  stop: '#B3261E',
  caution: '#8A5A00',
  note: '#55635F',
}

/** A unit of the shapes of gravity on paper: 16 of them are a sign. */
const SIGN_MM = 4.4 / 16

/** Pictures by their name, as addresses or data. */
export type Pictures = Readonly<Record<string, string>>

const HEBREW = /[\u0590-\u05ff\ufb1d-\ufb4f]/u

const faceOf = (letter: string): string | undefined =>
  !RIGHT_TO_LEFT.test(letter) ? undefined : HEBREW.test(letter) ? 'Noto Sans Hebrew' : 'Noto Sans Arabic'

/** What is raised: so much smaller, and so far up, of the size of the letters. */
const [SMALLER, UP] = [0.64, 0.36]

/** A text with its squares and cubes raised. */
function raised(text: string, sizeMm: number): string {
  const [first = '', ...others] = text.split(/(?=[²³])/u)
  const up = figure(UP * sizeMm)
  const after = (part: string): string => {
    const digit = RAISED[part.charAt(0)] ?? ''
    const rest = part.slice(1)
    const back = rest === '' ? '' : `<tspan dy="${up}">${escapeXml(rest)}</tspan>`
    return `<tspan dy="-${up}" font-size="${figure(SMALLER * sizeMm)}">${digit}</tspan>${back}`
  }
  return RAISED[first.charAt(0)] === undefined
    ? escapeXml(first) + others.map(after).join('')
    : [first, ...others].map(after).join('')
}

/** A text, its runs from right to left in a font that has them; a space belongs to the run before it. */
function runs(text: string, sizeMm: number): string {
  if (!RIGHT_TO_LEFT.test(text)) return raised(text, sizeMm)
  const found: { face: string | undefined; text: string }[] = []
  for (const letter of text) {
    const last = found.at(-1)
    const face = letter === ' ' && last !== undefined ? last.face : faceOf(letter)
    if (last !== undefined && last.face === face) last.text += letter
    else found.push({ face, text: letter })
  }
  return found
    .map(({ face, text: run }) =>
      face === undefined ? raised(run, sizeMm) : `<tspan font-family="${face}">${escapeXml(run)}</tspan>`,
    )
    .join('')
}

function markSvg(mark: Mark, index: number, page: string, pictures: Pictures): string {
  switch (mark.kind) {
    case 'rule': {
      const dash = mark.dash === undefined ? '' : ` stroke-dasharray="${mark.dash.join(' ')}"`
      return `<path d="M${figure(mark.from[0])} ${figure(mark.from[1])}L${figure(mark.to[0])} ${figure(mark.to[1])}" fill="none" stroke="${TONES[mark.tone ?? 'ink']}" stroke-width="${mark.widthMm}"${dash}/>`
    }
    case 'box':
      return `<rect x="${figure(mark.at[0])}" y="${figure(mark.at[1])}" width="${figure(mark.wideMm)}" height="${figure(mark.highMm)}" fill="${mark.fill === undefined ? 'none' : TONES[mark.fill]}" stroke="${INK}" stroke-width="${mark.widthMm}"/>`
    case 'words': {
      const weight = mark.weight === 'semibold' ? ' font-weight="600"' : ''
      const anchor = mark.anchor === undefined || mark.anchor === 'start' ? '' : ` text-anchor="${mark.anchor}"`
      const tone = mark.tone === undefined || mark.tone === 'ink' ? '' : ` fill="${TONES[mark.tone]}"`
      return `<text x="${figure(mark.at[0])}" y="${figure(mark.at[1])}" font-size="${mark.sizeMm}"${weight}${anchor}${tone}>${runs(withRaised(mark.text), mark.sizeMm)}</text>`
    }
    case 'view':
      return viewSvg(mark.placed, mark.scale, `${page}-${index}`)
    case 'sign': {
      const { d, numberY } = SIGNS[mark.gravity]
      const [x, y] = mark.at
      return `<g transform="translate(${figure(x)} ${figure(y)}) scale(${figure(SIGN_MM)})"><path d="${d}" fill="${TONES[mark.gravity]}" stroke="#FFFFFF" stroke-width="1"/><text y="${numberY}" font-size="9" font-weight="600" text-anchor="middle" fill="#FFFFFF">${escapeXml(mark.text)}</text></g>`
    }
    case 'hatch': {
      const box = `x="${figure(mark.at[0])}" y="${figure(mark.at[1])}" width="${figure(mark.wideMm)}" height="${figure(mark.highMm)}"`
      return `<rect ${box} fill="#EFE6D2" stroke="${INK}" stroke-width="0.2"/><rect ${box} fill="url(#hatch-${mark.hatch})"/>`
    }
    case 'picture': {
      const href = pictures[mark.picture]
      const box = `x="${figure(mark.at[0])}" y="${figure(mark.at[1])}" width="${figure(mark.wideMm)}" height="${figure(mark.highMm)}"`
      return href === undefined ? '' : `<image ${box} href="${escapeXml(href)}" preserveAspectRatio="xMidYMid meet"/>`
    }
  }
}

/** A page as an SVG file in true millimetres. `id` tells its parts from those of other pages in one document; `faces` are fonts that go along, as CSS. */
export function pageSvg(page: Page, id: string, pictures: Pictures = {}, faces = ''): string {
  const style = faces === '' ? '' : `<style>${faces}</style>`
  const marks = page.marks.map((mark, index) => markSvg(mark, index, id, pictures)).join('')
  return `${svgOpen(page.widthMm, page.heightMm)}${style}${SVG_DEFS}<rect width="${figure(page.widthMm)}" height="${figure(page.heightMm)}" fill="#FFFFFF"/>${marks}</svg>\n`
}
