import { lintMode } from '../../readings/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'catalogue-sound',
  title: 'Catalogue entry against its regulation',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'regulation',
  standsOn:
    'A maker may ask for more than the regulation, never for less: an entry that says less is mistaken somewhere, and is not used until it has been compared with the manual.',
  applies: ({ model, mode }) => lintMode(model, mode).length > 0,
  evaluate: ({ model, mode }) => ({
    kind: 'undecided',
    missing: ['unit.catalogueEntry'],
    reason: () =>
      `The catalogue contradicts the regulation: ${lintMode(model, mode)
        .map((l) => l.message)
        .join('; ')}.`,
    remedy: () => 'Read the range on the approval label and in the manual, and correct the catalogue.',
  }),
})
