import { USUAL_REST_MIN } from '@bold-heron/core'
import type { EveningInput } from '@bold-heron/schema'
import { Plus, Trash2 } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Button, IconButton } from '../../../ui/Button.js'
import { NumberInput } from '../../../ui/form/LengthInput.js'
import { TextBox } from '../../../ui/form/TextBox.js'
import type { Draft } from '../../../ui/record/draft.js'
import { FormPart } from '../../../ui/record/RecordForm.js'
import { somebody } from './blank.js'

/** The share of a hand's strength below which it is a sore one. */
const SORE_BELOW = 0.85

type Person = EveningInput['people'][number]

/** Who is there, how strong their hands are, and how long these rest. */
export const PeopleFields = ({ draft }: { readonly draft: Draft<EveningInput> }) => {
  const { t } = useTranslation()
  const { people, presses } = draft.value
  const set = (person: Person, part: Partial<Person>) =>
    draft.change({ people: people.map((each) => (each === person ? { ...each, ...part } : each)) })
  const takeOut = (person: Person) => {
    const left = people.filter((each) => each !== person)
    const [first] = left
    draft.change({
      people: left,
      presses: presses.map((each) => (each.personId === person.id && first ? { ...each, personId: first.id } : each)),
    })
  }
  return (
    <FormPart legend={t('wall.evening.people')} className="space-y-2">
      {people.map((person, at) => (
        <div key={person.id} className="flex flex-wrap items-end gap-3">
          <TextBox
            label={<span className="text-sm font-normal">{t('wall.evening.who')}</span>}
            className="min-w-40 flex-1 gap-0"
            fault={draft.isWrong(`people.${at}.name`) ? t('wall.evening.whoMissing') : undefined}
            value={person.name}
            onChange={(name) => set(person, { name })}
          />
          <NumberInput
            label={t('wall.evening.hand')}
            value={Math.round(100 * person.handShare)}
            step={5}
            least={10}
            most={100}
            onChange={(percent) => {
              const handShare = percent / 100
              // Sore hands rest more, unless somebody has said otherwise.
              const restsMore = handShare < SORE_BELOW && person.restMin === USUAL_REST_MIN.strong
              set(person, { handShare, ...(restsMore ? { restMin: USUAL_REST_MIN.sore } : {}) })
            }}
          />
          <NumberInput
            label={t('wall.evening.rest')}
            value={person.restMin}
            step={5}
            least={0}
            most={50}
            onChange={(restMin) => set(person, { restMin })}
          />
          {people.length > 1 && (
            <IconButton
              className="size-11"
              label={t('wall.evening.without', { name: person.name })}
              onClick={() => takeOut(person)}
            >
              <Trash2 aria-hidden size={18} />
            </IconButton>
          )}
        </div>
      ))}
      <Button
        look="quiet"
        icon={<Plus aria-hidden size={18} />}
        onClick={() => {
          const name = t('wall.evening.somebody', { number: people.length + 1 })
          draft.change({ people: [...people, somebody(crypto.randomUUID(), name)] })
        }}
      >
        {t('wall.evening.addPerson')}
      </Button>
    </FormPart>
  )
}
