import type { en } from './en/index.js'

/** The same tree with any strings at its leaves. */
type Translated<Tree> = { readonly [Key in keyof Tree]: Tree[Key] extends string ? string : Translated<Tree[Key]> }

/** What a language has to say; the types report what one leaves out. */
export type Words = Translated<typeof en>
