import type { SeatingPosition } from '@nimble-anchor/core/vehicle'
import { useRef, type KeyboardEvent } from 'react'
import { useFormContext, type FieldValues } from 'react-hook-form'
import { GROUPS, LETTERS } from './specs.ts'
import { SelectBox } from '../ui/SelectBox.tsx'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Row {
  readonly id: string
  readonly label: string
  readonly letters: readonly string[]
}

const ROWS: readonly Row[] = [
  ...GROUPS.map((g) => ({ id: g, label: msg.group(g), letters: LETTERS })),
  { id: 'isofix', label: msg.isofix, letters: ['IUF', 'IL', 'X'] },
  { id: 'iSize', label: msg.iSize, letters: ['i-U', 'i-UF', 'X'] },
]
type Handbook = NonNullable<SeatingPosition['handbook']>

const letterOf = (p: SeatingPosition, row: string): string =>
  (row === 'isofix' || row === 'iSize'
    ? p.handbook?.[row]
    : p.handbook?.beltGroups?.[row as keyof NonNullable<Handbook['beltGroups']>]) ?? ''

/** The handbook of one place with one letter set, or taken away. */
export function withLetter(p: SeatingPosition, row: string, letter: string): SeatingPosition {
  const { handbook = {} } = p
  const set = (of: object, key: string): Record<string, unknown> => {
    const { [key]: _old, ...rest } = of as Record<string, unknown>
    return letter === '' ? rest : { ...rest, [key]: letter }
  }
  const isGroup = row !== 'isofix' && row !== 'iSize'
  const next = isGroup ? { ...handbook, beltGroups: set(handbook.beltGroups ?? {}, row) } : set(handbook, row)
  return { ...p, handbook: next as Handbook }
}

const STEP: Record<string, readonly [row: number, column: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}

/** Letters typed sooner after one another than this are one. */
const BETWEEN_LETTERS_MS = 900

interface Props {
  readonly positions: readonly SeatingPosition[]
  readonly onOpen: (positionId: string) => void
}

/** All places against all groups, as handbooks print it: arrows go from cell to cell, a letter typed is set. */
export function HandbookGrid({ positions, onOpen }: Props) {
  const { setValue, getValues } = useFormContext<FieldValues>()
  const table = useRef<HTMLTableElement>(null)
  const places = positions.flatMap((position, index) => (position.isDriverSeat ? [] : [{ position, index }]))

  function go(e: KeyboardEvent, row: number, column: number): void {
    const step = STEP[e.key]
    if (!step) return
    // Without this an arrow would change the letter under it.
    e.preventDefault()
    table.current?.querySelector<HTMLElement>(`[data-cell="${row + step[0]}/${column + step[1]}"]`)?.focus()
  }
  // From what stands in the form now: the table may be a letter behind whoever types fast.
  const set = (index: number, row: string, letter: string): void =>
    setValue(
      `positions.${index}.handbook`,
      withLetter(getValues(`positions.${index}`) as SeatingPosition, row, letter).handbook,
      { shouldDirty: true },
    )

  /** The letters typed into a cell, one soon after another: "U", then "UF". */
  const buffer = useRef({ cell: '', text: '', at: 0 })
  function typed(e: KeyboardEvent<HTMLButtonElement>, letters: readonly string[]): string | undefined {
    if (e.key === 'Delete' || e.key === 'Backspace') return ''
    if (!/^[a-z-]$/i.test(e.key) || e.ctrlKey || e.metaKey || e.altKey) return undefined
    const cell = e.currentTarget.dataset.cell ?? ''
    const { current: last } = buffer
    const isNext = last.cell === cell && e.timeStamp - last.at < BETWEEN_LETTERS_MS
    const text = (isNext ? last.text : '') + e.key.toUpperCase()
    buffer.current = { cell, text, at: e.timeStamp }
    return letters.find((l) => l.toUpperCase() === text) ?? letters.find((l) => l.toUpperCase().startsWith(text))
  }
  return (
    <div className="overflow-x-auto">
      <table ref={table} className="border-collapse">
        <caption className="sr-only">{msg.handbookLettersOfEveryPlace}</caption>
        <thead>
          <tr>
            <td className="border border-line" />
            {places.map(({ position: p }, c) => (
              <th key={p.id} scope="col" className="border border-line p-0 text-sm">
                <Button
                  look="bare"
                  className="min-h-11 w-full px-2 text-left font-semibold hover:underline"
                  data-cell={`-1/${c}`}
                  onKeyDown={(e) => go(e, -1, c)}
                  onClick={() => onOpen(p.id)}
                >
                  {p.label}
                </Button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((row, r) => (
            <tr key={row.id}>
              <th scope="row" className="border border-line px-2 py-1 text-left text-sm whitespace-nowrap">
                {row.label}
              </th>
              {places.map(({ position: p, index }, c) => (
                <td key={p.id} className="border border-line p-0">
                  <SelectBox
                    label={`${p.label}, ${row.label}`}
                    cell={`${r}/${c}`}
                    className="border-transparent!"
                    value={letterOf(p, row.id)}
                    options={[{ id: '', label: '?' }, ...row.letters.map((letter) => ({ id: letter, label: letter }))]}
                    onKeyDown={(e) => {
                      go(e, r, c)
                      const letter = typed(e, row.letters)
                      if (letter !== undefined) set(index, row.id, letter)
                    }}
                    onChange={(letter) => set(index, row.id, letter)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
