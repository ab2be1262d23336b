import type { FamilyView } from '@nimble-anchor/core/formats'
import { Download, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { familiesAsked, familyAsked } from '../session/families.ts'
import { readingsOf } from '../session/readings.ts'
import { useFields } from '../form/useFields.ts'
import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { loadCatalogue } from '../session/catalogue.ts'
import { forgetFittings } from '../session/erased.ts'
import { queries } from '../session/queries.ts'
import { useMay } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { saveFile } from '../ui/saveFile.ts'
import { TextField } from '../ui/TextField.tsx'
import * as msg from './messages.en.ts'

/** What is kept belongs to the family: it can take it along, and have it erased. */
export function Keeping({ view }: { view: FamilyView }) {
  const navigate = useNavigate()
  const [isErasing, setErasing] = useState(false)
  const isLead = useMay('lead')
  const { values, set, send, isBusy } = useFields({ typed: '' })
  async function erase(typed: string): Promise<void> {
    try {
      const { erased } = await api.eraseFamily(view.id, typed)
      const { photos } = await forgetFittings(view.fittings.map((f) => f.id)).catch(() => ({ photos: 0 }))
      void loadCatalogue()
      queries.removeQueries({ queryKey: familyAsked(view.id).queryKey })
      for (const child of view.children) queries.removeQueries({ queryKey: readingsOf(child.id).queryKey })
      for (const fitting of view.fittings) queries.removeQueries({ queryKey: ['ahead', fitting.id] })
      await queries.invalidateQueries({ queryKey: familiesAsked.queryKey })
      toast(msg.erasedFittings(view.name, erased, photos > 0 ? msg.photosOfThisDevice(photos) : ''))
      void navigate('/families')
    } catch (error) {
      sayRefusal(error)
    }
  }
  async function exportAll(): Promise<void> {
    try {
      saveFile('family.json', JSON.stringify(await api.exportFamily(view.id), null, 2), 'application/json')
    } catch (error) {
      sayRefusal(error)
    }
  }
  // Whoever may not is not shown what they would be refused.
  if (!isLead) return null
  return (
    <>
      <Button onClick={() => void exportAll()}>
        <Download size={18} aria-hidden="true" />
        {msg.exportEverything}
      </Button>
      <Button onClick={() => setErasing(true)}>
        <Trash2 size={18} aria-hidden="true" />
        {msg.eraseThisFamily}
      </Button>
      <Dialog open={isErasing} onOpenChange={setErasing} title={msg.erase(view.name)}>
        <p className="mb-2 text-ink-soft">{msg.measuresFittingsWithTheirWhole}</p>
        <p>
          {view.children.length} {view.children.length === 1 ? msg.child : msg.children}
          {msg.andFittingsWithTheirHistories(view.fittings.length)}
        </p>
        <ul className="mt-2 list-disc pl-5 text-sm">
          <li>{msg.aListOfTheirIds}</li>
          <li>{msg.aCopyThatWasMade}</li>
          <li>{msg.anotherDeviceLetsGoOf}</li>
        </ul>
        <form className="mt-3 flex flex-col gap-3" onSubmit={send(({ typed }) => erase(typed))}>
          <TextField label={msg.typeToConfirm(view.name)} value={values.typed} onChange={set('typed')} />
          <div className="flex gap-2">
            <Button type="submit" look="main" disabled={isBusy || values.typed !== view.name}>
              {msg.eraseForGood}
            </Button>
            <Button look="quiet" onClick={() => setErasing(false)}>
              {msg.cancel}
            </Button>
          </div>
        </form>
      </Dialog>
    </>
  )
}
