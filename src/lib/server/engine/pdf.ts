import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'
import PDFDocument from 'pdfkit'
import toPdfMarks from 'svg-to-pdfkit'
import { pageSvg, type Page, type Pictures } from '$lib/core/paper'

const require = createRequire(import.meta.url)
const POINTS_PER_MM = 72 / 25.4

/** The fonts of a sheet, by the family that its texts name; read once a thread. */
const FACES = {
  regular: '@expo-google-fonts/instrument-sans/400Regular/InstrumentSans_400Regular.ttf',
  semibold: '@expo-google-fonts/instrument-sans/600SemiBold/InstrumentSans_600SemiBold.ttf',
  hebrew: '@expo-google-fonts/noto-sans-hebrew/400Regular/NotoSansHebrew_400Regular.ttf',
  arabic: '@expo-google-fonts/noto-sans-arabic/400Regular/NotoSansArabic_400Regular.ttf',
} as const
type Face = keyof typeof FACES

const read = new Map<Face, Buffer>()
function faceFile(face: Face): Buffer {
  const known = read.get(face)
  if (known !== undefined) return known
  const file = readFileSync(require.resolve(FACES[face]))
  read.set(face, file)
  return file
}

const faceFor = (family: string, bold: boolean): Face =>
  family.includes('Hebrew') ? 'hebrew' : family.includes('Arabic') ? 'arabic' : bold ? 'semibold' : 'regular'

/** The fonts of a sheet as CSS, for a file that has to stand alone. */
export function faceCss(): string {
  const face = (weight: number, from: Face): string =>
    `@font-face{font-family:'Instrument Sans';font-weight:${weight};src:url(data:font/ttf;base64,${faceFile(from).toString('base64')})}`
  return face(400, 'regular') + face(600, 'semibold')
}

export interface PdfFacts {
  readonly title: string
  readonly author: string
}

/** Pages as one PDF in true millimetres, its fonts embedded and its text as text. `told` hears of each sheet that is written. */
export function toPdf(
  pages: readonly Page[],
  { title, author }: PdfFacts,
  pictures: Pictures = {},
  told: (sheet: number) => void = () => undefined,
): Promise<Uint8Array<ArrayBuffer>> {
  const [first] = pages
  const sizeOf = ({ widthMm, heightMm }: Page): [number, number] => [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]
  const pdf = new PDFDocument({
    autoFirstPage: false,
    margin: 0,
    compress: true,
    ...(first === undefined ? {} : { size: sizeOf(first) }),
    info: { Title: title, Author: author, Producer: 'Zimmerman', Creator: 'Zimmerman' },
    font: faceFile('regular') as never,
  })
  for (const face of Object.keys(FACES) as Face[]) if (face !== 'regular') pdf.registerFont(face, faceFile(face))
  pdf.registerFont('regular', faceFile('regular'))
  const chunks: Uint8Array[] = []
  const done = new Promise<Uint8Array<ArrayBuffer>>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk))
    pdf.on('end', () => resolve(Uint8Array.from(Buffer.concat(chunks))))
    pdf.on('error', reject)
  })
  pages.forEach((page, index) => {
    const size = sizeOf(page)
    pdf.addPage({ size, margin: 0 })
    toPdfMarks(pdf, pageSvg(page, `s${index}`, pictures), 0, 0, {
      width: size[0],
      height: size[1],
      assumePt: false,
      fontCallback: (family: string, bold: boolean) => faceFor(family, bold),
      warningCallback: (words: string) => {
        throw new Error(words)
      },
    })
    told(index + 1)
  })
  pdf.end()
  return done
}
