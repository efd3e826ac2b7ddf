import type { z } from 'zod'

/** Plain data that nobody changes: all of it may only be read. */
export type Plain<Data> = unknown extends Data
  ? Data
  : Data extends ArrayBufferView
    ? Data
    : { readonly [Name in keyof Data]: Plain<Data[Name]> }

/** What a schema gives, as everybody else is to take it. */
export type Of<Schema extends z.ZodType> = Plain<z.output<Schema>>
