import { type BatchClaim, batchClaim, type EveningRow } from '@bold-heron/schema'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { z } from 'zod'
import { ask, ProblemError } from './client.js'
import { preference } from './preference.js'
import { rowQuery } from './rows.js'

const HOLDER = 'bold-heron.holder'
/** ms. So often whoever is at runs says so anew: well within the ten minutes that the server takes it for true. */
const RENEW_MS = 3 * 60_000

/** This browser, as others are told who is at which runs. */
export const holder = (): string => {
  const known = preference.read(HOLDER)
  if (known !== undefined) return known
  const made = crypto.randomUUID()
  preference.keep(HOLDER, made)
  return made
}

/** Runs of an evening as they are taken. */
export interface Taking {
  readonly eveningId: string
  readonly batchId: string
  readonly pressId: string
  readonly plateIds: readonly string[]
}

/** How it stands with runs that this browser wants. */
export type Claimed =
  | { readonly is: 'asking' }
  /** This browser has them; or nobody could be asked, and what is pressed is kept all the same. */
  | { readonly is: 'ours' }
  | { readonly is: 'refused'; readonly why: ProblemError }

const claim = ({ eveningId, ...wish }: Taking, overrule: boolean): Promise<BatchClaim> =>
  ask(`/api/evenings/${eveningId}/claims`, batchClaim, {
    method: 'POST',
    body: { ...wish, holder: holder(), overrule },
  })

/** Gives runs back, as once they are done; nobody need know whether that arrived, as claims end by themselves. */
export const letGo = ({ eveningId, batchId }: Pick<Taking, 'eveningId' | 'batchId'>): void =>
  void ask(`/api/evenings/${eveningId}/claims/let-go`, z.unknown(), {
    method: 'POST',
    body: { batchId, holder: holder() },
  }).catch(() => undefined)

const claimed = async (taking: Taking, overrule: boolean): Promise<Claimed> => {
  try {
    await claim(taking, overrule)
    return { is: 'ours' }
  } catch (error) {
    if (error instanceof ProblemError && error.problem.status === 409) return { is: 'refused', why: error }
    return { is: 'ours' }
  }
}

/** Takes runs of an evening for as long as the page is open; `overrule` takes them from whoever has them. */
export const useClaim = (taking: Taking): { readonly claimed: Claimed; readonly overrule: () => void } => {
  const client = useQueryClient()
  const queryKey = ['claims', taking]
  const take = async (overrule: boolean): Promise<Claimed> => {
    const came = await claimed(taking, overrule)
    void client.invalidateQueries({ queryKey: ['evenings'] })
    return came
  }
  const { data } = useQuery({
    queryKey,
    queryFn: () => take(false),
    refetchInterval: RENEW_MS,
    refetchIntervalInBackground: true,
    gcTime: 0,
  })
  return {
    claimed: data ?? { is: 'asking' },
    overrule: () => void take(true).then((came) => client.setQueryData(queryKey, came)),
  }
}

/** Who else is at runs of an evening, or at some of their jobs; undefined where they are free. */
export const takenBy = ({ claims }: Pick<EveningRow, 'claims'>, jobIds: readonly string[]): BatchClaim | undefined =>
  claims.find((each) => each.holder !== holder() && each.batchId.split('+').some((id) => jobIds.includes(id)))

/** ms. So often it is looked whether others are still at runs: claims end by themselves. */
const LOOK_MS = 30_000

/** An evening, looked at again and again while somebody is at its runs. */
export const useEvening = (id: string | undefined) =>
  useQuery({
    ...rowQuery('evenings', id),
    refetchInterval: ({ state }) => (state.data && state.data.claims.length > 0 ? LOOK_MS : false),
  })
