import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { parseWith, type Fault } from '@nimble-anchor/core/ground'
import { CATALOGUE_FORMAT } from '@nimble-anchor/core/formats'
import { type Result } from '@nimble-anchor/core/ground'
import { startTransition, useEffect, useMemo, useState } from 'react'
import { get, useForm, type FieldValues, type UseFormReturn } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { api, NOTHING_SEEN } from '../session/api.ts'
import { loadCatalogue } from '../session/catalogue.ts'
import { idFrom } from '../ui/ids.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { sayRefusal } from '../ui/refusal.ts'
import { formPath } from './fields.tsx'
import { useUnsaved } from './unsaved.ts'
import * as msg from './messages.en.ts'

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
  /** What is wrong, by the form's own path; what is missing only once somebody tried to save. */
  readonly faults: ReadonlyMap<string, string>
  /** Paths of what must be there and is not. */
  readonly missing: readonly string[]
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
  const form = useForm<FieldValues>({ defaultValues: original as FieldValues })
  // Judging and drawing a long draft takes longer than a letter: the letter is shown first, by its own field.
  const [text, setText] = useState(() => JSON.stringify(form.getValues()))
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values }) => startTransition(() => setText(JSON.stringify(values))),
      }),
    [form],
  )
  const [hasTried, setTried] = useState(false)
  const { tidied, parsed } = useMemo(() => {
    const cleaned = (kind.tidy(JSON.parse(text)) ?? {}) as T
    const named = isNew ? { ...cleaned, id: idFrom(kind.nameOf(cleaned), taken) } : cleaned
    return { tidied: named, parsed: parseWith(kind.schema, named) }
  }, [kind, text, isNew, taken])
  const { faults, missing } = useMemo(() => {
    const all = (parsed.ok ? [] : parsed.error).map((f) => [formPath(f), f.message] as const)
    const isEmpty = ([path]: readonly [string, string]): boolean => get(tidied, path) === undefined
    const absent = all.filter(isEmpty).map(([path]) => path)
    const wrong = all.filter((f) => !isEmpty(f))
    // Nothing is red before somebody typed there, or asked for it to be saved.
    return { faults: new Map([...wrong, ...(hasTried ? absent.map((path) => [path, 'is needed'] as const) : [])]), missing: absent } // prettier-ignore
  }, [parsed, tidied, hasTried])
  // A new entry is given its id by its name: that alone is nothing typed.
  const worded = (entry: unknown): string => JSON.stringify({ ...(entry as object), ...(isNew && { id: '' }) })
  const asItWas = (): string => worded(kind.tidy(JSON.parse(JSON.stringify(original))))
  const [base, setBase] = useState(asItWas)
  const isTyped = worded(tidied) !== base
  const isChanged = isNew || isTyped
  const title = isNew ? kind.newTitle : kind.nameOf(tidied)
  const letGo = useUnsaved(title, isTyped)

  useEffect(() => {
    document.title = msg.nimbleAnchor(title)
  }, [title])

  /** What stands on the server as this form has seen it; nothing of a new one. */
  const [seen, setSeen] = useState<unknown>(isNew ? NOTHING_SEEN : original)
  const store = async (entry: unknown, over: unknown): Promise<void> => {
    await keepSeen(title, entry, over, (at) =>
      api.importCatalogue({ format: CATALOGUE_FORMAT, version: CASE_VERSION, [kind.kind]: [entry] }, { seen: at }),
    )
    setSeen(entry)
  }
  /** Theirs was left as it is: the form shows it now. */
  const leftOr = (error: unknown): void => {
    sayRefusal(error)
    if (!(error instanceof LeftTheirs)) return
    form.reset(error.standing as FieldValues)
    setSeen(error.standing)
    setBase(worded(kind.tidy(JSON.parse(JSON.stringify(error.standing)))))
    void loadCatalogue()
  }
  const putBack = (kept: unknown) => ({
    label: msg.undo,
    onClick: () =>
      void store(original, kept).then(() => {
        form.reset(original as FieldValues)
        setBase(asItWas())
        return loadCatalogue()
      }, leftOr),
  })
  return {
    form,
    tidied,
    parsed,
    faults,
    missing,
    isChanged,
    title,
    leave: () => form.reset(original as FieldValues),
    async keep() {
      // What stands in the form now, not what was judged a letter ago.
      const draft = {
        ...(kind.tidy(JSON.parse(JSON.stringify(form.getValues()))) as T),
        ...(isNew && { id: tidied.id }),
      }
      const checked = parseWith(kind.schema, isNew ? { ...draft, id: idFrom(kind.nameOf(draft), taken) } : draft)
      if (!checked.ok) return setTried(true)
      try {
        await store(checked.value, seen)
        await loadCatalogue()
        toast(msg.saved(kind.nameOf(checked.value)), isNew ? {} : { action: putBack(checked.value) })
        setTried(false)
        setBase(worded(checked.value))
        letGo()
        if (isNew) void navigate(`${kind.path}/${checked.value.id}`, { replace: true })
      } catch (error) {
        leftOr(error)
      }
    },
    async remove() {
      try {
        await api.removeFromCatalogue(kind.kind, tidied.id)
        await loadCatalogue()
        letGo()
        toast(msg.removed(title), {
          action: { label: msg.undo, onClick: () => void store(original, NOTHING_SEEN).then(loadCatalogue, leftOr) },
        })
        void navigate(kind.path)
      } catch (error) {
        sayRefusal(error)
      }
    },
  }
}
