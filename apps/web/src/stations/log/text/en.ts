export const log = {
  jot: {
    open: 'Jot down a run',
    title: 'Jot down a run',
    text: 'Like one before: what was changed, and what came of it. It is in the log at once and teaches the press.',
    before: 'Like which one?',
    change: 'What was changed',
    changes: { same: 'the same stack', more: 'one sheet more', less: 'one shim less' },
    look: 'What did you see?',
    said: 'It is in the log.',
    none: 'Nothing is in the log yet that a run could be like. The first one is pressed at the Bench.',
  },
  nav: 'Log',
  go: 'Go to Log',
  title: 'Log',
  loading: 'Opening the log…',
} as const
