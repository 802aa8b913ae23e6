// Strangers in a process of their own, so that whoever measures is not slowed by them: as many requests of 39 MB at
// once as are asked for, each as far as the other side takes it. Prints what they were answered.
import { connect } from 'node:net'

const SIZE = 39 * 1024 * 1024
/** Pieces of a body: nothing but lists, or one long text. */
const PIECES = ['[],', 'x'].map((of) => Buffer.from(of.repeat(Math.ceil(65_536 / of.length))))

/** @param {URL} url @param {string} method @param {string} path @param {Buffer} piece @returns {Promise<string>} */
const attack = (url, method, path, piece) =>
  new Promise((done) => {
    const socket = connect(Number(url.port), url.hostname, () => {
      const head = [
        `${method} ${path} HTTP/1.1`,
        'Host: x',
        'Content-Type: application/json',
        `Content-Length: ${SIZE}`,
      ]
      socket.write(`${head.join('\r\n')}\r\n\r\n`)
      const more = () => {
        while (!socket.destroyed && socket.bytesWritten < SIZE) if (!socket.write(piece)) return
      }
      socket.on('drain', more)
      more()
    })
    let head = ''
    socket.on('data', (part) => (head += head.length < 100 ? String(part) : ''))
    socket.once('error', () => undefined)
    socket.once('close', () => done(head.slice(9, 12) || 'cut off'))
  })

const [at = '', ...targets] = process.argv.slice(2)
const outcomes = await Promise.all(
  targets.map((target, i) => {
    const [method = '', path = ''] = target.split(' ')
    return attack(new URL(at), method, path, /** @type {Buffer} */ (PIECES[i % 4 === 0 ? 1 : 0]))
  }),
)
process.stdout.write(JSON.stringify(outcomes))
