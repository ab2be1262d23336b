import { Copy, Printer } from 'lucide-react'
import { Button } from '../ui/Button.tsx'
import { copyText } from '../ui/copyText.ts'
import { Dialog } from '../ui/Dialog.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly name: string
  /** None, and the dialog is shut. */
  readonly codes: readonly string[]
  readonly onDone: () => void
}

/** Codes by which somebody who has lost their password comes in: shown this once. */
export function RecoveryCodes({ name, codes, onDone }: Props) {
  return (
    <Dialog open={codes.length > 0} onOpenChange={onDone} title={msg.recoveryCodesOf(name)}>
      <p>{msg.printThemAndKeepThem(name)}</p>
      <ol className="my-3 grid grid-cols-2 gap-x-6 gap-y-1 border-y border-line py-3 font-mono text-lg tracking-wide">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ol>
      <div className="no-print flex flex-wrap gap-2">
        <Button onClick={() => print()}>
          <Printer size={18} aria-hidden="true" />
          {msg.print}
        </Button>
        <Button onClick={() => copyText(codes.join('\n'))}>
          <Copy size={18} aria-hidden="true" />
          {msg.copy}
        </Button>
        <Button look="main" onClick={onDone}>
          {msg.theyAreKept}
        </Button>
      </div>
    </Dialog>
  )
}
