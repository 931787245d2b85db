import { createRequire } from 'node:module'
import PDFDocument from 'pdfkit'
import { describe, expect, it } from 'vitest'
import { printable, shortened, textWidth, unprintable, wrapped } from './letters'

const require = createRequire(import.meta.url)
const FONTS = {
  regular: '@expo-google-fonts/instrument-sans/400Regular/InstrumentSans_400Regular.ttf',
  semibold: '@expo-google-fonts/instrument-sans/600SemiBold/InstrumentSans_600SemiBold.ttf',
} as const

describe('widths of letters', () => {
  // pdfkit sets the text by the font itself, kerning included
  it.each(['regular', 'semibold'] as const)('are those of the font that a PDF embeds: %s', (weight) => {
    const pdf = new PDFDocument({ font: require.resolve(FONTS[weight]) })
    pdf.fontSize(100)
    for (const text of [
      'Overhead locker, front left',
      '1\u202f570 from the sill, left wall',
      'Wagen für Ärzte, Œuvre, Þórður, Łódź',
      'MAXIMUM 0123456789 × − “…”',
    ]) {
      const ratio = textWidth(text, 100, weight) / pdf.widthOfString(printable(text))
      expect(ratio, text).toBeGreaterThan(0.995)
      expect(ratio, text).toBeLessThan(1.04)
    }
  })

  it('cut a line where the paper ends, and break only what is wider than that', () => {
    const lines = wrapped('The galley stands against the left wall and reaches the window', 2.5, 30)
    expect(lines.length).toBeGreaterThan(2)
    for (const line of lines) expect(textWidth(line, 2.5)).toBeLessThanOrEqual(30)
    expect(lines.join(' ')).toBe('The galley stands against the left wall and reaches the window')
    const broken = wrapped('x'.repeat(500), 2.5, 30)
    expect(broken.join('')).toBe('x'.repeat(500))
    for (const line of broken) expect(textWidth(line, 2.5)).toBeLessThanOrEqual(30)
    expect(wrapped('', 2.5, 30)).toEqual([''])
    const short = shortened('A name of the job that has no room', 3, 20, 'semibold')
    expect(short.endsWith('…')).toBe(true)
    expect(textWidth(short, 3, 'semibold')).toBeLessThanOrEqual(20)
    expect(shortened('Van', 3, 20)).toBe('Van')
  })

  it('say what no font has, and set in another way what the face lacks', () => {
    expect(printable('3⅛″, 5′')).toBe('3\u00a01/8", 5\'')
    // squares and cubes stay until they can be raised
    expect(wrapped('4 m² or 3 m³', 2.5, 60)).toEqual(['4 m² or 3 m³'])
    expect(shortened('4 m² or 3 m³', 2.5, 60)).toBe('4 m² or 3 m³')
    expect(printable('4 m² or 3 m³')).toBe('4 m2 or 3 m3')
    expect(unprintable('Bus für שלום و مرحبا, 5 m²')).toEqual([])
    expect(unprintable('車 van 🚐')).toEqual(['車', '🚐'])
  })
})
