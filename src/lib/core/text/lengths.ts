import { formatLength, type LengthUnit, sayLength } from '../units'

/** A text with its lengths, which stand in it in millimetres: `{10}`, `{270 to 300}`, `{610 × 430}`. */
export const withLengths = (text: string, lengths: LengthUnit): string =>
  text.replace(/\{([^}]*)\}/g, (_, inner: string) => {
    const figures = inner.split(' ')
    const last = figures.length - 1
    return figures
      .map((word, index) => {
        if (!/^\d+$/.test(word)) return word
        return index === last ? sayLength(Number(word), lengths) : formatLength(Number(word), lengths)
      })
      .join(' ')
  })
