import { type BaseKind, baseKinds } from '@bold-heron/core'
import type { BuildInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Choice } from '../../ui/Choice.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { TextBox } from '../../ui/form/TextBox.js'
import { Tick } from '../../ui/form/Tick.js'
import type { Draft } from '../../ui/record/draft.js'

const MOST_WANTED = 10_000
/** mm. What many mail services take as a letter; the user's own limit replaces it. Common practice, no source. */
const USUAL_LIMIT_MM = 5

/** What a build is called, how many there are, and the base that all of it stands on. */
export const BuildFields = ({ draft }: { readonly draft: Draft<BuildInput> }) => {
  const { t } = useTranslation()
  const { value: build, change } = draft
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <TextBox
          label={t('cards.build.called')}
          className="min-w-48 flex-1"
          fault={draft.isWrong('name') ? t('cards.build.nameMissing') : undefined}
          value={build.name}
          onChange={(name) => change({ name })}
        />
        <NumberInput
          label={t('cards.build.wanted')}
          value={build.wanted}
          step={1}
          least={1}
          most={MOST_WANTED}
          onChange={(wanted) => change({ wanted: Math.round(wanted) })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Choice<BaseKind>
          label={t('cards.build.base')}
          value={build.base}
          options={baseKinds.map((base) => ({ value: base, text: t(`cards.build.bases.${base}`) }))}
          onChange={(base) => change({ base })}
        />
        <LengthInput
          label={t('cards.build.frontWidth')}
          mm={build.frontWidthMm}
          leastMm={10}
          onChange={(frontWidthMm) => change({ frontWidthMm })}
        />
        <LengthInput
          label={t('cards.build.frontHeight')}
          mm={build.frontHeightMm}
          leastMm={10}
          onChange={(frontHeightMm) => change({ frontHeightMm })}
        />
        <Tick
          checked={build.mostHighMm !== null}
          onChange={() => change({ mostHighMm: build.mostHighMm === null ? USUAL_LIMIT_MM : null })}
        >
          {t('cards.build.posted')}
        </Tick>
        {build.mostHighMm !== null && (
          <LengthInput
            label={t('cards.build.mostHigh')}
            mm={build.mostHighMm}
            leastMm={0.1}
            onChange={(mostHighMm) => change({ mostHighMm })}
          />
        )}
      </div>
    </>
  )
}
