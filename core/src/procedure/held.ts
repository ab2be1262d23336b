import type { UsualStepId } from '../restraint/index.ts'

/** What holds the restraint before a second anchor is set: whichever of these a fitting has. */
export const HELD: readonly UsualStepId[] = ['connect', 'push-home', 'lock-belt', 'set-on-seat', 'lie-across']
