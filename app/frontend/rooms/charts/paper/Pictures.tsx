import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { api, refusal, type Sketch } from '../../../api/client'
import { AskFirst } from '../../../ui/AskFirst'
import { Picture } from '../../../ui/Picture'

const CLOSER = 1.5
const CLOSEST = 8

// Photos and scans of the page that a chart was typed from, one at a time, as near as one likes. at: whose
// they are, null while there is nothing yet to keep them with.
export function Pictures({ at, none, fixed = false }: { at: string | null; none: string; fixed?: boolean }) {
  const queries = useQueryClient()
  const pictures = useQuery({
    queryKey: ['pictures', at],
    queryFn: () => api.pictures(at!),
    enabled: at !== null,
  })
  const [shown, setShown] = useState(0)
  const input = useRef<HTMLInputElement>(null)
  const renew = () => queries.invalidateQueries({ queryKey: ['pictures', at] })
  const adding = useMutation({ mutationFn: (file: File) => api.addPicture(at!, file), onSuccess: renew })
  const removing = useMutation({ mutationFn: (id: number) => api.removePicture(at!, id), onSuccess: renew })
  const all = pictures.data ?? []
  const one = all[Math.min(shown, all.length - 1)]
  const error = adding.error ?? removing.error ?? pictures.error
  return (
    <section aria-label="The page" className="paper-page">
      {error && (
        <Box role="alert" sx={{ color: 'var(--stop)', p: 1 }}>
          {refusal(error, 'the pictures could not be read')}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', p: '8px', alignItems: 'center' }}>
        {all.length > 1 && (
          <select
            aria-label="Picture"
            className="pick"
            value={Math.min(shown, all.length - 1)}
            onChange={(event) => setShown(Number(event.target.value))}
          >
            {all.map((picture, index) => (
              <option key={picture.id} value={index}>{`${index + 1}: ${picture.name}`}</option>
            ))}
          </select>
        )}
        {!fixed && (
          <Button
            variant="outlined"
            disabled={at === null || adding.isPending}
            onClick={() => input.current?.click()}
          >
            {adding.isPending ? 'Adding' : 'Add a picture'}
          </Button>
        )}
        {!fixed && one && (
          <AskFirst
            key={one.id}
            words="Take out"
            label={`Take out ${one.name}`}
            sure="Take it out for good"
            act={() => removing.mutate(one.id)}
          />
        )}
        <input
          ref={input}
          type="file"
          hidden
          disabled={at === null}
          accept="image/jpeg,image/png,image/webp,application/pdf"
          aria-label="Picture of the page"
          onChange={(event) => {
            const file = event.target.files?.[0]
            event.target.value = ''
            if (file) adding.mutate(file)
          }}
        />
      </Box>
      {one ? <Shown key={one.id} picture={one} /> : <Box sx={{ p: '8px 12px' }}>{none}</Box>}
    </section>
  )
}

// One picture, nearer or farther; a PDF as the browser shows it.
function Shown({ picture }: { picture: Sketch }) {
  const [scale, setScale] = useState(1)
  if (picture.kind === 'application/pdf')
    return (
      <>
        <Box sx={{ px: '8px', pb: '8px' }}>
          <a href={picture.address} target="_blank" rel="noreferrer" style={{ color: 'var(--mark)' }}>
            Open it in a window of its own
          </a>
        </Box>
        <iframe className="paper-file" src={picture.address} title={picture.name} />
      </>
    )
  const near = (factor: number) => setScale((now) => Math.min(CLOSEST, Math.max(1, now * factor)))
  return (
    <>
      <Box role="group" aria-label="How near" sx={{ display: 'flex', px: '8px', pb: '8px' }}>
        <Button
          variant="outlined"
          aria-label="Farther"
          disabled={scale <= 1}
          onClick={() => near(1 / CLOSER)}
        >
          −
        </Button>
        <Button
          variant="outlined"
          aria-label="Nearer"
          disabled={scale >= CLOSEST}
          onClick={() => near(CLOSER)}
        >
          +
        </Button>
        <Button variant="outlined" disabled={scale === 1} onClick={() => setScale(1)}>
          Fit
        </Button>
      </Box>
      <div className="paper-sheet" tabIndex={0} role="region" aria-label={`Picture: ${picture.name}`}>
        <Picture address={picture.address} name={picture.name} style={{ width: `${scale * 100}%` }} />
      </div>
    </>
  )
}
