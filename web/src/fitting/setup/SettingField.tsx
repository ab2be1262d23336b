import { type Fault } from '@nimble-anchor/core/ground'
import { slotText } from '@nimble-anchor/core/fit'
import { type Settings } from '@nimble-anchor/core/readings'
import { type Mode, type Route } from '@nimble-anchor/core/restraint'
import { useState } from 'react'
import { useTyped } from '../../session/drafts.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { StepSelect } from '../../ui/StepSelect.tsx'
import { CheckBox } from '../../ui/CheckBox.tsx'
import { TextInput } from '../../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

interface FieldProps {
  readonly setting: keyof Settings
  readonly mode: Mode
  readonly route: Route
  readonly settings: Settings
  readonly isSigned: boolean
  /** What was worked out: where a first step goes. */
  readonly first?: unknown
  readonly onSet: (value: unknown) => readonly Fault[]
}

const NOT_RECORDED = { id: '', label: msg.notRecorded }

/** What is really set, where it differs from what was worked out. */
export function SettingField({ setting, mode, route, settings, isSigned, first, onSet }: FieldProps) {
  const common = { label: msg.whatIsSet, disabled: isSigned }
  switch (setting) {
    case 'recline':
      return (
        <StepSelect
          {...common}
          value={settings.recline?.value ?? ''}
          steps={(mode.reclines ?? []).map((r) => ({
            id: r.id,
            label: msg.reclineOnTheLevel(r.label, r.shellAngleDeg),
          }))}
          none={NOT_RECORDED}
          first={first === undefined ? undefined : String(first)}
          less={msg.reclineBefore}
          more={msg.nextRecline}
          onChange={(id) => onSet(id === '' ? null : id)}
        />
      )
    case 'legNotch':
      return (
        <StepSelect
          {...common}
          value={String(settings.legNotch?.value ?? '')}
          steps={Array.from({ length: route.leg?.notches ?? 0 }, (_, i) => ({
            id: String(i + 1),
            label: msg.notch(i + 1),
          }))}
          none={NOT_RECORDED}
          first={first === undefined ? undefined : String(first)}
          less={msg.oneNotchShorter}
          more={msg.oneNotchLonger}
          onChange={(id) => onSet(id === '' ? null : Number(id))}
        />
      )
    case 'strapHeightMm':
      return <StrapField mode={mode} settings={settings} isSigned={isSigned} first={first} onSet={onSet} />
    case 'wedge':
      return (
        <SelectField
          {...common}
          hidesLabel
          value={settings.wedge === undefined ? '' : settings.wedge.value ? 'in' : 'out'}
          options={[NOT_RECORDED, { id: 'in', label: msg.wedgeIn }, { id: 'out', label: msg.noWedge }]}
          onChange={(id) => onSet(id === '' ? null : id === 'in')}
        />
      )
    case 'insertsIn': {
      const chosen = settings.insertsIn?.value
      return (
        <fieldset disabled={isSigned}>
          <legend className="sr-only">{msg.whatIsIn}</legend>
          {(mode.inserts ?? []).map((i) => (
            <CheckBox
              key={i.id}
              disabled={isSigned}
              checked={chosen?.includes(i.id) ?? false}
              onChange={(isIn) => onSet(isIn ? [...(chosen ?? []), i.id] : (chosen ?? []).filter((x) => x !== i.id))}
            >
              {i.name}
            </CheckBox>
          ))}
          {chosen === undefined && (
            <Button className="text-sm!" onClick={() => onSet([])}>
              {msg.noneIsIn}
            </Button>
          )}
        </fieldset>
      )
    }
    case 'slideMm':
      return (
        <NumberSetting
          label={msg.whatIsSet0To(mode.slidesOnBaseMm ?? 0)}
          name="Slide"
          draftKey="settings.slideMm"
          value={settings.slideMm?.value}
          isSigned={isSigned}
          onSet={onSet}
        />
      )
    case 'vehicleHeadRestraint':
      return (
        <Choices
          legend={msg.whereItIs}
          hideLegend
          disabled={isSigned}
          value={settings.vehicleHeadRestraint?.value}
          options={[
            { id: 'on', label: msg.onItsSeat },
            { id: 'off-and-stowed', label: msg.offStowedInTheLoad },
            { id: 'off-and-loose', label: msg.offLooseInTheCabin },
          ]}
          onChoose={onSet}
        />
      )
    case 'frontSeatGapMm':
      return null
  }
}

function StrapField({ mode, settings, isSigned, first, onSet }: Omit<FieldProps, 'setting' | 'route'>) {
  const adjuster = mode.strap?.adjuster
  const value = settings.strapHeightMm?.value
  if (adjuster?.kind === 'slots') {
    return (
      <StepSelect
        label={msg.whatIsSet}
        disabled={isSigned}
        value={String(value ?? '')}
        steps={adjuster.heightsMm
          .toSorted((a, b) => a - b)
          .map((mm, i) => ({ id: String(mm), label: slotText(i + 1, mm) }))}
        none={NOT_RECORDED}
        first={first === undefined ? undefined : String(first)}
        less={msg.oneSlotDown}
        more={msg.oneSlotUp}
        onChange={(id) => onSet(id === '' ? null : Number(id))}
      />
    )
  }
  return (
    <NumberSetting
      label={msg.whatIsSetMmAbove}
      name="Strap height"
      draftKey="settings.strapHeightMm"
      value={value}
      isSigned={isSigned}
      onSet={onSet}
    />
  )
}

interface NumberProps {
  readonly label: string
  /** What a fault calls it. */
  readonly name: string
  /** The field of the open fitting whose draft it is. */
  readonly draftKey: string
  readonly value: number | undefined
  readonly isSigned: boolean
  readonly onSet: (value: number | null) => readonly Fault[]
}

/** A setting that is a plain number; kept when the field is left or Enter is pressed. */
export function NumberSetting({ label, name, draftKey, value, isSigned, onSet }: NumberProps) {
  const [fault, setFault] = useState('')
  const typed = useTyped(draftKey, (text) => {
    const number = text.trim() === '' ? null : Number(text.replace(',', '.'))
    const isNumber = number === null || Number.isFinite(number)
    const [refused] = isNumber ? onSet(number) : [{ message: msg.mustBeANumberSuch }]
    setFault(refused ? `${name} ${refused.message}` : '')
    return refused === undefined
  })
  return (
    <label className="flex flex-col gap-1 text-sm font-semibold text-ink-soft">
      {label}
      <TextInput
        inputMode="numeric"
        disabled={isSigned}
        value={typed.text ?? String(value ?? '')}
        onChange={(e) => typed.type(e.target.value)}
        onBlur={typed.leave}
        onKeyDown={(e) => e.key === 'Enter' && typed.enter()}
        className="w-28 text-base"
      />
      <span role="alert" className="text-fail">
        {fault}
      </span>
    </label>
  )
}
