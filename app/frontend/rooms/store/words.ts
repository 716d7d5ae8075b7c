import { useQuery } from '@tanstack/react-query'
import { api, type GearKinds } from '../../api/client'

export const plain = (kind: string) => kind.replaceAll('_', ' ')

// Every kind of gear and every field, as the core has them.
export function useKinds() {
  const { data } = useQuery({
    queryKey: ['gear_kinds'],
    queryFn: api.gearKinds,
    staleTime: Infinity,
    gcTime: Infinity,
  })
  return data
}

export const kindWords = (kinds: GearKinds | undefined, name: string | undefined) =>
  kinds?.kinds.find((kind) => kind.name === name)?.words ?? plain(name ?? '')

export const labelOf = (kinds: GearKinds | undefined, name: string) =>
  kinds?.fields.find((field) => field.name === name)?.label ?? plain(name)

// Why a state is written in the colour of a stop.
export const isOff = (state: string | undefined) => state !== 'ready'
