import { type AheadItem } from '@nimble-anchor/core/ahead'
import { handoverSheet, type Sheet, type SheetBlock } from '@nimble-anchor/core/handover'
import { SIGNATURE_FIELD, type Case } from '@nimble-anchor/core/casefile'
import { assess } from '@nimble-anchor/core/verdict'
import type { Content } from 'pdfmake/interfaces'
import { heading, INK, paper, pdfOf, picture, rows, RULED, SOFT } from './page'

type Of<K extends SheetBlock['kind']> = Extract<SheetBlock, { kind: K }>

/** Two settings side by side, each with its drawing where there is one. */
function settings({ rows: items }: Of<'settings'>): Content {
  const cells = items.map(({ name, value, drawing }): Content[] => [
    drawing ? picture(drawing, 56) : '',
    {
      stack: [
        { text: name, color: SOFT, fontSize: 9 },
        { text: value, bold: true },
      ],
    },
  ])
  const body = Array.from({ length: Math.ceil(cells.length / 2) }, (_, i) => [
    ...(cells[2 * i] ?? []),
    ...(cells[2 * i + 1] ?? ['', '']),
  ])
  return { layout: RULED, table: { widths: [58, '*', 58, '*'], body } }
}

/** What to look at before a ride, each with the drawing of what it looks at. */
const looks = ({ looks: items }: Of<'looks'>): Content => ({
  layout: { ...RULED, paddingTop: () => 2, paddingBottom: () => 2 },
  table: {
    widths: [50, 160, '*'],
    body: items.map(({ ask, then, drawing }): Content[] => [
      drawing ? picture(drawing, 48) : '',
      { text: ask },
      { text: then },
    ]),
  },
})

/** A name, and the hand that was drawn under it. */
function signed({ role, name, strokes }: Of<'signing'>['hands'][number]): Content {
  const { width, height } = SIGNATURE_FIELD
  const hand: Content[] = strokes
    ? [{ svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}"><path d="${strokes}" fill="none" stroke="${INK}" stroke-width="2.2" stroke-linecap="round" stroke-linejoin="round"/></svg>`, width: 150, height: 50 }]
    : []
  return { stack: [{ text: role, color: SOFT, fontSize: 9 }, { text: name, bold: true }, ...hand] }
} // prettier-ignore

const signing = ({ rows: told, lines, hands, words, wordsTitle }: Of<'signing'>): Content[] => [
  ...(told.length > 0 ? [pairs(told)] : []),
  ...lines.map((text): Content => ({ text })),
  {
    columns: [
      ...hands.map(signed),
      {
        width: 235,
        stack: [
          { qr: words, fit: 235, eccLevel: 'L', foreground: INK },
          { text: wordsTitle, fontSize: 7, color: SOFT },
        ],
      },
    ],
    columnGap: 12,
  },
]

const pairs = (told: Of<'rows'>['rows']): Content => rows(told.map(({ name, value }) => [name, value] as const))

function contentOf(block: SheetBlock): Content[] {
  const title = heading(block.title)
  switch (block.kind) {
    case 'rows':
      return [
        title,
        pairs(block.rows),
        ...(block.note === undefined ? [] : [{ text: block.note, color: SOFT, margin: [0, 4, 0, 0] } as Content]),
      ]
    case 'settings':
      return [title, settings(block)]
    case 'list':
      return [title, { ul: [...block.lines] }]
    case 'held':
      return [title, { text: block.text, color: SOFT }]
    case 'looks':
      return [{ unbreakable: true, stack: [title, looks(block)] }]
    case 'signing':
      return [{ unbreakable: true, stack: [title, ...signing(block)] }]
  }
}

/** The handover sheet of one fitting, one or two pages of A4: what stands on it, core says. */
const contentsOf = (sheet: Sheet): Content[] => [
  { text: sheet.heading, fontSize: 18, bold: true },
  { text: sheet.judgedFor, color: SOFT, margin: [0, 0, 0, 8] },
  { text: sheet.verdictText, fontSize: 15, bold: true },
  { text: sheet.headline },
  ...(sheet.decided !== undefined ? [{ text: sheet.decided, color: SOFT } as Content] : []),
  ...sheet.blocks.flatMap(contentOf),
]

/** @param locale in which days are written */
export function sheetPdf(c: Case, ahead: readonly AheadItem[], locale?: string): Promise<Buffer> {
  const sheet = handoverSheet(c, assess(c), ahead, locale)
  return pdfOf(paper(sheet.title, sheet.caution, contentsOf(sheet)))
}
