import { adviseInserts } from '../../fit/index.ts'
import type { FittedSubject } from '../../rules/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './sit.en.ts'

const say = stepSayer<typeof en>()

/** Pieces that are in and past the maker's limit. */
const insertsDueOut = (s: FittedSubject) =>
  adviseInserts(s.mode, s).filter((a) => a.use === 'must-not' && s.settings.insertsIn?.value.includes(a.insert.id))

export default defineStep({
  id: 'sit',
  stage: 'child-in',
  needs: ['proof', 'set-on-seat', 'base-gap', 'front-seat', 'shell'],
  changes: ['clothes'],
  checks: ['booster-back', 'coat', 'strap-exit'],
  isIn: () => true,
  does: (s) => [
    ...insertsDueOut(s).map((a) => say('insert-out', { name: a.insert.name })),
    ...(s.mode.heldBy === 'harness' ? [say('loosen'), say('coat-off'), say('in')] : [say('hips')]),
    s.mode.shape === 'lie-flat' && say('lies-flat'),
  ],
})
