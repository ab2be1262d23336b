import { act, fireEvent, render, screen } from '@testing-library/react'
import { toast } from 'sonner'
import { api, Refused } from '../session/api.ts'
import { ImportDialog } from './ImportDialog.tsx'

const rows = [
  { kind: 'units', id: 'u-1', state: 'new' },
  { kind: 'units', id: 'u-2', state: 'new' },
] as const

/** A file looked at and being stored: the answer comes when the test says so. */
async function storing() {
  let end = (_: unknown): void => undefined
  let fail = (_: Error): void => undefined
  const works: string[] = []
  const load = jest.spyOn(api, 'catalogue').mockResolvedValue({ format: 'nimble-anchor/catalogue', version: 3 })
  jest.spyOn(api, 'workShare').mockResolvedValue({ share: 0.9 })
  jest.spyOn(api, 'importCatalogue').mockImplementation((_, how) => {
    if (how?.isPreview === true) return Promise.resolve(rows)
    works.push(how?.work?.id ?? '')
    return new Promise((resolve, reject) => {
      end = resolve as typeof end
      fail = reject
      how?.work?.signal.addEventListener('abort', () => reject(new DOMException('gone', 'AbortError')))
    })
  })
  const onOpenChange = jest.fn()
  const { unmount } = render(<ImportDialog open onOpenChange={onOpenChange} />)
  const file = Object.assign(new File(['x'], 'units.csv', { type: 'text/csv' }), { text: () => Promise.resolve('x') })
  fireEvent.change(screen.getByLabelText('Catalogue file'), { target: { files: [file] } })
  fireEvent.click(await screen.findByRole('button', { name: 'Import 2' }))
  await screen.findByRole('button', { name: 'Stop' })
  return { works, load, onOpenChange, unmount, end: (x: unknown) => act(async () => end(x)), fail: (e: Error) => act(async () => fail(e)) } // prettier-ignore
}
afterEach(() => {
  jest.restoreAllMocks()
  toast.dismiss()
})
const told = (): readonly string[] => toast.getHistory().map((t) => ('title' in t ? String(t.title) : ''))

test('stopped in time: the server says that nothing was stored, and the file is still there to import', async () => {
  const asked = jest.spyOn(api, 'stopWork').mockResolvedValue({ asked: true })
  const { works, load, onOpenChange, fail } = await storing()
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }))
  expect(asked.mock.calls).toEqual([[works[0]]])
  // Until the server has said which it was, it is being imported still.
  expect(screen.getByRole('button', { name: 'Importing' })).toBeDisabled()
  await fail(new Refused(409, 'Stopped: nothing was stored.', [], undefined))
  expect(screen.getByRole('button', { name: 'Import 2' })).toBeEnabled()
  expect([load.mock.calls.length, onOpenChange.mock.calls.length]).toEqual([0, 0])
  expect(told()).toContain('Stopped: nothing was stored.')
})
test('asked too late it is imported, and said so', async () => {
  jest.spyOn(api, 'stopWork').mockRejectedValue(new Refused(404, 'No such work is under way.', [], undefined))
  const { load, onOpenChange, end } = await storing()
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }))
  await end(rows)
  expect([load.mock.calls.length, onOpenChange.mock.calls]).toEqual([1, [[false]]])
  expect(told()).toContain('2 entries imported from units.csv.')
})
test('left meanwhile, nothing is said to have been imported', async () => {
  const { load, unmount } = await storing()
  const before = told().length
  unmount()
  await act(async () => undefined)
  expect([load.mock.calls.length, told().length]).toEqual([0, before])
})
