import { type Case, putsForMode } from '@nimble-anchor/core/casefile'
import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { nearestWay, whyAbove, type ModeMatch, type RankBasis } from '@nimble-anchor/core/match'
import { formatNumber, formatRange } from '@nimble-anchor/core/quantities'
import { DIRECTION_WORD, type Mode, modelName, type RestraintModel } from '@nimble-anchor/core/restraint'
import { reasonOf, remedyOf, severityOf, SOURCE_WORD, toFinding } from '@nimble-anchor/core/rules'
import { useMemo, useState } from 'react'
import { ConvertFirst } from '../../jobs/ConvertFirst.tsx'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { CheckBox } from '../../ui/CheckBox.tsx'
import { Fold } from '../../ui/Fold.tsx'
import { SelectBox } from '../../ui/SelectBox.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { upperFirst } from '../../ui/words.ts'
import { FindingRow } from '../../findings/Ledger.tsx'
import type { StageProps } from '../stages.ts'
import { forecastText } from './forecastText.ts'
import type { ModeGroup } from './groupModes.ts'
import { groupKey, SECTIONS, useChooseView } from './view.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly group: ModeGroup
  /** The next in the order, and the one before. */
  readonly below: ModeGroup | undefined
  readonly above: ModeGroup | undefined
  readonly basis: RankBasis
  readonly forecast: ModeForecast | undefined
  readonly current: Case
  readonly isSigned: boolean
  readonly onChosen: () => void
  readonly goTo: StageProps['goTo']
}

const nameOf = ({ best }: ModeGroup): string => `${modelName(best.model)}, ${best.mode.label}`

function marginText({ deciding }: ModeMatch): string | undefined {
  const { margin, unit, kind } = deciding?.outcome ?? {}
  if (margin === undefined || unit === undefined || kind !== 'pass') return undefined
  return `margin ${formatNumber(margin, 1)} ${unit}`
}

/** What is printed beside the approval and binds nobody. */
function printedBeside(model: RestraintModel, mode: Mode): readonly string[] {
  const { from, to } = mode.aboutAgeMonths ?? {}
  const isAbout = from !== undefined || to !== undefined
  return [
    ...(isAbout ? [msg.printedBesideTheRangeAbout(formatRange('months', from, to))] : []),
    ...(model.tags?.length ? [`Badges: ${model.tags.map((t) => t.replaceAll('-', ' ')).join(', ')}`] : []),
  ]
}

/** What is said first: what decided, or the advice against it. */
function Deciding({ match }: { readonly match: ModeMatch }) {
  const { deciding, findings } = match
  const advice = match.isAdvisedAgainst
    ? findings.find((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail')
    : undefined
  const speaks = match.decision === 'pass' && advice ? advice : deciding
  if (!speaks) return null
  return (
    <p className="mt-1">
      {reasonOf(speaks.outcome)}{' '}
      <span className="text-sm text-ink-soft">({SOURCE_WORD[speaks.outcome.source ?? speaks.rule.source]})</span>
    </p>
  )
}

/** Where the mode stands in the chosen car, or why it stands nowhere: the nearest place and what refuses it there. */
function InThisCar({
  match,
  basis,
  current,
  group,
}: { match: ModeMatch } & Pick<Props, 'basis' | 'current' | 'group'>) {
  const { vehicle } = current
  const ease = basis.ease?.(match)
  const nearest = useMemo(
    () => (vehicle && ease === undefined ? nearestWay(current, vehicle, group.best) : undefined),
    [current, vehicle, ease, group],
  )
  if (!basis.ease || match.decision === 'fail') return null
  if (ease)
    return (
      <p className="mt-1 text-sm">
        <StateMark state={ease.decision} size={12} />
        {msg.inThisCar2(ease.text)}
        {ease.decision === 'undecided' && msg.somethingThereIsStillOpen}.
      </p>
    )
  return (
    <div className="mt-1 text-sm">
      <p>
        <StateMark state="fail" size={12} />
        {msg.inThisCarFitsNowhere}
      </p>
      {nearest && (
        <ul>
          {nearest.refusals.map((f) => (
            <li key={f.rule.id}>
              {nearest.place.position.label}: {reasonOf(f.outcome)} <b>{remedyOf(f.outcome)}</b>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}

/** One mode: what decided, its place in the order, its time left, which unit, and every rule, worst first. */
export function ModeDetail({ group, current, below, above, basis, forecast, isSigned, onChosen, goTo }: Props) {
  const put = useFitting((s) => s.put)
  const { compared, toggleCompared } = useChooseView()
  // The unit that is chosen already, where it is one of this mode; else the best.
  const [unitId, setUnitId] = useState(
    () => group.units.find((m) => m.unit?.id === current.choice.unitId)?.unit?.id ?? group.best.unit?.id,
  )
  const match = group.units.find((m) => m.unit?.id === unitId) ?? group.best
  const { model, mode, unit } = match
  const section = SECTIONS.find((s) => s.standing === match.standing)
  const findings = match.findings.map((raw) => toFinding(raw))
  const open = findings.filter((f) => f.kind !== 'pass')
  const held = findings.filter((f) => f.kind === 'pass')
  const beside = printedBeside(model, mode)
  const ahead = forecastText(forecast, match.standing)
  const margin = marginText(match)
  const key = groupKey(group)
  const isChosen =
    current.choice.modelId === model.id && current.choice.modeId === mode.id && current.choice.unitId === unit?.id
  const isNowhere = basis.ease !== undefined && match.decision !== 'fail' && basis.ease(match) === undefined
  return (
    <section
      aria-label={msg.theModeSelected}
      className="flex min-h-0 min-w-0 flex-col rounded-[3px] border border-line bg-sheet"
    >
      <div className="relative min-h-0 flex-1 overflow-y-auto">
        <div className="border-b border-line px-3 py-2">
          <h2 className="text-lg leading-tight font-bold">{nameOf(group)}</h2>
          <p className="text-sm text-ink-soft">
            {msg.un(
              mode.approval.regulation,
              DIRECTION_WORD[mode.direction],
              mode.routes.map((r) => r.label).join(', '),
            )}
          </p>
          <p className="mt-0.5 text-sm">
            <StateMark state={section?.mark ?? 'undecided'} word={section?.title.split(':')[0]} size={14} />
          </p>
          <Deciding match={match} />
          {match.standing === 'convert-first' && unit && <ConvertFirst model={model} unit={unit} to={mode} />}
          {(ahead !== undefined || margin !== undefined) && (
            <p className="mt-1 text-sm">{upperFirst([ahead, margin].filter(Boolean).join('; '))}.</p>
          )}
          <InThisCar match={match} basis={basis} current={current} group={group} />
          {above && (
            <p className="mt-1 text-sm text-ink-soft">
              {msg.belowThatOneStandsHigher(nameOf(above), whyAbove(above.best, group.best, basis))}
            </p>
          )}
          {below && (
            <p className="mt-1 text-sm text-ink-soft">
              {msg.aboveBecause(nameOf(below), whyAbove(group.best, below.best, basis))}
            </p>
          )}
          {beside.length > 0 && (
            <p className="mt-1 text-sm text-ink-soft">{msg.thisDecidesNothing(beside.join('; '))}</p>
          )}
          <CheckBox
            className="text-sm"
            label={msg.compare2(nameOf(group))}
            checked={compared.includes(key)}
            onChange={() => toggleCompared(key)}
          >
            {msg.compare}
          </CheckBox>
        </div>
        <ul className="divide-y divide-hair">
          {open.map((f) => (
            <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
          ))}
          {held.length > 0 && (
            <li>
              <Fold
                isRow
                triggerClassName="px-3 py-2 text-sm text-ink-soft hover:bg-shoal"
                summary={`${held.length} ${held.length === 1 ? msg.ruleHolds : msg.rulesHold}`}
              >
                <ul className="divide-y divide-hair border-t border-hair">
                  {held.map((f) => (
                    <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
                  ))}
                </ul>
              </Fold>
            </li>
          )}
        </ul>
      </div>
      <div className="sticky bottom-0 flex flex-wrap items-center justify-between gap-2 border-t border-line bg-sheet p-2">
        {group.units.length > 1 ? (
          <SelectBox
            label={msg.unitOf(modelName(model))}
            value={unit?.id ?? ''}
            options={group.units.map((m) => ({ id: m.unit?.id ?? '', label: m.unit?.serial ?? '' }))}
            onChange={(id) => setUnitId(group.units.find((m) => m.unit?.id === id)?.unit?.id)}
            className="max-w-36 text-sm"
          />
        ) : (
          <span className="text-sm text-ink-soft">{unit?.serial ?? msg.notOnTheShelf}</span>
        )}
        {isChosen ? (
          <StateMark state="pass" word={msg.chosen} />
        ) : (
          match.decision !== 'fail' &&
          !isSigned && (
            <Button
              look={match.decision === 'pass' && !match.isAdvisedAgainst && !isNowhere ? 'main' : 'plain'}
              aria-label={msg.use2(nameOf(group))}
              data-use
              onClick={() => {
                if (put(putsForMode(current, model, mode.id, unit)).length === 0) onChosen()
              }}
            >
              {msg.use}
            </Button>
          )
        )}
      </div>
    </section>
  )
}
