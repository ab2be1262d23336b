import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import type { Fault } from '@nimble-anchor/core/ground'
import type { Quantity } from '@nimble-anchor/core/quantities'
import { QuantityField } from '../../ui/QuantityField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly isSigned: boolean
  readonly onKeep: (quantity: Quantity | null) => readonly Fault[]
}

/** Across both shoulders: it says which width setting a shell needs, and so how much room is left beside it. */
export function ShoulderBreadth({ current, isSigned, onKeep }: Props) {
  const { child, ride } = current
  const isSettable = (chosenIn(current).mode?.widthSettings?.length ?? 0) > 0
  // Alone, in a shell of one width, nobody asks for it.
  if (ride === undefined && !isSettable && child.shoulderBreadthMm === undefined) return null
  return (
    <QuantityField
      label={msg.shoulderBreadth}
      unit="cm"
      scale={0.1}
      quantity={child.shoulderBreadthMm}
      draftKey="child.shoulderBreadthMm"
      defaultPlusMinus={10}
      hint={msg.acrossBothShouldersWhereA}
      withSource
      disabled={isSigned}
      onChange={onKeep}
    />
  )
}
