/** The words of a file, under its thing's name. */
type WordsFile = Readonly<Record<string, unknown>>

/** Words stand beside their station, or here where many share them: a language is found by its files. */
const files = {
  ...import.meta.glob<WordsFile>('../stations/**/text/*.ts'),
  ...import.meta.glob<WordsFile>('./*/*.ts'),
}

const languageAt = (path: string): string | undefined =>
  (/^\.\/([\w-]+)\/[\w-]+\.ts$/.exec(path) ?? /\/text\/([\w-]+)\.ts$/.exec(path))?.[1]

/** Spoken where nothing else was chosen, and for what another language leaves out. */
export const FIRST_LANGUAGE = 'en'

/** Languages by their code (BCP 47), the first language first. */
export const languages: readonly string[] = [
  FIRST_LANGUAGE,
  ...[...new Set(Object.keys(files).map(languageAt))]
    .filter((code): code is string => code !== undefined && code !== FIRST_LANGUAGE)
    .sort(),
]

/** Everything that a language has to say, by where it stands. */
export const wordsOf = async (language: string): Promise<WordsFile> => {
  const own = Object.entries(files).filter(([path]) => languageAt(path) === language)
  const read = await Promise.all(own.map(([, load]) => load()))
  return Object.assign({}, ...read) as WordsFile
}
