import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'

/** What goes wrong that is asked about where it matters; anything at all. */
export type SymptomAsked = 'stuck' | 'die-slipped' | 'press-slides' | 'halves-apart' | 'inside-attached' | 'other'

/** Leads to what goes wrong beside the press: to one thing of it, or to all. */
export const SymptomLink = ({ of }: { readonly of: SymptomAsked }) => {
  const { t } = useTranslation()
  return (
    <Link
      to={of === 'other' ? '/words/symptoms' : `/words/symptoms#${of}`}
      className="inline-flex min-h-11 items-center underline"
    >
      {t(`glossary.asks.${of}`)}
    </Link>
  )
}
