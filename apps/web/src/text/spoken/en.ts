type Words = Readonly<Record<string, unknown>>

const files = import.meta.glob<Words>(['../en/*.ts', '../../stations/**/text/en.ts'], { eager: true })

/** What English says on every page, gathered by its files into one piece. */
export const said: Words = Object.fromEntries(Object.values(files).flatMap((words) => Object.entries(words)))
