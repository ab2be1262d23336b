import { type Case } from '@nimble-anchor/core/casefile'
import { answersOf, checkOf, type CheckId, checkLabel } from '@nimble-anchor/core/checks'
import { drawingOfStep } from '@nimble-anchor/core/drawings'
import { type Step } from '@nimble-anchor/core/procedure'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { VERDICT_TEXT, type Assessment } from '@nimble-anchor/core/verdict'
import { ChevronLeft, ChevronRight, Undo2, Volume2, VolumeX, X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import { useEffect, useMemo, useRef, useState } from 'react'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { useDraft } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { StateMark, VERDICT_MARK, type MarkState } from '../../ui/StateMark.tsx'
import { useSwipe } from '../../ui/useSwipe.ts'
import { SaveWords } from '../SaveLine.tsx'
import { bayPages, type BayPage } from './bayPages.ts'
import { StepChecks } from './StepChecks.tsx'
import { putsForDone, saysOf, StepDone, StepNotes, StepProofs } from './StepParts.tsx'
import { stepMark } from './stepState.ts'
import { ThumbPad } from './ThumbPad.tsx'
import { useGoesOn } from './useGoesOn.ts'
import { useWakeLock } from './useWakeLock.ts'
import { Button } from '../../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly steps: readonly Step[]
  /** A step, or a check of one. */
  readonly startAt: string | undefined
  readonly subject: FittedSubject
  readonly current: Case
  readonly assessment: Assessment
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly done: ReadonlyMap<string, number>
  readonly isSigned: boolean
  /** What the last step leads on to. */
  readonly onward: string
  readonly onEnd: () => void
  readonly onClose: () => void
}

const canSpeak = (): boolean => 'speechSynthesis' in window

/** Reads a step aloud with a voice of this device; nothing leaves it. */
function speak(step: Step): void {
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(new SpeechSynthesisUtterance([step.title, ...step.does].join('. ')))
}

/** One check at a time, large, for the open car door: swipe or arrows, thumb pad, screen kept on. */
export function BayView(props: Props) {
  const { steps, startAt, subject, current, assessment, marks, done, isSigned, onward, onEnd, onClose } = props
  const undo = useFitting((s) => s.undo)
  const put = useFitting((s) => s.put)
  const pages = useMemo(() => bayPages(steps), [steps])
  const isOpen = ({ step, checks, part }: BayPage): boolean =>
    part === 'before'
      ? checks.some((id) => current.readings[id] === undefined)
      : checks.length > 0
        ? checks.some((id) => marks.get(id) !== 'pass')
        : stepMark(step, marks, done) !== 'pass'
  const [at, setAt] = useState(() => {
    const check = pages.findIndex((p) => p.part !== 'before' && p.checks.some((id) => id === startAt))
    if (check >= 0) return check
    const asked = pages.findIndex((p) => p.step.id === startAt)
    // The step that was asked for, at what is still open in it; else the first check that is.
    const open = pages.findIndex((p) => (asked < 0 || p.step.id === startAt) && p.checks.length > 0 && isOpen(p))
    return Math.max(0, open >= 0 ? open : asked)
  })
  const [isSpoken, setSpoken] = useState(false)
  const content = useRef<HTMLDivElement>(null)
  const staysOn = useWakeLock(true)
  const page = pages[Math.min(at, pages.length - 1)]
  const step = page?.step
  const isAnswered = page !== undefined && page.checks.length > 0 && !isOpen(page)
  const go = (by: number): void => {
    // Going on from a step that leaves no reading says that it is done.
    const puts = by > 0 && page?.isLast ? putsForDone(page.step, current, done) : []
    if (puts.length > 0) put(puts)
    setAt((i) => Math.min(Math.max(i + by, 0), pages.length - 1))
  }
  // Where it ends, one goes on oneself: the next thing is another stage.
  const isAtEnd = at >= pages.length - 1
  // What it showed before is good whatever it was: it is noted, and the hands go on.
  const noted = new Map(
    (page?.checks ?? []).map(
      (id) => [id, current.readings[id]?.before === undefined ? 'not-started' : 'pass'] as const,
    ),
  )
  useGoesOn(`${at}`, isAtEnd ? [] : (page?.checks ?? []), page?.part === 'before' ? noted : marks, () => go(1))
  const swipe = useSwipe(go)
  useEffect(() => {
    if (content.current) content.current.scrollTop = 0
  }, [at])
  useEffect(() => {
    if (isSpoken && step) speak(step)
  }, [isSpoken, step])
  useEffect(
    () => () => {
      if (canSpeak()) window.speechSynthesis.cancel()
    },
    [],
  )
  const drawing = useMemo(() => (step ? drawingOfStep(step, subject) : undefined), [step, subject])
  if (!page || !step || !drawing) return null
  const mark = stepMark(step, marks, done)
  const isNext = isAnswered || page.checks.length === 0
  const round =
    'grid size-12 shrink-0 place-items-center rounded-[3px] border border-ink bg-sheet hover:bg-shoal disabled:border-hair disabled:text-ink-soft'
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 flex flex-col bg-paper text-ink"
          // Its figure keys lead to the stages, as those of the page do.
          data-takes-keys=""
          onKeyDown={(e) => {
            if ((e.target as HTMLElement).closest('input, select, textarea')) return
            if (e.key === 'ArrowRight') go(1)
            if (e.key === 'ArrowLeft') go(-1)
            // Where figures are asked for, they are typed into the pad, wherever the keyboard is.
            const pad = content.current?.querySelector<HTMLElement>('[data-pad]')
            if (pad && /^\d$/.test(e.key) && !pad.contains(e.target as Node)) {
              e.stopPropagation()
              const key = [...pad.querySelectorAll('button')].find((b) => b.textContent === e.key)
              key?.focus()
              key?.click()
            }
          }}
          {...swipe}
        >
          <header className="border-b-3 border-double border-line bg-sheet px-3 py-1.5">
            <div className="flex items-center justify-between gap-2">
              <p className="leading-tight">
                {msg.step}
                <b>{steps.indexOf(step) + 1}</b>
                {msg.ofWord(steps.length)}
                <span className="block text-sm font-semibold">
                  <StateMark state={VERDICT_MARK[assessment.verdict]} word={VERDICT_TEXT[assessment.verdict]} />
                </span>
                {staysOn && <span className="sr-only">{msg.screenStaysOn}</span>}
              </p>
              <div className="flex gap-1.5">
                {canSpeak() && (
                  <Button
                    look="bare"
                    aria-pressed={isSpoken}
                    aria-label={msg.readStepsAloud}
                    className={round}
                    onClick={() => {
                      if (isSpoken) window.speechSynthesis.cancel()
                      setSpoken(!isSpoken)
                    }}
                  >
                    {isSpoken ? <Volume2 size={22} aria-hidden="true" /> : <VolumeX size={22} aria-hidden="true" />}
                  </Button>
                )}
                {!isSigned && (
                  <Button look="bare" aria-label={msg.undoTheLastEntry} className={round} onClick={() => void undo()}>
                    <Undo2 size={22} aria-hidden="true" />
                  </Button>
                )}
                <Radix.Close aria-label={msg.close} className={round}>
                  <X size={22} aria-hidden="true" />
                </Radix.Close>
              </div>
            </div>
            <SaveWords isSigned={isSigned} />
          </header>
          <div ref={content} className="relative min-h-0 flex-1 overflow-y-auto">
            <div className="mx-auto w-full max-w-3xl p-3 sm:p-4">
              <Radix.Title className="flex flex-wrap items-center gap-2 text-2xl leading-tight font-bold">
                {step.title}
                {mark !== undefined && <StateMark state={mark} size={22} />}
              </Radix.Title>
              {page.checks.length === 0 && (
                <DrawingView drawing={drawing} className="mx-auto my-2 max-h-[34vh] w-full" />
              )}
              {page.isFirst && (
                <ul className="mt-1 text-lg leading-snug">
                  {saysOf(step).map((text) => (
                    <li key={text} className="py-0.5">
                      {text}
                    </li>
                  ))}
                </ul>
              )}
              {(page.part === 'after' || (page.isFirst && page.part === undefined)) && <StepProofs step={step} />}
              {page.isLast && (
                <>
                  <StepNotes step={step} />
                  <StepDone step={step} done={done} isSigned={isSigned} />
                </>
              )}
              <div className="mt-2 flex flex-col gap-3 text-lg *:border-t *:border-line *:pt-2">
                <StepChecks
                  isLarge={page.isFirst ? 'with-sentences' : 'alone'}
                  checks={page.checks}
                  part={page.part}
                  {...{ step, subject, current, assessment, marks, isSigned }}
                  under={(id) =>
                    !isSigned && (
                      <Figures
                        id={id}
                        value={marks.get(id) === 'stale' ? undefined : current.readings[id]?.number?.value}
                      />
                    )
                  }
                />
              </div>
            </div>
          </div>
          <nav aria-label={msg.steps} className="grid grid-cols-[1fr_2fr] gap-2 border-t border-line bg-sheet p-2">
            <Button
              look="bare"
              className="inline-flex min-h-14 items-center justify-center gap-1 rounded-[3px] border border-ink bg-sheet text-lg font-bold disabled:border-hair disabled:text-ink-soft"
              disabled={at === 0}
              onClick={() => go(-1)}
            >
              <ChevronLeft aria-hidden="true" />
              {msg.back}
            </Button>
            <Button
              look="bare"
              className={`inline-flex min-h-14 items-center justify-center gap-1 rounded-[3px] border text-lg font-bold ${
                isNext ? 'border-magenta bg-magenta text-on-magenta' : 'border-ink bg-sheet'
              }`}
              onClick={() => {
                if (!isAtEnd) return go(1)
                const puts = putsForDone(step, current, done)
                if (puts.length > 0) put(puts)
                onEnd()
              }}
            >
              {isAtEnd ? onward : isNext ? msg.next : msg.leaveItOpen} <ChevronRight aria-hidden="true" />
            </Button>
          </nav>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}

/** A thumb pad under a check that is a number; where an answer will do, only once a figure is read off. */
function Figures({ id, value }: { readonly id: CheckId; readonly value: number | undefined }) {
  const put = useFitting((s) => s.put)
  const [typed] = useDraft(`pad.${id}`)
  const [isAsked, setAsked] = useState(false)
  const check = checkOf(id)
  if (check.kind !== 'number') return null
  const isShown = isAsked || answersOf(id).length === 0 || value !== undefined || (typed ?? '') !== ''
  if (!isShown)
    return (
      <Button look="quiet" className="mt-2 px-0!" onClick={() => setAsked(true)}>
        {msg.readOffAFigure}
      </Button>
    )
  return (
    <div className="mt-2">
      <ThumbPad
        draftKey={`pad.${id}`}
        label={checkLabel(id)}
        unit={check.unit}
        allowsMinus={check.min < 0}
        value={value}
        plusMinus={check.defaultPlusMinus}
        onKeep={(figure, plusMinus) => {
          const number = { value: figure, plusMinus, source: 'measured' }
          const [fault] = put([{ path: ['readings', id], value: { number } }])
          return fault ? `${checkLabel(id)} ${fault.message}` : ''
        }}
      />
    </div>
  )
}
