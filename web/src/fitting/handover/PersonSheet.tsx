import { type Case } from '@nimble-anchor/core/casefile'
import { personSheet, personSheetText } from '@nimble-anchor/core/handover'
import { Download } from 'lucide-react'
import { useState } from 'react'
import { saveFile } from '../../ui/saveFile.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import * as msg from './messages.en.ts'

/** What is open and where to ask, for somebody who goes home without a fitting. */
export function PersonSheet({ current }: { readonly current: Case }) {
  const [isOpen, setOpen] = useState(false)
  const sections = isOpen ? personSheet(current) : []
  return (
    <>
      <Button className="mt-3" onClick={() => setOpen(true)}>
        {msg.takeThisToAPerson}
      </Button>
      <Dialog open={isOpen} onOpenChange={setOpen} title={msg.takeThisToAPerson}>
        {sections.map(({ title, lines }) => (
          <section key={title} className="mb-3">
            <h3 className="font-bold">{title}</h3>
            <ul className="ml-5 list-disc">
              {lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </section>
        ))}
        <p className="text-sm text-ink-soft">{msg.itNamesNobody}</p>
        <div className="mt-2 flex justify-end">
          <Button
            look="main"
            onClick={() => saveFile('take-this-to-a-person.txt', personSheetText(sections), 'text/plain')}
          >
            <Download size={18} aria-hidden="true" />
            {msg.saveAsText}
          </Button>
        </div>
      </Dialog>
    </>
  )
}
