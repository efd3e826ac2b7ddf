import { fetchedWords } from '../../../text/fetched-words.js'

/** Devices ask for a certificate each in their own place. From memory. */
export const deviceKinds = ['phone', 'tablet', 'computer', 'browser'] as const

/** How a device is made to trust an address. */
export interface TrustWords {
  readonly title: string
  readonly text: string
  readonly on: Readonly<Record<(typeof deviceKinds)[number], { readonly what: string; readonly how: string }>>
  readonly fingerprint: string
}

const files = import.meta.glob<{ readonly trusting: TrustWords }>('./said/*.ts')

/** What is said of it in a language, in the first one where it has nothing; fetched where it is shown. */
export const trustWords = async (language: string): Promise<TrustWords> =>
  (await fetchedWords(files, language)).trusting
