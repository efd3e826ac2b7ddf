/** Forgets what is kept of modules once a source file of the checkout came or went. */
export const forgetStaleModules: (root: string) => void
