import { type ChildProcess, spawn } from 'node:child_process'
import {
  chmodSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const OPEN = /Bold Heron is open at (\S+)\n/
const ALREADY = /already open at (\S+)\n/

let folder: string
const started = new Set<Start>()

/** One `npm start` in the folder, and what it has said. */
class Start {
  said = ''
  private readonly process: ChildProcess
  readonly ended: Promise<number | null>

  constructor() {
    this.process = spawn(process.execPath, ['scripts/start.mjs'], {
      cwd: folder,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, DEMO: 'no', DATABASE_URL: '', NODE_ENV: '' },
    })
    for (const stream of [this.process.stdout, this.process.stderr])
      stream?.on('data', (part: Buffer) => (this.said += part.toString()))
    this.ended = new Promise((resolve) => this.process.once('exit', (code) => resolve(code)))
    started.add(this)
  }

  /** What it says, once it says it; fails where it ends without. */
  hears(what: RegExp): Promise<string> {
    return new Promise((resolve, reject) => {
      const look = () => {
        const found = what.exec(this.said)
        if (found) resolve(found[1] ?? '')
        return found !== null
      }
      if (look()) return
      for (const stream of [this.process.stdout, this.process.stderr]) stream?.on('data', look)
      void this.ended.then((code) => look() || reject(new Error(`ended with ${code}: ${this.said}`)))
    })
  }

  stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<number | null> {
    this.process.kill(signal)
    return this.ended
  }
}

const cluster = () => {
  const own = join(folder, '.data/postgres')
  return existsSync(own) ? own : undefined
}
const lockFile = () => join(cluster()!, 'postmaster.pid')
const postmaster = (): number => Number(readFileSync(lockFile(), 'utf8').split('\n')[0])
const runs = (pid: number): boolean => existsSync(`/proc/${pid}`)
const gone = async (pid: number): Promise<void> => {
  while (runs(pid)) await new Promise((resolve) => setImmediate(resolve))
}
const answers = async (address: string): Promise<boolean> =>
  ((await (await fetch(new URL('/api/health', address))).json()) as { ok: boolean }).ok

/** A checkout of its own: all that is made of sources is there already, its data is not. */
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'heron-start-'))
  cpSync(join(root, 'scripts'), join(folder, 'scripts'), { recursive: true })
  for (const name of ['apps', 'packages', 'node_modules', 'package.json', 'package-lock.json', 'tsconfig.base.json'])
    symlinkSync(join(root, name), join(folder, name))
  mkdirSync(join(folder, '.data'))
  for (const stamp of ['npm-lock.sha256', 'web-build.sha256'])
    cpSync(join(root, '.data', stamp), join(folder, '.data', stamp))
  // The database's own user must get in where this runs as root.
  chmodSync(folder, 0o755)
})
afterAll(async () => {
  await Promise.all([...started].map((start) => start.stop()))
  const at = cluster()
  if (at && existsSync(lockFile())) {
    const pid = postmaster()
    if (runs(pid)) process.kill(pid, 'SIGINT')
    await gone(pid)
  }
  rmSync(folder, { recursive: true, force: true })
})

describe('npm start', () => {
  let first: Start
  it('twice at once in an empty folder: one opens, the other says where, and ends well', async () => {
    const both = [new Start(), new Start()]
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
    const second = new Start()
    expect(await second.hears(ALREADY)).toBe(address)
    expect(await second.ended).toBe(0)
    expect(await answers(address)).toBe(true)
  })

  it('takes over a cluster that answers, and does not stop what it did not start', async () => {
    const pid = postmaster()
    await first.stop('SIGKILL')
    const second = new Start()
    expect(await answers(await second.hears(OPEN))).toBe(true)
    await second.stop()
    expect(second.said).toContain('left running')
    expect(runs(pid)).toBe(true)
    expect(postmaster()).toBe(pid)
  })

  it('after a power cut comes up at the first try, though its old number is another program’s by now', async () => {
    const pid = postmaster()
    process.kill(pid, 'SIGKILL')
    await gone(pid)
    const { uid } = statSync(cluster()!)
    const stranger = spawn('sleep', ['600'], { stdio: 'ignore', uid })
    try {
      const [, ...lines] = readFileSync(lockFile(), 'utf8').split('\n')
      writeFileSync(lockFile(), [stranger.pid, ...lines].join('\n'))
      const start = new Start()
      expect(await answers(await start.hears(OPEN))).toBe(true)
      expect(postmaster()).not.toBe(stranger.pid)
      expect(await start.stop()).toBe(0)
      // It had started this one, and stops it.
      expect(existsSync(lockFile())).toBe(false)
    } finally {
      stranger.kill()
    }
  })
})
