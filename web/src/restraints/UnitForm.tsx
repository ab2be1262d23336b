import { parseWith } from '@nimble-anchor/core/ground'
import {
  directionsOf,
  isConvertible,
  keepsDirection,
  unitSchema,
  type RestraintModel,
  type RestraintUnit,
} from '@nimble-anchor/core/restraint'
import { tidy } from '../form/tidy.ts'
import { useFields, type Wrong } from '../form/useFields.ts'
import { Button } from '../ui/Button.tsx'
import { DateField } from '../ui/DateField.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { TextField } from '../ui/TextField.tsx'

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
  readonly onRemove?: () => void
}

type Draft = Partial<RestraintUnit>
function wrongIn(draft: Draft): Wrong<Draft> {
  const parsed = parseWith(unitSchema, tidy(draft))
  if (parsed.ok) return {}
  const isEmpty = (key: string): boolean => ((draft as Record<string, unknown>)[key] ?? '') === ''
  return Object.fromEntries(
    parsed.error.map(({ path, message }) => [path.slice(2), isEmpty(path.slice(2)) ? 'is needed' : message]),
  )
}

/** What is known of one piece on the shelf. */
export function UnitForm({ model, unit, isNew, onKeep, onRemove }: FormProps) {
  const {
    values: draft,
    set,
    faultOf: sentFault,
    fault,
    isBusy,
    send,
  } = useFields<Draft, keyof Draft>(unit, [], wrongIn)
  // What was typed is judged at once; what is missing, once it is sent.
  const faultOf = (key: keyof Draft): string | undefined =>
    sentFault(key) ?? ((draft[key] ?? '') === '' ? undefined : wrongIn(draft)[key])
  const day = (key: 'madeOn' | 'lifeEndsOn', label: string) => (
    <DateField label={label} value={draft[key] ?? ''} fault={faultOf(key)} onChange={set(key)} />
  )
  const text = (key: 'serial' | 'shelf' | 'note', label: string) => (
    <TextField label={label} value={draft[key] ?? ''} fault={faultOf(key)} onChange={set(key)} />
  )
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={send((typed) => {
        const parsed = parseWith(unitSchema, tidy(typed))
        if (parsed.ok) onKeep(parsed.value)
      })}
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
            onChange={(answer) => set(key)(answer === '' ? undefined : answer === 'yes')}
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
          onChange={(v) => set('harness')(v === 'in' || v === 'stowed' ? v : undefined)}
        />
      )}
      {keepsDirection(model) !== 'no' && (
        <SelectField
          label="Which way it stands"
          value={draft.direction ?? ''}
          options={[{ id: '', label: 'not looked at' }, ...directionsOf(model).map((d) => ({ id: d, label: d }))]}
          onChange={(v) => set('direction')(directionsOf(model).find((d) => d === v))}
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
          onChange={(v) => set('partId')(v === '' ? undefined : v)}
        />
      )}
      {text('note', 'Note')}
      {unit.awaitsCheck && (
        <p className="border-l-4 border-fail pl-3 font-semibold">
          Not for use: “{unit.awaitsCheck.job.replaceAll('-', ' ')}” was started on {unit.awaitsCheck.since} and is not
          checked yet. Finish it from Today.
        </p>
      )}
      {fault !== undefined && (
        <p role="alert" className="font-semibold text-fail">
          {fault}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={isBusy}>
          Save this unit
        </Button>
        {!isNew && onRemove && (
          <Button look="quiet" onClick={onRemove}>
            Remove this unit
          </Button>
        )}
      </div>
    </form>
  )
}
