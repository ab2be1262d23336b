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
import { useState } from 'react'
import { FormProvider } from 'react-hook-form'
import { CarPlan, type PlanEdit } from '../car/CarPlan.tsx'
import { EntryActions, EntryCheck } from '../form/EntryParts.tsx'
import { Faults, Fields } from '../form/fields.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import { tidyVehicle } from '../form/tidy.ts'
import { useEntry, type EntryKind } from '../form/useEntry.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { drawable } from './drawable.ts'
import { HandbookGrid } from './HandbookGrid.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { VEHICLE_FIELDS } from './specs.ts'

const CAR: EntryKind<Vehicle> = {
  kind: 'vehicles',
  schema: vehicleSchema,
  tidy: tidyVehicle,
  nameOf: ({ maker = '', model = '' }) => `${maker} ${model}`.trim(),
  path: '/vehicles',
  newTitle: 'New car',
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
  const lints = parsed.ok ? lintVehicle(parsed.value) : []
  const ids = positions.map((p) => p.id)
  const setPositions = (next: readonly SeatingPosition[], openNow?: string): void => {
    form.setValue('positions', next, { shouldDirty: true })
    if (openNow !== undefined) setOpenId(openNow)
  }
  const change = (id: string, to: Partial<SeatingPosition>): void =>
    setPositions(positions.map((p) => (p.id === id ? { ...p, ...to } : p)))
  const edit: PlanEdit = {
    onMove: (id, { lateralCentreMm, row }) =>
      change(id, lateralCentreMm === undefined ? { row } : { lateralCentreMm, row, side: sideAt(lateralCentreMm) }),
    onDoor: (id, doorSide) => change(id, { doorSide }),
  }
  const add = (place: SeatingPosition): void => setPositions([...positions, place], place.id)

  return (
    <FormProvider {...form}>
      <Faults value={faults}>
        <form
          onSubmit={(e) => {
            e.preventDefault()
            void entry.keep()
          }}
          className="grid gap-3 lg:grid-cols-[minmax(0,1fr)_20rem]"
        >
          <h1 className="text-3xl font-bold tracking-tight lg:col-span-2">{entry.title}</h1>
          <div className="order-2 flex min-w-0 flex-col gap-3 lg:order-1">
            <Panel title="Car">
              <Fields specs={VEHICLE_FIELDS} base="" />
              {isNew && (
                <div className="mt-3 flex flex-wrap items-center gap-2">
                  <span className="text-sm font-semibold text-ink-soft">Begin with the places of a</span>
                  {(Object.keys(LAYOUTS) as LayoutName[]).map((layout) => (
                    <Button key={layout} onClick={() => setPositions(layoutPositions(layout, tidied.driverSide))}>
                      {LAYOUTS[layout].label.toLowerCase()}
                    </Button>
                  ))}
                </div>
              )}
            </Panel>
            {open && (
              <Panel title={open.label ?? open.id}>
                <PlaceForm key={open.id} base={`positions.${at}`} />
                <div className="mt-4 flex flex-wrap gap-2 border-t border-hair pt-3">
                  <Button onClick={() => add({ ...open, id: idFrom(open.id, ids), label: `${open.label}, copy` })}>
                    Copy this place
                  </Button>
                  <Button
                    onClick={() => {
                      const other = mirrored(open, '')
                      add({ ...other, id: idFrom(other.label, ids) })
                    }}
                  >
                    Mirror it to the other side
                  </Button>
                  {positions.length > 1 && (
                    <Button look="quiet" onClick={() => setPositions(positions.filter((p) => p.id !== open.id))}>
                      Take this place away
                    </Button>
                  )}
                </div>
              </Panel>
            )}
            <Panel title="Handbook letters, every place">
              <HandbookGrid positions={positions} onOpen={setOpenId} />
            </Panel>
            <JsonEditor
              value={tidied}
              isShowable={isShowable}
              wanted='Must be one car with its "positions".'
              summary="lower tether points, notes, and all the rest"
              onRead={(value) => form.reset(value)}
            />
          </div>
          <aside className="order-1 flex flex-col gap-3 lg:order-2 lg:sticky lg:top-3 lg:self-start" aria-label="Plan">
            <Panel title="From above">
              <CarPlan
                vehicle={{
                  ...tidied,
                  positions: drawable(positions, faults)
                    .filter((p) => p.row >= 1)
                    .map((p) => ({ ...p, isDriverSeat: isDriversPlace(tidied, p) })),
                }}
                selected={open?.id}
                onSelect={setOpenId}
                edit={edit}
              />
              <p className="mt-2 text-sm text-ink-soft">
                Drag a place sideways or to another row, and a door mark to the other side; or use the arrow keys.
              </p>
              <ul className="mt-2 divide-y divide-hair" aria-label="Places">
                {positions.map((p) => (
                  <li key={p.id}>
                    <Button
                      look="bare"
                      aria-pressed={p.id === open?.id}
                      onClick={() => setOpenId(p.id)}
                      className={`min-h-11 w-full px-2 text-left hover:underline ${p.id === open?.id ? 'bg-shoal font-bold' : ''}`}
                    >
                      {p.label}
                    </Button>
                  </li>
                ))}
              </ul>
            </Panel>
            <Panel title="As it will stand">
              <EntryCheck
                faults={faults}
                lints={lints.map((l) => l.message)}
                lintTitle="Contradicts itself"
                lintAdvice="Read the handbook again."
                sound="Nothing contradicts itself"
              />
            </Panel>
            <EntryActions entry={entry} isNew={isNew} keepLabel="Keep this car" />
          </aside>
        </form>
      </Faults>
    </FormProvider>
  )
}
