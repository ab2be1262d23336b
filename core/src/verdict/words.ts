// Apart from the rules, so that a page that only names a verdict or a stage need not load them.

export type Verdict = 'ready' | 'not-ready' | 'not-permitted' | 'undecided'

export const VERDICT_TEXT = {
  ready: 'Ready to travel',
  'not-ready': 'Not ready',
  'not-permitted': 'Not permitted',
  undecided: 'Undecided',
} as const satisfies Record<Verdict, string>

export const STAGES = ['measure', 'choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over'] as const
export type Stage = (typeof STAGES)[number]

export const STAGE_TEXT = {
  measure: 'Measure',
  choose: 'Choose',
  place: 'Place',
  'set-up': 'Set up',
  attach: 'Attach',
  'child-in': 'Child in',
  'hand-over': 'Hand over',
} as const satisfies Record<Stage, string>
