import { endingText, type ModeForecast } from '@nimble-anchor/core/forecast'
import type { ModeMatch, RouteEase } from '@nimble-anchor/core/match'
import type { Interval } from '@nimble-anchor/core/quantities'
import { DIRECTION_WORD, modelName } from '@nimble-anchor/core/restraint'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useMemo, type KeyboardEvent } from 'react'
import { Button } from '../../ui/Button.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { useSwipe } from '../../ui/useSwipe.ts'
import { AxisBar, AxisHead, BarFade } from './AxisBar.tsx'
import { AXIS_IDS, axesFor, barOf, childOn, type Axis } from './axes.ts'
import { forecastText } from './forecastText.ts'
import type { ModeGroup } from './groupModes.ts'
import { groupKey, SECTIONS, useChooseView } from './view.ts'
import * as msg from './messages.en.ts'

interface Props {
  /** In the order they stand. */
  readonly groups: readonly ModeGroup[]
  readonly selectedKey: string | undefined
  readonly chosenKey: string
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  readonly forecastOf: (match: ModeMatch) => ModeForecast | undefined
  readonly carName: string | undefined
  /** Where a mode stands in the chosen car; `undefined` where it stands nowhere. */
  readonly easeOf: ((match: ModeMatch) => RouteEase | undefined) | undefined
  /** One axis at a time, two lines a row. */
  readonly isNarrow: boolean
  readonly onSelect: (key: string) => void
}

const COLUMNS = 'grid-cols-[1.1rem_minmax(0,15.5rem)_minmax(0,1fr)_minmax(0,1.1fr)_minmax(0,1.5fr)_5.5rem_1.4rem]'

/** Every mode as a row on shared axes: the child one line through all of them. */
export function ModeChart(props: Props) {
  const { groups, selectedKey, forecastOf, isNarrow, onSelect } = props
  const axes = useMemo(() => axesFor(groups.map((g) => forecastOf(g.best))), [groups, forecastOf])
  const { axis: axisId, setAxis } = useChooseView()
  const shownAxes = isNarrow ? [axes[axisId]] : AXIS_IDS.map((id) => axes[id])
  const turn = (by: 1 | -1): void => {
    const next = AXIS_IDS[(AXIS_IDS.indexOf(axisId) + by + AXIS_IDS.length) % AXIS_IDS.length]
    if (next) setAxis(next)
  }
  const swipe = useSwipe(turn)
  const onKey = (e: KeyboardEvent): void => {
    if (e.key !== 'ArrowDown' && e.key !== 'ArrowUp') return
    e.preventDefault()
    const at = groups.findIndex((g) => groupKey(g) === selectedKey)
    const to = groups[Math.min(Math.max(at + (e.key === 'ArrowDown' ? 1 : -1), 0), groups.length - 1)]
    if (!to) return
    onSelect(groupKey(to))
    e.currentTarget.querySelector<HTMLElement>(`[data-mode="${CSS.escape(groupKey(to))}"] button`)?.focus()
  }
  return (
    <div className="relative" onKeyDown={onKey} {...(isNarrow && swipe)}>
      <BarFade />
      {isNarrow ? (
        <div className="sticky top-0 z-10 grid grid-cols-[2.75rem_minmax(0,1fr)_2.75rem] items-center gap-1 border-b border-line bg-sheet px-1">
          <Button look="quiet" className="px-1!" aria-label={msg.theAxisBefore} onClick={() => turn(-1)}>
            <ChevronLeft size={20} aria-hidden="true" />
          </Button>
          <AxisHead axis={axes[axisId]} child={childOn(axes[axisId], props.massKg, props.statureCm)} />
          <Button look="quiet" className="px-1!" aria-label={msg.theNextAxis} onClick={() => turn(1)}>
            <ChevronRight size={20} aria-hidden="true" />
          </Button>
        </div>
      ) : (
        <div className={`sticky top-0 z-10 grid ${COLUMNS} items-end gap-x-2 border-b border-line bg-sheet px-2`}>
          <span />
          <span className="pb-0.5 text-xs text-ink-soft">{msg.modes(groups.length)}</span>
          {shownAxes.map((axis) => (
            <AxisHead key={axis.id} axis={axis} child={childOn(axis, props.massKg, props.statureCm)} />
          ))}
          <span className="pb-0.5 text-xs text-ink-soft">{msg.endedBy}</span>
          <span className="pb-0.5 text-xs text-ink-soft">{msg.car}</span>
        </div>
      )}
      {SECTIONS.map(({ standing, title }) => {
        const inSection = groups.filter((g) => g.best.standing === standing)
        if (inSection.length === 0) return null
        return (
          <section key={standing} aria-label={title}>
            <h2 className="bg-shoal px-2 text-[0.7rem] leading-[0.95rem] font-bold">
              {title} <span className="font-normal text-ink-soft">{inSection.length}</span>
            </h2>
            <ul>
              {inSection.map((group) => (
                <ModeRow key={groupKey(group)} group={group} axes={shownAxes} {...props} />
              ))}
            </ul>
          </section>
        )
      })}
    </div>
  )
}

/** "105 cm", "13 kg": the column says that it is what ends the mode; the words stand beside and are read out. */
const endsWith = (ending: ModeForecast['endsBy'][number]): string => /[\d.]+ (?:cm|kg)$/.exec(endingText(ending))?.[0] ?? endingText(ending) // prettier-ignore

type RowProps = Props & { readonly group: ModeGroup; readonly axes: readonly Axis[] }

function ModeRow({ group, axes, isNarrow, selectedKey, chosenKey, carName, easeOf, onSelect, ...rest }: RowProps) {
  const { massKg, statureCm, forecastOf } = rest
  const { best } = group
  const { model, mode } = best
  const key = groupKey(group)
  const isSelected = selectedKey === key
  const forecast = forecastOf(best)
  const section = SECTIONS.find((s) => s.standing === best.standing)
  const ease = carName === undefined || best.decision === 'fail' ? null : easeOf?.(best)
  const stands = ease === null ? undefined : ease === undefined ? 'fail' : ease.decision
  const [ending] = forecast?.endsBy ?? []
  const ends = best.standing === 'outgrown' || best.standing === 'not-permitted' ? undefined : ending
  const said = [
    section?.title.split(':')[0],
    best.isAdvisedAgainst && msg.advisedAgainst2,
    forecastText(forecast, best.standing),
    carName !== undefined && stands !== undefined && (stands === 'fail' ? msg.fitsNowhereInThe(carName) : msg.standsInThe(carName)), // prettier-ignore
    stands === 'undecided' && msg.notMeasuredThere,
  ]
  const name = (
    <span className="min-w-0 truncate">
      <span className={isSelected ? 'font-bold' : 'font-semibold'}>{modelName(model)}</span>{' '}
      <span className="text-ink-soft">{mode.label}</span>
      {key === chosenKey && msg.chosen2}
      <span className="sr-only">, {DIRECTION_WORD[mode.direction]}: {said.filter(Boolean).join('; ')}</span>
    </span>
  ) // prettier-ignore
  const mark = <StateMark state={section?.mark ?? 'undecided'} size={12} />
  const bars = axes.map((axis) => (
    <AxisBar key={axis.id} axis={axis} bar={barOf(axis, mode, forecast)} child={childOn(axis, massKg, statureCm)} />
  ))
  const look = `w-full border-l-4 px-1 text-left text-[0.9rem] hover:bg-shoal ${isSelected ? 'border-magenta bg-shoal' : 'border-transparent'} ${best.isAdvisedAgainst ? 'italic' : ''}`
  return (
    <li data-mode={key}>
      {isNarrow ? (
        <Button look="bare" aria-pressed={isSelected} onClick={() => onSelect(key)} className={`${look} block`}>
          <span className="flex min-h-6 items-center gap-2">
            {mark}
            {name}
            {stands && <span className="ml-auto"><StateMark state={stands} size={12} /></span>}
          </span>
          <span className="block h-5 px-11">{bars}</span>
        </Button>
      ) : (
        <Button
          look="bare"
          aria-pressed={isSelected}
          onClick={() => onSelect(key)}
          className={`${look} grid h-[1.3rem] ${COLUMNS} items-center gap-x-2 pointer-coarse:h-11`}
        >
          {mark}
          {name}
          {bars}
          <span aria-hidden="true" className="truncate text-xs text-ink-soft">
            {ends && endsWith(ends)}
          </span>
          {stands ? <StateMark state={stands} size={12} /> : <span />}
        </Button>
      )}
    </li>
  ) // prettier-ignore
}
