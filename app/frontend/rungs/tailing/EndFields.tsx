import Button from '@mui/material/Button'
import { ENDS } from '../../plan/tandem'
import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { useShown } from '../../ui/preferences'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { keptSlings, slingChoices, usedSlings, useStore } from '../shared/slings'

type Given = Pick<PanelProps, 'editor' | 'ladder'> & { index: number }

const HOLDS: [string, string][] = [
  ['', 'not given'],
  ['lug', 'a lug'],
  ['trunnion', 'trunnions'],
]
const SLINGS: [string, string][] = [
  ['', 'not given'],
  ['1', 'one sling'],
  ['2', 'two alike, side by side'],
]
const BY: [string, string][] = [
  ['', 'not given'],
  ['half_wrap', 'half round it'],
  ['eye', 'its eye over it'],
]
const YES: [string, string][] = [
  ['', 'not said'],
  ['yes', 'a plate or collar'],
  ['no', 'nothing'],
]

// How one end of a load between two cranes is held: what by, how many slings, and what is above them.
export function EndFields({ editor, ladder, index }: Given) {
  const end = editor.document.tandem?.ends[index]
  const leg = editor.document.rigging.legs[index]
  const field = { editor, ladder }
  const name = ENDS[index]!
  const at = `/tandem/ends/${index}`
  if (!end) return null
  const wrapped = end.hold === 'trunnion' && end.trunnion?.by === 'half_wrap'
  return (
    <>
      <Row columns="1fr 1fr">
        <ChoiceField
          id={fieldId(`${at}/hold`)}
          label="Held by"
          note={`what the ${name} is held by`}
          value={end.hold ?? ''}
          choices={HOLDS}
          onChoose={(hold) =>
            editor.change(
              {
                [`${at}/hold`]: hold || null,
                [`${at}/trunnion`]:
                  hold === 'trunnion' ? (end.trunnion ?? { diameter: null, by: null, keeper: null }) : null,
              },
              `what the ${name} is held by`,
            )
          }
        />
        <ChoiceField
          id={fieldId(`${at}/slings`)}
          label="Hangs by"
          note={`slings of the ${name}`}
          value={String(end.slings ?? '')}
          choices={SLINGS}
          onChoose={(slings) =>
            editor.change({ [`${at}/slings`]: slings ? Number(slings) : null }, `slings of the ${name}`)
          }
        />
      </Row>
      {!wrapped && leg && (
        <QuantityField
          {...field}
          pointer={`/rigging/legs/${index}/length`}
          label="Length, bearing to bearing"
          note={`length of the ${name} sling`}
        />
      )}
      {end.slings === 2 && <SecondFields editor={editor} ladder={ladder} index={index} />}
      <TrunnionFields editor={editor} ladder={ladder} index={index} />
      <QuantityField
        {...field}
        pointer={`${at}/plumb`}
        label="Its line off plumb, at most"
        note={`how far the ${name} line may be off plumb`}
        empty="as the rule set says"
      />
      <BeamFields editor={editor} ladder={ladder} index={index} />
    </>
  )
}

// The other of two slings side by side, and how far apart they hang.
function SecondFields({ editor, ladder, index }: Given) {
  const { document } = editor
  const { slings } = useStore(document)
  const shown = useShown()
  const name = ENDS[index]!
  const place = `/tandem/ends/${index}/second`
  const take = (number: string) => {
    // The legs stand first among those that are used, then the second ones.
    const used = usedSlings(document)
    used[used.length - ENDS.length + index] = number || null
    editor.change(
      {
        [place]: number || null,
        '/snapshots/slings': keptSlings(document, used, number || null, slings),
      },
      `other ${name} sling`,
    )
  }
  return (
    <Row columns="1fr 112px">
      <ChoiceField
        id={fieldId(place)}
        label="The other sling"
        note={`other ${name} sling`}
        value={document.tandem?.ends[index]?.second ?? ''}
        choices={slingChoices(document, slings, shown)}
        onChoose={take}
      />
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer={`/tandem/ends/${index}/apart`}
        label="Apart"
        note={`how far apart the ${name} slings hang`}
      />
    </Row>
  )
}

function TrunnionFields({ editor, ladder, index }: Given) {
  const trunnion = editor.document.tandem?.ends[index]?.trunnion
  const name = ENDS[index]!
  const at = `/tandem/ends/${index}/trunnion`
  if (!trunnion) return null
  return (
    <Row columns="96px 1fr 1fr">
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer={`${at}/diameter`}
        label="Diameter"
        note={`diameter of the ${name} trunnion`}
      />
      <ChoiceField
        id={fieldId(`${at}/by`)}
        label="The sling is"
        note={`how the sling holds the ${name} trunnion`}
        value={trunnion.by ?? ''}
        choices={BY}
        onChoose={(by) => editor.change({ [`${at}/by`]: by || null }, 'how the sling holds the trunnion')}
      />
      <ChoiceField
        id={fieldId(`${at}/keeper`)}
        label="Kept on by"
        note={`what keeps the sling on the ${name} trunnion`}
        value={trunnion.keeper ? 'yes' : trunnion.keeper === false ? 'no' : ''}
        choices={YES}
        onChoose={(kept) =>
          editor.change({ [`${at}/keeper`]: kept ? kept === 'yes' : null }, 'what keeps the sling on')
        }
      />
    </Row>
  )
}

function BeamFields({ editor, ladder, index }: Given) {
  const beam = editor.document.tandem?.ends[index]?.beam
  const field = { editor, ladder }
  const name = ENDS[index]!
  const at = `/tandem/ends/${index}/beam`
  if (!beam)
    return (
      <Button
        id={fieldId(at)}
        variant="outlined"
        onClick={() =>
          editor.change(
            { [at]: { name: '', mass: null, rated: null, width: null, high: null } },
            `beam above the ${name}`,
          )
        }
      >
        A beam above the {name}
      </Button>
    )
  return (
    <>
      <Row columns="1fr auto">
        <WordsField editor={editor} pointer={`${at}/name`} label="Beam" note={`name of the ${name} beam`} />
        <Button
          variant="outlined"
          aria-label={`take away the ${name} beam`}
          onClick={() => editor.change({ [at]: null }, `${name} beam taken away`)}
        >
          −
        </Button>
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField {...field} pointer={`${at}/mass`} label="Mass" note={`mass of the ${name} beam`} />
        <QuantityField {...field} pointer={`${at}/rated`} label="Rated" note={`rating of the ${name} beam`} />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...field}
          pointer={`${at}/width`}
          label="Width along the load"
          note={`width of the ${name} beam`}
        />
        <QuantityField
          {...field}
          pointer={`${at}/high`}
          label="Underside to hook"
          note={`height of the ${name} beam`}
        />
      </Row>
    </>
  )
}
