import { mayDo, type Role, type WhoAsks, whoAsks } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { ask } from './client.js'

/** Pages of the machine itself come without TLS: whoever sits there may do everything, and nobody has to be asked. */
export const isHere = (): boolean => window.location.protocol === 'http:'
const here: WhoAsks = { role: 'owner', name: '', isHere: true }

/** Who asks by this browser; while that is not known, somebody who may do the least. */
export const useWho = (): WhoAsks => {
  const { data } = useQuery({
    queryKey: ['who'],
    queryFn: ({ signal }) => ask('/api/who', whoAsks, { signal }),
    enabled: !isHere(),
    staleTime: 60_000,
  })
  return isHere() ? here : (data ?? { role: 'bench', name: '', isHere: false })
}

/** Whether this browser may do what is for a role; what it may not is not offered where that is easily known. */
export const useMay = (wanted: Role): boolean => mayDo(useWho().role, wanted)
