import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Panel } from '../../../ui/Panel.js'
import { deviceKinds, trustWords } from './trust-words.js'

/** How a device is made to trust this workshop's address, each kind in its own way. */
export const Trusting = ({ fingerprint }: { readonly fingerprint: string }) => {
  const { i18n } = useTranslation()
  const { data: words } = useQuery({
    queryKey: ['trust-words', i18n.language],
    queryFn: () => trustWords(i18n.language),
    staleTime: Infinity,
  })
  if (!words) return null
  return (
    <Panel title={words.title}>
      <p className="mb-2">{words.text}</p>
      <dl className="flex flex-col gap-2">
        {deviceKinds.map((kind) => (
          <div key={kind}>
            <dt className="font-bold">{words.on[kind].what}</dt>
            <dd className="text-ink-soft">{words.on[kind].how}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3">{words.fingerprint}</p>
      <p className="font-mono text-sm break-all">{fingerprint}</p>
    </Panel>
  )
}
