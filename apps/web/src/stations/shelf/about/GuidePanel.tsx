import { factsOfDieClass } from '@bold-heron/core'
import { type DieInput, type DieRow, jobOfRun } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { jobPath } from '../../../data/job-address.js'
import { useAddRow, useChangeRow, useEveryRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Button } from '../../../ui/Button.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { Tick } from '../../../ui/form/Tick.js'
import { Panel } from '../../../ui/Panel.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'

/** A die with another guide; its lines are left alone. */
const withGuide =
  (change: Partial<NonNullable<DieInput['guide']>> | null) =>
  ({ outline: _, ...die }: DieRow): DieInput => ({
    ...die,
    guide: change && { hangs: '', made: false, ...die.guide, ...change },
  })

/** Begins a guide: a job of its own that cuts the die's negative from thin card of another colour. */
const NewGuide = ({
  row,
  onBegun,
}: {
  readonly row: DieRow
  readonly onBegun: (jobId: string) => Promise<unknown>
}) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('jobs')
  const [sheetId, setSheetId] = useState('')
  const [press] = useEveryRow('presses').data ?? []
  const begin = async () => {
    if (!press) return
    const job = jobOfRun(
      { name: t('shelf.guide.job', { die: row.name }), pressId: press.id },
      { dieIds: [row.id], sheetId, sheetCount: 1, bladeSide: 'down' },
    )
    const made = await add.mutateAsync({ ...job, note: t('shelf.guide.jobNote') })
    await onBegun(made.id)
  }
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Field label={t('shelf.guide.sheet')} className="min-w-48 flex-1">
        {(ids) => (
          <RowPicker kind="sheets" label={t('shelf.guide.sheet')} ids={ids} value={sheetId} onPick={setSheetId} />
        )}
      </Field>
      <Button disabled={sheetId === '' || !press || add.isPending} onClick={() => void begin().catch(sayTrouble)}>
        {t('shelf.guide.cut')}
      </Button>
    </div>
  )
}

/** The guide of a die: cut as a job of its own, whether it is made, and where it hangs. */
export const GuidePanel = ({ row }: { readonly row: DieRow }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const sayTrouble = useSayTrouble()
  const changing = useChangeRow('dies')
  const [typed, setTyped] = useState<string>()
  if (factsOfDieClass(row.dieClass).use !== 'die') return null
  const { guide } = row
  const change = (to: Parameters<typeof withGuide>[0]) =>
    changing.mutate({ row, change: withGuide(to) }, { onError: sayTrouble })
  const begun = async (jobId: string) => {
    await changing.mutateAsync({ row, change: withGuide({}) })
    await navigate(jobPath(jobId, 'plan'))
  }
  return (
    <Panel title={t('shelf.guide.title')}>
      {guide ? (
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <Tick checked={guide.made} onChange={() => change({ made: !guide.made })}>
            {t('shelf.guide.made')}
          </Tick>
          <Field label={t('shelf.guide.hangs')} className="min-w-48 flex-1">
            {(ids) => (
              <input
                {...ids}
                type="text"
                autoComplete="off"
                maxLength={80}
                className={boxClass}
                value={typed ?? guide.hangs}
                onChange={(event) => setTyped(event.target.value)}
                onKeyDown={(event) => {
                  if (event.key === 'Enter') event.currentTarget.blur()
                }}
                onBlur={() => {
                  if (typed !== undefined && typed !== guide.hangs) change({ hangs: typed })
                  setTyped(undefined)
                }}
              />
            )}
          </Field>
          <Button look="quiet" onClick={() => change(null)}>
            {t('shelf.guide.gone')}
          </Button>
        </div>
      ) : (
        <>
          <p className="mb-2 text-ink-soft">{t('shelf.guide.what')}</p>
          <NewGuide row={row} onBegun={begun} />
        </>
      )}
    </Panel>
  )
}
