import { putsForMode, type Case } from '@nimble-anchor/core/casefile'
import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { type ModeMatch } from '@nimble-anchor/core/match'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { DIRECTION_WORD, modelName } from '@nimble-anchor/core/restraint'
import { SOURCE_WORD, reasonOf, titleOf, severityOf } from '@nimble-anchor/core/rules'
import { useState } from 'react'
import type { ForecastAnswer } from '../../forecast/protocol.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { lowerFirst } from '../../ui/words.ts'
import { forecastText } from './forecastText.ts'
import type { ModeGroup } from './groupModes.ts'
import { ModeBars, type ChildOnBars } from './ModeBars.tsx'
import { groupKey, useChooseView } from './view.ts'
import { CheckBox } from '../../ui/CheckBox.tsx'
import { SelectBox } from '../../ui/SelectBox.tsx'

interface Props {
  readonly group: ModeGroup
  readonly current: Case
  readonly child: ChildOnBars
  readonly answer: ForecastAnswer | null
  readonly forecastOf: (match: ModeMatch) => ModeForecast | undefined
  /** The chosen car, where it takes this mode nowhere for certain. */
  readonly nowhereIn: string | undefined
  readonly isSigned: boolean
  readonly onSelect: () => void
  readonly onChosen: () => void
}

function marginText({ deciding }: ModeMatch): string | undefined {
  const { margin, unit, kind } = deciding?.outcome ?? {}
  if (margin === undefined || unit === undefined || kind !== 'pass') return undefined
  return `margin ${formatNumber(margin, 1)} ${unit}`
}

/** What is said in the row: what decided, or the advice against it. */
function Deciding({ match }: { readonly match: ModeMatch }) {
  const { deciding, findings } = match
  const advice = match.isAdvisedAgainst
    ? findings.find((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail')
    : undefined
  const speaks = match.decision === 'pass' && advice ? advice : deciding
  if (!speaks) return null
  const others = findings.filter((f) => f.outcome.kind === 'fail' && severityOf(f) !== 'advise').length - 1
  return (
    <p className="text-[0.95rem] leading-snug">
      {reasonOf(speaks.outcome)}{' '}
      <span className="text-ink-soft">
        ({SOURCE_WORD[speaks.outcome.source ?? speaks.rule.source]}: {lowerFirst(titleOf(speaks.rule))}
        {others > 0 && `, and ${others} more`})
      </span>
    </p>
  )
}

export function ModeRow({ group, current, child, answer, forecastOf, nowhereIn, isSigned, onSelect, onChosen }: Props) {
  const put = useFitting((s) => s.put)
  const { selected, compared, toggleCompared } = useChooseView()
  const [unitId, setUnitId] = useState(group.best.unit?.id)
  const match = group.units.find((m) => m.unit?.id === unitId) ?? group.best
  const { model, mode, unit } = match
  const key = groupKey(group)
  const isSelected = selected === key
  const name = `${modelName(model)}, ${mode.label}`
  const isChosen =
    current.choice.modelId === model.id && current.choice.modeId === mode.id && current.choice.unitId === unit?.id
  const forecast = forecastOf(match)
  const ahead = forecastText(forecast, match.standing)
  return (
    <li
      data-mode={key}
      className={`-mx-3.5 border-l-4 px-3 py-2 ${isSelected ? 'border-l-magenta bg-shoal' : 'border-l-transparent'}`}
    >
      <div className="flex flex-wrap items-start justify-between gap-x-3">
        <h3 className="min-w-0 flex-1 basis-60">
          <Button
            look="bare"
            aria-pressed={isSelected}
            onClick={onSelect}
            className="min-h-11 w-full text-left leading-tight hover:underline"
          >
            <span className="text-[1.05rem] font-bold">{modelName(model)}</span> {mode.label}
            <span className="block text-sm text-ink-soft">
              UN {mode.approval.regulation} · {DIRECTION_WORD[mode.direction]} ·{' '}
              {mode.routes.map((r) => r.label).join(', ')}
            </span>
          </Button>
        </h3>
        <div className="flex items-center gap-2">
          <CheckBox
            className="text-sm"
            label={`Compare ${name}`}
            checked={compared.includes(key)}
            onChange={() => toggleCompared(key)}
          >
            Compare
          </CheckBox>
          {group.units.length > 1 ? (
            <SelectBox
              label={`Unit of ${modelName(model)}`}
              value={unit?.id ?? ''}
              options={group.units.map((m) => ({ id: m.unit?.id ?? '', label: m.unit?.serial ?? '' }))}
              onChange={setUnitId}
              className="max-w-32 text-sm"
            />
          ) : (
            <span className="text-sm text-ink-soft">{unit?.serial ?? 'not on the shelf'}</span>
          )}
          {isChosen ? (
            <StateMark state="pass" word="Chosen" />
          ) : (
            match.decision !== 'fail' &&
            !isSigned && (
              <Button
                look={
                  match.decision === 'pass' && !match.isAdvisedAgainst && nowhereIn === undefined ? 'main' : 'plain'
                }
                aria-label={`Use ${name}`}
                data-use
                onClick={() => {
                  if (put(putsForMode(current, model, mode.id, unit)).length === 0) onChosen()
                }}
              >
                Use
              </Button>
            )
          )}
        </div>
      </div>
      <div className="mb-0.5">
        <ModeBars mode={mode} child={child} answer={answer} forecast={forecast} />
      </div>
      <Deciding match={match} />
      {nowhereIn !== undefined && (
        <p>
          <StateMark state="fail" word={`Fits nowhere in the ${nowhereIn}`} />
        </p>
      )}
      {(ahead !== undefined || marginText(match) !== undefined) && (
        <p className="text-sm text-ink-soft">{[marginText(match), ahead].filter(Boolean).join('; ')}</p>
      )}
    </li>
  )
}
