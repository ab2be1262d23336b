import { ChevronRight } from 'lucide-react'
import { Collapsible } from 'radix-ui'
import { useState, type ReactNode } from 'react'

interface Props {
  readonly summary: ReactNode
  readonly children: ReactNode
  /** Held by whoever uses it; without it, it holds itself, shut at first. */
  readonly open?: boolean | undefined
  readonly onOpenChange?: ((isOpen: boolean) => void) | undefined
  /** A whole row is pressed: no arrow before it. */
  readonly isRow?: boolean
  /** The rule that it tells of, to be found by. */
  readonly rule?: string
  readonly className?: string
  readonly triggerClassName?: string
}

/** Something more about what stands there, shown when it is asked for; what is shut is not in the page. */
export function Fold({
  summary,
  children,
  open,
  onOpenChange,
  isRow = false,
  rule,
  className,
  triggerClassName,
}: Props) {
  const [isOwnOpen, setOwnOpen] = useState(false)
  const isOpen = open ?? isOwnOpen
  return (
    <Collapsible.Root
      data-rule={rule}
      className={className}
      open={isOpen}
      onOpenChange={(is) => {
        setOwnOpen(is)
        onOpenChange?.(is)
      }}
    >
      <Collapsible.Trigger
        className={`group min-h-11 text-left focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta ${isRow ? 'w-full' : 'inline-flex items-center gap-1.5 font-semibold'} ${triggerClassName ?? ''}`}
      >
        {!isRow && (
          <ChevronRight
            size={18}
            aria-hidden="true"
            className="shrink-0 transition-transform group-data-[state=open]:rotate-90 motion-reduce:transition-none"
          />
        )}
        {summary}
      </Collapsible.Trigger>
      {/* Even an empty content is measured when it is mounted, and a ledger has over a hundred of them. */}
      {isOpen && <Collapsible.Content>{children}</Collapsible.Content>}
    </Collapsible.Root>
  )
}
