import type { Mode } from '@nimble-anchor/core/restraint'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Button } from '../ui/Button.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { StepRows } from './MakerSteps.tsx'
import { STEP_FIELDS } from './specs.ts'
import * as msg from './messages.en.ts'

/** A conversion goes through its steps as they are listed: where each stands is not said again. */
const CONVERSION_STEP_FIELDS = STEP_FIELDS.filter(({ key }) => key === 'text' || key.startsWith('proof.'))

interface Conversion {
  readonly from?: string
  readonly to?: string
  readonly steps?: readonly object[]
}

/** How the manual turns one mode into another: each way with its own steps. */
export function Conversions() {
  const { setValue, getValues } = useFormContext<FieldValues>()
  const conversions = (useWatch({ name: 'conversions' }) as readonly Conversion[] | undefined) ?? []
  const modes = ((useWatch({ name: 'modes' }) as readonly Partial<Mode>[] | undefined) ?? []).map((m) => ({
    id: m.id ?? '',
    label: m.label ?? msg.notNamedYet,
  }))
  const current = (): readonly Conversion[] => (getValues('conversions') ?? []) as readonly Conversion[]
  const keep = (next: readonly Conversion[]): void =>
    setValue('conversions', next.length === 0 ? undefined : next, { shouldDirty: true })
  const change = (i: number, over: Conversion): void => keep(current().map((c, k) => (k === i ? { ...c, ...over } : c)))
  return (
    <>
      {conversions.length === 0 && <p className="text-ink-soft">{msg.noneReadYetAJob}</p>}
      {conversions.map((c, i) => (
        <section key={i} aria-label={msg.conversion(i + 1)} className="mb-4 border-b border-line pb-3">
          <div className="flex flex-wrap items-end gap-3">
            <SelectField
              label={msg.from}
              value={c.from ?? ''}
              options={modes}
              onChange={(from) => change(i, { from })}
            />
            <SelectField label={msg.to} value={c.to ?? ''} options={modes} onChange={(to) => change(i, { to })} />
            <Button look="quiet" onClick={() => keep(current().filter((_, k) => k !== i))}>
              {msg.removeThisConversion}
            </Button>
          </div>
          <StepRows
            title={msg.stepsInTheirOrderConversion(i + 1)}
            name={`conversions.${i}.steps`}
            specs={CONVERSION_STEP_FIELDS}
          />
        </section>
      ))}
      <Button
        disabled={modes.length < 2}
        onClick={() =>
          keep([...current(), { from: modes[0]?.id ?? '', to: modes[1]?.id ?? '', steps: [{ id: 'step', text: '' }] }])
        }
      >
        {msg.addAConversion}
      </Button>
    </>
  )
}
