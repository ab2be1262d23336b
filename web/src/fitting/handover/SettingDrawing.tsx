import { FIGURE_SIZE, figureParts, type Figure } from '@nimble-anchor/core/handover'

/** The small drawing beside a setting: thin what is there, magenta what must be found again. */
export function SettingDrawing({ figure }: { readonly figure: Figure }) {
  return (
    <svg
      viewBox={`0 0 ${FIGURE_SIZE} ${FIGURE_SIZE}`}
      width={44}
      height={44}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
      className="shrink-0"
    >
      {figureParts(figure).map(({ d, look }) => (
        <path
          key={d}
          d={d}
          stroke={look === 'mark' ? 'var(--magenta)' : 'var(--line)'}
          strokeWidth={look === 'mark' ? 3.2 : 1.8}
        />
      ))}
    </svg>
  )
}
