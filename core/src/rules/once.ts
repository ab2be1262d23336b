import { oncePer } from '../ground/index.ts'
import type { FittedSubject } from './rule.ts'

/**
 * Works something out once for each fitting as rules see it: rules ask the same
 * several times, whether they apply and what they say.
 */
export const oncePerFitting = <T extends object>(make: (s: FittedSubject) => T | undefined) =>
  oncePer<FittedSubject, T | undefined>(make)
