import { type AheadItem } from '@nimble-anchor/core/ahead'
import { caseText } from '@nimble-anchor/core/handover'
import { type Case } from '@nimble-anchor/core/casefile'
import { Copy } from 'lucide-react'
import { useMemo } from 'react'
import { Button } from '../../ui/Button.tsx'
import { copyText } from '../../ui/copyText.ts'
import { Panel } from '../../ui/Panel.tsx'
import { CodePicture } from '../../ui/CodePicture.tsx'
import { Fold } from '../../ui/Fold.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly ahead: readonly AheadItem[]
}

/** The fitting in plain words, as a code that any phone reads: no program, no account, no server. */
export function CaseCode({ current, ahead }: Props) {
  const text = useMemo(() => caseText(current, ahead), [current, ahead])
  return (
    <Panel
      title={msg.forTheCarersPhone}
      aside={
        <Button className="no-print" onClick={() => copyText(text, msg.copiedPasteItIntoA)}>
          <Copy size={18} aria-hidden="true" />
          {msg.copyTheWords}
        </Button>
      }
    >
      <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
        <CodePicture text={text} label={msg.codeWithThisFittingIn} />
        <div className="min-w-0">
          <p className="text-ink-soft">{msg.plainWordsWithNoName}</p>
          <Fold className="mt-2" summary={msg.readWhatItSays}>
            <pre className="overflow-x-auto font-sans text-sm whitespace-pre-wrap">{text}</pre>
          </Fold>
        </div>
      </div>
    </Panel>
  )
}
