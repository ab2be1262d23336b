import { drawingKit, type Drawing } from '@nimble-anchor/core/drawings'
import { useEffect, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { SETTING_NAME } from '../fitting/setup/settingName.ts'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import * as msg from './messages.en.ts'

interface Item {
  readonly id: string
  readonly title: string
  readonly drawing: Drawing
}

/** Every drawing of the kit, from a made-up fitting, with the words that are read instead of it. */
export default function DrawingsPage() {
  const kit = useMemo(() => drawingKit(), [])
  const [query, setQuery] = useState('')
  useEffect(() => {
    document.title = msg.drawingsNimbleAnchor
  }, [])
  const words = query.toLowerCase().split(/\s+/).filter(Boolean)
  const matches = ({ title, drawing }: Item): boolean =>
    words.every((w) => `${title} ${drawing.says}`.toLowerCase().includes(w))
  const groups: readonly (readonly [string, readonly Item[]])[] = [
    [msg.steps, kit.steps],
    [msg.checks, kit.checks],
    [msg.settings, kit.settings.map((s) => ({ ...s, title: SETTING_NAME[s.id] }))],
  ]
  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <h1 className="mb-1 text-3xl font-bold tracking-tight">{msg.drawings}</h1>
      <p className="mb-3 max-w-3xl text-ink-soft">
        {msg.magentaIsWhatTheHand}{' '}
        <Link to="/rules" className="font-semibold text-magenta underline">
          {msg.toTheRules}
        </Link>
      </p>
      <div className="mb-3 max-w-xl">
        <SearchField label={msg.findADrawing} value={query} onChange={setQuery} />
      </div>
      <div className="flex flex-col gap-3">
        {groups.map(([name, items]) => {
          const shown = items.filter(matches)
          if (shown.length === 0) return null
          return (
            <Panel key={name} title={name} aside={<span className="text-sm text-ink-soft">{shown.length}</span>}>
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
                {shown.map(({ id, title, drawing }) => (
                  <li key={id} className="rounded-[3px] border border-hair p-2">
                    <DrawingView drawing={drawing} isSaid className="w-full" />
                    <h3 className="mt-1 leading-tight font-bold">{title}</h3>
                    <p className="text-sm text-ink-soft">{drawing.says}</p>
                  </li>
                ))}
              </ul>
            </Panel>
          )
        })}
        {groups.every(([, items]) => !items.some(matches)) && (
          <Panel title={msg.noSuchDrawing}>
            <p>{msg.noDrawingHasAllOf}</p>
          </Panel>
        )}
      </div>
    </div>
  )
}
