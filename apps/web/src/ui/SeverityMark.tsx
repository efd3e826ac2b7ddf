import type { Severity } from '@bold-heron/core'
import { Info, OctagonX, TriangleAlert } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Badge } from './Badge.js'

const marks = {
  stop: { tone: 'danger', Icon: OctagonX },
  caution: { tone: 'warn', Icon: TriangleAlert },
  note: { tone: 'plain', Icon: Info },
} as const

/** How grave a finding is, by word, shape and colour. */
export const SeverityMark = ({ severity }: { readonly severity: Severity }) => {
  const { t } = useTranslation()
  const { tone, Icon } = marks[severity]
  return (
    <Badge tone={tone} icon={<Icon aria-hidden size={14} />}>
      {t(`words.severity.${severity}`)}
    </Badge>
  )
}
