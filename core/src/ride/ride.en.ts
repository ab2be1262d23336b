import type { RideVerdict } from './standing.ts'

export const RIDE_VERDICT_TEXT: Readonly<Record<RideVerdict, string>> = {
  ready: 'Ready to travel',
  'not-ready': 'Not ready',
  undecided: 'Undecided',
  'another-car': 'Not in one car',
}
