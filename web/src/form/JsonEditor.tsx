import { useId, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { TextArea } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly value: unknown
  readonly onRead: (value: object) => void
  /** Enough of an entry for the form to show it; what is wrong inside, the form says. */
  readonly isShowable: (value: unknown) => value is object
  readonly wanted: string
}

/** The whole entry as it is exported: for steps, proofs, conversions and whatever else the form does not show. */
export function JsonEditor({ value, onRead, isShowable, wanted }: Props) {
  const id = useId()
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
      setFault(msg.notJson(error instanceof Error ? error.message : String(error)))
    }
  }
  return (
    <div className="flex h-full flex-col">
      <label htmlFor={id} className="mb-1 font-semibold">
        {msg.theEntryAsJson}
      </label>
      <TextArea
        id={id}
        value={text}
        spellCheck={false}
        rows={18}
        onChange={(e) => setTyped(e.target.value)}
        className="min-h-64 w-full flex-1 font-mono text-sm"
      />
      <p role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
      <div className="flex gap-2 pb-2">
        <Button onClick={read} disabled={typed === undefined}>
          {msg.takeIntoTheForm}
        </Button>
        {typed !== undefined && (
          <Button look="quiet" onClick={() => setTyped(undefined)}>
            {msg.discardChanges}
          </Button>
        )}
      </div>
    </div>
  )
}
