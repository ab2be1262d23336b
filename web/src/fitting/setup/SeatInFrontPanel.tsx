import type { Case } from '@nimble-anchor/core/casefile'
import type { Quantity } from '@nimble-anchor/core/quantities'
import type { SeatingPosition } from '@nimble-anchor/core/vehicle'
import { isBehindDriver } from '@nimble-anchor/core/fit'
import { useFitting } from '../../session/fitting.ts'
import { Panel } from '../../ui/Panel.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { NumberSetting } from './SettingField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly position: SeatingPosition
  readonly isSigned: boolean
  /** The setting belongs to the chosen place alone. */
  readonly withSetting?: boolean
}

/** Where the seat in front stands for its tallest user, and where it stands now. */
export function SeatInFrontPanel({ current, position, isSigned, withSetting = true }: Props) {
  const put = useFitting((s) => s.put)
  const isDriver = current.vehicle !== undefined && isBehindDriver(current.vehicle, position)
  const range = position.frontSeatRangeMm
  return (
    <Panel title={isDriver ? msg.theDriversSeatInFront : msg.theSeatInFront}>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <QuantityField
          label={msg.backrestToIt(isDriver ? msg.tallestDriver : msg.tallestUser)}
          unit="mm"
          quantity={position.frontClearanceMm}
          draftKey={`vehicle.${position.id}.frontClearanceMm`}
          need="position.frontClearanceMm"
          defaultPlusMinus={10}
          disabled={isSigned}
          hint={msg.fromThisBackrestToThe}
          onChange={(q: Quantity | null) => put([{ path: ['vehicle', position.id, 'frontClearanceMm'], value: q }])}
        />
        {withSetting && (
          <NumberSetting
            label={msg.asItStandsNowMm(range ? ` (${range.fullyBackMm}–${range.fullyForwardMm})` : '')}
            name={msg.seatInFront}
            draftKey="settings.frontSeatGapMm"
            value={current.settings.frontSeatGapMm?.value}
            isSigned={isSigned}
            onSet={(value) => put([{ path: ['settings', 'frontSeatGapMm'], value: value === null ? null : { value } }])}
          />
        )}
      </div>
    </Panel>
  )
}
