import { checkLabel, type CheckId } from '../checks/index.ts'
import type { Sentence } from './say.ts'

export interface UntilSeenData {
  readonly check: CheckId
  readonly isSeen: boolean
}
/** A figure that nobody has stated, settled by a look in the car. */
export const untilSeenSentence = (w: { readonly what: string; readonly remedy: string }): Sentence<UntilSeenData> => ({
  reason: ({ check, isSeen }) => {
    const label = checkLabel(check).toLowerCase()
    return isSeen
      ? `${w.what} is not known; it was checked in the car instead (${label}).`
      : `${w.what} is not known; it is checked in the car (${label}).`
  },
  remedy: () => w.remedy,
})
