import { createInstance } from 'i18next'
import { firstLanguage, languages } from './languages.js'
import type { Words } from './words.js'

/** Says what stands at a key, values filled in. */
export type Speak = (key: string, values?: Readonly<Record<string, unknown>>) => string

/** How words are spoken; for those of a language that is here, see {@link speak}. */
export const speakWith = (words: Words): Speak => {
  const instance = createInstance()
  // Everything is at hand already, so this is done when it returns.
  void instance.init({
    lng: 'only',
    resources: { only: { translation: words } },
    interpolation: { escapeValue: false },
    initAsync: false,
  })
  // The page narrows i18next's keys to its own words for every package that is read beside it.
  const t = instance.t as unknown as (key: string, values: object) => string
  return (key, values = {}) => t(key, { ...values })
}

const spoken = new Map<string, Speak>()

/** Speaks a language by its code; the first language where there is no such language. */
export const speak = (language: string): Speak => {
  const code = Object.hasOwn(languages, language) ? language : firstLanguage
  const known = spoken.get(code)
  if (known) return known
  const made = speakWith(languages[code] as Words)
  spoken.set(code, made)
  return made
}
