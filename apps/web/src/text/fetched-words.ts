import { FIRST_LANGUAGE } from './languages.js'

/** Words of a part that few pages show, a file a language by its path (`./said/<language>.ts`), each fetched when it is asked for. */
type Files<Words> = Readonly<Record<string, () => Promise<Words>>>

/** What such a part says in a language, in the first one where it has nothing. */
export const fetchedWords = <Words>(files: Files<Words>, language: string): Promise<Words> => {
  const load = files[`./said/${language}.ts`] ?? files[`./said/${FIRST_LANGUAGE}.ts`]
  if (!load) throw new Error(`there are no words among ${Object.keys(files).join(', ')}`)
  return load()
}
