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
import { Popover } from 'radix-ui'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { useParams } from 'react-router'
import { useCommands } from '../../commands/commands.ts'
import { forecastKey } from '../../forecast/protocol.ts'
import { useForecast } from '../../forecast/useForecast.ts'
import { loadCatalogue, stockOf, useCatalogue } from '../../session/catalogue.ts'
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
import { ModeChart } from './ModeChart.tsx'
import { NoneFits } from './NoneFits.tsx'
import { PracticeDialog } from './PracticeDialog.tsx'
import { useChooseKeys } from './useChooseKeys.ts'
import { groupKey, isShown, SECTIONS, useChooseView } from './view.ts'
import * as msg from './messages.en.ts'

export default function ChooseStage(props: StageProps) {
  const { catalogue, status } = useCatalogue()
  const stock = useMemo(() => (catalogue ? stockOf(catalogue) : []), [catalogue])
  if (status === 'failed') {
    return (
      <Panel title={msg.theShelfCouldNotBe}>
        <Button onClick={() => void loadCatalogue()}>{msg.tryAgain}</Button>
      </Panel>
    )
  }
  if (!catalogue) return <p className="p-4 text-ink-soft">{msg.loadingTheShelf}</p>
  if (stock.length === 0) {
    return (
      <Panel title={msg.nothingOnTheShelf}>
        <p>{msg.noRestraintIsRecordedImport}</p>
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
  stock,
}: StageProps & { readonly stock: ReturnType<typeof stockOf> }) {
  const { id = '' } = useParams()
  const { child, practice, localRule, today, vehicle, ride } = current
  const { filters, selected, compared, select, setFilters } = useChooseView()
  const [isPracticeOpen, setPracticeOpen] = useState(false)
  const [isCompareOpen, setCompareOpen] = useState(false)
  const [isDetailOpen, setDetailOpen] = useState(false)
  const register = useCommands((s) => s.register)
  const forecast = useForecast(current, stock)
  // A wide screen has room for the selected mode beside the list; a narrow one opens it over the list.
  const isNarrow = !useMedia('(min-width: 64rem)')

  const circumstances = useMemo(
    () => ({ child, practice, localRule, today, ride }),
    [child, practice, localRule, today, ride],
  )
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
  const forecastOf = useCallback((m: ModeMatch) => answer?.modes.get(forecastKey(m)), [answer])

  useEffect(
    () =>
      register([
        {
          id: 'practice',
          label: msg.practiceAndLocalRuleIn,
          group: msg.doWord,
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
  const count = msg.ofModes(shown.length, groups.length)
  const pick = (key: string): void => {
    select(key)
    if (isNarrow) setDetailOpen(true)
  }
  const detail = selectedGroup && (
    <ModeDetail
      key={groupKey(selectedGroup)}
      group={selectedGroup}
      current={current}
      above={groups[place - 1]}
      below={groups[place + 1]}
      basis={basis}
      forecast={forecastOf(selectedGroup.best)}
      isSigned={isSigned}
      onChosen={() => {
        setDetailOpen(false)
        goTo('place')
      }}
      goTo={(stage) => {
        setDetailOpen(false)
        goTo(stage)
      }}
    />
  )
  const isWaiting = forecast.status === 'running'
  const needsAdvice = needs.some((n) => n.need === 'child.advice')
  return (
    <div className="grid gap-3 lg:grid-cols-[minmax(0,1fr)_21rem] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]">
      <div className="flex min-h-0 min-w-0 flex-col rounded-[3px] border border-line bg-sheet">
        <div className="flex flex-wrap items-center justify-between gap-x-2 border-b border-line px-2">
          <Popover.Root>
            <Popover.Trigger asChild>
              <Button look="quiet" className="min-h-9! px-2! max-lg:min-h-11! pointer-coarse:min-h-11!">
                {msg.showOnly2(count)}
              </Button>
            </Popover.Trigger>
            <Popover.Portal>
              <Popover.Content
                side="bottom"
                align="start"
                collisionPadding={8}
                aria-label={msg.showOnly}
                className="z-60 w-[min(24rem,calc(100vw-1rem))] rounded-[3px] border-2 border-ink bg-sheet p-3 text-ink"
              >
                <Filters carName={carName} count={count} tags={tags} />
              </Popover.Content>
            </Popover.Portal>
          </Popover.Root>
          <span className="flex flex-wrap items-center">
            <ForecastLine forecast={forecast} growthPath={`/fittings/${id}/growth`} />
            {(compared.length > 0 || !isNarrow) && (
              <Button
                look="quiet"
                className="min-h-9! px-2! max-lg:min-h-11! pointer-coarse:min-h-11!"
                onClick={() => setCompareOpen(true)}
                disabled={compared.length === 0}
              >
                {msg.sideBySide2(compared.length)}
              </Button>
            )}
            <Button
              look="quiet"
              className="min-h-9! px-2! max-lg:min-h-11! pointer-coarse:min-h-11!"
              onClick={() => setPracticeOpen(true)}
            >
              {msg.practice(practice.name)}
            </Button>
          </span>
        </div>
        <div className="relative min-h-0 flex-1 tall:lg:overflow-y-auto" aria-busy={isWaiting}>
          {needs.length > 0 && !needsAdvice && (
            <p className="flex flex-wrap items-center gap-x-2 border-b border-hair px-2 text-sm">
              <StateMark state="undecided" word={msg.measureNext} size={14} />
              {needs.slice(0, 3).map(({ need, settles, bearsOn }) => (
                <Button
                  look="bare"
                  key={need}
                  className="min-h-7 underline underline-offset-4 max-lg:min-h-11 pointer-coarse:min-h-11"
                  onClick={() => goTo(describeNeed(need).stage, need)}
                >
                  {describeNeed(need).label} ({settles > 0 ? msg.settles(settles) : msg.bearsOn(bearsOn)})
                </Button>
              ))}
            </p>
          )}
          {needsAdvice && (
            <p role="alert" className="m-2 border-l-4 border-fail pl-3 font-semibold">
              {msg.stopHereAndReferA}{' '}
              <Button
                look="bare"
                className="min-h-11 underline underline-offset-4"
                onClick={() => goTo('measure', 'child.advice')}
              >
                {msg.measure}
              </Button>
              .
            </p>
          )}
          <ManualQuestions current={current} assessment={assessment} isSigned={isSigned} of="mode" />
          {isWaiting ? (
            <p role="status" className="p-4 text-ink-soft">
              {msg.workingOutHowLongEach}
            </p>
          ) : shown.length === 0 ? (
            filters.fitsCar && vehicle ? (
              <NoneFits
                current={current}
                vehicle={vehicle}
                groups={groups.filter((g) => isShown(g.best, { ...filters, fitsCar: false }, () => true))}
                onSelect={(key) => {
                  setFilters({ fitsCar: false })
                  pick(key)
                }}
              />
            ) : (
              <p className="p-4">{msg.noModePassesTheseFilters}</p>
            )
          ) : (
            <ModeChart
              groups={ordered}
              selectedKey={selectedGroup && groupKey(selectedGroup)}
              chosenKey={chosenKey}
              massKg={onBars.massKg}
              statureCm={onBars.statureCm}
              forecastOf={forecastOf}
              carName={carName}
              easeOf={basis.ease}
              isNarrow={isNarrow}
              onSelect={pick}
            />
          )}
        </div>
      </div>
      {!isNarrow && !isWaiting && detail}
      <Dialog open={isDetailOpen} onOpenChange={setDetailOpen} title={msg.why} asDrawer>
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
