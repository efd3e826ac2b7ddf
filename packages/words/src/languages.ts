import { en } from './en/index.js'
import type { Words } from './words.js'

/** Languages by their code (BCP 47); {@link firstLanguage} is spoken where none of those asked for is here. */
export const languages: Readonly<Record<string, Words>> = {
  en,
}

export const languageCodes: readonly string[] = Object.keys(languages)
export const firstLanguage = 'en'
