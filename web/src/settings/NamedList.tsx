import { RadioDot, RadioRows } from '../ui/RadioDot.tsx'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Named {
  readonly id: string
  readonly name: string
}

interface Props {
  readonly legend: string
  readonly items: readonly Named[]
  readonly selectedId: string | undefined
  readonly defaultId: string
  readonly onSelect: (id: string) => void
  readonly onDefault: (id: string) => void
  /** Of who may not change what new fittings start with. */
  readonly isLocked: boolean
}

/** Names to choose one from for editing, and one that new fittings start with. */
export function NamedList({ legend, items, selectedId, defaultId, onSelect, onDefault, isLocked }: Props) {
  return (
    <>
      <p className="pr-2 pb-1 text-right text-sm text-ink-soft" aria-hidden="true">
        {msg.newFittingsStartWith}
      </p>
      <RadioRows
        aria-label={msg.newFittingsStartWith2(legend)}
        value={defaultId}
        disabled={isLocked}
        onValueChange={onDefault}
      >
        <ul className="divide-y divide-hair border-y border-hair" aria-label={legend}>
          {items.map(({ id, name }) => (
            <li key={id} className={`flex items-center gap-2 ${id === selectedId ? 'bg-shoal' : ''}`}>
              <Button
                look="bare"
                aria-pressed={id === selectedId}
                onClick={() => onSelect(id)}
                className="min-h-11 flex-1 px-2 text-left font-semibold hover:underline"
              >
                {name}
              </Button>
              <RadioDot id={id} label={msg.newFittingsStartWith3(name)} />
            </li>
          ))}
        </ul>
      </RadioRows>
    </>
  )
}
