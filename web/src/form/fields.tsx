import type { Fault } from '@nimble-anchor/core/ground'
import { createContext, use, useId, type ReactNode } from 'react'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Button } from '../ui/Button.tsx'
import type { FieldSpec, PartSpec } from './spec.ts'

/** Faults of the draft by the form's own path, "modes.0.massKg.to". */
const FaultContext = createContext<ReadonlyMap<string, string>>(new Map())
export const Faults = FaultContext.Provider

/** "$.modes[0].massKg.to" as the form says it. */
export const formPath = ({ path }: Fault): string => path.replace(/^\$\.?/, '').replace(/\[(\d+)\]/g, '.$1')

const BOX = 'min-h-11 w-full min-w-0 rounded-[3px] border border-line bg-sheet px-2 text-ink'
const toNumber = (text: unknown): unknown => {
  if (typeof text === 'number') return text
  const trimmed = String(text ?? '').trim()
  if (trimmed === '') return undefined
  const value = Number(trimmed.replace(',', '.'))
  // What is no number stays as typed, so that the fault can be said and nothing is lost.
  return Number.isNaN(value) ? trimmed : value
}
const words = (text: unknown): string[] =>
  Array.isArray(text)
    ? text.map(String)
    : String(text ?? '')
        .split(/\s+/)
        .filter(Boolean)

function Labelled({
  label,
  unit,
  name,
  id,
  children,
}: {
  label: string
  unit?: string | undefined
  name: string
  id: string
  children: ReactNode
}) {
  const fault = use(FaultContext).get(name)
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </label>
      <span className="flex items-center gap-1.5">
        {children}
        {unit ? <span className="text-sm text-ink-soft">{unit}</span> : null}
      </span>
      {fault !== undefined && (
        <p id={`${id}-fault`} className="text-sm font-semibold text-fail">
          {fault}
        </p>
      )}
    </div>
  )
}

/** A list written in one line; what is typed stands until the field is left. */
function ListField({ name, id, isNumbers }: { name: string; id: string; isNumbers: boolean }) {
  const { setValue } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as unknown
  const shown = Array.isArray(value) ? value.join(' ') : ''
  return (
    <input
      id={id}
      key={shown}
      defaultValue={shown}
      autoComplete="off"
      className={BOX}
      onBlur={(e) => {
        const parts = words(e.target.value)
        setValue(name, parts.length === 0 ? undefined : isNumbers ? parts.map(toNumber) : parts, { shouldDirty: true })
      }}
    />
  )
}

function Field({ spec, base }: { readonly spec: FieldSpec; readonly base: string }) {
  const { register } = useFormContext<FieldValues>()
  const id = useId()
  const name = `${base}.${spec.key}`.replace(/^\./, '')
  const isFaulty = use(FaultContext).has(name)
  const aria = { 'aria-invalid': isFaulty, 'aria-describedby': isFaulty ? `${id}-fault` : undefined }
  switch (spec.kind) {
    case 'flag':
      return (
        <label className="flex min-h-11 items-center gap-2 self-end">
          <input
            type="checkbox"
            className="size-5 accent-magenta"
            {...register(name, { setValueAs: (v) => (v ? true : undefined) })}
          />
          {spec.label}
        </label>
      )
    case 'answer':
      return (
        <Labelled label={spec.label} name={name} id={id}>
          <select
            id={id}
            className={BOX}
            {...aria}
            {...register(name, {
              setValueAs: (v: unknown) =>
                v === 'true' || v === true ? true : v === 'false' || v === false ? false : undefined,
            })}
          >
            <option value="">not read yet</option>
            <option value="true">yes</option>
            <option value="false">no</option>
          </select>
        </Labelled>
      )
    case 'pick':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id}>
          <select id={id} className={BOX} {...aria} {...register(name)}>
            <option value="">{spec.isOpen ? 'not stated' : 'choose'}</option>
            {spec.options?.map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </Labelled>
      )
    case 'numbers':
    case 'words':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id}>
          <ListField name={name} id={id} isNumbers={spec.kind === 'numbers'} />
        </Labelled>
      )
    case 'number':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id}>
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            className={BOX}
            {...aria}
            {...register(name, { setValueAs: toNumber })}
          />
        </Labelled>
      )
    case 'text':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id}>
          <input id={id} autoComplete="off" className={BOX} {...aria} {...register(name)} />
        </Labelled>
      )
  }
}

export function Fields({
  specs,
  base,
  columns = 3,
}: {
  readonly specs: readonly FieldSpec[]
  readonly base: string
  readonly columns?: 2 | 3 | 4
}) {
  const wide = { 2: 'sm:grid-cols-2', 3: 'sm:grid-cols-2 lg:grid-cols-3', 4: 'sm:grid-cols-2 lg:grid-cols-4' }[columns]
  return (
    <div className={`grid items-start gap-x-3 gap-y-2.5 ${wide}`}>
      {specs.map((spec) => (
        <Field key={spec.key} spec={spec} base={base} />
      ))}
    </div>
  )
}

/**
 * A part that is there, is said to be none, or has not been read: three
 * different things. Its fields appear when it is there, empty, and go with what
 * they held when it is not.
 */
export function Part({
  spec,
  base,
  children,
}: {
  readonly spec: PartSpec
  readonly base: string
  readonly children?: ReactNode
}) {
  const { setValue } = useFormContext<FieldValues>()
  const id = useId()
  const name = `${base}.${spec.key}`
  const has = (useWatch({ name }) as unknown) !== undefined
  const without = (useWatch({ name: `${base}.without` }) as readonly string[] | undefined) ?? []
  const state = has ? 'has' : without.includes(spec.key) ? 'none' : 'open'
  const set = (next: string): void => {
    const others = without.filter((part) => part !== spec.key)
    const all = next === 'none' ? [...others, spec.key] : others
    setValue(name, next === 'has' ? {} : undefined, { shouldDirty: true })
    setValue(`${base}.without`, all.length === 0 ? undefined : all, { shouldDirty: true })
  }
  return (
    <fieldset className="border-l-2 border-hair pl-3">
      <legend className="sr-only">{spec.label}</legend>
      <div className="flex min-h-11 flex-wrap items-center gap-2 font-semibold">
        <label htmlFor={id} className="min-w-40">
          {spec.label}
        </label>
        <select id={id} className={`${BOX} max-w-44 font-normal`} value={state} onChange={(e) => set(e.target.value)}>
          <option value="open">not read yet</option>
          {spec.canBeNone && <option value="none">none</option>}
          <option value="has">{spec.canBeNone ? 'it has one' : 'looked at'}</option>
        </select>
      </div>
      {has && (
        <div className="pb-2">
          <Fields specs={spec.fields} base={name} />
          {children}
        </div>
      )}
    </fieldset>
  )
}

interface ListProps {
  readonly title: string
  readonly name: string
  readonly specs: readonly FieldSpec[]
  readonly fresh: (count: number) => unknown
  readonly add: string
  /** An empty list says that there are none; until then nobody has read it. */
  readonly canBeNone?: boolean
}

/** Short rows of the same fields: recline positions, inserts, belt guides. */
export function Rows({ title, name, specs, fresh, add, canBeNone = false }: ListProps) {
  const { setValue } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as unknown
  const rows = Array.isArray(value) ? (value as unknown[]) : []
  const keep = (next: unknown[] | undefined): void => setValue(name, next, { shouldDirty: true })
  const isRead = Array.isArray(value)
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-bold">{title}</legend>
      {rows.map((_, i) => (
        <div key={i} className="flex items-end gap-2 border-b border-hair py-1.5">
          <div className="min-w-0 flex-1">
            <Fields specs={specs} base={`${name}.${i}`} columns={4} />
          </div>
          <Button
            look="quiet"
            aria-label={`Take away ${title}, ${i + 1}`}
            onClick={() => keep(rows.length === 1 ? undefined : rows.filter((__, k) => k !== i))}
          >
            Take away
          </Button>
        </div>
      ))}
      {canBeNone && rows.length === 0 && (
        <p className="text-sm text-ink-soft">{isRead ? 'There are none.' : 'Not read yet.'}</p>
      )}
      <Button look="quiet" className="-ml-3" onClick={() => keep([...rows, fresh(rows.length)])}>
        {add}
      </Button>
      {canBeNone && rows.length === 0 && (
        <Button look="quiet" onClick={() => keep(isRead ? undefined : [])}>
          {isRead ? 'Not read yet' : 'There are none'}
        </Button>
      )}
    </fieldset>
  )
}
