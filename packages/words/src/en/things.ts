/** What a row is called in a sentence. */
export const things = {
  plate: 'plate',
  press: 'press',
  die: 'die',
  sheet: 'sheet',
  job: 'job',
  run: 'run',
  recipe: 'recipe',
  photo: 'photo',
}

/** The same, as one of several. */
export const oneThing = {
  plate: 'a plate',
  press: 'a press',
  die: 'a die',
  sheet: 'a sheet',
  job: 'a job',
  run: 'a run',
}
