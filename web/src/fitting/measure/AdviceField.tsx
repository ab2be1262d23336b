import { type Case } from '@nimble-anchor/core/casefile'
import { ADVICE_OUTCOMES, type Advice } from '@nimble-anchor/core/child'
import { modelName } from '@nimble-anchor/core/restraint'
import { useState } from 'react'
import { useCatalogue } from '../../session/catalogue.ts'
import { useDraft } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { DateField } from '../../ui/DateField.tsx'

interface Props {
  readonly current: Case
  readonly isSigned: boolean
}

const OUTCOME: Record<Advice['outcome'], string> = {
  'lie-flat-only': 'lie-flat only',
  'semi-reclined-rearward': 'semi-reclined, rearward',
  'this-restraint': 'one restraint',
  'not-yet-by-car': 'not yet by car',
}

/** Who advised what, on which day: only modes that the outcome permits become decidable. */
export function AdviceField({ current, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const models = useCatalogue((s) => s.catalogue?.models) ?? []
  const kept = current.child.advice
  const [text, setText] = useDraft('child.advice')
  const draft = text === undefined ? (kept ?? { on: current.today }) : (JSON.parse(text) as Partial<Advice>)
  const [fault, setFault] = useState('')
  const set = (change: Partial<Advice>): void => setText(JSON.stringify({ ...draft, ...change }))
  const namesModel = draft.outcome !== 'this-restraint' || draft.modelId
  const isWhole = Boolean(draft.by && draft.role && draft.on && draft.outcome && namesModel)
  return (
    <fieldset disabled={isSigned} className="mt-4 border-l-4 border-magenta pl-3">
      <legend className="font-bold">A specialist’s advice</legend>
      <p className="text-sm text-ink-soft">
        {kept
          ? 'Only what it permits can be chosen. Advice that has changed is recorded again.'
          : 'Stop here until a specialist has said how this child travels: who, on which day, and what.'}
      </p>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <TextField label="Who" value={draft.by ?? ''} onChange={(by) => set({ by })} />
        <TextField label="Role" value={draft.role ?? ''} onChange={(role) => set({ role })} />
        <DateField label="On" value={draft.on ?? ''} max={current.today} onChange={(on) => set({ on })} />
        <SelectField
          label="Outcome"
          value={draft.outcome ?? ''}
          options={[{ id: '', label: 'choose' }, ...ADVICE_OUTCOMES.map((id) => ({ id, label: OUTCOME[id] }))]}
          onChange={(id) => set({ outcome: id === '' ? undefined : (id as Advice['outcome']) })}
        />
        {draft.outcome === 'this-restraint' && (
          <SelectField
            label="Which restraint"
            value={draft.modelId ?? ''}
            options={[{ id: '', label: 'choose' }, ...models.map((m) => ({ id: m.id, label: modelName(m) }))]}
            onChange={(modelId) => set({ modelId })}
          />
        )}
      </div>
      <p role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          disabled={!isWhole}
          onClick={() => {
            const { modelId, ...rest } = draft
            const value = draft.outcome === 'this-restraint' ? { ...rest, modelId } : rest
            const [refused] = put([{ path: ['child', 'advice'], value }])
            setFault(refused?.message ?? '')
            if (!refused) setText(undefined)
          }}
        >
          Record the advice
        </Button>
        {kept && (
          <Button look="quiet" onClick={() => put([{ path: ['child', 'advice'], value: null }])}>
            Remove
          </Button>
        )}
      </div>
    </fieldset>
  )
}
