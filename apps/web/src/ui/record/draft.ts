import { useMemo, useRef, useState } from 'react'
import type { z } from 'zod'

/** What is being written down of a record. */
export interface Draft<Input> {
  readonly value: Input
  readonly change: (part: Partial<Input>) => void
  /** Whether something is wrong at a field, or below it, once it was asked for. */
  readonly isWrong: (path: string) => boolean
  /** Hands it over where nothing is wrong with it; else shows what is. */
  readonly take: (onTaken: (input: Input) => void) => void
  /** Whether anything was typed since it began or was kept; read when it is asked for, not when it was drawn. */
  readonly isDirty: () => boolean
  /** What is there now is kept. */
  readonly settle: () => void
}

/** A record that is changed part by part and judged by the schema that the server uses too. */
export const useDraft = <Input extends object>(schema: z.ZodType<Input>, start: Input): Draft<Input> => {
  const [value, setValue] = useState(start)
  const [asked, setAsked] = useState(false)
  const now = useRef(start)
  const kept = useRef(start)
  const judged = useMemo(() => schema.safeParse(value), [schema, value])
  return {
    value,
    change: (part) => {
      now.current = { ...now.current, ...part }
      setValue(now.current)
    },
    isWrong: (path) =>
      asked &&
      !judged.success &&
      judged.error.issues.some((issue) => `${issue.path.join('.')}.`.startsWith(`${path}.`)),
    take: (onTaken) => {
      setAsked(true)
      if (judged.success) onTaken(judged.data)
    },
    isDirty: () => now.current !== kept.current,
    settle: () => {
      kept.current = now.current
    },
  }
}
