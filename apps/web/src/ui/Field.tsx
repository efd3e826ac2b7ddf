import { type ReactNode, useId } from 'react'
import { classes } from './classes.js'
import { Fault } from './Notice.js'

/** Classes of a plain input or select. */
export const boxClass =
  'w-full min-h-11 rounded-md border bg-field px-3 py-2 text-ink placeholder:text-ink-soft/70 aria-invalid:border-danger aria-invalid:border-2 border-ink/50'

/** A label, a control, and what there is to say about it: the fault if there is one, else the hint. */
export const Field = ({
  label,
  hint,
  fault,
  className,
  children,
}: {
  readonly label: ReactNode
  readonly hint?: ReactNode
  readonly fault?: string | undefined
  readonly className?: string | undefined
  readonly children: (ids: { id: string; 'aria-invalid'?: true; 'aria-describedby'?: string }) => ReactNode
}) => {
  const id = useId()
  const described = fault || hint ? { 'aria-describedby': `${id}-say` } : {}
  return (
    <div className={classes('flex flex-col gap-1', className)}>
      <label htmlFor={id} className="font-bold">
        {label}
      </label>
      {children({ id, ...(fault ? { 'aria-invalid': true as const } : {}), ...described })}
      {fault ? (
        <Fault id={`${id}-say`}>{fault}</Fault>
      ) : (
        hint && (
          <p id={`${id}-say`} className="text-sm text-ink-soft">
            {hint}
          </p>
        )
      )}
    </div>
  )
}
