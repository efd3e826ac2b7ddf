import { cardEdges, type EdgeLine, editRun, freshId, type PlacedRun, type Placement, regionIds } from '@bold-heron/core'
import { Plus, Trash2 } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/Field.js'
import type { PanelProps } from './panel-props.js'

/** A pencil line through the middle of the card, where none was drawn yet. */
const lineFor = ({ card }: Placement): EdgeLine => ({ xMm: 0, yMm: card.heightMm / 2, angleDeg: 0, presses: 'above' })

/** The press runs in their order, and how the one in hand goes. */
export const RunSettings = ({ placement, onChange, onSelect }: PanelProps) => {
  const { t } = useTranslation()
  const run = placement.runs[placement.runInHand] as PlacedRun
  const set = (change: Partial<PlacedRun>, about?: string) =>
    onChange(
      editRun((each) => ({ ...each, ...change })),
      about,
    )
  const add = () =>
    onChange((now) => ({
      ...now,
      runs: [
        ...now.runs,
        {
          ...(now.runs[now.runInHand] as PlacedRun),
          id: freshId(now, 'run'),
          name: t('place.run.newName', { count: now.runs.length + 1 }),
          dies: [],
          blocks: [],
        },
      ],
      runInHand: now.runs.length,
    }))
  const take = () =>
    onChange((now) => ({
      ...now,
      runs: now.runs.filter((_, at) => at !== now.runInHand),
      runInHand: Math.max(0, now.runInHand - 1),
    }))
  return (
    <section className="space-y-2">
      <div className="flex items-end gap-2">
        <Field label={t('place.run.inHand')} className="flex-1 gap-0.5">
          {(ids) => (
            <select
              {...ids}
              className={boxClass}
              value={placement.runInHand}
              onChange={(event) => {
                onSelect(undefined)
                onChange((now) => ({ ...now, runInHand: Number(event.target.value) }))
              }}
            >
              {placement.runs.map((each, at) => (
                <option key={each.id} value={at}>
                  {at + 1}. {each.name} — {t(`words.region.${each.region}`)}
                </option>
              ))}
            </select>
          )}
        </Field>
        <IconButton label={t('place.run.add')} look="plain" className="size-11" onClick={add}>
          <Plus aria-hidden size={18} />
        </IconButton>
        {placement.runs.length > 1 && (
          <IconButton label={t('place.run.take')} look="plain" className="size-11" onClick={take}>
            <Trash2 aria-hidden size={18} />
          </IconButton>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.run.region')}</span>
        <Choice
          label={t('place.run.region')}
          value={run.region}
          options={regionIds.map((region) => ({ value: region, text: t(`words.region.${region}`) }))}
          onChange={(region) =>
            set(region === 'to-line' ? { region, line: run.line ?? lineFor(placement) } : { region })
          }
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.run.leads')}</span>
        <Choice
          label={t('place.run.leads')}
          value={run.leads}
          options={cardEdges.map((edge) => ({ value: edge, text: t(`place.run.edges.${edge}`) }))}
          onChange={(leads) => set({ leads })}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.run.face')}</span>
        <Choice
          label={t('place.run.face')}
          value={run.face}
          options={(['front', 'back'] as const).map((face) => ({ value: face, text: t(`place.run.faces.${face}`) }))}
          onChange={(face) => set({ face })}
        />
        {placement.card.fold && (
          <>
            <span>{t('place.run.goesIn')}</span>
            <Choice
              label={t('place.run.goesIn')}
              value={run.goesIn}
              options={(['open', 'folded'] as const).map((how) => ({
                value: how,
                text: t(`place.run.goesInWays.${how}`),
              }))}
              onChange={(goesIn) => set({ goesIn })}
            />
          </>
        )}
      </div>
      {run.region === 'to-line' && !run.line && (
        <Button onClick={() => set({ line: lineFor(placement) })}>{t('place.things.lineTitle')}</Button>
      )}
    </section>
  )
}
