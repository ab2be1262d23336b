import { RECHECK_ANSWERS, RECHECK_TAPS } from '@nimble-anchor/core/procedure'
import { ValidatorConstraint, type ValidatorConstraintInterface } from 'class-validator'

/** A carer's answers by question, no more than there are questions. */
@ValidatorConstraint()
export class Answers implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    const answers: unknown[] = typeof value === 'object' && value !== null ? Object.values(value) : []
    return answers.length <= RECHECK_TAPS && answers.every((a) => (RECHECK_ANSWERS as readonly unknown[]).includes(a))
  }
  defaultMessage(): string {
    return `must hold at most ${RECHECK_TAPS} answers, each of ${RECHECK_ANSWERS.join(', ')}`
  }
}
