import { useEffect } from 'react'
import { api } from '../session/api.ts'
import { usePracticeBook } from '../session/practice.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { LocalRules } from './LocalRules.tsx'
import { Profiles } from './Profiles.tsx'

/** What every new fitting starts with: the schools of practice, and until when local law asks for a restraint. */
export default function SettingsPage() {
  const { book, status, load, change } = usePracticeBook()
  useEffect(() => {
    document.title = 'Settings · Nimble Anchor'
    void load()
  }, [load])
  return (
    <div className="mx-auto max-w-5xl p-3 sm:p-5">
      <h1 className="mb-1 text-3xl font-bold tracking-tight">Settings</h1>
      <p className="mb-4 max-w-3xl text-ink-soft">
        A fitting takes its own copy when it begins, and is never changed from here. A maker’s instruction beats the
        profile; law beats both.
      </p>
      {status === 'failed' && (
        <Panel title="The server does not answer">
          <Button onClick={() => void load()}>Try again</Button>
        </Panel>
      )}
      {book && (
        <div className="flex flex-col gap-4">
          <Profiles
            book={book}
            onDefault={(id) => void change(() => api.setPracticeDefaults(id, book.localRuleId)).catch(sayRefusal)}
          />
          <LocalRules
            book={book}
            onDefault={(id) => void change(() => api.setPracticeDefaults(book.profileId, id)).catch(sayRefusal)}
          />
        </div>
      )}
    </div>
  )
}
