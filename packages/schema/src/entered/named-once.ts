import type { z } from 'zod'

/** Reports entries of a list that share an id, or what else they are named by; an entry without one shares it with nobody. */
export const namedOnce = <Key extends string>(
  context: Pick<z.RefinementCtx, 'addIssue'>,
  list: string,
  entries: readonly { readonly [Its in Key]?: string | undefined }[],
  { key, says = 'named-twice' }: { readonly key: Key; readonly says?: string },
): void => {
  const met = new Set<string>()
  entries.forEach((entry, at) => {
    const name = entry[key]
    if (name === undefined) return
    if (met.has(name)) context.addIssue({ code: 'custom', path: [list, at, key], message: says })
    met.add(name)
  })
}
