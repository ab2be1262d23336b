import type { SecondLookView } from '@nimble-anchor/core/formats'
import { useEffect, useState } from 'react'
import { api } from '../session/api.ts'
import { Questions } from './Questions.tsx'
import * as msg from './messages.en.ts'

/** What a carer's link opens, without signing in: the questions of one fitting, and nothing else of it. */
export default function SecondLookPage() {
  // Behind the hash, so that no server on the way writes it down.
  const [token] = useState(() => location.hash.slice(1))
  const [view, setView] = useState<SecondLookView>()
  const [fault, setFault] = useState<string>()
  useEffect(() => {
    document.title = msg.lookAgainNimbleAnchor
    api
      .secondLook(token)
      .then(setView, (error: unknown) => setFault(error instanceof Error ? error.message : msg.thatDidNotWork))
  }, [token])
  if (fault !== undefined)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl font-bold">{msg.nothingToLookAtAgain}</h1>
        <p className="mt-2">{fault}</p>
      </main>
    )
  if (!view) return <p className="p-8 text-ink-soft">{msg.loading}</p>
  return (
    <main>
      <Questions
        what={view.what}
        items={view.items}
        drawingOf={(item) => view.items.find((i) => i.id === item.id)?.drawing}
        onKeep={(answers) => api.answerSecondLook(token, answers)}
      />
    </main>
  )
}
