export const wall = {
  nav: 'Wall',
  go: 'Go to the Wall',
} as const
