import { describe, expect, it } from 'vitest'
import { ProblemError } from './client.js'
import { NotSaved, saveChange, saveOrAsk, type Whose } from './whose-work.js'

interface Row {
  readonly version: number
  readonly note: string
}

/** A server that has one row, and somebody else who saves it in between, so many times. */
const workshop = (note: string, meanwhile: number) => {
  let row: Row = { version: 1, note: 'as it was' }
  const others = Array.from({ length: meanwhile }, (_, at) => `theirs ${at + 1}`)
  const asked: Row[] = []
  const save = (version: number): Promise<Row> => {
    const other = others.shift()
    if (other !== undefined) row = { version: row.version + 1, note: other }
    if (version !== row.version)
      throw new ProblemError({ type: 'about:blank', title: '', status: 412, code: 'stale', current: row } as never)
    row = { version: row.version + 1, note }
    return Promise.resolve(row)
  }
  const saveAnswering = (...answers: readonly Whose[]) => {
    const left = [...answers]
    return saveOrAsk(
      save,
      1,
      (answer) => answer as Row,
      (theirs) => {
        asked.push(theirs)
        return Promise.resolve(left.shift())
      },
    )
  }
  return { saveAnswering, asked, stands: () => row }
}

describe('saving a row', () => {
  it('asks nobody where nobody saved it in between', async () => {
    const { saveAnswering, asked } = workshop('mine', 0)
    expect(await saveAnswering()).toEqual({ version: 2, note: 'mine' })
    expect(asked).toEqual([])
  })

  it('is saved over theirs where mine is to be kept', async () => {
    const { saveAnswering, asked, stands } = workshop('mine', 1)
    expect(await saveAnswering('mine')).toEqual({ version: 3, note: 'mine' })
    expect(asked.map(({ note }) => note)).toEqual(['theirs 1'])
    expect(stands().note).toBe('mine')
  })

  it('asks again where it was saved once more while the question stood there', async () => {
    const { saveAnswering, asked, stands } = workshop('mine', 2)
    await saveAnswering('mine', 'mine')
    expect(asked.map(({ note }) => note)).toEqual(['theirs 1', 'theirs 2'])
    expect(stands().note).toBe('mine')
  })

  it('saves nothing where theirs is to be kept, and says what stands there', async () => {
    const { saveAnswering, stands } = workshop('mine', 1)
    const refused: unknown = await saveAnswering('theirs').catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(NotSaved)
    expect((refused as NotSaved<Row>).theirs).toEqual({ version: 2, note: 'theirs 1' })
    expect(stands().note).toBe('theirs 1')
  })

  it('saves nothing where the question was left open, and keeps what was typed', async () => {
    const { saveAnswering, stands } = workshop('mine', 1)
    const refused: unknown = await saveAnswering(undefined).catch((error: unknown) => error)
    expect((refused as NotSaved).theirs).toBeUndefined()
    expect(stands().note).toBe('theirs 1')
  })

  it('passes on any other trouble', async () => {
    const trouble = new Error('away')
    await expect(
      saveOrAsk(
        () => Promise.reject(trouble),
        1,
        (answer) => answer as Row,
        () => Promise.resolve('mine'),
      ),
    ).rejects.toBe(trouble)
  })
})

describe('a change that says all it does', () => {
  it('is made anew to what somebody else saved in between, and keeps what they did', async () => {
    interface Job {
      readonly version: number
      readonly state: string
      readonly inHand: number
    }
    let stands: Job = { version: 4, state: 'under way', inHand: 0 }
    // The page has it from before the log moved it on.
    const seen: Job = { version: 3, state: 'planned', inHand: 0 }
    const saved = await saveChange(
      seen,
      (from) => {
        if (from.version !== stands.version)
          throw new ProblemError({
            type: 'about:blank',
            title: '',
            status: 412,
            code: 'stale',
            current: stands,
          } as never)
        stands = { ...from, inHand: 1, version: from.version + 1 }
        return Promise.resolve(stands)
      },
      (answer) => answer as Job,
    )
    expect(saved).toEqual({ version: 5, state: 'under way', inHand: 1 })
  })
})
