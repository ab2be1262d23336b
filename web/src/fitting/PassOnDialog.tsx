import type { Colleague } from '@nimble-anchor/core/formats'
import { useEffect, useState } from 'react'
import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { useToday } from '../session/today.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly id: string
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** A colleague goes on with an open fitting: it stands first on their Today. */
export function PassOnDialog({ id, open, onOpenChange }: Props) {
  const me = useWho((s) => s.session?.person?.id)
  const [colleagues, setColleagues] = useState<readonly Colleague[]>([])
  useEffect(() => {
    if (open) api.colleagues().then(setColleagues, sayRefusal)
  }, [open])
  const others = colleagues.filter((c) => c.id !== me && c.role !== 'reader')
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
                  void useToday.getState().load()
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
