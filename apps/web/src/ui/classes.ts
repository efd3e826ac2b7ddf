/** Joins class names, leaving out what is absent. */
export const classes = (...names: (string | false | undefined)[]): string => names.filter(Boolean).join(' ')
