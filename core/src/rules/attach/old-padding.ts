import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'old-padding',
  stage: 'attach',
  source: 'maker',
  checks: ['old-padding'],
  // The mode lists none, and another of the same restraint has some or has not been read for it.
  applies: ({ model, mode }) => mode.inserts?.length === 0 && model.modes.some((m) => m.inserts?.length !== 0),
})
