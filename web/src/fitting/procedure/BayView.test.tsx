import { Sequence } from '@nimble-anchor/core/ground'
import { type Case } from '@nimble-anchor/core/casefile'
import { fittedSubject, stepsDoneIn } from '@nimble-anchor/core/match'
import { stepsFor, type Step } from '@nimble-anchor/core/procedure'
import { measured } from '@nimble-anchor/core/quantities'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { assess, checkState } from '@nimble-anchor/core/verdict'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { buildCase, buildRoute, withEverythingGood } from '@nimble-anchor/core/testing'
import { useDrafts } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { BayView } from './BayView.tsx'
import { live } from '../../../test/live.tsx'
import { ThumbPad } from './ThumbPad.tsx'

/** What is looked at before anything, done: the tests begin at the connectors. */
const current = buildCase({
  readings: {
    'label-serial': { option: 'match', at: Sequence(2) },
    'backrest-latched': { option: 'latched', at: Sequence(2) },
    'nothing-added': { option: 'none', at: Sequence(2) },
  },
  route: buildRoute({ frontSeat: 'either' }),
  child: { seatedShoulderHeightMm: measured(300, 2) },
})
const subjectOf = (c: Case): FittedSubject => {
  const subject = fittedSubject(c)
  if (!subject) throw new Error('everything is chosen')
  return subject
}
const stepsOf = (c: Case): readonly Step[] => stepsFor(subjectOf(c)).filter((s) => s.stage === 'attach')
function bay(c: Case, startAt?: string, isSigned = false, onClose: () => void = () => undefined) {
  const assessment = assess(c)
  const steps = stepsOf(c)
  const marks = new Map(steps.flatMap((s) => s.checks.map((id) => [id, checkState(id, c, assessment)] as const)))
  return (
    <BayView
      {...{ steps, startAt, assessment, marks, isSigned }}
      subject={subjectOf(c)}
      current={c}
      done={stepsDoneIn(c)}
      onward="On to Child in"
      onEnd={onClose}
      onClose={onClose}
    />
  )
}
function show(c: Case, startAt?: string, isSigned = false) {
  const onClose = jest.fn()
  render(bay(c, startAt, isSigned, onClose))
  return { steps: stepsOf(c), onClose }
}
/** Over the real store and a server in memory. */
const showLive = (c: Case, startAt?: string) => live(c, (shown) => bay(shown, startAt))
/** Goes on, whatever the way is called: answered, or left open on purpose. */
const goOn = (): void => void fireEvent.click(screen.getByRole('button', { name: /^(Next|Leave it open)$/ }))
const asks = (label: string): boolean => screen.queryAllByText(label).length > 0
const goOnTo = (name: string): void => {
  for (let i = 0; i < 12 && !title().includes(name); i += 1) goOn()
  expect(title()).toContain(name)
}
const title = (): string => screen.getByRole('dialog').querySelector('h2')?.textContent ?? ''

test('opens at the first step that is not done, and at the one that was asked for', () => {
  show(current)
  expect(title()).toContain('Latch both connectors')
})

test('goes on and back by button and arrow, and stops at the ends', () => {
  const { steps, onClose } = show(current, 'proof')
  expect(title()).toContain('Check that it holds')
  expect(screen.getByText(String(steps.length), { selector: 'b' })).toBeInTheDocument()
  const dialog = screen.getByRole('dialog')
  const onward = () => screen.queryByRole('button', { name: 'On to Child in' })
  for (let i = 0; i < 9 && !onward(); i += 1) goOn()
  fireEvent.click(onward() as Element)
  expect(onClose).toHaveBeenCalled()
  for (let i = 0; i < 9 && title().includes('Check that it holds'); i += 1)
    fireEvent.keyDown(dialog, { key: 'ArrowLeft' })
  expect(title()).toContain('Front seat')
  for (let i = 0; i < 40; i += 1) fireEvent.keyDown(dialog, { key: 'ArrowLeft' })
  expect(title()).toContain('Before anything')
  expect(screen.getByRole('button', { name: 'Back' })).toBeDisabled()
  goOnTo('Before it goes in')
  goOnTo('Latch both connectors')
})

test('a swipe turns the page; a short or slanting one does not, nor does a mouse', () => {
  show(current)
  const dialog = screen.getByRole('dialog')
  const swipe = (dx: number, dy = 0, pointerType = 'touch') => {
    const point = (name: string, x: number, y: number): Event =>
      Object.assign(new MouseEvent(name, { bubbles: true, clientX: x, clientY: y }), { pointerType })
    fireEvent(dialog, point('pointerdown', 200, 200))
    fireEvent(dialog, point('pointerup', 200 + dx, 200 + dy))
  }
  swipe(-60)
  swipe(-90, 80)
  swipe(-120, 0, 'mouse')
  expect(title()).toContain('Latch both connectors')
  // What both indicators show before anything is pushed is the first view of the step.
  expect(screen.getAllByText('Before, it showed')).toHaveLength(2)
  expect(screen.queryByText('shows latched')).not.toBeInTheDocument()
  swipe(-120)
  expect(screen.queryByText('Before, it showed')).not.toBeInTheDocument()
  expect(screen.getAllByText('shows latched')).toHaveLength(2)
  swipe(-120)
  // The next check of the same step: both tugs, for left and right belong together.
  expect(asks('Left indicator')).toBe(false)
  expect(asks('Left tug')).toBe(true)
  expect(asks('Right tug')).toBe(true)
  swipe(120)
  expect(asks('Left indicator')).toBe(true)
})

test('figures by thumb land in the check; undo is at hand', async () => {
  const { stored, storedCase, settled } = await showLive(current, 'proof')
  for (let i = 0; i < 9 && !screen.queryByRole('group', { name: 'Movement at the base, figures' }); i += 1) goOn()
  const pad = screen.getAllByRole('group', { name: 'Movement at the base, figures' })[0]
  if (!pad) throw new Error('steadiness is a number')
  for (const k of ['1', '2', 'point', '5', 'point'])
    fireEvent.click(pad.querySelector(`[aria-label="${k}"]`) as Element)
  fireEvent.click([...pad.querySelectorAll('button')].find((b) => b.textContent === 'Save') as Element)
  expect(await stored()).toEqual([
    [{ path: ['readings', 'steadiness-mm'], value: { number: { value: 12.5, plusMinus: 3, source: 'measured' } } }],
  ])
  fireEvent.click(screen.getByRole('button', { name: 'Undo the last entry' }))
  await settled()
  expect(storedCase()).toEqual(current)
  expect(useFitting.getState().case?.readings['steadiness-mm']).toBeUndefined()
})

test('a signed fitting is read, not changed', () => {
  show(withEverythingGood(current), 'proof', true)
  expect(screen.queryByRole('group', { name: /figures/ })).not.toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Undo the last entry' })).not.toBeInTheDocument()
})

describe('the voice is off until it is asked for', () => {
  const speak = jest.fn()
  const cancel = jest.fn()
  beforeEach(() => {
    speak.mockClear()
    Object.assign(window, {
      speechSynthesis: { speak, cancel },
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    })
  })
  afterEach(() => {
    Reflect.deleteProperty(window, 'speechSynthesis')
    Reflect.deleteProperty(window, 'SpeechSynthesisUtterance')
  })
  test('reads each step as it comes', () => {
    show(current)
    expect(speak).not.toHaveBeenCalled()
    fireEvent.click(screen.getByRole('button', { name: 'Read steps aloud' }))
    expect((speak.mock.calls[0]?.[0] as { text: string }).text).toContain('Latch both connectors. ')
    goOnTo('Push home')
    expect(speak).toHaveBeenCalledTimes(2)
    fireEvent.click(screen.getByRole('button', { name: 'Read steps aloud' }))
    expect(cancel).toHaveBeenCalled()
  })
})

test('the screen is kept on where the browser can, and let go at the end', async () => {
  const release = jest.fn(() => Promise.resolve())
  Object.assign(navigator, { wakeLock: { request: jest.fn(() => Promise.resolve({ release })) } })
  const subject = fittedSubject(current)
  if (!subject) throw new Error('everything is chosen')
  const { unmount } = render(
    <BayView
      steps={stepsFor(subject)}
      startAt={undefined}
      subject={subject}
      current={current}
      assessment={assess(current)}
      marks={new Map()}
      done={new Map()}
      isSigned={false}
      onward="On to Child in"
      onEnd={() => undefined}
      onClose={() => undefined}
    />,
  )
  await act(() => Promise.resolve())
  expect(screen.getByText('screen stays on')).toBeInTheDocument()
  unmount()
  expect(release).toHaveBeenCalled()
  Reflect.deleteProperty(navigator, 'wakeLock')
})

describe('the thumb pad', () => {
  beforeEach(() => useDrafts.setState({ fittingId: undefined, texts: {} }))
  const pad = (onKeep: (n: number) => string, allowsMinus = true) =>
    render(<ThumbPad draftKey="pad" label="Gap" unit="mm" allowsMinus={allowsMinus} plusMinus={3} onKeep={onKeep} />)
  const press = (...names: string[]): void => {
    for (const name of names) fireEvent.click(screen.getByRole('button', { name }))
  }
  test('minus turns over, the last figure goes, the fault stands', () => {
    const onKeep = jest.fn(() => 'Gap must be at least −50 mm')
    pad(onKeep)
    press('1', '2', 'minus', 'Take the last figure away', 'Save')
    expect(onKeep).toHaveBeenCalledWith(-1, 3)
    expect(screen.getByRole('alert')).toHaveTextContent('Gap must be at least −50 mm')
    press('minus', 'Save')
    expect(onKeep).toHaveBeenLastCalledWith(1, 3)
  })
  test('how close it was read goes with it: closer, as usual, by a rough eye', () => {
    const onKeep = jest.fn(() => '')
    pad(onKeep)
    press('Read to ± 3 mm; ± 6 instead')
    press('9', 'Save')
    expect(onKeep).toHaveBeenLastCalledWith(9, 6)
    press('Read to ± 6 mm; ± 1.5 instead', '9', 'Save')
    expect(onKeep).toHaveBeenLastCalledWith(9, 1.5)
    press('Read to ± 1.5 mm; ± 3 instead', '9', 'Save')
    expect(onKeep).toHaveBeenLastCalledWith(9, 3)
  })
  test('a keyboard types into it; its figures go nowhere else', () => {
    const onKeep = jest.fn(() => '')
    const outside = jest.fn()
    document.addEventListener('keydown', outside)
    pad(onKeep)
    const key = screen.getByRole('button', { name: '1' })
    for (const k of ['1', '2', ',', '5', '7', 'Backspace', '-']) fireEvent.keyDown(key, { key: k })
    press('Save')
    expect(onKeep).toHaveBeenCalledWith(-12.5, 3)
    fireEvent.keyDown(key, { key: '1', ctrlKey: true })
    expect(outside).toHaveBeenCalledTimes(1)
    document.removeEventListener('keydown', outside)
  })
  test('nothing typed is no number; where none is asked for there is no minus', () => {
    const onKeep = jest.fn(() => '')
    pad(onKeep, false)
    press('Save')
    expect(onKeep).not.toHaveBeenCalled()
    expect(screen.getByRole('alert')).toHaveTextContent('Gap must be a number of mm')
    expect(screen.queryByRole('button', { name: 'minus' })).not.toBeInTheDocument()
  })
})

describe('steps that leave no reading', () => {
  const prepared = { path: ['stepsDone', 'prepare'], value: {} }
  test('going on says that they are done, once', async () => {
    const { stored } = await showLive(current, 'prepare')
    fireEvent.click(screen.getByRole('button', { name: 'Next' }))
    expect(await stored()).toEqual([[prepared]])
    goOn()
    expect(await stored()).toHaveLength(1)
  })
  test('noted already, or the fitting signed: nothing is entered', async () => {
    const { stored } = await showLive({ ...current, stepsDone: { prepare: { at: Sequence(2) } } }, 'prepare')
    fireEvent.click(screen.getByRole('button', { name: 'Next' }))
    expect(await stored()).toEqual([])
  })
  test('ticked and taken back by hand', async () => {
    const { stored, storedCase } = await showLive(current, 'prepare')
    fireEvent.click(screen.getByRole('checkbox', { name: 'Done' }))
    expect(await stored()).toEqual([[prepared]])
    expect(screen.getByRole('checkbox', { name: 'Done' })).toBeChecked()
    fireEvent.click(screen.getByRole('checkbox', { name: 'Done' }))
    expect(await stored()).toHaveLength(2)
    expect(storedCase().stepsDone ?? {}).toEqual({})
  })
  test('proofs are told by their sense; a pair names its other half; doing it over says what it asks for again', async () => {
    const route = buildRoute({
      isofix: { connectors: 'rigid', role: 'holds', proofs: [{ id: 'c', what: 'a click each side', kind: 'click' }] },
      steps: [
        { id: 'open', text: 'Open the pocket.', pairWith: 'shut', onlyBefore: 'attaching' },
        { id: 'shut', text: 'Shut the pocket.', after: ['connect'] },
      ],
    })
    const c = buildCase({ route })
    const { stored } = await showLive(c, 'open')
    expect(screen.getByText(/Must be reversed later: Shut the pocket/)).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Next' }))
    // Leafing through closes no pair: it is ticked by hand.
    expect(await stored()).toEqual([])
    goOn()
    expect(screen.getByRole('list', { name: 'What proves it' })).toHaveTextContent('heard: a click each side')
    while (!screen.queryByRole('button', { name: 'If you redo this step' })) goOn()
    fireEvent.click(screen.getByRole('button', { name: 'If you redo this step' }))
    expect(screen.getByText(/Check again: .*leg on the floor/)).toBeInTheDocument()
  })
})

describe('one check a view', () => {
  const answered = (c: Case, ...ids: readonly ('tug-left' | 'tug-right')[]): Case => ({
    ...c,
    readings: { ...c.readings, ...Object.fromEntries(ids.map((id) => [id, { option: 'held', at: Sequence(9) }])) },
  })
  test('answered good it goes on by itself; half of a pair, or a bad answer, stays', () => {
    jest.useFakeTimers()
    const { rerender } = render(bay(current, 'connect'))
    goOn()
    goOn()
    expect(asks('Left tug')).toBe(true)
    rerender(bay(answered(current, 'tug-left'), 'connect'))
    act(() => jest.advanceTimersByTime(2000))
    expect(asks('Left tug')).toBe(true)
    expect(screen.getByRole('button', { name: 'Leave it open' })).toBeInTheDocument()
    useFitting.setState({ queue: [{} as never] })
    rerender(bay(answered(current, 'tug-left', 'tug-right'), 'connect'))
    expect(asks('Left tug')).toBe(true)
    act(() => jest.advanceTimersByTime(2000))
    expect(asks('Left tug')).toBe(false)
    expect(title()).toContain('Push home')
    jest.useRealTimers()
  })
  test('what both showed before, noted, goes on; of one that is left open nothing is gone past', () => {
    jest.useFakeTimers()
    const shown = (c: Case, ...ids: readonly ('latch-left' | 'latch-right')[]): Case => ({
      ...c,
      readings: { ...c.readings, ...Object.fromEntries(ids.map((id) => [id, { before: 'open', at: Sequence(9) }])) },
    })
    const { rerender } = render(bay(current, 'connect'))
    expect(screen.getAllByText('Before, it showed')).toHaveLength(2)
    useFitting.setState({ queue: [{} as never] })
    rerender(bay(shown(current, 'latch-left'), 'connect'))
    act(() => jest.advanceTimersByTime(2000))
    expect(screen.getAllByText('Before, it showed')).toHaveLength(2)
    rerender(bay(shown(current, 'latch-left', 'latch-right'), 'connect'))
    act(() => jest.advanceTimersByTime(2000))
    expect(screen.queryByText('Before, it showed')).not.toBeInTheDocument()
    expect(screen.getAllByText('shows latched')).toHaveLength(2)
    useFitting.setState({ queue: [] })
    jest.useRealTimers()
  })
  test('an answer will do where there is one; the pad comes when a figure is read off', () => {
    const inside = { ...withEverythingGood(current), readings: { ...current.readings } }
    const assessment = assess(inside)
    const steps = stepsFor(subjectOf(inside)).filter((s) => s.checks.includes('slack-mm'))
    const marks = new Map(steps.flatMap((s) => s.checks.map((id) => [id, checkState(id, inside, assessment)] as const)))
    render(
      <BayView
        {...{ steps, assessment, marks, subject: subjectOf(inside), current: inside, done: stepsDoneIn(inside) }}
        startAt="slack-mm"
        isSigned={false}
        onward="To the verdict"
        onEnd={() => undefined}
        onClose={() => undefined}
      />,
    )
    expect(screen.getByRole('radio', { name: 'one finger at most' })).toBeInTheDocument()
    expect(screen.queryByRole('group', { name: 'Harness slack, figures' })).not.toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Read off a figure' }))
    expect(screen.getByRole('group', { name: 'Harness slack, figures' })).toBeInTheDocument()
  })
  test('figures of a keyboard go into the pad wherever the keyboard is; without a pad they are the page’s', () => {
    const heard: string[] = []
    const listen = (e: KeyboardEvent): void => void heard.push(e.key)
    window.addEventListener('keydown', listen)
    show(current, 'steadiness-mm')
    const next = screen.getByRole('button', { name: 'Leave it open' })
    fireEvent.keyDown(next, { key: '1' })
    fireEvent.keyDown(next, { key: '2' })
    expect(screen.getByRole('group', { name: 'Movement at the base, figures' })).toHaveTextContent('12 mm')
    expect(heard).toEqual([])
    fireEvent.keyDown(screen.getByRole('dialog'), { key: 'ArrowLeft' })
    fireEvent.keyDown(next, { key: '2' })
    expect(heard).toEqual(['ArrowLeft', '2'])
    window.removeEventListener('keydown', listen)
  })
  test('what another device answered turns no page under the finger', () => {
    jest.useFakeTimers()
    useFitting.setState({ queue: [] })
    const { rerender } = render(bay(current, 'connect'))
    goOn()
    goOn()
    rerender(bay(answered(current, 'tug-left', 'tug-right'), 'connect'))
    act(() => jest.advanceTimersByTime(2000))
    expect(asks('Left tug')).toBe(true)
    expect(screen.getByRole('button', { name: 'Next' })).toBeInTheDocument()
    jest.useRealTimers()
  })
  test('each view has its drawing with words of this fitting', () => {
    show(current, 'leg')
    expect(screen.getByRole('img', { name: /support leg/i })).toBeInTheDocument()
  })
})
