// A thread of a pool in tests: what it does takes as long as the test wants.
const errands = {
  echo: (input) => input,
  /** Ends only with its thread. */
  forever() {
    for (;;);
  },
}

export default ({ name, input, port }) => {
  port.postMessage('begun')
  try {
    return errands[name](input)
  } finally {
    port.close()
  }
}
