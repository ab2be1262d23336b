import { type Case } from '@nimble-anchor/core/casefile'
import { type Fault, type IsoDate } from '@nimble-anchor/core/ground'
import { ageMonthsOf, correctedAgeMonths, isPreterm } from '@nimble-anchor/core/child'
import { dayInSentence, formatAge, middle, type Quantity } from '@nimble-anchor/core/quantities'
import { REFERRED_UNTIL_MONTHS } from '@nimble-anchor/core/rules'
import { useId, useState } from 'react'
import { useTyped } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { AdviceField } from './AdviceField.tsx'
import { TextInput } from '../../ui/TextInput.tsx'
import { DateBox } from '../../ui/DateBox.tsx'
import { dayPattern, dayText, parseDay } from '../../ui/days.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly isSigned: boolean
  /** Needs of the assessment: what is not asked for this child is not shown. */
  readonly needs: ReadonlySet<string>
}

/** Day of birth, head control, posture; birth and a specialist's advice only where they decide. */
export function AgeAndPosture({ current, isSigned, needs }: Props) {
  const put = useFitting((s) => s.put)
  const { child } = current
  const age = ageMonthsOf(child, current.today)
  const corrected = correctedAgeMonths(child, current.today)
  const isYoung = (corrected?.lo ?? Infinity) < REFERRED_UNTIL_MONTHS
  const asksBirth = isYoung || needs.has('child.bornAtWeeks') || needs.has('child.birthMassKg')
  const field = (key: string) => (value: unknown) => put([{ path: ['child', key], value }])
  return (
    <section aria-label={msg.ageAndPosture}>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2 lg:grid-cols-1">
        <div className="flex flex-wrap items-start gap-4">
          <BirthField
            value={child.dateOfBirth}
            today={current.today}
            disabled={isSigned}
            onChange={field('dateOfBirth')}
          />
          {child.dateOfBirth === undefined && (
            <QuantityField
              label={msg.ageAsTold}
              unit="months"
              quantity={child.ageMonths}
              draftKey="child.ageMonths"
              defaultPlusMinus={1}
              disabled={isSigned}
              onChange={field('ageMonths')}
            />
          )}
          {age && <p className="pt-8 text-lg font-bold">{formatAge(middle(age))}</p>}
        </div>
        <Choices
          legend={msg.headControl}
          need="child.headControl"
          disabled={isSigned}
          value={child.headControl}
          options={[
            { id: 'steady', label: msg.holdsItsHeadSteady },
            { id: 'none', label: msg.notYet },
          ]}
          onChoose={field('headControl')}
        />
        <Choices
          legend={msg.medicalPostureNeeds}
          need="child.needsPostureSpecialist"
          disabled={isSigned}
          value={child.needsPostureSpecialist === undefined ? undefined : child.needsPostureSpecialist ? 'yes' : 'no'}
          options={[
            { id: 'no', label: msg.none },
            { id: 'yes', label: msg.yesReferToASpecialist },
          ]}
          onChoose={(id) => field('needsPostureSpecialist')(id === 'yes')}
        />
        <Choices
          legend={msg.sexForTheGrowthTables}
          disabled={isSigned}
          value={child.sex ?? 'unsaid'}
          options={[
            { id: 'female', label: msg.girl },
            { id: 'male', label: msg.boy },
            { id: 'unsaid', label: msg.notSaid },
          ]}
          onChoose={(id) => field('sex')(id === 'unsaid' ? null : id)}
        />
        {asksBirth && (
          <>
            <WeeksField
              value={child.bornAtWeeks}
              isPreterm={isPreterm(child)}
              disabled={isSigned}
              onChange={field('bornAtWeeks')}
            />
            <QuantityField
              label={msg.massAtBirth}
              unit="kg"
              quantity={child.birthMassKg}
              draftKey="child.birthMassKg"
              defaultPlusMinus={0.05}
              hint={msg.under25KgIs}
              withSource
              disabled={isSigned}
              onChange={(q: Quantity | null) => field('birthMassKg')(q)}
            />
          </>
        )}
        {(isYoung || current.journeyMinutes !== undefined) && (
          <MinutesField
            value={current.journeyMinutes}
            disabled={isSigned}
            onChange={(value) => put([{ path: ['journeyMinutes'], value }])}
          />
        )}
      </div>
      <SameChild current={current} isSigned={isSigned} />
      {(needs.has('child.advice') || child.advice) && <AdviceField current={current} isSigned={isSigned} />}
    </section>
  )
}

/** A changed day of birth, age or sex: the same child put right, or another one. */
function SameChild({ current, isSigned }: Omit<Props, 'needs'>) {
  const put = useFitting((s) => s.put)
  const { identity } = current
  if (identity === undefined || identity.answer !== undefined) return null
  const what = { dateOfBirth: msg.dayOfBirth, ageMonths: 'age', sex: 'sex' }[identity.field]
  const was = identity.field === 'dateOfBirth' ? dayInSentence(identity.was) : identity.was
  const answer = (value: 'corrected' | 'another') => {
    const { at: _at, ...asked } = identity
    put([{ path: ['identity'], value: { ...asked, answer: value } }])
  }
  return (
    <div role="alert" className="mt-4 border-l-4 border-undecided pl-3">
      <p className="font-semibold">{msg.theWasAndWasChanged(what, was)}</p>
      <p className="text-sm text-ink-soft">{msg.anotherChildTakesAwayEverything}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={isSigned} onClick={() => answer('corrected')}>
          {msg.putRightTheSameChild}
        </Button>
        <Button disabled={isSigned} onClick={() => answer('another')}>
          {msg.anotherChild}
        </Button>
      </div>
    </div>
  )
}

const BOX = 'min-h-11 rounded-[3px] border border-line bg-sheet px-2 text-ink'

interface FieldProps<T> {
  readonly value: T | undefined
  readonly disabled: boolean
  readonly onChange: (value: T | null) => readonly Fault[]
}

const EARLIEST_DAY = '1900-01-01'
const UNREAD: readonly Fault[] = [{ path: '', message: msg.mustBeADayAs(dayPattern()) }]

function BirthField({ value, today, disabled, onChange }: FieldProps<string> & { readonly today: IsoDate }) {
  const id = useId()
  const [fault, setFault] = useState('')
  const enter = (iso: string | undefined): boolean => {
    const faults = iso === undefined || (iso !== '' && iso < EARLIEST_DAY) ? UNREAD : iso === (value ?? '') ? [] : onChange(iso === '' ? null : iso) // prettier-ignore
    setFault(faults[0] ? msg.dayOfBirth2(faults[0].message) : '')
    return faults.length === 0
  }
  const typed = useTyped('child.dateOfBirth', (text) => enter(text.trim() === '' ? '' : parseDay(text)))
  return (
    <div className="flex flex-col gap-1" data-need="child.ageMonths">
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {msg.dayOfBirth3}
      </label>
      <DateBox
        id={id}
        label={msg.dayOfBirth3}
        text={typed.text ?? (value === undefined ? '' : dayText(value))}
        min={EARLIEST_DAY}
        max={today}
        disabled={disabled}
        isFaulty={fault !== ''}
        onText={typed.type}
        onPick={(iso) => {
          typed.clear()
          enter(iso)
        }}
        onLeave={typed.leave}
      />
      <p role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
    </div>
  )
}

interface WholeProps extends FieldProps<number> {
  readonly draftKey: string
  readonly label: string
  readonly hint: string
  readonly limits: string
}

/** A whole number. */
function WholeField({ draftKey, value, disabled, onChange, label, hint, limits }: WholeProps) {
  const before = value === undefined ? '' : String(value)
  const [fault, setFault] = useState('')
  const typed = useTyped(draftKey, (text) => {
    const faults = text.trim() === before ? [] : onChange(text.trim() === '' ? null : Number(text))
    setFault(faults[0] ? limits : '')
    return faults.length === 0
  })
  return (
    <div>
      <label className="flex flex-col gap-1 text-sm font-semibold text-ink-soft">
        {label}
        <TextInput
          inputMode="numeric"
          disabled={disabled}
          value={typed.text ?? before}
          onChange={(e) => typed.type(e.target.value)}
          onBlur={typed.leave}
          className={`${BOX} w-22 text-base font-semibold`}
        />
      </label>
      <p className="mt-1 text-sm text-ink-soft">{hint}</p>
      <p role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
    </div>
  )
}

const WeeksField = ({ isPreterm: isEarly, ...props }: FieldProps<number> & { readonly isPreterm: boolean }) => (
  <WholeField
    {...props}
    draftKey="child.bornAtWeeks"
    label={msg.bornAfterCompletedWeeksOf}
    hint={isEarly ? msg.pretermASpecialistsAdviceComes : msg.aFullPregnancyIs40}
    limits={msg.weeksOfPregnancyMustBe}
  />
)

const MinutesField = (props: FieldProps<number>) => (
  <WholeField
    {...props}
    draftKey="journeyMinutes"
    label={msg.journeyAheadMinutes}
    hint={msg.forTheBreaksTheVery}
    limits={msg.theJourneyMustBeA}
  />
)
