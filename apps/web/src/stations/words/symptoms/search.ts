import MiniSearch from 'minisearch'
import type { SymptomId, SymptomWords } from './list.js'

/** How much more what is seen, and how people say it, counts than reason and remedy. From memory. */
const WEIGHT = { seen: 3, signs: 2, help: 0.5, why: 0.7 }
/** What is found this much less surely than the first is not shown. From memory. */
const LEAST_SHARE = 0.25
/** How far a word may be misspelt, as a share of its letters. From memory. */
const FUZZY = 0.2

/** Finds symptoms by whatever words people have for them, the likeliest first; all of them where nothing is asked. */
export const symptomSearch = ({ say, alike, passedOver }: SymptomWords): ((asked: string) => readonly SymptomId[]) => {
  const ids = Object.keys(say) as SymptomId[]
  const passed = new Set(passedOver.split(' '))
  const known = new Map(
    Object.entries(alike).flatMap(([word, others]) => others.map((other) => [other, word] as const)),
  )
  const index = new MiniSearch<{ readonly id: SymptomId }>({
    fields: Object.keys(WEIGHT),
    processTerm: (term) => {
      const word = term.toLowerCase()
      return passed.has(word) || word.length < 2 ? null : (known.get(word) ?? word)
    },
    searchOptions: { boost: WEIGHT, prefix: true, fuzzy: FUZZY },
  })
  index.addAll(ids.map((id) => ({ id, ...say[id] })))
  return (asked) => {
    if (asked.trim() === '') return ids
    const found = index.search(asked)
    const least = LEAST_SHARE * (found[0]?.score ?? 0)
    return found.flatMap(({ id, score }) => (score >= least ? [id as SymptomId] : []))
  }
}
