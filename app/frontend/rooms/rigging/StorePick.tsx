import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'

import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'

import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'
import '../../ui/tables.css'

import { StoreFound } from './StoreFound'
import { plain } from './StoreRest'

// What of the store can hold the legs, best first, each with the word of the whole ladder; what cannot, and
// why; what would need to be hired or bought.
export function StorePick({ editor, take, above }: RiggingProps & { above: boolean }) {
  const shown = useShown()
  const [wanted, setWanted] = useState('')
  const asked = useQuery({
    queryKey: ['selection', editor.id, editor.document, above],
    queryFn: () => api.selection(editor.document, above),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const found = asked.data
  const rejected =
    found?.rejected.filter(({ number, size, kind, reasons }) =>
      [number, size, plain(kind), ...reasons].join(' ').toLowerCase().includes(wanted.toLowerCase()),
    ) ?? []
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      <StoreFound
        found={found}
        shown={shown}
        take={take}
        wanted={wanted}
        setWanted={setWanted}
        rejected={rejected}
      />
    </Asked>
  )
}
