// The least a server of fittings could be: node:http, one prepared statement to read, one durable insert to store.
// What the product's own requests are held against. Run in a process of its own: `node bare-server.mjs FILE PORT`.
import { createServer } from 'node:http'
import Sqlite from 'better-sqlite3'

const [file, port] = process.argv.slice(2)
const db = new Sqlite(file)
// As careful with what it stores as the product is.
db.pragma('journal_mode=WAL')
db.pragma('synchronous=FULL')
db.exec('CREATE TABLE fitting (id TEXT PRIMARY KEY, body TEXT) STRICT; CREATE TABLE entry (body TEXT) STRICT')
const read = db.prepare('SELECT body FROM fitting WHERE id = ?').pluck()
const write = db.prepare('INSERT OR REPLACE INTO fitting VALUES (?, ?)')
const store = db.prepare('INSERT INTO entry VALUES (?)')

createServer((request, response) => {
  response.setHeader('content-type', 'application/json')
  if (request.method === 'GET') return response.end(read.get(request.url))
  let body = ''
  request.on('data', (chunk) => (body += chunk))
  request.on('end', () => {
    if (request.method === 'PUT') write.run(request.url, body)
    else store.run(body)
    response.end('{"stored":true}')
  })
}).listen(Number(port), '127.0.0.1', () => console.log('ready'))
