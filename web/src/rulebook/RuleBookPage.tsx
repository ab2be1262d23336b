import { type RuleCount } from '@nimble-anchor/core/formats'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { SOURCE_WORD, standsOnOf, titleOf, RULE_STAGES, RULES, type AnyRule } from '@nimble-anchor/core/rules'
import { STAGE_TEXT } from '@nimble-anchor/core/verdict'
import { useEffect, useMemo, useState } from 'react'
import { Link, useLocation } from 'react-router'
import { api } from '../session/api.ts'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { SelectField } from '../ui/SelectField.tsx'

const SEVERITY_WORD = {
  stop: 'stops the fitting',
  fix: 'put right before travel',
  advise: 'advice',
} as const

const SOURCES = [
  { id: 'all', label: 'any source' },
  ...Object.entries(SOURCE_WORD).map(([id, label]) => ({ id, label })),
]

function matches(rule: AnyRule, words: readonly string[]): boolean {
  const text = `${rule.id} ${titleOf(rule)} ${standsOnOf(rule)}`.toLowerCase()
  return words.every((w) => text.includes(w))
}

/** "decided in 3 fittings", or that it has not yet. */
function countText(count: RuleCount | undefined): string {
  if (!count) return 'has not decided yet'
  const entries = `${count.entries} ${count.entries === 1 ? 'entry' : 'entries'}`
  return `decided in ${count.fittings} ${count.fittings === 1 ? 'fitting' : 'fittings'}, after ${entries}`
}

/** Every rule with its text, source, severity and limits, and how often it stood in the way. */
export default function RuleBookPage() {
  const { hash } = useLocation()
  const [query, setQuery] = useState('')
  const [source, setSource] = useState('all')
  const [counts, setCounts] = useState<ReadonlyMap<string, RuleCount>>()
  useEffect(() => {
    document.title = 'Rule book · Nimble Anchor'
    api.ruleCounts().then(
      (all) => setCounts(new Map(all.map((c) => [c.ruleId, c]))),
      // The rules stand without the log; only the counts are missing then.
      () => undefined,
    )
  }, [])
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView()
  }, [hash])
  const shown = useMemo(() => {
    const words = query.toLowerCase().split(/\s+/).filter(Boolean)
    return RULES.filter((r) => (source === 'all' || r.source === source) && matches(r, words))
  }, [query, source])
  return (
    <div className="mx-auto max-w-5xl p-3 sm:p-5">
      <h1 className="mb-1 text-3xl font-bold tracking-tight">Rule book</h1>
      <p className="mb-3 max-w-3xl text-ink-soft">
        Every rule returns pass, fail or undecided; undecided is never a pass. A rule may speak for another source where
        the case asks for it, a handbook’s own figure or a school of practice; the finding then says so.{' '}
        <Link to="/rules/drawings" className="font-semibold text-magenta underline">
          All drawings
        </Link>
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <SearchField className="min-w-60 flex-1" label="Find a rule" value={query} onChange={setQuery} />
        <div className="w-48">
          <SelectField label="Source" hidesLabel value={source} options={SOURCES} onChange={setSource} />
        </div>
        <p role="status" className="pb-2.5 text-sm text-ink-soft">
          {shown.length} of {RULES.length} rules
        </p>
      </div>
      <div className="flex flex-col gap-3">
        {RULE_STAGES.map((stage) => {
          const inStage = shown.filter((r) => r.stage === stage)
          if (inStage.length === 0) return null
          return (
            <Panel
              key={stage}
              title={STAGE_TEXT[stage]}
              aside={<span className="text-sm text-ink-soft">{inStage.length}</span>}
            >
              <ul className="-my-3 divide-y divide-hair">
                {inStage.map((rule) => (
                  <li
                    key={rule.id}
                    id={rule.id}
                    className="grid scroll-mt-4 gap-x-4 py-3 target:bg-shoal md:grid-cols-[minmax(0,1fr)_17rem]"
                  >
                    <div>
                      <h3 className="font-bold">{titleOf(rule)}</h3>
                      <p className="text-[0.95rem]">{standsOnOf(rule)}</p>
                      {rule.limits && (
                        <p className="mt-0.5 text-sm text-ink-soft">
                          {Object.entries(rule.limits)
                            .map(([name, { value, unit }]) => `${name} ${formatNumber(value, 2)} ${unit}`.trim())
                            .join('; ')}
                        </p>
                      )}
                    </div>
                    <dl className="text-sm text-ink-soft">
                      <dt className="sr-only">Source</dt>
                      <dd className="font-semibold text-ink">
                        {SOURCE_WORD[rule.source]}; {SEVERITY_WORD[rule.severity]}
                      </dd>
                      <dt className="sr-only">In the log</dt>
                      <dd>{counts ? countText(counts.get(rule.id)) : ''}</dd>
                      <dt className="sr-only">Id</dt>
                      <dd>{rule.id}</dd>
                    </dl>
                  </li>
                ))}
              </ul>
            </Panel>
          )
        })}
        {shown.length === 0 && (
          <Panel title="No such rule">
            <p>Nothing in the book has all of these words.</p>
          </Panel>
        )}
      </div>
    </div>
  )
}
