import { useEffect } from 'react'
import { create } from 'zustand'

/** One registry feeds the palette, the key help and the keys themselves. */
interface Command {
  readonly id: string
  readonly label: string
  readonly group: string
  /** A single key, pressed outside a text field. */
  readonly key?: string
  readonly run: () => void
}

interface CommandState {
  readonly commands: readonly Command[]
  readonly isPaletteOpen: boolean
  readonly isHelpOpen: boolean
  /** Adds commands and returns the call that takes them away again. */
  register(commands: readonly Command[]): () => void
  setPaletteOpen(isOpen: boolean): void
  setHelpOpen(isOpen: boolean): void
}

export const useCommands = create<CommandState>()((set) => ({
  commands: [],
  isPaletteOpen: false,
  isHelpOpen: false,
  register(added) {
    set((s) => ({ commands: [...s.commands, ...added] }))
    return () => set((s) => ({ commands: s.commands.filter((c) => !added.includes(c)) }))
  },
  setPaletteOpen: (isPaletteOpen) => set({ isPaletteOpen }),
  setHelpOpen: (isHelpOpen) => set({ isHelpOpen }),
}))

const takesText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(TEXTAREA|SELECT)$/.test(target.tagName) ||
    // An open list takes letters and figures to find an option by.
    target.closest('[role=listbox]') !== null ||
    (target.tagName === 'INPUT' && !/^(radio|checkbox)$/.test((target as HTMLInputElement).type)))

export function useGlobalKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const state = useCommands.getState()
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault()
        return state.setPaletteOpen(!state.isPaletteOpen)
      }
      if (event.ctrlKey || event.metaKey || event.altKey || takesText(event.target)) return
      const dialogs = [...document.querySelectorAll('[role="dialog"], [role="alertdialog"]')]
      // A view that fills the screen is a page of its own: the keys of the stages lead out of it.
      const isStageKey = /^[1-9]$/.test(event.key)
      if (dialogs.some((d) => !isStageKey || !d.hasAttribute('data-takes-keys'))) return
      if (event.key === '?') return state.setHelpOpen(true)
      const command = state.commands.findLast((c) => c.key === event.key)
      if (command) {
        event.preventDefault()
        command.run()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
