import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'

import { api } from '../../api/client'

import type { Part } from '../../api/plan.generated'

import type { TakeOff as Sheet } from '../../api/ladder.generated'
import type { Editor } from '../../plan/usePlanEditor'
import type { RefObject } from 'react'
import type { LoadDialog } from './rows'

// What is done with the whole table.
export function LoadMenu({
  menu,
  setMenu,
  chooser,
  editor,
  rows,
  setDialog,
  sheet,
  of,
  setPrinting,
  onTable,
}: {
  menu: HTMLElement | null
  setMenu: (menu: HTMLElement | null) => void
  chooser: RefObject<HTMLInputElement | null>
  editor: Editor
  rows: Part[]
  setDialog: (dialog: LoadDialog | null) => void
  sheet: Sheet | null
  of: number | null
  setPrinting: (printing: boolean) => void
  onTable: (file: File | null) => void
}) {
  const { working } = editor.checked
  return (
    <>
      <Menu anchorEl={menu} open={!!menu} onClose={() => setMenu(null)}>
        <MenuItem
          onClick={() => {
            setMenu(null)
            chooser.current?.click()
          }}
        >
          Read a CSV file
        </MenuItem>
        <MenuItem
          component="a"
          href={api.takeOffAddress(editor.id)}
          disabled={editor.state !== 'saved' || rows.length === 0}
          onClick={() => setMenu(null)}
        >
          Save as CSV
        </MenuItem>
        <MenuItem
          onClick={() => {
            setMenu(null)
            setDialog('materials')
          }}
        >
          Materials
        </MenuItem>
        <MenuItem
          disabled={!sheet || working || rows.length === 0 || of !== null}
          onClick={() => {
            setMenu(null)
            setPrinting(true)
          }}
        >
          Print
        </MenuItem>
      </Menu>
      <input
        ref={chooser}
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        hidden
        aria-label="CSV file"
        data-csv-file
        onChange={(event) => {
          onTable(event.target.files?.[0] ?? null)
          event.target.value = ''
        }}
      />
    </>
  )
}
