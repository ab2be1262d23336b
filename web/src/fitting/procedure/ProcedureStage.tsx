import { fittedSubject, stepsDoneIn } from '@nimble-anchor/core/match'
import { disturbancesOf, redoList, stepName, stepsFor } from '@nimble-anchor/core/procedure'
import { DISTURBANCE_TEXT, type Disturbance } from '@nimble-anchor/core/readings'
import { checkState } from '@nimble-anchor/core/verdict'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { useCommands } from '../../commands/commands.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { useMedia } from '../../ui/useMedia.ts'
import { upperFirst } from '../../ui/words.ts'
import { leadsWithin } from '../../findings/goTo.ts'
import type { StageProps } from '../stages.ts'
import { BayView } from './BayView.tsx'
import { StepCard } from './StepCard.tsx'
import { RedoNote, StepList } from './StepList.tsx'
import { putsForDone } from './StepParts.tsx'
import { stepMark } from './stepState.ts'
import { useGoesOn } from './useGoesOn.ts'
import * as msg from './messages.en.ts'

interface Props extends StageProps {
  readonly stage: 'attach' | 'child-in'
}
/** The bay view, at a step or at a check of one; at the first that is not done, where none is named. */
interface View {
  readonly at: string | undefined
}
function viewOf(need: string | undefined): View | undefined {
  const [, at] = /^(?:check|step)\.(.+)$/.exec(need ?? '') ?? []
  return at === undefined ? undefined : { at }
}

export default function ProcedureStage({ current, assessment, isSigned, goTo, stage }: Props) {
  const put = useFitting((s) => s.put)
  const subject = useMemo(() => fittedSubject(current), [current])
  const steps = useMemo(() => (subject ? stepsFor(subject).filter((s) => s.stage === stage) : []), [subject, stage])
  const done = useMemo(() => stepsDoneIn(current), [current])
  const redo = useMemo(
    () => (subject ? redoList(current, subject).filter((r) => r.step.stage === stage) : []),
    [current, subject, stage],
  )
  const { state: arrival, key } = useLocation() as {
    readonly key: string
    readonly state: { readonly need?: string; readonly bay?: true } | null
  }
  // On a phone one step fills the screen: what is opened, or led to, opens there.
  const isNarrow = useMedia('(max-width: 1023px)')
  const ledTo = isNarrow ? viewOf(arrival?.need) : undefined
  const [bay, setBay] = useState<View | null>(() => (arrival?.bay === true ? { at: undefined } : (ledTo ?? null)))
  const [ledBy, setLedBy] = useState(key)
  if (ledBy !== key) {
    setLedBy(key)
    if (ledTo) setBay(ledTo)
  }
  const [chosen, setChosen] = useState<{ readonly at: string; readonly key: string }>()
  const navigate = useNavigate()
  const marks = useMemo(
    () => new Map(steps.flatMap((s) => s.checks.map((id) => [id, checkState(id, current, assessment)] as const))),
    [steps, current, assessment],
  )
  // Led to a check, its step is open; else the first that is to be done again, or has not been done.
  const isLed = arrival?.need !== undefined && chosen?.key !== key
  const led = isLed ? steps.find((s) => s.checks.some((id) => `check.${id}` === arrival.need)) : undefined
  const [firstOpen] = useState(
    () => redo[0]?.step.id ?? steps.find((s) => stepMark(s, marks, done) !== 'pass' && s.checks.length > 0)?.id,
  )
  const asked = led?.id ?? chosen?.at ?? firstOpen
  const at = Math.max(0, steps.findIndex((s) => s.id === asked)) // prettier-ignore
  const step = steps[at]
  const open = (id: string): void => {
    setChosen({ at: id, key })
    if (isNarrow) setBay({ at: id })
  }
  const next = stage === 'attach' ? 'child-in' : 'hand-over'
  /** Leafs through the list, and enters nothing. */
  const leaf = (by: 1 | -1): void => {
    const to = steps[at + by]
    if (to) open(to.id)
  }
  /** Going on from a step that leaves no reading says that it is done. */
  const goOn = (): void => {
    const puts = step && !isSigned ? putsForDone(step, current, done) : []
    if (puts.length > 0) put(puts)
    if (at < steps.length - 1) leaf(1)
    else goTo(next)
  }
  // Everything of the step answered well, the next one comes; the keyboard goes with it.
  const wentOn = useRef(false)
  useGoesOn(step?.id ?? '', isNarrow || at >= steps.length - 1 ? [] : (step?.checks ?? []), marks, () => {
    wentOn.current = true
    leaf(1)
  })
  useEffect(() => {
    if (wentOn.current) document.getElementById(`step-${step?.id ?? ''}`)?.focus({ preventScroll: true })
    wentOn.current = false
  }, [step?.id])
  const latestLeaf = useRef(leaf)
  useEffect(() => {
    latestLeaf.current = leaf
  })
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        {
          id: 'bay-view',
          label: msg.bayViewOneStepLarge,
          group: msg.doWord,
          key: 'o',
          run: () => setBay({ at: undefined }),
        },
        { id: 'next-step', label: msg.nextStep, group: msg.doWord, key: 'j', run: () => latestLeaf.current(1) },
        { id: 'step-before', label: msg.theStepBefore, group: msg.doWord, key: 'k', run: () => latestLeaf.current(-1) },
      ]),
    [register],
  )
  if (!subject) {
    const hasMode = current.choice.modeId !== undefined
    return (
      <Panel title={stage === 'attach' ? msg.attach : msg.childIn}>
        <p>
          {msg.theStepsAreMadeFor}
          {hasMode ? msg.chooseThePlace : msg.chooseTheRestraintMode} {msg.first}
        </p>
        <Button look="main" className="mt-3" onClick={() => goTo(hasMode ? 'place' : 'choose')}>
          {hasMode ? msg.openPlace : msg.openChoose}
        </Button>
      </Panel>
    )
  }
  const disturbances = disturbancesOf(subject, stage)
  if (!step) return null
  const mark = stepMark(step, marks, done)
  const isAnswered = mark === 'pass' || (step.checks.length === 0 && step.pair === undefined)
  const after = steps[at + 1]
  const onward = after ? stepName(after) : next === 'child-in' ? msg.childIn : msg.handOver
  return (
    <>
      {bay && (
        <BayView
          steps={steps}
          startAt={bay.at}
          subject={subject}
          current={current}
          assessment={assessment}
          marks={marks}
          done={done}
          isSigned={isSigned}
          onward={next === 'child-in' ? msg.onToChildIn : msg.toTheVerdict}
          onEnd={() => {
            setBay(null)
            if (next === 'child-in') void navigate('../child-in', { relative: 'path', state: { bay: true } })
            else goTo(next)
          }}
          onClose={() => setBay(null)}
        />
      )}
      <div className="grid gap-3 pb-20 lg:grid-cols-[19rem_minmax(0,1fr)] lg:pb-0 tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)]">
        <div className="flex min-h-0 flex-col rounded-[3px] border border-line bg-sheet">
          <div className="relative min-h-0 flex-1 overflow-y-auto">
            <RedoNote list={redo} onOpen={open} />
            <StepList steps={steps} atId={step.id} marks={marks} done={done} onOpen={open} />
          </div>
          <div className="flex flex-wrap items-center gap-x-2 border-t border-line px-2">
            {!isSigned && <Moved disturbances={disturbances} />}
            <Button
              look="quiet"
              className="ml-auto px-2!"
              onClick={() => setBay({ at: isNarrow ? undefined : step.id })}
            >
              {msg.bayView}
            </Button>
          </div>
        </div>
        {isNarrow ? (
          <div className="no-print fixed inset-x-0 bottom-0 z-20 border-t border-line bg-sheet p-2">
            <Button
              look={leadsWithin(assessment, stage) ? 'main' : 'plain'}
              className="w-full"
              onClick={() => setBay({ at: undefined })}
            >
              <span className="truncate">{stepName(step)}</span> <ChevronRight size={18} aria-hidden="true" />
            </Button>
          </div>
        ) : (
          <div className="flex min-h-0 min-w-0 flex-col rounded-[3px] border border-line bg-sheet">
            <div key={step.id} className="relative min-h-0 flex-1 overflow-y-auto p-3.5">
              <StepCard
                step={step}
                number={at + 1}
                of={steps.length}
                subject={subject}
                current={current}
                assessment={assessment}
                marks={marks}
                done={done}
                isSigned={isSigned}
              />
            </div>
            <nav
              aria-label={msg.fromStepToStep}
              className="no-print flex items-center justify-between gap-2 border-t border-line bg-sheet p-2"
            >
              <Button disabled={at === 0} onClick={() => leaf(-1)}>
                <ChevronLeft size={18} aria-hidden="true" />
                {msg.back}
              </Button>
              <Button look={isAnswered && leadsWithin(assessment, stage) ? 'main' : 'plain'} onClick={goOn}>
                <span className="max-w-72 truncate">
                  {isAnswered ? msg.next : msg.leaveItOpen}: {onward}
                </span>
                <ChevronRight size={18} aria-hidden="true" />
              </Button>
            </nav>
          </div>
        )}
      </div>
    </>
  )
}

/** What was moved after it was looked at: every check that depended on it is asked again. */
function Moved({ disturbances }: { readonly disturbances: readonly Disturbance[] }) {
  const put = useFitting((s) => s.put)
  const [isOpen, setOpen] = useState(false)
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button look="quiet" className="px-2!">
          {msg.somethingMoved}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          collisionPadding={8}
          aria-label={msg.somethingChangedAfterItWas}
          className="z-60 max-w-md rounded-[3px] border-2 border-ink bg-sheet p-3 text-ink"
        >
          <p className="mb-2 text-sm text-ink-soft">{msg.noteItHereEveryCheck}</p>
          <div className="flex flex-wrap gap-2">
            {disturbances.map((d) => (
              <Button
                key={d}
                onClick={() => {
                  put([{ path: ['disturbances', d], value: {} }])
                  setOpen(false)
                }}
              >
                {upperFirst(DISTURBANCE_TEXT[d])}
              </Button>
            ))}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
