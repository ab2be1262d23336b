import { Sequence } from '@nimble-anchor/core/ground'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { type Case } from '@nimble-anchor/core/casefile'
import { measured } from '@nimble-anchor/core/quantities'
import { assess, type Stage } from '@nimble-anchor/core/verdict'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { Ledger } from './Ledger.tsx'
import { stageMark } from '../fitting/stages.ts'
import { ContextBar } from '../fitting/ContextBar.tsx'

const ready = withEverythingGood(buildCase())
const broken: Case = { ...ready, readings: { ...ready.readings, 'latch-right': { option: 'open', at: Sequence(3) } } }
const heavy: Case = { ...ready, child: { ...ready.child, massKg: measured(20) } }
const ledger = (c: Case, goTo: (s: Stage) => void = () => undefined) =>
  render(<Ledger assessment={assess(c)} goTo={goTo} />)
const titles = () => screen.queryAllByRole('listitem').map((li) => li.querySelector('.font-bold')?.textContent)

test('worst first: what stops before what must be put right before what is open', () => {
  const { ['tug-left']: _gone, ...readings } = broken.readings
  ledger({ ...broken, readings, child: heavy.child })
  expect(titles().slice(0, 4)).toEqual(
    [
      'Child and restraint on the ISOFIX anchorages',
      'Maker’s maximum mass',
      'Both latch indicators',
      'A tug on each connector',
    ].toSorted((a, b) => titles().indexOf(a) - titles().indexOf(b)),
  )
  expect(titles().indexOf('Both latch indicators')).toBeGreaterThan(titles().indexOf('Maker’s maximum mass'))
  expect(titles().indexOf('A tug on each connector')).toBeGreaterThan(titles().indexOf('Both latch indicators'))
})

test('what holds and what waits for a later stage is one line each until asked for', async () => {
  ledger(buildCase())
  expect(screen.getByRole('button', { name: /still to do: .*Attach, Child in/ })).toHaveAttribute(
    'aria-expanded',
    'false',
  )
  const holds = screen.getByRole('button', { name: /rules hold/ })
  await userEvent.click(holds)
  expect(screen.getByText('Vehicle seat faces forward')).toBeInTheDocument()
})

test('a finding opens to its numbers, source and remedy, and leads to its stage', async () => {
  const went: Stage[] = []
  ledger(heavy, (s) => went.push(s))
  const row = screen.getAllByRole('listitem').find((li) => li.textContent.includes('ISOFIX anchorages'))!
  expect(within(row).getByText(/1 kg too heavy/)).toBeInTheDocument()
  expect(row).not.toHaveTextContent('Limit33 kg')
  await userEvent.click(within(row).getByText(/1 kg too heavy/))
  expect(row).toHaveTextContent('Limit33 kg')
  expect(row).toHaveTextContent('law, stops the fitting')
  expect(row).toHaveTextContent('Use a belt route or a lighter restraint.')
  await userEvent.click(within(row).getByText('Open Choose'))
  expect(went).toEqual(['choose'])
})

test.each<[string, Case, string[]]>([
  ['ready', ready, ['Ready to travel', 'Every check that this fitting asks for has passed.', 'Hand over']],
  [
    'not ready',
    broken,
    ['Not ready', 'Right indicator: shows open.', 'Release the right connector', 'Decided by the maker’s manual.'],
  ],
  [
    'not permitted',
    { ...ready, vehicle: { ...ready.vehicle!, positions: [{ ...ready.vehicle!.positions[0]!, facing: 'sideways' }] } },
    ['Not permitted', 'The seat is side-facing.', 'Use a seat that faces forward.', 'Decided by law.'],
  ],
  ['undecided', buildCase({ child: { massKg: undefined } }), ['Undecided', 'Weigh the child', 'Weigh the child']],
])('%s: the banner says the verdict, the reason, what to do, and the caution', (_, c, texts) => {
  render(<ContextBar stage="measure" current={c} assessment={assess(c)} isSigned={false} isBrief={false} goTo={() => undefined} onLedger={() => undefined} onHistory={() => undefined} />) // prettier-ignore
  const banner = screen.getByRole('region', { name: 'Verdict' })
  for (const text of texts) expect(banner).toHaveTextContent(text)
  expect(banner).toHaveTextContent('a child travels only after a competent person has checked the installation by hand')
})

test('a stage is stale before it is anything but failed', () => {
  const stale = new Set<Stage>(['attach'])
  expect(stageMark(assess(ready), 'attach', new Set())).toBe('pass')
  expect(stageMark(assess(ready), 'attach', stale)).toBe('stale')
  expect(stageMark(assess(broken), 'attach', stale)).toBe('fail')
})
