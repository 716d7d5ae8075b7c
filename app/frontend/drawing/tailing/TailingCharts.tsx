import { GapChart } from './GapChart'
import { RadiusChart } from './RadiusChart'
import { UseChart } from './UseChart'
import type { ChartProps } from './chartParts'

// Shares of the height.
const USE_SHARE = 0.42
const USE_ALONE = 0.58
const GAP_SHARE = 0.2
const BETWEEN = 22

// How much of either chart is used, at which radius the tail's hook is, and how near its beam comes: all over
// one axis.
export function TailingCharts({ view, step, x, frame }: ChartProps) {
  const beams = view.cranes.some(({ beam }) => beam)
  const high = frame.bottom - frame.top
  const last = beams ? high * GAP_SHARE : 0
  const use = { ...frame, bottom: frame.top + high * (beams ? USE_SHARE : USE_ALONE) }
  const radius = { ...frame, top: use.bottom + BETWEEN, bottom: frame.bottom - last - (beams ? BETWEEN : 0) }
  const gap = { ...frame, top: frame.bottom - last }
  const at = x(step.at)
  return (
    <g data-tailing-charts>
      <UseChart view={view} step={step} x={x} frame={use} />
      <RadiusChart view={view} step={step} x={x} frame={radius} />
      {beams && <GapChart view={view} step={step} x={x} frame={gap} />}
      <path
        d={`M${at} ${frame.top - 8}V${frame.bottom}`}
        stroke="var(--mark)"
        strokeWidth={1.8}
        pointerEvents="none"
      />
    </g>
  )
}
