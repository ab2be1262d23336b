import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'unit-awaits-check',
  title: 'Looked at since it was taken apart',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'A restraint that was taken apart, re-threaded or converted is not for use until the checks at the end are made.',
  applies: ({ unit }) => unit?.awaitsCheck !== undefined,
  evaluate: ({ unit }) => {
    const { job, since } = unit?.awaitsCheck ?? {}
    const what = job?.replaceAll('-', ' ')
    return {
      kind: 'fail',
      reason: () => `Unit ${unit?.serial}: “${what}” was begun on ${since} and its checks are not made yet.`,
      remedy: () => 'Finish the job and its checks, or choose another unit.',
    }
  },
})
