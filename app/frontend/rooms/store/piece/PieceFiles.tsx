import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { api, refusal } from '../../../api/client'
import { Reading } from '../../../ui/Reading'
import { Heading } from '../../../ui/Row'
import { useMay } from '../../../ui/who'

// Its maker's certificate, reports of examinations, photos of findings.
export function PieceFiles({ id }: { id: number }) {
  const queries = useQueryClient()
  const chooser = useRef<HTMLInputElement>(null)
  const may = useMay()('keeper', 'rigger')
  const [fault, setFault] = useState('')
  const files = useQuery({ queryKey: ['piece_files', id], queryFn: () => api.pieceFiles(id) })
  const add = (file: File | undefined) => {
    if (!file) return
    setFault('')
    api.addPieceFile(id, file).then(
      () => queries.invalidateQueries({ queryKey: ['piece_files', id] }),
      (error: unknown) => setFault(refusal(error)),
    )
  }
  return (
    <section aria-label="Files">
      <Heading aside="certificate, reports, photos">Files</Heading>
      <Reading query={files} what="files" pad={{ py: 1 }} />
      {files.data?.length === 0 && <span className="small">none yet</span>}
      <ul className="piece-files">
        {files.data?.map((file) => (
          <li key={file.id}>
            <a href={file.address} target="_blank" rel="noreferrer">
              {file.name}
            </a>
            <span className="small">{file.added_at.slice(0, 10)}</span>
          </li>
        ))}
      </ul>
      {may && (
        <>
          <input
            ref={chooser}
            type="file"
            hidden
            accept="image/jpeg,image/png,image/webp,application/pdf"
            aria-label="File of the piece"
            onChange={(event) => {
              add(event.target.files?.[0])
              event.target.value = ''
            }}
          />
          <Button variant="outlined" onClick={() => chooser.current?.click()}>
            Add a photo or a paper
          </Button>
        </>
      )}
      {fault && (
        <div role="alert" style={{ color: 'var(--stop)' }}>
          {fault}
        </div>
      )}
    </section>
  )
}
