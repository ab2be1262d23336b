import { useEffect } from 'react'
import { useBlocker } from 'react-router'
import { Ask } from '../ui/Ask.tsx'
import { useUnsavedForms } from './unsaved.ts'
import * as msg from './messages.en.ts'

/** Asks before a link, Back or closing the tab throws away what was typed and not kept. */
export function LeaveGuard() {
  const forms = Object.values(useUnsavedForms((s) => s.forms))
  const isTyped = forms.length > 0
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      // Looked up when it is asked: what was just kept stands in nobody's way.
      Object.keys(useUnsavedForms.getState().forms).length > 0 && currentLocation.pathname !== nextLocation.pathname,
  )
  useEffect(() => {
    if (!isTyped) return
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isTyped])
  if (blocker.state !== 'blocked') return null
  return (
    <Ask
      open
      title={msg.leaveWithoutKeepingIt}
      answers={[
        { label: msg.stayHere, isMain: true, onTake: blocker.reset },
        { label: msg.leaveAndLoseIt, onTake: blocker.proceed },
      ]}
    >
      <p>{msg.notKeptYet(forms.join(', '))}</p>
    </Ask>
  )
}
