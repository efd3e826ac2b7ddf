import { fetchedWords } from '../../../text/fetched-words.js'
import type { SymptomWords } from './list.js'

const files = import.meta.glob<{ readonly symptoms: SymptomWords }>('./said/*.ts')

/** The symptoms in a language, in the first one where it has none; fetched when they are looked for. */
export const symptomWords = async (language: string): Promise<SymptomWords> =>
  (await fetchedWords(files, language)).symptoms
