import { useEffect } from 'react'
import { api } from '../session/api.ts'
import { useMay } from '../session/who.ts'
import { usePracticeBook } from '../session/practice.ts'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { Tabs } from '../ui/Tabs.tsx'
import { LocalRules } from './LocalRules.tsx'
import { Profiles } from './Profiles.tsx'

/** What every new fitting starts with: the schools of practice, and until when local law asks for a restraint. */
export default function SettingsPage() {
  const isLead = useMay('lead')
  const { book, status, load, change } = usePracticeBook()
  useEffect(() => {
    document.title = 'Settings · Nimble Anchor'
    void load()
  }, [load])
  return (
    <Page>
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5">
        <h1 className="text-3xl font-bold tracking-tight">Settings</h1>
        <p className="text-ink-soft">
          A fitting takes its own copy when it begins. A maker’s instruction beats the profile; law beats both.
          {!isLead && ' A lead changes them.'}
        </p>
      </div>
      {status === 'failed' && (
        <Panel title="The server does not answer">
          <Button onClick={() => void load()}>Try again</Button>
        </Panel>
      )}
      {book && (
        <Tabs
          label="Settings"
          tabs={[
            {
              id: 'profiles',
              label: 'Practice profiles',
              content: (
                <Profiles
                  book={book}
                  onDefault={(id) => void change(() => api.setPracticeDefaults(id, book.localRuleId)).catch(sayRefusal)}
                />
              ),
            },
            {
              id: 'local',
              label: 'Local rules',
              content: (
                <LocalRules
                  book={book}
                  onDefault={(id) => void change(() => api.setPracticeDefaults(book.profileId, id)).catch(sayRefusal)}
                />
              ),
            },
          ]}
        />
      )}
    </Page>
  )
}
