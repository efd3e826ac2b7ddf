import { FIRST_LANGUAGE } from '../../../text/languages.js'
import type { SymptomWords } from './list.js'

const files = import.meta.glob<{ readonly symptoms: SymptomWords }>('./said/*.ts')

/** The symptoms in a language, in the first one where it has none; fetched when they are looked for. */
export const symptomWords = async (language: string): Promise<SymptomWords> => {
  const load = files[`./said/${language}.ts`] ?? files[`./said/${FIRST_LANGUAGE}.ts`]
  if (!load) throw new Error('the symptoms have no words')
  return (await load()).symptoms
}
