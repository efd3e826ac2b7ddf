import { useTranslation } from 'react-i18next'
import { NotSaved } from '../data/whose-work.js'
import { sayTrouble } from '../text/say-trouble.js'
import { useSay } from './toasts.js'

/** Says in passing what went wrong with something that was asked of the server. */
export const useSayTrouble = (): ((error: unknown) => void) => {
  const { t } = useTranslation()
  const say = useSay()
  // That theirs is kept is what the user chose.
  return (error) => say(sayTrouble(t, error), error instanceof NotSaved ? {} : { tone: 'danger' })
}
