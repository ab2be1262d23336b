import { parseWith } from '@nimble-anchor/core/ground'
import {
  directionsOf,
  isConvertible,
  keepsDirection,
  unitSchema,
  type RestraintModel,
  type RestraintUnit,
} from '@nimble-anchor/core/restraint'
import { useState } from 'react'
import { tidy } from '../form/tidy.ts'
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

/** What is known of one piece on the shelf. */
export function UnitForm({ model, unit, isNew, onKeep, onRemove }: FormProps) {
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
