import { canSpell, spelt } from '@bold-heron/core'
import type { DieRow } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../data/rows.js'
import { boxClass, Field } from '../../ui/Field.js'

/** A word spelt with letter dies of the shelf, a die a letter; nothing where there are none. */
export const SpellField = ({
  chosen,
  among,
  onSpelt,
}: {
  readonly chosen: readonly string[]
  readonly among: (die: DieRow) => boolean
  /** Hears the dies, a letter each, and the word as it was typed. */
  readonly onSpelt: (ids: string[], word: string) => void
}) => {
  const { t } = useTranslation()
  const [word, setWord] = useState('')
  const dies = (useEveryRow('dies').data ?? []).filter(among)
  if (!canSpell(dies)) return null
  const { missing } = spelt(word, dies)
  return (
    <Field
      label={t('jobs.spell')}
      hint={chosen.length > 1 && word !== '' && t('jobs.spellHint', { count: chosen.length })}
      fault={missing.length > 0 ? t('jobs.spellMissing', { letters: missing.join(', ') }) : undefined}
    >
      {(ids) => (
        <input
          {...ids}
          className={boxClass}
          value={word}
          maxLength={24}
          onChange={({ target }) => {
            setWord(target.value)
            const next = spelt(target.value, dies)
            if (next.ids.length > 0) onSpelt([...next.ids], target.value)
          }}
        />
      )}
    </Field>
  )
}
