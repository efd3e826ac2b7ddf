import type { symptoms } from './said/en.js'

/** What a symptom is called, why, and what helps, in a language. */
export type SymptomWords = { readonly [Key in keyof typeof symptoms]: Widened<(typeof symptoms)[Key]> }

type Widened<Value> = Value extends string
  ? string
  : Value extends readonly unknown[]
    ? readonly string[]
    : { readonly [Key in keyof Value]: Widened<Value[Key]> }

/** Everything that goes wrong and is not the stack's fault. */
export type SymptomId = keyof (typeof symptoms)['say']
