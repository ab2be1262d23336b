import { Lock, LogOut, UserRound, UsersRound } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useNavigate } from 'react-router'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { sayRefusal } from '../ui/refusal.ts'
import { ROLE_WORD } from './words.ts'
import * as msg from './messages.en.ts'

const ITEM = 'flex min-h-11 items-center gap-2 rounded-[3px] px-3 outline-none data-highlighted:bg-shoal-deep'

/** Whoever is signed in, and how they leave. */
export default function PersonMenu() {
  const person = useWho((s) => s.session?.person)
  const navigate = useNavigate()
  if (!person) return null
  const take = (asked: ReturnType<typeof api.lock>): void => void asked.then(useWho.getState().take, sayRefusal)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={msg.signedIn(person.name)}
        className="grid size-11 place-items-center rounded-[3px] hover:bg-shoal sm:flex sm:w-auto sm:gap-2 sm:px-3"
      >
        <UserRound size={18} aria-hidden="true" />
        <span className="hidden max-w-40 truncate text-sm sm:inline">{person.name}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-56 rounded-[3px] border-2 border-ink bg-sheet p-1 text-ink shadow-lg"
        >
          <DropdownMenu.Label className="px-3 py-2">
            <b>{person.name}</b> <span className="text-ink-soft">{ROLE_WORD[person.role]}</span>
          </DropdownMenu.Label>
          <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/people')}>
            <UsersRound size={18} aria-hidden="true" />
            {msg.yourSignInDevicesPeople}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => take(api.lock())}>
            <Lock size={18} aria-hidden="true" /> {person.hasPin ? msg.changeOverOrLock : msg.lock}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => take(api.signOut())}>
            <LogOut size={18} aria-hidden="true" />
            {msg.signOut}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
