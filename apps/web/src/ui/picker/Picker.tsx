import { Command } from 'cmdk'
import { Check, ChevronsUpDown } from 'lucide-react'
import { Popover } from 'radix-ui'
import { type ReactElement, type ReactNode, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { classes } from '../classes.js'

/** Something that can be picked. */
export interface Pickable {
  readonly id: string
  readonly name: string
  /** What it looks like. */
  readonly picture?: ReactNode
  /** What else tells it from others: its kind, its size. */
  readonly detail?: string | undefined
  /** Why it cannot be used here; it stays in the list, so that nobody looks for it in vain. */
  readonly unfit?: string | undefined
}

/** How many of a long list are shown at once: typing finds the others. */
const MOST_SHOWN = 80

/** Whether typed text is found in what is said of a thing, word by word. */
const matches = ({ name, detail = '' }: Pickable, typed: string): boolean => {
  const said = `${name} ${detail}`.toLowerCase()
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word))
}

/** What is called just as typed comes first, then what was picked lately; what cannot be used comes last. */
const inOrder = (things: readonly Pickable[], recent: readonly string[], typed: string): Pickable[] => {
  const said = typed.toLowerCase()
  const place = ({ id, name, unfit }: Pickable): number => {
    // None of them stands before all.
    if (id === '') return -1
    if (said !== '' && name.toLowerCase() === said) return unfit ? 10_000 : -0.5
    const at = recent.indexOf(id)
    return (unfit ? 10_000 : 0) + (at === -1 ? 1000 : at)
  }
  return [...things].sort((one, other) => place(one) - place(other))
}

/** One row of a list, or what is picked now. */
const Shown = ({ thing }: { readonly thing: Pickable }) => (
  <span className="flex min-w-0 flex-1 items-center gap-3 text-left">
    {thing.picture}
    <span className="min-w-0 flex-1">
      <span className="block truncate font-bold">{thing.name}</span>
      {(thing.unfit ?? thing.detail) && (
        <span className={classes('block truncate text-sm', thing.unfit ? 'text-danger' : 'text-ink-soft')}>
          {thing.unfit ?? thing.detail}
        </span>
      )}
    </span>
  </span>
)

/** A box of its own, one as tall as a line of text, or a word in a sentence. */
export type PickerLook = 'box' | 'line' | 'word'

const boxedClass =
  'flex items-center gap-2 rounded-md border border-ink/50 bg-field px-3 hover:bg-sunk/40 aria-invalid:border-2 aria-invalid:border-danger'
/** A word that can be touched: taller than it looks. */
export const wordClass =
  'relative inline-block border-b-2 border-dotted border-accent text-left leading-tight font-bold hover:bg-sunk after:absolute after:-inset-x-1 after:-inset-y-2.5'

const lookClass: Record<PickerLook, string> = {
  box: `${boxedClass} min-h-14 w-full py-1.5`,
  line: `${boxedClass} min-h-11 max-w-60 py-1`,
  word: wordClass,
}

/** Picks one thing of many by sight: search as you type, by mouse, touch or keys. */
export const Picker = ({
  label,
  things,
  value,
  onPick,
  recent = [],
  look = 'box',
  trigger,
  blank,
  ids = {},
}: {
  readonly label: string
  readonly things: readonly Pickable[]
  /** The id of what is picked; empty for nothing yet. */
  readonly value: string
  readonly onPick: (id: string) => void
  /** Ids that were picked lately, the last one first. */
  readonly recent?: readonly string[]
  readonly look?: PickerLook
  /** A button that opens it, where what is picked is shown elsewhere. */
  readonly trigger?: ReactElement
  /** Shown while nothing is picked. */
  readonly blank?: string | undefined
  readonly ids?: { readonly id?: string; readonly 'aria-invalid'?: true; readonly 'aria-describedby'?: string }
}) => {
  const { t } = useTranslation()
  const [open, setOpen] = useState(false)
  const [typed, setTyped] = useState('')
  const picked = things.find(({ id }) => id === value)
  const found = inOrder(
    things.filter((thing) => matches(thing, typed.trim())),
    recent,
    typed.trim(),
  )
  const pick = (id: string) => {
    setOpen(false)
    setTyped('')
    if (id !== value) onPick(id)
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      {trigger ? (
        <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      ) : (
        <Popover.Trigger
          {...ids}
          aria-label={t('common.pickNow', { label, name: picked?.name ?? t('common.pickNone') })}
          data-picker={label}
          className={lookClass[look]}
        >
          {look === 'word' ? (
            (picked?.name ?? blank ?? t('common.pick'))
          ) : picked ? (
            <Shown thing={look === 'line' ? { ...picked, detail: undefined } : picked} />
          ) : (
            <span className="flex-1 text-left text-ink-soft">{blank ?? t('common.pick')}</span>
          )}
          {look !== 'word' && <ChevronsUpDown aria-hidden size={16} className="shrink-0 text-ink-soft" />}
        </Popover.Trigger>
      )}
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          aria-label={label}
          className="z-50 w-[min(26rem,calc(100vw-1rem))] rounded-lg border border-line bg-leaf p-2 shadow-2xl"
        >
          <Command label={label} shouldFilter={false} defaultValue={value}>
            <Command.Input
              value={typed}
              onValueChange={setTyped}
              placeholder={t('common.pickSearch')}
              className="mb-2 min-h-11 w-full rounded-md border border-ink/50 bg-field px-3"
            />
            <Command.List className="max-h-[min(22rem,50dvh)] overflow-y-auto">
              <Command.Empty className="p-3 text-ink-soft">{t('common.pickNothing')}</Command.Empty>
              {found.slice(0, MOST_SHOWN).map((thing) => (
                <Command.Item
                  key={thing.id}
                  value={thing.id}
                  disabled={thing.unfit !== undefined}
                  onSelect={pick}
                  className="flex min-h-12 cursor-pointer items-center gap-2 rounded-md py-1 pr-3 pl-2 aria-disabled:cursor-default aria-disabled:opacity-70 aria-selected:bg-sunk"
                >
                  <Shown thing={thing} />
                  {thing.id === value && <Check aria-hidden size={18} className="shrink-0" />}
                </Command.Item>
              ))}
            </Command.List>
            {found.length > MOST_SHOWN && (
              <p className="px-2 pt-2 text-sm text-ink-soft">
                {t('common.pickMore', { count: found.length - MOST_SHOWN })}
              </p>
            )}
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
