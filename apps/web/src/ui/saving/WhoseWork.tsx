import { type ReactNode, useCallback, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { AskWhose, type Clash, type Whose } from '../../data/whose-work.js'
import { Button } from '../Button.js'
import { Modal } from '../Modal.js'
import { differing } from './differing.js'

interface Question extends Clash {
  readonly answer: (whose: Whose) => void
}

/** Names the fields that differ, and lets the user choose whose to keep. */
const Choosing = ({ mine, theirs, answer }: Question) => {
  const { t } = useTranslation()
  return (
    <Modal
      open
      onClose={() => answer(undefined)}
      title={t('common.conflictTitle')}
      description={t('common.conflictText')}
    >
      <ul className="mb-4 space-y-1">
        {differing(mine, theirs).map(({ field, mine, theirs }) => (
          <li key={field}>
            <strong>
              {t([
                `shelf.field.${field}`,
                `jobs.field.${field}`,
                `common.conflictField.${field}`,
                'common.conflictOther',
              ] as never)}
            </strong>
            : {t('common.conflictTheirsIs', { value: theirs })}; {t('common.conflictMineIs', { value: mine })}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button look="next" onClick={() => answer('mine')}>
          {t('common.conflictMine')}
        </Button>
        <Button onClick={() => answer('theirs')}>{t('common.conflictTheirs')}</Button>
      </div>
    </Modal>
  )
}

/** Around all pages: where somebody else saved in between what one of them saves, it asks whose work to keep. */
export const WhoseWork = ({ children }: { readonly children: ReactNode }) => {
  const [question, setQuestion] = useState<Question>()
  const ask = useCallback(
    (clash: Clash) =>
      new Promise<Whose>((settle) =>
        setQuestion({
          ...clash,
          answer: (whose) => {
            setQuestion(undefined)
            settle(whose)
          },
        }),
      ),
    [],
  )
  return (
    <AskWhose value={ask}>
      {children}
      {question && <Choosing {...question} />}
    </AskWhose>
  )
}
