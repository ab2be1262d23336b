import { unitFor } from '@nimble-anchor/core/quantities'
import type { Fault } from '@nimble-anchor/core/ground'
import { createContext, use, useId, type ReactNode } from 'react'
import { Controller, useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import type { FieldSpec } from './spec.ts'
import { CheckBox } from '../ui/CheckBox.tsx'
import { PickMany } from '../ui/PickMany.tsx'
import { SelectBox } from '../ui/SelectBox.tsx'
import { TextInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

/** Faults of the draft by the form's own path, "modes.0.massKg.to". */
const FaultContext = createContext<ReadonlyMap<string, string>>(new Map())
export const Faults = FaultContext.Provider

/** "$.modes[0].massKg.to" as the form says it. */
export const formPath = ({ path }: Fault): string => path.replace(/^\$\.?/, '').replace(/\[(\d+)\]/g, '.$1')

/** A question with yes and no, or nobody has looked yet. */
const ANSWERS = [
  { id: '', label: msg.notReadYet },
  { id: 'true', label: msg.yes },
  { id: 'false', label: msg.no },
]
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
  fault: other,
  isWide = false,
}: {
  label: string
  unit?: string | undefined
  name: string
  id: string
  children: ReactNode
  /** Of more than one field. */
  fault?: string | undefined
  isWide?: boolean | undefined
}) {
  const own = use(FaultContext).get(name)
  const fault = other ?? own
  return (
    <div className={`flex min-w-0 flex-col gap-1 ${isWide ? 'sm:col-span-full' : ''}`}>
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </label>
      <span className="flex items-center gap-1.5">
        {children}
        {unit ? <span className="text-sm text-ink-soft">{unitFor('', unit)}</span> : null}
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
    <TextInput
      id={id}
      key={shown}
      defaultValue={shown}
      onBlur={(e) => {
        const parts = words(e.target.value)
        setValue(name, parts.length === 0 ? undefined : isNumbers ? parts.map(toNumber) : parts, { shouldDirty: true })
      }}
    />
  )
}

/** A measured figure with its ±, or the two ends it lies between where it was stated so. */
function QuantityField({ spec, name, id }: { readonly spec: FieldSpec; readonly name: string; readonly id: string }) {
  const { register } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as { readonly from?: unknown; readonly to?: unknown } | undefined
  const faults = use(FaultContext)
  const [first, second, between] =
    value?.from !== undefined || value?.to !== undefined ? ['from', 'to', 'to'] : ['value', 'plusMinus', '±']
  const fault = faults.get(name) ?? faults.get(`${name}.${first}`) ?? faults.get(`${name}.${second}`)
  const box = (key: string) => register(`${name}.${key}`, { setValueAs: toNumber })
  const aria = { 'aria-invalid': fault !== undefined, 'aria-describedby': fault === undefined ? undefined : `${id}-fault` } // prettier-ignore
  return (
    <Labelled label={spec.label} unit={spec.unit} name={name} id={id} fault={fault}>
      <TextInput id={id} inputMode="decimal" className="w-full" {...aria} {...box(first)} />
      <span aria-hidden="true">{between}</span>
      <TextInput
        inputMode="decimal"
        className="w-16 shrink-0"
        aria-label={`${spec.label}: ${between}`}
        {...aria}
        {...box(second)}
      />
    </Labelled>
  )
}

/** Any of many; none is not stated. */
function ManyField({ spec, name }: { readonly spec: FieldSpec; readonly name: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as unknown
  return (
    <PickMany
      label={spec.label}
      none={msg.notStated}
      options={(spec.options ?? []).map(([id, label]) => ({ id, label }))}
      chosen={Array.isArray(value) ? value.map(String) : []}
      onChange={(next) => setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })}
    />
  )
}

/** Any of a few, each ticked; none ticked is not stated. */
function SetField({ spec, name }: { readonly spec: FieldSpec; readonly name: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as unknown
  const chosen = Array.isArray(value) ? value.map(String) : []
  const fault = use(FaultContext).get(name)
  return (
    <fieldset className="min-w-0 sm:col-span-full">
      <legend className="text-sm font-semibold text-ink-soft">{spec.label}</legend>
      <div className="flex flex-wrap gap-x-5">
        {(spec.options ?? []).map(([id, label]) => (
          <CheckBox
            key={id}
            checked={chosen.includes(id)}
            onChange={(is) => {
              // In the order of the list, whichever was ticked first.
              const next = (spec.options ?? []).map(([o]) => o).filter((o) => (o === id ? is : chosen.includes(o)))
              setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })
            }}
          >
            {label}
          </CheckBox>
        ))}
      </div>
      {fault !== undefined && <p className="text-sm font-semibold text-fail">{fault}</p>}
    </fieldset>
  )
}

function Field({ spec, base }: { readonly spec: FieldSpec; readonly base: string }) {
  const { register } = useFormContext<FieldValues>()
  const id = useId()
  const name = `${base}.${spec.key}`.replace(/^\./, '')
  const isFaulty = use(FaultContext).has(name)
  const aria = { 'aria-invalid': isFaulty, 'aria-describedby': isFaulty ? `${id}-fault` : undefined }
  const box = { id, isFaulty, describedBy: aria['aria-describedby'] }
  switch (spec.kind) {
    case 'flag':
      return (
        <Controller
          name={name}
          render={({ field }) => (
            <CheckBox
              className="self-end"
              checked={field.value === true}
              onChange={(is) => field.onChange(is || undefined)}
            >
              {spec.label}
            </CheckBox>
          )}
        />
      )
    case 'answer':
      return (
        <Labelled label={spec.label} name={name} id={id}>
          <Controller
            name={name}
            render={({ field }) => (
              <SelectBox
                {...box}
                value={typeof field.value === 'boolean' ? String(field.value) : ''}
                options={ANSWERS}
                onChange={(answer) => field.onChange(answer === '' ? undefined : answer === 'true')}
              />
            )}
          />
        </Labelled>
      )
    case 'pick':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id}>
          <Controller
            name={name}
            render={({ field }) => (
              <SelectBox
                {...box}
                value={String(field.value ?? '')}
                options={[
                  { id: '', label: spec.isOpen ? msg.notStated : msg.choose },
                  ...(spec.options ?? []).map(([value, label]) => ({ id: value, label })),
                ]}
                onChange={field.onChange}
              />
            )}
          />
        </Labelled>
      )
    case 'many':
      return <ManyField spec={spec} name={name} />
    case 'quantity':
      return <QuantityField spec={spec} name={name} id={id} />
    case 'set':
      return <SetField spec={spec} name={name} />
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
          <TextInput id={id} inputMode="decimal" {...aria} {...register(name, { setValueAs: toNumber })} />
        </Labelled>
      )
    case 'text':
      return (
        <Labelled label={spec.label} unit={spec.unit} name={name} id={id} isWide={spec.isWide}>
          <TextInput id={id} className={spec.isWide ? 'w-full' : ''} {...aria} {...register(name)} />
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
  // A field alone has the whole line: it is a sentence more often than a figure.
  const wide =
    specs.length === 1
      ? ''
      : { 2: 'sm:grid-cols-2', 3: 'sm:grid-cols-2 lg:grid-cols-3', 4: 'sm:grid-cols-2 lg:grid-cols-4' }[columns]
  return (
    <div className={`grid items-start gap-x-3 gap-y-2.5 ${wide}`}>
      {specs.map((spec) => (
        <Field key={spec.key} spec={spec} base={base} />
      ))}
    </div>
  )
}
