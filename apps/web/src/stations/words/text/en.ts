export const glossary = {
  title: 'Words',
  text: 'As they are used here. A word with a dotted line under it can be asked where it stands.',
} as const
