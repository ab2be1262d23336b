import { jobsFor, type JobKind } from '@nimble-anchor/core/aftercare'
import { JOB_TITLE, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../session/api.ts'
import { fitterName } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly model: RestraintModel
  readonly unit: RestraintUnit
}

/** Begins a job on a unit that stands on the shelf. */
export function BeginJob({ model, unit }: Props) {
  const navigate = useNavigate()
  const [kind, setKind] = useState<JobKind>('hand-back')
  const [from, setFrom] = useState(model.modes[0]?.id ?? '')
  const [to, setTo] = useState(model.modes[1]?.id ?? '')
  const modes = model.modes.map((m) => ({ id: m.id, label: m.label }))
  const begin = (): void => {
    const modesOf = kind === 'convert' ? { fromModeId: from, toModeId: to } : { fromModeId: from }
    void api
      .beginJob({ unitId: unit.id, kind, who: fitterName(), ...modesOf })
      .then((job) => navigate(`/jobs/${job.id}`), sayRefusal)
  }
  return (
    <section className="mt-4 border-t border-line pt-3">
      <h3 className="font-bold">{msg.aJobOnThisUnit}</h3>
      <p className="mb-2 text-sm text-ink-soft">{msg.itsStepsAreMadeFor}</p>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label={msg.job}
          value={kind}
          options={jobsFor({ model }).map((id) => ({ id, label: JOB_TITLE[id] }))}
          onChange={(id) => setKind(id as JobKind)}
        />
        {kind === 'convert' && (
          <>
            <SelectField label={msg.itIsNow} value={from} options={modes} onChange={setFrom} />
            <SelectField label={msg.itBecomes} value={to} options={modes} onChange={setTo} />
          </>
        )}
        <Button disabled={kind === 'convert' && from === to} onClick={begin}>
          {msg.beginTheJob}
        </Button>
      </div>
    </section>
  )
}
