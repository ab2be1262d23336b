import { CHECK_IDS, checkLabel } from '@nimble-anchor/core/checks'
import { STEPS_EN } from '@nimble-anchor/core/procedure'
import { changeText, MAKER_CHANGES, UNPASSES, type Change } from '@nimble-anchor/core/readings'
import type { Mode } from '@nimble-anchor/core/restraint'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Button } from '../ui/Button.tsx'
import { PickMany } from '../ui/PickMany.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { upperFirst } from '../ui/words.ts'
import * as msg from './messages.en.ts'

interface Edge {
  readonly change: string
  readonly unpasses: readonly string[]
}

const CHANGES = MAKER_CHANGES.map((id) => ({ id: id as string, label: upperFirst(changeText(id)) }))
const USUAL = [
  ...CHECK_IDS.map((id) => ({ id: id as string, label: checkLabel(id) })),
  ...Object.entries(STEPS_EN).map(([id, { title }]) => ({ id, label: msg.step(title) })),
]
const usualOf = (change: string): readonly string[] =>
  MAKER_CHANGES.some((id) => id === change) ? UNPASSES[change as keyof typeof UNPASSES] : []

/**
 * What must be looked at again after a change, where the maker says other than
 * the usual. An edge stands instead of the usual one, so it begins as that: a
 * list that began empty would outdate nothing.
 *
 * @param base of the mode, or of one of its routes
 */
export function MakerEdges({ base }: { readonly base: string }) {
  const { setValue, getValues } = useFormContext<FieldValues>()
  const name = `${base}.staleEdges`
  const edges = (useWatch({ name }) as readonly Edge[] | undefined) ?? []
  const routes = (useWatch({ name: `${base.split('.').slice(0, 2).join('.')}.routes` }) as Mode['routes'] | undefined) ?? [] // prettier-ignore
  const own = routes.flatMap((r) => r.steps ?? []).filter((s, i, all) => all.findIndex((x) => x.id === s.id) === i)
  const options = [...USUAL, ...own.map((s) => ({ id: s.id, label: msg.makersStep(s.text) }))]
  const keep = (next: readonly Edge[]): void =>
    setValue(name, next.length === 0 ? undefined : next, { shouldDirty: true })
  const change = (i: number, over: Partial<Edge>): void =>
    keep(((getValues(name) ?? []) as readonly Edge[]).map((e, k) => (k === i ? { ...e, ...over } : e)))
  const free = CHANGES.filter((c) => !edges.some((e) => e.change === c.id))
  return (
    <fieldset className="mt-4">
      <legend className="text-sm font-bold">{msg.lookedAtAgainAfterAChange}</legend>
      {edges.map((edge, i) => (
        <div key={i} className="grid items-end gap-x-3 border-b border-hair py-1.5 sm:grid-cols-[1fr_1fr_auto]">
          <SelectField
            label={msg.once}
            value={edge.change}
            placeholder={edge.change}
            options={CHANGES.filter((c) => c.id === edge.change || free.includes(c))}
            onChange={(id) => change(i, { change: id, unpasses: usualOf(id) })}
          />
          <PickMany
            label={msg.lookAgainAt}
            none="nothing"
            options={options}
            chosen={edge.unpasses}
            onChange={(unpasses) => change(i, { unpasses })}
          />
          <Button
            look="quiet"
            aria-label={msg.removeOnce(changeText(edge.change as Change))}
            onClick={() => keep(edges.filter((_, k) => k !== i))}
          >
            {msg.remove}
          </Button>
        </div>
      ))}
      {free.length > 0 && (
        <SelectField
          className="mt-1 max-w-96"
          label={msg.addAChangeItBegins}
          value=""
          placeholder={msg.chooseAChange}
          options={free}
          onChange={(id) => keep([...edges, { change: id, unpasses: usualOf(id) }])}
        />
      )}
    </fieldset>
  )
}
