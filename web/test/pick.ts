import { fireEvent } from '@testing-library/react'

/** Takes one option of a list by its id, by the keyboard: opened, gone to, confirmed. */
export function pick(field: HTMLElement, id: string): void {
  fireEvent.keyDown(field, { key: 'Enter' })
  const option = document.querySelector(`[role="option"][data-value="${id}"]`)
  if (!option) throw new Error(`no option "${id}"`)
  fireEvent.keyDown(option, { key: 'Enter' })
}
