import Box from '@mui/material/Box'
import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { countedPlans } from './words'

// Looks for words in all plans, from wherever the board stands. The / key leads to it.
export function BarSearch({ plans }: { plans: number | undefined }) {
  const [words, setWords] = useState('')
  const field = useRef<HTMLInputElement>(null)
  const navigate = useNavigate()
  useEffect(() => {
    const slash = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, select')
      if (event.key !== '/' || typing) return
      event.preventDefault()
      field.current?.focus()
    }
    window.addEventListener('keydown', slash)
    return () => window.removeEventListener('keydown', slash)
  }, [])
  return (
    <Box
      component="form"
      role="search"
      sx={{ flex: '1 1 160px', maxWidth: 330, px: 1 }}
      onSubmit={(event) => {
        event.preventDefault()
        void navigate(`/all?words=${encodeURIComponent(words)}`)
      }}
    >
      <input
        ref={field}
        type="search"
        className="bar-search"
        aria-label="Search all plans"
        placeholder={plans === undefined ? 'Search  /' : `Search ${countedPlans(plans)}: load, sling  /`}
        maxLength={200}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
    </Box>
  )
}
