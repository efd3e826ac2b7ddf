export const practice = {
  nav: 'Practice',
  go: 'Go to Practice',
} as const
