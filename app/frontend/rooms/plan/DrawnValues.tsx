import type { Drawing } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Heads } from '../../ui/Heads'

// The drawing's figures as a table, for those who do not see it.
export function DrawnValues({ drawing }: { drawing: Drawing }) {
  const shown = useShown()
  return (
    <table className="hush">
      <caption>
        The legs as they hang, hook bearing {shown(drawing.hook_height) || 'not known'} above the base
      </caption>
      <Heads
        of={[
          'leg',
          'length',
          'level run',
          'height',
          'from horizontal',
          'from plumb',
          'included',
          'worst tension',
        ]}
      />
      <tbody>
        {drawing.legs.map((leg, index) => (
          <tr key={index}>
            <th scope="row">{leg.name}</th>
            {[
              leg.length,
              leg.run,
              leg.height,
              leg.from_horizontal,
              leg.from_plumb,
              leg.included,
              leg.worst,
            ].map((figure, column) => (
              <td key={column}>{shown(figure) || 'not known'}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
