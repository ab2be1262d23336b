import { type Child } from '@nimble-anchor/core/child'
import * as msg from './messages.en.ts'

export type Dimension = 'statureCm' | 'seatedShoulderHeightMm' | 'sittingHeightMm' | 'massKg'

interface Props {
  readonly child: Child
  readonly active: Dimension | undefined
  readonly onPick: (dimension: Dimension) => void
}

interface LineProps {
  readonly x: number
  readonly top: number
  readonly bottom: number
  readonly isKnown: boolean
  readonly name: string
  readonly isActive: boolean
  readonly textX: number
  readonly anchor: 'start' | 'end'
  /** Baseline of the value; the middle of the line when left out. */
  readonly textY?: number
  readonly onPick: () => void
}

/** A vertical dimension line; a tap on it goes to its field. */
function DimensionLine({ x, top, bottom, isKnown, name, isActive, textX, textY, anchor, onPick }: LineProps) {
  const colour = isActive ? 'var(--magenta)' : 'var(--ink)'
  const valueY = textY ?? (top + bottom) / 2 - 4
  return (
    <g onClick={onPick} className="cursor-pointer">
      <rect x={x - 14} y={top} width="28" height={bottom - top} fill="transparent" />
      <path
        d={`M${x - 8} ${top}h16M${x - 8} ${bottom}h16M${x} ${top}V${bottom}M${x - 4} ${top + 9}L${x} ${top}l4 9M${x - 4} ${bottom - 9}L${x} ${bottom}l4-9`}
        fill="none"
        stroke={colour}
        strokeWidth={isActive ? 2.4 : 1.5}
      />
      <text
        x={textX}
        y={valueY}
        textAnchor={anchor}
        fontSize="15"
        fontWeight={isKnown ? 400 : 700}
        fill={isActive || !isKnown ? colour : 'var(--ink-soft)'}
        stroke="var(--shoal)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {isKnown ? name : `${name} ?`}
      </text>
    </g>
  )
}

const LINE = {
  fill: 'var(--sheet)',
  stroke: 'var(--ink)',
  strokeWidth: 2,
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const

/** The child standing and sitting, as a line drawing; the dimension lines are the fields beside it. */
export function ChildFigure({ child, active, onPick }: Props) {
  return (
    <svg
      viewBox="0 0 340 440"
      role="img"
      aria-label={msg.theChildSittingAndStanding}
      className="graticule mx-auto block w-full max-w-[440px] self-start bg-shoal max-lg:max-h-56 lg:max-h-[calc(100dvh-19rem)]"
    >
      {/* sitting, from the side */}
      <g transform="translate(-92 -58)">
        <path
          d="M270 252h92v12h-92zM284 264v42M350 264v42"
          fill="var(--buff)"
          stroke="var(--ink)"
          strokeWidth="1.500"
        />
        <path
          d="M296 250c-8-34-6-72 8-92 9-9 25-6 29 6 5 18 2 46-2 62l52 2c12 1 14 8 14 16l-2 46 12 4v8h-32l-2-40-62 2c-8 0-14-6-15-14z"
          {...LINE}
        />
        <ellipse cx="322" cy="116" rx="33" ry="35" {...LINE} />
        <path d="M343 112h.1" {...LINE} strokeWidth="4" />
        <path d="M318 170c-4 22 4 42 26 48" {...LINE} fill="none" />
        <path d="M214 252h56M214 156h96M412 252h-48M412 81h-80" stroke="var(--line)" strokeDasharray="4 4" />
      </g>
      <DimensionLine
        x={134}
        top={99}
        bottom={193}
        isKnown={child.seatedShoulderHeightMm !== undefined}
        name={msg.shoulderWord}
        textX={120}
        textY={98}
        anchor="end"
        isActive={active === 'seatedShoulderHeightMm'}
        onPick={() => onPick('seatedShoulderHeightMm')}
      />
      <DimensionLine
        x={318}
        top={23}
        bottom={193}
        isKnown={child.sittingHeightMm !== undefined}
        name={msg.sittingWord}
        textX={304}
        anchor="end"
        isActive={active === 'sittingHeightMm'}
        onPick={() => onPick('sittingHeightMm')}
      />
      {/* standing, from the front, on a scale */}
      <g transform="translate(-20 102)">
        <path
          d="M108 132c-16 2-22 12-24 30l-5 42c-1 8 9 9 10 1l7-34v52l-3 78c0 9 20 9 21 0l6-66 6 66c1 9 21 9 21 0l-3-78v-52l7 34c1 8 11 7 10-1l-5-42c-2-18-8-28-24-30z"
          {...LINE}
        />
        <ellipse cx="120" cy="92" rx="30" ry="36" {...LINE} />
        <path d="M109 92h.1M131 92h.1" {...LINE} strokeWidth="4" />
        <path d="M112 108q8 6 16 0" {...LINE} fill="none" />
      </g>
      <path d="M132 158h30M132 406h30" stroke="var(--line)" strokeDasharray="4 4" />
      <DimensionLine
        x={162}
        top={158}
        bottom={406}
        isKnown={child.statureCm !== undefined}
        name={msg.statureWord}
        textX={176}
        anchor="start"
        isActive={active === 'statureCm'}
        onPick={() => onPick('statureCm')}
      />
      <g onClick={() => onPick('massKg')} className="cursor-pointer">
        <rect
          x="42"
          y="408"
          width="116"
          height="28"
          rx="3"
          fill="var(--buff)"
          stroke={active === 'massKg' ? 'var(--magenta)' : 'var(--ink)'}
          strokeWidth={active === 'massKg' ? 2.6 : 1.5}
        />
        <text
          x="100"
          y="428"
          textAnchor="middle"
          fontSize="16"
          fontWeight="700"
          fill={active === 'massKg' ? 'var(--magenta)' : 'var(--ink)'}
        >
          {child.massKg === undefined ? msg.mass : msg.mass2}
        </text>
      </g>
    </svg>
  )
}
