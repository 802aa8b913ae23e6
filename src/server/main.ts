import type { Server } from 'node:http'
import { compose } from './compose'
import { readConfig } from './config'

const config = readConfig(process.env)
const { app, services, close } = await compose(config)

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

/** Answers what has been asked, then lets go of the database. */
const stop = () => {
  server.close(() => void close().then(() => process.exit(0)))
  server.closeIdleConnections()
}
process.once('SIGTERM', stop)
process.once('SIGINT', stop)
