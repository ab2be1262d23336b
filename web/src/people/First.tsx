import type { SessionView } from '@nimble-anchor/core/formats'
import { Panel } from '../ui/Panel.tsx'
import { PersonForm } from './PersonForm.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly onMade: (name: string, codes: readonly string[], session: SessionView | undefined) => void
}

/** Nobody signs in yet: what changes once somebody does, and the first of them. */
export function First({ onMade }: Props) {
  return (
    <div className="grid items-start gap-3 lg:grid-cols-2">
      <Panel title={msg.theFirstPersonKeepsThe}>
        <PersonForm isFirst onAdded={onMade} />
      </Panel>
      <Panel title={msg.fromThenOn}>
        <ul className="list-disc space-y-2 pl-5">
          <li>{msg.everybodySignsInAtThis}</li>
          <li>{msg.onASharedTabletPeople}</li>
          <li>
            {msg.aPhoneOrTabletAt} <code className="text-sm">{msg.npmStartHostAddressMake}</code>
          </li>
          <li>{msg.erasingAndExportingAFamily}</li>
        </ul>
      </Panel>
    </div>
  )
}
