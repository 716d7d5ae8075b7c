import type { Tailing } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { BUTTON, Press } from './Press'
import { Scrubber } from './Scrubber'
import type { Scrub } from './useScrub'

interface Props {
  view: Tailing
  scrub: Scrub
  x: (at: number) => number
  y: number
  width: number
  roomy: boolean
  colour: string
}

// What moves through the turn: the axis that everything below has, play, and the way to where it governs.
export function Controls({ view, scrub, x, y, width, roomy, colour }: Props) {
  const carry = view.does === 'carry'
  return (
    <>
      <Scrubber
        view={view}
        scrub={scrub}
        x={x}
        y={y}
        ends={carry ? [' %', 'how far on its way'] : ['°', 'tilt of the load']}
      />
      <Label x={12} y={y + 5} size={15.5}>
        {carry ? 'way' : 'tilt'}
      </Label>
      <Press
        x={width - (roomy ? 108 : 84)}
        y={y - BUTTON / 2}
        name={scrub.playing ? 'Stop playing' : 'Play'}
        onPress={scrub.play}
      >
        {scrub.playing ? (
          <path d="M14 12h6v20h-6zM25 12h6v20h-6z" fill="var(--mark)" />
        ) : (
          <path d="M14 11L34 22L14 33Z" fill="var(--mark)" />
        )}
      </Press>
      <Press
        x={width - (roomy ? 56 : 40)}
        y={y - BUTTON / 2}
        width={roomy ? BUTTON : 36}
        name={
          scrub.worst
            ? `To the governing ${carry ? 'place' : 'tilt'}, ${scrub.worst.words}`
            : 'To the governing tilt'
        }
        onPress={scrub.toWorst}
      >
        <path d="M10 10H27L36 22L27 34H10Z" fill={colour} />
        <path d="M22 15v12m-4 -4l4 5l4 -5" fill="none" stroke="var(--bone)" strokeWidth={2.4} />
      </Press>
    </>
  )
}
