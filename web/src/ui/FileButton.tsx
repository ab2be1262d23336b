import { LoaderCircle } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import { Button } from './Button.tsx'
import { saveFromServer } from './saveFile.ts'
import * as msg from './messages.en.ts'

interface Props {
  /** Where the server makes it. */
  readonly path: string
  /** What it is saved as. */
  readonly name: string
  readonly look?: 'main' | 'plain' | 'quiet'
  readonly children: ReactNode
}

/**
 * Fetches a file that the server makes, and saves it. It says at once that it is
 * being made, in the room that the label had, and a second press asks for no second file.
 */
export function FileButton({ path, name, look = 'plain', children }: Props) {
  const [isBeingMade, setBeingMade] = useState(false)
  const make = (): void => {
    // Kept in the order of Tab while it is made: a button that is disabled would lose the keyboard.
    if (isBeingMade) return
    setBeingMade(true)
    void saveFromServer(path, name).finally(() => setBeingMade(false))
  }
  return (
    <>
      <Button look={look} aria-disabled={isBeingMade} aria-busy={isBeingMade} onClick={make}>
        <span className="grid *:[grid-area:1/1]">
          <span className={`flex items-center justify-center gap-2 ${isBeingMade ? 'opacity-0' : ''}`}>{children}</span>
          {isBeingMade && (
            <span aria-hidden="true" className="grid place-items-center">
              <LoaderCircle size={18} className="motion-safe:animate-spin" />
            </span>
          )}
        </span>
      </Button>
      <span aria-live="polite" className="sr-only">
        {isBeingMade ? msg.isBeingMade(name) : ''}
      </span>
    </>
  )
}
