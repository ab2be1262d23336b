import { ageMonthsOf, massOf, statureOf } from '@nimble-anchor/core/child'
import {
  easiestRoute,
  matchModes,
  monthsAhead,
  rankModes,
  rankNeeds,
  type ModeMatch,
  type RankBasis,
  type RouteEase,
} from '@nimble-anchor/core/match'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { describeNeed } from '@nimble-anchor/core/verdict'
import { useEffect, useMemo, useState } from 'react'
import { createPortal } from 'react-dom'
import { useParams } from 'react-router'
import { useCommands } from '../../app/commands.ts'
import { forecastKey } from '../../forecast/protocol.ts'
import { useForecast } from '../../forecast/useForecast.ts'
import { stockOf, useCatalogue } from '../../session/catalogue.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { useMedia } from '../../ui/useMedia.ts'
import { ManualQuestions } from '../ManualQuestions.tsx'
import type { StageProps } from '../stages.ts'
import { CompareDialog } from './CompareDialog.tsx'
import { Filters } from './Filters.tsx'
import { ForecastLine } from './ForecastLine.tsx'
import { groupModes } from './groupModes.ts'
import { ModeDetail } from './ModeDetail.tsx'
import { ModeRow } from './ModeRow.tsx'
import { PracticeDialog } from './PracticeDialog.tsx'
import { BarGradients } from './RangeBar.tsx'
import { useChooseKeys } from './useChooseKeys.ts'
import { groupKey, isShown, SECTIONS, useChooseView } from './view.ts'
import { Fold } from '../../ui/Fold.tsx'

export default function ChooseStage(props: StageProps) {
  const { catalogue, status, load } = useCatalogue()
  useEffect(() => {
    if (!catalogue) void load()
  }, [catalogue, load])
  const stock = useMemo(() => (catalogue ? stockOf(catalogue) : []), [catalogue])
  if (status === 'failed') {
    return (
      <Panel title="The shelf could not be read">
        <Button onClick={() => void load()}>Try again</Button>
      </Panel>
    )
  }
  if (!catalogue) return <p className="p-4 text-ink-soft">Loading the shelf.</p>
  if (stock.length === 0) {
    return (
      <Panel title="Nothing on the shelf">
        <p>No restraint is recorded. Import a catalogue on the page Restraints, or make one there.</p>
      </Panel>
    )
  }
  return <ModeList {...props} stock={stock} />
}

function ModeList({
  current,
  assessment,
  isSigned,
  goTo,
  aside,
  stock,
}: StageProps & { readonly stock: ReturnType<typeof stockOf> }) {
  const { id = '' } = useParams()
  const { child, practice, localRule, today, vehicle } = current
  const { filters, selected, compared, select } = useChooseView()
  const [isPracticeOpen, setPracticeOpen] = useState(false)
  const [isCompareOpen, setCompareOpen] = useState(false)
  const [isDetailOpen, setDetailOpen] = useState(false)
  const register = useCommands((s) => s.register)
  const forecast = useForecast(current, stock)
  // A wide screen has room for the selected mode beside the list; a narrow one opens it over the list.
  const isNarrow = !useMedia('(min-width: 64rem)')
  const foldsFilters = !useMedia('(min-width: 48rem)')

  const circumstances = useMemo(() => ({ child, practice, localRule, today }), [child, practice, localRule, today])
  const matches = useMemo(() => matchModes(circumstances, stock), [circumstances, stock])
  const { answer } = forecast
  const basis = useMemo((): RankBasis => {
    const eases = new Map<ModeMatch, RouteEase | undefined>()
    const easeOf = (m: ModeMatch): RouteEase | undefined => {
      if (!vehicle || m.decision === 'fail') return undefined
      if (!eases.has(m)) eases.set(m, easiestRoute(circumstances, vehicle, m))
      return eases.get(m)
    }
    const aheadOf = (m: ModeMatch) => {
      const forecast = answer?.modes.get(forecastKey(m))
      return forecast && { opensInMonths: forecast.opensIn.p50, leftMonths: forecast.left.p50 }
    }
    return {
      practice,
      ...(answer && { monthsLeft: (m) => monthsAhead(m, matches, aheadOf) }),
      ...(vehicle && { ease: easeOf }),
    }
  }, [practice, answer, vehicle, circumstances, matches])
  const groups = useMemo(() => groupModes(rankModes(matches, basis)), [matches, basis])
  const shown = useMemo(
    () => groups.filter((g) => isShown(g.best, filters, (m) => basis.ease?.(m) !== undefined)),
    [groups, filters, basis],
  )
  const needs = useMemo(
    () => rankNeeds(groups.filter((g) => g.best.decision === 'undecided').map((g) => g.best.findings)),
    [groups],
  )
  const ordered = useMemo(
    () => SECTIONS.flatMap(({ standing }) => shown.filter((g) => g.best.standing === standing)),
    [shown],
  )
  const chosenKey = `${current.choice.modelId ?? ''}/${current.choice.modeId ?? ''}`
  const at = ordered.findIndex((g) => groupKey(g) === (selected ?? chosenKey))
  const selectedGroup = ordered[Math.max(0, at)]
  const place = selectedGroup ? groups.indexOf(selectedGroup) : -1
  const onBars = useMemo(
    () => ({ massKg: massOf(child), statureCm: statureOf(child), ageMonths: ageMonthsOf(child, today) }),
    [child, today],
  )
  const forecastOf = (m: ModeMatch) => answer?.modes.get(forecastKey(m))

  useEffect(
    () =>
      register([
        {
          id: 'practice',
          label: 'Practice and local rule in this fitting',
          group: 'Do',
          key: 'p',
          run: () => setPracticeOpen(true),
        },
      ]),
    [register],
  )
  useChooseKeys(ordered, selectedGroup, {
    compare: () => setCompareOpen(true),
    detail: () => isNarrow && setDetailOpen(true),
  })

  const carName = vehicle && vehicleName(vehicle)
  const tags = useMemo(() => [...new Set(stock.flatMap((s) => s.model.tags ?? []))].toSorted(), [stock])
  const count = `${shown.length} of ${groups.length} modes`
  const detail = selectedGroup && (
    <ModeDetail
      group={selectedGroup}
      above={groups[place - 1]}
      below={groups[place + 1]}
      basis={basis}
      forecast={forecastOf(selectedGroup.best)}
      goTo={(stage) => {
        setDetailOpen(false)
        goTo(stage)
      }}
    />
  )
  return (
    <div className="flex flex-col gap-2">
      <BarGradients />
      <div className="flex flex-wrap items-center justify-between gap-2">
        <ForecastLine forecast={forecast} growthPath={`/fittings/${id}/growth`} />
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => setCompareOpen(true)} disabled={compared.length === 0}>
            Side by side ({compared.length})
          </Button>
          <Button onClick={() => setPracticeOpen(true)}>Practice: {practice.name}</Button>
        </span>
      </div>
      {foldsFilters ? (
        <Fold className="rounded-[3px] border border-line bg-sheet px-3 py-1" summary={`Show only: ${count}`}>
          <Filters carName={carName} count={count} tags={tags} />
        </Fold>
      ) : (
        <Filters carName={carName} count={count} tags={tags} />
      )}
      {needs.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-2 rounded-[3px] border border-line bg-sheet px-3">
          <StateMark state="undecided" word="Measure next" />
          {needs.slice(0, 3).map(({ need, settles, bearsOn }) => (
            <Button
              look="bare"
              key={need}
              className="min-h-11 underline underline-offset-4"
              onClick={() => goTo(describeNeed(need).stage)}
            >
              {describeNeed(need).label} ({settles > 0 ? `settles ${settles}` : `bears on ${bearsOn}`})
            </Button>
          ))}
        </p>
      )}
      {needs.some((n) => n.need === 'child.advice') && (
        <p role="alert" className="border-l-4 border-fail bg-sheet py-2 pl-3 font-semibold">
          Stop here and refer: a specialist decides how this child travels. Nothing is put first until that advice is
          recorded at{' '}
          <Button look="bare" className="min-h-11 underline underline-offset-4" onClick={() => goTo('measure')}>
            Measure
          </Button>
          .
        </p>
      )}
      <ManualQuestions current={current} assessment={assessment} isSigned={isSigned} of="mode" />
      {shown.length === 0 && (
        <Panel title="Nothing to show">
          <p>No mode passes these filters. Show everything to see what there is.</p>
        </Panel>
      )}
      {SECTIONS.map(({ standing, mark, title }) => {
        const inSection = shown.filter((g) => g.best.standing === standing)
        if (inSection.length === 0) return null
        return (
          <Panel
            key={standing}
            title={<StateMark state={mark} word={title} />}
            aside={<span className="text-sm text-ink-soft">{inSection.length}</span>}
          >
            <ul className="-my-3 divide-y divide-hair">
              {inSection.map((group) => (
                <ModeRow
                  key={groupKey(group)}
                  group={group}
                  current={current}
                  child={onBars}
                  answer={answer}
                  forecastOf={forecastOf}
                  nowhereIn={
                    carName && group.best.decision !== 'fail' && basis.ease?.(group.best) === undefined
                      ? carName
                      : undefined
                  }
                  isSigned={isSigned}
                  onSelect={() => {
                    select(groupKey(group))
                    if (isNarrow) setDetailOpen(true)
                  }}
                  onChosen={() => goTo('place')}
                />
              ))}
            </ul>
          </Panel>
        )
      })}
      {aside && !isNarrow && detail && createPortal(detail, aside)}
      <Dialog open={isDetailOpen} onOpenChange={setDetailOpen} title="Why" asDrawer>
        {detail}
      </Dialog>
      <PracticeDialog
        current={current}
        stock={stock}
        isSigned={isSigned}
        open={isPracticeOpen}
        onOpenChange={setPracticeOpen}
      />
      <CompareDialog
        groups={groups.filter((g) => compared.includes(groupKey(g)))}
        child={onBars}
        basis={basis}
        answer={answer}
        forecastOf={forecastOf}
        open={isCompareOpen}
        onOpenChange={setCompareOpen}
      />
    </div>
  )
}
