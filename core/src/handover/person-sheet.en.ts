import type { Contact, PracticeProfile } from '../practice/index.ts'
import { modelName, type Mode, type RestraintModel, type RestraintUnit, type Route } from '../restraint/index.ts'
import type { RuleSource } from '../rules/index.ts'
import { vehicleName, type SeatingPosition, type Vehicle } from '../vehicle/index.ts'
import { VERDICT_TEXT, type Verdict } from '../verdict/index.ts'

interface What {
  readonly verdict: Verdict
  readonly headline: string
  readonly today: string
  readonly vehicle: Vehicle | undefined
  readonly position: SeatingPosition | undefined
  readonly model: RestraintModel | undefined
  readonly unit: RestraintUnit | undefined
  readonly mode: Mode | undefined
  readonly route: Route | undefined
}
interface Whom {
  readonly sources: readonly RuleSource[]
  readonly vehicle: Vehicle | undefined
  readonly position: SeatingPosition | undefined
  readonly model: RestraintModel | undefined
  readonly localRule: string
  /** The child's posture is for a specialist to say. */
  readonly needsSpecialist: boolean
  /** Whom the practice itself sends people to. */
  readonly contacts: PracticeProfile['contacts']
}
const joined = (parts: readonly (string | undefined)[]): string => parts.filter(Boolean).join(', ')

/** Where to ask, by what stands behind a finding. */
const WHOM: Record<Contact, (w: Whom) => string> = {
  vehicle: ({ vehicle, position }) =>
    `The vehicle handbook${vehicle ? ` of the ${vehicleName(vehicle)}` : ''}, its page on child restraints${position ? `, for the place ${position.label.toLowerCase()}` : ''}; or the vehicle maker.`,
  maker: ({ model }) =>
    model
      ? `The manual of the ${modelName(model)}, and its maker’s help line; the number is on the label.`
      : 'The restraint’s manual, and its maker’s help line; the number is on the label.',
  regulation: ({ localRule }) => `Your authority for road traffic; the local rule used here is “${localRule}”.`,
  practice: () => 'A trained fitter: a checking event near you, or the place that lent the restraint.',
  specialist: () => 'The specialist for the child’s posture: the clinic or therapist who knows the child.',
}
const ORDER: readonly RuleSource[] = ['vehicle', 'maker', 'regulation', 'practice']
/** Where to ask as a rule, with whom the practice names for it. */
const whomFor = (of: Contact, w: Whom): string =>
  [WHOM[of](w), w.contacts?.[of] && `Ask: ${w.contacts[of]}`].filter(Boolean).join(' ')

export const PERSON_SHEET_EN = {
  fitting: 'This fitting',
  against: 'What does not hold',
  open: 'What is open',
  again: 'To check again',
  set: 'How it is set',
  read: 'What was read',
  whom: 'Where to ask',
  caution: 'Caution',
  what: ({ verdict, headline, today, vehicle, position, model, unit, mode, route }: What): readonly string[] =>
    [
      `${VERDICT_TEXT[verdict]}, judged for ${today}. ${headline}`,
      joined([vehicle && vehicleName(vehicle), vehicle?.plate, position?.label]),
      joined([model && modelName(model), mode?.label, route?.label, unit && `unit ${unit.serial}`]),
    ].filter((line) => line !== ''),
  sentence: (ask: string): string => `${ask}.`,
  stale: ({ label, because }: { label: string; because: string }): string =>
    `${label}: ${because} after it was checked.`,
  ask: (w: Whom): readonly string[] => [
    ...(w.needsSpecialist ? [whomFor('specialist', w)] : []),
    ...ORDER.filter((s) => w.sources.includes(s)).map((s) => whomFor(s, w)),
    ...(w.sources.includes('practice') || w.sources.length === 0 ? [] : [whomFor('practice', w)]),
  ],
} as const
export type PersonSheetTexts = typeof PERSON_SHEET_EN
