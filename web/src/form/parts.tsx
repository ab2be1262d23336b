import { useId, type ReactNode } from 'react'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Button } from '../ui/Button.tsx'
import { SelectBox } from '../ui/SelectBox.tsx'
import { TextInput } from '../ui/TextInput.tsx'
import { Fields } from './fields.tsx'
import type { FieldSpec, PartSpec } from './spec.ts'
import * as msg from './messages.en.ts'

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
        <SelectBox
          id={id}
          className="max-w-44 font-normal"
          value={state}
          options={[
            { id: 'open', label: msg.notReadYet },
            ...(spec.canBeNone ? [{ id: 'none', label: msg.none }] : []),
            { id: 'has', label: spec.canBeNone ? msg.itHasOne : msg.lookedAt },
          ]}
          onChange={set}
        />
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
  readonly fresh: (count: number, rows: readonly unknown[]) => unknown
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
            aria-label={msg.remove2(title, i + 1)}
            onClick={() => keep(rows.length === 1 ? undefined : rows.filter((__, k) => k !== i))}
          >
            {msg.remove}
          </Button>
        </div>
      ))}
      {canBeNone && rows.length === 0 && (
        <p className="text-sm text-ink-soft">{isRead ? msg.thereAreNone : msg.notReadYet2}</p>
      )}
      <Button look="quiet" className="-ml-3" onClick={() => keep([...rows, fresh(rows.length, rows)])}>
        {add}
      </Button>
      {canBeNone && rows.length === 0 && (
        <Button look="quiet" onClick={() => keep(isRead ? undefined : [])}>
          {isRead ? msg.notReadYet3 : msg.thereAreNone2}
        </Button>
      )}
    </fieldset>
  )
}

/** Short sentences of the maker's, one a line; an empty one is not kept. */
export function Lines({ title, name, add }: { readonly title: string; readonly name: string; readonly add: string }) {
  const { setValue, register } = useFormContext<FieldValues>()
  const value = useWatch({ name }) as unknown
  const lines = Array.isArray(value) ? (value as unknown[]) : []
  const keep = (next: readonly unknown[]): void =>
    setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })
  return (
    <fieldset className="mt-3">
      <legend className="text-sm font-bold">{title}</legend>
      {lines.map((_, i) => (
        <div key={i} className="flex items-center gap-2 py-1">
          <TextInput className="flex-1" aria-label={`${title}, ${i + 1}`} {...register(`${name}.${i}`)} />
          <Button
            look="quiet"
            aria-label={msg.remove2(title, i + 1)}
            onClick={() => keep(lines.filter((__, k) => k !== i))}
          >
            {msg.remove}
          </Button>
        </div>
      ))}
      <Button look="quiet" className="-ml-3" onClick={() => keep([...lines, ''])}>
        {add}
      </Button>
    </fieldset>
  )
}
