import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal, type PaperBlock, type WholeChart } from '../../../api/client'

// One person with and without a dot, whichever name comes first, as the server has it.
const plain = (name: string) => (name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).sort().join(' ')

export type Reader = ReturnType<typeof usePaper>['reader']

// A chart as its page has it, and who reads it against the paper now. The name is never filled in beforehand.
export function usePaper(chart: WholeChart) {
  const queries = useQueryClient()
  const key = ['paper', chart.id]
  const paper = useQuery({ queryKey: key, queryFn: () => api.chartPaper(chart.id), refetchOnMount: 'always' })
  const [by, setBy] = useState('')
  const saying = useMutation({
    mutationFn: ({ block, ...asked }: { block: string; read: boolean; differs: string }) =>
      api.readBlock(chart.id, { block, by, ...asked }),
    onSuccess: (now) => queries.setQueryData(key, now),
  })
  const signing = useMutation({
    mutationFn: () => api.checkChart(chart.id, by),
    onSuccess: (now) => {
      queries.setQueryData(['chart', chart.id], now)
      void queries.invalidateQueries({ queryKey: ['charts'] })
    },
  })
  const blocks = paper.data?.blocks ?? []
  const mine = ({ said }: PaperBlock) =>
    said !== null && said.differs === null && plain(said.by) === plain(by)
  const error = saying.error ?? signing.error
  return {
    paper,
    blocks,
    error: error && refusal(error),
    left: blocks.filter((block) => !mine(block)).length,
    sign: () => signing.mutate(),
    signing: signing.isPending,
    reader: {
      by: by.trim(),
      setBy,
      typed: by,
      mine,
      busy: saying.isPending,
      // Nothing is to be read any more: it is checked, or counts no longer.
      closed: chart.doubt === null || chart.withdrawn !== null,
      say: (block: PaperBlock, { read = true, differs = '' }: { read?: boolean; differs?: string }) =>
        saying.mutate({ block: block.id, read, differs }),
    },
  }
}
