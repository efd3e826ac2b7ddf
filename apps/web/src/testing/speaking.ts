import { speakOf, startSpeaking } from '../text/i18n.js'
import { FIRST_LANGUAGE, stationsWithOwnWords } from '../text/languages.js'

// Whatever a test says may be of any station.
await startSpeaking(FIRST_LANGUAGE)
await Promise.all(stationsWithOwnWords.map(speakOf))
