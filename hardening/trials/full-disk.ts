import { spawnSync } from 'node:child_process'
import { chmodSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { plateInputs, sheetInputs } from '../../apps/server/src/testing/inputs.js'
import { Checkout, OPEN } from '../../e2e/fixtures/checkout.js'
import { ask, toldOf } from '../ask.js'
import type { Trial } from '../scene.js'

const DISK_MB = 220

/** A disk full to the last byte: what does not fit is told, nothing is half written, and once there is room it goes on. */
export const fullDisk: Trial = {
  name: 'full-disk',
  hasSlice: false,
  async run(scene) {
    const disk = mkdtempSync(join(tmpdir(), 'heron-disk-'))
    const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', disk], { stdio: 'ignore' })
    if (mounted.status !== 0) {
      rmSync(disk, { recursive: true, force: true })
      scene.note('a full disk', 'not tried: nothing may be mounted here')
      return
    }
    chmodSync(disk, 0o755)
    let checkout: Checkout | undefined
    try {
      checkout = new Checkout(disk)
      const address = (await checkout.start().hears(OPEN)).replace(/\/$/, '')
      const add = (name: string) =>
        ask(address, '/api/plates', { method: 'POST', body: { ...plateInputs.pad, name, note: 'x'.repeat(1900) } })
      const before = await add('before')
      scene.tried('a write while there is room', before.status === 201 ? undefined : toldOf(before))
      const filler = join(disk, 'filler')
      const { bavail, bsize } = statfsSync(disk)
      writeFileSync(filler, Buffer.alloc(bavail * bsize - 64 * 1024))
      const rows = Array.from({ length: 4000 }, (_, at) => `s${at},smooth-card,0.3,caliper,297,210,5`)
      const table = `name,kind,caliper_mm,caliper_by,length_mm,width_mm,stock\r\n${rows.join('\r\n')}\r\n`
      let told = 0
      const acknowledged: string[] = ['before']
      for (let turn = 0; turn < scene.times(400, 15); turn++) {
        const name = `full-${turn}`
        const answer =
          turn % 10 === 9
            ? await ask(address, '/api/csv/sheets', { method: 'POST', raw: { type: 'text/csv', content: table } })
            : await add(name)
        if (answer.status === 201) acknowledged.push(name)
        if (answer.status === 507) told++
        scene.tried(
          'a write on a full disk',
          scene.faultOf(answer, 20_000) ??
            ([200, 201, 422, 503, 507].includes(answer.status) ? undefined : toldOf(answer)),
        )
      }
      scene.tried('a full disk is told as such', told > 0 ? undefined : 'nobody said so')
      const read = await ask(address, '/api/plates?pageSize=5')
      scene.tried('a read on a full disk', scene.faultOf(read))
      rmSync(filler)
      let after = await add('after')
      // Should PostgreSQL have had to end itself, it comes back by itself.
      for (let turn = 0; turn < 100 && after.status === 503; turn++) after = await add('after')
      scene.tried(
        'a write once there is room again',
        after.status === 201 ? undefined : `${after.status}: ${after.text.slice(0, 200)}`,
      )
      const { text } = await ask(address, '/api/csv/plates')
      const there = new Set(text.split('\n').map((line) => line.split(',')[1]))
      const lost = acknowledged.filter((name) => !there.has(name))
      scene.tried('what was acknowledged is there', lost.length > 0 ? `lost: ${lost.slice(0, 5).join(' ')}` : undefined)
      scene.note('a full disk is told as such', `${told} times, of sheets such as ${sheetInputs.card.name}`)
    } finally {
      await checkout?.remove()
      spawnSync('umount', [disk], { stdio: 'ignore' })
      rmSync(disk, { recursive: true, force: true })
    }
  },
}
