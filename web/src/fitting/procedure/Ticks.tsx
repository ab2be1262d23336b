import { Check } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import { NOT_ENTRIES, useDraft } from '../../session/drafts.ts'
import * as msg from './messages.en.ts'

interface Props {
  /** Names the look that the ticks are of: the belt laid anew is ticked anew. */
  readonly draftKey: string
  readonly lines: readonly string[]
  readonly onAll: () => void
}

/** Lines that are looked at one by one; the last tick makes the entry. What is ticked so far survives a reload. */
export function Ticks({ draftKey, lines, onAll }: Props) {
  const [kept = '', setKept] = useDraft(`${NOT_ENTRIES}ticks.${draftKey}`)
  const ticked = new Set(kept.split('\n'))
  const tick = (line: string, isOn: boolean): void => {
    const now = lines.filter((l) => (l === line ? isOn : ticked.has(l)))
    if (now.length < lines.length) return setKept(now.join('\n'))
    setKept(undefined)
    onAll()
  }
  return (
    <ul className="flex flex-col gap-1" aria-label={msg.tickEachAsYouTouch}>
      {lines.map((line) => (
        <li key={line}>
          <label className="flex min-h-11 items-center gap-2.5 rounded-[3px] border border-line bg-sheet px-2.5 py-1 leading-snug hover:bg-shoal">
            <Checkbox.Root
              checked={ticked.has(line)}
              onCheckedChange={(isOn) => tick(line, isOn === true)}
              className="grid size-6 shrink-0 place-items-center rounded-[3px] border border-ink bg-sheet data-[state=checked]:bg-ink data-[state=checked]:text-paper"
            >
              <Checkbox.Indicator>
                <Check size={18} aria-hidden="true" />
              </Checkbox.Indicator>
            </Checkbox.Root>
            {line}
          </label>
        </li>
      ))}
    </ul>
  )
}
