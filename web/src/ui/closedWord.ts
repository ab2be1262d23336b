import type { FittingSummary } from '@nimble-anchor/core/formats'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import * as msg from './messages.en.ts'

/** How a closed fitting is called in a list: who left although it was not ready was handed nothing over. */
export const closedWord = ({ verdict }: Pick<FittingSummary, 'verdict'>): string =>
  verdict === 'ready' ? msg.handedOver : `Left: ${VERDICT_TEXT[verdict].toLowerCase()}`
