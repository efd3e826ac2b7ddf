import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Checkout, gone, OPEN, runs, type Start } from '../e2e/fixtures/checkout.js'

const ALREADY = /already open at (\S+)\n/

let checkout: Checkout
beforeAll(() => {
  checkout = new Checkout()
})
afterAll(() => checkout.remove())

const answers = async (address: string): Promise<boolean> =>
  ((await (await fetch(new URL('/api/health', address))).json()) as { ok: boolean }).ok

describe('npm start, asked what it cannot do', () => {
  it.each([
    [['--shar'], /npm start takes --share/],
    [['--share', '--cert', 'nowhere.pem'], /--cert is "nowhere.pem", and there is no such file/],
    [['--cert', 'package.json'], /--cert is only of use with --share/],
    [['--share', '--cert', 'package.json'], /belong together/],
  ])('%s: says what is wrong before anything is started', (args, words) => {
    const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/start.mjs', ...args], { encoding: 'utf8' })
    expect(status).not.toBe(0)
    expect(stdout + stderr).toMatch(words)
  })
})

describe('npm start', () => {
  let first: Start
  it('twice at once in an empty folder: one opens, the other says where, and ends well', async () => {
    const both = [checkout.start(), checkout.start()]
    const [address] = await Promise.all([
      Promise.any(both.map((start) => start.hears(OPEN))),
      Promise.race(both.map((start) => start.ended)),
    ])
    const second = both.find((start) => ALREADY.test(start.said))!
    first = both.find((start) => start !== second)!
    expect(ALREADY.exec(second.said)![1]).toBe(address)
    expect(await second.ended).toBe(0)
    expect(await answers(address)).toBe(true)
  })

  it('a second time, later, does the same, and the first stays open', async () => {
    const address = await first.hears(OPEN)
    const second = checkout.start()
    expect(await second.hears(ALREADY)).toBe(address)
    expect(await second.ended).toBe(0)
    expect(await answers(address)).toBe(true)
  })

  it('takes over a cluster that answers, and does not stop what it did not start', async () => {
    const pid = checkout.postmaster
    await first.stop('SIGKILL')
    const second = checkout.start()
    expect(await answers(await second.hears(OPEN))).toBe(true)
    await second.stop()
    expect(second.said).toContain('left running')
    expect(runs(pid)).toBe(true)
    expect(checkout.postmaster).toBe(pid)
  })

  it('after a power cut comes up at the first try, though its old number is another program’s by now', async () => {
    const pid = checkout.postmaster
    process.kill(pid, 'SIGKILL')
    await gone(pid)
    const { uid } = statSync(checkout.cluster!)
    const stranger = spawn('sleep', ['600'], { stdio: 'ignore', uid })
    try {
      const [, ...lines] = readFileSync(checkout.lockFile, 'utf8').split('\n')
      writeFileSync(checkout.lockFile, [stranger.pid, ...lines].join('\n'))
      const start = checkout.start()
      expect(await answers(await start.hears(OPEN))).toBe(true)
      expect(checkout.postmaster).not.toBe(stranger.pid)
      expect(await start.stop()).toBe(0)
      // It had started this one, and stops it.
      expect(existsSync(checkout.lockFile)).toBe(false)
    } finally {
      stranger.kill()
    }
  })
})
