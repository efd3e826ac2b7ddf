/** The words of a file, under its thing's name. */
type WordsFile = Readonly<Record<string, unknown>>

/** Words stand beside their station, or here where many share them: a language is found by its files. */
const files = {
  ...import.meta.glob<WordsFile>('../stations/**/text/*.ts'),
  ...import.meta.glob<WordsFile>('./*/*.ts'),
}

/** Words that nothing outside their station's pages says come with these pages. */
const ownFiles = import.meta.glob<WordsFile>('../stations/*/own-words/*.ts')

const languageAt = (path: string): string | undefined =>
  (/^\.\/([\w-]+)\/[\w-]+\.ts$/.exec(path) ?? /\/(?:text|own-words)\/([\w-]+)\.ts$/.exec(path))?.[1]

/** Spoken where nothing else was chosen, and for what another language leaves out. */
export const FIRST_LANGUAGE = 'en'

/** Languages by their code (BCP 47), the first language first. */
export const languages: readonly string[] = [
  FIRST_LANGUAGE,
  ...[...new Set(Object.keys(files).map(languageAt))]
    .filter((code): code is string => code !== undefined && code !== FIRST_LANGUAGE)
    .sort(),
]

/** What a language has to say on every page, by where it stands. */
export const wordsOf = async (language: string): Promise<WordsFile> => {
  const its = Object.entries(files).filter(([path]) => languageAt(path) === language)
  const read = await Promise.all(its.map(([, load]) => load()))
  return Object.assign({}, ...read) as WordsFile
}

/** What it says on the pages of one station alone; nothing where that says nothing that others do not. */
export const ownWordsOf = async (language: string, station: string): Promise<WordsFile> =>
  (await ownFiles[`../stations/${station}/own-words/${language}.ts`]?.()) ?? {}

/** Stations with words of their own. */
export const stationsWithOwnWords: readonly string[] = [
  ...new Set(Object.keys(ownFiles).flatMap((path) => /stations\/([\w-]+)\//.exec(path)?.[1] ?? [])),
]
