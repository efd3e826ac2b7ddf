export const workshop = {
  nav: 'Workshop',
  go: 'Go to Workshop',
} as const
