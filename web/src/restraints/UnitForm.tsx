import { parseWith } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import {
  jobTitle,
  DIRECTION_WORD,
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
import * as msg from './messages.en.ts'

type Known = 'isHistoryKnown' | 'wasInCrash' | 'isRecalled' | 'isComplete'
const QUESTIONS: readonly { readonly key: Known; readonly label: string }[] = [
  { key: 'isHistoryKnown', label: msg.itsWholeHistoryIsKnown },
  { key: 'wasInCrash', label: msg.itWasInACrash },
  { key: 'isRecalled', label: msg.itIsRecalled },
  { key: 'isComplete', label: msg.itIsComplete },
]
const ANSWERS = [
  { id: '', label: msg.notKnown },
  { id: 'yes', label: msg.yes },
  { id: 'no', label: msg.no },
]

interface FormProps {
  readonly model: RestraintModel
  readonly unit: Partial<RestraintUnit>
  readonly isNew: boolean
  readonly onKeep: (unit: RestraintUnit) => void
  readonly onRemove?: () => void
}

/** As typed: a day may be half written. */
type Draft = Partial<
  Omit<RestraintUnit, 'madeOn' | 'lifeEndsOn'> & { readonly madeOn: string; readonly lifeEndsOn: string }
>
function wrongIn(draft: Draft): Wrong<Draft> {
  const parsed = parseWith(unitSchema, tidy(draft))
  if (parsed.ok) return {}
  const isEmpty = (key: string): boolean => ((draft as Record<string, unknown>)[key] ?? '') === ''
  return Object.fromEntries(
    parsed.error.map(({ path, message }) => [path.slice(2), isEmpty(path.slice(2)) ? msg.isNeeded : message]),
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
        {text('serial', msg.serialNumber)}
        {text('shelf', msg.shelf)}
        {day('madeOn', msg.madeOn)}
        {day('lifeEndsOn', msg.lifeEndsOnWhereThe)}
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
          label={msg.itsHarness}
          value={draft.harness ?? ''}
          options={[
            { id: '', label: msg.notLookedAt },
            { id: 'in', label: msg.inPlace },
            { id: 'stowed', label: msg.stowedForUseWithThe },
          ]}
          onChange={(v) => set('harness')(v === 'in' || v === 'stowed' ? v : undefined)}
        />
      )}
      {keepsDirection(model) !== 'no' && (
        <SelectField
          label={msg.whichWayItStands}
          value={draft.direction ?? ''}
          options={[
            { id: '', label: msg.notLookedAt },
            ...directionsOf(model).map((d) => ({ id: d, label: DIRECTION_WORD[d] })),
          ]}
          onChange={(v) => set('direction')(directionsOf(model).find((d) => d === v))}
        />
      )}
      {(model.parts?.length ?? 0) > 0 && (
        <SelectField
          label={msg.whichPartOfIt}
          value={draft.partId ?? ''}
          options={[
            { id: '', label: msg.theWholeSetOneSerial },
            ...(model.parts ?? []).map((p) => ({ id: p.id, label: p.name })),
          ]}
          onChange={(v) => set('partId')(v === '' ? undefined : v)}
        />
      )}
      {text('note', msg.note)}
      {unit.awaitsCheck && (
        <p className="border-l-4 border-fail pl-3 font-semibold">
          {msg.notForUseWasStarted(jobTitle(unit.awaitsCheck.job), dateText(unit.awaitsCheck.since))}
        </p>
      )}
      {fault !== undefined && (
        <p role="alert" className="font-semibold text-fail">
          {fault}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" disabled={isBusy}>
          {msg.saveThisUnit}
        </Button>
        {!isNew && onRemove && (
          <Button look="quiet" onClick={onRemove}>
            {msg.removeThisUnit}
          </Button>
        )}
      </div>
    </form>
  )
}
