import { formatInterval, formatNumber } from '@nimble-anchor/core/quantities'
import { drawingOfFinding } from '@nimble-anchor/core/drawings'
import { fittedSubject } from '@nimble-anchor/core/match'
import { SOURCE_WORD, type Finding } from '@nimble-anchor/core/rules'
import { CAUTION, STAGE_TEXT, type Assessment } from '@nimble-anchor/core/verdict'
import { useState } from 'react'
import { needOf, type GoTo } from './goTo.ts'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { useFitting } from '../session/fitting.ts'
import { Dialog } from '../ui/Dialog.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { Fold } from '../ui/Fold.tsx'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly assessment: Assessment
  readonly goTo: GoTo
}

const isAdvice = (f: Finding): boolean => f.severity === 'advise' && f.kind !== 'pass'

interface GroupProps {
  readonly mark: 'pass' | 'not-started'
  readonly text: string
  readonly findings: readonly Finding[]
  readonly isOpen: boolean
  readonly goTo: GoTo
}

/** Findings that say nothing urgent, one line until they are asked for. */
function FindingGroup({ mark, text, findings, isOpen, goTo }: GroupProps) {
  const [shows, setShows] = useState(isOpen)
  if (findings.length === 0) return null
  return (
    <div className="border-t border-line">
      <Button
        look="bare"
        aria-expanded={shows}
        onClick={() => setShows(!shows)}
        className="flex min-h-11 w-full items-center gap-2 px-3 text-left text-sm font-semibold hover:bg-shoal"
      >
        <StateMark state={mark} size={14} />
        {text}
        <span className="ml-auto text-ink-soft">{shows ? msg.hide : msg.show}</span>
      </Button>
      {shows && (
        <ul className="divide-y divide-hair border-t border-hair">
          {findings.map((f) => (
            <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
          ))}
        </ul>
      )}
    </div>
  )
}

/** Worst first; what waits for a stage not begun, and what holds, is folded away. */
export function Ledger({
  assessment,
  goTo,
  showsAll = false,
  isHeaded = false,
}: Props & {
  readonly showsAll?: boolean
  /** Where nothing above it says what it is: a sheet and a tab have a name of their own. */
  readonly isHeaded?: boolean
}) {
  const isWaiting = (f: Finding): boolean => f.kind === 'undecided' && assessment.stages[f.stage] === 'not-started'
  const open = assessment.findings.filter((f) => f.kind !== 'pass' && !isWaiting(f))
  const waiting = assessment.findings.filter(isWaiting)
  const passed = assessment.findings.filter((f) => f.kind === 'pass')
  const stages = [...new Set(waiting.map((f) => STAGE_TEXT[f.stage]))].join(', ')
  return (
    <section aria-label={msg.ledgerOfFindings} id="ledger" className="rounded-[3px] border border-line bg-sheet">
      {isHeaded && <h2 className="border-b-3 border-double border-line px-3 py-2 font-bold">{msg.ledger}</h2>}
      <p className="border-b border-hair px-3 py-1.5 text-xs text-ink-soft">{CAUTION}</p>
      {assessment.findings.length === 0 && <p className="p-3 text-sm text-ink-soft">{msg.noRuleHasSpokenYet}</p>}
      <ul className="divide-y divide-hair">
        {open.map((f) => (
          <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
        ))}
      </ul>
      <FindingGroup
        mark="not-started"
        text={msg.stillToDo(waiting.length, stages)}
        findings={waiting}
        isOpen={showsAll}
        goTo={goTo}
      />
      <FindingGroup
        mark="pass"
        text={`${passed.length} ${passed.length === 1 ? msg.ruleHolds : msg.rulesHold}`}
        findings={passed}
        isOpen={showsAll}
        goTo={goTo}
      />
    </section>
  )
}

/** What the finding is about, where that has a place in a drawing. */
function FindingDrawing({ finding }: { readonly finding: Finding }) {
  const current = useFitting((s) => s.case)
  const subject = current ? fittedSubject(current) : undefined
  const drawing = subject && drawingOfFinding(finding, subject)
  return drawing ? <DrawingView drawing={drawing} className="float-right mb-1 ml-3 w-36" /> : null
}

export function FindingRow({ finding: f, goTo }: { finding: Finding; goTo: GoTo }) {
  const unit = f.unit ?? ''
  return (
    <li>
      <Fold
        isRow
        rule={f.ruleId}
        triggerClassName="flex gap-2 px-3 py-2 hover:bg-shoal"
        summary={
          <>
            <span className="pt-0.5">
              <StateMark state={f.kind} size={14} />
            </span>
            <span className="min-w-0 text-[0.95rem] leading-snug">
              <span className="font-bold">{f.title}</span>
              {isAdvice(f) && <span className="ml-1.5 text-sm text-ink-soft">{msg.advice}</span>}
              <span className="block text-sm">{f.reason}</span>
            </span>
          </>
        }
      >
        <div className="ml-8 border-l-2 border-hair pb-3 pl-3 text-sm">
          <FindingDrawing finding={f} />
          {f.remedy !== undefined && <p className="font-semibold">{f.remedy}</p>}
          {f.why !== undefined && <p className="mt-1">{msg.why(f.why)}</p>}
          <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-ink-soft">
            {f.measured && (
              <>
                <dt>{msg.measured}</dt>
                <dd>{formatInterval(f.measured, unit)}</dd>
              </>
            )}
            {f.limit !== undefined && (
              <>
                <dt>{msg.limit}</dt>
                <dd>
                  {formatNumber(f.limit)} {unit}
                </dd>
              </>
            )}
            {f.margin !== undefined && (
              <>
                <dt>{msg.margin}</dt>
                <dd>
                  {formatNumber(f.margin, 2)} {unit}
                </dd>
              </>
            )}
            <dt>{msg.source}</dt>
            <dd>
              {SOURCE_WORD[f.source]}
              {f.severity === 'stop'
                ? msg.stopsTheFitting
                : f.severity === 'fix'
                  ? msg.putRightBeforeTravel
                  : msg.advice2}
            </dd>
            <dt>{msg.rule}</dt>
            <dd className="break-words">{f.ruleId}</dd>
          </dl>
          <p className="mt-1">{f.standsOn}</p>
          {f.kind !== 'pass' && (
            <Button
              look="bare"
              onClick={() => goTo(f.stage, needOf(f))}
              className="mt-2 min-h-11 rounded-[3px] border border-line px-3 font-semibold hover:bg-shoal"
            >
              {msg.open(STAGE_TEXT[f.stage])}
            </Button>
          )}
        </div>
      </Fold>
    </li>
  )
}

export function LedgerDrawer(props: Props & { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title={msg.findings} asDrawer>
      <Ledger
        assessment={props.assessment}
        goTo={(stage, need) => {
          props.onOpenChange(false)
          props.goTo(stage, need)
        }}
      />
    </Dialog>
  )
}
