import * as msg from './messages.en.ts'
// Apart from the rules, so that a page that only names a verdict or a stage need not load them.

export type Verdict = 'ready' | 'not-ready' | 'not-permitted' | 'undecided'

export const VERDICT_TEXT = {
  ready: msg.readyToTravel,
  'not-ready': msg.notReady,
  'not-permitted': msg.notPermitted,
  undecided: msg.undecided,
} as const satisfies Record<Verdict, string>

export const STAGES = ['measure', 'choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over'] as const
export type Stage = (typeof STAGES)[number]

export const STAGE_TEXT = {
  measure: msg.measure,
  choose: msg.choose,
  place: msg.place,
  'set-up': msg.setUp,
  attach: msg.attach,
  'child-in': msg.childIn,
  'hand-over': msg.handOver,
} as const satisfies Record<Stage, string>
