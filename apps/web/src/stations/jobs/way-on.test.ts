import { wants } from '@bold-heron/core'
import { expect, it } from 'vitest'
import { wayOn } from './way-on.js'

const want = (id: string) => wants.find((each) => each.id === id)!

it('goes on in Place where the card is laid out, else in Plan', () => {
  expect(wayOn(want('whole'), 'job')).toBe('/jobs/job/plan')
  expect(wayOn(want('panel'), 'job')).toBe('/jobs/job/place?start=panel')
  expect(wayOn(want('border'), 'job')).toBe('/jobs/job/place?start=border')
})
