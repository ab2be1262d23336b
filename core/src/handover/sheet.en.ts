import type { AheadItem } from '../ahead/index.ts'
import { longDay } from '../quantities/index.ts'

/** Everything that the handover sheet says in one language, beside what the judgement and the steps say. */
export const SHEET_EN = {
  title: (name: string) => `Handover: ${name}`,
  heading: 'Child restraint handover',
  judgedFor: (day: string) => `Judged for ${day}`,
  fitting: 'This fitting',
  child: 'Child',
  place: 'Car and place',
  restraint: 'Restraint',
  unit: (serial: string) => `unit ${serial}`,
  noneYet: 'none yet',
  settings: 'Settings to remember',
  ahead: 'What changes next',
  aheadNote: 'Forecast months are for a child that grows like others: measure again, and look before them.',
  open: 'Open, or advised',
  held: 'What holds',
  looks: 'Before a ride, look again',
  ifNot: (how: string, ifNot: string) => `${how} If not: ${ifNot}`,
  notSigned: 'Not signed',
  handedOver: (day: string) => `Handed over on ${day}`,
  againstAdvice: (day: string) => `Left not ready, against advice, on ${day}`,
  reason: 'Their reason',
  said: 'They were told',
  fitter: 'Fitter',
  carer: 'Carer',
  both: (names: readonly string[]) => names.join(', with '),
  words: 'This fitting in words, for any phone',
  /** "about May 2027 (from February 2027 to November 2027)": when something is due, and how far that is known. */
  when: ({ early, likely, late, isFixed }: AheadItem, locale?: string): string => {
    if (isFixed) return longDay(likely, 'day', locale)
    const month = (iso: string): string => longDay(iso, 'month', locale)
    return `about ${month(likely)} (from ${month(early)}${late === undefined ? ', or much later' : ` to ${month(late)}`})`
  },
  because: (when: string, because: string) => `${when}; ${because}`,
} as const
