export const frame = {
  docketLabel: 'Job in hand',
  docketDrop: 'Put this job down',
  shortcuts: 'Shortcuts',
  shortcutsTitle: 'Keys',
  shortcutsText: 'None of these is needed; everything is reached with Tab, Enter and the arrow keys too.',
  language: 'Language',
  keys: {
    help: 'Show these keys',
    units: 'Switch between mm and inches',
    newJob: 'New job',
    search: 'To the search field',
  },
  then: 'then',
} as const
