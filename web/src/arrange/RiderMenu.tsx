import { ModelId, type VehicleId } from '@nimble-anchor/core/ground'
import type { RestraintModel } from '@nimble-anchor/core/restraint'
import { modelName } from '@nimble-anchor/core/restraint'
import { Popover } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Button } from '../ui/Button.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { NumberAsked } from './NumberAsked.tsx'
import type { RiderOnPlan } from './riders.ts'
import type { Asked } from './question.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly rider: RiderOnPlan
  readonly vehicleId: VehicleId
  readonly placeLabel: (positionId: string) => string
  readonly asked: Asked
  readonly onAsk: (asked: Asked) => void
  readonly models: readonly RestraintModel[]
  /** How many children would still ride without this one. */
  readonly others: number
  readonly trigger: ReactNode
}

const ANY = ''

/** The question with one child or adult at a place, whatever was pinned of it before. */
export function seatedAt(asked: Asked, riderId: string, vehicleId: VehicleId, positionId: string): Asked {
  if (asked.adults.some((a) => a.id === riderId))
    return { ...asked, adults: asked.adults.map((a) => (a.id === riderId ? { ...a, positionId } : a)) }
  return {
    ...asked,
    pins: [
      ...asked.pins.filter((p) => p.kind !== 'child-at' || p.childId !== riderId),
      { kind: 'child-at', childId: riderId, positionId, vehicleId },
    ],
  }
}

export function letGo(asked: Asked, riderId: string): Asked {
  return {
    ...asked,
    adults: asked.adults.map((a) => (a.id === riderId ? { ...a, positionId: undefined } : a)),
    pins: asked.pins.filter((p) => p.kind !== 'child-at' || p.childId !== riderId),
  }
}

/** What can be asked of one who rides: this place, this restraint, or not at all. */
export function RiderMenu(props: Props) {
  const { rider, vehicleId, placeLabel, asked, onAsk, models, others, trigger } = props
  const [isOpen, setOpen] = useState(false)
  const [at] = rider.positionIds
  const pinned = asked.pins.find((p) => p.kind === 'restraint-for' && p.childId === rider.id)
  const modelId = pinned?.kind === 'restraint-for' ? (pinned.modelId ?? ANY) : ANY
  const ask = (next: Asked): void => {
    setOpen(false)
    onAsk(next)
  }
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={8}
          aria-label={rider.name}
          className="z-60 grid w-72 gap-2 rounded-[3px] border-2 border-ink bg-sheet p-3 text-ink"
        >
          <p className="font-bold">{rider.name}</p>
          {rider.isPinned ? (
            <Button onClick={() => ask(letGo(asked, rider.id))}>{msg.letGoOf(at && placeLabel(at))}</Button>
          ) : (
            at !== undefined && (
              <Button onClick={() => ask(seatedAt(asked, rider.id, vehicleId, at))}>{msg.pinTo(placeLabel(at))}</Button>
            )
          )}
          {rider.kind === 'child' ? (
            <>
              <SelectField
                label={msg.restraint}
                value={modelId}
                options={[
                  { id: ANY, label: msg.whateverSuitsBest },
                  ...models.map((m) => ({ id: m.id, label: modelName(m) })),
                ]}
                onChange={(id) => {
                  const rest = asked.pins.filter((p) => p.kind !== 'restraint-for' || p.childId !== rider.id)
                  ask({
                    ...asked,
                    pins:
                      id === ANY ? rest : [...rest, { kind: 'restraint-for', childId: rider.id, modelId: ModelId(id) }],
                  })
                }}
              />
              {others > 0 && (
                <Button onClick={() => ask({ ...letGo(asked, rider.id), atHome: [...asked.atHome, rider.id] })}>
                  {msg.staysAtHome}
                </Button>
              )}
            </>
          ) : (
            <>
              <NumberAsked
                unit="mm"
                label={msg.acrossBothShoulders}
                from={300}
                to={700}
                value={asked.adults.find((a) => a.id === rider.id)?.shoulderBreadthMm}
                onKeep={(mm) =>
                  onAsk({
                    ...asked,
                    adults: asked.adults.map((a) => (a.id === rider.id ? { ...a, shoulderBreadthMm: mm } : a)),
                  })
                }
                hint={msg.leftEmptyABroadAdult}
              />
              <NumberAsked
                unit="mm"
                label={msg.frontSeatForwardOfFully}
                from={0}
                to={500}
                value={asked.adults.find((a) => a.id === rider.id)?.seatForwardMm}
                onKeep={(mm) =>
                  onAsk({
                    ...asked,
                    adults: asked.adults.map((a) => (a.id === rider.id ? { ...a, seatForwardMm: mm } : a)),
                  })
                }
                hint={msg.howFarThisAdultCan}
              />
              <Button onClick={() => ask({ ...asked, adults: asked.adults.filter((a) => a.id !== rider.id) })}>
                {msg.doesNotRideAlong}
              </Button>
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
