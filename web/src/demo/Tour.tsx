import { Popover } from 'radix-ui'
import { useRef, useState } from 'react'
import { usePreferences } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { useMedia } from '../ui/useMedia.ts'

interface Mark {
  /** Where it stands; one that is not on the page is passed over. */
  readonly at: string
  readonly title: string
  readonly text: string
}

const MARKS: readonly Mark[] = [
  { at: '#queue h2', title: 'The bay’s day', text: 'Who comes when, and where each fitting stands. Open leads to it.' },
  {
    at: '[data-tour="verdict"]',
    title: 'A verdict, with its reason',
    text: 'It is computed from what was observed. What is not known is never a pass, and what a change un-passed is asked for again.',
  },
  {
    at: '[data-tour="new"]',
    title: 'Begin here',
    text: 'A child, a car, a restraint from the shelf: the rest is measured and worked out on the way.',
  },
  {
    at: '[data-tour="go-to"]',
    title: 'Find anything',
    text: 'Every page, family, car, restraint and rule by its name. Press ? for the keys.',
  },
  {
    at: '#demo',
    title: 'Yours in one press',
    text: 'Remove the demo when you begin with your own cars and restraints. Your own records stay.',
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
          aria-label={`First look, ${step + 1} of ${marks.length}`}
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
            <span className="mr-auto text-sm text-ink-soft">
              {step + 1} of {marks.length}
            </span>
            {!isLast && (
              <Button look="quiet" onClick={setTourSeen}>
                Skip
              </Button>
            )}
            <Button ref={next} onClick={() => (isLast ? setTourSeen() : setStep(step + 1))}>
              {isLast ? 'Done' : 'Next'}
            </Button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
