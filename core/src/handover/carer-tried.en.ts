import type { CarerTried } from '../casefile/index.ts'

/** What is written down of the carer doing it once. */
export const CARER_TRIED_TEXT: Readonly<Record<CarerTried, string>> = {
  well: 'The carer did it well.',
  'needs-practice': 'The carer did it; it needs practice.',
  'not-done': 'The carer did not do it today.',
}
