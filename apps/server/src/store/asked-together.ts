/** What many ask of the database within one round trip is asked in one statement: who comes while it is under way goes along with the next. */
export class AskedTogether<Asked, Answer> {
  private waiting: { readonly asked: Asked; resolve(answer: Answer): void; reject(error: unknown): void }[] = []
  private isUnderWay = false

  /** `work` answers as many as it is asked, in their order. */
  constructor(private readonly work: (all: readonly Asked[]) => Promise<readonly Answer[]>) {}

  ask(asked: Asked): Promise<Answer> {
    return new Promise((resolve, reject) => {
      this.waiting.push({ asked, resolve, reject })
      if (!this.isUnderWay) void this.go()
    })
  }

  private async go(): Promise<void> {
    this.isUnderWay = true
    while (this.waiting.length > 0) {
      const all = this.waiting
      this.waiting = []
      try {
        const answers = await this.work(all.map(({ asked }) => asked))
        all.forEach(({ resolve }, at) => resolve(answers[at] as Answer))
      } catch (error) {
        for (const { reject } of all) reject(error)
      }
    }
    this.isUnderWay = false
  }
}
