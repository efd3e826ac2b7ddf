interface Reading<Read> {
  readonly now: Promise<Read>
  next?: Promise<Read>
}

/**
 * Many that ask the same at once are answered by one reading. It begins after each of them asked: who asks while one is under way waits for the
 * next, so that nobody is shown less than they know already.
 */
export class SharedReads<Read> {
  private readonly under = new Map<string, Reading<Read>>()

  read(key: string, work: () => Promise<Read>): Promise<Read> {
    const reading = this.under.get(key)
    if (!reading) return this.begin(key, work)
    reading.next ??= reading.now.then(
      () => this.begin(key, work),
      () => this.begin(key, work),
    )
    return reading.next
  }

  private begin(key: string, work: () => Promise<Read>): Promise<Read> {
    const now = work()
    const reading: Reading<Read> = { now }
    this.under.set(key, reading)
    const end = () => {
      if (this.under.get(key) === reading && !reading.next) this.under.delete(key)
    }
    now.then(end, end)
    return now
  }
}
