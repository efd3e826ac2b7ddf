import { useLengths } from '../../text/lengths.js'
import { editBlock, keyOfThing, type LaidBlock, type PlacedRun, takeThing } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Field } from '../../ui/Field.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { type Pickable, Picker } from '../../ui/picker/Picker.js'
import { AddBlocks } from './AddBlocks.js'
import { CompareBlocks } from './CompareBlocks.js'
import type { PanelProps } from './panel-props.js'
import { PoseFields } from './PoseFields.js'
import { ThingHead } from './ThingHead.js'

/** The press blocks of the run in hand. */
export const BlockRows = (props: PanelProps) => {
  const { t } = useTranslation()
  const { placement, things, selected, onSelect, onChange } = props
  const lengths = useLengths()
  const run = placement.runs[placement.runInHand] as PlacedRun
  if (run.region !== 'under-block') return null
  const plates = things.request.shelf.filter((plate) => plate.kind === 'press-block')
  const [laid] = run.dies
  const materials: readonly Pickable[] = [
    ...plates.map(({ id, name }) => ({ id: `p ${id}`, name: t('place.things.ofPlate', { name }) })),
    ...things.sheets.map(({ id, name }) => ({ id: `s ${id}`, name: t('place.things.ofCards', { name }) })),
  ]
  const nameOfMaterial = (material: LaidBlock['material']): string =>
    material.is === 'plate' ? `p ${material.plateId}` : `s ${material.sheetId}`
  const materialOf = (value: string): LaidBlock['material'] => {
    const id = value.slice(2)
    return value.startsWith('p ') ? { is: 'plate', plateId: id } : { is: 'cards', sheetId: id }
  }
  return (
    <section>
      <h2 className="font-bold text-base">{t('place.things.blocks')}</h2>
      <ul className="divide-y divide-line">
        {run.blocks.map((block) => {
          const thing = { is: 'block' as const, id: block.id }
          const on = selected !== undefined && keyOfThing(selected) === keyOfThing(thing)
          return (
            <li key={block.id} className="py-1">
              <ThingHead
                name={block.id}
                title={`${block.id} · ${lengths.area(block.widthMm, block.heightMm)}`}
                isOpen={on}
                onOpen={() => onSelect(thing)}
                onTake={() => onChange(takeThing(thing))}
              />
              <Field label={t('place.things.material')} className="gap-0.5">
                {(ids) => (
                  <Picker
                    label={t('place.things.material')}
                    ids={ids}
                    things={materials}
                    value={nameOfMaterial(block.material)}
                    onPick={(name) => onChange(editBlock(block.id, { material: materialOf(name) }))}
                  />
                )}
              </Field>
              {on && (
                <div className="flex flex-wrap gap-2 pt-1">
                  <PoseFields
                    pose={block}
                    name={block.id}
                    onChange={(change, about) => onChange(editBlock(block.id, change), about)}
                  />
                  {block.outline === null && (
                    <>
                      <LengthInput
                        label={t('place.things.width')}
                        mm={block.widthMm}
                        leastMm={1}
                        onChange={(widthMm) => onChange(editBlock(block.id, { widthMm }))}
                      />
                      <LengthInput
                        label={t('place.things.height')}
                        mm={block.heightMm}
                        leastMm={1}
                        onChange={(heightMm) => onChange(editBlock(block.id, { heightMm }))}
                      />
                    </>
                  )}
                </div>
              )}
            </li>
          )
        })}
      </ul>
      <AddBlocks things={things} laid={laid} onChange={onChange} />
      <CompareBlocks {...props} />
    </section>
  )
}
