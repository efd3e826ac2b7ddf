import { type RefObject, useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { preference } from '../../data/preference.js'

const KEY = 'bold-heron/bench-voice'

const speaker = (): SpeechSynthesis | undefined =>
  'speechSynthesis' in globalThis ? globalThis.speechSynthesis : undefined

/** Reads aloud what stands in an element whenever `about` changes, by the browser's own voice; off at first. */
export const useVoice = (element: RefObject<HTMLElement | null>, about: string) => {
  const { i18n } = useTranslation()
  const [isOn, setIsOn] = useState(() => preference.read(KEY) === 'on')
  useEffect(() => {
    const voice = speaker()
    if (!isOn || !voice) return undefined
    const text = element.current?.innerText
    if (text) {
      const said = new SpeechSynthesisUtterance(text)
      said.lang = i18n.language
      voice.speak(said)
    }
    return () => voice.cancel()
  }, [isOn, about, element, i18n.language])
  const toggle = () => {
    preference.keep(KEY, isOn ? undefined : 'on')
    setIsOn(!isOn)
  }
  return { canSpeak: speaker() !== undefined, isOn, toggle }
}
