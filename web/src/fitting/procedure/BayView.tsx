import { type Case } from '@nimble-anchor/core/casefile'
import { checkOf, type CheckId, checkLabel } from '@nimble-anchor/core/checks'
import { type Step } from '@nimble-anchor/core/procedure'
import { type Assessment } from '@nimble-anchor/core/verdict'
import { ChevronLeft, ChevronRight, Undo2, Volume2, VolumeX, X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import { useEffect, useRef, useState } from 'react'
import { useFitting } from '../../session/fitting.ts'
import { StateMark, type MarkState } from '../../ui/StateMark.tsx'
import { StepChecks } from './StepChecks.tsx'
import { putsForDone, saysOf, StepDone, StepNotes, StepProofs } from './StepParts.tsx'
import { stepMark } from './stepState.ts'
import { ThumbPad } from './ThumbPad.tsx'
import { useWakeLock } from './useWakeLock.ts'
import { Button } from '../../ui/Button.tsx'

interface Props {
  readonly steps: readonly Step[]
  readonly startAt: string | undefined
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

/** A finger that goes this far sideways, in px, has turned the page. */
const SWIPE_PX = 70

const canSpeak = (): boolean => 'speechSynthesis' in window

/** Reads a step aloud with a voice of this device; nothing leaves it. */
function speak(step: Step): void {
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(new SpeechSynthesisUtterance([step.title, ...step.does].join('. ')))
}

/** One step at a time, large, for the open car door: swipe or arrows, thumb pad, screen kept on. */
export function BayView({ steps, startAt, current, assessment, marks, done, isSigned, onward, onEnd, onClose }: Props) {
  const undo = useFitting((s) => s.undo)
  const put = useFitting((s) => s.put)
  const firstOpen = steps.findIndex((s) => stepMark(s, marks, done) !== 'pass' && s.checks.length > 0)
  const asked = steps.findIndex((s) => s.id === startAt)
  const [at, setAt] = useState(Math.max(0, asked >= 0 ? asked : firstOpen))
  const [isSpoken, setSpoken] = useState(false)
  const content = useRef<HTMLDivElement>(null)
  const touch = useRef<{ readonly x: number; readonly y: number } | null>(null)
  const staysOn = useWakeLock(true)
  const step = steps[at]
  const go = (by: number): void => {
    // Going on from a step that leaves no reading says that it is done.
    const puts = by > 0 && step ? putsForDone(step, current, done) : []
    if (puts.length > 0) put(puts)
    setAt((i) => Math.min(Math.max(i + by, 0), steps.length - 1))
  }
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
  if (!step) return null
  const mark = stepMark(step, marks, done)
  const round =
    'grid size-14 shrink-0 place-items-center rounded-[3px] border border-ink bg-sheet hover:bg-shoal disabled:border-hair disabled:text-ink-soft'
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Content
          ref={content}
          aria-describedby={undefined}
          className="fixed inset-0 z-50 flex flex-col overflow-y-auto bg-paper text-ink"
          onKeyDown={(e) => {
            if ((e.target as HTMLElement).closest('input, select, textarea')) return
            if (e.key === 'ArrowRight') go(1)
            if (e.key === 'ArrowLeft') go(-1)
          }}
          onPointerDown={(e) => {
            touch.current = e.pointerType === 'touch' ? { x: e.clientX, y: e.clientY } : null
          }}
          onPointerUp={(e) => {
            const from = touch.current
            touch.current = null
            if (!from) return
            const dx = e.clientX - from.x
            if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(e.clientY - from.y)) go(dx < 0 ? 1 : -1)
          }}
        >
          <header className="flex items-center justify-between gap-2 border-b-3 border-double border-line bg-sheet px-3 py-2">
            <p className="text-lg">
              Step <b>{at + 1}</b> of {steps.length}
              {staysOn && <span className="ml-2 hidden text-sm text-ink-soft sm:inline">screen stays on</span>}
            </p>
            <div className="flex gap-1.5">
              {canSpeak() && (
                <Button
                  look="bare"
                  aria-pressed={isSpoken}
                  aria-label="Read steps aloud"
                  className={round}
                  onClick={() => {
                    if (isSpoken) window.speechSynthesis.cancel()
                    setSpoken(!isSpoken)
                  }}
                >
                  {isSpoken ? <Volume2 size={24} aria-hidden="true" /> : <VolumeX size={24} aria-hidden="true" />}
                </Button>
              )}
              {!isSigned && (
                <Button look="bare" aria-label="Undo the last entry" className={round} onClick={() => void undo()}>
                  <Undo2 size={24} aria-hidden="true" />
                </Button>
              )}
              <Radix.Close aria-label="Close" className={round}>
                <X size={24} aria-hidden="true" />
              </Radix.Close>
            </div>
          </header>
          <div className="mx-auto w-full max-w-3xl flex-1 p-4">
            <Radix.Title className="flex flex-wrap items-center gap-3 text-3xl font-bold">
              {step.title}
              {mark !== undefined && <StateMark state={mark} size={26} />}
            </Radix.Title>
            <ul className="mt-2 text-2xl leading-snug">
              {saysOf(step).map((text) => (
                <li key={text} className="py-1">
                  {text}
                </li>
              ))}
            </ul>
            <div className="text-xl">
              <StepProofs step={step} />
              <StepNotes step={step} />
              <StepDone step={step} done={done} isSigned={isSigned} />
            </div>
            <div className="mt-4 flex flex-col gap-6 text-lg *:border-t *:border-line *:pt-3">
              <StepChecks
                {...{ step, current, assessment, marks, isSigned }}
                under={(id) => !isSigned && <Figures id={id} />}
              />
            </div>
          </div>
          <nav aria-label="Steps" className="sticky bottom-0 grid grid-cols-2 gap-2 border-t border-line bg-sheet p-3">
            <Button
              look="bare"
              className="inline-flex min-h-16 items-center justify-center gap-2 rounded-[3px] border border-ink bg-sheet text-xl font-bold disabled:border-hair disabled:text-ink-soft"
              disabled={at === 0}
              onClick={() => go(-1)}
            >
              <ChevronLeft aria-hidden="true" /> Back
            </Button>
            {at < steps.length - 1 ? (
              <Button
                look="bare"
                className="inline-flex min-h-16 items-center justify-center gap-2 rounded-[3px] border border-magenta bg-magenta text-xl font-bold text-on-magenta"
                onClick={() => go(1)}
              >
                Next <ChevronRight aria-hidden="true" />
              </Button>
            ) : (
              <Button
                look="bare"
                className="min-h-16 rounded-[3px] border border-magenta bg-magenta text-xl font-bold text-on-magenta"
                onClick={() => {
                  const puts = putsForDone(step, current, done)
                  if (puts.length > 0) put(puts)
                  onEnd()
                }}
              >
                {onward}
              </Button>
            )}
          </nav>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}

/** A thumb pad under a check that is a number. */
function Figures({ id }: { readonly id: CheckId }) {
  const put = useFitting((s) => s.put)
  const check = checkOf(id)
  if (check.kind !== 'number') return null
  return (
    <div className="mt-2">
      <ThumbPad
        draftKey={`pad.${id}`}
        label={checkLabel(id)}
        unit={check.unit}
        allowsMinus={check.min < 0}
        onKeep={(value) => {
          const number = { value, plusMinus: check.defaultPlusMinus, source: 'measured' }
          const [fault] = put([{ path: ['readings', id], value: { number } }])
          return fault ? `${checkLabel(id)} ${fault.message}` : ''
        }}
      />
    </div>
  )
}
