import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { api, type SiteReading } from '../../api/client'
import type { Feature } from '../../api/plan.generated'
import { faultWords, refusal } from '../../api/wire'
import { KINDS } from './features'

// What a GeoJSON file says before any of it is taken: what can be, and what is wrong with the rest.
export function SiteImport({
  file,
  names,
  onTake,
  onClose,
}: {
  file: File
  // Of what the site has already: a feature of the same name takes its place.
  names: string[]
  onTake: (reading: SiteReading) => void
  onClose: () => void
}) {
  const reading = useQuery({
    queryKey: ['site_reading', file.name, file.lastModified, file.size],
    queryFn: () => api.readSite(file),
    retry: false,
    gcTime: 0,
  })
  const features = (reading.data?.features ?? []) as Feature[]
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>{`From ${file.name}`}</DialogTitle>
      <DialogContent>
        {reading.isPending && <div role="status">Reading</div>}
        {reading.isError && <div role="alert">{refusal(reading.error, 'The file could not be read.')}</div>}
        {reading.data && (
          <>
            {reading.data.faults.length > 0 && (
              <section aria-label="what is wrong in it">
                {reading.data.faults.map((fault, at) => (
                  <p key={at} role="alert">
                    {`${fault.pointer}: ${faultWords(fault)}. It is left out.`}
                  </p>
                ))}
              </section>
            )}
            {reading.data.boundary && <p>Its boundary takes the place of this one.</p>}
            <ul aria-label="what can be taken">
              {features.map((feature) => (
                <li key={feature.name}>
                  {`${feature.name}, ${KINDS[feature.kind].words.toLowerCase()}`}
                  {names.includes(feature.name) && ': takes the place of the one here'}
                </li>
              ))}
            </ul>
            {features.length === 0 && <p>There is nothing in it that can be taken.</p>}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={features.length === 0 && !reading.data?.boundary}
          onClick={() => reading.data && onTake(reading.data)}
        >
          {`Take ${features.length} of it`}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
