import type { Pin } from '@nimble-anchor/core/arrange'
import { modelName } from '@nimble-anchor/core/restraint'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { UserPlus, X } from 'lucide-react'
import { v4 } from 'uuid'
import { Button } from '../ui/Button.tsx'
import { CheckBox } from '../ui/CheckBox.tsx'
import { NumberAsked } from './NumberAsked.tsx'
import { adultName, MOST_MINUTES, modelsWithExtras, namesOf, type Asked, type Known } from './question.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly asked: Asked
  readonly known: Known
  readonly vehicle: Vehicle | undefined
  readonly onAsk: (asked: Asked) => void
}

/** Everything that this arrangement was asked, to be changed: who rides along, what is pinned, what is taken or off. */
export function AskedPanel({ asked, known, vehicle, onAsk }: Props) {
  const names = namesOf(asked, known)
  const extras = modelsWithExtras(known)
  const home = known.children.filter((c) => asked.atHome.includes(c.id))
  const ownModels = (known.catalogue.models ?? []).filter((m) => known.catalogue.units?.some((u) => u.modelId === m.id))
  const isTaken = (id: string): boolean => asked.taken.some((t) => t.vehicleId === vehicle?.id && t.positionId === id)
  return (
    <div className="grid gap-3 p-1">
      <section className="flex flex-wrap items-center gap-2">
        <Button
          onClick={() => onAsk({ ...asked, adults: [...asked.adults, { id: v4() }] })}
          disabled={asked.adults.length >= 8}
        >
          <UserPlus size={18} aria-hidden="true" />
          {msg.anAdultRidesAlong}
        </Button>
        {asked.adults.map((a) => (
          <span key={a.id} className="inline-flex items-center rounded-[3px] border border-line pl-2">
            {adultName(asked, a.id)}
            {a.positionId === undefined ? msg.anywhere : `, ${names.place(vehicle?.id, a.positionId)}`}
            <Remove
              label={adultName(asked, a.id)}
              onClick={() => onAsk({ ...asked, adults: asked.adults.filter((x) => x.id !== a.id) })}
            />
          </span>
        ))}
        {home.map((c) => (
          <Button key={c.id} onClick={() => onAsk({ ...asked, atHome: asked.atHome.filter((id) => id !== c.id) })}>
            {msg.ridesToo(c.name)}
          </Button>
        ))}
      </section>
      {asked.pins.length + asked.wishes.length > 0 && (
        <section>
          <h2 className="font-bold">{msg.pins}</h2>
          <ul>
            {asked.pins.map((pin, i) => (
              <PinRow
                key={JSON.stringify(pin)}
                text={names.pin(i)}
                isMust
                onMust={() => onAsk({ ...asked, pins: without(asked.pins, i), wishes: [...asked.wishes, pin] })}
                onRemove={() => onAsk({ ...asked, pins: without(asked.pins, i) })}
              />
            ))}
            {asked.wishes.map((wish, i) => (
              <PinRow
                key={JSON.stringify(wish)}
                text={namesOf({ ...asked, pins: asked.wishes }, known).pin(i)}
                isMust={false}
                onMust={() => onAsk({ ...asked, wishes: without(asked.wishes, i), pins: [...asked.pins, wish] })}
                onRemove={() => onAsk({ ...asked, wishes: without(asked.wishes, i) })}
              />
            ))}
          </ul>
        </section>
      )}
      {vehicle && (
        <section>
          <h2 className="font-bold">{msg.placesTakenBySomethingElse}</h2>
          <div className="flex flex-wrap gap-x-4">
            {vehicle.positions
              .filter((p) => p.isDriverSeat !== true)
              .map((p) => (
                <CheckBox
                  key={p.id}
                  checked={isTaken(p.id)}
                  onChange={(is) =>
                    onAsk({
                      ...asked,
                      taken: is
                        ? [...asked.taken, { vehicleId: vehicle.id, positionId: p.id }]
                        : asked.taken.filter((t) => t.vehicleId !== vehicle.id || t.positionId !== p.id),
                    })
                  }
                >
                  {p.label}
                </CheckBox>
              ))}
          </div>
        </section>
      )}
      {extras.length > 0 && (
        <section>
          <h2 className="font-bold">{msg.cupHolderOrPodTaken}</h2>
          <div className="flex flex-wrap gap-x-4">
            {extras.map((m) => (
              <CheckBox
                key={m.id}
                checked={asked.extrasOff.includes(m.id)}
                onChange={(is) =>
                  onAsk({
                    ...asked,
                    extrasOff: is ? [...asked.extrasOff, m.id] : asked.extrasOff.filter((id) => id !== m.id),
                  })
                }
              >
                {modelName(m)}
              </CheckBox>
            ))}
          </div>
        </section>
      )}
      <section className="max-w-72">
        <NumberAsked
          key={asked.journeyMinutes}
          label={msg.journeyAhead}
          unit="min"
          isWhole
          from={1}
          to={MOST_MINUTES}
          value={asked.journeyMinutes}
          onKeep={(journeyMinutes) => onAsk({ ...asked, journeyMinutes })}
          hint={msg.askedOfTheVeryYoung}
        />
      </section>
      <section>
        <h2 className="font-bold">{msg.theFamilyBringsItsOwn}</h2>
        <div className="flex flex-wrap gap-x-4">
          {ownModels.map((m) => {
            const ids = (known.catalogue.units ?? []).filter((u) => u.modelId === m.id).map((u) => u.id)
            const isOwn = ids.some((id) => asked.ownedUnitIds.includes(id))
            return (
              <CheckBox
                key={m.id}
                checked={isOwn}
                onChange={(is) =>
                  onAsk({
                    ...asked,
                    ownedUnitIds: is
                      ? [...asked.ownedUnitIds, ...ids]
                      : asked.ownedUnitIds.filter((id) => !ids.includes(id)),
                  })
                }
              >
                {modelName(m)}
              </CheckBox>
            )
          })}
        </div>
      </section>
    </div>
  )
}

const without = (pins: readonly Pin[], index: number): readonly Pin[] => pins.filter((_, i) => i !== index)

function Remove({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <Button
      look="bare"
      aria-label={msg.remove(label)}
      className="grid size-11 place-items-center hover:bg-shoal"
      onClick={onClick}
    >
      <X size={16} aria-hidden="true" />
    </Button>
  )
}

interface PinRowProps {
  readonly text: string
  readonly isMust: boolean
  readonly onMust: () => void
  readonly onRemove: () => void
}

function PinRow({ text, isMust, onMust, onRemove }: PinRowProps) {
  return (
    <li className="flex items-center justify-between gap-3 border-b border-hair">
      <span>{text}</span>
      <span className="flex items-center">
        <CheckBox checked={isMust} onChange={onMust} label={msg.mustBe2(text)}>
          {msg.mustBe}
        </CheckBox>
        <Remove label={text} onClick={onRemove} />
      </span>
    </li>
  )
}
