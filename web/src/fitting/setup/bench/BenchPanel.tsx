import { benchLines, describeBench, sectionOf, type Handle, type Point } from '@nimble-anchor/core/bench'
import { type Case, type Put } from '@nimble-anchor/core/casefile'
import { whatIf, type SettingValues } from '@nimble-anchor/core/match'
import { recommendSettings, type Recommendation } from '@nimble-anchor/core/procedure'
import { reasonOf, remedyOf, severityOf, type FittedSubject } from '@nimble-anchor/core/rules'
import { Download, Minus, Plus, Scan } from 'lucide-react'
import { useMemo, useRef, useState } from 'react'
import { useFitting } from '../../../session/fitting.ts'
import { usePreferences } from '../../../session/preferences.ts'
import { Button } from '../../../ui/Button.tsx'
import { Panel } from '../../../ui/Panel.tsx'
import { SelectField } from '../../../ui/SelectField.tsx'
import { saveFile } from '../../../ui/saveFile.ts'
import { StateMark } from '../../../ui/StateMark.tsx'
import { upperFirst } from '../../../ui/words.ts'
import { BenchDrawing } from './BenchDrawing.tsx'
import type { StopValue } from './DragHandle.tsx'
import { svgText } from './exportSvg.ts'
import { MAX_ZOOM, wholeView, zoomed } from './frame.ts'
import { LENGTH_UNITS, valueText, type LengthUnit } from './length.ts'
import { lineMark } from './marks.ts'
import { settingText } from './settingText.ts'
import { CheckBox } from '../../../ui/CheckBox.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly subject: FittedSubject
  readonly isSigned: boolean
}

const ZOOM_STEP = 1.5

function recommendedStops(recommended: readonly Recommendation[]): ReadonlyMap<Handle['id'], StopValue> {
  const stops = new Map<Handle['id'], StopValue>()
  for (const r of recommended) {
    if (r.kind !== 'set') continue
    if (r.setting === 'recline' || r.setting === 'legNotch' || r.setting === 'wedge') stops.set(r.setting, r.value)
  }
  return stops
}

/** The fit bench: the section to scale, and under it the arithmetic line by line. */
export function BenchPanel({ current, subject, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const { benchUnit, setBenchUnit } = usePreferences()
  // What is being dragged is shown at once and kept when it is let go.
  const [draft, setDraft] = useState<SettingValues>({})
  const [zoom, setZoom] = useState(1)
  const [centre, setCentre] = useState<Point>()
  const [explains, setExplains] = useState(false)
  const [namesParts, setNamesParts] = useState(false)
  const svgRef = useRef<SVGSVGElement>(null)

  const shown = useMemo(() => whatIf(subject, draft), [subject, draft])
  const section = useMemo(() => sectionOf(shown), [shown])
  const lines = useMemo(() => benchLines(shown), [shown])
  const recommended = useMemo(() => recommendSettings(subject), [subject])
  const words = useMemo(() => describeBench(shown, section, lines), [shown, section, lines])
  const { mode, route, position } = subject
  // The frame stays while something is dragged, or the drawing would run away from the hand.
  const frame = useMemo(() => wholeView(sectionOf(subject)), [subject])
  const middle = centre ?? { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 }
  const view = zoomed(frame, zoom, middle)
  const strap = recommended.find((r) => r.setting === 'strapHeightMm' && r.kind === 'set')

  function drop(id: Handle['id'], value: StopValue): void {
    setDraft({})
    const puts: Put[] = [{ path: ['settings', id], value: { value } }]
    if (value !== current.settings[id]?.value) put(puts)
  }
  const name = `${position.label}, ${mode.label}`

  return (
    <Panel
      title={msg.fitBench}
      aside={
        <div className="flex flex-wrap items-center gap-1">
          <SelectField
            label={msg.unitOfLengths}
            hidesLabel
            value={benchUnit}
            options={Object.entries(LENGTH_UNITS).map(([id, label]) => ({ id, label }))}
            onChange={(id) => setBenchUnit(id as LengthUnit)}
          />
          <Button
            look="quiet"
            className="px-2!"
            aria-label={msg.smaller}
            disabled={zoom <= 1}
            onClick={() => setZoom(Math.max(1, zoom / ZOOM_STEP))}
          >
            <Minus size={18} aria-hidden="true" />
          </Button>
          <Button
            look="quiet"
            className="px-2!"
            aria-label={msg.larger}
            disabled={zoom >= MAX_ZOOM}
            onClick={() => setZoom(Math.min(MAX_ZOOM, zoom * ZOOM_STEP))}
          >
            <Plus size={18} aria-hidden="true" />
          </Button>
          <Button
            look="quiet"
            className="px-2!"
            aria-label={msg.showTheWholeDrawing}
            disabled={zoom === 1}
            onClick={() => {
              setZoom(1)
              setCentre(undefined)
            }}
          >
            <Scan size={18} aria-hidden="true" />
          </Button>
          <Button
            look="quiet"
            className="px-2!"
            aria-label={msg.saveTheDrawingAsSvg}
            onClick={() => {
              if (svgRef.current) saveFile('fit-bench.svg', svgText(svgRef.current, name, words), 'image/svg+xml')
            }}
          >
            <Download size={18} aria-hidden="true" />
          </Button>
        </div>
      }
    >
      <div className="-mx-3.5 -mt-3.5 border-b border-hair">
        <BenchDrawing
          section={section}
          lines={lines}
          view={view}
          unit={benchUnit}
          isForward={mode.direction === 'forward'}
          isHollow={position.floor?.kind.startsWith('box') === true && route.leg !== undefined}
          recommended={recommendedStops(recommended)}
          recommendedStrapMm={strap?.kind === 'set' ? (strap.value as number) : undefined}
          canDrag={!isSigned}
          isZoomed={zoom > 1}
          namesParts={namesParts}
          label={msg.seenFromTheSideThe(name)}
          svgRef={svgRef}
          zoom={zoom}
          maxZoom={MAX_ZOOM}
          onZoom={setZoom}
          stopText={(id, value) => settingText(mode, route, id, value)}
          onDrag={(id, value) => setDraft({ [id]: value })}
          onDrop={drop}
          onPan={(by) =>
            zoom > 1 && setCentre({ x: view.x + view.width / 2 + by.x, y: view.y + view.height / 2 + by.y })
          }
        />
      </div>
      <p className="mt-2 text-sm text-ink-soft">
        {section.handles.length > 0 && !isSigned && msg.dragAMagentaDotOr}
        {section.assumed.length > 0 && msg.drawnAtAUsualSize(section.assumed.join('; '))}
      </p>
      <CheckBox className="mt-2 mr-5 inline-flex! font-semibold" checked={namesParts} onChange={setNamesParts}>
        {msg.nameTheParts}
      </CheckBox>
      <CheckBox className="mt-2 inline-flex! font-semibold" checked={explains} onChange={setExplains}>
        {msg.explainShowTheFormulasWith}
      </CheckBox>
      <ul aria-label={msg.theArithmetic} className="mt-1 divide-y divide-hair border-t border-hair">
        {lines.map((line) => {
          const worst = line.findings[0]
          const isAdvice = worst !== undefined && worst.outcome.kind !== 'pass' && severityOf(worst) === 'advise'
          return (
            <li key={line.id} data-line={line.id} className="grid grid-cols-[1.4rem_minmax(0,1fr)] gap-x-2 py-2">
              <span className="pt-0.5">
                <StateMark state={lineMark(line)} />
              </span>
              <div>
                <p className="flex flex-wrap items-baseline gap-x-2">
                  <span className="font-semibold">{line.label}</span>
                  <span className="text-lg font-bold">{valueText(line, benchUnit)}</span>
                  <span className="text-sm text-ink-soft">{msg.wanted(line.wanted)}</span>
                  {isAdvice && <span className="text-sm text-ink-soft">{msg.advice}</span>}
                </p>
                {worst && worst.outcome.kind !== 'pass' ? (
                  <p className="text-sm">
                    {reasonOf(worst.outcome)} <span className="font-semibold">{remedyOf(worst.outcome)}</span>
                  </p>
                ) : (
                  line.missing !== undefined && <p className="text-sm">{msg.missing(line.missing)}</p>
                )}
                {explains && (
                  <div className="mt-1 border-l-2 border-hair pl-3 text-sm text-ink-soft">
                    {line.formula.map((text) => (
                      <p key={text}>{text}</p>
                    ))}
                    {line.filled.map((text) => (
                      <p key={text} className="font-semibold text-ink">
                        {text}
                      </p>
                    ))}
                    {line.filled.length === 0 && line.missing !== undefined && (
                      <p>{msg.isMissingSoThereAre(upperFirst(line.missing))}</p>
                    )}
                  </div>
                )}
              </div>
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}
