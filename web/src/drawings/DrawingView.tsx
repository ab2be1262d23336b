import { DRAWING_HEIGHT, DRAWING_WIDTH, type Drawing, type Ground, type Shape } from '@nimble-anchor/core/drawings'

/** Guides keep the colour that the maker gave them; all else follows the scheme of the page. */
const INK: Readonly<Record<Ground, string>> = {
  now: 'var(--magenta)',
  thing: 'var(--ink)',
  faint: 'var(--line)',
  child: 'var(--ink-soft)',
  belt: 'var(--ink)',
  good: 'var(--pass)',
  bad: 'var(--fail)',
  sheet: 'var(--sheet)',
  shoal: 'var(--shoal)',
  buff: 'var(--buff)',
  blue: 'light-dark(#1d4f9c, #7fb0ff)',
  red: 'light-dark(#b3261e, #ff8a80)',
  green: 'light-dark(#15703b, #6fd39b)',
  yellow: 'light-dark(#a88200, #ffd95a)',
  orange: 'light-dark(#b85600, #ffb266)',
  white: 'var(--sheet)',
  grey: 'light-dark(#5b6770, #b4bec6)',
  black: 'var(--ink)',
}

function ShapeView({ shape }: { readonly shape: Shape }) {
  if (shape.kind === 'word')
    return (
      <text x={shape.x} y={shape.y} textAnchor={shape.anchor} fill={INK[shape.tone]} fontSize={12} fontWeight={700}>
        {shape.text}
      </text>
    )
  const { d, tone, width, isDashed, ground } = shape
  return (
    <path
      d={d}
      stroke={INK[tone]}
      strokeWidth={width}
      fill={ground === undefined ? 'none' : INK[ground]}
      strokeDasharray={isDashed === true ? '5 4' : undefined}
    />
  )
}

interface Props {
  readonly drawing: Drawing
  readonly className?: string
  /** Words beside it say the same already: it is not read out again. */
  readonly isSaid?: boolean
}

/** A drawing of the kit as shapes on the page. */
export function DrawingView({ drawing, className = '', isSaid = false }: Props) {
  return (
    <svg
      viewBox={`0 0 ${DRAWING_WIDTH} ${DRAWING_HEIGHT}`}
      className={`block overflow-hidden ${className}`}
      strokeLinecap="round"
      strokeLinejoin="round"
      {...(isSaid ? { 'aria-hidden': true } : { role: 'img', 'aria-label': drawing.says })}
    >
      {drawing.shapes.map((shape, i) => (
        // Shapes of one drawing have no names, and their order is what they are.
        <ShapeView key={i} shape={shape} />
      ))}
    </svg>
  )
}
