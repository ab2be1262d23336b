import type { CheckId } from '../checks/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { StrapRule } from '../restraint/index.ts'

export interface RecheckItem {
  readonly id: string
  /** What to look at, in the carer's words. */
  readonly ask: string
  readonly how: string
  /** What to do when it is not so. */
  readonly ifNot: string
  /** The check of the fitting that the question looks at again; the place itself has none. */
  readonly check?: CheckId | undefined
}
/** A range of the maker's; an end that is not stated is absent. */
interface BoundsMm {
  readonly fromMm?: number | undefined
  readonly toMm?: number | undefined
}

/** What the questions of one fitting depend on. */
export interface RecheckFacts {
  readonly placeLabel: string
  readonly reclineLabel: string | undefined
  readonly isBeforeAirbag: boolean
  readonly isBooster: boolean
  /** Which tethers are used here: one that is advised and was left off is not. */
  readonly usesTopTether: boolean
  readonly usesLowerTethers: boolean
  readonly strapRule: StrapRule
  /** The maker's own slack beats the school's. */
  readonly slack: PracticeProfile['slack'] | BoundsMm
  /** Movement at the base that the fitting allows; `undefined` where the school feels for it. */
  readonly movementMm: number | undefined
  /** Where the guide of a booster stands above the shoulder. */
  readonly guideMm: BoundsMm
}

/** The questions in the order of looking, each asked where the fitting asks for any of its checks. */
export const QUESTIONS = {
  place: 'always',
  connectors: ['latch-left', 'connector-straps'],
  leg: ['leg-contact'],
  tether: ['tether-point', 'lower-tethers'],
  belt: ['belt-path', 'booster-path'],
  steady: ['steadiness-mm', 'steadiness-felt'],
  shell: ['shell-on-base', 'carry-handle', 'turn-lock', 'side-pod'],
  straps: ['strap-exit', 'strap-twist'],
  slack: ['harness-buckle', 'slack-mm', 'slack-pinch'],
  shoulder: ['guide-above-shoulder-mm', 'guide-gate'],
  head: ['head', 'crown-below-edge-mm'],
} as const satisfies Record<string, 'always' | readonly CheckId[]>
export type RecheckQuestion = keyof typeof QUESTIONS
/** What the questions say in one language. */
export type RecheckTexts = Readonly<Record<RecheckQuestion, (facts: RecheckFacts) => Omit<RecheckItem, 'id' | 'check'>>>
