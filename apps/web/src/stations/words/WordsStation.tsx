import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useLocation } from 'react-router'
import { termIds } from '../../drawing/terms/list.js'
import { TermPicture } from '../../drawing/terms/TermPicture.js'

/** Every word of the trade with a picture; the address may name one to begin with. */
export const Component = () => {
  const { t } = useTranslation()
  const { hash } = useLocation()
  const asked = hash.slice(1)
  useEffect(() => {
    document.getElementById(asked)?.scrollIntoView({ block: 'center' })
  }, [asked])
  return (
    <>
      <h1 className="text-3xl">{t('glossary.title')}</h1>
      <p className="mb-3 text-ink-soft">{t('glossary.text')}</p>
      <p className="mb-3">
        <Link to="/words/symptoms" className="font-bold">
          {t('glossary.symptoms')}
        </Link>{' '}
        {t('glossary.symptomsText')}
      </p>
      <dl className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {termIds.map((id) => (
          <div
            key={id}
            id={id}
            className={`flex items-center gap-4 rounded-lg border bg-leaf p-3 ${id === asked ? 'border-2 border-accent' : 'border-line'}`}
          >
            <TermPicture id={id} className="shrink-0" />
            <div>
              <dt className="font-display text-lg font-semibold">{t(`terms.name.${id}`)}</dt>
              <dd>{t(`terms.say.${id}`)}</dd>
            </div>
          </div>
        ))}
      </dl>
    </>
  )
}
