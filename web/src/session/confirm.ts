import { create } from 'zustand'

/** A dangerous thing asks for the password or passkey again, whichever part of the page it was asked by. */
interface Confirming {
  readonly ask: ((isGiven: boolean) => void) | undefined
}
export const useConfirming = create<Confirming>()(() => ({ ask: undefined }))

/** Resolves once it is given, or not. */
export const confirmed = (): Promise<boolean> =>
  new Promise((resolve) => {
    useConfirming.getState().ask?.(false)
    useConfirming.setState({
      ask: (isGiven) => {
        useConfirming.setState({ ask: undefined })
        resolve(isGiven)
      },
    })
  })
