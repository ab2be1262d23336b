import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { parseWith } from '@nimble-anchor/core/ground'
import { CATALOGUE_FORMAT } from '@nimble-anchor/core/formats'
import {
  directionsOf,
  isConvertible,
  keepsDirection,
  unitSchema,
  type RestraintModel,
  type RestraintUnit,
} from '@nimble-anchor/core/restraint'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { api, NOTHING_SEEN } from '../session/api.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { useToday } from '../session/today.ts'
import { BeginJob } from '../jobs/BeginJob.tsx'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { idFrom } from '../ui/ids.ts'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { TextField } from '../ui/TextField.tsx'
import { tidy } from '../form/tidy.ts'
import { unitState } from './unitState.ts'
import { DateField } from '../ui/DateField.tsx'

interface Props {
  readonly model: RestraintModel
  readonly units: readonly RestraintUnit[]
  readonly taken: readonly string[]
}

/** Said by hand, about this very unit: it stands, also where it takes a graver fact back. */
const importUnit = (unit: Partial<RestraintUnit>, seen: unknown) =>
  keepSeen(`Unit ${unit.serial ?? ''}`, unit, seen, (at) =>
    api.importCatalogue(
      { format: CATALOGUE_FORMAT, version: CASE_VERSION, units: [unit] },
      { overrule: [unit.id ?? ''], seen: at },
    ),
  )

/** What is on the shelf of one model, each with its state in words. */
export function Units({ model, units, taken }: Props) {
  const load = useCatalogue((s) => s.load)
  const today = useToday((s) => s.today)
  const [edited, setEdited] = useState<Partial<RestraintUnit>>()
  return (
    <Panel
      className="mt-3"
      title="Units on the shelf"
      aside={
        <Button onClick={() => setEdited({ id: idFrom(`u-${model.name}`, taken), modelId: model.id, serial: '' })}>
          <Plus size={18} aria-hidden="true" /> Add a unit
        </Button>
      }
    >
      {units.length === 0 && (
        <p className="text-ink-soft">
          None: the model is in the catalogue only, and is never ready to travel without a unit.
        </p>
      )}
      <ul className="-my-2 divide-y divide-hair">
        {units.map((unit) => {
          const state = unitState(model, unit, today)
          return (
            <li key={unit.id}>
              <Button
                look="bare"
                onClick={() => setEdited(unit)}
                className="grid min-h-11 w-full gap-x-4 py-2 text-left hover:bg-shoal sm:grid-cols-[9rem_8rem_1fr]"
              >
                <span className="font-bold">{unit.serial}</span>
                <span className="text-ink-soft">{unit.shelf ?? 'no shelf named'}</span>
                <span>
                  <StateMark state={state.mark} size={14} /> {state.text}
                </span>
              </Button>
              <Link
                to={`/logbook?unitId=${encodeURIComponent(unit.id)}&status=signed`}
                className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
              >
                {unit.isRecalled === true
                  ? `Recalled: families who were handed ${unit.serial}`
                  : `Handed over with ${unit.serial}`}
              </Link>
            </li>
          )
        })}
      </ul>
      <Dialog
        open={edited !== undefined}
        onOpenChange={(isOpen) => !isOpen && setEdited(undefined)}
        title={edited?.serial ? `Unit ${edited.serial}` : 'New unit'}
      >
        {edited && (
          <>
            <UnitForm
              key={edited.id}
              model={model}
              unit={edited}
              isNew={!units.some((u) => u.id === edited.id)}
              onKeep={(unit) =>
                void importUnit(unit, units.some((u) => u.id === edited.id) ? edited : NOTHING_SEEN).then(
                  () => {
                    setEdited(undefined)
                    return load()
                  },
                  (error: unknown) => {
                    sayRefusal(error)
                    if (error instanceof LeftTheirs) setEdited(undefined)
                    void load()
                  },
                )
              }
              onRemove={() =>
                void api.removeFromCatalogue('units', edited.id ?? '').then(() => {
                  toast(`Unit ${edited.serial ?? ''} is taken away.`, {
                    action: {
                      label: 'Undo',
                      onClick: () => void importUnit(edited, NOTHING_SEEN).then(load, sayRefusal),
                    },
                  })
                  setEdited(undefined)
                  return load()
                }, sayRefusal)
              }
            />
            {units.some((u) => u.id === edited.id) && <BeginJob model={model} unit={edited as RestraintUnit} />}
          </>
        )}
      </Dialog>
    </Panel>
  )
}

type Known = 'isHistoryKnown' | 'wasInCrash' | 'isRecalled' | 'isComplete'
const QUESTIONS: readonly { readonly key: Known; readonly label: string }[] = [
  { key: 'isHistoryKnown', label: 'Its whole history is known' },
  { key: 'wasInCrash', label: 'It was in a crash' },
  { key: 'isRecalled', label: 'It is recalled' },
  { key: 'isComplete', label: 'It is complete' },
]
const ANSWERS = [
  { id: '', label: 'not known' },
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no' },
]

interface FormProps {
  readonly model: RestraintModel
  readonly unit: Partial<RestraintUnit>
  readonly isNew: boolean
  readonly onKeep: (unit: RestraintUnit) => void
  readonly onRemove: () => void
}

function UnitForm({ model, unit, isNew, onKeep, onRemove }: FormProps) {
  const [draft, setDraft] = useState(unit)
  const parsed = parseWith(unitSchema, tidy(draft))
  const faultOf = (key: string): string | undefined =>
    parsed.ok ? undefined : parsed.error.find((f) => f.path === `$.${key}`)?.message
  const day = (key: 'madeOn' | 'lifeEndsOn', label: string) => (
    <DateField
      label={label}
      value={draft[key] ?? ''}
      fault={faultOf(key)}
      onChange={(value) => setDraft({ ...draft, [key]: value })}
    />
  )
  const text = (key: 'serial' | 'shelf' | 'note', label: string) => (
    <TextField
      label={label}
      value={draft[key] ?? ''}
      fault={faultOf(key)}
      onChange={(value) => setDraft({ ...draft, [key]: value })}
    />
  )
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (parsed.ok) onKeep(parsed.value)
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        {text('serial', 'Serial number')}
        {text('shelf', 'Shelf')}
        {day('madeOn', 'Made on')}
        {day('lifeEndsOn', 'Life ends on, where the unit says so')}
        {QUESTIONS.map(({ key, label }) => (
          <SelectField
            key={key}
            label={label}
            value={draft[key] === undefined ? '' : draft[key] ? 'yes' : 'no'}
            options={ANSWERS}
            onChange={(answer) => setDraft({ ...draft, [key]: answer === '' ? undefined : answer === 'yes' })}
          />
        ))}
      </div>
      {isConvertible(model) && (
        <SelectField
          label="Its harness"
          value={draft.harness ?? ''}
          options={[
            { id: '', label: 'not looked at' },
            { id: 'in', label: 'in place' },
            { id: 'stowed', label: 'stowed, for use with the car’s belt' },
          ]}
          onChange={(v) => setDraft({ ...draft, harness: v === 'in' || v === 'stowed' ? v : undefined })}
        />
      )}
      {keepsDirection(model) !== 'no' && (
        <SelectField
          label="Which way it stands"
          value={draft.direction ?? ''}
          options={[{ id: '', label: 'not looked at' }, ...directionsOf(model).map((d) => ({ id: d, label: d }))]}
          onChange={(v) => setDraft({ ...draft, direction: directionsOf(model).find((d) => d === v) })}
        />
      )}
      {(model.parts?.length ?? 0) > 0 && (
        <SelectField
          label="Which part of it"
          value={draft.partId ?? ''}
          options={[
            { id: '', label: 'the whole set, one serial' },
            ...(model.parts ?? []).map((p) => ({ id: p.id, label: p.name })),
          ]}
          onChange={(v) => setDraft({ ...draft, partId: v === '' ? undefined : v })}
        />
      )}
      {text('note', 'Note')}
      {unit.awaitsCheck && (
        <p className="border-l-4 border-fail pl-3 font-semibold">
          Not for use: “{unit.awaitsCheck.job.replaceAll('-', ' ')}” was started on {unit.awaitsCheck.since} and is not
          checked yet. Finish it from Today.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={!parsed.ok}>
          Keep this unit
        </Button>
        {!isNew && (
          <Button look="quiet" onClick={onRemove}>
            Take it away
          </Button>
        )}
      </div>
    </form>
  )
}
