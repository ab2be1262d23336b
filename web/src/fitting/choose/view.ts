import type { ModeMatch, Standing } from '@nimble-anchor/core/match'
import type { Route } from '@nimble-anchor/core/restraint'
import { create } from 'zustand'
import type { AxisId } from './axes.ts'
import type { ModeGroup } from './groupModes.ts'
import * as msg from './messages.en.ts'

/** What the fitter looks for in the list of modes. */
export interface Filters {
  readonly direction: 'all' | 'rearward' | 'forward' | 'lateral'
  readonly regulation: 'all' | 'R44' | 'R129'
  readonly route: 'all' | HoldKind
  /** A badge of the model, or `all`. */
  readonly tag: string
  readonly shelfOnly: boolean
  readonly fitsCar: boolean
}
/** What holds the restraint by a route, as a fitter looks for one; the logbook's kinds of route say more. */
export type HoldKind = 'isofix-leg' | 'isofix-tether' | 'isofix' | 'belt'

export const HOLD_KIND_TEXT: Record<HoldKind, string> = {
  'isofix-leg': msg.isofixAndLeg,
  'isofix-tether': msg.isofixAndTopTether,
  isofix: msg.isofixOtherwise,
  belt: msg.byBelt,
}

export function holdKindOf(route: Route): HoldKind {
  if (route.isofix?.role !== 'holds') return 'belt'
  if (route.leg) return 'isofix-leg'
  return route.topTether?.use === 'required' ? 'isofix-tether' : 'isofix'
}

export const NO_FILTERS: Filters = {
  direction: 'all',
  regulation: 'all',
  route: 'all',
  tag: 'all',
  shelfOnly: true,
  fitsCar: false,
}

export const isShown = (match: ModeMatch, filters: Filters, fits: (match: ModeMatch) => boolean): boolean =>
  (filters.direction === 'all' || match.mode.direction === filters.direction) &&
  (filters.regulation === 'all' || match.mode.approval.regulation === filters.regulation) &&
  (filters.route === 'all' || match.mode.routes.some((r) => holdKindOf(r) === filters.route)) &&
  (filters.tag === 'all' || (match.model.tags ?? []).includes(filters.tag)) &&
  (!filters.shelfOnly || match.unit !== undefined) &&
  (!filters.fitsCar || fits(match))

export const SECTIONS: readonly {
  readonly standing: Standing
  readonly mark: 'pass' | 'undecided' | 'fail' | 'not-started'
  readonly title: string
}[] = [
  { standing: 'permitted', mark: 'pass', title: msg.permitted },
  { standing: 'undecided', mark: 'undecided', title: msg.undecidedMeasureOrFindOut },
  { standing: 'convert-first', mark: 'undecided', title: msg.convertTheRestraintFirst },
  { standing: 'soon', mark: 'not-started', title: msg.notYet },
  { standing: 'outgrown', mark: 'fail', title: msg.outgrown },
  { standing: 'not-permitted', mark: 'fail', title: msg.notPermitted },
]

const MOST_COMPARED = 3

interface ChooseView {
  readonly filters: Filters
  readonly selected: string | undefined
  readonly compared: readonly string[]
  /** The axis shown where there is room for one. */
  readonly axis: AxisId
  setAxis(axis: AxisId): void
  setFilters(change: Partial<Filters>): void
  select(key: string): void
  /** Marks a mode for comparison or takes the mark away; a fourth pushes out the first. */
  toggleCompared(key: string): void
}

export const useChooseView = create<ChooseView>()((set) => ({
  filters: NO_FILTERS,
  selected: undefined,
  compared: [],
  axis: 'months',
  setAxis: (axis) => set({ axis }),
  setFilters: (change) => set((s) => ({ filters: { ...s.filters, ...change } })),
  select: (selected) => set({ selected }),
  toggleCompared: (key) =>
    set(({ compared }) => ({
      compared: compared.includes(key) ? compared.filter((k) => k !== key) : [...compared, key].slice(-MOST_COMPARED),
    })),
}))

export const groupKey = ({ best }: ModeGroup): string => `${best.model.id}/${best.mode.id}`
