import { dateText } from '@nimble-anchor/core/quantities'
import type { DeviceView } from '@nimble-anchor/core/formats'
import { api } from '../session/api.ts'
import { take, useAnswer } from '../session/queries.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { useRefusalSaid } from '../ui/useRefusalSaid.ts'
import { PairPhone } from './PairPhone.tsx'
import { devicesOf } from './questions.ts'
import * as msg from './messages.en.ts'

const NONE: readonly DeviceView[] = []

/** Where people are signed in, and signing a device out that was lost. */
export function Devices({ isLead }: { readonly isLead: boolean }) {
  const whose = isLead ? 'all' : 'own'
  const asked = devicesOf(
    whose,
    useWho((s) => s.session?.person?.id),
  )
  const { data: devices = NONE, error } = useAnswer(asked)
  useRefusalSaid(error)
  return (
    <div className="rounded-[3px] border border-line bg-sheet">
      <ul className="divide-y divide-hair">
        {devices.map((d) => (
          <li key={d.id} className="flex flex-wrap items-center gap-x-4 px-3.5 py-1.5">
            <b>{d.label}</b>
            <span className="min-w-0 flex-1">{d.people.join(', ')}</span>
            <span className="text-sm text-ink-soft">
              {d.isThis ? msg.thisDevice : msg.used(dateText(d.seenAt, 'time-of-year'))}
            </span>
            <Button
              look="quiet"
              aria-label={msg.signOut2(d.label, d.people.join(', '), d.isThis ? msg.thisDevice2 : '')}
              onClick={() =>
                void api.revokeDevice(whose, d.id).then((next) => {
                  void take(asked.queryKey, next)
                  if (d.isThis) void useWho.getState().load()
                }, sayRefusal)
              }
            >
              {msg.signItOut}
            </Button>
          </li>
        ))}
      </ul>
      <div className="border-t border-line p-3">
        <PairPhone />
      </div>
    </div>
  )
}
