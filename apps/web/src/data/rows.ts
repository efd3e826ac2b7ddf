import {
  type BuildInput,
  buildRow,
  type ChartInput,
  chartRow,
  type DieInput,
  dieRow,
  type EveningInput,
  eveningRow,
  type JobInput,
  jobRow,
  type OffcutInput,
  type Of,
  offcutRow,
  pageOf,
  type PlateInput,
  plateRow,
  type PressInput,
  pressRow,
  type RecipeInput,
  recipeRow,
  type RunInput,
  runRow,
  type SheetInput,
  sheetRow,
} from '@bold-heron/schema'
import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { use, useMemo } from 'react'
import type { z } from 'zod'
import { ask, type Asked } from './client.js'
import { AskWhose, NotSaved, saveChange, saveOrAsk } from './whose-work.js'

/** Every kind of row the server keeps, as it is stored. */
const rows = {
  plates: plateRow,
  presses: pressRow,
  dies: dieRow,
  sheets: sheetRow,
  jobs: jobRow,
  runs: runRow,
  recipes: recipeRow,
  offcuts: offcutRow,
  builds: buildRow,
  charts: chartRow,
  evenings: eveningRow,
}
export type Kind = keyof typeof rows
export type RowOf<K extends Kind> = Of<(typeof rows)[K]>

/** And what a user enters for it. */
interface Inputs {
  plates: PlateInput
  presses: PressInput
  dies: DieInput
  sheets: SheetInput
  jobs: JobInput
  runs: RunInput
  recipes: RecipeInput
  offcuts: OffcutInput
  builds: BuildInput
  charts: ChartInput
  evenings: EveningInput
}
export type InputOf<K extends Kind> = Inputs[K]

const rowOf = <K extends Kind>(kind: K): z.ZodType<RowOf<K>> => rows[kind] as unknown as z.ZodType<RowOf<K>>

export type ListQuestion = Readonly<Record<string, string | number | undefined>>

/** The most rows the server puts on one page. */
const WHOLE_PAGE = 500

/** Where a page of rows is asked for. */
export const listPath = (kind: Kind, question: ListQuestion): string => {
  const query = new URLSearchParams()
  for (const [name, value] of Object.entries(question)) if (value !== undefined) query.set(name, String(value))
  return `/api/${kind}?${query.toString()}`
}

/** One page of rows, asked for once. */
export const fetchRows = <K extends Kind>(kind: K, question: ListQuestion, asked: Pick<Asked, 'signal'> = {}) =>
  ask(listPath(kind, question), pageOf(rowOf(kind)), asked)

/** One page of rows. */
export const useRowsPage = <K extends Kind>(kind: K, question: ListQuestion) =>
  useQuery({
    queryKey: [kind, 'list', question],
    queryFn: ({ signal }) => fetchRows(kind, question, { signal }),
    placeholderData: keepPreviousData,
  })

const fetchUpTo = async <K extends Kind>(
  kind: K,
  most: number,
  question: ListQuestion,
  signal: AbortSignal,
): Promise<{ readonly items: RowOf<K>[]; readonly total: number }> => {
  const rows: RowOf<K>[] = []
  for (let page = 1; ; page++) {
    const { items, total } = await fetchRows(kind, { ...question, page, pageSize: WHOLE_PAGE }, { signal })
    rows.push(...items)
    if (rows.length >= Math.min(total, most) || items.length === 0) return { items: rows.slice(0, most), total }
  }
}

/** Every row there is, however many pages that takes: for pickers, where what is missing cannot be picked. */
export const useEveryRow = <K extends Kind>(kind: K, question: ListQuestion = {}) =>
  useQuery({
    queryKey: [kind, 'list', 'every', question],
    queryFn: async ({ signal }) => (await fetchUpTo(kind, Infinity, question, signal)).items,
    placeholderData: keepPreviousData,
  })

/** Rows as they come in their list, at most so many, and how many there are in all. */
export const useNewestRows = <K extends Kind>(kind: K, most: number, question: ListQuestion = {}) =>
  useQuery({
    queryKey: [kind, 'list', 'newest', most, question],
    queryFn: ({ signal }) => fetchUpTo(kind, most, question, signal),
    placeholderData: keepPreviousData,
  })

/** Every row there is by its id, those no longer used too: for what stands in the log. */
export const useRowsById = <K extends Kind>(kind: K): ReadonlyMap<string, RowOf<K>> => {
  const rows = useEveryRow(kind, { retired: 'all' }).data
  return useMemo(() => new Map((rows ?? []).map((row) => [row.id, row])), [rows])
}

/** All rows, for pickers and short lists. */
export const useRows = <K extends Kind>(kind: K, question: ListQuestion = {}) =>
  useRowsPage(kind, { pageSize: WHOLE_PAGE, ...question })

/** The question for a row by its id; none while no id is given. */
export const rowQuery = <K extends Kind>(kind: K, id: string | undefined) =>
  queryOptions({
    queryKey: [kind, 'row', id],
    queryFn: ({ signal }) => ask(`/api/${kind}/${id}`, rowOf(kind), { signal }),
    enabled: id !== undefined,
  })

export const useRow = <K extends Kind>(kind: K, id: string | undefined) => useQuery(rowQuery(kind, id))

/** The run with a die that was pressed last, null where there is none; nothing is asked while no die is named. */
export const useNewestRunWith = (dieId: string) =>
  useQuery({
    queryKey: ['runs', 'list', 'newest-with', dieId],
    queryFn: async ({ signal }) => (await fetchRows('runs', { dieId, pageSize: 1 }, { signal })).items[0] ?? null,
    enabled: dieId !== '',
  })

/** What a change of one kind makes stale: its lists, whatever shows its names, and every plan. */
export const touchedBy: Readonly<Record<Kind, readonly string[]>> = {
  plates: ['plates', 'presses', 'plan', 'made-charts', 'made-evenings'],
  presses: ['presses', 'jobs', 'runs', 'plan', 'charts', 'made-charts', 'made-evenings'],
  dies: ['dies', 'jobs', 'runs', 'plan', 'made-charts', 'made-evenings'],
  sheets: ['sheets', 'jobs', 'runs', 'plan', 'made-charts', 'made-evenings'],
  jobs: ['jobs', 'runs', 'plan', 'offcuts', 'builds', 'evenings', 'made-evenings'],
  runs: ['runs', 'jobs', 'plan', 'sheets', 'offcuts', 'builds', 'made-charts', 'evenings', 'made-evenings'],
  recipes: ['recipes'],
  offcuts: ['offcuts', 'plan', 'made-evenings'],
  builds: ['builds', 'jobs'],
  charts: ['charts', 'made-charts'],
  evenings: ['evenings'],
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

/** Shows a row as it stands now, and makes stale what its change touched. */
const useShowRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  const client = useQueryClient()
  return (row: RowOf<K>) => {
    client.setQueryData([kind, 'row', row.id], row)
    return touch()
  }
}

const putRow = <K extends Kind>(kind: K, id: string, version: number, input: InputOf<K>) =>
  ask(`/api/${kind}/${id}`, rowOf(kind), { method: 'PUT', body: input, version })

export const useAddRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  return useMutation({
    mutationFn: (input: InputOf<K>) => ask(`/api/${kind}`, rowOf(kind), { method: 'POST', body: input }),
    onSuccess: () => touch(),
  })
}

/** Saves a row; where somebody else saved it in between, the user is asked whose work to keep, and it throws NotSaved where that is not this. */
export const useSaveRow = <K extends Kind>(kind: K) => {
  const show = useShowRow(kind)
  const askWhose = use(AskWhose)
  return useMutation({
    mutationFn: ({ id, version, input }: { id: string; version: number; input: InputOf<K> }) =>
      saveOrAsk<RowOf<K>>(
        (from) => putRow(kind, id, from, input),
        version,
        (answer) => rowOf(kind).parse(answer),
        (theirs) => askWhose({ mine: input, theirs }),
      ),
    onSuccess: show,
    onError: (error) => (error instanceof NotSaved && error.theirs ? show(error.theirs as RowOf<K>) : undefined),
  })
}

/** Changes a row that others change meanwhile: what the change leaves alone stays as it stands there by then. */
export const useChangeRow = <K extends Kind>(kind: K) => {
  const show = useShowRow(kind)
  return useMutation({
    mutationFn: ({ row, change }: { row: RowOf<K>; change: (row: RowOf<K>) => InputOf<K> }) =>
      saveChange<RowOf<K>>(
        row,
        (from) => putRow(kind, from.id, from.version, change(from)),
        (answer) => rowOf(kind).parse(answer),
      ),
    onSuccess: show,
  })
}

export type Mark = 'delete' | 'restore' | 'retire' | 'return'

/** Deletes, restores, retires or takes back a row. */
export const useMarkRow = <K extends Kind>(kind: K) => {
  const touch = useTouch(kind)
  return useMutation({
    mutationFn: ({ id, mark }: { id: string; mark: Mark }) =>
      mark === 'delete'
        ? ask(`/api/${kind}/${id}`, rowOf(kind), { method: 'DELETE' })
        : ask(`/api/${kind}/${id}/${mark}`, rowOf(kind), { method: 'POST' }),
    onSuccess: (_row, { id, mark }) => touch(mark === 'delete' ? id : undefined),
  })
}
