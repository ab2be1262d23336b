import { useEffect } from 'react'
import { ON_OPENING } from '../session/queries.ts'
import { api } from '../session/api.ts'
import { useMay } from '../session/who.ts'
import { changePractice, loadPractice, usePractice } from '../session/practice.ts'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { Tabs } from '../ui/Tabs.tsx'
import { LocalRules } from './LocalRules.tsx'
import { Profiles } from './Profiles.tsx'
import * as msg from './messages.en.ts'

/** What every new fitting starts with: the schools of practice, and until when local law asks for a restraint. */
export default function SettingsPage() {
  const isLead = useMay('lead')
  const { book, status } = usePractice(ON_OPENING)
  useEffect(() => {
    document.title = msg.settingsNimbleAnchor
  }, [])
  return (
    <Page>
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5">
        <h1 className="text-3xl font-bold tracking-tight">{msg.settings}</h1>
        <p className="text-ink-soft">
          {msg.aFittingTakesItsOwn}
          {!isLead && msg.aLeadChangesThem}
        </p>
      </div>
      {status === 'failed' && (
        <Panel title={msg.theServerDoesNotAnswer}>
          <Button onClick={() => void loadPractice()}>{msg.tryAgain}</Button>
        </Panel>
      )}
      {book && (
        <Tabs
          label={msg.settings}
          tabs={[
            {
              id: 'profiles',
              label: msg.practiceProfiles,
              content: (
                <Profiles
                  book={book}
                  onDefault={(id) =>
                    void changePractice(() => api.setPracticeDefaults(id, book.localRuleId)).catch(sayRefusal)
                  }
                />
              ),
            },
            {
              id: 'local',
              label: msg.localRules,
              content: (
                <LocalRules
                  book={book}
                  onDefault={(id) =>
                    void changePractice(() => api.setPracticeDefaults(book.profileId, id)).catch(sayRefusal)
                  }
                />
              ),
            },
          ]}
        />
      )}
    </Page>
  )
}
