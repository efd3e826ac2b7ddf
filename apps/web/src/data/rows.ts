import type {
  DieInput,
  DieRow,
  JobInput,
  JobRow,
  Page,
  PlateInput,
  PlateRow,
  PressInput,
  PressRow,
  RecipeInput,
  RecipeRow,
  RunInput,
  RunRow,
  SheetInput,
  SheetRow,
} from '@bold-heron/schema'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

/** Every kind of row the server keeps: what a user enters, and what is stored. */
export interface Kinds {
  plates: { input: PlateInput; row: PlateRow }
  presses: { input: PressInput; row: PressRow }
  dies: { input: DieInput; row: DieRow }
  sheets: { input: SheetInput; row: SheetRow }
  jobs: { input: JobInput; row: JobRow }
  runs: { input: RunInput; row: RunRow }
  recipes: { input: RecipeInput; row: RecipeRow }
}
export type Kind = keyof Kinds
export type RowOf<K extends Kind> = Kinds[K]['row']
export type InputOf<K extends Kind> = Kinds[K]['input']

export type ListQuestion = Readonly<Record<string, string | number | undefined>>

/** The most rows the server puts on one page. */
const WHOLE_PAGE = 500

const listPath = (kind: Kind, question: ListQuestion): string => {
  const query = new URLSearchParams()
  for (const [name, value] of Object.entries(question)) if (value !== undefined) query.set(name, String(value))
  return `/api/${kind}?${query.toString()}`
}

/** One page of rows. */
export const useRowsPage = <K extends Kind>(kind: K, question: ListQuestion) =>
  useQuery({
    queryKey: [kind, 'list', question],
    queryFn: ({ signal }) => ask<Page<RowOf<K>>>(listPath(kind, question), { signal }),
    placeholderData: keepPreviousData,
  })

/** All rows, for pickers and short lists. */
export const useRows = <K extends Kind>(kind: K, question: ListQuestion = {}) =>
  useRowsPage(kind, { pageSize: WHOLE_PAGE, ...question })

export const useRow = <K extends Kind>(kind: K, id: string | undefined) =>
  useQuery({
    queryKey: [kind, 'row', id],
    queryFn: ({ signal }) => ask<RowOf<K>>(`/api/${kind}/${id}`, { signal }),
    enabled: id !== undefined,
  })

/** What a change of one kind makes stale: its lists, whatever shows its names, and every plan. */
const touchedBy: Readonly<Record<Kind, readonly string[]>> = {
  plates: ['plates', 'presses', 'plan'],
  presses: ['presses', 'jobs', 'runs', 'plan'],
  dies: ['dies', 'jobs', 'runs', 'plan'],
  sheets: ['sheets', 'jobs', 'runs', 'plan'],
  jobs: ['jobs', 'runs', 'plan'],
  runs: ['runs', 'jobs', 'plan'],
  recipes: ['recipes'],
}

/** Makes stale what a change touched; `gone` is a row that was deleted, which nobody need ask for again. */
const useTouch = (kind: Kind) => {
  const client = useQueryClient()
  return (gone?: string) =>
    Promise.all(
      touchedBy[kind].map((key) =>
        client.invalidateQueries({
          queryKey: [key],
          predicate: ({ queryKey }) => gone === undefined || !(queryKey[1] === 'row' && queryKey[2] === gone),
        }),
      ),
    )
}

export const useAddRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  return useMutation({
    mutationFn: (input: InputOf<K>) => ask<RowOf<K>>(`/api/${kind}`, { method: 'POST', body: input }),
    onSuccess: () => touch(),
  })
}

export const useSaveRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version, input }: { id: string; version: number; input: InputOf<K> }) =>
      ask<RowOf<K>>(`/api/${kind}/${id}`, { method: 'PUT', body: input, version }),
    onSuccess: (row) => {
      client.setQueryData([kind, 'row', row.id], row)
      return touch()
    },
  })
}

export type Mark = 'delete' | 'restore' | 'retire' | 'return'

/** Deletes, restores, retires or takes back a row. */
export const useMarkRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  return useMutation({
    mutationFn: ({ id, mark }: { id: string; mark: Mark }) =>
      mark === 'delete'
        ? ask<RowOf<K>>(`/api/${kind}/${id}`, { method: 'DELETE' })
        : ask<RowOf<K>>(`/api/${kind}/${id}/${mark}`, { method: 'POST' }),
    onSuccess: (_row, { id, mark }) => touch(mark === 'delete' ? id : undefined),
  })
}
