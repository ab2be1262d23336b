import { DRAWING_HEIGHT, DRAWING_WIDTH, svgOf, type Drawing } from '@nimble-anchor/core/drawings'
import pdfmake from 'pdfmake'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
// Ships with pdfmake: a path to each face, and nothing is fetched.
import roboto from 'pdfmake/fonts/Roboto'

/** What every paper of this program looks like: A4, one face, the caution at the foot of each page. */

const FONT_DIR = /[\\/]pdfmake[\\/]fonts[\\/]/
export const INK = '#12304d'
export const SOFT = '#3d566d'
const LINE = '#8aa2b3'

pdfmake.addFonts(roboto)
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy((path) => FONT_DIR.test(path))

export const heading = (text: string): Content => ({ text, bold: true, fontSize: 12, margin: [0, 12, 0, 4] })

/** Hairlines between rows, none between columns. */
export const RULED = {
  hLineWidth: () => 0.5,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingTop: () => 3,
  paddingBottom: () => 3,
}

export const rows = (pairs: readonly (readonly [string, string])[]): Content => ({
  layout: RULED,
  table: {
    widths: [150, '*'],
    body: pairs.map(([name, value]) => [
      { text: name, color: SOFT },
      { text: value, bold: true },
    ]),
  },
})

/** A drawing of the kit, so wide in points. */
export const picture = (drawing: Drawing, width: number): Content => ({
  svg: svgOf(drawing),
  width,
  height: (width * DRAWING_HEIGHT) / DRAWING_WIDTH,
})

export const paper = (title: string, caution: string, content: Content[]): TDocumentDefinitions => ({
  info: { title, creator: 'Nimble Anchor' },
  pageSize: 'A4',
  pageMargins: [48, 48, 48, 64],
  defaultStyle: { font: 'Roboto', fontSize: 10, color: INK, lineHeight: 1.15 },
  footer: (page: number, pages: number): Content => ({
    margin: [48, 8, 48, 0],
    fontSize: 8,
    color: SOFT,
    columns: [
      { text: caution, width: '*' },
      { text: `${page} / ${pages}`, width: 40, alignment: 'right' },
    ],
  }),
  content,
})

export const pdfOf = (document: TDocumentDefinitions): Promise<Buffer> => pdfmake.createPdf(document).getBuffer()
