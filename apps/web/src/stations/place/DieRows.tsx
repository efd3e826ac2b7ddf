import { useLengths } from '../../text/lengths.js'
import {
  editDie,
  editRun,
  freshId,
  frontOf,
  keyOfThing,
  type LaidDie,
  type PlacedRun,
  takeThing,
} from '@bold-heron/core'
import { Copy } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { IconButton } from '../../ui/Button.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'
import { PoseFields } from './PoseFields.js'
import { ThingHead } from './ThingHead.js'

/** The dies of the run in hand. */
export const DieRows = (props: PanelProps) => {
  const { t } = useTranslation()
  const { placement, things, selected, onSelect, onChange } = props
  const lengths = useLengths()
  const dieOf = dieFinder(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const front = frontOf(placement.card)
  const add = (dieId: string) =>
    onChange((now) =>
      editRun((each) => ({
        ...each,
        dies: [
          ...each.dies,
          {
            id: freshId(now, 'die'),
            dieId,
            xMm: (front.fromX + front.toX) / 2,
            yMm: (front.fromY + front.toY) / 2,
            rotationDeg: 0,
          },
        ],
      }))(now),
    )
  const copy = (laid: LaidDie) =>
    onChange((now) =>
      editRun((each) => ({
        ...each,
        dies: [...each.dies, { ...laid, id: freshId(now, 'die'), xMm: laid.xMm + 5, yMm: laid.yMm + 5 }],
      }))(now),
    )
  return (
    <section>
      <h2 className="font-bold text-base">{t('place.things.dies')}</h2>
      <ul className="divide-y divide-line">
        {run.dies.map((laid) => {
          const die = dieOf(laid.dieId)
          const name = die?.name ?? ''
          const thing = { is: 'die' as const, id: laid.id }
          const on = selected !== undefined && keyOfThing(selected) === keyOfThing(thing)
          return (
            <li key={laid.id} className="py-1">
              <ThingHead
                name={name}
                isOpen={on}
                onOpen={() => onSelect(thing)}
                onTake={() => onChange(takeThing(thing))}
              >
                <span className="text-sm text-ink-soft">
                  {lengths.place(laid.xMm)} · {lengths.place(laid.yMm)}
                </span>
                <IconButton label={t('place.things.copy', { name })} onClick={() => copy(laid)}>
                  <Copy aria-hidden size={16} />
                </IconButton>
              </ThingHead>
              {on && (
                <div className="flex gap-2 pb-1">
                  <PoseFields
                    pose={laid}
                    name={laid.id}
                    onChange={(change, about) => onChange(editDie(laid.id, change), about)}
                  />
                </div>
              )}
            </li>
          )
        })}
      </ul>
      <RowPicker
        kind="dies"
        label={t('place.things.addDie')}
        blank={`${t('place.things.addDie')}…`}
        among={({ id }) => things.dies.some((die) => die.id === id)}
        value=""
        onPick={add}
      />
    </section>
  )
}
