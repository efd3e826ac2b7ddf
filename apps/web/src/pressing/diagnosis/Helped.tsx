import type { HelpedAnswer } from '@bold-heron/schema'
import { useSetBackHelped } from '../../data/diagnosis.js'
import { Button } from '../../ui/Button.js'
import type { DiagnosisWords } from './words.js'

/** What helped in this workshop so far, which makes those causes likelier here; and the way to forget it. */
export const Helped = ({
  words: { helped: words, causes },
  helped,
}: {
  readonly words: DiagnosisWords
  readonly helped: HelpedAnswer | undefined
}) => {
  const setBack = useSetBackHelped()
  if (!helped || helped.causes.length === 0) return null
  return (
    <details className="text-base text-ink-soft">
      <summary className="min-h-11 cursor-pointer">{words.title}</summary>
      <ul className="my-2 list-disc pl-6">
        {helped.causes.map(({ cause, helped: times, failed }) => (
          <li key={cause}>{words.counted(causes[cause].name, times, failed)}</li>
        ))}
      </ul>
      <p>{words.text}</p>
      <Button look="quiet" className="min-h-12" disabled={setBack.isPending} onClick={() => setBack.mutate()}>
        {words.setBack}
      </Button>
    </details>
  )
}
