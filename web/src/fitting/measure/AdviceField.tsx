import { type Case } from '@nimble-anchor/core/casefile'
import { ADVICE_OUTCOMES, type Advice } from '@nimble-anchor/core/child'
import { modelName } from '@nimble-anchor/core/restraint'
import { useState } from 'react'
import { useListed } from '../../session/catalogue.ts'
import { useDraft } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { DateField } from '../../ui/DateField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly isSigned: boolean
}

const OUTCOME: Record<Advice['outcome'], string> = {
  'lie-flat-only': msg.lieFlatOnly,
  'semi-reclined-rearward': msg.semiReclinedRearward,
  'this-restraint': msg.oneRestraint,
  'not-yet-by-car': msg.notYetByCar,
}

/** As typed: a day may be half written, and no restraint named yet. */
type Draft = Partial<Omit<Advice, 'on' | 'modelId'> & { readonly on: string; readonly modelId: string }>

/** Who advised what, on which day: only modes that the outcome permits become decidable. */
export function AdviceField({ current, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const models = useListed((c) => c.models) ?? []
  const kept = current.child.advice
  const [text, setText] = useDraft('child.advice')
  const draft = text === undefined ? (kept ?? { on: current.today }) : (JSON.parse(text) as Draft)
  const [fault, setFault] = useState('')
  const set = (change: Draft): void => setText(JSON.stringify({ ...draft, ...change }))
  const namesModel = draft.outcome !== 'this-restraint' || draft.modelId
  const isWhole = Boolean(draft.by && draft.role && draft.on && draft.outcome && namesModel)
  return (
    <fieldset disabled={isSigned} className="mt-4 border-l-4 border-magenta pl-3">
      <legend className="font-bold">{msg.aSpecialistsAdvice}</legend>
      <p className="text-sm text-ink-soft">{kept ? msg.onlyWhatItPermitsCan : msg.stopHereUntilASpecialist}</p>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <TextField label={msg.who} value={draft.by ?? ''} onChange={(by) => set({ by })} />
        <TextField label={msg.role} value={draft.role ?? ''} onChange={(role) => set({ role })} />
        <DateField label={msg.on} value={draft.on ?? ''} max={current.today} onChange={(on) => set({ on })} />
        <SelectField
          label={msg.outcome}
          value={draft.outcome ?? ''}
          options={[{ id: '', label: msg.choose }, ...ADVICE_OUTCOMES.map((id) => ({ id, label: OUTCOME[id] }))]}
          onChange={(id) => set({ outcome: id === '' ? undefined : (id as Advice['outcome']) })}
        />
        {draft.outcome === 'this-restraint' && (
          <SelectField
            label={msg.whichRestraint}
            value={draft.modelId ?? ''}
            options={[{ id: '', label: msg.choose }, ...models.map((m) => ({ id: m.id, label: modelName(m) }))]}
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
          {msg.recordTheAdvice}
        </Button>
        {kept && (
          <Button look="quiet" onClick={() => put([{ path: ['child', 'advice'], value: null }])}>
            {msg.remove}
          </Button>
        )}
      </div>
    </fieldset>
  )
}
