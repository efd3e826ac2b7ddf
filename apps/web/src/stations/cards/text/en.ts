export const cards = {
  nav: 'Cards',
  go: 'Go to Cards',
} as const
