/** Who is signed in. Sessions live in the database, so that any server process knows them. */
import { hash, verify } from '@node-rs/argon2'
import { createHash, randomBytes } from 'node:crypto'
import { LessThan, type DataSource } from 'typeorm'
import type { Role } from '#shared/api/session'
import { SessionRow, UserRow } from '../../database/entities/index'
import { NotSignedIn } from '../../http/problems'
import type { SignedIn } from '../../http/route'

const SESSION_HOURS = 12
const TOKEN_BYTES = 32

export interface NewUser {
  id: string
  name: string
  role: Role
  password: string
}

export class SessionService {
  /** Compared with when the user is unknown, so that both refusals take as long. */
  private readonly nobody = hash(randomBytes(TOKEN_BYTES).toString('hex'))

  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date,
  ) {}

  async addUser({ id, name, role, password }: NewUser): Promise<void> {
    await this.database.getRepository(UserRow).insert({ id, name, role, passwordHash: await hash(password) })
  }

  async hasUsers(): Promise<boolean> {
    return (await this.database.getRepository(UserRow).count()) > 0
  }

  /** Throws `NotSignedIn` without saying which of the two was wrong. */
  async signIn(id: string, password: string): Promise<SignedIn & { token: string; expires: Date }> {
    const user = await this.database.getRepository(UserRow).findOneBy({ id })
    const right = await verify(user?.passwordHash ?? (await this.nobody), password)
    if (!user || !right) throw new NotSignedIn('Name and password do not go together.')
    const token = randomBytes(TOKEN_BYTES).toString('base64url')
    const csrf = randomBytes(TOKEN_BYTES).toString('base64url')
    const expires = new Date(this.now().getTime() + SESSION_HOURS * 3_600_000)
    const sessions = this.database.getRepository(SessionRow)
    await sessions.delete({ expires: LessThan(this.now()) })
    await sessions.insert({ tokenHash: digest(token), user: user.id, csrf, expires })
    return { user: publicUser(user), csrf, token, expires }
  }

  /** Asked at every request, so in one plain query. */
  async find(token: string): Promise<SignedIn | undefined> {
    const found: (SessionRow & UserRow)[] = await this.database.query(
      'SELECT s.csrf, s.expires, u.id, u.name, u.role FROM session s JOIN `user` u ON u.id = s.`user` WHERE s.token_hash = ?',
      [digest(token)],
    )
    const [session] = found
    return session && session.expires > this.now() ? { user: publicUser(session), csrf: session.csrf } : undefined
  }

  async signOut(token: string): Promise<void> {
    await this.database.getRepository(SessionRow).delete({ tokenHash: digest(token) })
  }
}

const digest = (token: string): string => createHash('sha256').update(token).digest('hex')

const publicUser = ({ id, name, role }: UserRow): SignedIn['user'] => ({ id, name, role: role as Role })
