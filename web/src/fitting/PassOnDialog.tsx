import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { colleaguesAsked } from '../session/colleagues.ts'
import { useAnswer } from '../session/queries.ts'
import { loadToday } from '../session/today.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { useRefusalSaid } from '../ui/useRefusalSaid.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly id: string
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** A colleague goes on with an open fitting: it stands first on their Today. */
export function PassOnDialog({ id, open, onOpenChange }: Props) {
  const me = useWho((s) => s.session?.person?.id)
  const { data: colleagues, error } = useAnswer({ ...colleaguesAsked, enabled: open })
  useRefusalSaid(error)
  const others = (colleagues ?? []).filter((c) => c.id !== me && c.role !== 'reader')
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={msg.passItToAColleague}>
      <p className="mb-2 text-ink-soft">{msg.itStandsFirstOnTheir}</p>
      {others.length === 0 && <p>{msg.thereIsNobodyElseWho}</p>}
      <ul className="grid gap-2">
        {others.map((c) => (
          <li key={c.id}>
            <Button
              className="min-h-14 w-full justify-start! text-lg"
              onClick={() =>
                void api.passOn(id, c.id).then(() => {
                  toast(msg.passedTo(c.name))
                  onOpenChange(false)
                  void loadToday()
                }, sayRefusal)
              }
            >
              {c.name}
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  )
}
