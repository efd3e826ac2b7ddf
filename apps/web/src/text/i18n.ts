import i18next from 'i18next'
import { initReactI18next } from 'react-i18next'
import { preference } from '../data/preference.js'
import { FIRST_LANGUAGE, languages, ownWordsOf, wordsOf } from './languages.js'

const KEPT_AS = 'language'

const known = (code: string | undefined): string | undefined =>
  code !== undefined && languages.includes(code) ? code : undefined

let begin = (): void => undefined
/** Pages are fetched before it is known in which language. */
const begun = new Promise<void>((resolve) => {
  begin = resolve
})

/** Stations whose own words were asked for. */
const spokenOf = new Set<string>()

const addOwnWords = async (language: string, station: string): Promise<void> => {
  i18next.addResourceBundle(language, 'app', await ownWordsOf(language, station), true, true)
}

const addWords = async (language: string): Promise<void> => {
  if (i18next.hasResourceBundle(language, 'app')) return
  i18next.addResourceBundle(language, 'app', await wordsOf(language))
  await Promise.all([...spokenOf].map((station) => addOwnWords(language, station)))
}

/** Fetches what is said on the pages of a station alone, in every language that is spoken now. */
export const speakOf = async (station: string): Promise<void> => {
  await begun
  if (spokenOf.has(station)) return
  const spoken = [...new Set([i18next.language, FIRST_LANGUAGE])]
  await Promise.all(spoken.map((language) => addOwnWords(language, station)))
  spokenOf.add(station)
}

/** What is fetched together with the own words of the stations that say some there. */
export const withWordsOf = async <Fetched>(stations: readonly string[], fetched: Promise<Fetched>): Promise<Fetched> =>
  (await Promise.all([fetched, ...stations.map(speakOf)]))[0]

/** Fetches the words of a language, and of the first language for what that one leaves out. */
export const startSpeaking = async (language: string): Promise<void> => {
  await i18next.use(initReactI18next).init({
    resources: {},
    lng: language,
    fallbackLng: FIRST_LANGUAGE,
    defaultNS: 'app',
    ns: ['app'],
    interpolation: { escapeValue: false },
    returnNull: false,
  })
  await Promise.all([...new Set([language, FIRST_LANGUAGE])].map(addWords))
  begin()
}

/** The language that was chosen in this browser. */
export const chosenLanguage = (): string => known(preference.read(KEPT_AS)) ?? FIRST_LANGUAGE

/** Goes on in another language, and remembers it. */
export const speakLanguage = async (language: string): Promise<void> => {
  await addWords(language)
  await i18next.changeLanguage(language)
  preference.keep(KEPT_AS, language)
}
