import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLocation, useSearchParams } from 'react-router'
import { boxClass, Field } from '../../ui/Field.js'
import { Loaded } from '../../ui/states.js'
import type { SymptomId, SymptomWords } from './symptoms/list.js'
import { symptomSearch } from './symptoms/search.js'
import { SymptomPicture } from './symptoms/SymptomPicture.js'
import { symptomWords } from './symptoms/words.js'

const Symptom = ({
  id,
  words,
  isAsked,
}: {
  readonly id: SymptomId
  readonly words: SymptomWords
  readonly isAsked: boolean
}) => {
  const { seen, why, help } = words.say[id]
  return (
    <li
      id={id}
      className={`flex items-start gap-4 rounded-lg border bg-leaf p-3 ${isAsked ? 'border-2 border-accent' : 'border-line'}`}
    >
      <SymptomPicture of={id} />
      <div className="min-w-0">
        <h2 className="text-lg">{seen}</h2>
        <p>
          <strong>{words.help}:</strong> {help}
        </p>
        <p className="text-ink-soft">
          {words.why}: {why}
        </p>
      </div>
    </li>
  )
}

/** What goes wrong beside the press, found by whatever words people have for it. */
const Symptoms = ({ words }: { readonly words: SymptomWords }) => {
  const [search, setSearch] = useSearchParams()
  const named = useLocation().hash.slice(1)
  const find = useMemo(() => symptomSearch(words), [words])
  // Typed faster than addresses change.
  const [asked, setAsked] = useState(search.get('q') ?? '')
  const found = find(asked)
  // What a page elsewhere asks for by name comes first.
  const shown = [...found].sort((one, other) => Number(other === named) - Number(one === named))
  return (
    <>
      <h1 className="text-3xl">{words.title}</h1>
      <p className="mb-3 text-ink-soft">{words.text}</p>
      <Field label={words.search} className="mb-3 max-w-xl">
        {(ids) => (
          <input
            {...ids}
            type="search"
            className={boxClass}
            value={asked}
            onChange={({ target }) => {
              setAsked(target.value)
              setSearch(target.value ? { q: target.value } : {}, { replace: true })
            }}
          />
        )}
      </Field>
      <p role="status" className="mb-3">
        {found.length === 0 && words.none} <span className="text-ink-soft">{words.notHere}</span>
      </p>
      <ul className="grid gap-3 xl:grid-cols-2">
        {shown.map((id) => (
          <Symptom key={id} id={id} words={words} isAsked={id === named} />
        ))}
      </ul>
    </>
  )
}

export const Component = () => {
  const { t, i18n } = useTranslation()
  const words = useQuery({
    queryKey: ['symptoms', i18n.language],
    queryFn: () => symptomWords(i18n.language),
    staleTime: Infinity,
  })
  return (
    <Loaded query={words} what={t('glossary.symptomsLoading')}>
      {(its) => <Symptoms words={its} />}
    </Loaded>
  )
}
