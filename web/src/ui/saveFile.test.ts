import { toast } from 'sonner'
import { saveFile, saveFromServer } from './saveFile.ts'

const clicked: { readonly name: string; readonly href: string }[] = []
const made: Blob[] = []
const error = jest.spyOn(toast, 'error').mockImplementation(() => '')
beforeEach(() => {
  clicked.length = 0
  made.length = 0
  error.mockClear()
  URL.createObjectURL = (blob) => {
    made.push(blob as Blob)
    return 'blob:it'
  }
  URL.revokeObjectURL = () => undefined
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
    clicked.push({ name: this.download, href: this.href })
  })
})

test('a text is saved under its name and type', () => {
  saveFile('a.json', '{}', 'application/json')
  expect(clicked).toEqual([{ name: 'a.json', href: 'blob:it' }])
  expect(made[0]).toMatchObject({ type: 'application/json', size: 2 })
})

describe('a file that the server makes', () => {
  const answer = (response: Partial<Response> | Error): void => {
    globalThis.fetch = jest.fn(() =>
      response instanceof Error ? Promise.reject(response) : Promise.resolve(response as Response),
    )
  }
  test('is saved as it came', async () => {
    answer({
      ok: true,
      headers: new Map([['content-type', 'application/pdf']]) as unknown as Headers,
      arrayBuffer: () => Promise.resolve(new ArrayBuffer(5)),
    })
    await saveFromServer('/api/x', 'handover.pdf')
    expect(made[0]).toMatchObject({ type: 'application/pdf', size: 5 })
    expect(error).not.toHaveBeenCalled()
  })
  test.each([
    ['a refusal', { ok: false, status: 500 }],
    ['no server', new Error('gone')],
  ])('%s is said, and nothing is saved', async (_, response) => {
    answer(response)
    await saveFromServer('/api/x', 'handover.pdf')
    expect(clicked).toEqual([])
    expect(error).toHaveBeenCalledWith('handover.pdf was not made: the server does not answer. Try again.')
  })
})
