import { type Fault, type IsoDate } from '@nimble-anchor/core/ground'
import { type Child, slipsIn } from '@nimble-anchor/core/child'
import { shrinkSlips, centileText, growthSlips, growthStanding, outdatedMeasures } from '@nimble-anchor/core/growth'
import { type InstrumentKind } from '@nimble-anchor/core/instruments'
import { dateText, formatNumber, type Quantity } from '@nimble-anchor/core/quantities'
import { ChartSpline } from 'lucide-react'
import { useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Fold } from '../../ui/Fold.tsx'
import { useReadings } from '../../session/readings.ts'
import { InstrumentButton } from '../../instruments/InstrumentButton.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { lowerFirst, upperFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { AgeAndPosture } from './AgeAndPosture.tsx'
import { EstimateNote, MEASURED_IN, WEIGHED_IN, Worn } from './Worn.tsx'
import { ChildFigure, type Dimension } from './ChildFigure.tsx'
import { ShoulderBreadth } from './ShoulderBreadth.tsx'
import { OnwardBar } from '../OnwardBar.tsx'
import { useSlotStep } from './useSlotStep.ts'
import * as msg from './messages.en.ts'

const FIELDS: readonly { key: Dimension; side: 'left' | 'right'; label: string; unit: string; scale: number; plusMinus: number; hint: string; instrument?: InstrumentKind }[] = [
  { key: 'massKg', side: 'left', label: msg.mass3, unit: 'kg', scale: 1, plusMinus: 0.1, hint: msg.withoutShoesSayWhatIt, instrument: 'scale' },
  { key: 'statureCm', side: 'left', label: msg.stature, unit: 'cm', scale: 1, plusMinus: 0.5, hint: msg.lyingLengthUnderAboutTwo, instrument: 'height-gauge' },
  {
    key: 'seatedShoulderHeightMm', side: 'right', label: msg.seatedShoulderHeight, unit: 'cm', scale: 0.1, plusMinus: 8,
    hint: msg.fromTheSurfaceItSits,
  },
  {
    key: 'sittingHeightMm', side: 'right', label: msg.sittingHeight, unit: 'cm', scale: 0.1, plusMinus: 10,
    hint: msg.toTheCrownOnlyWhere,
  },
] // prettier-ignore

export function MeasureStage({ current, assessment, isSigned, goTo }: StageProps) {
  const { id = '' } = useParams()
  const put = useFitting((s) => s.put)
  const [active, setActive] = useState<Dimension>()
  const fields = useRef<HTMLDivElement>(null)
  const { child } = current
  const earlier = useReadings(child.id)
  const slips = [
    ...slipsIn(child).map((slip) => slip.text),
    ...growthSlips(child, current.today),
    ...shrinkSlips(child, current.today, earlier),
  ]
  const asked = assessment.measureNext.filter((n) => n.stage === 'measure')
  // Before a mode is chosen nothing asks; what every mode goes by is named all the same.
  const first = [
    child.massKg === undefined && msg.mass2,
    child.statureCm === undefined && msg.statureWord,
    child.dateOfBirth === undefined && child.ageMonths === undefined && msg.ageWord,
  ].filter((x) => x !== false)
  const wanted = current.choice.modeId === undefined ? first : asked.map((n) => lowerFirst(n.label))
  const needs = new Set(assessment.findings.flatMap((f) => (f.kind === 'undecided' ? (f.missing ?? []) : [])))
  const outdated = outdatedMeasures(child, current.today)
  /** The sitting height decides only where the head is near the edge: until then it waits, folded. */
  const [startedIdle] = useState(() => child.sittingHeightMm === undefined)
  const isIdle = (key: Dimension): boolean =>
    key === 'sittingHeightMm' &&
    startedIdle &&
    child.sittingHeightMm === undefined &&
    !needs.has('child.sittingHeightMm') &&
    !asked.some((n) => n.need === 'child.sittingHeightMm')
  const stepMm = useSlotStep(current)
  const closenessOf = (key: Dimension): string | undefined =>
    key === 'seatedShoulderHeightMm' && stepMm !== undefined
      ? msg.hipsBackToTheTop(formatNumber(stepMm / 50, 1), formatNumber(stepMm / 10, 1))
      : undefined
  const keep =
    (key: string) =>
    (quantity: Quantity | null): readonly Fault[] =>
      put([{ path: ['child', key], value: quantity }])

  const shown = FIELDS.filter((f) => !isIdle(f.key))
  const idle = FIELDS.filter((f) => isIdle(f.key))
  const field = (f: (typeof FIELDS)[number]) => (
    <div key={f.key} data-field={f.key}>
      <QuantityField
        label={f.label}
        unit={f.unit}
        scale={f.scale}
        quantity={child[f.key]}
        draftKey={`child.${f.key}`}
        defaultPlusMinus={f.plusMinus}
        hint={[standingText(child, current.today, f.key), closenessOf(f.key) ?? f.hint].filter(Boolean).join(' ')}
        withSource
        disabled={isSigned}
        onFocus={() => setActive(f.key)}
        onChange={keep(f.key)}
      />
      {f.instrument && !isSigned && (
        <div className="mt-1">
          <InstrumentButton kind={f.instrument} field={f.label} value={child[f.key]?.value} onTake={keep(f.key)} />
        </div>
      )}
      {f.key === 'massKg' && child.massKg !== undefined && (
        <Worn
          label={msg.weighedIn}
          value={child.weighedIn ?? 'bare'}
          options={WEIGHED_IN}
          disabled={isSigned}
          onChange={(value) => put([{ path: ['child', 'weighedIn'], value: value === 'bare' ? null : value }])}
        />
      )}
      {f.key === 'statureCm' && child.statureCm !== undefined && (
        <Worn
          label={msg.measuredIn}
          value={child.measuredIn ?? 'barefoot'}
          options={MEASURED_IN}
          disabled={isSigned}
          onChange={(value) => put([{ path: ['child', 'measuredIn'], value: value === 'barefoot' ? null : value }])}
        />
      )}
      <EstimateNote child={child} dimension={f.key} />
      {outdated.includes(f.key) && (
        <p className="mt-1 border-l-4 border-stale pl-2 text-sm">
          {msg.measuredOnMayBeMore(dateText(child[f.key]?.on ?? current.today))}{' '}
          {!isSigned && (
            <Button
              look="bare"
              className="min-h-11 font-semibold underline underline-offset-4"
              onClick={() => keep(f.key)({ ...(child[f.key] as Quantity), on: current.today })}
            >
              {msg.measuredAgainTodayTheSame}
            </Button>
          )}
        </p>
      )}
    </div>
  )
  return (
    <div className="grid gap-3 lg:grid-cols-[minmax(0,1fr)_22rem] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]">
      <section
        aria-label={msg.theChildsMeasures}
        className="relative min-w-0 rounded-[3px] border border-line bg-sheet lg:min-h-0 tall:lg:overflow-y-auto"
      >
        {/* Always there: what stands under it must not jump when the last thing is measured. */}
        <p className="flex min-h-11 flex-wrap items-center gap-x-2 border-b border-hair px-3 py-1">
          {wanted.length > 0 ? (
            <>
              <StateMark state="undecided" word={msg.measureNext} />
              <span>{wanted.join(', ')}</span>
            </>
          ) : (
            <StateMark
              state={current.choice.modeId === undefined ? 'not-started' : 'pass'}
              word={current.choice.modeId === undefined ? msg.whateverElseAModeNeeds : msg.theChosenModeNeedsNothing}
            />
          )}
        </p>
        {slips.map((text) => (
          <p key={text} role="alert" className="mx-3 mt-2 border-l-4 border-fail pl-3 font-semibold text-fail">
            {text}
          </p>
        ))}
        <div ref={fields} className="grid gap-x-4 gap-y-2 p-3 lg:grid-cols-[15rem_minmax(0,1fr)_15rem]">
          <div className="flex flex-col gap-3">{shown.filter((f) => f.side === 'left').map(field)}</div>
          <ChildFigure
            child={child}
            active={active}
            onPick={(key) => {
              setActive(key)
              fields.current?.querySelector<HTMLInputElement>(`[data-field="${key}"] input`)?.focus()
            }}
          />
          <div className="flex flex-col gap-3">
            {shown.filter((f) => f.side === 'right').map(field)}
            {idle.length > 0 && (
              <Fold summary={msg.decidesNothingYet(idle.map((f) => lowerFirst(f.label)).join(', '))}>
                {idle.map(field)}
              </Fold>
            )}
            <ShoulderBreadth current={current} isSigned={isSigned} onKeep={keep('shoulderBreadthMm')} />
          </div>
        </div>
      </section>
      <div className="flex min-h-0 min-w-0 flex-col rounded-[3px] border border-line bg-sheet">
        <div className="relative min-h-0 flex-1 p-3 tall:lg:overflow-y-auto">
          <AgeAndPosture current={current} isSigned={isSigned} needs={needs} />
        </div>
        <OnwardBar>
          <Link
            to={`/fittings/${id}/growth`}
            className="mr-auto inline-flex min-h-11 items-center gap-1.5 px-2 font-semibold underline underline-offset-4 hover:bg-shoal"
          >
            <ChartSpline size={18} aria-hidden="true" />
            {msg.growthCurves}
          </Link>
          <Button onClick={() => goTo('choose')}>{msg.goOnToChoose}</Button>
        </OnwardBar>
      </div>
    </div>
  )
}

/** "Centile 29 to 41, both sexes." under the measures that the growth tables know. */
function standingText(child: Child, today: IsoDate, key: Dimension): string | undefined {
  if (key !== 'massKg' && key !== 'statureCm') return undefined
  const standing = growthStanding(child, today, key)
  if (!standing) return undefined
  const notes = [
    standing.isBothSexes && msg.bothSexes,
    standing.isCorrected && msg.byCorrectedAge,
    standing.isDerived && msg.fromADerivedTableNot,
  ].filter(Boolean)
  return `${upperFirst(centileText(standing))}${notes.length > 0 ? `, ${notes.join(', ')}` : ''}.`
}
