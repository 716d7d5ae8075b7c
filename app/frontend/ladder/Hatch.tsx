// The stripes of what stops, where many lie beside what holds and colour alone would tell them apart.
export const StopStripes = ({ id }: { id: string }) => (
  <pattern id={id} width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
    <rect width={8} height={8} fill="var(--stopGround)" />
    <rect width={1.6} height={8} fill="var(--chalk)" />
  </pattern>
)
// The hatch of what is tight, to fill a shape with: fill={`url(#${id})`}.
export const Hatch = ({ id }: { id: string }) => (
  <pattern id={id} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
    <rect width={7} height={7} fill="var(--chalk)" />
    <rect width={3.6} height={7} fill="var(--tightFill)" />
  </pattern>
)
