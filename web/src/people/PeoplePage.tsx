import { useEffect, useState } from 'react'
import { useMay, useWho } from '../session/who.ts'
import { Page } from '../ui/Page.tsx'
import { Tabs } from '../ui/Tabs.tsx'
import { Devices } from './Devices.tsx'
import { First } from './First.tsx'
import { OwnSignIn } from './OwnSignIn.tsx'
import { RecoveryCodes } from './RecoveryCodes.tsx'
import { Record } from './Record.tsx'
import { Staff } from './Staff.tsx'
import * as msg from './messages.en.ts'

/** Who works at the bay, on which devices, and what was done. */
export default function PeoplePage() {
  const session = useWho((s) => s.session)
  const isLead = useMay('lead')
  const [at, setAt] = useState('')
  const [codes, setCodes] = useState<{ readonly name: string; readonly codes: readonly string[] }>({
    name: '',
    codes: [],
  })
  useEffect(() => {
    document.title = msg.peopleNimbleAnchor
  }, [])
  return (
    <Page>
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5">
        <h1 className="text-3xl font-bold tracking-tight">{msg.people}</h1>
        <p className="text-ink-soft">
          {session?.hasPeople ? msg.whatSomebodyEntersStandsUnder : msg.nobodySignsInYetWhoever}
        </p>
      </div>
      {session?.hasPeople ? (
        <Tabs
          label={msg.people}
          // What has happened meanwhile is asked for when it is looked at.
          onSelect={setAt}
          tabs={[
            ...(isLead ? [{ id: 'staff', label: msg.whoWorksHere, content: <Staff key={at} /> }] : []),
            { id: 'own', label: msg.yourSignIn, content: <OwnSignIn /> },
            { id: 'devices', label: msg.devices, content: <Devices key={at} isLead={isLead} /> },
            ...(isLead ? [{ id: 'record', label: msg.whatWasDone, content: <Record key={at} /> }] : []),
          ]}
        />
      ) : (
        <First
          onMade={(name, codes, made) => {
            setCodes({ name, codes })
            if (made) useWho.getState().take(made)
          }}
        />
      )}
      {/* Here, so that they stand whatever else of the page has come and gone meanwhile. */}
      <RecoveryCodes name={codes.name} codes={codes.codes} onDone={() => setCodes({ name: '', codes: [] })} />
    </Page>
  )
}
