import type { LengthStyle } from '@bold-heron/core'
import { type HouseRulesInput, type HouseRulesRow, houseRulesRow } from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ask, ProblemError } from './client.js'

const key = ['house-rules']
const path = '/api/house-rules'

export const useHouseRules = () =>
  useQuery({ queryKey: key, queryFn: ({ signal }) => ask(path, houseRulesRow, { signal }) })

/** Changes some of the rules; where another window saved in between, the change is made to what stands there now. */
export const useChangeHouseRules = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async (change: Partial<HouseRulesInput>) => {
      const save = ({ version, updatedAt: _, ...rules }: HouseRulesRow) =>
        ask(path, houseRulesRow, { method: 'PUT', version, body: { ...rules, ...change } })
      const known = client.getQueryData<HouseRulesRow>(key) ?? (await ask(path, houseRulesRow))
      try {
        return await save(known)
      } catch (error) {
        if (!(error instanceof ProblemError) || error.problem.status !== 412) throw error
        return save(houseRulesRow.parse(error.problem.current))
      }
    },
    onSuccess: (rules) => {
      client.setQueryData(key, rules)
      return Promise.all(
        ['plan', 'made-charts', 'made-evenings'].map((key) => client.invalidateQueries({ queryKey: [key] })),
      )
    },
  })
}

/** How this person wants lengths written; millimetres until the rules are known. */
export const useLengthStyle = (): LengthStyle => {
  const { data } = useHouseRules()
  return { unit: data?.units ?? 'mm', denominator: data?.fractionDenominator ?? 16 }
}
