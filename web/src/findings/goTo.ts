import { type FittingId } from '@nimble-anchor/core/ground'
import { type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import { useEffect } from 'react'
import { useLocation, useNavigate } from 'react-router'
import * as msg from './messages.en.ts'

/** Leads to a stage, and to the very control on it that a fact is entered with, where one is named. */
export type GoTo = (stage: Stage, need?: string) => void

interface Arrival {
  /** "child.massKg", "setting.recline", "check.tug-left". */
  readonly need?: string
}

/** Stages that are left by a choice: their own button makes it. */
const CHOICES: readonly string[] = ['mode', 'place', 'vehicle']

/** Whether what is asked next is done on this very stage, by its own main button: then the bar above is quiet. */
export function leadsWithin({ verdict, measureNext }: Assessment, stage: Stage): boolean {
  const [next] = measureNext
  if (verdict !== 'undecided' || next?.stage !== stage) return false
  return stage === 'attach' || stage === 'child-in' || CHOICES.includes(next.need)
}

export function useGoTo(fittingId: FittingId): GoTo {
  const navigate = useNavigate()
  return (stage, need) => void navigate(`/fittings/${fittingId}/${stage}`, { state: { need } satisfies Arrival })
}

/** A control is marked by the fact that it enters; a check by its name. */
function controlOf(need: string): HTMLElement | undefined {
  const selector = need.startsWith('check.')
    ? `[data-check="${need.slice('check.'.length)}"]`
    : `[data-need~="${need}"]`
  return [...document.querySelectorAll<HTMLElement>(selector)].find((x) => x.offsetParent)
}
const FOCUSABLE = msg.inputNotDisabledTextareaNot

/** The code of a stage may still be on its way when one arrives. */
const LOOKS = 20
const BETWEEN_LOOKS_MS = 50

/**
 * On arriving at a stage the keyboard is at its heading, or at the control that
 * somebody was led to, in view: nobody looks for it.
 */
export function useArrival(stage: Stage): void {
  const { state, key } = useLocation() as { readonly state: Arrival | null; readonly key: string }
  const need = state?.need
  useEffect(() => {
    // The first page of all was not arrived at from another.
    if (key === 'default') return
    // Loaded again, the page is where it is; nobody is led a second time.
    window.history.replaceState({ ...(window.history.state as object), usr: null }, '')
    let looks = 0
    const timer = setInterval(() => {
      looks += 1
      const control = need === undefined ? undefined : controlOf(need)
      if (control) {
        clearInterval(timer)
        control.scrollIntoView({ block: 'center' })
        control.querySelector<HTMLElement>(FOCUSABLE)?.focus({ preventScroll: true })
      } else if (need === undefined || looks === LOOKS) {
        clearInterval(timer)
        const isElsewhere = document.activeElement === null || document.activeElement === document.body
        // A view that opened on arrival has the keyboard itself.
        const isCovered = document.querySelector('[role="dialog"]') !== null
        if ((isElsewhere || need !== undefined) && !isCovered)
          document.querySelector<HTMLElement>('#stage-heading')?.focus({ preventScroll: true })
      }
    }, BETWEEN_LOOKS_MS)
    return () => clearInterval(timer)
  }, [stage, need, key])
}

/** What is asked next on a stage, in the order of the hands; `undefined` where nothing of it is open. */
export const nextAt = ({ measureNext }: Assessment, stage: Stage): string | undefined =>
  measureNext.find((n) => n.stage === stage)?.need

/** The control at which a finding is put right, where it names one. */
export const needOf = (finding: Assessment['findings'][number]): string | undefined => {
  const check = finding.check ?? finding.checks?.[0]
  return check === undefined ? finding.missing?.[0] : `check.${check}`
}
