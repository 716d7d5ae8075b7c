import { Hatch } from '../../ladder/Hatch'
import { Props } from './craneParts'
import { Above } from './CraneAbove'
import { Beside } from './CraneBeside'
import { Curve } from './CraneCurve'

// The crane and the way of its load: from above, from the side over its range, and how much of the chart is
// used along it.
export function CraneSheet(props: Props) {
  return (
    <g data-crane-sheet>
      <defs>
        <Hatch id="curve-tight" />
        <pattern id="zone" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width={2} height={8} fill="var(--stop)" />
        </pattern>
      </defs>
      <Above {...props} />
      <Beside {...props} />
      <Curve {...props} />
    </g>
  )
}
