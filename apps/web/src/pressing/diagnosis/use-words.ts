import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { diagnosisWords } from './words.js'

/** What is said of what went wrong, in the page's language; fetched when it is first shown. */
export const useDiagnosisWords = () => {
  const { i18n } = useTranslation()
  return useQuery({
    queryKey: ['words', 'diagnosis', i18n.language],
    queryFn: () => diagnosisWords(i18n.language),
    staleTime: Infinity,
  })
}
