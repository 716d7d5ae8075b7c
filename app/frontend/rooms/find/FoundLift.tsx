import { LiftFigure } from '../../drawing/views/LiftFigure'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { hours, marginWords, needs, standing, title, type Few, type Lift } from './found'

interface Props {
  lift: Lift
  few: Few
  number: number
  chosen: boolean
  fresh: boolean
  metres: { high: number; wide: number }
  onChoose: () => void
  onSeen: () => void
}

// One lift that was found: how it stands, how it hangs, how much more it leaves, what there is to do for it.
export function FoundLift({ lift, few, number, chosen, fresh, metres, onChoose, onSeen }: Props) {
  const shown = useShown()
  const [by, held] = title(lift)
  const { governs, verdict } = lift
  return (
    <button
      type="button"
      className="lift"
      data-lift={lift.id}
      data-verdict={verdict}
      aria-pressed={chosen}
      onClick={onChoose}
      onFocus={onSeen}
      onMouseEnter={onSeen}
    >
      <span className="head">
        <span className="number">{number}</span>
        <span>
          <strong>{by}</strong>, {held}
          {fresh && <em> new</em>}
        </span>
      </span>
      <span className="stands">
        <RungBar
          verdict={verdict}
          share={governs?.utilisation?.value ?? null}
          width={56}
          height={18}
          stiles
        />
        <span style={{ color: COLOUR[verdict] }}>
          <strong>{standing(lift, shown)}</strong>
          <br />
          {verdict === 'not_known'
            ? lift.unknown.slice(0, 2).join(', ').toLowerCase()
            : governs?.label.toLowerCase()}
        </span>
      </span>
      <LiftFigure lift={lift} metres={metres} width={184} height={150} />
      <span className="margin" title="how much heavier the load may be">
        {marginWords(lift, shown)}
      </span>
      <span className="needs">
        {needs(lift, shown).map((need) => (
          <span key={need} className="need" title={need}>
            {need}
          </span>
        ))}
      </span>
      <strong>{hours(lift.minutes)}</strong>
      <span className="why">{shown(few.why)}</span>
    </button>
  )
}
