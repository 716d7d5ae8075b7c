// A bowline with its half-hitch, step by step: the line as it lies after each, what the step did in the
// colour of marks. Drawn by hand, to no scale.
const LAID = {
  loop: 'M58 6V50C58 74 92 76 92 56C92 38 70 40 54 58',
  through: 'M54 58C36 92 84 142 146 142A20 20 0 1 0 138 104C106 102 84 88 76 64V48',
  behind: 'M76 48C75 32 66 24 42 24',
  back: 'M42 24C24 26 36 46 66 54C80 60 86 74 96 86',
  draw: 'M58 6V2M52 10L58 2L64 10M170 150L184 160M172 160L184 160L180 149',
  safety: 'M96 86C112 78 122 96 108 104C96 110 92 94 104 86',
  tail: 'M104 86L152 62M104 72L152 48M104 68V76M152 44V52',
}
export type Step = keyof typeof LAID
const STEPS = Object.keys(LAID) as Step[]

export function KnotStep({ step }: { step: Step }) {
  const upTo = STEPS.indexOf(step)
  return (
    <svg
      viewBox="0 0 200 170"
      width={150}
      height={128}
      role="img"
      aria-label={`The line at step ${upTo + 1}`}
    >
      <circle cx={150} cy={122} r={13} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={4} />
      {STEPS.slice(0, upTo + 1).map((one) => (
        <path
          key={one}
          d={LAID[one]}
          fill="none"
          stroke={one === step ? 'var(--mark)' : 'var(--ink)'}
          strokeWidth={one === 'draw' ? 2.4 : 5}
          strokeLinecap="round"
          strokeLinejoin="round"
          strokeDasharray={one === 'behind' ? '7 7' : undefined}
        />
      ))}
      {step === 'tail' && (
        <text x={177} y={55} fontSize={15} fontWeight={600} fill="var(--ink)" textAnchor="middle">
          150 mm
        </text>
      )}
    </svg>
  )
}
