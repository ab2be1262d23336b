import {
  isDriversPlace,
  LAYOUTS,
  layoutPositions,
  lintVehicle,
  mirrored,
  vehicleSchema,
  type LayoutName,
  type SeatingPosition,
  type Vehicle,
} from '@nimble-anchor/core/vehicle'
import { useMemo, useState } from 'react'
import { toast } from 'sonner'
import { CarPlan, type PlanEdit } from '../car/CarPlan.tsx'
import { DemoMark } from '../demo/DemoMark.tsx'
import { EntryFrame } from '../form/EntryFrame.tsx'
import { EntryCheck } from '../form/EntryParts.tsx'
import { Fields } from '../form/fields.tsx'
import { Rows } from '../form/parts.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import type { FormSection } from '../form/Sections.tsx'
import { tidyVehicle } from '../form/tidy.ts'
import { useEntry, type EntryKind } from '../form/useEntry.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { drawable } from './drawable.ts'
import { CAR_LABELS } from './labels.ts'
import { HandbookGrid } from './HandbookGrid.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { ROW_FIELDS, VEHICLE_FIELDS } from './specs.ts'
import * as msg from './messages.en.ts'

const CAR: EntryKind<Vehicle> = {
  kind: 'vehicles',
  schema: vehicleSchema,
  tidy: tidyVehicle,
  nameOf: ({ maker = '', model = '' }) => `${maker} ${model}`.trim(),
  path: '/vehicles',
  newTitle: msg.newCar,
}
const isShowable = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && 'positions' in value && Array.isArray(value.positions)

/** Nearer to the car's middle than this, in mm, is the middle place. */
const MIDDLE_MM = 120
const sideAt = (lateralCentreMm: number): SeatingPosition['side'] =>
  Math.abs(lateralCentreMm) < MIDDLE_MM ? 'centre' : lateralCentreMm < 0 ? 'left' : 'right'

interface Props {
  readonly vehicle: object
  readonly isNew: boolean
  readonly taken: readonly string[]
}

/** A car as a form: its places on the plan from above, one of them open, and what contradicts itself. */
export function VehicleForm({ vehicle, isNew, taken }: Props) {
  const entry = useEntry(CAR, vehicle, isNew, taken)
  const { form, tidied, parsed, faults } = entry
  const [openId, setOpenId] = useState<string>()
  const [section, setSection] = useState(isNew ? 'car' : '')
  const positions = tidied.positions ?? []
  const byId = positions.findIndex((p) => p.id === openId)
  // Nobody fits a restraint on the driver's seat: the first other place is open.
  const at =
    byId >= 0
      ? byId
      : Math.max(
          0,
          positions.findIndex((p) => !p.isDriverSeat),
        )
  const open = positions[at]
  // What is missing is not drawn, as what is wrong is not.
  const unusable = useMemo(() => new Map([...faults, ...entry.missing.map((path) => [path, ''] as const)]), [faults, entry.missing]) // prettier-ignore
  const lints = parsed.ok ? lintVehicle(parsed.value) : []
  const ids = positions.map((p) => p.id)
  // The same list until a place comes, goes or is named anew: a letter typed elsewhere draws no place again.
  const named = JSON.stringify(positions.map((p) => [p.id, p.label ?? p.id]))
  const others = useMemo(() => {
    const all = JSON.parse(named) as [id: string, label: string][]
    return new Map(all.map(([id]) => [id, all.filter(([other]) => other !== id)]))
  }, [named])
  const othersOf = (id: string) => others.get(id) ?? []
  /** As they stand in the form now: what is judged and drawn may be a letter behind. */
  const current = (): readonly SeatingPosition[] => (form.getValues('positions') ?? []) as readonly SeatingPosition[]
  const setPositions = (next: readonly SeatingPosition[], openNow?: string): void => {
    form.setValue('positions', next, { shouldDirty: true })
    if (openNow === undefined) return
    setOpenId(openNow)
    setSection(`p-${openNow}`)
  }
  const change = (id: string, to: Partial<SeatingPosition>): void =>
    setPositions(current().map((p) => (p.id === id ? { ...p, ...to } : p)))
  const edit: PlanEdit = {
    onMove: (id, { lateralCentreMm, row }) =>
      change(id, lateralCentreMm === undefined ? { row } : { lateralCentreMm, row, side: sideAt(lateralCentreMm) }),
    onDoor: (id, doorSide) => change(id, { doorSide }),
  }
  const add = (place: SeatingPosition): void => setPositions([...current(), place], place.id)

  /** The place on the other side takes what was found on this one; where there is none it is added. */
  function mirror(placeId: string): void {
    const before = current()
    const place = before.find((p) => p.id === placeId)
    if (place === undefined) return
    const other = mirrored(place, '')
    const there = before.find((p) => p.row === other.row && p.side === other.side && p.id !== place.id)
    if (there === undefined) return add({ ...other, id: idFrom(other.label, ids) })
    setPositions(
      before.map((p) =>
        p.id === there.id
          ? {
              ...other,
              id: there.id,
              label: there.label,
              ...(there.isDriverSeat !== undefined && { isDriverSeat: there.isDriverSeat }),
            }
          : p,
      ),
      there.id,
    )
    toast(msg.isNowAsTurnedOver(there.label, place.label), {
      action: { label: msg.undo, onClick: () => setPositions(before) },
    })
  }
  const faultsAt = (base: string): number => [...faults.keys()].filter((f) => f.startsWith(`${base}.`)).length
  const sections: FormSection[] = [
    {
      id: 'car',
      label: msg.car,
      faults: [...faults.keys()].filter((f) => !f.startsWith('positions.')).length,
      content: (
        <>
          <Fields specs={VEHICLE_FIELDS} base="" columns={2} />
          <Rows title={msg.doorTrimOfARow} name="rows" specs={ROW_FIELDS} fresh={() => ({})} add={msg.addARow} />
          {isNew && (
            <div className="mt-3 flex flex-wrap items-center gap-2">
              <span className="text-sm font-semibold text-ink-soft">{msg.beginWithThePlacesOf}</span>
              {(Object.keys(LAYOUTS) as LayoutName[]).map((layout) => (
                <Button key={layout} onClick={() => setPositions(layoutPositions(layout, tidied.driverSide))}>
                  {LAYOUTS[layout].label.toLowerCase()}
                </Button>
              ))}
            </div>
          )}
        </>
      ),
    },
    {
      id: 'handbook',
      label: msg.handbookLettersEveryPlace,
      faults: 0,
      content: (
        <HandbookGrid
          positions={positions}
          onOpen={(id) => {
            setOpenId(id)
            setSection(`p-${id}`)
          }}
        />
      ),
    },
    ...positions.map((place, i): FormSection => ({
      id: `p-${place.id}`,
      label: place.label ?? place.id,
      ...(i === 0 && { group: <b>{msg.places}</b>, groupLabel: msg.places }),
      faults: faultsAt(`positions.${i}`),
      content: (
        <>
          <PlaceForm key={place.id} base={`positions.${i}`} others={othersOf(place.id)} />
          <div className="mt-4 flex flex-wrap gap-2 border-t border-hair pt-3">
            <Button
              onClick={() => {
                const now = current().find((p) => p.id === place.id) ?? place
                add({ ...now, id: idFrom(place.id, ids), label: msg.copy(now.label) })
              }}
            >
              {msg.copyThisPlace}
            </Button>
            {place.side !== 'centre' && <Button onClick={() => mirror(place.id)}>{msg.mirrorToTheOtherSide}</Button>}
            {positions.length > 1 && (
              <Button look="quiet" onClick={() => setPositions(current().filter((p) => p.id !== place.id))}>
                {msg.removeThisPlace}
              </Button>
            )}
          </div>
        </>
      ),
    })),
    {
      id: 'json',
      label: msg.inFullAsJson,
      faults: 0,
      content: (
        <JsonEditor
          value={tidied}
          isShowable={isShowable}
          wanted={msg.mustBeOneCarWith}
          onRead={(value) => form.reset(value)}
        />
      ),
    },
  ]
  const shown = sections.some((s) => s.id === section) ? section : open ? `p-${open.id}` : 'car'
  const look = (id: string): void => {
    setSection(id)
    if (id.startsWith('p-')) setOpenId(id.slice(2))
  }
  return (
    <EntryFrame
      form={form}
      faults={faults}
      entry={entry}
      mark={!isNew && <DemoMark kind="vehicles" id={tidied.id} />}
      isNew={isNew}
      keepLabel={msg.saveThisCar}
      back={{ to: '/vehicles', label: msg.allCars }}
      sections={{ label: msg.partsOfThisCar, sections, open: shown, onOpen: look }}
      asideLabel={msg.plan}
      aside={
        <>
          <Panel title={msg.fromAbove}>
            <CarPlan
              vehicle={{
                ...tidied,
                positions: drawable(positions, unusable)
                  .filter((p) => p.row >= 1)
                  .map((p) => ({ ...p, isDriverSeat: isDriversPlace(tidied, p) })),
              }}
              selected={open?.id}
              onSelect={(id) => look(`p-${id}`)}
              edit={edit}
            />
            <p className="mt-2 text-sm text-ink-soft">{msg.dragAPlaceSidewaysOr}</p>
          </Panel>
          <Panel title={msg.asItWillStand}>
            <EntryCheck
              entry={entry}
              labels={CAR_LABELS}
              lints={lints.filter((l) => !l.isMissing).map((l) => l.message)}
              open={lints.filter((l) => l.isMissing).map((l) => l.message)}
              lintTitle={msg.contradictsItself2}
              lintAdvice={msg.readTheHandbookAgain}
              sound={msg.nothingContradictsItself}
            />
          </Panel>
        </>
      }
    />
  )
}
