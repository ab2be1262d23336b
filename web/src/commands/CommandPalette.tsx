import { Command } from 'cmdk'
import { Dialog as Radix } from 'radix-ui'
import { useState } from 'react'
import { useCommands } from './commands.ts'
import * as msg from './messages.en.ts'

/** What is nearest to the work comes first, whichever part of the program arrived first; of equal hits the first is taken. */
const ORDER = [
  msg.stages,
  msg.doWord,
  msg.rulesThatSpeakHere,
  msg.goTo,
  msg.fittings,
  msg.families,
  msg.children,
  msg.restraints,
  msg.units,
  msg.vehicles,
]
const placeOf = (group: string): number => (ORDER.includes(group) ? ORDER.indexOf(group) : ORDER.length)

/** Before anything is typed, so many of each long list: a bay’s season is a thousand names. */
const FIRST_FEW = 6

export default function CommandPalette() {
  const [typed, setTyped] = useState('')
  const { commands, isPaletteOpen, setPaletteOpen } = useCommands()
  const groups = [...new Set(commands.map((c) => c.group))].toSorted((a, b) => placeOf(a) - placeOf(b))
  return (
    <Radix.Root
      open={isPaletteOpen}
      onOpenChange={(isOpen) => {
        setTyped('')
        setPaletteOpen(isOpen)
      }}
    >
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-[#06121f]/55" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-50 w-[calc(100vw-1.5rem)] max-w-xl -translate-x-1/2 rounded-[4px] border-2 border-ink bg-sheet text-ink"
        >
          <Radix.Title className="sr-only">{msg.goToOrDo}</Radix.Title>
          <Command label={msg.goToOrDo} loop>
            <Command.Input
              placeholder={msg.goToAFittingA}
              value={typed}
              onValueChange={setTyped}
              className="min-h-13 w-full border-b-3 border-double border-line bg-transparent px-4 text-lg outline-none"
            />
            <Command.List className="max-h-[55vh] overflow-y-auto p-2">
              <Command.Empty className="p-3 text-ink-soft">{msg.nothingOfThatName}</Command.Empty>
              {groups.map((group) => (
                <Command.Group
                  key={group}
                  heading={group}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:font-semibold [&_[cmdk-group-heading]]:text-ink-soft"
                >
                  {commands
                    .filter((c) => c.group === group)
                    .filter((c, i) => typed !== '' || i < FIRST_FEW || c.key !== undefined)
                    .map((c) => (
                      <Command.Item
                        key={c.id}
                        value={`${c.label} ${c.id}`}
                        onSelect={() => {
                          setTyped('')
                          setPaletteOpen(false)
                          c.run()
                        }}
                        className="flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-[3px] px-2 data-[selected=true]:bg-shoal-deep"
                      >
                        <span>{c.label}</span>
                        {c.key !== undefined && (
                          <kbd className="rounded border border-line px-1.5 text-sm">{c.key}</kbd>
                        )}
                      </Command.Item>
                    ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
