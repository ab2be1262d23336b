import { Dialog } from '../ui/Dialog.tsx'
import { useCommands } from './commands.ts'
import * as msg from './messages.en.ts'

const FIXED = [
  { key: 'Ctrl K', label: msg.goToAnythingOrDo },
  { key: '?', label: msg.thisList },
  { key: 'Tab, arrows', label: msg.moveBetweenFieldsAndOptions },
]

export default function KeyHelp() {
  const { commands, isHelpOpen, setHelpOpen } = useCommands()
  const keyed = commands.filter((c) => c.key !== undefined)
  return (
    <Dialog open={isHelpOpen} onOpenChange={setHelpOpen} title={msg.keys}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {[...FIXED, ...keyed.map((c) => ({ key: c.key ?? '', label: c.label }))].map(({ key, label }) => (
          <div key={key + label} className="contents">
            <dt>
              <kbd className="rounded border border-line bg-shoal px-2 py-0.5 text-sm font-semibold">{key}</kbd>
            </dt>
            <dd>{label}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  )
}
