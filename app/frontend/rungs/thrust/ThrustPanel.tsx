import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'

const MARKS = ['thin', 'long', 'flexible'] as const

// Whether what the legs press along the level can harm the load, and what it may take.
export function ThrustFields({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const marks = editor.document.load.thrust?.marks ?? []
  const mark = (what: (typeof MARKS)[number], on: boolean) =>
    editor.change(
      { '/load/thrust/marks': on ? [...marks, what] : marks.filter((one) => one !== what) },
      `load marked ${what}`,
    )
  return (
    <>
      <div>
        {MARKS.map((what) => (
          <label
            key={what}
            style={{ display: 'inline-flex', alignItems: 'center', gap: 8, minHeight: 44, marginRight: 18 }}
          >
            <input
              type="checkbox"
              style={{ width: 22, height: 22 }}
              checked={marks.includes(what)}
              onChange={(event) => mark(what, event.target.checked)}
            />
            {what}
          </label>
        ))}
      </div>
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer="/load/thrust/limit"
        label="May be pressed along the level by"
        note="what the load may take along the level"
      />
    </>
  )
}

export const ThrustPanel = ({ editor, ladder }: PanelProps) => (
  <ThrustFields editor={editor} ladder={ladder} />
)
