import { type RuleCount } from '@nimble-anchor/core/formats'
import { drawingKit, type Drawing } from '@nimble-anchor/core/drawings'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { SOURCE_WORD, standsOnOf, titleOf, RULE_STAGES, RULES, type AnyRule } from '@nimble-anchor/core/rules'
import { STAGE_TEXT } from '@nimble-anchor/core/verdict'
import { useEffect, useMemo, useState } from 'react'
import { Link, useLocation, useNavigate } from 'react-router'
import { ON_OPENING, useAnswer } from '../session/queries.ts'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { api } from '../session/api.ts'
import { Button } from '../ui/Button.tsx'
import { FilterChip } from '../ui/FilterChip.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { SearchField } from '../ui/SearchField.tsx'
import { useMedia } from '../ui/useMedia.ts'
import * as msg from './messages.en.ts'

const SEVERITY_WORD = {
  stop: msg.stopsTheFitting,
  fix: msg.putRightBeforeTravel,
  advise: 'advice',
} as const

const words = (of: Readonly<Record<string, string>>) => Object.entries(of).map(([id, label]) => ({ id, label }))

function matches(rule: AnyRule, wanted: readonly string[]): boolean {
  const text = `${rule.id} ${titleOf(rule)} ${standsOnOf(rule)}`.toLowerCase()
  return wanted.every((w) => text.includes(w))
}

/** "decided in 3 fittings", or that it has not yet. */
function countText(count: RuleCount | undefined): string {
  if (!count) return msg.notUsedYet
  const entries = `${count.entries} ${count.entries === 1 ? 'entry' : 'entries'}`
  return msg.decidedInAfter(count.fittings, count.fittings === 1 ? msg.fitting : msg.fittings, entries)
}

/** Every rule in one list, the one that is looked at beside it with its text, limits, drawings and how often it decided. */
export default function RuleBookPage() {
  const { hash } = useLocation()
  const navigate = useNavigate()
  const [query, setQuery] = useState('')
  const [source, setSource] = useState('')
  const [severity, setSeverity] = useState('')
  const isWide = useMedia('(min-width: 1024px)')
  // The rules stand without the log; only the counts are missing then.
  const { data: counts } = useAnswer({ queryKey: ['rule-counts'], queryFn: () => api.ruleCounts(), ...ON_OPENING })
  useEffect(() => {
    document.title = msg.ruleBookNimbleAnchor
  }, [])
  const asked = RULES.find((r) => r.id === hash.slice(1))
  const shown = useMemo(() => {
    const wanted = query.toLowerCase().split(/\s+/).filter(Boolean)
    return RULES.filter(
      (r) =>
        (source === '' || r.source === source) && (severity === '' || r.severity === severity) && matches(r, wanted),
    )
  }, [query, source, severity])
  const open = asked ?? (isWide ? shown[0] : undefined)
  const askedId = asked?.id
  useEffect(() => {
    if (askedId !== undefined) document.getElementById(askedId)?.scrollIntoView({ block: 'nearest' })
  }, [askedId])
  return (
    <Page>
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-3xl font-bold tracking-tight">{msg.ruleBook}</h1>
        <SearchField
          className="w-full sm:w-auto sm:max-w-md sm:flex-1"
          label={msg.findARule}
          value={query}
          onChange={setQuery}
        />
        <FilterChip label={msg.source} value={source} options={words(SOURCE_WORD)} onChange={setSource} />
        <FilterChip label={msg.weight} value={severity} options={words(SEVERITY_WORD)} onChange={setSeverity} />
        <Link
          to="/rules/drawings"
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {msg.allDrawings}
        </Link>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:min-h-0 lg:flex-1 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] lg:grid-rows-[minmax(0,1fr)]">
        {open && (
          <div className="order-first min-h-0 lg:order-last lg:flex lg:flex-col">
            <RuleDetail
              rule={open}
              count={counts?.find((c) => c.ruleId === open.id)}
              isCounted={counts !== undefined}
              onOther={() => void navigate('/rules')}
              isAlone={!isWide}
            />
          </div>
        )}
        <Panel fills title={<span role="status">{msg.ofRules(shown.length, RULES.length)}</span>}>
          {shown.length === 0 && <p className="text-ink-soft">{msg.nothingInTheBookHas}</p>}
          {RULE_STAGES.map((stage) => {
            const inStage = shown.filter((r) => r.stage === stage)
            if (inStage.length === 0) return null
            return (
              <section key={stage} className="mb-3">
                <h3 className="border-b border-line pb-1 text-sm font-bold text-ink-soft">
                  {STAGE_TEXT[stage]}, {inStage.length}
                </h3>
                <ul>
                  {inStage.map((rule) => (
                    <li key={rule.id} id={rule.id}>
                      <Link
                        to={`/rules#${rule.id}`}
                        aria-current={rule.id === open?.id ? 'true' : undefined}
                        className={`grid min-h-11 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-b border-hair px-1.5 hover:bg-shoal ${rule.id === open?.id ? 'bg-shoal-deep font-bold' : ''}`}
                      >
                        <span>{titleOf(rule)}</span>
                        <span className="text-sm font-normal text-ink-soft">{SOURCE_WORD[rule.source]}</span>
                      </Link>
                    </li>
                  ))}
                </ul>
              </section>
            )
          })}
        </Panel>
      </div>
    </Page>
  )
}

/** The drawings of the checks that a rule looks at, from the kit's made-up fittings. */
function drawingsOf(
  rule: AnyRule,
): readonly { readonly id: string; readonly title: string; readonly drawing: Drawing }[] {
  const { checks } = rule as { readonly checks?: unknown }
  const ids = Array.isArray(checks) ? (checks as readonly string[]) : []
  return ids.length === 0 ? [] : kit().checks.filter((c) => ids.includes(c.id))
}
let drawn: ReturnType<typeof drawingKit> | undefined
const kit = (): ReturnType<typeof drawingKit> => (drawn ??= drawingKit())

function RuleDetail({
  rule,
  count,
  isCounted,
  isAlone,
  onOther,
}: {
  readonly rule: AnyRule
  readonly count: RuleCount | undefined
  readonly isCounted: boolean
  /** On a phone it stands over the list. */
  readonly isAlone: boolean
  readonly onOther: () => void
}) {
  const drawings = drawingsOf(rule)
  return (
    <Panel title={titleOf(rule)} fills className="lg:flex-1">
      <p className="text-lg">{standsOnOf(rule)}</p>
      <dl className="mt-3 grid grid-cols-[7rem_minmax(0,1fr)] gap-x-3">
        {[
          [msg.source, SOURCE_WORD[rule.source]],
          [msg.weight, SEVERITY_WORD[rule.severity]],
          [msg.stage, STAGE_TEXT[rule.stage]],
          ...(rule.limits
            ? [[msg.limits, Object.entries(rule.limits).map(([name, { value, unit }]) => `${name} ${formatNumber(value, 2)} ${unit}`.trim()).join('; ')]] // prettier-ignore
            : []),
          [msg.inTheLog, isCounted ? countText(count) : ''],
          [msg.id, rule.id],
        ].map(([label, value]) => (
          <div key={label} className="col-span-2 grid grid-cols-subgrid border-b border-hair py-1.5">
            <dt className="text-ink-soft">{label}</dt>
            <dd className="font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {drawings.length > 0 && (
        <ul className="mt-3 grid gap-3 sm:grid-cols-2">
          {drawings.map((d) => (
            <li key={d.id}>
              <DrawingView drawing={d.drawing} className="w-full border border-hair" />
              <p className="text-sm text-ink-soft">{d.title}</p>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-4 text-sm text-ink-soft">{msg.everyRuleSaysPassFail}</p>
      {isAlone && (
        <Button look="quiet" className="mt-2 -ml-3" onClick={onOther}>
          {msg.close}
        </Button>
      )}
    </Panel>
  )
}
