/** Words for colours that people write on a sheet, and what they look like. From memory. */
const named: Readonly<Record<string, string>> = {
  white: '#fdfdfb',
  ivory: '#f6efdc',
  cream: '#f6ecc9',
  kraft: '#b98f5f',
  black: '#23262a',
  slate: '#56636e',
  grey: '#9aa2a8',
  silver: '#c3c9ce',
  gold: '#c9a54a',
  red: '#b7332b',
  orange: '#d97a24',
  yellow: '#e9c63c',
  green: '#5c8a4f',
  blue: '#3f6ea3',
  navy: '#24385c',
  pink: '#dd9fb0',
  purple: '#71508f',
  brown: '#7a5637',
  clear: '#e8f1f4',
}

/** A sheet of which nobody noted a colour. */
const UNTOLD = '#f1ebdd'

const HEX = /^#[0-9a-f]{6}$/i

/** The colour that a note of it means: a colour itself, or a word for one. */
export const colourOf = (noted: string): string => {
  if (HEX.test(noted.trim())) return noted.trim().toLowerCase()
  const word = noted
    .toLowerCase()
    .split(/[^a-z]+/)
    .find((each) => each in named)
  return word === undefined ? UNTOLD : (named[word] as string)
}
