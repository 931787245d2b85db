declare module 'svg-to-pdfkit' {
  import type PDFKit from 'pdfkit'

  interface Options {
    readonly width?: number
    readonly height?: number
    readonly assumePt?: boolean
    readonly fontCallback?: (family: string, bold: boolean, italic: boolean) => string
    readonly warningCallback?: (words: string) => void
  }
  /** Draws an SVG document into a page of a PDF. */
  export default function SVGtoPDF(
    doc: typeof PDFKit.prototype,
    svg: string,
    x?: number,
    y?: number,
    options?: Options,
  ): void
}
