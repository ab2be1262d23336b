import { highestSequence, type Case } from '@nimble-anchor/core/casefile'
import {
  answerLabel,
  answerOf,
  answersOf,
  checkOf,
  optionOf,
  type CheckId,
  checkLabel,
  checkHow,
  optionLabel,
  optionBefore,
} from '@nimble-anchor/core/checks'
import { type Quantity } from '@nimble-anchor/core/quantities'
import { type Finding } from '@nimble-anchor/core/rules'
import { type Assessment, limitOf, limitText } from '@nimble-anchor/core/verdict'
import { useId, useState, type ReactNode } from 'react'
import { InstrumentButton } from '../../instruments/InstrumentButton.tsx'
import { PhotoButton } from '../../photos/PhotoButton.tsx'
import { photoKey } from '../../session/photoStore.ts'
import { useFitting } from '../../session/fitting.ts'
import { Choices } from '../../ui/Choices.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { StateMark, type MarkState } from '../../ui/StateMark.tsx'
import type { CheckPart } from './bayPages.ts'
import { Ticks } from './Ticks.tsx'
import { CheckBox } from '../../ui/CheckBox.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly id: CheckId
  readonly assessment: Assessment
  readonly current: Case
  readonly mark: MarkState
  readonly staleBecause: string | undefined
  readonly finding: Finding | undefined
  readonly isSigned: boolean
  /** What is ticked off one by one before the check is good: the guides of a belt. */
  readonly ticks?: readonly string[] | undefined
  /** What to look at, beside the words. */
  readonly drawing?: ReactNode
  /** Figures are entered by the pad below: no field of its own. */
  readonly hasPad?: boolean
  /** Only what it showed before, or all but that. */
  readonly part?: CheckPart | undefined
}

const SENSES = ['seen', 'heard', 'felt'] as const
type Sense = (typeof SENSES)[number]

export function CheckField(props: Props) {
  const {
    id,
    assessment,
    current,
    mark,
    staleBecause,
    finding,
    isSigned,
    ticks = [],
    drawing,
    hasPad = false,
    part,
  } = props
  const put = useFitting((s) => s.put)
  const howId = useId()
  const fittingId = useFitting((s) => s.view?.id)
  const check = checkOf(id)
  const reading = current.readings[id]
  const keep = (value: object | null) => put([{ path: ['readings', id], value }])
  const option = reading?.option
  const tool = check.kind === 'number' ? check.instrument : undefined
  const held = check.kind === 'number' ? limitOf(id, assessment) : undefined
  const limit = held && limitText(held)
  const label = checkLabel(id)
  // A stale reading is only replaced whole: a note added to it must not make it look fresh.
  const isStale = staleBecause !== undefined
  const [isSlip, setSlip] = useState(false)
  // Said before the answer, it goes in with it: nobody comes back to say how it was noticed.
  const [sensedFirst, setSensedFirst] = useState<readonly Sense[]>([])
  const isAnswered = option !== undefined && !isStale
  const sensed: readonly Sense[] = isAnswered ? (reading?.sensed ?? []) : sensedFirst
  const good = check.kind === 'options' ? check.options.find((o) => o.means === 'pass')?.id : undefined
  const means = option === undefined ? undefined : optionOf(id, option)?.means
  const maySlip =
    !isSigned && !isStale && (means === 'fail' || means === 'by-rule') && reading?.at === highestSequence(current)

  return (
    <div className="relative min-w-0" data-check={id}>
      <div className="mb-1.5 flex items-start gap-2 pr-13">
        {drawing !== undefined && <div className="mr-1 w-26 shrink-0">{drawing}</div>}
        <span className="pt-0.5">
          <StateMark state={mark} size={14} />
        </span>
        <p className="leading-snug">
          <span className="font-bold">{label}</span>{' '}
          <span id={howId} className="text-sm text-ink-soft">
            {part !== 'before' && checkHow(id)}
            {limit !== undefined && <span className="font-semibold text-ink">{msg.limit(limit)}</span>}
          </span>
        </p>
      </div>
      {isStale && (
        <p className="mb-1 text-sm font-semibold text-stale">
          {msg.againAfterItWasChecked(staleBecause)}
          {option !== undefined && !isSigned && msg.itWas(optionLabel(id, option))}
        </p>
      )}
      {check.kind === 'number' ? (
        <div className="flex flex-wrap items-start gap-2">
          {answersOf(id).length > 0 && (
            <Choices
              legend={msg.withoutAFigure(label)}
              hideLegend
              describedBy={howId}
              disabled={isSigned}
              value={isStale ? undefined : answerOf(id, reading?.number)}
              options={answersOf(id).map((a) => ({ id: a.id, label: answerLabel(id, a.id), mark }))}
              onChoose={(chosen) => {
                const answer = answersOf(id).find((a) => a.id === chosen)
                if (answer) keep({ number: { from: answer.from, to: answer.to, source: 'estimated' } })
              }}
            />
          )}
          {!hasPad && (
            <QuantityField
              label={isStale ? msg.again(label) : label}
              unit={check.unit}
              hidesLabel
              draftKey={`readings.${id}`}
              quantity={isStale || answerOf(id, reading?.number) !== undefined ? undefined : reading?.number}
              defaultPlusMinus={check.defaultPlusMinus}
              disabled={isSigned}
              onChange={(number: Quantity | null) => keep(number === null ? null : { number })}
            />
          )}
          {tool && !isSigned && (
            <InstrumentButton
              kind={tool}
              field={label}
              against="shell-back"
              value={isStale ? undefined : reading?.number?.value}
              onTake={(number) => keep({ number })}
            />
          )}
        </div>
      ) : (
        <div className="flex flex-col gap-2">
          {check.notesBefore === true && part !== 'after' && (
            <Choices
              legend={msg.beforeItShowed}
              disabled={isSigned}
              value={isStale ? undefined : reading?.before}
              options={check.options
                .filter((o) => o.id !== 'unsure')
                .map((o) => ({ id: o.id, label: optionBefore(id, o.id) }))}
              onChoose={(before) => keep(isStale ? { before } : { ...withoutStamp(reading), before })}
            />
          )}
          {part !== 'before' && (
            <>
              {ticks.length > 0 && !isSigned && (isStale || option !== good) && (
                <Ticks
                  draftKey={`${id}.${current.choice.at}.${current.disturbances.removed?.at ?? 0}.${reading?.at ?? 0}`}
                  lines={ticks}
                  onAll={() => {
                    setSlip(false)
                    keep({ option: good })
                  }}
                />
              )}
              {check.isProof === true && (!isSigned || sensed.length > 0) && (
                <fieldset disabled={isSigned} className="-mb-1.5 flex flex-wrap items-center gap-x-3 text-sm">
                  <legend className="sr-only">{msg.howItWasNoticed(label)}</legend>
                  <span aria-hidden="true" className="text-ink-soft">
                    {msg.noticed}
                  </span>
                  {SENSES.map((sense) => (
                    <CheckBox
                      key={sense}
                      disabled={isSigned}
                      checked={sensed.includes(sense)}
                      onChange={(isSensed) => {
                        const next = SENSES.filter((s) => (s === sense ? isSensed : sensed.includes(s)))
                        if (isAnswered) keep({ ...withoutStamp(reading), sensed: next })
                        else setSensedFirst(next)
                      }}
                    >
                      {sense}
                    </CheckBox>
                  ))}
                </fieldset>
              )}
              <Choices
                legend={check.notesBefore === true && part === undefined ? msg.now : label}
                hideLegend={check.notesBefore !== true || part !== undefined}
                describedBy={howId}
                disabled={isSigned}
                value={isStale ? undefined : option}
                options={check.options
                  // Ticked off one by one, it becomes good by the last tick and by nothing else.
                  .filter((o) => ticks.length === 0 || o.id !== good || (option === good && !isStale) || isSigned)
                  .map((o) => ({ id: o.id, label: optionLabel(id, o.id), mark }))}
                onChoose={(chosen) => {
                  // A slip is said to be one; any other answer to a bad check is the step done again.
                  const slip = isSlip && option !== undefined && chosen !== option ? { slip: option } : {}
                  setSlip(false)
                  const noticed = !isAnswered && sensed.length > 0 ? { sensed } : {}
                  keep(
                    isStale
                      ? { option: chosen, ...noticed }
                      : { ...withoutStamp(reading), option: chosen, ...noticed, ...slip },
                  )
                }}
              />
              {maySlip && (
                <CheckBox className="text-sm" checked={isSlip} onChange={setSlip}>
                  {msg.aSlipOfTheFinger}
                </CheckBox>
              )}
            </>
          )}
        </div>
      )}
      {finding !== undefined && (
        <p className="mt-1 border-l-4 border-fail pl-2 text-sm">
          <span className="font-semibold">{finding.reason}</span> {finding.remedy}
        </p>
      )}
      {/* Last for the keyboard: it is not in the way of each answer. */}
      <span className="absolute top-0 right-0">
        {fittingId !== undefined && (
          <PhotoButton
            photoKey={photoKey(fittingId, id, current.vehicle?.id, current.choice.positionId)}
            fittingId={fittingId}
            label={label}
            isSigned={isSigned}
          />
        )}
      </span>
    </div>
  )
}

/** A reading without its place in the order: the entry gives it a new one. */
function withoutStamp(reading: Case['readings'][CheckId]): object {
  if (reading === undefined) return {}
  const { at: _at, slip: _slip, ...rest } = reading
  return rest
}
