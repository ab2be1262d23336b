import { Sequence } from '@nimble-anchor/core/ground'
import { benchLines, findSetUp, sectionOf } from '@nimble-anchor/core/bench'
import { type Case } from '@nimble-anchor/core/casefile'
import { fittedSubject } from '@nimble-anchor/core/match'
import { measured } from '@nimble-anchor/core/quantities'
import { toFinding, type FittedSubject } from '@nimble-anchor/core/rules'
import { act, fireEvent, render, screen, within } from '@testing-library/react'
import {
  BOOSTER,
  buildCase,
  buildMode,
  buildPosition,
  buildRoute,
  FORWARD,
  TETHER_ROUTE,
} from '@nimble-anchor/core/testing'
import { usePreferences } from '../../../session/preferences.ts'
import { BenchPanel } from './BenchPanel.tsx'
import { svgText } from './exportSvg.ts'
import { FindSetUp, putsForSetUp } from './FindSetUp.tsx'
import { arcOf, nearestStop, wholeView, zoomed } from './frame.ts'
import { lengthText } from './length.ts'
import { setUpText } from './settingText.ts'
import { startSearch } from './startSearch.ts'
import { live } from '../../../../test/live.tsx'
import { pick } from '../../../../test/pick.ts'

jest.mock('./startSearch.ts', () => ({ startSearch: jest.fn() }))

beforeEach(() => {
  usePreferences.setState({ benchUnit: 'mm' })
})

const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
const current: Case = buildCase({
  mode: { shellLengthMm: 600, footFromBackrestMm: 200 },
  route: buildRoute({ frontSeat: 'either' }),
  position: {
    cushion: { slopeDeg: measured(12, 1), depthMm: measured(480), frontEdgeAboveFloorMm: measured(355, 2) },
    frontClearanceMm: measured(560, 10),
  },
  others: [driver],
  settings: { recline: { value: 'r1', at: Sequence(2) }, legNotch: { value: 6, at: Sequence(2) } },
})
const subjectOf = (c: Case): FittedSubject => {
  const s = fittedSubject(c)
  if (!s) throw new Error('everything is chosen')
  return s
}
const show = (c: Case = current, isSigned = false) =>
  render(<BenchPanel current={c} subject={subjectOf(c)} isSigned={isSigned} />)

/** Over the real store and a server in memory. */
const showLive = (c: Case = current) =>
  live(c, (shown) => <BenchPanel current={shown} subject={subjectOf(shown)} isSigned={false} />)

describe('the bench', () => {
  test('says every line of the arithmetic in words, with what is wanted and what fails', () => {
    show()
    const list = screen.getByRole('list', { name: 'The arithmetic' })
    expect(list).toHaveTextContent('Shell angle24 ± 1°wanted: 20–35°')
    expect(list).toHaveTextContent('Room to the seat in front116 ± 20 mm')
    expect(list).toHaveTextContent('Notch 6 leaves 3 mm or more under the foot; notch 7 reaches the floor.')
  })
  test('explain shows the formula with its numbers', () => {
    show()
    expect(screen.queryByText('φ = θ − σ + ω')).not.toBeInTheDocument()
    fireEvent.click(screen.getByLabelText(/^Explain/))
    expect(screen.getByText('φ = θ − σ + ω')).toBeInTheDocument()
    expect(screen.getByText('φ = 36° − (12 ± 1)° + 0° = (24 ± 1)°')).toBeInTheDocument()
    expect(screen.getByText('Shoulder')).toBeInTheDocument()
  })
  test('the arrow keys step a handle, and the step is an entry that stands', async () => {
    const { stored } = await showLive()
    const leg = screen.getByRole('slider', { name: 'Leg notch' })
    expect(leg).toHaveAttribute('aria-valuetext', 'leg notch 6 of 19')
    fireEvent.keyDown(leg, { key: 'ArrowUp' })
    expect(await stored()).toEqual([[{ path: ['settings', 'legNotch'], value: { value: 7 } }]])
    expect(screen.getByRole('slider', { name: 'Leg notch' })).toHaveAttribute('aria-valuetext', 'leg notch 7 of 19')
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Recline' }), { key: 'ArrowLeft' })
    expect(await stored()).toHaveLength(1)
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Recline' }), { key: 'ArrowRight' })
    expect((await stored()).at(-1)).toEqual([{ path: ['settings', 'recline'], value: { value: 'r2' } }])
    expect(screen.getByRole('list', { name: 'The arithmetic' })).toHaveTextContent('Shell angle30 ± 1°')
  })
  test('dragging shows the figures at once and keeps them when it is let go', async () => {
    const { container, stored } = await showLive()
    const svg = container.querySelector('svg[role=group]') as SVGSVGElement
    const { bounds } = sectionOf(subjectOf(current))
    const width = bounds.maxX - bounds.minX
    const height = bounds.maxY - bounds.minY
    // One pixel of this screen is one millimetre.
    svg.getBoundingClientRect = () => ({ left: 0, top: 0, width, height }) as DOMRect
    svg.setPointerCapture = () => undefined
    const recline = screen.getByRole('slider', { name: 'Recline' })
    const to = sectionOf(subjectOf(current)).handles.find((h) => h.id === 'recline')?.stops[1]?.at
    if (!to) throw new Error('there are two reclines')
    const at = { clientX: to.x - bounds.minX, clientY: bounds.maxY - to.y }
    fireEvent(recline, new MouseEvent('pointerdown', { bubbles: true }))
    fireEvent(svg, new MouseEvent('pointermove', { bubbles: true, ...at }))
    expect(await stored()).toEqual([])
    expect(screen.getByRole('list', { name: 'The arithmetic' })).toHaveTextContent('Shell angle30 ± 1°')
    fireEvent(svg, new MouseEvent('pointerup', { bubbles: true, ...at }))
    expect(await stored()).toEqual([[{ path: ['settings', 'recline'], value: { value: 'r2' } }]])
  })
  test('a signed fitting is looked at, not moved', () => {
    show(current, true)
    expect(screen.queryByRole('slider')).not.toBeInTheDocument()
  })
  test('lengths in the unit that the fitter likes; angles stay degrees', () => {
    show()
    pick(screen.getByLabelText('Unit of lengths'), 'cm')
    expect(screen.getByRole('list', { name: 'The arithmetic' })).toHaveTextContent('11.6 ± 2 cm')
    expect(screen.getByRole('list', { name: 'The arithmetic' })).toHaveTextContent('24 ± 1°')
    expect(lengthText(254, 'in')).toBe('10 in')
  })
  test('nearer and back to the whole', () => {
    const { container } = show()
    const box = () => container.querySelector('svg[role=group]')?.getAttribute('viewBox')
    const whole = box()
    fireEvent.click(screen.getByRole('button', { name: 'Larger' }))
    expect(box()).not.toBe(whole)
    fireEvent.click(screen.getByRole('button', { name: 'Show the whole drawing' }))
    expect(box()).toBe(whole)
  })
  test.each([
    [
      'forward with a tether',
      buildCase({
        mode: FORWARD,
        route: { ...TETHER_ROUTE, topTether: { use: 'required', maxLengthMm: 500 } },
        position: { tether: { where: 'shelf', pathLengthMm: measured(700) } },
      }),
      'path 700 mm',
    ],
    [
      'a booster',
      buildCase({ mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } }, child: { statureCm: measured(118) } }),
      undefined,
    ],
    [
      'nothing known',
      buildCase({
        position: { cushion: undefined },
        child: { statureCm: undefined, seatedShoulderHeightMm: undefined },
      }),
      undefined,
    ],
  ])('%s is drawn', (_, c, text) => {
    const { container } = show(c)
    const svg = container.querySelector('svg[role=group]')
    expect(svg?.innerHTML).not.toContain('NaN')
    if (text !== undefined) expect(svg?.textContent).toContain(text)
  })
})

test('the saved drawing stands alone: no page style, no handles, its words inside', () => {
  const { container } = show()
  document.documentElement.style.setProperty('--ink', '#12304d')
  const svg = container.querySelector('svg[role=group]') as SVGSVGElement
  Object.defineProperty(svg, 'viewBox', { value: { baseVal: { width: 1000, height: 800 } } })
  const text = svgText(svg, 'Rear left', ['Shell angle: 24 ± 1°.'])
  expect(text).toContain('<title>Rear left</title>')
  expect(text).toContain('<desc>Shell angle: 24 ± 1°.</desc>')
  expect(text).toContain('width="200mm"')
  expect(text).not.toContain('var(--')
  expect(text).not.toContain('data-handle')
})

describe('the frame', () => {
  const whole = wholeView({ bounds: { minX: -400, maxX: 600, minY: -400, maxY: 400 } })
  test('zoomed about a point, and never out of the drawing', () => {
    expect(zoomed(whole, 2, { x: 0, y: 0 })).toEqual({ x: -250, y: -200, width: 500, height: 400 })
    expect(zoomed(whole, 2, { x: 9999, y: -9999 })).toEqual({ x: 100, y: -400, width: 500, height: 400 })
    expect(zoomed(whole, 1, { x: 50, y: 50 })).toEqual(whole)
  })
  test('the nearest stop; none of none', () => {
    const stops = [{ at: { x: 0, y: 0 } }, { at: { x: 10, y: 0 } }]
    expect(nearestStop(stops, { x: 6, y: 1 })).toBe(stops[1])
    expect(nearestStop([], { x: 6, y: 1 })).toBeUndefined()
  })
  test('an arc forward is the mirror of one rearward', () => {
    expect(arcOf({ x: 0, y: 5 }, 100, 0, 90, 1)).toBe('M0.0 -105.0A100 100 0 0 1 100.0 -5.0')
    expect(arcOf({ x: 0, y: 5 }, 100, 0, 90, -1)).toBe('M0.0 -105.0A100 100 0 0 0 -100.0 -5.0')
  })
})

test('a set-up in words, in the order it is set', () => {
  const mode = buildMode({ inserts: [{ id: 'pad', name: 'seat pad', thicknessMm: 20 }] })
  expect(
    setUpText(mode, buildRoute(), {
      legNotch: 7,
      recline: 'r2',
      wedge: true,
      insertsIn: ['pad'],
      strapHeightMm: 280,
      slideMm: 20,
      frontSeatGapMm: 620,
    }),
  ).toBe(
    'in: seat pad, recline 2, wedge in, shell slid 20 mm, straps at slot 3 (280 mm), leg notch 7 of 19, seat in front at 620 mm',
  )
})

describe('find a set-up', () => {
  const answerOf = (c: Case) => {
    const { tried, found } = findSetUp(subjectOf(c))
    return { tried, found: found.map((f) => ({ ...f, findings: f.findings.map((x) => toFinding(x)) })) }
  }
  const cancel = jest.fn()
  beforeEach(() => cancel.mockClear())

  test('shows what passes with what it leaves to spare, and sets it in one entry', async () => {
    jest.mocked(startSearch).mockReturnValue({ answer: Promise.resolve(answerOf(current)), cancel })
    const { stored, storedCase } = await live(current, (shown) => <FindSetUp current={shown} isSigned={false} />)
    fireEvent.click(screen.getByRole('button', { name: 'Search' }))
    await act(() => Promise.resolve())
    const [first] = screen.getAllByRole('listitem')
    if (!first) throw new Error('something is found')
    expect(first).toHaveTextContent('Recline 1')
    expect(screen.getAllByText(/to spare/).length).toBeGreaterThan(0)
    fireEvent.click(within(first).getByRole('button'))
    expect(await stored()).toHaveLength(1)
    expect(storedCase().settings).toMatchObject({ recline: { value: 'r1' }, legNotch: { value: 7 } })
  })
  test('what fails is shown with its remedy and is no offer', async () => {
    const tall = buildCase({
      mode: { shellLengthMm: 600, footFromBackrestMm: 200 },
      route: buildRoute({ frontSeat: 'either' }),
      position: { frontClearanceMm: measured(400) },
      others: [driver],
    })
    jest.mocked(startSearch).mockReturnValue({ answer: Promise.resolve(answerOf(tall)), cancel })
    render(<FindSetUp current={tall} isSigned={false} />)
    fireEvent.click(screen.getByRole('button', { name: 'Search' }))
    await act(() => Promise.resolve())
    expect(
      screen.getAllByText(
        /a more upright recline( \((?:at most|under) [\d.]+° leaves room\))?, the seat in front further forward/,
      ).length,
    ).toBeGreaterThan(0)
    expect(screen.queryByRole('button', { name: /^Use/ })).not.toBeInTheDocument()
  })
  test('can be stopped, and says when it broke', async () => {
    jest.mocked(startSearch).mockReturnValue({ answer: new Promise(() => undefined), cancel })
    render(<FindSetUp current={current} isSigned={false} />)
    fireEvent.click(screen.getByRole('button', { name: 'Search' }))
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }))
    expect(cancel).toHaveBeenCalled()
    jest.mocked(startSearch).mockReturnValue({ answer: Promise.reject(new Error('broken')), cancel })
    fireEvent.click(screen.getByRole('button', { name: 'Search' }))
    await act(() => Promise.resolve())
    expect(screen.getByRole('status')).toHaveTextContent('broken')
  })
  test('a seat in front that is to stay where its tallest user has it loses its setting', () => {
    const moved: Case = {
      ...current,
      settings: { ...current.settings, frontSeatGapMm: { value: 640, at: Sequence(3) } },
    }
    expect(putsForSetUp(moved, { recline: 'r1', frontSeatGapMm: undefined })).toContainEqual({
      path: ['settings', 'frontSeatGapMm'],
      value: null,
    })
    expect(putsForSetUp(current, { recline: 'r1', frontSeatGapMm: undefined })).toHaveLength(1)
  })
})

test('every line of the bench has its mark on screen', () => {
  show()
  expect(screen.getAllByRole('listitem')).toHaveLength(benchLines(subjectOf(current)).length)
})
