import { useTranslation } from 'react-i18next'
import { speakLanguage } from '../../text/i18n.js'
import { languages } from '../../text/languages.js'
import { boxClass } from '../../ui/Field.js'
import { Panel } from '../../ui/Panel.js'

/** A language in its own words. */
const nameOf = (code: string): string => new Intl.DisplayNames([code], { type: 'language' }).of(code) ?? code

/** Which language the page speaks in this browser; nothing where there is but one. */
export const LanguagePanel = () => {
  const { t, i18n } = useTranslation()
  if (languages.length < 2) return null
  return (
    <Panel title={t('frame.language')}>
      <select
        aria-label={t('frame.language')}
        className={boxClass}
        value={i18n.language}
        onChange={(event) => void speakLanguage(event.target.value)}
      >
        {languages.map((code) => (
          <option key={code} value={code} lang={code}>
            {nameOf(code)}
          </option>
        ))}
      </select>
    </Panel>
  )
}
