import { fireEvent, render, screen } from '@testing-library/react'
import { StepSelect } from './StepSelect.tsx'

const steps = ['1', '2', '3'].map((id) => ({ id, label: `notch ${id}` }))
const set = (value: string, first?: string, disabled = false) => {
  const chosen: string[] = []
  render(
    <StepSelect
      label="What is set"
      value={value}
      steps={steps}
      none={{ id: '', label: 'not recorded' }}
      first={first}
      less="One notch shorter"
      more="One notch longer"
      disabled={disabled}
      onChange={(id) => chosen.push(id)}
    />,
  )
  return chosen
}
const less = () => screen.getByRole('button', { name: 'One notch shorter' })
const more = () => screen.getByRole('button', { name: 'One notch longer' })

test.each([
  ['1', [], ['2']],
  ['2', ['1'], ['3']],
  ['3', ['2'], []],
  ['', ['1'], ['1']],
  ['of another restraint', ['1'], ['1']],
])('from %j: less %j, more %j; at an end there is no further', (value, down, up) => {
  const chosen = set(value)
  expect([(less() as HTMLButtonElement).disabled, (more() as HTMLButtonElement).disabled]).toEqual([
    down.length === 0,
    up.length === 0,
  ])
  fireEvent.click(less())
  expect(chosen).toEqual(down)
  fireEvent.click(more())
  expect(chosen).toEqual([...down, ...up])
})
test('nothing recorded: the first press sets what was worked out, and nothing else', () => {
  const chosen = set('', '2')
  fireEvent.click(more())
  fireEvent.click(less())
  expect(chosen).toEqual(['2', '2'])
})
test('under a finger few lie side by side as tiles, and nothing is stepped', () => {
  const media = jest.spyOn(window, 'matchMedia').mockImplementation(
    (query) => ({ matches: query === '(pointer: coarse)', addEventListener: () => undefined, removeEventListener: () => undefined }) as unknown as MediaQueryList,
  ) // prettier-ignore
  const chosen = set('2')
  expect(screen.queryByRole('button', { name: 'One notch longer' })).toBeNull()
  fireEvent.click(screen.getByRole('radio', { name: 'notch 3' }))
  expect(chosen).toEqual(['3'])
  media.mockRestore()
})
test('of a signed fitting nothing is stepped', () => {
  const chosen = set('2', undefined, true)
  fireEvent.click(less())
  fireEvent.click(more())
  expect(chosen).toEqual([])
})
