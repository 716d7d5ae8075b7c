import Button from '@mui/material/Button'
import { useRef, useState } from 'react'
import { api } from '../../api/client'
import { useMay } from '../../ui/who'
import { ScanDialog } from './ScanDialog'

const PLAIN = { color: 'inherit', height: '100%' }

// What is done with the whole store.
export function StoreActs({
  read,
  add,
  open,
}: {
  read: (file: File | null) => void
  add: () => void
  open: (id: number) => void
}) {
  const keeper = useMay()('keeper')
  const chooser = useRef<HTMLInputElement>(null)
  const [scanning, setScanning] = useState(false)
  return (
    <>
      <input
        ref={chooser}
        type="file"
        accept=".csv,text/csv,text/plain"
        hidden
        aria-label="CSV file of the store"
        onChange={(event) => {
          read(event.target.files?.[0] ?? null)
          event.target.value = ''
        }}
      />
      <Button sx={PLAIN} onClick={() => setScanning(true)}>
        Scan a label
      </Button>
      {keeper && (
        <Button sx={PLAIN} onClick={() => chooser.current?.click()}>
          Read a CSV file
        </Button>
      )}
      <Button component="a" href={api.storeAddress} sx={PLAIN}>
        Save as CSV
      </Button>
      {keeper && (
        <Button variant="contained" sx={{ height: '100%', px: 3 }} onClick={add}>
          Add a piece
        </Button>
      )}
      {scanning && (
        <ScanDialog
          onClose={() => setScanning(false)}
          open={(id) => {
            setScanning(false)
            open(id)
          }}
        />
      )}
    </>
  )
}
