import { type AheadItem } from '@nimble-anchor/core/ahead'
import { caseText } from '@nimble-anchor/core/handover'
import { type Case } from '@nimble-anchor/core/casefile'
import { Copy } from 'lucide-react'
import { create } from 'qrcode'
import { useMemo } from 'react'
import { toast } from 'sonner'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { Fold } from '../../ui/Fold.tsx'

interface Props {
  readonly current: Case
  readonly ahead: readonly AheadItem[]
}

/** The dark cells of a code as one path, one unit a cell. */
const cellsPath = (size: number, isDark: (row: number, column: number) => boolean): string => {
  let d = ''
  for (let y = 0; y < size; y += 1) for (let x = 0; x < size; x += 1) if (isDark(y, x)) d += `M${x} ${y}h1v1h-1z`
  return d
}

/** The fitting in plain words, as a code that any phone reads: no program, no account, no server. */
export function CaseCode({ current, ahead }: Props) {
  const text = useMemo(() => caseText(current, ahead), [current, ahead])
  const drawn = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'L' })
    return { size: modules.size, d: cellsPath(modules.size, (y, x) => modules.get(y, x) === 1) }
  }, [text])
  return (
    <Panel
      title="For the carer’s phone"
      aside={
        <Button
          className="no-print"
          onClick={() =>
            void navigator.clipboard.writeText(text).then(
              () => toast('Copied: paste it into a message.'),
              () => toast.error('The browser did not let it be copied.'),
            )
          }
        >
          <Copy size={18} aria-hidden="true" /> Copy the words
        </Button>
      }
    >
      <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
        {/* Always dark on light: that is what cameras look for. */}
        <svg
          viewBox={`-3 -3 ${drawn.size + 6} ${drawn.size + 6}`}
          role="img"
          aria-label="Code with this fitting in words"
          shapeRendering="crispEdges"
          className="size-72"
        >
          <rect x="-3" y="-3" width={drawn.size + 6} height={drawn.size + 6} fill="#ffffff" />
          <path d={drawn.d} fill="#000000" />
        </svg>
        <div className="min-w-0">
          <p className="text-ink-soft">
            Plain words, with no name in them: a phone’s camera shows them without any program or server.
          </p>
          <Fold className="mt-2" summary="Read what it says">
            <pre className="overflow-x-auto font-sans text-sm whitespace-pre-wrap">{text}</pre>
          </Fold>
        </div>
      </div>
    </Panel>
  )
}
