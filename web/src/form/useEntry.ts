import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { parseWith, type Fault } from '@nimble-anchor/core/ground'
import { CATALOGUE_FORMAT } from '@nimble-anchor/core/formats'
import { type Result } from '@nimble-anchor/core/ground'
import { useEffect, useMemo, useState } from 'react'
import { get, useForm, useWatch, type FieldValues, type UseFormReturn } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { idFrom } from '../ui/ids.ts'
import { sayRefusal } from '../ui/refusal.ts'
import { formPath } from './fields.tsx'
import { useUnsaved } from './unsaved.ts'

/** One kind of entry in the catalogue, as its form needs to know it. */
export interface EntryKind<T> {
  readonly kind: 'models' | 'vehicles'
  readonly schema: Parameters<typeof parseWith<T>>[0]
  /** The typed draft without what is not stated. */
  readonly tidy: (draft: unknown) => unknown
  readonly nameOf: (entry: Partial<T>) => string
  /** "/restraints". */
  readonly path: string
  /** "New restraint". */
  readonly newTitle: string
}

export interface Entry<T> {
  readonly form: UseFormReturn<FieldValues>
  /** As it will stand, valid or not. */
  readonly tidied: T
  readonly parsed: Result<T, readonly Fault[]>
  /** By the form's own path. */
  readonly faults: ReadonlyMap<string, string>
  readonly isChanged: boolean
  readonly title: string
  readonly keep: () => Promise<void>
  readonly remove: () => Promise<void>
  readonly leave: () => void
}

/** The draft of a catalogue entry: judged as it is typed, kept or taken away whole, and either undone. */
export function useEntry<T extends { readonly id: string }>(
  kind: EntryKind<T>,
  original: object,
  isNew: boolean,
  taken: readonly string[],
): Entry<T> {
  const navigate = useNavigate()
  const load = useCatalogue((s) => s.load)
  const form = useForm<FieldValues>({ defaultValues: original as FieldValues })
  const text = JSON.stringify(useWatch({ control: form.control }))
  const { tidied, parsed } = useMemo(() => {
    const cleaned = (kind.tidy(JSON.parse(text)) ?? {}) as T
    const named = isNew ? { ...cleaned, id: idFrom(kind.nameOf(cleaned), taken) } : cleaned
    return { tidied: named, parsed: parseWith(kind.schema, named) }
  }, [kind, text, isNew, taken])
  const faults = useMemo(() => {
    const isEmpty = (path: string): boolean => get(tidied, path) === undefined
    return new Map(
      (parsed.ok ? [] : parsed.error).map((f) => {
        const path = formPath(f)
        return [path, isEmpty(path) ? 'is missing' : f.message]
      }),
    )
  }, [parsed, tidied])
  // A new entry is given its id by its name: that alone is nothing typed.
  const worded = (entry: unknown): string => JSON.stringify({ ...(entry as object), ...(isNew && { id: '' }) })
  const asItWas = (): string => worded(kind.tidy(JSON.parse(JSON.stringify(original))))
  const [base, setBase] = useState(asItWas)
  const isTyped = worded(tidied) !== base
  const isChanged = isNew || isTyped
  const title = isNew ? kind.newTitle : kind.nameOf(tidied)
  const letGo = useUnsaved(title, isTyped)

  useEffect(() => {
    document.title = `${title} · Nimble Anchor`
  }, [title])

  const store = (entry: unknown) =>
    api.importCatalogue({ format: CATALOGUE_FORMAT, version: CASE_VERSION, [kind.kind]: [entry] })
  const putBack = {
    label: 'Undo',
    onClick: () =>
      void store(original).then(() => {
        form.reset(original as FieldValues)
        setBase(asItWas())
        return load()
      }, sayRefusal),
  }
  return {
    form,
    tidied,
    parsed,
    faults,
    isChanged,
    title,
    leave: () => form.reset(original as FieldValues),
    async keep() {
      if (!parsed.ok) return
      try {
        await store(parsed.value)
        await load()
        toast(`${kind.nameOf(parsed.value)} is kept.`, isNew ? {} : { action: putBack })
        setBase(worded(tidied))
        letGo()
        if (isNew) void navigate(`${kind.path}/${parsed.value.id}`, { replace: true })
      } catch (error) {
        sayRefusal(error)
      }
    },
    async remove() {
      try {
        await api.removeFromCatalogue(kind.kind, tidied.id)
        await load()
        letGo()
        toast(`${title} is taken away.`, { action: putBack })
        void navigate(kind.path)
      } catch (error) {
        sayRefusal(error)
      }
    },
  }
}
