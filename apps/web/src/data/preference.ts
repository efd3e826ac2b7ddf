/**
 * Small things that this browser remembers for its user, none of which would be missed for long: where it has no room for them, or may
 * not keep anything, it does without.
 */
export const preference = {
  read(key: string): string | undefined {
    try {
      return localStorage.getItem(key) ?? undefined
    } catch {
      return undefined
    }
  },
  keep(key: string, value: string | undefined): void {
    try {
      if (value === undefined) localStorage.removeItem(key)
      else localStorage.setItem(key, value)
    } catch {
      return
    }
  },
}
