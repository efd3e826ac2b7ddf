import { describe, expect, it } from 'vitest'
import { factsOfPressClass } from '../../press/press-class.js'
import { pressSample } from './press-sample.js'

const { drive, ...frame } = factsOfPressClass('small-hand')
const withFrame = (more: Partial<typeof frame>) => pressSample({ frame: { ...frame, ...more }, drive })

describe('the sample of a press', () => {
  it('is one cut that every class gets clean in a few passes', () => {
    for (const pressClass of ['small-hand', 'a4-hand'] as const) {
      const facts = factsOfPressClass(pressClass)
      expect(pressSample({ frame: facts, drive: facts.drive }).passes).toBeLessThanOrEqual(4)
    }
  })

  it('gets less deep where the frame gives more, and pushes less', () => {
    const soft = withFrame({ frameStiffnessNPerMm: frame.frameStiffnessNPerMm / 3 })
    const stiff = withFrame({ frameStiffnessNPerMm: frame.frameStiffnessNPerMm * 3 })
    expect(soft.first.meanDepth).toBeLessThan(stiff.first.meanDepth)
    expect(soft.first.peakForceN).toBeLessThan(stiff.first.peakForceN)
  })

  it('bows thin rollers in the middle, so that less of the line is clean', () => {
    const thin = withFrame({ rollerDiameterMm: frame.rollerDiameterMm * 0.6 })
    expect(thin.first.leastDepth).toBeLessThan(pressSample({ frame, drive }).first.leastDepth)
  })

  it('turns easier with a longer crank, and cuts the same', () => {
    if (drive.by !== 'hand') throw new Error('a small press is turned by hand')
    const long = pressSample({ frame, drive: { ...drive, crankArmMm: 2 * drive.crankArmMm } })
    const usual = pressSample({ frame, drive })
    expect(long.first.handleForceN).toBeCloseTo(usual.first.handleForceN! / 2, 9)
    expect(long.first.cutFraction).toBe(usual.first.cutFraction)
  })
})
