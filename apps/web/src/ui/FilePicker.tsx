import { type ReactNode, useRef } from 'react'
import { Button } from './Button.js'

/** A button that asks for a file and hands it on. */
export const FilePicker = ({
  accept,
  label,
  spoken,
  icon,
  onFile,
}: {
  readonly accept: string
  readonly label: string
  /** The label in full, for people who hear the page. */
  readonly spoken?: string
  readonly icon?: ReactNode
  readonly onFile: (file: File) => void
}) => {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={spoken ?? label}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
      <Button icon={icon} aria-label={spoken} onClick={() => input.current?.click()}>
        {label}
      </Button>
    </>
  )
}
