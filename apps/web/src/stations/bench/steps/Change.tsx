import { useTranslation } from 'react-i18next'
import { sayPieces } from '../../../text/say-difference.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

const namesOf = (dies: readonly { readonly name: string }[]): string => dies.map(({ name }) => name).join(', ')

/** What leaves the stack of the round before, and what comes in. */
export const Change: ShownStep<'change'> = ({ difference, diesOff = [], request }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.change.title')}</BenchTitle>
      {difference && difference.out.length > 0 && (
        <p className="text-3xl">{t('bench.change.out', { pieces: sayPieces(t, difference.out) })}</p>
      )}
      {difference && difference.into.length > 0 && (
        <p className="text-3xl">{t('bench.change.into', { pieces: sayPieces(t, difference.into) })}</p>
      )}
      {diesOff.length > 0 && (
        <p className="text-3xl">
          {t('bench.change.diesOff', { off: namesOf(diesOff), again: namesOf(request.cut.dies) })}
        </p>
      )}
      {difference?.reordered && <p>{t('bench.change.reordered')}</p>}
    </>
  )
}
