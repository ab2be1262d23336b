import { whenText, type AheadItem } from '../ahead/index.ts'
import { chosenIn, type Case } from '../casefile/index.ts'
import { drawingOfCheck, type Drawing } from '../drawings/index.ts'
import { fittedSubject } from '../match/index.ts'
import { recheckList } from '../procedure/index.ts'
import { paperDate } from '../quantities/index.ts'
import { modelName } from '../restraint/index.ts'
import { vehicleName } from '../vehicle/index.ts'
import { decidedText, limitOf, VERDICT_TEXT, type Assessment, type Verdict } from '../verdict/index.ts'
import { CARER_TRIED_TEXT } from './carer-tried.en.ts'
import { caseText } from './case-text.ts'
import { settingsToRemember, type Remembered } from './remember.ts'
import { SHEET_EN } from './sheet.en.ts'

/** A name and a value. */
interface SheetRow {
  readonly name: string
  readonly value: string
}
/** What to look at before a ride, with the drawing of what it looks at. */
interface SheetLook {
  readonly ask: string
  readonly then: string
  readonly drawing?: Drawing | undefined
}
/** Who signed, and the hand that was drawn: SVG path data on a field of `SIGNATURE_FIELD`. */
interface SheetHand {
  readonly role: string
  readonly name: string
  readonly strokes?: string | undefined
}

/** One part of the sheet under its title; a part with nothing in it is not on the sheet. */
export type SheetBlock =
  | { readonly kind: 'rows'; readonly title: string; readonly rows: readonly SheetRow[]; readonly note?: string }
  | { readonly kind: 'settings'; readonly title: string; readonly rows: readonly Remembered[] }
  | { readonly kind: 'list'; readonly title: string; readonly lines: readonly string[] }
  | { readonly kind: 'held'; readonly title: string; readonly text: string }
  | { readonly kind: 'looks'; readonly title: string; readonly looks: readonly SheetLook[] }
  | {
      readonly kind: 'signing'
      readonly title: string
      readonly rows: readonly SheetRow[]
      readonly lines: readonly string[]
      readonly hands: readonly SheetHand[]
      /** The fitting in plain words, for the code of the sheet; it names nobody. */
      readonly words: string
      readonly wordsTitle: string
    }

/** The handover sheet of one fitting: what stands on it, in its order. */
export interface Sheet {
  readonly title: string
  readonly heading: string
  readonly judgedFor: string
  readonly verdict: Verdict
  readonly verdictText: string
  readonly headline: string
  readonly decided: string | undefined
  readonly blocks: readonly SheetBlock[]
  /** At the foot of every page. */
  readonly caution: string
}

/** Refusals and advice beyond these are for the ledger: the sheet is one page or two. */
const MOST_OPEN = 8

function handoverTitle(handover: Case['handover'], locale: string | undefined): string {
  if (handover === undefined) return SHEET_EN.notSigned
  const day = paperDate(handover.signedAt, 'long-day', locale)
  return handover.againstAdvice ? SHEET_EN.againstAdvice(day) : SHEET_EN.handedOver(day)
}

function signing(c: Case, ahead: readonly AheadItem[], locale: string | undefined): SheetBlock {
  const { handover } = c
  const advice = handover?.againstAdvice
  return {
    kind: 'signing',
    title: handoverTitle(handover, locale),
    rows: advice
      ? [
          { name: SHEET_EN.reason, value: advice.reason },
          { name: SHEET_EN.said, value: advice.said },
        ]
      : [],
    lines: handover?.carerTried ? [CARER_TRIED_TEXT[handover.carerTried]] : [],
    hands: [
      {
        role: SHEET_EN.fitter,
        name: SHEET_EN.both([handover?.fitterName, handover?.secondName].filter((n) => n !== undefined)),
        strokes: handover?.fitterStrokes,
      },
      { role: SHEET_EN.carer, name: handover?.carerName ?? '', strokes: handover?.carerStrokes },
    ],
    // Plain words: any phone reads them, with no program and no server.
    words: caseText(c, ahead),
    wordsTitle: SHEET_EN.words,
  }
}

/**
 * What a family takes home: the verdict, what is set, what changes when, what to
 * look at before a ride, who signed. Paper and screen draw it from here, so that
 * the sheet that is signed is the sheet that was seen.
 *
 * @param assessment of this very case
 * @param locale in which days are written
 */
export function handoverSheet(c: Case, assessment: Assessment, ahead: readonly AheadItem[], locale?: string): Sheet {
  const { model, unit, mode, position } = chosenIn(c)
  const { child, vehicle } = c
  const name = [child.name, child.familyName].filter(Boolean).join(' ')
  const settings = settingsToRemember(c)
  const subject = fittedSubject(c)
  const looks = subject ? recheckList(subject) : []
  const listed = (parts: readonly (string | undefined)[]): string =>
    parts.filter(Boolean).join(', ') || SHEET_EN.noneYet
  const open = assessment.findings.filter((f) => f.kind !== 'pass').slice(0, MOST_OPEN)
  const held = assessment.findings.filter((f) => f.kind === 'pass')
  const blocks: readonly (SheetBlock | undefined)[] = [
    {
      kind: 'rows',
      title: SHEET_EN.fitting,
      rows: [
        { name: SHEET_EN.child, value: name },
        { name: SHEET_EN.place, value: listed([vehicle && vehicleName(vehicle), vehicle?.plate, position?.label]) },
        {
          name: SHEET_EN.restraint,
          value: listed([model && modelName(model), mode?.label, unit && SHEET_EN.unit(unit.serial)]),
        },
      ],
    },
    settings.length > 0 ? { kind: 'settings', title: SHEET_EN.settings, rows: settings } : undefined,
    ahead.length > 0
      ? {
          kind: 'rows',
          title: SHEET_EN.ahead,
          rows: ahead.map((i) => ({
            name: i.title,
            value: SHEET_EN.because(aheadWhenText(i, locale), i.because),
          })),
          note: SHEET_EN.aheadNote,
        }
      : undefined,
    open.length > 0
      ? { kind: 'list', title: SHEET_EN.open, lines: open.map((f) => `${f.title}: ${f.reason}`) }
      : undefined,
    held.length > 0 ? { kind: 'held', title: SHEET_EN.held, text: held.map((f) => f.title).join(' · ') } : undefined,
    subject && looks.length > 0
      ? {
          kind: 'looks',
          title: SHEET_EN.looks,
          looks: looks.map(({ check, ask, how, ifNot }) => ({
            ask,
            then: SHEET_EN.ifNot(how, ifNot),
            drawing: check && drawingOfCheck(check, subject, limitOf(check, assessment)),
          })),
        }
      : undefined,
    signing(c, ahead, locale),
  ]
  return {
    title: SHEET_EN.title(name),
    heading: SHEET_EN.heading,
    judgedFor: SHEET_EN.judgedFor(paperDate(c.today, 'long-day', locale)),
    verdict: assessment.verdict,
    verdictText: VERDICT_TEXT[assessment.verdict],
    headline: assessment.headline,
    decided: decidedText(assessment),
    blocks: blocks.filter((b) => b !== undefined),
    caution: assessment.caution,
  }
}

/** When something ahead is due, as the sheet says it. */
export const aheadWhenText = (item: AheadItem, locale?: string): string =>
  whenText(item, (iso, form) => paperDate(iso, `long-${form}`, locale))
