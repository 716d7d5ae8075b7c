import Button from '@mui/material/Button'
import type { Fitting } from '../../api/plan.generated'
import { Heading } from '../../ui/Row'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

import { FittingFields, OF_AN_EYE } from './FittingFields'

export const FIRST: Fitting = {
  end: 'load',
  kind: 'shackle',
  wll: null,
  mass: null,
  axis: null,
  across: null,
  plane: null,
}

// What joins each leg to the load and to what it hangs from.
export function FittingsPanel({ editor, ladder }: PanelProps) {
  const { rigging, load } = editor.document
  const set = (leg: number, fittings: Fitting[] | undefined, note: string) =>
    editor.change({ [`/rigging/legs/${leg}/fittings`]: fittings }, note)
  const swapAll = (kind: Fitting['kind']) =>
    editor.change(
      Object.fromEntries(
        rigging.legs.map((leg, index) => [
          `/rigging/legs/${index}/fittings`,
          (leg.fittings ?? []).map((one) =>
            OF_AN_EYE.includes(one.kind) ? { ...one, kind, across: null } : one,
          ),
        ]),
      ),
      'hoist rings in place of the eyebolts',
    )
  const eyes = rigging.legs.some((leg) => leg.fittings?.some((one) => OF_AN_EYE.includes(one.kind)))
  return (
    <>
      {eyes && (
        <Button
          variant="outlined"
          fullWidth
          sx={{ mb: 1, minHeight: 44 }}
          onClick={() => swapAll('hoist_ring')}
        >
          Hoist rings of the same rating in their place
        </Button>
      )}
      {rigging.legs.map((leg, index) => {
        const name = load.points[index]?.name ?? ''
        const fittings = leg.fittings ?? []
        return (
          <div key={index}>
            <Heading>{name} leg</Heading>
            {leg.hitch === 'vertical' && (
              <label style={{ display: 'flex', alignItems: 'center', gap: 8, minHeight: 44 }}>
                <input
                  type="checkbox"
                  id={fieldId(`/rigging/legs/${index}/load_end`)}
                  style={{ width: 22, height: 22 }}
                  checked={leg.load_end === 'own'}
                  onChange={(event) =>
                    editor.change(
                      { [`/rigging/legs/${index}/load_end`]: event.target.checked ? 'own' : null },
                      `end of the ${name} sling`,
                    )
                  }
                />
                the sling’s own end holds the load, with nothing between
              </label>
            )}
            {fittings.map((one, place) => {
              const at = `/rigging/legs/${index}/fittings/${place}`
              const note = `fitting ${place + 1} of the ${name} leg`
              return (
                <div key={place} style={{ marginBottom: 8 }}>
                  <FittingFields
                    at={at}
                    note={note}
                    one={one}
                    editor={editor}
                    ladder={ladder}
                    set={set}
                    index={index}
                    fittings={fittings}
                    place={place}
                  />
                </div>
              )
            })}
            {fittings.length < 6 && (
              <Button
                variant="outlined"
                onClick={() =>
                  set(
                    index,
                    [
                      ...fittings,
                      { ...FIRST, end: fittings.some((one) => one.end === 'load') ? 'hook' : 'load' },
                    ],
                    `a fitting of the ${name} leg`,
                  )
                }
              >
                Add a fitting
              </Button>
            )}
          </div>
        )
      })}
    </>
  )
}
