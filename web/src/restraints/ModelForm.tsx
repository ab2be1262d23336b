import {
  CATALOGUE_FORMAT,
  formatNumber,
  lintModel,
  modelSchema,
  parseWith,
  stageGaps,
  type RestraintModel,
} from '@nimble-anchor/core'
import { useEffect, useMemo, useState } from 'react'
import { FormProvider, useFieldArray, useForm, useWatch, type FieldValues } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { toast } from 'sonner'
import { BarGradients } from '../fitting/choose/RangeBar.tsx'
import { ModeBars } from '../fitting/choose/ModeBars.tsx'
import { api } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark } from '../ui/StateMark.tsx'
import { Faults, Fields, formPath } from '../form/fields.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import { ModeForm } from './ModeForm.tsx'
import { MODEL_FIELDS, NEW_MODE } from './specs.ts'
import { tidyModel } from '../form/tidy.ts'

interface Props {
  readonly model: object
  readonly isNew: boolean
  readonly taken: readonly string[]
}

/** Enough of a restraint for the form to show it; what is wrong inside, the form says. */
const isShowable = (value: unknown): value is { readonly modes: readonly object[] } =>
  typeof value === 'object' &&
  value !== null &&
  'modes' in value &&
  Array.isArray(value.modes) &&
  value.modes.every(
    (m: unknown) =>
      typeof m === 'object' && m !== null && 'routes' in m && Array.isArray((m as { routes: unknown }).routes),
  )

const NOBODY = { massKg: undefined, statureCm: undefined, ageMonths: undefined }
const importModel = (model: unknown) => api.importCatalogue({ format: CATALOGUE_FORMAT, version: 1, models: [model] })

/** The model as a form, with its faults, what contradicts its regulation, and its range bars beside it as it is typed. */
export function ModelForm({ model, isNew, taken }: Props) {
  const navigate = useNavigate()
  const load = useCatalogue((s) => s.load)
  const form = useForm<FieldValues>({ defaultValues: model as FieldValues })
  const modes = useFieldArray({ control: form.control, name: 'modes' })
  const draft = useWatch({ control: form.control })
  const text = JSON.stringify(draft)
  const { tidied, parsed } = useMemo(() => {
    const cleaned = (tidyModel(JSON.parse(text)) ?? {}) as RestraintModel
    const named = isNew ? { ...cleaned, id: idFrom(`${cleaned.maker ?? ''} ${cleaned.name ?? ''}`, taken) } : cleaned
    return { tidied: named, parsed: parseWith(modelSchema, named) }
  }, [text, isNew, taken])
  const faults = useMemo(() => new Map((parsed.ok ? [] : parsed.error).map((f) => [formPath(f), f.message])), [parsed])
  const [base] = useState(() => JSON.stringify(tidyModel(JSON.parse(JSON.stringify(model)))))
  const isChanged = isNew || JSON.stringify(tidied) !== base
  useEffect(() => {
    document.title = `${isNew ? 'New restraint' : `${tidied.maker} ${tidied.name}`} · Nimble Anchor`
  })
  useEffect(() => {
    if (!isChanged) return
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isChanged])

  async function keep(): Promise<void> {
    if (!parsed.ok) return
    try {
      await importModel(parsed.value)
      await load()
      toast(`${parsed.value.maker} ${parsed.value.name} is kept.`, {
        ...(!isNew && {
          action: { label: 'Undo', onClick: () => void importModel(model).then(load, sayRefusal) },
        }),
      })
      if (isNew) void navigate(`/restraints/${parsed.value.id}`, { replace: true })
    } catch (error) {
      sayRefusal(error)
    }
  }
  async function remove(): Promise<void> {
    try {
      await api.removeFromCatalogue('models', tidied.id)
      await load()
      toast(`${tidied.maker} ${tidied.name} is taken away.`, {
        action: { label: 'Undo', onClick: () => void importModel(model).then(load, sayRefusal) },
      })
      void navigate('/restraints')
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
            {isNew ? 'New restraint' : `${tidied.maker ?? ''} ${tidied.name ?? ''}`}
          </h1>
          <div className="flex min-w-0 flex-col gap-3">
            <Panel title="Model">
              <Fields specs={MODEL_FIELDS} base="" />
            </Panel>
            {modes.fields.map((field, i) => (
              <Panel
                key={field.id}
                title={`Mode ${i + 1}: ${(draft.modes as { label?: string }[] | undefined)?.[i]?.label ?? ''}`}
                aside={
                  modes.fields.length > 1 && (
                    <Button look="quiet" onClick={() => modes.remove(i)}>
                      Take this mode away
                    </Button>
                  )
                }
              >
                <ModeForm base={`modes.${i}`} />
              </Panel>
            ))}
            <div>
              <Button
                onClick={() =>
                  modes.append({
                    ...NEW_MODE,
                    id: idFrom(
                      'mode',
                      ((draft.modes as { id: string }[] | undefined) ?? []).map((m) => m.id),
                    ),
                  })
                }
              >
                Add a mode
              </Button>
            </div>
            <JsonEditor
              value={tidied}
              isShowable={isShowable}
              wanted='Must be one restraint with its "modes", each with its "routes".'
              summary="steps, proofs, conversions, lists of cars"
              onRead={(value) => form.reset(value, { keepDefaultValues: true })}
            />
          </div>
          <aside className="flex flex-col gap-3 lg:sticky lg:top-3 lg:self-start" aria-label="Preview">
            <Check tidied={tidied} faults={faults} parsedModel={parsed.ok ? parsed.value : undefined} />
            <div className="flex flex-wrap gap-2">
              <Button type="submit" look="main" disabled={!parsed.ok || !isChanged}>
                Keep this restraint
              </Button>
              {!isNew && isChanged && (
                <Button onClick={() => form.reset(model as FieldValues)}>Leave it as it was</Button>
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

interface CheckProps {
  readonly tidied: RestraintModel
  readonly faults: ReadonlyMap<string, string>
  readonly parsedModel: RestraintModel | undefined
}

function Check({ tidied, faults, parsedModel }: CheckProps) {
  const lints = parsedModel ? lintModel(parsedModel) : []
  const gaps = parsedModel ? stageGaps(parsedModel) : []
  return (
    <Panel title="As it will stand">
      <BarGradients />
      {faults.size > 0 && (
        <div role="status" className="mb-2">
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
        <div role="status" className="mb-2">
          <StateMark state="undecided" word="Contradicts its regulation" size={14} />
          <ul className="mt-1 text-sm">
            {lints.map((l) => (
              <li key={`${l.path}/${l.message}`}>{l.message}</li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-ink-soft">
            Compare with the label and the manual; until then it is never ready to travel.
          </p>
        </div>
      )}
      {faults.size === 0 && lints.length === 0 && (
        <StateMark state="pass" word="Whole, and within its regulation" size={14} />
      )}
      {gaps.length > 0 && (
        <p className="mt-2 text-sm">
          No mode of it takes a child{' '}
          {gaps
            .map(
              (g) =>
                `between ${formatNumber(g.from)} and ${formatNumber(g.to)} ${g.quantity === 'massKg' ? 'kg' : 'cm'}`,
            )
            .join(', nor ')}
          .
        </p>
      )}
      <ul className="mt-2 divide-y divide-hair">
        {((parsedModel ?? tidied).modes ?? []).map((mode) => (
          <li key={mode.id} className="py-2">
            <p className="text-sm font-semibold">{mode.label}</p>
            {parsedModel && <ModeBars mode={mode} child={NOBODY} answer={null} forecast={undefined} />}
          </li>
        ))}
      </ul>
    </Panel>
  )
}
