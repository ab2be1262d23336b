import { act, fireEvent, render, screen } from '@testing-library/react'
import CommandPalette from './CommandPalette.tsx'
import { useCommands, useGlobalKeys } from './commands.ts'

function Page() {
  useGlobalKeys()
  return (
    <>
      <input aria-label="text" />
      <input type="radio" aria-label="option" />
      <input type="checkbox" aria-label="tick" />
      <select aria-label="list" />
      <CommandPalette />
    </>
  )
}
const ran: string[] = []
const command = (id: string, key?: string) => ({
  id,
  label: id,
  group: 'Do',
  ...(key !== undefined && { key }),
  run: () => ran.push(id),
})
let away: () => void
beforeAll(() => {
  window.HTMLElement.prototype.scrollIntoView = () => undefined
  global.ResizeObserver = class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  }
})
beforeEach(() => {
  ran.length = 0
  useCommands.setState({ isPaletteOpen: false, isHelpOpen: false })
  away = useCommands.getState().register([command('first', 'x'), command('second', 'y')])
  render(<Page />)
})
afterEach(() => act(() => away()))

test('a key runs its command, the newest of that key', () => {
  fireEvent.keyDown(document.body, { key: 'x' })
  let later = (): void => undefined
  act(() => {
    later = useCommands.getState().register([command('newer', 'x')])
  })
  fireEvent.keyDown(document.body, { key: 'x' })
  act(() => later())
  fireEvent.keyDown(document.body, { key: 'x' })
  expect(ran).toEqual(['first', 'newer', 'first'])
})

test.each([
  ['text', 0],
  ['list', 0],
  ['option', 1],
  ['tick', 1],
])('in a field for %s the key runs %s commands', (label, times) => {
  fireEvent.keyDown(screen.getByLabelText(label), { key: 'y' })
  expect(ran).toHaveLength(times)
})

test('with a modifier, or behind a dialog, a key is no command', () => {
  fireEvent.keyDown(document.body, { key: 'x', altKey: true })
  fireEvent.keyDown(document.body, { key: 'x', ctrlKey: true })
  fireEvent.keyDown(document.body, { key: 'k', ctrlKey: true })
  expect(screen.getByRole('dialog')).toBeInTheDocument()
  fireEvent.keyDown(document.body, { key: 'x' })
  expect(ran).toEqual([])
})

test('the palette shows each command with its key and runs what is chosen', () => {
  fireEvent.keyDown(document.body, { key: 'k', metaKey: true })
  fireEvent.click(screen.getByText('second'))
  expect(ran).toEqual(['second'])
  expect(screen.queryByRole('dialog')).toBeNull()
})

test('a question mark opens the list of keys', () => {
  fireEvent.keyDown(document.body, { key: '?' })
  expect(useCommands.getState().isHelpOpen).toBe(true)
})

test('a view that fills the screen lets the figures of the stages through, and no other key', () => {
  const gone = useCommands.getState().register([command('stage', '3')])
  const view = document.createElement('div')
  view.setAttribute('role', 'dialog')
  view.setAttribute('data-takes-keys', '')
  document.body.append(view)
  fireEvent.keyDown(view, { key: 'x' })
  fireEvent.keyDown(view, { key: '?' })
  expect(ran).toEqual([])
  fireEvent.keyDown(view, { key: '3' })
  expect(ran).toEqual(['stage'])
  // A question over it takes the keyboard for itself.
  const question = document.createElement('div')
  question.setAttribute('role', 'alertdialog')
  document.body.append(question)
  fireEvent.keyDown(question, { key: '3' })
  expect(ran).toEqual(['stage'])
  question.remove()
  view.remove()
  act(() => gone())
})
