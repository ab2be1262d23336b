import { formatNumber } from '@nimble-anchor/core/quantities'
import { lintModel } from '@nimble-anchor/core/readings'
import { modelSchema, stageGaps, type RestraintModel } from '@nimble-anchor/core/restraint'
import { partAsked, unreadIn } from '@nimble-anchor/core/rules'
import { FormProvider, useFieldArray } from 'react-hook-form'
import { ModeBars } from '../fitting/choose/ModeBars.tsx'
import { BarGradients } from '../fitting/choose/RangeBar.tsx'
import { EntryActions, EntryCheck } from '../form/EntryParts.tsx'
import { Faults, Fields } from '../form/fields.tsx'
import { JsonEditor } from '../form/JsonEditor.tsx'
import { tidyModel } from '../form/tidy.ts'
import { useEntry, type EntryKind } from '../form/useEntry.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { ModeForm } from './ModeForm.tsx'
import { MODEL_FIELDS, NEW_MODE } from './specs.ts'

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
const RESTRAINT: EntryKind<RestraintModel> = {
  kind: 'models',
  schema: modelSchema,
  tidy: tidyModel,
  nameOf: ({ maker = '', name = '' }) => `${maker} ${name}`.trim(),
  path: '/restraints',
  newTitle: 'New restraint',
}

/** The model as a form, with its faults, what contradicts its regulation, and its range bars beside it as it is typed. */
export function ModelForm({ model, isNew, taken }: Props) {
  const entry = useEntry(RESTRAINT, model, isNew, taken)
  const { form, tidied, parsed, faults } = entry
  const modes = useFieldArray({ control: form.control, name: 'modes' })
  const drafted = tidied.modes ?? []

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
          <div className="flex min-w-0 flex-col gap-3">
            <Panel title="Model">
              <Fields specs={MODEL_FIELDS} base="" />
            </Panel>
            {modes.fields.map((field, i) => (
              <Panel
                key={field.id}
                title={`Mode ${i + 1}: ${drafted[i]?.label ?? ''}`}
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
                      drafted.map((m) => m.id),
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
            <EntryActions entry={entry} isNew={isNew} keepLabel="Keep this restraint" />
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
  const unread = parsedModel ? unreadIn(parsedModel) : []
  return (
    <Panel title="As it will stand">
      <BarGradients />
      <EntryCheck
        faults={faults}
        lints={lints.map((l) => l.message)}
        lintTitle="Contradicts its regulation"
        lintAdvice="Compare with the label and the manual; until then it is never ready to travel."
        sound="Within its regulation"
      />
      {unread.length > 0 && (
        <div role="status" className="mt-2">
          <StateMark state="undecided" word="Not read yet: asked at each fitting" size={14} />
          <ul className="mt-1 text-sm">
            {unread.map(({ where, needs }) => (
              <li key={where} className="mt-1">
                <span className="font-semibold">{where}</span> {needs.map(partAsked).join('; ')}
              </li>
            ))}
          </ul>
        </div>
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
