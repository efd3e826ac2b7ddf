import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { Confirm } from '../../ui/Confirm.js'
import { BenchTitle } from './steps/BenchTitle.js'

/** The scrap came out as it should: nothing goes on by itself before the one piece is at stake. */
export const RehearsedStage = ({
  onAgain,
  onPiece,
}: {
  readonly onAgain: () => void
  readonly onPiece: () => void
}) => {
  const { t } = useTranslation()
  const [asking, setAsking] = useState(false)
  return (
    <div className="space-y-4">
      <BenchTitle>{t('bench.rehearsed.title')}</BenchTitle>
      <p>{t('bench.rehearsed.text')}</p>
      <div className="flex flex-wrap justify-end gap-3">
        <Button autoFocus className="min-h-16 px-6 text-xl" onClick={onAgain}>
          {t('bench.rehearsed.again')}
        </Button>
        <Button look="next" className="min-h-16 px-8 text-2xl" onClick={() => setAsking(true)}>
          {t('bench.rehearsed.piece')}
        </Button>
      </div>
      <Confirm
        open={asking}
        title={t('bench.rehearsed.askTitle')}
        yes={t('bench.rehearsed.yes')}
        no={t('bench.back')}
        onYes={onPiece}
        onNo={() => setAsking(false)}
      >
        {t('bench.rehearsed.ask')}
      </Confirm>
    </div>
  )
}
