import { gapOfClass, type PressClass } from '@bold-heron/core'
import type { KnownGoodStackRow } from '@bold-heron/schema'
import { Pencil, Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useGap } from '../../../data/plan.js'
import { useLengths } from '../../../text/lengths.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { WhichIsRight } from '../learning/WhichIsRight.js'
import { KnownGoodModal } from './KnownGoodModal.js'
import { blankKnown, sumOfKnown } from './known-stack.js'
import { sayKnown } from './say-known.js'
import { usePlates } from './use-plates.js'
import { usePressInForm } from './use-press-in-form.js'

/** The stacks known to do well on a press: they tell its gap. */
export const KnownGoodField = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue } = useFormContext()
  const known = useWatch({ name: 'knownGood' }) as KnownGoodStackRow[]
  const pressClass = useWatch({ name: 'pressClass' }) as PressClass
  const { byId } = usePlates()
  const pressWith = usePressInForm()
  const { data: gap } = useGap(pressWith(known))
  const [open, setOpen] = useState<number>()
  const set = (next: KnownGoodStackRow[]) => setValue('knownGood', next, { shouldDirty: true })
  const keep = (stack: KnownGoodStackRow) => {
    set(open === known.length ? [...known, stack] : known.map((each, at) => (at === open ? stack : each)))
    setOpen(undefined)
  }
  return (
    <fieldset className="rounded-md border border-line p-3 sm:col-span-2">
      <legend className="px-1 font-bold">{t('shelf.known.title')}</legend>
      <p className="mb-2 text-sm text-ink-soft">{t('shelf.known.text')}</p>
      {known.length === 0 && (
        <p className="mb-2">{t('shelf.known.none', { spread: lengths.thickness(gapOfClass(pressClass).spreadMm) })}</p>
      )}
      <ul>
        {known.map((stack, at) => {
          const { heightMm, gapMm } = sumOfKnown(stack, byId)
          const simulated = gap?.basis.witnesses[at]?.gapMm
          return (
            <li key={at} className="flex items-center gap-2 border-t border-line py-1.5">
              <span className="flex-1">
                {sayKnown(t, lengths, stack, heightMm)}
                <span className="block text-sm text-ink-soft">
                  {t('shelf.gap.label')}: {lengths.thickness(simulated ?? gapMm)} · {t(`words.knownFrom.${stack.from}`)}
                </span>
              </span>
              <IconButton label={t('shelf.known.change')} onClick={() => setOpen(at)}>
                <Pencil aria-hidden size={16} />
              </IconButton>
              <IconButton label={t('shelf.known.remove')} onClick={() => set(known.filter((_, each) => each !== at))}>
                <Trash2 aria-hidden size={16} />
              </IconButton>
            </li>
          )
        })}
      </ul>
      {gap && <WhichIsRight witnesses={gap.basis.witnesses} />}
      {gap && known.length > 0 && (
        <p className="border-t border-line pt-1.5" aria-live="polite">
          <strong>
            {t('shelf.gap.label')}: {lengths.thickness(gap.gapMm)}
          </strong>
          , {t('shelf.gap.spread', { spread: lengths.thickness(gap.gapSpreadMm) })},{' '}
          {t('shelf.gap.known', { count: known.length })}
        </p>
      )}
      <Button className="mt-2" icon={<Plus aria-hidden size={18} />} onClick={() => setOpen(known.length)}>
        {t('shelf.known.add')}
      </Button>
      {open !== undefined && (
        <KnownGoodModal
          pressWith={pressWith}
          start={known[open] ?? blankKnown()}
          onKeep={keep}
          onClose={() => setOpen(undefined)}
        />
      )}
    </fieldset>
  )
}
