import { type AheadItem } from '@nimble-anchor/core/ahead'
import { CARER_TRIED_TEXT, caseText, settingsToRemember, type Remembered } from '@nimble-anchor/core/handover'
import { chosenIn, SIGNATURE_FIELD, type Case } from '@nimble-anchor/core/casefile'
import { drawingOfCheck } from '@nimble-anchor/core/drawings'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recheckList, type RecheckItem } from '@nimble-anchor/core/procedure'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { assess, type Assessment, decidedText, limitOf, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { dayText, heading, INK, LINE, paper, pdfOf, picture, rows, SOFT } from './page'

/** Two settings side by side, each with its drawing where there is one. */
function remembered(items: readonly Remembered[]): Content {
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
  return {
    layout: { hLineWidth: () => 0.5, vLineWidth: () => 0, hLineColor: () => LINE, paddingTop: () => 3, paddingBottom: () => 3 },
    table: { widths: [58, '*', 58, '*'], body },
  } // prettier-ignore
}

/** What to look at before a ride, each with the drawing of what it looks at. */
function lookedAt(subject: FittedSubject, looks: readonly RecheckItem[], assessment: Assessment): Content {
  const body = looks.map(({ check, ask, how, ifNot }): Content[] => [
    check ? picture(drawingOfCheck(check, subject, limitOf(check, assessment)), 48) : '',
    { text: ask },
    { text: `${how} If not: ${ifNot}` },
  ])
  return {
    layout: { hLineWidth: () => 0.5, vLineWidth: () => 0, hLineColor: () => LINE, paddingTop: () => 2, paddingBottom: () => 2 },
    table: { widths: [50, 160, '*'], body },
  } // prettier-ignore
}

/** A name, and the hand that was drawn under it. */
function signed(role: string, name: string, strokes: string | undefined): Content {
  const { width, height } = SIGNATURE_FIELD
  const hand: Content[] = strokes
    ? [{ svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}"><path d="${strokes}" fill="none" stroke="${INK}" stroke-width="2.2" stroke-linecap="round" stroke-linejoin="round"/></svg>`, width: 150, height: 50 }]
    : []
  return { stack: [{ text: role, color: SOFT, fontSize: 9 }, { text: name, bold: true }, ...hand] }
} // prettier-ignore

const monthText = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${iso}T00:00:00Z`),
  )

/** "about May 2027 (from February 2027 to November 2027)": when something is due, and how far that is known. */
export function whenText({ early, likely, late, isFixed }: AheadItem): string {
  if (isFixed) return dayText(likely)
  return `about ${monthText(likely)} (from ${monthText(early)}${late === undefined ? ', or much later' : ` to ${monthText(late)}`})`
}

const handoverTitle = (handover: Case['handover']): string =>
  handover === undefined
    ? 'Not signed'
    : `${handover.againstAdvice ? 'Left not ready, against advice,' : 'Handed over'} on ${dayText(handover.signedAt)}`

/** The handover sheet of one fitting, one or two pages of A4. */
function sheetOf(c: Case, ahead: readonly AheadItem[]): TDocumentDefinitions {
  const assessment = assess(c)
  const { model, unit, mode, position, route } = chosenIn(c)
  const { child, vehicle, handover } = c
  const name = [child.name, child.familyName].filter(Boolean).join(' ')
  const settings = settingsToRemember(c)
  const subject = fittedSubject(c)
  const looks = subject ? recheckList(subject) : []
  const advice = assessment.findings.filter((f) => f.kind !== 'pass').slice(0, 8)
  const held = assessment.findings.filter((f) => f.kind === 'pass')
  const decided = decidedText(assessment)
  return paper(`Handover: ${name}`, assessment.caution, [
    { text: 'Child restraint handover', fontSize: 18, bold: true },
    { text: `Judged for ${dayText(c.today)}`, color: SOFT, margin: [0, 0, 0, 8] },
    { text: VERDICT_TEXT[assessment.verdict], fontSize: 15, bold: true },
    { text: assessment.headline },
    ...(decided !== undefined ? [{ text: decided, color: SOFT } as Content] : []),
    heading('This fitting'),
    rows([
        ['Child', name],
        ['Car and place', [vehicle && vehicleName(vehicle), vehicle?.plate, position?.label].filter(Boolean).join(', ') || 'none yet'],
        ['Restraint', [model && modelName(model), mode?.label, unit && `unit ${unit.serial}`].filter(Boolean).join(', ') || 'none yet'],
        ...(route ? [['Attached by', route.label] as const] : []),
      ]), // prettier-ignore
    ...(settings.length > 0 ? [heading('Settings to remember'), remembered(settings)] : []),
    ...(ahead.length > 0
        ? [
            heading('What changes next'),
            rows(ahead.map((i) => [i.title, `${whenText(i)}; ${i.because}`] as const)),
            { text: 'Forecast months are for a child that grows like others: measure again, and look before them.', color: SOFT, margin: [0, 4, 0, 0] } as Content,
          ]
        : []), // prettier-ignore
    ...(advice.length > 0
      ? [heading('Open, or advised'), { ul: advice.map((f) => `${f.title}: ${f.reason}`) } as Content]
      : []),
    ...(held.length > 0
      ? [heading('What holds'), { text: held.map((f) => f.title).join(' · '), color: SOFT } as Content]
      : []),
    ...(subject && looks.length > 0
      ? [
          {
            unbreakable: true,
            stack: [heading('Before a ride, look again'), lookedAt(subject, looks, assessment)],
          } as Content,
        ]
      : []),
    {
      unbreakable: true,
      stack: [
        heading(handoverTitle(handover)),
        ...(handover?.againstAdvice
          ? [
              rows([
                ['Their reason', handover.againstAdvice.reason],
                ['They were told', handover.againstAdvice.said],
              ]),
            ]
          : []),
        ...(handover?.carerTried ? [{ text: CARER_TRIED_TEXT[handover.carerTried] } as Content] : []),
        {
          columns: [
            signed(
              'Fitter',
              [handover?.fitterName, handover?.secondName].filter(Boolean).join(', with '),
              handover?.fitterStrokes,
            ),
            signed('Carer', handover?.carerName ?? '', handover?.carerStrokes),
            {
              width: 235,
              stack: [
                // Plain words: any phone reads them, with no program and no server.
                { qr: caseText(c, ahead), fit: 235, eccLevel: 'L', foreground: INK },
                { text: 'This fitting in words, for any phone', fontSize: 7, color: SOFT },
              ],
            },
          ],
          columnGap: 12,
        },
      ],
    },
  ])
}

export const sheetPdf = (c: Case, ahead: readonly AheadItem[]): Promise<Buffer> => pdfOf(sheetOf(c, ahead))
