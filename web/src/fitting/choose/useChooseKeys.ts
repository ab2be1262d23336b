import { useEffect } from 'react'
import { useCommands } from '../../commands/commands.ts'
import type { ModeGroup } from './groupModes.ts'
import { groupKey, useChooseView } from './view.ts'

interface Actions {
  readonly compare: () => void
  readonly detail: () => void
}

function rowOf(key: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-mode="${CSS.escape(key)}"]`)
}

/** Up and down the list, use, mark and compare without a pointer. */
export function useChooseKeys(
  ordered: readonly ModeGroup[],
  selected: ModeGroup | undefined,
  { compare, detail }: Actions,
): void {
  const register = useCommands((s) => s.register)
  const { select, toggleCompared } = useChooseView()
  useEffect(() => {
    const at = selected ? ordered.indexOf(selected) : -1
    const move = (by: number): void => {
      const next = ordered[Math.min(Math.max(at + by, 0), ordered.length - 1)]
      if (!next) return
      select(groupKey(next))
      const row = rowOf(groupKey(next))
      row?.scrollIntoView({ block: 'nearest' })
      row?.querySelector<HTMLElement>('button')?.focus({ preventScroll: true })
    }
    const key = selected && groupKey(selected)
    return register([
      { id: 'mode-next', label: 'Next mode', group: 'Modes', key: 'j', run: () => move(1) },
      { id: 'mode-previous', label: 'Previous mode', group: 'Modes', key: 'k', run: () => move(-1) },
      ...(key === undefined
        ? []
        : [
            {
              id: 'mode-use',
              label: 'Use the mode selected',
              group: 'Modes',
              key: 'e',
              run: () => document.querySelector<HTMLElement>('[data-use]')?.click(),
            },
            { id: 'mode-why', label: 'Why: the rules of the mode selected', group: 'Modes', key: 'y', run: detail },
            {
              id: 'mode-mark',
              label: 'Mark the mode selected for comparison',
              group: 'Modes',
              key: 'c',
              run: () => toggleCompared(key),
            },
          ]),
      { id: 'mode-compare', label: 'Compare side by side', group: 'Modes', key: 'v', run: compare },
    ])
  }, [register, ordered, selected, select, toggleCompared, compare, detail])
}
