import type { EveningInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { byName, InlineSelect } from '../../../ui/form/SelectBox.js'
import { Tick } from '../../../ui/form/Tick.js'
import type { Draft } from '../../../ui/record/draft.js'
import { FormPart } from '../../../ui/record/RecordForm.js'

/** Which presses are used, and who stands at each. */
export const PressesFields = ({ draft }: { readonly draft: Draft<EveningInput> }) => {
  const { t } = useTranslation()
  const presses = useEveryRow('presses').data ?? []
  const { people, presses: chosen } = draft.value
  return (
    <FormPart
      legend={t('wall.evening.presses')}
      fault={draft.isWrong('presses') ? t('wall.evening.pressesMissing') : undefined}
    >
      {presses.map(({ id: pressId, name: press }) => {
        const its = chosen.find((each) => each.pressId === pressId)
        return (
          <div key={pressId} className="flex flex-wrap items-center gap-3">
            <Tick
              className="min-w-52"
              checked={its !== undefined}
              onChange={() =>
                draft.change({
                  presses: its
                    ? chosen.filter((each) => each !== its)
                    : [...chosen, { pressId, personId: people[0]?.id ?? '' }],
                })
              }
            >
              {press}
            </Tick>
            {its && (
              <InlineSelect
                label={t('wall.evening.whoAt', { press })}
                value={its.personId}
                options={byName(people)}
                onChange={(personId) =>
                  draft.change({ presses: chosen.map((each) => (each === its ? { ...each, personId } : each)) })
                }
              />
            )}
          </div>
        )
      })}
    </FormPart>
  )
}
