const INK = 'var(--ink)'

/** The outline of a car from above, its nose at the top. */
export function CarBody({ half, top, bottom, dashY }: { half: number; top: number; bottom: number; dashY: number }) {
  return (
    <g stroke={INK} fill="none">
      <path
        d={`M${-half + 130} ${top + 120}Q0 ${top - 140} ${half - 130} ${top + 120}Q${half} ${top + 260} ${half} ${dashY}V${bottom - 200}Q${half} ${bottom} ${half - 190} ${bottom}H${-half + 190}Q${-half} ${bottom} ${-half} ${bottom - 200}V${dashY}Q${-half} ${top + 260} ${-half + 130} ${top + 120}Z`}
        fill="var(--paper)"
        strokeWidth="18"
      />
      <path d={`M${-half + 60} ${dashY - 10}Q0 ${dashY - 190} ${half - 60} ${dashY - 10}`} strokeWidth="12" />
      <path
        d={`M${-half - 70} ${dashY + 60}l70-60M${half + 70} ${dashY + 60}l-70-60`}
        strokeWidth="26"
        strokeLinecap="round"
      />
    </g>
  )
}
