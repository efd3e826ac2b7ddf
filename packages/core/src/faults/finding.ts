/** How grave a finding is: `stop` must not be pressed, `caution` may hurt plate, die or result, `note` is worth knowing. */
export type Severity = 'stop' | 'caution' | 'note'

/** An opinion on a stack, with what it is about and the numbers its sentence needs. */
export interface Finding<Code extends string = string> {
  readonly code: Code
  readonly severity: Severity
  /** Index of the layer meant, bottom = 0; absent when the whole stack is meant. */
  readonly layerIndex?: number
  readonly values: Readonly<Record<string, string | number>>
}

const rank: Record<Severity, number> = { stop: 0, caution: 1, note: 2 }

/** Orders findings gravest first; keeps the given order among equals. */
export const gravestFirst = <Code extends string>(findings: readonly Finding<Code>[]): Finding<Code>[] =>
  [...findings].sort((a, b) => rank[a.severity] - rank[b.severity])

/** How many findings are of one severity. */
export const countOf = (findings: readonly Finding[], severity: Severity): number =>
  findings.reduce((count, finding) => count + (finding.severity === severity ? 1 : 0), 0)
