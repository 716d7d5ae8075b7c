import type { Piece } from '../../../api/client'
import { Heading } from '../../../ui/Row'

// What is stamped on a piece, as its keeper read it; an illegible tag is no tag.
export function Tag({ piece }: { piece: Piece }) {
  const { fields } = piece
  const ratings = [
    ['vertical', fields.vertical],
    ['choker', fields.choker],
    ['basket', fields.basket],
    ['limit', fields.wll],
    ['by span', fields.span_ratings],
    ['bears', fields.kpa],
  ].filter((one): one is [string, string] => !!one[1])
  const legible = fields.legible !== 'no'
  return (
    <section aria-label="Tag as stamped">
      <Heading aside={legible ? 'the tag on the piece governs' : 'cannot be read: out'}>
        Tag as stamped
      </Heading>
      <div className={`tag${legible ? '' : ' off'}`}>
        <div className="tag-head">
          <span>{[fields.maker, fields.serial].filter(Boolean).join(' ') || 'maker not known'}</span>
          <strong>{fields.number}</strong>
        </div>
        <div>
          {[fields.size, fields.construction, fields.reach].filter(Boolean).join(', ') || 'size not known'}
        </div>
        <dl>
          {ratings.map(([name, value]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
          {ratings.length === 0 && <div>no rating</div>}
        </dl>
      </div>
      {fields.bands && <span className="small">{`all legs, from plumb: ${fields.bands}`}</span>}
      {fields.own_swl && (
        <p className="held-lower">
          {`Held to ${fields.own_swl} here: ${fields.own_swl_why ?? 'no reason given'}`}
        </p>
      )}
    </section>
  )
}
