import { ChoiceField } from '../../ui/ChoiceField'
import type { Ladder } from '../../api/ladder.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { writeLength } from '../../drawing/scale/write'
import { fieldId } from '../shared/places'
import type { Station } from './StationFields'

// A station is given from the crane, or by its place on the site; what the other would be stands under it.
export function PlaceOrRadius({
  station,
  index,
  editor,
  ladder,
}: {
  station: Station
  index: number
  editor: Editor
  ladder: Ladder | null
}) {
  const { system } = usePreferences().preferences
  const drawn = ladder?.site?.stations.find((one) => one.index === index)
  if (!ladder?.site && !station.place) return null
  const place = `/cranes/0/stations/${index}`
  const length = (metres: number | undefined) =>
    metres === undefined ? null : writeLength(metres, system, true)
  const choose = (by: string) =>
    by === 'place'
      ? editor.change(
          {
            [`${place}/place`]: { east: length(drawn?.lies[0]), north: length(drawn?.lies[1]) },
            [`${place}/radius`]: null,
            [`${place}/slew`]: null,
          },
          `${station.name} by its place`,
        )
      : editor.change(
          {
            [`${place}/place`]: null,
            [`${place}/radius`]: length(drawn?.radius_m),
            [`${place}/slew`]: drawn ? `${drawn.slew_deg.toFixed(1)}°` : null,
          },
          `${station.name} from the crane`,
        )
  const [east, north] = drawn?.lies ?? []
  const other = !drawn
    ? ''
    : station.place
      ? `${length(drawn.radius_m)} out, slew ${drawn.slew_deg.toFixed(1)}°`
      : `${length(east)} east, ${length(north)} north of the peg`
  return (
    <>
      <ChoiceField
        id={fieldId(`${place}/place`)}
        label="Given"
        note={`how ${station.name} is given`}
        value={station.place ? 'place' : ''}
        choices={[
          ['', 'from the crane: radius and slew'],
          ['place', 'by its place on the site'],
        ]}
        onChoose={choose}
      />
      {other && <span className="small">{other}</span>}
    </>
  )
}
