interface Job {
  readonly id: string
}

interface Build {
  readonly name: string
  readonly layers: readonly { readonly jobId: string | null }[]
}

/** Jobs that stand together, and the names of the cards that they are layers of; no card where a job stands by itself. */
export interface JobsTogether<Of extends Job> {
  readonly jobs: readonly Of[]
  readonly cards: readonly string[]
}

/**
 * Jobs with those beside them that are layers of the same cards, such as a base and what lies over it, in every mix of a pair. A group stands
 * where its first job stood, its jobs in the order they had; jobs of no card with another stand by themselves.
 */
export const jobsTogether = <Of extends Job>(jobs: readonly Of[], builds: readonly Build[]): JobsTogether<Of>[] => {
  const there = new Set(jobs.map(({ id }) => id))
  /** By job: all jobs of its group, one set for all of them. */
  const groupOf = new Map(jobs.map(({ id }) => [id, new Set([id])]))
  const cardsOf = builds.map(({ name, layers }) => ({
    name,
    ids: layers.flatMap(({ jobId }) => (jobId !== null && there.has(jobId) ? [jobId] : [])),
  }))
  for (const { ids } of cardsOf) {
    const joined = new Set(ids.flatMap((id) => [...(groupOf.get(id) as Set<string>)]))
    for (const id of joined) groupOf.set(id, joined)
  }
  return [...new Set(groupOf.values())].map((group) => ({
    jobs: jobs.filter(({ id }) => group.has(id)),
    cards: group.size > 1 ? cardsOf.flatMap(({ name, ids }) => (ids.some((id) => group.has(id)) ? [name] : [])) : [],
  }))
}
