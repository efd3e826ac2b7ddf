/** What goes wrong, in the words of a language: for the page, the command line and whoever reads the API. */
export { firstLanguage, languageCodes } from './languages.js'
export { speak, type Speak } from './speak.js'
export { sayDrawingFault } from './say-drawing-fault.js'
export { sayFault } from './say-fault.js'
export { sayProblem } from './say-problem.js'

export { type Words } from './words.js'
