import {
  CATALOGUE_FORMAT,
  LAYOUTS,
  layoutPositions,
  lintVehicle,
  mirrored,
  parseWith,
  vehicleSchema,
  type LayoutName,
  type SeatingPosition,
  type Vehicle,
} from '@nimble-anchor/core'
import { useEffect, useMemo, useState } from 'react'
import { FormProvider, useForm, useWatch, type FieldValues } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { CarPlan } from '../fitting/place/CarPlan.tsx'
import { Faults, Fields, formPath } from '../form/fields.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import { tidyVehicle } from '../form/tidy.ts'
import { api } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark } from '../ui/StateMark.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { VEHICLE_FIELDS } from './specs.ts'

export const NEW_VEHICLE = {
  id: 'new',
  maker: '',
  model: '',
  driverSide: 'right' as const,
  positions: layoutPositions('five-seater', 'right'),
}

const importVehicle = (vehicle: unknown) =>
  api.importCatalogue({ format: CATALOGUE_FORMAT, version: 1, vehicles: [vehicle] })
const isShowable = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && 'positions' in value && Array.isArray(value.positions)

interface Props {
  readonly vehicle: object
  readonly isNew: boolean
  readonly taken: readonly string[]
}

/** A car as a form: its places on the plan from above, one of them open, and what contradicts itself. */
export function VehicleForm({ vehicle, isNew, taken }: Props) {
  const navigate = useNavigate()
  const load = useCatalogue((s) => s.load)
  const form = useForm<FieldValues>({ defaultValues: vehicle as FieldValues })
  const draft = useWatch({ control: form.control })
  const [openId, setOpenId] = useState<string>()
  const text = JSON.stringify(draft)
  const { tidied, parsed } = useMemo(() => {
    const cleaned = (tidyVehicle(JSON.parse(text)) ?? {}) as Vehicle
    const id = idFrom(`${cleaned.maker ?? ''} ${cleaned.model ?? ''}`, taken)
    const named = isNew ? { ...cleaned, id } : cleaned
    return { tidied: named, parsed: parseWith(vehicleSchema, named) }
  }, [text, isNew, taken])
  const faults = useMemo(() => new Map((parsed.ok ? [] : parsed.error).map((f) => [formPath(f), f.message])), [parsed])
  const [base] = useState(() => JSON.stringify(tidyVehicle(JSON.parse(JSON.stringify(vehicle)))))
  const isChanged = isNew || JSON.stringify(tidied) !== base
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
  useEffect(() => {
    document.title = `${isNew ? 'New car' : `${tidied.maker ?? ''} ${tidied.model ?? ''}`} · Nimble Anchor`
  })
  useEffect(() => {
    if (!isChanged) return
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isChanged])

  const setPositions = (next: readonly SeatingPosition[], openNow?: string): void => {
    form.setValue('positions', next, { shouldDirty: true })
    if (openNow !== undefined) setOpenId(openNow)
  }
  const add = (place: SeatingPosition): void => setPositions([...positions, place], place.id)

  async function keep(): Promise<void> {
    if (!parsed.ok) return
    try {
      await importVehicle(parsed.value)
      await load()
      toast(`${parsed.value.maker} ${parsed.value.model} is kept.`, {
        ...(!isNew && { action: { label: 'Undo', onClick: () => void importVehicle(vehicle).then(load, sayRefusal) } }),
      })
      if (isNew) void navigate(`/vehicles/${parsed.value.id}`, { replace: true })
    } catch (error) {
      sayRefusal(error)
    }
  }
  async function remove(): Promise<void> {
    try {
      await api.removeFromCatalogue('vehicles', tidied.id)
      await load()
      toast(`${tidied.maker} ${tidied.model} is taken away.`, {
        action: { label: 'Undo', onClick: () => void importVehicle(vehicle).then(load, sayRefusal) },
      })
      void navigate('/vehicles')
    } catch (error) {
      sayRefusal(error)
    }
  }

  return (
    <FormProvider {...form}>
      <Faults value={faults}>
        <form
          onSubmit={(e) => {
            e.preventDefault()
            void keep()
          }}
          className="grid gap-3 lg:grid-cols-[minmax(0,1fr)_20rem]"
        >
          <h1 className="text-3xl font-bold tracking-tight lg:col-span-2">
            {isNew ? 'New car' : `${tidied.maker ?? ''} ${tidied.model ?? ''}`}
          </h1>
          <div className="order-2 flex min-w-0 flex-col gap-3 lg:order-1">
            <Panel title="Car">
              <Fields specs={VEHICLE_FIELDS} base="" />
              {isNew && (
                <div className="mt-3 flex flex-wrap items-center gap-2">
                  <span className="text-sm font-semibold text-ink-soft">Begin with the places of a</span>
                  {(Object.keys(LAYOUTS) as LayoutName[]).map((layout) => (
                    <Button
                      key={layout}
                      onClick={() => setPositions(layoutPositions(layout, tidied.driverSide ?? 'right'))}
                    >
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
                  positions: positions.filter((p) => Number.isFinite(p.lateralCentreMm) && p.row >= 1),
                }}
                decisions={new Map()}
                selected={open?.id}
                chosen={undefined}
                onSelect={setOpenId}
              />
              <ul className="mt-2 divide-y divide-hair" aria-label="Places">
                {positions.map((p) => (
                  <li key={p.id}>
                    <button
                      type="button"
                      aria-pressed={p.id === open?.id}
                      onClick={() => setOpenId(p.id)}
                      className={`min-h-11 w-full px-2 text-left hover:underline ${p.id === open?.id ? 'bg-shoal font-bold' : ''}`}
                    >
                      {p.label}
                    </button>
                  </li>
                ))}
              </ul>
            </Panel>
            <Panel title="As it will stand">
              {faults.size > 0 && (
                <div role="status">
                  <StateMark
                    state="fail"
                    word={faults.size === 1 ? 'One field is not valid' : `${faults.size} fields are not valid`}
                    size={14}
                  />
                  <ul className="mt-1 text-sm">
                    {[...faults].slice(0, 6).map(([path, message]) => (
                      <li key={path}>
                        <span className="text-ink-soft">{path}</span> {message}
                      </li>
                    ))}
                  </ul>
                </div>
              )}
              {lints.length > 0 && (
                <div role="status">
                  <StateMark state="undecided" word="Contradicts itself" size={14} />
                  <ul className="mt-1 text-sm">
                    {lints.map((l) => (
                      <li key={`${l.path}${l.message}`}>{l.message}</li>
                    ))}
                  </ul>
                  <p className="mt-1 text-sm text-ink-soft">Read the handbook again.</p>
                </div>
              )}
              {faults.size === 0 && lints.length === 0 && (
                <StateMark state="pass" word="Nothing contradicts itself" size={14} />
              )}
            </Panel>
            <div className="flex flex-wrap gap-2">
              <Button type="submit" look="main" disabled={!parsed.ok || !isChanged}>
                Keep this car
              </Button>
              {!isNew && isChanged && (
                <Button onClick={() => form.reset(vehicle as FieldValues)}>Leave it as it was</Button>
              )}
              {!isNew && (
                <Button look="quiet" onClick={() => void remove()}>
                  Take it away
                </Button>
              )}
            </div>
          </aside>
        </form>
      </Faults>
    </FormProvider>
  )
}
