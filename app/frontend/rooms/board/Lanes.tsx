import Box from '@mui/material/Box'
import { Link } from 'react-router'
import type { DayLift, DaysPage } from '../../api/client'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { BLOCK, hoursOf, LATER, minutesOf, type Lane, type Spot } from './lanes'
import { PosturedLadder, TALL } from './PosturedLadder'
import { dayName, standing } from './words'

// One step of a lane: ladders on their ground, and what is said below it.
const STEP = TALL + 84
const HEAD = 24
const GROUND = TALL + 2

interface Props {
  page: DaysPage
  lanes: Lane[]
  width: number
  // Numbers of what waits, by plan.
  mine: Map<number, number>
}

function Words({ lift, day, mine }: { lift: DayLift; day: string; mine?: number }) {
  const both = lift.twice[0]
  return (
    <div className="caption">
      <div className="title">
        {mine !== undefined && <span className="count">{mine}</span>}
        <strong>{lift.title}</strong>
      </div>
      <div>
        {standing(lift, day)}
        {both && <span className="twice">; {both.crane} twice</span>}
      </div>
      {mine !== undefined && <div className="mine">waits for you</div>}
    </div>
  )
}

function Lift({ spot, day, mine }: { spot: Spot; day: string; mine?: number }) {
  const shown = useShown()
  const { lift } = spot
  const said = lift.working
    ? 'working'
    : `${WORD[lift.verdict]}${lift.percent ? ` ${shown(lift.percent)}` : ''}`
  return (
    <Link
      to={`/plans/${lift.id}`}
      className="day-lift"
      data-lift={lift.id}
      style={{ left: spot.left, top: HEAD + spot.step * STEP, width: BLOCK, height: STEP }}
    >
      <PosturedLadder lift={lift} />
      <div className="said" style={{ color: lift.working ? 'var(--ink)' : COLOUR[lift.verdict] }}>
        <div>{said}</div>
        {!lift.working && (
          <RungBar
            verdict={lift.verdict}
            share={lift.percent?.value ?? null}
            width={52}
            height={13}
            stiles
            plain
          />
        )}
        <div className="by">{lift.said}</div>
      </div>
      <Words lift={lift} day={day} mine={mine} />
    </Link>
  )
}

// The bookings of a lane on its ground: how long each lift has the crane, hatched where two have it.
function Bookings({ spots, width, px }: { spots: Spot[]; width: number; px?: (at: string) => number }) {
  return (
    <>
      {spots.map(({ lift, step, from, to }) => {
        const top = HEAD + step * STEP + GROUND - 2
        return (
          <g key={lift.id}>
            {lift.state !== 'withdrawn' && (
              <path d={`M${from} ${top}H${Math.max(to, from + 4)}`} stroke="var(--ink)" strokeWidth={5} />
            )}
            {px &&
              lift.twice.map(({ from: start, until }) => (
                <rect
                  key={start}
                  x={Math.max(0, px(start))}
                  y={top - 12}
                  width={Math.max(6, Math.min(width, px(until)) - Math.max(0, px(start)))}
                  height={14}
                  fill="url(#booked-twice)"
                  stroke="var(--stop)"
                />
              ))}
          </g>
        )
      })}
    </>
  )
}

function Cell({ page, lane, index, width, mine }: Omit<Props, 'lanes'> & { lane: Lane; index: number }) {
  const day = page.days[index]!
  const spots = lane.days[index]!
  const height = HEAD + lane.steps * STEP
  const [from, to] = hoursOf(page.lifts, page.days[0]!)
  const px = (at: string) => ((minutesOf(at, day) / 60 - from) / (to - from)) * width
  const now = page.now.startsWith(day) && index === 0 ? px(page.now) : null
  const washed = index > 0 && spots.some(({ lift }) => mine.has(lift.id))
  return (
    <div
      className={washed ? 'cell washed' : 'cell'}
      style={{ width, height }}
      role="group"
      aria-label={`${lane.name}, ${dayName(day)}`}
    >
      <svg width={width} height={height} aria-hidden>
        <defs>
          <pattern
            id="booked-twice"
            width={6}
            height={6}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={2.4} height={6} fill="var(--stop)" />
          </pattern>
          <pattern id="earth" width={9} height={7} patternUnits="userSpaceOnUse">
            <path d="M0 7L5 0" stroke="var(--line)" strokeWidth={1.4} />
          </pattern>
        </defs>
        {index === 0 &&
          spots.map(
            ({ lift, left, step }) =>
              mine.has(lift.id) && (
                <rect
                  key={lift.id}
                  x={left}
                  y={HEAD + step * STEP}
                  width={BLOCK}
                  height={STEP}
                  fill="var(--wash)"
                />
              ),
          )}
        {Array.from({ length: Math.max(1, ...spots.map(({ step }) => step + 1)) }, (_, step) => (
          <g key={step}>
            <path d={`M0 ${HEAD + step * STEP + GROUND}H${width}`} stroke="var(--ink)" strokeWidth={1.2} />
            <rect x={0} y={HEAD + step * STEP + GROUND} width={width} height={7} fill="url(#earth)" />
          </g>
        ))}
        <Bookings spots={spots} width={width} px={index === 0 ? px : undefined} />
        {now !== null && now >= 0 && now <= width && (
          <path d={`M${now} ${HEAD}V${height}`} stroke="var(--mark)" strokeWidth={2} />
        )}
      </svg>
      {spots.map((spot) => (
        <Lift key={spot.lift.id} spot={spot} day={day} mine={mine.get(spot.lift.id)} />
      ))}
    </div>
  )
}

// The hours of the first day, and the days after it.
function Axis({ page, width }: Pick<Props, 'page' | 'width'>) {
  const [from, to] = hoursOf(page.lifts, page.days[0]!)
  const now = page.now.startsWith(page.days[0]!)
  return (
    <div className="axis">
      <div className="cell" style={{ width }}>
        <strong className="day">
          {dayName(page.days[0]!)}
          {now && `, now ${page.now.slice(11)}`}
        </strong>
        {Array.from({ length: Math.ceil((to - from) / 2) }, (_, index) => from + 2 * index).map((hour) => (
          <span key={hour} className="hour" style={{ left: ((hour - from) / (to - from)) * width }}>
            {String(hour).padStart(2, '0')}:00
          </span>
        ))}
      </div>
      {page.days.slice(1).map((day) => {
        const count = page.lifts.filter((lift) => lift.lift_at.startsWith(day)).length
        return (
          <div key={day} className="cell later" style={{ width: LATER }}>
            <strong>{dayName(day)}</strong>
            <span>{count === 1 ? '1 lift' : count > 0 ? `${count} lifts` : ''}</span>
          </div>
        )
      })}
    </div>
  )
}

// Lanes by crane against the hours.
export function Lanes({ page, lanes, width, mine }: Props) {
  return (
    <Box className="lanes" role="group" aria-label="Lifts by crane">
      <Axis page={page} width={width} />
      {lanes.map((lane) => (
        <section key={lane.id} className="lane" aria-label={lane.name}>
          <div className="lane-name">
            <strong>{lane.name}</strong> <span>{lane.what}</span>
          </div>
          {page.days.map((day, index) => (
            <Cell
              key={day}
              page={page}
              lane={lane}
              index={index}
              width={index === 0 ? width : LATER}
              mine={mine}
            />
          ))}
        </section>
      ))}
    </Box>
  )
}
