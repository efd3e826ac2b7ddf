/**
 * What the user can get wrong, as data: a code from a closed list, where it is, the value met and the limit it broke.
 * Words are composed last, by whoever shows it.
 */
export interface Fault<Code extends string = string> {
  readonly code: Code
  /** Where: a field's path such as `layers.2.thicknessMm`; empty for the whole input. */
  readonly path: string
  /** What was met, as typed where it was typed. */
  readonly value?: string | number | boolean | null
  /** The limit that was broken, in the unit the code implies. */
  readonly limit?: string | number
}

export type Result<Value, Code extends string = string> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly fault: Fault<Code> }

export const ok = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({ ok: true, value })

export const failed = <Code extends string>(
  fault: Fault<Code>,
): { readonly ok: false; readonly fault: Fault<Code> } => ({ ok: false, fault })
