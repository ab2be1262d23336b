import { adviseInserts } from '../fit/index.ts'
import { stepPairs, type MakerStep, type StepPair } from '../restraint/index.ts'
import type { FittedSubject } from './rule.ts'

/** Whether the piece that a step is about is in the shell, or may be. */
function isAboutPieceInUse({ whileInsert }: MakerStep, s: FittedSubject): boolean {
  const advice = adviseInserts(s.mode, s).find((a) => a.insert.id === whileInsert)
  // Not about a piece, or about one that the mode does not list: then nothing speaks against the step.
  if (advice === undefined || advice.use === 'must') return true
  if (advice.use === 'must-not') return false
  return s.settings.insertsIn?.value.includes(advice.insert.id) ?? true
}

/** The maker's own steps that this fitting has: a step about padding only where that piece is used. */
export const makerStepsIn = (s: FittedSubject): readonly MakerStep[] =>
  (s.route.steps ?? []).filter((step) => isAboutPieceInUse(step, s))

/** The pairs among them, both halves of which are to be done here. */
export const pairsIn = (s: FittedSubject): readonly StepPair[] => stepPairs(makerStepsIn(s))

/** The id under which a maker's step is noted as done: that of the usual step where it stands instead of one. */
export const notedAs = (step: MakerStep): string => step.replaces ?? step.id
