import { Component, type ReactNode } from 'react'
import { Button } from './Button.tsx'
import * as msg from './messages.en.ts'

interface Props {
  /** A new one begins anew: another page, another stage. */
  readonly resetKey: string
  readonly children: ReactNode
}
interface State {
  readonly failed: unknown
  readonly resetKey: string
  readonly isStillDown: boolean
}

/** A part of the program that did not come from the server: it stopped, or was brought up to date meanwhile. */
const isNotLoaded = (error: unknown): boolean =>
  error instanceof Error &&
  /dynamically imported module|module script|Failed to fetch|Loading chunk/i.test(error.message)

/** What went wrong stays in its own place: what stands around it is still there, and what was typed is kept. */
export class ErrorBoundary extends Component<Props, State> {
  override state: State = { failed: undefined, resetKey: this.props.resetKey, isStillDown: false }

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { failed: error }
  }
  static getDerivedStateFromProps({ resetKey }: Props, state: State): Partial<State> | null {
    return resetKey === state.resetKey ? null : { failed: undefined, resetKey }
  }

  override render(): ReactNode {
    const { failed } = this.state
    if (failed === undefined) return this.props.children
    return (
      <div role="alert" className="m-3 max-w-xl rounded-[3px] border-2 border-stale bg-sheet p-5">
        <h2 className="text-xl font-bold">
          {isNotLoaded(failed) ? msg.thisPartOfTheProgram : msg.thisPartOfTheProgramHas}
        </h2>
        <p className="mt-2">{isNotLoaded(failed) ? msg.theServerDoesNotAnswer : msg.whatWasEnteredAndTyped}</p>
        <div className="mt-4 flex gap-2">
          {/* A part that failed to arrive is only asked for again with the page. */}
          <Button
            look="main"
            onClick={() =>
              isNotLoaded(failed)
                ? void reloadWhenUp().then(() => this.setState({ isStillDown: true }))
                : this.setState({ failed: undefined })
            }
          >
            {msg.tryAgain}
          </Button>
          {this.state.isStillDown && <p className="content-center">{msg.itDoesNotAnswerYet}</p>}
        </div>
      </div>
    )
  }
}

/** Loads the page again once the server answers: without it, the page would be blank. */
async function reloadWhenUp(): Promise<void> {
  const isUp = await fetch('/api/health').then(
    (r) => r.ok,
    () => false,
  )
  if (isUp) window.location.reload()
}
