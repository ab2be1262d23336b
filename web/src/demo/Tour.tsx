import { Popover } from 'radix-ui'
import { useRef, useState } from 'react'
import { usePreferences } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { useMedia } from '../ui/useMedia.ts'
import * as msg from './messages.en.ts'

interface Mark {
  /** Where it stands; one that is not on the page is passed over. */
  readonly at: string
  readonly title: string
  readonly text: string
}

const MARKS: readonly Mark[] = [
  { at: '#queue h2', title: msg.theBaysDay, text: msg.whoComesWhenAndWhere },
  {
    at: '[data-tour="verdict"]',
    title: msg.aVerdictWithItsReason,
    text: msg.itIsComputedFromWhat,
  },
  {
    at: '[data-tour="new"]',
    title: msg.beginHere,
    text: msg.aChildACarA,
  },
  {
    at: '[data-tour="go-to"]',
    title: msg.findAnything,
    text: msg.everyPageFamilyCarRestraint,
  },
  {
    at: '#demo',
    title: msg.yoursInOnePress,
    text: msg.removeTheDemoWhenYou,
  },
]

/** Five marks for the first visit; skipped for good by one press or Esc. */
export function Tour() {
  const setTourSeen = usePreferences((s) => s.setTourSeen)
  const isWide = useMedia('(min-width: 640px)')
  const [step, setStep] = useState(0)
  const next = useRef<HTMLButtonElement>(null)
  const [marks] = useState(() => MARKS.filter((m) => document.querySelector(m.at) !== null))
  const mark = marks[step]
  if (!mark) return null
  const isLast = step === marks.length - 1
  const target = { current: { getBoundingClientRect: () => document.querySelector(mark.at)?.getBoundingClientRect() ?? new DOMRect() } } // prettier-ignore
  return (
    <Popover.Root open>
      <Popover.Anchor key={mark.at} virtualRef={target} />
      <Popover.Portal>
        <Popover.Content
          key={mark.at}
          aria-label={msg.firstLookOf(step + 1, marks.length)}
          side="bottom"
          align={isWide ? 'start' : 'center'}
          sideOffset={8}
          collisionPadding={12}
          onOpenAutoFocus={(e) => {
            e.preventDefault()
            next.current?.focus()
          }}
          onEscapeKeyDown={setTourSeen}
          onInteractOutside={(e) => e.preventDefault()}
          className="z-50 w-[min(22rem,calc(100vw-1.5rem))] rounded-[4px] border-2 border-ink bg-sheet p-4 text-ink shadow-lg"
        >
          <Popover.Arrow className="fill-ink" width={16} height={8} />
          <h2 className="font-bold">{mark.title}</h2>
          <p className="mt-1">{mark.text}</p>
          <div className="mt-3 flex items-center gap-2">
            <span className="mr-auto text-sm text-ink-soft">{msg.ofWord(step + 1, marks.length)}</span>
            {!isLast && (
              <Button look="quiet" onClick={setTourSeen}>
                {msg.skip}
              </Button>
            )}
            <Button ref={next} onClick={() => (isLast ? setTourSeen() : setStep(step + 1))}>
              {isLast ? msg.done : msg.next}
            </Button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
