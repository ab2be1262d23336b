import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'unit-variant',
  title: 'The unit belongs to this variant',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'Models change by the day made, and their limits with them: a unit made outside a variant’s days follows another manual.',
  applies: ({ model, unit }) =>
    unit !== undefined && (model.variant?.madeFrom !== undefined || model.variant?.madeUntil !== undefined),
  evaluate: ({ model, unit }) => {
    const { label, madeFrom, madeUntil } = model.variant ?? { label: '' }
    const made = unit?.madeOn
    const days = [madeFrom && `from ${madeFrom}`, madeUntil && `until ${madeUntil}`].filter(Boolean).join(' ')
    if (made === undefined) {
      return {
        kind: 'undecided',
        missing: ['unit.madeOn'],
        reason: () => `Variant “${label}” was made ${days}; when unit ${unit?.serial} was made is not known.`,
        remedy: () => 'Read the date on the shell and enter it with the unit.',
      }
    }
    const isInside = (madeFrom === undefined || made >= madeFrom) && (madeUntil === undefined || made <= madeUntil)
    return {
      kind: isInside ? 'pass' : 'fail',
      reason: () => `Unit ${unit?.serial} was made on ${made}; variant “${label}” was made ${days}.`,
      remedy: () => 'Find the variant and the manual that this unit belongs to.',
    }
  },
})
