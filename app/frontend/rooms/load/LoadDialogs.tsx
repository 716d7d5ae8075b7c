import type { KeptGroup, StandardPart, Vocabulary } from '../../api/answers.generated'
import type { TakeOff, Group } from '../../api/plan.generated'
import { CsvDialog } from './CsvDialog'
import { GroupDialog } from './GroupDialog'
import { IndicatedDialog } from './IndicatedDialog'
import { MaterialsDialog } from './MaterialsDialog'
import { PartSearch } from './PartSearch'
import { PrintSheet } from './PrintSheet'
import { type LoadDialog, takeOffOf } from './rows'
import { SketchesDialog } from './SketchesDialog'
import type { Editor } from '../../plan/usePlanEditor'
import type { UseQueryResult } from '@tanstack/react-query'
import type { TakeOff as Sheet } from '../../api/ladder.generated'

// What the room opens over itself.
export function LoadDialogs({
  table,
  onTable,
  takeTable,
  dialog,
  vocabulary,
  setDialog,
  editor,
  printing,
  sheet,
  printed,
  groups,
  add,
  of,
  addKept,
  chosen,
  setChosen,
}: {
  table: File | null
  onTable: (file: File | null) => void
  takeTable: (takeOff: TakeOff, note: string) => void
  dialog: string | null
  vocabulary: UseQueryResult<Vocabulary>
  setDialog: (dialog: LoadDialog | null) => void
  editor: Editor
  printing: boolean
  sheet: Sheet | null
  printed: () => void
  groups: Group[]
  add: (part: StandardPart) => void
  of: number | null
  addKept: (kept: KeptGroup) => Promise<void>
  chosen: Set<number>
  setChosen: (chosen: Set<number>) => void
}) {
  const { document: plan, change, settle } = editor
  return (
    <>
      {table && (
        <CsvDialog file={table} takeOff={takeOffOf(plan)} onClose={() => onTable(null)} onTake={takeTable} />
      )}
      {dialog === 'materials' && (
        <MaterialsDialog
          takeOff={takeOffOf(plan)}
          shipped={vocabulary.data?.materials ?? []}
          change={change}
          onClose={() => {
            settle('materials of this plan')
            setDialog(null)
          }}
        />
      )}
      {dialog === 'sketches' && <SketchesDialog id={editor.id} onClose={() => setDialog(null)} />}
      {dialog === 'indicated' && <IndicatedDialog editor={editor} onClose={() => setDialog(null)} />}
      {printing && sheet && (
        <PrintSheet
          plan={plan}
          sheet={sheet}
          revision={editor.revision}
          state={editor.state}
          onDone={printed}
        />
      )}
      <datalist id="shape-words">
        {[
          ...groups.map(({ title }) => title),
          ...(vocabulary.data?.shapes ?? []).map(({ title }) => title.toLowerCase()),
        ].map((word) => (
          <option key={word} value={word} />
        ))}
      </datalist>
      <datalist id="material-words">
        {[...(plan.load.take_off?.materials ?? []), ...(vocabulary.data?.materials ?? [])].map(({ name }) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      {dialog === 'search' && (
        <PartSearch
          onClose={() => setDialog(null)}
          onPart={add}
          onKept={of === null ? (kept) => void addKept(kept) : null}
        />
      )}
      {dialog === 'group' && (
        <GroupDialog
          plan={plan}
          chosen={[...chosen].sort((one, other) => one - other)}
          change={change}
          onClose={() => {
            setDialog(null)
            setChosen(new Set())
          }}
        />
      )}
    </>
  )
}
