/** Three nodes of one database on loopback, and servers on them, each a process that can be killed. */
import { copyFileSync, existsSync, mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { createConnection } from 'mysql2/promise'
import { freePort, startMariadb, stopProcess } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'

const PROVIDER = '/usr/lib/galera/libgalera_smm.so'
/** A node that is gone is left out within three seconds. */
const EVICTION =
  'evs.keepalive_period=PT0.3S;evs.inactive_check_period=PT0.3S;evs.suspect_timeout=PT1S;evs.inactive_timeout=PT3S'

export interface Node {
  url: string
  kill: () => Promise<void>
  /** Starts it again and waits until it is one of the cluster. */
  back: () => Promise<void>
  stop: () => Promise<void>
}

export const startCluster = async (): Promise<Node[]> => {
  if (!existsSync(PROVIDER)) throw new Error('the cluster’s library is not there: Debian’s package galera-4')
  const home = inProject('test-results', 'cluster')
  rmSync(home, { recursive: true, force: true })
  const places: { folder: string; ports: number[] }[] = []
  for (let n = 0; n < 3; n++) {
    const folder = join(home, `node${n + 1}`)
    mkdirSync(folder, { recursive: true })
    places.push({ folder, ports: await Promise.all([freePort(), freePort(), freePort(), freePort()]) })
  }
  // The accounts of the first come to all; each begins as a database of its own.
  const first = join(home, 'node1')
  await (await startMariadb({ folder: first })).stop()
  for (const { folder } of places.slice(1)) copyFileSync(join(first, 'secret'), join(folder, 'secret'))
  const address = `gcomm://${places.map(({ ports }) => `127.0.0.1:${ports[1]}`).join()}`
  const start = async (n: number, begins: boolean) => {
    const { folder, ports } = places[n] as (typeof places)[number]
    const [port, group, transfer, state] = ports
    const instance = await startMariadb({
      folder,
      port: port as number,
      cluster: [
        '--wsrep-on=ON',
        `--wsrep-provider=${PROVIDER}`,
        `--wsrep-cluster-address=${address}`,
        ...(begins ? ['--wsrep-new-cluster'] : []),
        '--wsrep-cluster-name=handhold-test',
        `--wsrep-node-name=node${n + 1}`,
        '--wsrep-node-address=127.0.0.1',
        '--wsrep-sst-method=rsync',
        `--wsrep-sst-receive-address=127.0.0.1:${state}`,
        `--wsrep-provider-options=gmcast.listen_addr=tcp://127.0.0.1:${group};ist.recv_addr=127.0.0.1:${transfer};` +
          `gcache.size=64M;${EVICTION}`,
        '--wsrep-sync-wait=7',
        '--binlog-format=ROW',
        '--innodb-autoinc-lock-mode=2',
      ],
    })
    await whole(instance.url)
    return instance
  }
  const running: Awaited<ReturnType<typeof start>>[] = []
  for (let n = 0; n < 3; n++) running.push(await start(n, n === 0))
  return running.map(({ url }, n) => ({
    url,
    kill: () => killed((running[n] as { pid: number }).pid),
    back: async () => void (running[n] = await start(n, false)),
    stop: () => stopProcess((running[n] as { pid: number }).pid),
  }))
}

const killed = async (pid: number): Promise<void> => {
  process.kill(pid, 'SIGKILL')
  await pause(50)
}

/** Waits until a node may be asked. */
const whole = async (url: string): Promise<void> => {
  for (let tries = 0; tries < 600; tries++) {
    try {
      const connection = await createConnection(url)
      const [rows] = await connection.query("SHOW STATUS LIKE 'wsrep_ready'")
      await connection.end()
      if ((rows as { Value: string }[])[0]?.Value === 'ON') return
    } catch {
      // Not yet.
    }
    await pause(100)
  }
  throw new Error('a node did not come into the cluster')
}
