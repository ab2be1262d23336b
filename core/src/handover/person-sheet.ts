import { chosenIn, type Case } from '../casefile/index.ts'
import { CHECKS, checkLabel, optionLabel, type CheckId } from '../checks/index.ts'
import { formatInterval, toInterval } from '../quantities/index.ts'
import type { RuleSource } from '../rules/index.ts'
import { assess } from '../verdict/index.ts'
import { PERSON_SHEET_EN, type PersonSheetTexts } from './person-sheet.en.ts'
import { settingsToRemember } from './remember.ts'

export interface SheetSection {
  readonly title: string
  readonly lines: readonly string[]
}

/** One reading as it was noted: "Slack: 9 ± 1 mm". */
function readingText(c: Case, id: CheckId): string {
  const { number, option } = c.readings[id] ?? {}
  const check = CHECKS[id]
  const value =
    number !== undefined && check.kind === 'number'
      ? formatInterval(toInterval(number)!, check.unit)
      : option === undefined
        ? ''
        : optionLabel(id, option)
  return `${checkLabel(id)}: ${value}`
}

/**
 * What somebody takes to a person who can look at it: what is open, what does
 * not hold, what was set and read, and where to ask. Names nobody. Sections
 * with nothing in them are left out; the caution stands last.
 */
export function personSheet(c: Case, texts: PersonSheetTexts = PERSON_SHEET_EN): readonly SheetSection[] {
  const { verdict, headline, findings, measureNext, stale, caution } = assess(c)
  const { model, unit, mode, position, route } = chosenIn(c)
  const failed = findings.filter((f) => f.kind === 'fail')
  const outdated = new Set(stale.map((s) => s.checkId))
  const read = (Object.keys(c.readings) as CheckId[]).filter((id) => !outdated.has(id))
  // Whoever stands behind what failed or is open is who can answer it.
  const sources = new Set<RuleSource>(findings.filter((f) => f.kind !== 'pass').map((f) => f.source))
  const sections: readonly SheetSection[] = [
    {
      title: texts.fitting,
      lines: texts.what({ verdict, headline, vehicle: c.vehicle, position, model, unit, mode, route, today: c.today }),
    },
    { title: texts.against, lines: failed.map((f) => [f.reason, f.remedy].filter(Boolean).join(' ')) },
    {
      title: texts.whom,
      lines: texts.ask({
        sources: [...sources],
        vehicle: c.vehicle,
        position,
        model,
        localRule: c.localRule.name,
        needsSpecialist: c.child.needsPostureSpecialist === true,
        contacts: c.practice.contacts,
      }),
    },
    { title: texts.open, lines: measureNext.map((n) => texts.sentence(n.ask)) },
    { title: texts.again, lines: stale.map((s) => texts.stale(s)) },
    { title: texts.set, lines: settingsToRemember(c).map((r) => `${r.name}: ${r.value}`) },
    { title: texts.read, lines: read.map((id) => readingText(c, id)) },
    { title: texts.caution, lines: [caution] },
  ]
  return sections.filter((s) => s.lines.length > 0)
}

/** The sheet as plain text, for paper and phones. */
export const personSheetText = (sections: readonly SheetSection[]): string =>
  sections.map(({ title, lines }) => [title.toUpperCase(), ...lines.map((l) => `- ${l}`)].join('\n')).join('\n\n') +
  '\n'
