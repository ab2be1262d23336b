import type { RideVerdict } from './standing.ts'

export const RIDE_VERDICT_TEXT: Readonly<Record<RideVerdict, string>> = {
  ready: 'Ready to travel',
  'not-ready': 'Not ready',
  undecided: 'Undecided',
  'another-car': 'Not in one car',
}

/** Somebody who rides on the seat itself; nobody of them is kept by name. */
export const onSeatText = (rider: { readonly isChild?: boolean | undefined } | undefined): string =>
  rider?.isChild === true ? 'Child on the belt' : 'Adult'
