import { useEffect } from 'react'
import { useCommands } from '../../commands/commands.ts'
import type { ModeGroup } from './groupModes.ts'
import { groupKey, useChooseView } from './view.ts'
import * as msg from './messages.en.ts'

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
      { id: 'mode-next', label: msg.nextMode, group: msg.modes2, key: 'j', run: () => move(1) },
      { id: 'mode-previous', label: msg.previousMode, group: msg.modes2, key: 'k', run: () => move(-1) },
      ...(key === undefined
        ? []
        : [
            {
              id: 'mode-use',
              label: msg.useTheModeSelected,
              group: msg.modes2,
              key: 'e',
              run: () => document.querySelector<HTMLElement>('[data-use]')?.click(),
            },
            { id: 'mode-why', label: msg.whyTheRulesOfThe, group: msg.modes2, key: 'y', run: detail },
            {
              id: 'mode-mark',
              label: msg.markTheModeSelectedFor,
              group: msg.modes2,
              key: 'c',
              run: () => toggleCompared(key),
            },
          ]),
      { id: 'mode-compare', label: msg.compareSideBySide, group: msg.modes2, key: 'v', run: compare },
    ])
  }, [register, ordered, selected, select, toggleCompared, compare, detail])
}
