import { putName } from './changeText.ts'
import { openDrafts, useDrafts } from '../session/drafts.ts'
import { useFitting } from '../session/fitting.ts'
import { useOthers } from '../session/others.ts'
import { fitterName } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { History, Undo2, UserRoundPlus, UsersRound } from 'lucide-react'
import * as msg from './messages.en.ts'

/** What is kept, what waits and what is merely typed, in words. */
function useSaveWords(isSigned: boolean) {
  const { saving, queue, trouble, view } = useFitting()
  const failedOn = saving === 'failed' ? queue[0]?.puts[0] : undefined
  const drafts = useDrafts((s) => openDrafts(s.texts))
  const isTyping = !isSigned && drafts > 0
  const waits = queue.length === 1 ? msg.n1EntryWaits : msg.entriesWait(queue.length)
  const stored = isSigned
    ? view?.elsewhere
      ? msg.signedElsewhereARecordClosed
      : view?.status === 'open'
        ? msg.youLookOthersEnter
        : msg.signedAndClosed
    : saving === 'failed'
      ? msg.notSavedOnThisDevice(waits, trouble ?? '', failedOn ? msg.itFailedOn(putName(failedOn)) : '')
      : saving === 'offline'
        ? msg.notSavedYetOnThis(waits, trouble === null ? '' : `. ${trouble}`)
        : saving === 'saving'
          ? msg.saving
          : isTyping
            ? ''
            : msg.everythingSaved
  const typed = isTyping ? msg.typedAndNotEnteredYet(drafts === 1 ? msg.oneFieldIs : msg.fieldsAre(drafts)) : ''
  const isAmiss = saving === 'offline' || saving === 'failed'
  return { saving, isTyping, isAmiss, isQuiet: typed === '', words: [typed, stored].filter(Boolean).join('. ') }
}

/** The words alone, for a view that has no room for more. */
export function SaveWords({ isSigned }: { readonly isSigned: boolean }) {
  const { isAmiss, words } = useSaveWords(isSigned)
  return (
    <p role="status" className={isAmiss ? 'text-sm font-bold text-stale' : 'text-sm text-ink-soft'}>
      {words}
    </p>
  )
}

interface Props {
  readonly isSigned: boolean
  readonly onHistory: () => void
  readonly onPass?: () => void
}

/** Says whether what is on screen is kept, and takes the last entry back. */
export function SaveLine({ isSigned, onHistory, onPass }: Props) {
  const { undo, tryAgain, dropFailed } = useFitting()
  const { saving, isTyping, isAmiss, isQuiet, words } = useSaveWords(isSigned)
  const letGo = useDrafts((s) => s.clear)
  return (
    <div className="no-print order-2 flex max-w-full flex-wrap items-center justify-end gap-x-1 text-sm lg:order-3 lg:max-w-72">
      <p
        role="status"
        className={
          isAmiss
            ? 'font-bold text-stale'
            : // On a narrow screen only what is out of order takes room.
              `text-ink-soft ${isQuiet ? 'max-lg:sr-only' : ''}`
        }
      >
        {words}
      </p>
      <AlsoHere />
      <span className="flex">
        {saving === 'failed' && (
          <>
            <Button look="quiet" className="px-2! text-sm!" onClick={tryAgain}>
              {msg.tryAgain}
            </Button>
            <Button look="quiet" className="px-2! text-sm!" onClick={() => void dropFailed()}>
              {msg.takeThatEntryBack}
            </Button>
          </>
        )}
        {isTyping && (
          <Button look="quiet" className="px-2! text-sm!" onClick={letGo}>
            {msg.letItGo}
          </Button>
        )}
        {!isSigned && (
          <Button look="quiet" className="px-2!" aria-label={msg.undo} onClick={() => void undo()}>
            <Undo2 size={20} aria-hidden="true" />
          </Button>
        )}
        {onPass && (
          <Button look="quiet" className="px-2!" aria-label={msg.passItToAColleague} onClick={onPass}>
            <UserRoundPlus size={20} aria-hidden="true" />
          </Button>
        )}
        <Button look="quiet" className="px-2!" aria-label={msg.history} onClick={onHistory}>
          <History size={20} aria-hidden="true" />
        </Button>
      </span>
    </div>
  )
}

/** Who else has it open: what they enter shows here as they do. On a phone their number; who comes moves nothing that is pressed. */
function AlsoHere() {
  const who = useOthers((s) => s.who)
  const me = fitterName()
  if (who.length === 0) return null
  const names = [...new Set(who)].map((name) => (name === me ? msg.youOnAnotherDevice : name)).join(', ')
  return (
    <p role="status" className="flex items-center gap-1 text-ink-soft">
      <UsersRound size={16} aria-hidden="true" />
      <span className="sr-only">{msg.alsoInThisFitting}</span>
      <span className="max-w-56 truncate max-lg:sr-only">{names}</span>
      <span className="lg:hidden" aria-hidden="true">
        {who.length}
      </span>
    </p>
  )
}
