import { ALLOWANCES, seatedShoulderOf, sittingHeightOf, type Child } from '@nimble-anchor/core/child'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { Fold } from '../../ui/Fold.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { useMedia } from '../../ui/useMedia.ts'
import type { Dimension } from './ChildFigure.tsx'
import * as msg from './messages.en.ts'

const takenOff = ({ lo, hi }: { readonly lo: number; readonly hi: number }, unit: string): string =>
  hi === 0 ? '' : msg.lessTo(formatNumber(lo), formatNumber(hi), unit)
const { weighedInKg, measuredInCm } = ALLOWANCES
export const WEIGHED_IN = [
  { id: 'bare', label: msg.weighedBareOrClothesDeducted },
  { id: 'indoor-clothes', label: msg.weighedInIndoorClothes(takenOff(weighedInKg['indoor-clothes'], 'kg')) },
  { id: 'outdoor-clothes', label: msg.weighedInCoatAndShoes(takenOff(weighedInKg['outdoor-clothes'], 'kg')) },
]
export const MEASURED_IN = [
  { id: 'barefoot', label: msg.measuredBarefoot },
  { id: 'shoes', label: msg.measuredInShoes(takenOff(measuredInCm.shoes, 'cm')) },
]

interface WornProps {
  readonly label: string
  readonly value: string
  readonly options: readonly { readonly id: string; readonly label: string }[]
  readonly disabled: boolean
  readonly onChange: (value: string) => void
}

/** What was on the scale or the gauge beside the child: taken off as an interval. */
export function Worn(props: WornProps) {
  const isFinger = useMedia('(pointer: coarse)')
  if (isFinger)
    return (
      <Fold className="text-sm" summary={props.options.find((o) => o.id === props.value)?.label ?? props.label}>
        <SelectField {...props} hidesLabel />
      </Fold>
    )
  return (
    <div className="mt-1 max-w-72">
      <SelectField {...props} hidesLabel />
    </div>
  )
}

/** What stands in for a height nobody has measured. */
export function EstimateNote({ child, dimension: key }: { readonly child: Child; readonly dimension: Dimension }) {
  if (key !== 'seatedShoulderHeightMm' && key !== 'sittingHeightMm') return null
  const body = key === 'sittingHeightMm' ? sittingHeightOf(child) : seatedShoulderOf(child)
  if (!body?.isEstimated) return null
  return (
    <p className="text-sm text-ink-soft">
      {msg.estimatedFromTheStatureUntil(formatNumber(body.mm.lo / 10), formatNumber(body.mm.hi / 10))}
    </p>
  )
}
