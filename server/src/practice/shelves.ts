import { localRuleSchema } from '@nimble-anchor/core/law'
import { practiceSchema } from '@nimble-anchor/core/practice'
import { LocalRuleRow, PracticeRow } from '../storage/entities'

/** The two shelves of practice: how a bay works, and the law of where it stands. */
export const SHELVES = {
  profiles: { row: PracticeRow, schema: practiceSchema, setting: 'profileId', what: 'practice profile' },
  localRules: { row: LocalRuleRow, schema: localRuleSchema, setting: 'localRuleId', what: 'local rule' },
} as const

export type Shelf = keyof typeof SHELVES
