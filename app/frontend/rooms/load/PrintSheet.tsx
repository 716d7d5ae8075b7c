import { createPortal } from 'react-dom'
import { useEffect } from 'react'
import type { Ladder } from '../../api/ladder.generated'
import type { Part, Plan } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { TakeOffPicture } from './TakeOffPicture'
import type { Editor } from '../../plan/usePlanEditor'

const HEADS = ['', 'Part', 'Shape', 'Size', 'Lies', 'Material', 'No.', 'x', 'y', 'z', 'Mass']

const Rows = ({ rows, masses }: { rows: Part[]; masses: string[] | null }) => (
  <table>
    <thead>
      <tr>
        {HEADS.slice(0, masses ? undefined : -1).map((head) => (
          <th key={head}>{head}</th>
        ))}
      </tr>
    </thead>
    <tbody>
      {rows.map(
        (row, index) =>
          masses?.[index] !== '' && (
            <tr key={index}>
              <td>{index + 1}</td>
              <td>{row.name}</td>
              <td>{row.shape}</td>
              <td>{row.size}</td>
              <td>{row.lies}</td>
              <td>{row.material}</td>
              <td>{row.quantity || 1}</td>
              <td>{row.x}</td>
              <td>{row.y}</td>
              <td>{row.z}</td>
              {masses && <td>{masses[index]}</td>}
            </tr>
          ),
      )}
    </tbody>
  </table>
)

// The whole take-off on paper: every row, what it comes to, and the picture.
export function PrintSheet({
  plan,
  sheet,
  revision,
  state,
  onDone,
}: {
  plan: Plan
  sheet: NonNullable<Ladder['take_off']>
  revision: number
  state: Editor['state']
  onDone: () => void
}) {
  const shown = useShown()
  useEffect(() => {
    const timer = setTimeout(() => window.print(), 50)
    window.addEventListener('afterprint', onDone)
    return () => {
      clearTimeout(timer)
      window.removeEventListener('afterprint', onDone)
    }
  }, [onDone])
  const rows = plan.load.take_off?.parts ?? []
  return createPortal(
    <div className="print-sheet">
      <h1>{plan.load.name || plan.title}: take-off</h1>
      <p>
        {[
          plan.title,
          plan.site,
          `revision ${revision}${state === 'saved' ? '' : ' and what is not yet saved'}`,
          `rules ${plan.rules}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      <p>
        <strong>
          Bare {shown(sheet.bare) || 'not known'}, planned {shown(sheet.planned) || 'not known'}; CG{' '}
          {sheet.cg
            ? sheet.cg
                .map(
                  (at, index) =>
                    `${'xyz'[index]} ${shown(at)}` +
                    `${sheet.half_width ? ` ± ${shown(sheet.half_width[index])}` : ''}`,
                )
                .join(', ')
            : 'not known'}
          .
        </strong>{' '}
        {(sheet.trouble ?? sheet.cg_trouble)?.what}
      </p>
      <TakeOffPicture sheet={sheet} row={-1} onRow={() => {}} width={680} height={420} />
      <Rows
        rows={rows}
        masses={rows.map((_, index) =>
          sheet.rows[index] ? shown(sheet.rows[index].mass) || 'not known' : '',
        )}
      />
      {plan.load.take_off?.groups.map((group) => (
        <section key={group.title}>
          <h2>Group: {group.title}, from its own origin</h2>
          <Rows rows={group.parts} masses={null} />
        </section>
      ))}
      {sheet.cautions.map((caution, index) => (
        <p key={index}>{shown(caution.text)}</p>
      ))}
      <p>
        Checked with these figures only. The tag, the chart in the cab, local rules and a qualified person
        come before this.
      </p>
    </div>,
    document.body,
  )
}
