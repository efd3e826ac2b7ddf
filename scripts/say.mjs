/** One line to the person at the terminal. */
export const say = (line) => console.log(`bold-heron: ${line}`)

/** Ends with a sentence that tells what to do. */
export const giveUp = (sentence) => {
  console.error(`bold-heron: ${sentence}`)
  process.exit(1)
}
