/** The words of a file, under its thing's name. */
type WordsFile = Readonly<Record<string, unknown>>

/** Words stand beside their station, or here where many share them: `spoken/<language>.ts` gathers those of a language. */
const spoken = import.meta.glob<{ readonly said: WordsFile }>('./spoken/*.ts')

/** Words that nothing outside their station's pages says come with these pages. */
const ownFiles = import.meta.glob<WordsFile>('../stations/*/own-words/*.ts')

/** Spoken where nothing else was chosen, and for what another language leaves out. */
export const FIRST_LANGUAGE = 'en'

/** Languages by their code (BCP 47), the first language first. */
export const languages: readonly string[] = [
  FIRST_LANGUAGE,
  ...Object.keys(spoken)
    .map((path) => path.slice('./spoken/'.length, -'.ts'.length))
    .filter((code) => code !== FIRST_LANGUAGE)
    .sort(),
]

/** What a language has to say on every page, by where it stands. */
export const wordsOf = async (language: string): Promise<WordsFile> =>
  (await spoken[`./spoken/${language}.ts`]?.())?.said ?? {}

/** What it says on the pages of one station alone; nothing where that says nothing that others do not. */
export const ownWordsOf = async (language: string, station: string): Promise<WordsFile> =>
  (await ownFiles[`../stations/${station}/own-words/${language}.ts`]?.()) ?? {}

/** Stations with words of their own. */
export const stationsWithOwnWords: readonly string[] = [
  ...new Set(Object.keys(ownFiles).flatMap((path) => /stations\/([\w-]+)\//.exec(path)?.[1] ?? [])),
]
