import { benchLines, type BenchLine, type BenchLineId } from '@nimble-anchor/core/bench'
import { chosenIn, type Put } from '@nimble-anchor/core/casefile'
import { type Fault } from '@nimble-anchor/core/ground'
import { drawingOfSetting } from '@nimble-anchor/core/drawings'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recommendSettings, type Recommendation } from '@nimble-anchor/core/procedure'
import { type Settings } from '@nimble-anchor/core/readings'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { type SeatingPosition } from '@nimble-anchor/core/vehicle'
import { useMemo, type ReactNode } from 'react'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { InstrumentButton } from '../../instruments/InstrumentButton.tsx'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Explain } from '../../ui/Explain.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { QuantityField } from '../../ui/QuantityField.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { upperFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { FindingRow } from '../../findings/Ledger.tsx'
import { cushionPut } from '../place/PlaceFacts.tsx'
import { OnwardBar } from '../OnwardBar.tsx'
import { BenchPanel } from './bench/BenchPanel.tsx'
import { FindSetUp } from './bench/FindSetUp.tsx'
import { nextAt } from '../../findings/goTo.ts'
import { SeatInFrontPanel } from './SeatInFrontPanel.tsx'
import { MarginBar } from './MarginBar.tsx'
import { isAsSet, isSettingNext } from './openSettings.ts'
import { SettingField } from './SettingField.tsx'
import { SETTING_NAME } from './settingName.ts'
import * as msg from './messages.en.ts'

export default function SetUpStage({ current, assessment, isSigned, goTo }: StageProps) {
  const put = useFitting((s) => s.put)
  const subject = useMemo(() => fittedSubject(current), [current])
  const lines = useMemo(() => (subject ? benchLines(subject) : []), [subject])
  const { mode, route, position, model } = chosenIn(current)
  if (!subject || !mode || !route || !position || !model) {
    const missing = mode ? 'place' : 'choose'
    return (
      <Panel title={msg.setUp}>
        <p>
          {msg.whatToSetFollowsFrom} {mode ? msg.chooseThePlace : msg.chooseTheRestraintMode}
          {msg.first}
        </p>
        <Button look="main" className="mt-3" onClick={() => goTo(missing)}>
          {mode ? msg.openPlace : msg.openChoose}
        </Button>
      </Panel>
    )
  }
  const recommended = recommendSettings(subject)
  const open = recommended.filter((r) => r.kind === 'set' && !isAsSet(r, current.settings))
  /** What no value was worked out for, and nothing is set for. */
  const notWorkedOut = recommended.filter((r) => r.kind !== 'set' && current.settings[r.setting] === undefined)
  const findings = assessment.findings.filter((f) => f.stage === 'set-up' && f.kind !== 'pass')
  const set = (setting: string, value: unknown): readonly Fault[] =>
    put([{ path: ['settings', setting], value: value === null ? null : { value } }])

  return (
    <div className="grid gap-3 lg:grid-cols-[minmax(0,1fr)_25rem] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]">
      <div className="relative min-w-0 lg:min-h-0 tall:lg:overflow-y-auto">
        <BenchPanel current={current} subject={subject} isSigned={isSigned} />
      </div>
      {/* What is set comes first where there is room for one thing at a time. */}
      <div className="relative flex min-w-0 flex-col gap-3 max-lg:order-first lg:min-h-0 tall:lg:overflow-y-auto">
        <Panel
          title={msg.setBeforeItGoesIn}
          aside={
            open.length > 0 &&
            !isSigned && (
              <Button
                look={isSettingNext(current, assessment) ? 'main' : 'plain'}
                onClick={() =>
                  put(
                    open.flatMap((r): Put[] =>
                      r.kind === 'set' ? [{ path: ['settings', r.setting], value: { value: r.value } }] : [],
                    ),
                  )
                }
              >
                {msg.setAllAsWorkedOut}
              </Button>
            )
          }
        >
          {(route.settingsBeforePlacing ?? []).length > 0 && (
            <p className="mb-3 border-l-4 border-buff pl-3">
              {msg.outOfReachOnceIt}
              {route.settingsBeforePlacing?.join('; ')}.
            </p>
          )}
          {notWorkedOut.length > 0 && (
            <p className="mb-3 border-l-4 border-buff pl-3">
              {msg.notWorkedOutLeftFor(notWorkedOut.map((r) => SETTING_NAME[r.setting].toLowerCase()).join(', '))}
            </p>
          )}
          {recommended.length === 0 && <p>{msg.nothingIsSetOnThis}</p>}
          <div className="divide-y divide-hair">
            {recommended.map((r) => (
              <SettingRow
                key={r.setting}
                line={lines.find((l) => LINES_OF[r.setting]?.includes(l.id))}
                recommendation={r}
                subject={subject}
                settings={current.settings}
                isSigned={isSigned}
                onSet={(value) => set(r.setting, value)}
              >
                <SettingField
                  setting={r.setting}
                  mode={mode}
                  route={route}
                  settings={current.settings}
                  isSigned={isSigned}
                  first={r.kind === 'set' ? r.value : undefined}
                  onSet={(value) => set(r.setting, value)}
                />
              </SettingRow>
            ))}
            {mode.strap?.adjuster.kind === 'follows-head-support' && (
              <p className="py-3">{msg.theHeadSupportCarriesThe}</p>
            )}
          </div>
        </Panel>
        {mode.slidesOnBaseMm !== undefined && (
          <Panel title={msg.shellOnItsBase}>
            <SettingField
              setting="slideMm"
              mode={mode}
              route={route}
              settings={current.settings}
              isSigned={isSigned}
              onSet={(value) => set('slideMm', value)}
            />
          </Panel>
        )}
        <FindSetUp current={current} isSigned={isSigned} />
        {mode.direction === 'rearward' && position.row > 1 && route.frontSeat !== undefined && (
          <SeatInFrontPanel current={current} position={position} isSigned={isSigned} />
        )}
        <CushionPanel position={position} hasLeg={route.leg !== undefined} isSigned={isSigned} />
        {findings.length > 0 && (
          <Panel title={msg.whatDoesNotHoldYet}>
            <ul className="-mx-3.5 -my-3.5 divide-y divide-hair">
              {findings.map((f) => (
                <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
              ))}
            </ul>
          </Panel>
        )}
        <OnwardBar>
          <Button onClick={() => goTo('attach', nextAt(assessment, 'attach'))}>{msg.goOnToAttach}</Button>
        </OnwardBar>
      </div>
    </div>
  )
}

interface RowProps {
  readonly recommendation: Recommendation
  /** What the setting comes to on the bench. */
  readonly line: BenchLine | undefined
  readonly subject: FittedSubject
  readonly settings: Settings
  readonly isSigned: boolean
  readonly onSet: (value: unknown) => void
  readonly children: ReactNode
}

/** The line of the bench on which each setting is seen. */
const LINES_OF: Partial<Record<keyof Settings, readonly BenchLineId[]>> = {
  recline: ['shell-angle'],
  strapHeightMm: ['straps', 'guide'],
  legNotch: ['leg'],
}

/** One setting: its drawing, what was worked out, what is set and how much room that leaves; the reason opens from it. */
function SettingRow({ recommendation: r, line, subject, settings, isSigned, onSet, children }: RowProps) {
  const done = isAsSet(r, settings)
  const drawing = useMemo(() => drawingOfSetting(r.setting, subject), [r.setting, subject])
  return (
    <div
      data-need={`setting.${r.setting}`}
      className="grid grid-cols-[6rem_minmax(0,1fr)] items-start gap-x-3 gap-y-1 py-2"
    >
      <DrawingView drawing={drawing} className="w-full rounded-[3px] border border-hair" />
      <div className="min-w-0">
        <div className="flex items-baseline justify-between gap-2">
          <h3 className="text-sm font-semibold text-ink-soft">{SETTING_NAME[r.setting]}</h3>
          <Explain label={msg.why(SETTING_NAME[r.setting])}>{upperFirst(r.because)}.</Explain>
        </div>
        <div className="mb-1 flex flex-wrap items-center justify-between gap-x-2">
          <p className="text-lg leading-tight font-bold">{r.text}</p>
          {r.kind === 'set' &&
            (done ? (
              <StateMark state="pass" word={msg.setSo} size={14} />
            ) : (
              !isSigned && (
                <Button aria-label={msg.setSo2(SETTING_NAME[r.setting])} onClick={() => onSet(r.value)}>
                  {msg.setSo}
                </Button>
              )
            ))}
        </div>
        {children}
        {line && <MarginBar line={line} />}
      </div>
    </div>
  )
}

function CushionPanel({
  position,
  hasLeg,
  isSigned,
}: {
  position: SeatingPosition
  hasLeg: boolean
  isSigned: boolean
}) {
  const put = useFitting((s) => s.put)
  return (
    <Panel title={msg.theCushionAt(position.label)}>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <QuantityField
          label={msg.slopeFrontEdgeHigherIs}
          unit="°"
          quantity={position.cushion?.slopeDeg}
          draftKey={`vehicle.${position.id}.slopeDeg`}
          need="position.cushionSlopeDeg"
          defaultPlusMinus={1}
          disabled={isSigned}
          onChange={(q) => put([cushionPut(position, 'slopeDeg', q)])}
        />
        {!isSigned && (
          <div className="self-end">
            <InstrumentButton
              kind="inclinometer"
              field={msg.slope}
              against="cushion"
              value={position.cushion?.slopeDeg?.value}
              onTake={(q) => put([cushionPut(position, 'slopeDeg', q)])}
            />
          </div>
        )}
        {hasLeg && (
          <QuantityField
            label={msg.frontEdgeAboveTheBare}
            unit="mm"
            quantity={position.cushion?.frontEdgeAboveFloorMm}
            draftKey={`vehicle.${position.id}.frontEdgeAboveFloorMm`}
            need="position.cushionHeightMm"
            defaultPlusMinus={3}
            disabled={isSigned}
            hint={msg.matOutWhereTheFoot}
            onChange={(q) => put([cushionPut(position, 'frontEdgeAboveFloorMm', q)])}
          />
        )}
      </div>
    </Panel>
  )
}
