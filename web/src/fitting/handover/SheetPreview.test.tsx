import { roadAhead } from '@nimble-anchor/core/ahead'
import { handoverSheet } from '@nimble-anchor/core/handover'
import { assess } from '@nimble-anchor/core/verdict'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { fireEvent, render, screen, within } from '@testing-library/react'
import { SheetPreview } from './SheetPreview.tsx'

const current = withEverythingGood(buildCase())
const assessment = assess(current)
const items = roadAhead(current, 100)
const show = (known: Parameters<typeof SheetPreview>[0]['known']) =>
  render(<SheetPreview current={current} assessment={assessment} known={known} />)
const ahead = { asOf: current.today, items, sequences: [] }

test('every part of the sheet stands in its order, with all that it says', async () => {
  show({ ahead, failed: false, isSaved: true })
  await screen.findByRole('heading', { name: 'Settings to remember' }, { timeout: 3000 })
  const sheet = handoverSheet(current, assessment, items, navigator.language)
  const shown = screen.getByRole('article', { name: 'The sheet, as it will be printed' })
  expect(within(shown).getAllByRole('heading', { level: 3 }).map((h) => h.textContent)).toEqual(sheet.blocks.map((b) => b.title)) // prettier-ignore
  for (const b of sheet.blocks) {
    if (b.kind === 'rows' || b.kind === 'settings') for (const { name, value } of b.rows) expect(shown).toHaveTextContent(`${name}${value}`) // prettier-ignore
    if (b.kind === 'looks') for (const { ask, then } of b.looks) expect(shown).toHaveTextContent(`${ask}${then}`)
  }
  expect(within(shown).getByRole('img', { name: 'This fitting in words, for any phone' })).toBeInTheDocument()
  expect(shown).toHaveTextContent(assessment.caution)
})
test('until what changes next is known nothing is drawn that would move', () => {
  show({ ahead: null, failed: false, isSaved: true })
  expect(screen.getByRole('article')).toHaveAttribute('aria-busy', 'true')
  expect(screen.queryByRole('heading')).toBeNull()
})
test('where it could not be worked out the sheet stands without it, and says so', async () => {
  show({ ahead: null, failed: true, isSaved: true })
  expect(await screen.findByText(/could not be worked out just now/, undefined, { timeout: 3000 })).toBeInTheDocument()
  expect(screen.queryByRole('heading', { name: 'What changes next' })).toBeNull()
  expect(screen.getByRole('heading', { name: 'Settings to remember' })).toBeInTheDocument()
})

test.each([
  ['nothing told yet', null],
  ['an earlier state told', ahead],
])('not saved, %s: the sheet stands without what changes next, and says why', async (_, told) => {
  show({ ahead: told, failed: false, isSaved: false })
  expect(await screen.findByText(/Not saved yet/, undefined, { timeout: 3000 })).toBeInTheDocument()
  expect(screen.queryByRole('heading', { name: 'What changes next' })).toBeNull()
  expect(screen.getByRole('heading', { name: 'Settings to remember' })).toBeInTheDocument()
})
test('printed before what changes next is known, the sheet is there all the same, and says what it lacks', () => {
  show({ ahead: null, failed: false, isSaved: true })
  fireEvent(window, new Event('beforeprint'))
  expect(screen.getByRole('heading', { name: 'Settings to remember' })).toBeInTheDocument()
  expect(screen.getByText(/could not be worked out just now/)).toBeInTheDocument()
  expect(screen.getByRole('img', { name: 'This fitting in words, for any phone' })).toBeInTheDocument()
})
