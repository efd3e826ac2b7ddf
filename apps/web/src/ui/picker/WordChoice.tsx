import { wordClass } from './Picker.js'

/** One of a few choices as a word in a sentence. */
export const WordChoice = <Value extends string | number>({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string
  readonly value: Value
  readonly options: readonly { readonly value: Value; readonly text: string }[]
  readonly onChange: (value: Value) => void
}) => (
  <select
    aria-label={label}
    className={`${wordClass} cursor-pointer appearance-none bg-transparent [field-sizing:content]`}
    value={value}
    onChange={(event) => {
      const chosen = options.find((option) => String(option.value) === event.target.value)
      if (chosen) onChange(chosen.value)
    }}
  >
    {options.map((option) => (
      <option key={option.value} value={option.value}>
        {option.text}
      </option>
    ))}
  </select>
)
