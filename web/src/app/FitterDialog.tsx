import { useFields } from '../form/useFields.ts'
import { usePreferences } from '../session/preferences.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { TextInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

/** Until people sign in, the name that stands in the history is typed. */
export default function FitterDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const { fitterName, setFitterName } = usePreferences()
  const { values, set, send } = useFields({ name: fitterName })
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={msg.fitter}>
      <form
        className="flex flex-col gap-3"
        onSubmit={send(({ name }) => {
          setFitterName(name)
          onOpenChange(false)
        })}
      >
        <label className="flex flex-col gap-1 font-semibold">
          {msg.yourName}
          <TextInput
            value={values.name}
            maxLength={120}
            onChange={(e) => set('name')(e.target.value)}
            className="font-normal"
          />
        </label>
        <p className="text-sm text-ink-soft">{msg.itStandsBesideEveryEntry}</p>
        <div>
          <Button type="submit" look="main">
            {msg.save}
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
