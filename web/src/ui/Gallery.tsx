import { useState, type ReactNode } from 'react'
import { Button } from './Button.tsx'
import { CheckBox } from './CheckBox.tsx'
import { Choices } from './Choices.tsx'
import { DateField } from './DateField.tsx'
import { Dialog } from './Dialog.tsx'
import { Fold } from './Fold.tsx'
import { Panel } from './Panel.tsx'
import { ProgressBar } from './ProgressBar.tsx'
import { RadioDot, RadioRows } from './RadioDot.tsx'
import { SearchField } from './SearchField.tsx'
import { SelectField } from './SelectField.tsx'
import { StateMark } from './StateMark.tsx'
import { TextField } from './TextField.tsx'
import { TextArea } from './TextInput.tsx'
import { TimeField } from './TimeField.tsx'
import { WorkProgress } from './WorkProgress.tsx'
import * as msg from './messages.en.ts'

const OPTIONS = [
  { id: '', label: msg.notKnownYet },
  { id: 'held', label: msg.held },
  { id: 'gave', label: msg.cameOff },
]

function Shown({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <Panel title={name} className="mb-3">
      <div className="flex flex-wrap items-start gap-4">{children}</div>
    </Panel>
  )
}

/**
 * Every control in its states, for whoever changes one: look at it light and dark,
 * at 390 px, in forced colours and with less motion. Served while developing only.
 */
export default function Gallery() {
  const [option, setOption] = useState('held')
  const [isOn, setOn] = useState(true)
  const [text, setText] = useState('TH 4')
  const [day, setDay] = useState('2026-11-25')
  const [time, setTime] = useState('09:30')
  const [isOpen, setOpen] = useState(false)
  return (
    <div className="mx-auto max-w-5xl p-4">
      <h1 className="mb-3 text-2xl font-bold">{msg.controls}</h1>
      <Shown name="Button">
        {(['main', 'plain', 'quiet', 'bare'] as const).map((look) => (
          <span key={look} className="flex flex-col gap-2">
            <Button look={look}>{look}</Button>
            <Button look={look} disabled>
              {msg.notNow(look)}
            </Button>
          </span>
        ))}
      </Shown>
      <Shown name={msg.tilesAndLists}>
        <Choices legend={msg.tug} options={OPTIONS} value={option} onChoose={setOption} />
        <Choices legend={msg.tugClosed} options={OPTIONS} value={option} onChoose={setOption} disabled />
        <SelectField label={msg.tug} options={OPTIONS} value={option} onChange={setOption} />
        <SelectField
          label={msg.nothingChosen}
          options={OPTIONS}
          value="?"
          placeholder={msg.choose}
          onChange={setOption}
        />
        <SelectField label={msg.closed} options={OPTIONS} value={option} onChange={setOption} disabled />
      </Shown>
      <Shown name={msg.boxesAndDots}>
        <CheckBox checked={isOn} onChange={setOn}>
          {msg.onTheShelf}
        </CheckBox>
        <CheckBox checked={isOn} onChange={setOn} disabled>
          {msg.closed2}
        </CheckBox>
        <RadioRows aria-label={msg.startsWith} value={option} onValueChange={setOption} className="flex">
          {OPTIONS.slice(1).map((o) => (
            <RadioDot key={o.id} id={o.id} label={o.label} />
          ))}
        </RadioRows>
      </Shown>
      <Shown name="Fields">
        <TextField label={msg.plate} value={text} onChange={setText} />
        <TextField label={msg.plateRefused} value={text} fault={msg.mustBeGiven} onChange={setText} />
        <TextField label={msg.height} value="29.5" unit="cm" onChange={setText} />
        <TextField label={msg.closed} value={text} onChange={setText} disabled />
        <TextArea aria-label={msg.note} className="w-60" value={text} onChange={(e) => setText(e.target.value)} />
        <SearchField label={msg.findByName} value={text} onChange={setText} />
        <DateField label={msg.day} value={day} onChange={setDay} />
        <TimeField label={msg.time} value={time} onChange={setTime} />
      </Shown>
      <Shown name="Progress">
        <ProgressBar label={msg.forecast} share={0.4} className="h-2.5 w-32" />
        <WorkProgress what={msg.readingUnitsCsvRowBy} share={0.4} onStop={() => undefined} />
      </Shown>
      <Shown name="States">
        {(['pass', 'fail', 'undecided', 'stale', 'not-started'] as const).map((state) => (
          <StateMark key={state} state={state} word={state} />
        ))}
      </Shown>
      <Shown name="More, when it is asked for">
        <Fold summary={msg.inFigures}>{msg.twelveOfForty}</Fold>
        <Button onClick={() => setOpen(true)}>{msg.dialog}</Button>
        <Dialog open={isOpen} onOpenChange={setOpen} title={msg.aDialog}>
          {msg.itsWords}
        </Dialog>
      </Shown>
    </div>
  )
}
