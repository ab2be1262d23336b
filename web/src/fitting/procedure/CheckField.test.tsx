import { Sequence } from '@nimble-anchor/core/ground'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { type Case, type Put } from '@nimble-anchor/core/casefile'
import { type CheckId } from '@nimble-anchor/core/checks'
import { assess, checkState } from '@nimble-anchor/core/verdict'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { useFitting } from '../../session/fitting.ts'
import { CheckField } from './CheckField.tsx'

let puts: Put[] = []
beforeEach(() => {
  puts = []
  useFitting.setState({
    put: (list) => {
      puts.push(...list)
      return []
    },
  })
})

const ready = withEverythingGood(buildCase())
const show = (id: CheckId, current: Case) => {
  const assessment = assess(current)
  const because = assessment.stale.find((s) => s.checkId === id)?.because
  render(
    <CheckField
      id={id}
      assessment={assessment}
      current={current}
      mark={checkState(id, current, assessment)}
      staleBecause={because}
      finding={assessment.findings.find((f) => f.kind === 'fail' && f.checks?.includes(id))}
      isSigned={false}
    />,
  )
}
const stale: Case = { ...ready, disturbances: { base: { at: Sequence(9) } } }
const without = (id: CheckId): Case => {
  const { [id]: _gone, ...readings } = ready.readings
  return { ...ready, readings }
}

test('the option tapped is kept', async () => {
  show('tug-left', without('tug-left'))
  await userEvent.click(screen.getByText('held'))
  expect(puts).toEqual([{ path: ['readings', 'tug-left'], value: { option: 'held' } }])
})

test('what it showed before is kept alone, and then beside what it shows', async () => {
  show('latch-left', without('latch-left'))
  const before = screen.getByRole('radiogroup', { name: 'Before, it showed' })
  await userEvent.click(within(before).getByText('open'))
  expect(puts).toEqual([{ path: ['readings', 'latch-left'], value: { before: 'open' } }])
})

test('how it was noticed is added to a fresh reading', async () => {
  show('latch-left', ready)
  await userEvent.click(screen.getByLabelText('heard'))
  expect(puts[0]?.value).toEqual({ option: 'latched', sensed: ['heard'] })
})

test('how it was noticed, said before the answer, goes in with it; alone it is no entry', async () => {
  show('latch-left', without('latch-left'))
  await userEvent.click(screen.getByLabelText('felt'))
  await userEvent.click(screen.getByLabelText('heard'))
  await userEvent.click(screen.getByLabelText('felt'))
  await userEvent.click(screen.getByLabelText('seen'))
  expect(puts).toEqual([])
  await userEvent.click(screen.getByText('shows latched'))
  expect(puts).toEqual([{ path: ['readings', 'latch-left'], value: { option: 'latched', sensed: ['seen', 'heard'] } }])
})

describe('an answer instead of a figure', () => {
  const tether = (number: object): Case => ({
    ...ready,
    readings: {
      ...ready.readings,
      'slack-mm': { number: { source: 'estimated', ...number }, at: Sequence(3) } as never,
    },
  })
  test.each([
    ['one finger at most', { from: 0, to: 15, source: 'estimated' }],
    ['two fingers', { from: 16, to: 25, source: 'estimated' }],
    ['more than two', { from: 26, to: 150, source: 'estimated' }],
  ])('%s is kept as the figures that it stands for', async (label, number) => {
    show('slack-mm', without('slack-mm'))
    await userEvent.click(screen.getByRole('radio', { name: label }))
    expect(puts).toEqual([{ path: ['readings', 'slack-mm'], value: { number } }])
  })
  test('what was answered is the tile, and no figure that nobody read', () => {
    show('slack-mm', tether({ from: 0, to: 15 }))
    expect(screen.getByRole('radio', { name: /one finger at most$/ })).toBeChecked()
    expect(screen.getByRole('textbox', { name: 'Harness slack' })).toHaveValue('')
  })
  test('a figure read off is no tile', () => {
    show('slack-mm', tether({ value: 9, plusMinus: 2, source: 'measured' }))
    for (const radio of screen.getAllByRole('radio')) expect(radio).not.toBeChecked()
    expect(screen.getByRole('textbox', { name: 'Harness slack' })).toHaveValue('9')
  })
})

test('a stale reading is shown as what it was, chosen anew, and takes no notes that would make it look fresh', async () => {
  show('latch-left', stale)
  expect(screen.getByText(/Again: base moved after it was checked/)).toHaveTextContent('It was: shows latched.')
  expect(screen.getByLabelText('heard')).not.toBeChecked()
  await userEvent.click(screen.getByLabelText('heard'))
  expect(puts).toEqual([])
  await userEvent.click(screen.getByLabelText('heard'))
  for (const radio of screen.getAllByRole('radio')) expect(radio).not.toBeChecked()
  const before = screen.getByRole('radiogroup', { name: 'Before, it showed' })
  await userEvent.click(within(before).getByText('open'))
  expect(puts.at(-1)?.value).toEqual({ before: 'open' })
  await userEvent.click(screen.getByText('shows latched'))
  expect(puts.at(-1)?.value).toEqual({ option: 'latched' })
})

test('a number shows its limit before it is measured, and is empty again once stale', async () => {
  show('steadiness-mm', stale)
  expect(screen.getByText('Limit: at most 25 mm (practice).')).toBeVisible()
  const field = screen.getByLabelText('Movement at the base, again')
  expect(field).toHaveValue('')
  await userEvent.type(field, '8{Enter}')
  expect(puts).toEqual([
    { path: ['readings', 'steadiness-mm'], value: { number: { value: 8, plusMinus: 3, source: 'measured' } } },
  ])
})

test('a failure says what is wrong and what to do', () => {
  show('latch-right', { ...ready, readings: { ...ready.readings, 'latch-right': { option: 'open', at: Sequence(3) } } })
  expect(screen.getByText('Right indicator: shows open.').parentElement).toHaveTextContent(
    'Release the right connector',
  )
})

test.each<[string, Case, CheckId, string]>([
  ['good', ready, 'latch-left', 'pass'],
  ['stale', stale, 'latch-left', 'stale'],
  ['not looked at', without('tug-left'), 'tug-left', 'not-started'],
  [
    'open',
    { ...ready, readings: { ...ready.readings, 'latch-left': { option: 'open', at: Sequence(3) } } },
    'latch-left',
    'fail',
  ],
  [
    'unsure',
    { ...ready, readings: { ...ready.readings, 'latch-left': { option: 'unsure', at: Sequence(3) } } },
    'latch-left',
    'undecided',
  ],
  [
    'latched before latching',
    {
      ...ready,
      readings: { ...ready.readings, 'latch-left': { option: 'latched', before: 'latched', at: Sequence(3) } },
    },
    'latch-left',
    'undecided',
  ],
  [
    'straps at the wrong side',
    { ...ready, readings: { ...ready.readings, 'strap-exit': { option: 'just-above', at: Sequence(3) } } },
    'strap-exit',
    'fail',
  ],
  ['slack within', ready, 'slack-mm', 'pass'],
  [
    'slack beyond',
    {
      ...ready,
      readings: { ...ready.readings, 'slack-mm': { number: { value: 40, source: 'measured' }, at: Sequence(3) } },
    },
    'slack-mm',
    'fail',
  ],
  [
    'slack too close to tell',
    {
      ...ready,
      readings: {
        ...ready.readings,
        'slack-mm': { number: { value: 15, plusMinus: 2, source: 'measured' }, at: Sequence(3) },
      },
    },
    'slack-mm',
    'undecided',
  ],
])('%s is marked', (_, current, id, mark) => {
  expect(checkState(id, current, assess(current))).toBe(mark)
})
