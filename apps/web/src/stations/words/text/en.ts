export const glossary = {
  title: 'Words',
  text: 'As they are used here. A word with a dotted line under it can be asked where it stands.',
  symptoms: 'What went wrong?',
  symptomsText: 'Stuck, torn, slipped, cracked: what is not the stack’s fault, found in your own words.',
  symptomsLoading: 'Looking up what goes wrong…',
  asks: {
    stuck: 'Will it not let go?',
    'die-slipped': 'Did it slip?',
    'press-slides': 'Does the press slide?',
    'halves-apart': 'Did it fall in two?',
    'inside-attached': 'What helps?',
    other: 'Something else?',
  },
} as const
