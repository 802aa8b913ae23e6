import type { Server } from 'node:http'
import { compose } from './compose'
import { readConfig } from './config'
import { planAhead } from './features/classes/planAhead'
import { warmUp } from './features/coverage/warmUp'

const config = readConfig(process.env)
const { app, services, end, close } = await compose(config)
await new Promise<void>((open) => void warmUp(services, open).then(() => planAhead(services)))

const server: Server = app.listen(config.port, config.host, (error?: Error) => {
  if (error) {
    services.log.fatal({ err: error }, 'cannot listen')
    process.exitCode = 1
    void close()
    return
  }
  const address = server.address()
  const port = typeof address === 'object' && address ? address.port : config.port
  services.links.listening(config.host, port)
  process.stdout.write(`Handhold is at http://${config.host}:${port}\n`)
})

/** Whatever clients do, it is over after so long. */
const STOPPED_WITHIN_MS = 8000

/** Answers what has been asked, asks nobody to go on, then lets go of the database. */
let stopping = false
server.prependListener('request', (_request, response) => {
  if (stopping) response.setHeader('Connection', 'close')
})
const stop = () => {
  stopping = true
  end()
  server.close(() => void close().finally(() => process.exit(0)))
  server.closeIdleConnections()
  setTimeout(() => {
    server.closeAllConnections()
    setTimeout(() => process.exit(0), 1000)
  }, STOPPED_WITHIN_MS)
}
process.once('SIGTERM', stop)
process.once('SIGINT', stop)
