import { useId, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { Fold } from '../ui/Fold.tsx'
import { TextArea } from '../ui/TextInput.tsx'

interface Props {
  readonly value: unknown
  readonly onRead: (value: object) => void
  /** Enough of an entry for the form to show it; what is wrong inside, the form says. */
  readonly isShowable: (value: unknown) => value is object
  readonly wanted: string
  readonly summary: string
}

/** The whole entry as it is exported: for steps, proofs, conversions and whatever else the form does not show. */
export function JsonEditor({ value, onRead, isShowable, wanted, summary }: Props) {
  const id = useId()
  const [isOpen, setOpen] = useState(false)
  const [typed, setTyped] = useState<string>()
  const [fault, setFault] = useState('')
  const text = typed ?? JSON.stringify(value, null, 2)
  function read(): void {
    try {
      const value: unknown = JSON.parse(text)
      if (!isShowable(value)) return setFault(wanted)
      onRead(value)
      setTyped(undefined)
      setFault('')
    } catch (error) {
      setFault(`Not JSON: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  return (
    <Fold
      className="rounded-[3px] border border-line bg-sheet px-3 py-1"
      open={isOpen}
      onOpenChange={setOpen}
      summary={`In full, as JSON: ${summary}`}
    >
      <label htmlFor={id} className="sr-only">
        The entry as JSON
      </label>
      <TextArea
        id={id}
        value={text}
        spellCheck={false}
        rows={18}
        onChange={(e) => setTyped(e.target.value)}
        className="w-full font-mono text-sm"
      />
      <p role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
      <div className="flex gap-2 pb-2">
        <Button onClick={read} disabled={typed === undefined}>
          Take into the form
        </Button>
        {typed !== undefined && (
          <Button look="quiet" onClick={() => setTyped(undefined)}>
            Discard changes
          </Button>
        )}
      </div>
    </Fold>
  )
}
