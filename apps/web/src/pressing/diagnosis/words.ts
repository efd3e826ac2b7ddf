import type { CauseId, GeneralRemedyId, QuestionId } from '@bold-heron/core'
import type { LookAsked, LookFault } from '@bold-heron/formats'
import { fetchedWords } from '../../text/fetched-words.js'
import type { Side } from './painting.js'

/** Everything that is said of what went wrong, in a language. */
export interface DiagnosisWords {
  readonly title: string
  readonly thinking: string
  /** What a strip is of that nobody named. */
  readonly paper: string
  readonly paint: {
    readonly how: string
    readonly side: string
    readonly sides: Readonly<Record<Side, string>>
    readonly clear: string
    readonly keys: string
    stretch(number: number, of: number, hangs: boolean): string
    readonly painted: string
  }
  readonly helped: {
    readonly title: string
    readonly text: string
    readonly setBack: string
    counted(name: string, helped: number, failed: number): string
  }
  /** A cause that stays is noted on the page of its thing. */
  readonly noteIt: Readonly<Partial<Record<CauseId, string>>>
  readonly photo: {
    readonly title: string
    readonly how: string
    readonly light: string
    readonly lights: Readonly<Record<LookAsked['light'], string>>
    readonly side: string
    readonly sides: Readonly<Record<LookAsked['side'], string>>
    readonly take: string
    readonly outcomes: Readonly<Record<'reading' | 'read' | 'no-picture' | LookFault, string>>
  }
  readonly ask: {
    readonly title: string
    readonly yes: string
    readonly no: string
    readonly unknown: string
    readonly look: string
    readonly anew: string
  }
  readonly found: {
    readonly title: string
    /** Two causes at once. */
    both(one: string, other: string): string
    readonly rest: string
    readonly pictured: string
    inHundred(chance: string): string
    /** How much it is, and of what. */
    amount(length: string, of: string | undefined): string
  }
  readonly tryThis: {
    readonly title: string
    readonly others: string
    readonly doIt: string
    readonly none: string
    /** After what is put right: which stack is laid then. */
    readonly goBack: string
    looserToo(length: string): string
    chances(good: string, stops: string): string
    passes(count: number): string
    readonly fresh: string
    minutes(minutes: number): string
  }
  readonly causes: Readonly<Record<CauseId, { readonly name: string; readonly why: string; readonly remedy: string }>>
  readonly remedies: Readonly<
    Record<GeneralRemedyId, { say(plate: string, length: string): string; readonly why: string }>
  >
  readonly questions: Readonly<Record<QuestionId, string>>
}

const files = import.meta.glob<{ readonly diagnosis: DiagnosisWords }>('./said/*.ts')

/** What is said of it in a language, in the first one where it has nothing; fetched when it is asked for. */
export const diagnosisWords = async (language: string): Promise<DiagnosisWords> =>
  (await fetchedWords(files, language)).diagnosis
