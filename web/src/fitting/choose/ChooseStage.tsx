import {
  formatNumber,
  massRangeOf,
  matchModes,
  modelName,
  putsForMode,
  rankNeeds,
  describeNeed,
  severityOf,
  toInterval,
  type ModeMatch,
} from '@nimble-anchor/core'
import { useEffect, useMemo, useState } from 'react'
import { useCommands } from '../../app/commands.ts'
import { stockOf, useCatalogue } from '../../session/catalogue.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { lowerFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { SOURCE_WORD } from '../VerdictBanner.tsx'
import { groupModes, SECTIONS, type ModeGroup } from './groupModes.ts'
import { PracticeDialog } from './PracticeDialog.tsx'
import { RangeBar } from './RangeBar.tsx'

const DIRECTION_WORD = { rearward: 'rearward', forward: 'forward', lateral: 'lying across' } as const

export default function ChooseStage({ current, isSigned, goTo }: StageProps) {
  const { catalogue, status, load } = useCatalogue()
  const [direction, setDirection] = useState('all')
  const [isPracticeOpen, setPracticeOpen] = useState(false)
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        { id: 'practice', label: 'Practice in this fitting', group: 'Do', key: 'p', run: () => setPracticeOpen(true) },
      ]),
    [register],
  )
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])
  const stock = useMemo(() => (catalogue ? stockOf(catalogue) : []), [catalogue])
  const matches = useMemo(
    () => matchModes(current, stock),
    // Only these parts of the case bear on the choice of a mode.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [stock, current.child, current.practice, current.localRule, current.today],
  )
  const groups = useMemo(() => groupModes(matches), [matches])
  const shown = groups.filter((g) => direction === 'all' || g.best.mode.direction === direction)
  const needs = useMemo(
    () => rankNeeds(groups.filter((g) => g.best.decision === 'undecided').map((g) => g.best.findings)),
    [groups],
  )

  if (status === 'failed') {
    return (
      <Panel title="The shelf could not be read">
        <Button onClick={() => void load()}>Try again</Button>
      </Panel>
    )
  }
  if (!catalogue) return <p className="p-4 text-ink-soft">Loading the shelf.</p>
  if (groups.length === 0) {
    return (
      <Panel title="Nothing on the shelf">
        <p>No restraint unit is recorded. Import a catalogue first; the API at /api/docs takes one.</p>
      </Panel>
    )
  }
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <Choices
          legend="Direction"
          hideLegend
          value={direction}
          onChoose={setDirection}
          options={[
            { id: 'all', label: 'All' },
            { id: 'rearward', label: 'Rearward' },
            { id: 'lateral', label: 'Lying' },
            { id: 'forward', label: 'Forward' },
          ]}
        />
        <div className="flex items-center gap-2">
          <p className="text-sm text-ink-soft">{groups.length} modes on the shelf</p>
          <Button onClick={() => setPracticeOpen(true)}>Practice: {current.practice.name}</Button>
        </div>
      </div>
      {needs.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-2 rounded-[3px] border border-line bg-sheet px-3 py-2">
          <StateMark state="undecided" word="Would settle most" />
          {needs.slice(0, 3).map(({ need, settles }) => (
            <button
              key={need}
              type="button"
              className="min-h-11 underline underline-offset-4"
              onClick={() => goTo(describeNeed(need).stage)}
            >
              {describeNeed(need).label} ({settles})
            </button>
          ))}
        </p>
      )}
      <PracticeDialog
        current={current}
        stock={stock}
        isSigned={isSigned}
        open={isPracticeOpen}
        onOpenChange={setPracticeOpen}
      />
      {SECTIONS.map(({ decision, title }) => {
        const inSection = shown.filter((g) => g.best.decision === decision)
        if (inSection.length === 0) return null
        return (
          <Panel
            key={decision}
            title={<StateMark state={decision} word={title} />}
            aside={<span className="text-sm text-ink-soft">{inSection.length}</span>}
          >
            <ul className="-my-3 divide-y divide-hair">
              {inSection.map((group) => (
                <ModeRow
                  key={`${group.best.model.id}/${group.best.mode.id}`}
                  group={group}
                  current={current}
                  isSigned={isSigned}
                  onChosen={() => goTo('place')}
                />
              ))}
            </ul>
          </Panel>
        )
      })}
    </div>
  )
}

interface RowProps {
  readonly group: ModeGroup
  readonly current: StageProps['current']
  readonly isSigned: boolean
  readonly onChosen: () => void
}

function marginText({ deciding }: ModeMatch): string | undefined {
  const { margin, unit, kind } = deciding?.outcome ?? {}
  if (margin === undefined || unit === undefined || kind !== 'pass') return undefined
  return `margin ${formatNumber(margin, 1)} ${unit}`
}

function ModeRow({ group, current, isSigned, onChosen }: RowProps) {
  const put = useFitting((s) => s.put)
  const [unitId, setUnitId] = useState(group.best.unit?.id)
  const match = group.units.find((m) => m.unit?.id === unitId) ?? group.best
  const { model, mode, unit, deciding } = match
  const isChosen =
    current.choice.modelId === model.id && current.choice.modeId === mode.id && current.choice.unitId === unit?.id
  const mass = massRangeOf(mode)
  const advice = match.findings.find((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail')
  const speaks = [match.decision === 'pass' && advice ? advice : deciding].filter((f) => f !== undefined)
  const others = match.findings.filter((f) => f.outcome.kind === 'fail' && severityOf(f) !== 'advise').length - 1
  return (
    <li
      className={`grid gap-x-4 gap-y-1.5 py-3 md:grid-cols-[minmax(0,1fr)_17.500rem] ${isChosen ? '-mx-3.5 bg-shoal px-3.5' : ''}`}
    >
      <div className="min-w-0">
        <h3 className="text-[1.05rem] font-bold">
          {modelName(model)} <span className="font-normal">{mode.label}</span>
        </h3>
        <p className="text-sm text-ink-soft">
          UN {mode.approval.regulation} · {DIRECTION_WORD[mode.direction]} ·{' '}
          {match.routes.map((r) => r.route.label).join(', ')}
        </p>
        {speaks.map((f) => (
          <p key={f.rule.id} className="mt-1 text-[0.95rem]">
            {f.outcome.reason()}{' '}
            <span className="text-ink-soft">
              ({SOURCE_WORD[f.outcome.source ?? f.rule.source]}: {lowerFirst(f.rule.title)}
              {others > 0 && `, and ${others} more`})
            </span>
          </p>
        ))}
        {match.decision === 'fail' && deciding?.outcome.remedy && (
          <p className="text-sm">{deciding.outcome.remedy()}</p>
        )}
      </div>
      <div className="flex min-w-0 flex-col gap-1">
        <RangeBar
          label="Mass"
          unit="kg"
          scale={[0, 40]}
          from={mass.from}
          to={mass.to}
          child={toInterval(current.child.massKg)}
        />
        {(mode.statureCm !== undefined || mode.approval.regulation === 'R129') && (
          <RangeBar
            label="Stature"
            unit="cm"
            scale={[40, 155]}
            from={mode.statureCm?.from}
            to={mode.statureCm?.to}
            child={toInterval(current.child.statureCm)}
          />
        )}
        <div className="mt-1 flex flex-wrap items-center justify-end gap-2">
          <span className="mr-auto text-sm text-ink-soft">{marginText(match)}</span>
          {group.units.length > 1 ? (
            <select
              aria-label={`Unit of ${modelName(model)}`}
              value={unit?.id}
              onChange={(e) => setUnitId(e.target.value)}
              className="min-h-11 max-w-36 rounded-[3px] border border-line bg-sheet px-1.5 text-sm"
            >
              {group.units.map((m) => (
                <option key={m.unit?.id} value={m.unit?.id}>
                  {m.unit?.serial}
                </option>
              ))}
            </select>
          ) : (
            <span className="text-sm text-ink-soft">{unit?.serial}</span>
          )}
          {isChosen ? (
            <StateMark state="pass" word="Chosen" />
          ) : (
            match.decision !== 'fail' &&
            !isSigned && (
              <Button
                look={match.decision === 'pass' && !match.isAdvisedAgainst ? 'main' : 'plain'}
                aria-label={`Use ${modelName(model)}, ${mode.label}`}
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
    </li>
  )
}
