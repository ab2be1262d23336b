import { type FittingId } from '@nimble-anchor/core/ground'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { author } from './who.ts'
import * as msg from './messages.en.ts'

export type Scheme = 'light' | 'dark' | 'as-device'

interface Preferences {
  /** Written into the history beside every entry. */
  readonly fitterName: string
  readonly scheme: Scheme
  readonly lastStage: Readonly<Record<string, string>>
  /** Unit of lengths on the fit bench; records stay in mm. */
  readonly benchUnit: 'mm' | 'cm' | 'in'
  /** On a wide screen the ledger stays open beside the work. */
  readonly keepsLedger: boolean
  /** Which columns of the logbook are shown. */
  readonly logbookColumns: readonly string[]
  setLogbookColumns(columns: readonly string[]): void
  /** The marks of the first visit were seen, or skipped. */
  readonly hasSeenTour: boolean
  setTourSeen(): void
  setKeepsLedger(keeps: boolean): void
  setBenchUnit(unit: 'mm' | 'cm' | 'in'): void
  setFitterName(name: string): void
  setScheme(scheme: Scheme): void
  rememberStage(fittingId: FittingId, stage: string): void
  /** Of fittings that are erased nothing is remembered. */
  forgetStages(fittingIds: readonly string[]): void
}

/** How many fittings' last stages are remembered on this device. */
const REMEMBERED = 100

export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      fitterName: '',
      scheme: 'as-device',
      lastStage: {},
      benchUnit: 'mm',
      keepsLedger: true,
      logbookColumns: ['number', 'day', 'verdict', 'child', 'restraint', 'car', 'failed', 'fitter'],
      setLogbookColumns: (logbookColumns) => set({ logbookColumns }),
      hasSeenTour: false,
      setTourSeen: () => set({ hasSeenTour: true }),
      setKeepsLedger: (keepsLedger) => set({ keepsLedger }),
      setBenchUnit: (benchUnit) => set({ benchUnit }),
      setFitterName: (fitterName) => set({ fitterName: fitterName.trim().slice(0, 120) }),
      setScheme: (scheme) => set({ scheme }),
      rememberStage: (fittingId, stage) =>
        set(({ lastStage: { [fittingId]: _old, ...rest } }) => ({
          lastStage: { ...Object.fromEntries(Object.entries(rest).slice(1 - REMEMBERED)), [fittingId]: stage },
        })),
      forgetStages: (ids) =>
        set(({ lastStage }) => ({
          lastStage: Object.fromEntries(Object.entries(lastStage).filter(([id]) => !ids.includes(id))),
        })),
    }),
    { name: 'nimble-anchor.preferences' },
  ),
)

/** Whoever is signed in; the name that was typed, where nobody signs in yet. */
export const fitterName = (): string =>
  author()?.name ?? (usePreferences.getState().fitterName || msg.fitterNameNotGiven)
export const signedInAs = (): { readonly personId?: string } => {
  const person = author()
  return person ? { personId: person.id } : {}
}

export function applyScheme(scheme: Scheme): void {
  const isDark = scheme === 'dark' || (scheme === 'as-device' && matchMedia('(prefers-color-scheme: dark)').matches)
  document.documentElement.dataset.scheme = isDark ? 'dark' : 'light'
}
