import { platesIn, type Stack } from '../layers/stack.js'

const idsOf = (stack: Stack): string =>
  platesIn(stack)
    .map(({ id }) => id)
    .join(' ')

/** How often just this stack, in the same order, came out before. */
export const timesCameOut = (
  { workedBefore }: { readonly workedBefore: readonly (readonly string[])[] },
  stack: Stack,
): number => {
  const own = idsOf(stack)
  return workedBefore.filter((ids) => ids.join(' ') === own).length
}
