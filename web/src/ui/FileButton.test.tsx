import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { FileButton } from './FileButton.tsx'
import { saveFromServer } from './saveFile.ts'

jest.mock('./saveFile.ts', () => ({ saveFromServer: jest.fn() }))
const saving = jest.mocked(saveFromServer)

test('says at once that it is being made, asks once, and is itself again after', async () => {
  let done: () => void = () => undefined
  saving.mockImplementation(() => new Promise((resolve) => (done = resolve)))
  render(
    <FileButton path="/api/x.pdf" name="handover.pdf">
      Sheet, PDF
    </FileButton>,
  )
  const button = screen.getByRole('button')
  expect(button).toHaveAccessibleName('Sheet, PDF')
  await userEvent.click(button)
  expect(saving).toHaveBeenCalledWith('/api/x.pdf', 'handover.pdf')
  expect(screen.getByText('handover.pdf is being made')).toHaveAttribute('aria-live', 'polite')
  // Its name stays: only what is seen makes room.
  expect(button).toHaveAccessibleName('Sheet, PDF')
  expect(button).toHaveAttribute('aria-busy', 'true')
  expect(button).toHaveFocus()
  await userEvent.click(button)
  expect(saving).toHaveBeenCalledTimes(1)
  await act(async () => {
    done()
    await Promise.resolve()
  })
  expect(screen.queryByText('handover.pdf is being made')).toBeNull()
  expect(button).toHaveAttribute('aria-busy', 'false')
  await userEvent.click(button)
  expect(saving).toHaveBeenCalledTimes(2)
})
