/** The scripts that a page fetches where it is opened first: how many, how heavy after gzip, and each, the heaviest first. */
export const weightOf: (
  dist: string,
  roots: readonly string[],
) => {
  readonly files: number
  readonly kB: number
  readonly heaviest: readonly (readonly [file: string, kB: number])[]
}
