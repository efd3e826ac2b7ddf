/** What is asked for piece by piece in one turn of the page and fetched together. */
export class Gathered<Value> {
  private waiting = new Map<string, Promise<Value | undefined>>()
  private turn: Promise<Readonly<Record<string, Value>>> | undefined

  constructor(
    private readonly most: number,
    private readonly fetchAll: (ids: readonly string[]) => Promise<Readonly<Record<string, Value>>>,
  ) {}

  /** One of them by its id; undefined where it is not there. Rejected where the fetch fails. */
  of(id: string): Promise<Value | undefined> {
    const known = this.waiting.get(id)
    if (known) return known
    const { waiting } = this
    this.turn ??= new Promise((resolve, reject) => {
      setTimeout(() => {
        if (this.waiting === waiting) this.begin()
        this.fetchAll([...waiting.keys()]).then(resolve, reject)
      })
    })
    const found = this.turn.then((all) => all[id])
    waiting.set(id, found)
    // What is more is fetched by itself.
    if (waiting.size >= this.most) this.begin()
    return found
  }

  /** Whoever asks from now on waits for the next fetch. */
  private begin(): void {
    this.waiting = new Map()
    this.turn = undefined
  }
}
