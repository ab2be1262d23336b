import {
  chosenIn,
  fittedSubject,
  modelName,
  recommendSettings,
  slotText,
  type Fault,
  type Mode,
  type Put,
  type Recommendation,
  type Route,
  type SeatingPosition,
  type Settings,
} from '@nimble-anchor/core'
import { useMemo, useState, type ReactNode } from 'react'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { upperFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { FindingRow } from '../Ledger.tsx'
import { cushionPut } from '../place/PlaceFacts.tsx'

export default function SetUpStage({ current, assessment, isSigned, goTo }: StageProps) {
  const put = useFitting((s) => s.put)
  const subject = useMemo(() => fittedSubject(current), [current])
  const { mode, route, position, model } = chosenIn(current)
  if (!subject || !mode || !route || !position || !model) {
    const missing = mode ? 'place' : 'choose'
    return (
      <Panel title="Set up">
        <p>
          What to set follows from the restraint, the place and the route.{' '}
          {mode ? 'Choose the place' : 'Choose the restraint mode'} first.
        </p>
        <Button look="main" className="mt-3" onClick={() => goTo(missing)}>
          {mode ? 'Open Place' : 'Open Choose'}
        </Button>
      </Panel>
    )
  }
  const recommended = recommendSettings(subject)
  const open = recommended.filter((r) => r.kind === 'set' && !isAsSet(r, current.settings))
  const findings = assessment.findings.filter((f) => f.stage === 'set-up')
  const set = (setting: string, value: unknown): readonly Fault[] =>
    put([{ path: ['settings', setting], value: value === null ? null : { value } }])

  return (
    <div className="flex flex-col gap-3">
      <Panel
        title="Set before it goes in"
        aside={
          open.length > 1 &&
          !isSigned && (
            <Button
              look="main"
              onClick={() =>
                put(
                  open.flatMap((r): Put[] =>
                    r.kind === 'set' ? [{ path: ['settings', r.setting], value: { value: r.value } }] : [],
                  ),
                )
              }
            >
              All set as worked out
            </Button>
          )
        }
      >
        <p className="mb-3 text-sm text-ink-soft">
          {modelName(model)}, {mode.label}, {position.label}, {route.label}
        </p>
        {(route.settingsBeforePlacing ?? []).length > 0 && (
          <p className="mb-3 border-l-4 border-buff pl-3">
            Out of reach once it is in: {route.settingsBeforePlacing?.join('; ')}.
          </p>
        )}
        {recommended.length === 0 && <p>Nothing is set on this restraint for this child.</p>}
        <div className="divide-y divide-hair">
          {recommended.map((r) => (
            <SettingRow
              key={r.setting}
              recommendation={r}
              settings={current.settings}
              isSigned={isSigned}
              onSet={(value) => set(r.setting, value)}
            >
              <SettingField
                setting={r.setting}
                mode={mode}
                route={route}
                settings={current.settings}
                isSigned={isSigned}
                onSet={(value) => set(r.setting, value)}
              />
            </SettingRow>
          ))}
          {mode.strap?.adjuster.kind === 'follows-head-support' && (
            <p className="py-3">
              The head support carries the straps: lower it until it stops on the shoulders, then let it up one click.
              Checked at Child in.
            </p>
          )}
        </div>
      </Panel>
      <CushionPanel position={position} hasLeg={route.leg !== undefined} isSigned={isSigned} />
      {position.headRestraint === 'removable' && (
        <Panel title="Vehicle head restraint">
          <Choices
            legend="Where it is"
            hideLegend
            disabled={isSigned}
            value={current.settings.vehicleHeadRestraint?.value}
            options={[
              { id: 'on', label: 'on its seat' },
              { id: 'off-and-stowed', label: 'off, stowed in the load space' },
              { id: 'off-and-loose', label: 'off, loose in the cabin' },
            ]}
            onChoose={(value) => set('vehicleHeadRestraint', value)}
          />
        </Panel>
      )}
      {findings.length > 0 && (
        <Panel title="What the rules say of it">
          <ul className="-mx-3.5 -my-3.5 divide-y divide-hair">
            {findings.map((f) => (
              <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
            ))}
          </ul>
        </Panel>
      )}
      <div className="flex justify-end">
        <Button onClick={() => goTo('attach')}>Go on to Attach</Button>
      </div>
    </div>
  )
}

const SETTING_NAME: Record<keyof Settings, string> = {
  recline: 'Recline',
  legNotch: 'Support leg',
  strapHeightMm: 'Shoulder straps',
  wedge: 'Wedge',
  insertsIn: 'Inserts',
  vehicleHeadRestraint: 'Vehicle head restraint',
  frontSeatGapMm: 'Front seat',
}

const sameValue = (a: unknown, b: unknown): boolean =>
  Array.isArray(a) && Array.isArray(b) ? a.length === b.length && a.every((x) => b.includes(x)) : a === b

const isAsSet = (r: Recommendation, settings: Settings): boolean =>
  r.kind === 'set' && settings[r.setting] !== undefined && sameValue(settings[r.setting]?.value, r.value)

interface RowProps {
  readonly recommendation: Recommendation
  readonly settings: Settings
  readonly isSigned: boolean
  readonly onSet: (value: unknown) => void
  readonly children: ReactNode
}

function SettingRow({ recommendation: r, settings, isSigned, onSet, children }: RowProps) {
  const done = isAsSet(r, settings)
  return (
    <div className="grid gap-x-4 gap-y-2 py-3 md:grid-cols-[minmax(0,1fr)_15.500rem]">
      <div>
        <h3 className="text-sm font-semibold text-ink-soft">{SETTING_NAME[r.setting]}</h3>
        <p className="text-xl font-bold">{r.text}</p>
        <p className="text-sm text-ink-soft">{upperFirst(r.because)}.</p>
        {r.kind === 'set' &&
          (done ? (
            <p className="mt-1">
              <StateMark state="pass" word="Set so" size={14} />
            </p>
          ) : (
            !isSigned && (
              <Button
                look="main"
                className="mt-2"
                aria-label={`${SETTING_NAME[r.setting]}: set so`}
                onClick={() => onSet(r.value)}
              >
                Set so
              </Button>
            )
          ))}
      </div>
      <div>{children}</div>
    </div>
  )
}

interface FieldProps {
  readonly setting: keyof Settings
  readonly mode: Mode
  readonly route: Route
  readonly settings: Settings
  readonly isSigned: boolean
  readonly onSet: (value: unknown) => readonly Fault[]
}

const NOT_RECORDED = { id: '', label: 'not recorded' }

/** What is really set, where it differs from what was worked out. */
function SettingField({ setting, mode, route, settings, isSigned, onSet }: FieldProps) {
  const common = { label: 'What is set', disabled: isSigned }
  switch (setting) {
    case 'recline':
      return (
        <SelectField
          {...common}
          value={settings.recline?.value ?? ''}
          options={[
            NOT_RECORDED,
            ...(mode.reclines ?? []).map((r) => ({ id: r.id, label: `${r.label} (${r.shellAngleDeg}° on the level)` })),
          ]}
          onChange={(id) => onSet(id === '' ? null : id)}
        />
      )
    case 'legNotch':
      return (
        <SelectField
          {...common}
          value={String(settings.legNotch?.value ?? '')}
          options={[
            NOT_RECORDED,
            ...Array.from({ length: route.leg?.notches ?? 0 }, (_, i) => ({
              id: String(i + 1),
              label: `notch ${i + 1}`,
            })),
          ]}
          onChange={(id) => onSet(id === '' ? null : Number(id))}
        />
      )
    case 'strapHeightMm':
      return <StrapField mode={mode} settings={settings} isSigned={isSigned} onSet={onSet} />
    case 'wedge':
      return (
        <SelectField
          {...common}
          value={settings.wedge === undefined ? '' : settings.wedge.value ? 'in' : 'out'}
          options={[NOT_RECORDED, { id: 'in', label: 'wedge in' }, { id: 'out', label: 'no wedge' }]}
          onChange={(id) => onSet(id === '' ? null : id === 'in')}
        />
      )
    case 'insertsIn': {
      const chosen = settings.insertsIn?.value
      return (
        <fieldset disabled={isSigned}>
          <legend className="text-sm font-semibold text-ink-soft">What is in</legend>
          {(mode.inserts ?? []).map((i) => (
            <label key={i.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--magenta)"
                checked={chosen?.includes(i.id) ?? false}
                onChange={(e) =>
                  onSet(e.target.checked ? [...(chosen ?? []), i.id] : (chosen ?? []).filter((x) => x !== i.id))
                }
              />
              {i.name}
            </label>
          ))}
          {chosen === undefined && (
            <Button className="text-sm!" onClick={() => onSet([])}>
              None is in
            </Button>
          )}
        </fieldset>
      )
    }
    case 'vehicleHeadRestraint':
    case 'frontSeatGapMm':
      return null
  }
}

function StrapField({ mode, settings, isSigned, onSet }: Omit<FieldProps, 'setting' | 'route'>) {
  const adjuster = mode.strap?.adjuster
  const value = settings.strapHeightMm?.value
  const [text, setText] = useState<string>()
  const [fault, setFault] = useState('')
  if (adjuster?.kind === 'slots') {
    return (
      <SelectField
        label="What is set"
        disabled={isSigned}
        value={String(value ?? '')}
        options={[
          NOT_RECORDED,
          ...adjuster.heightsMm
            .toSorted((a, b) => a - b)
            .map((mm, i) => ({ id: String(mm), label: slotText(i + 1, mm) })),
        ]}
        onChange={(id) => onSet(id === '' ? null : Number(id))}
      />
    )
  }
  function keep(): void {
    if (text === undefined) return
    const faults = onSet(text.trim() === '' ? null : Number(text.replace(',', '.')))
    setFault(faults[0] ? `Strap height ${faults[0].message}` : '')
    if (faults.length === 0) setText(undefined)
  }
  return (
    <label className="flex flex-col gap-1 text-sm font-semibold text-ink-soft">
      What is set, mm above the seat
      <input
        inputMode="numeric"
        disabled={isSigned}
        value={text ?? String(value ?? '')}
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => e.key === 'Enter' && keep()}
        className="min-h-11 w-28 rounded-[3px] border border-line bg-sheet px-2 text-base text-ink"
      />
      <span role="alert" className="text-fail">
        {fault}
      </span>
    </label>
  )
}

function CushionPanel({
  position,
  hasLeg,
  isSigned,
}: {
  position: SeatingPosition
  hasLeg: boolean
  isSigned: boolean
}) {
  const put = useFitting((s) => s.put)
  return (
    <Panel title={`The cushion at ${position.label}`}>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <QuantityField
          label="Slope, front edge higher is +"
          unit="°"
          quantity={position.cushion?.slopeDeg}
          defaultPlusMinus={1}
          disabled={isSigned}
          onChange={(q) => put([cushionPut(position, 'slopeDeg', q)])}
        />
        {hasLeg && (
          <QuantityField
            label="Front edge above the bare floor"
            unit="mm"
            quantity={position.cushion?.frontEdgeAboveFloorMm}
            defaultPlusMinus={3}
            disabled={isSigned}
            hint="Mat out; where the foot lands."
            onChange={(q) => put([cushionPut(position, 'frontEdgeAboveFloorMm', q)])}
          />
        )}
      </div>
    </Panel>
  )
}
