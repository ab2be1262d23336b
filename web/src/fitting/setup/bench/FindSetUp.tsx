import { chosenIn, type Case, type Put } from '@nimble-anchor/core/casefile'
import { type SettingValues } from '@nimble-anchor/core/match'
import { type Mode, type Route } from '@nimble-anchor/core/restraint'
import { type Finding } from '@nimble-anchor/core/rules'
import { useEffect, useRef, useState } from 'react'
import { useFitting } from '../../../session/fitting.ts'
import { isSameContent } from '../../../session/sameContent.ts'
import { Button } from '../../../ui/Button.tsx'
import { Panel } from '../../../ui/Panel.tsx'
import { StateMark } from '../../../ui/StateMark.tsx'
import { lowerFirst, upperFirst } from '../../../ui/words.ts'
import type { FoundSetting, SetUpAnswer } from './protocol.ts'
import { setUpText } from './settingText.ts'
import { startSearch, type RunningSearch } from './startSearch.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly isSigned: boolean
}

type Search =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running' }
  | { readonly kind: 'done'; readonly answer: SetUpAnswer; readonly of: Case }
  | { readonly kind: 'failed'; readonly message: string }

/** Puts that set a found set-up; a seat in front that is to stay as it is has its setting taken away. */
export function putsForSetUp(current: Case, values: SettingValues): readonly Put[] {
  const wanted: readonly Put[] = Object.entries(values)
    .filter(([, value]) => value !== undefined)
    .map(([id, value]) => ({ path: ['settings', id], value: { value } }))
  const clears = 'frontSeatGapMm' in values && values.frontSeatGapMm === undefined && current.settings.frontSeatGapMm
  return clears ? [...wanted, { path: ['settings', 'frontSeatGapMm'], value: null }] : wanted
}

/** Searches everything that can be set for what passes, in a worker. */
export function FindSetUp({ current, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const [search, setSearch] = useState<Search>({ kind: 'idle' })
  const running = useRef<RunningSearch | null>(null)
  const { mode, route } = chosenIn(current)
  useEffect(() => () => running.current?.cancel(), [])
  if (!mode || !route) return null

  function start(): void {
    const mine = startSearch(current)
    running.current = mine
    setSearch({ kind: 'running' })
    mine.answer.then(
      (answer) => running.current === mine && setSearch({ kind: 'done', answer, of: current }),
      (error: unknown) =>
        running.current === mine &&
        setSearch({ kind: 'failed', message: error instanceof Error ? error.message : String(error) }),
    )
  }
  function stop(): void {
    running.current?.cancel()
    running.current = null
    setSearch({ kind: 'idle' })
  }
  // What the server has acknowledged meanwhile is no change.
  const isOld = search.kind === 'done' && !isSameContent(search.of, current)

  return (
    <Panel
      title={msg.findASetUp}
      aside={
        search.kind === 'running' ? (
          <Button onClick={stop}>{msg.stop}</Button>
        ) : (
          <Button onClick={start}>{search.kind === 'done' ? msg.searchAgain : msg.search}</Button>
        )
      }
    >
      <div role="status">
        {search.kind === 'idle' && <p className="text-ink-soft">{msg.triesEveryPermittedReclineWedge}</p>}
        {search.kind === 'running' && <p>{msg.searching}</p>}
        {search.kind === 'failed' && <p className="font-semibold text-fail">{search.message}</p>}
        {search.kind === 'done' && (
          <p className="text-sm text-ink-soft">
            {msg.combinationsTriedBestFirst(search.answer.tried)}
            {isOld && msg.somethingWasChangedSinceSearch}
          </p>
        )}
      </div>
      {search.kind === 'done' && (
        <ol className="mt-2 divide-y divide-hair border-t border-hair">
          {search.answer.found.map((found, i) => (
            <FoundRow
              key={JSON.stringify(found.values)}
              found={found}
              isFirst={i === 0}
              mode={mode}
              route={route}
              canUse={!isSigned && !isOld}
              onUse={() => put(putsForSetUp(current, found.values))}
            />
          ))}
        </ol>
      )}
    </Panel>
  )
}

interface RowProps {
  readonly found: FoundSetting
  readonly isFirst: boolean
  readonly mode: Mode
  readonly route: Route
  readonly canUse: boolean
  readonly onUse: () => void
}

const hasMargin = (f: Finding): boolean => f.margin !== undefined && Number.isFinite(f.margin) && f.unit !== undefined

function FoundRow({ found, isFirst, mode, route, canUse, onUse }: RowProps) {
  const open = found.findings.filter((f) => f.kind !== 'pass')
  const held = found.findings.filter((f) => f.kind === 'pass' && hasMargin(f))
  return (
    <li className="grid gap-x-3 gap-y-2 py-3 md:grid-cols-[minmax(0,1fr)_auto]">
      <div className="min-w-0">
        <p className="flex items-start gap-2 font-bold">
          <span className="pt-0.5">
            <StateMark state={found.decision} />
          </span>
          {upperFirst(setUpText(mode, route, found.values))}
        </p>
        <ul className="ml-6 text-sm">
          {open.map((f) => (
            <li key={f.ruleId}>
              {f.severity === 'advise' && <span className="text-ink-soft">{msg.advice2}</span>}
              {f.reason} <span className="font-semibold">{f.remedy}</span>
            </li>
          ))}
          {found.missing.map((text) => (
            <li key={text}>{msg.notJudgedMissing(lowerFirst(text))}</li>
          ))}
          {held.map((f) => (
            <li key={f.ruleId} className="text-ink-soft">
              {f.title}: {Math.round((f.margin ?? 0) * 10) / 10} {f.unit}
              {msg.toSpare}
            </li>
          ))}
        </ul>
      </div>
      {canUse && found.decision !== 'fail' && (
        <Button
          look={isFirst && found.decision === 'pass' ? 'main' : 'plain'}
          className="self-start"
          aria-label={msg.useTheseSettings2(setUpText(mode, route, found.values))}
          onClick={onUse}
        >
          {msg.useTheseSettings}
        </Button>
      )}
    </li>
  )
}
