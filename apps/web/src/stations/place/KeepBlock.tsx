import type { Plate } from '@bold-heron/core'
import { PackageCheck } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useAddRow } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** A block that was glued up: kept on the shelf as high as it was built. */
export const KeepBlock = ({ block }: { readonly block: Plate }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('plates')
  const [builtMm, setBuilt] = useState<number>()
  const thicknessMm = builtMm ?? Math.round(block.thickness.valueMm * 1000) / 1000
  if (add.isSuccess) return <p role="status">{t('place.blocks.isKept', { name: block.name })}</p>
  const keep = () =>
    add.mutate(
      {
        name: block.name,
        kind: 'press-block',
        count: 1,
        thicknessMm,
        measuredBy: builtMm === undefined ? 'table' : 'caliper',
        material: '',
        lengthMm: block.lengthMm,
        widthMm: block.widthMm,
        fullThicknessWidthMm: block.widthMm,
        magnetic: false,
        reservedForSteel: false,
        faceA: 'fresh',
        faceB: 'fresh',
        note: '',
      },
      { onError: sayTrouble },
    )
  return (
    <div className="flex flex-wrap items-end gap-2">
      <LengthInput
        label={t('place.blocks.built')}
        mm={thicknessMm}
        leastMm={0.1}
        shown={lengths.thickness}
        onChange={setBuilt}
      />
      <Button icon={<PackageCheck aria-hidden size={18} />} disabled={add.isPending} onClick={keep}>
        {t('place.blocks.keep')}
      </Button>
    </div>
  )
}
