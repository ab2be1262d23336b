import type { BenchLine, BenchLineId, Handle, Point, Section } from '@nimble-anchor/core/bench'
import { usePinch } from '@use-gesture/react'
import { useEffect, useMemo, useRef, useState, type PointerEvent, type RefObject } from 'react'
import { useHold } from '../../../ui/useHold.ts'
import { Figures } from './BenchFigures.tsx'
import { Band, PartNames, Restraint, Straps, Vehicle } from './BenchParts.tsx'
import { Frame } from './Dimension.tsx'
import { DragHandle, type StopValue } from './DragHandle.tsx'
import { nearestStop, type View } from './frame.ts'
import { valueText, type LengthUnit } from './length.ts'
import { lineMark } from './marks.ts'
import * as msg from './messages.en.ts'

/** What the pointer holds: a handle at one of its stops, or the drawing itself. */
interface Held {
  readonly id: Handle['id'] | 'pan'
  value?: StopValue
  readonly last: Point
}

interface Props {
  readonly section: Section
  readonly lines: readonly BenchLine[]
  readonly view: View
  readonly unit: LengthUnit
  readonly isForward: boolean
  readonly isHollow: boolean
  /** What the arithmetic recommends, by handle. */
  readonly recommended: ReadonlyMap<Handle['id'], StopValue>
  readonly recommendedStrapMm: number | undefined
  readonly canDrag: boolean
  /** Drawn whole, a finger on it scrolls the page; brought nearer, it moves the drawing. */
  readonly isZoomed: boolean
  readonly namesParts: boolean
  readonly label: string
  readonly svgRef: RefObject<SVGSVGElement | null>
  readonly stopText: (id: Handle['id'], value: StopValue) => string
  readonly onDrag: (id: Handle['id'], value: StopValue) => void
  readonly onDrop: (id: Handle['id'], value: StopValue) => void
  readonly onPan: (by: Point) => void
  /** How much nearer the drawing is than whole, by two fingers or the pad of a computer. */
  readonly zoom: number
  readonly maxZoom: number
  readonly onZoom: (zoom: number) => void
}

/** How wide the drawing stands on the screen. */
function useWidth(ref: RefObject<Element | null>): number {
  const [width, setWidth] = useState(680)
  useEffect(() => {
    const element = ref.current
    if (!element || typeof ResizeObserver === 'undefined') return
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.max(200, entry.contentRect.width)))
    observer.observe(element)
    return () => observer.disconnect()
  }, [ref])
  return width
}

export function BenchDrawing(props: Props) {
  const { section: s, view, unit, svgRef, canDrag } = props
  const width = useWidth(svgRef)
  const px = view.width / width
  const frame = useMemo(() => ({ view, px }), [view, px])
  const isPinching = useRef(false)
  const at = (e: PointerEvent): Point => {
    const box = svgRef.current?.getBoundingClientRect()
    if (!box) return { x: 0, y: 0 }
    return {
      x: view.x + ((e.clientX - box.left) / box.width) * view.width,
      y: -(view.y + ((e.clientY - box.top) / box.height) * view.height),
    }
  }
  const drop = ({ id, value }: Held): void => {
    if (id !== 'pan' && value !== undefined) props.onDrop(id, value)
  }
  const { hold, letGo, handlers } = useHold<Held>({
    onMove: (held, e) => {
      const to = at(e)
      if (held.id === 'pan') return props.onPan({ x: held.last.x - to.x, y: to.y - held.last.y })
      const stop = nearestStop(s.handles.find((h) => h.id === held.id)?.stops ?? [], to)
      if (!stop || stop.value === held.value) return
      held.value = stop.value
      props.onDrag(held.id, stop.value)
    },
    onDrop: drop,
    // As far as it was dragged, it is set: nothing is left between two stops.
    onCancel: drop,
  })
  usePinch(
    ({ active, offset: [zoom] }) => {
      isPinching.current = active
      // Two fingers move nothing: whatever one of them held is let go.
      if (active) letGo()
      props.onZoom(zoom)
    },
    {
      target: svgRef,
      scaleBounds: { min: 1, max: props.maxZoom },
      from: () => [props.zoom, 0],
      eventOptions: { passive: false },
    },
  )
  const line = (id: BenchLineId): BenchLine | undefined => props.lines.find((l) => l.id === id)
  const strap = line('straps') ?? line('guide')
  const strapMark = lineMark(strap)

  return (
    <svg
      ref={svgRef}
      viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
      role="group"
      aria-label={props.label}
      className={`mx-auto block w-full bg-paper select-none ${props.isZoomed ? 'touch-none' : 'touch-pan-y'}`}
      // The whole drawing is seen at once: as wide as the height that the pane has lets it be.
      style={{
        aspectRatio: `${view.width} / ${view.height}`,
        maxWidth: `max(20rem, calc((100dvh - 21rem) * ${(view.width / view.height).toFixed(3)}))`,
      }}
      onPointerDown={(e) => {
        if (!isPinching.current) hold({ id: 'pan', last: at(e) }, e, null)
      }}
      {...handlers}
    >
      <Frame value={frame}>
        <Vehicle section={s} px={px} isHollow={props.isHollow} footMark={lineMark(line('leg'))} />
        {s.band && <Band section={s} isForward={props.isForward} />}
        <Restraint section={s} px={px} />
        <Straps
          section={s}
          px={px}
          mark={strapMark}
          recommendedMm={props.recommendedStrapMm}
          label={strap && strap.value !== undefined && s.strapAt ? msg.strap(valueText(strap, unit)) : undefined}
        />
        {props.namesParts && <PartNames section={s} px={px} />}
        <Figures section={s} lines={props.lines} px={px} unit={unit} isForward={props.isForward} />
        {canDrag &&
          s.handles.map((handle) => (
            <DragHandle
              key={handle.id}
              handle={handle}
              px={px}
              recommended={props.recommended.get(handle.id)}
              stopText={props.stopText}
              onHold={(e) => {
                e.stopPropagation()
                hold({ id: handle.id, last: at(e) }, e, svgRef.current)
              }}
              onStep={(value) => props.onDrop(handle.id, value)}
            />
          ))}
      </Frame>
    </svg>
  )
}
