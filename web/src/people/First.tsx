import type { SessionView } from '@nimble-anchor/core/formats'
import { Panel } from '../ui/Panel.tsx'
import { PersonForm } from './PersonForm.tsx'

interface Props {
  readonly onMade: (name: string, codes: readonly string[], session: SessionView | undefined) => void
}

/** Nobody signs in yet: what changes once somebody does, and the first of them. */
export function First({ onMade }: Props) {
  return (
    <div className="grid items-start gap-3 lg:grid-cols-2">
      <Panel title="The first person keeps the bay">
        <PersonForm isFirst onAdded={onMade} />
      </Panel>
      <Panel title="From then on">
        <ul className="list-disc space-y-2 pl-5">
          <li>Everybody signs in, at this machine too. Add the others here, each with a password and a role.</li>
          <li>On a shared tablet people change over by a PIN; it locks when nobody touches it.</li>
          <li>
            A phone or tablet at the car door reaches this machine once it is started for the bay’s own network:{' '}
            <code className="text-sm">npm start -- --host ADDRESS --make-certificate</code>
          </li>
          <li>Erasing and exporting a family ask for the password again, and stand in a record.</li>
        </ul>
      </Panel>
    </div>
  )
}
