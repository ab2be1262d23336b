import { create } from 'qrcode'
import { useMemo } from 'react'

/** The dark cells of a code as one path, one unit a cell. */
const cellsPath = (size: number, isDark: (row: number, column: number) => boolean): string => {
  let d = ''
  for (let y = 0; y < size; y += 1) for (let x = 0; x < size; x += 1) if (isDark(y, x)) d += `M${x} ${y}h1v1h-1z`
  return d
}

/** Text as a code that any phone's camera reads. Always dark on light: that is what cameras look for. */
export function CodePicture({
  text,
  label,
  className = 'size-72',
}: {
  readonly text: string
  readonly label: string
  readonly className?: string
}) {
  const drawn = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'L' })
    return { size: modules.size, d: cellsPath(modules.size, (y, x) => modules.get(y, x) === 1) }
  }, [text])
  return (
    <svg
      viewBox={`-3 -3 ${drawn.size + 6} ${drawn.size + 6}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
      className={className}
    >
      <rect x="-3" y="-3" width={drawn.size + 6} height={drawn.size + 6} fill="#ffffff" />
      <path d={drawn.d} fill="#000000" />
    </svg>
  )
}
