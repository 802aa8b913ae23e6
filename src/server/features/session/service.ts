/** Who is signed in. Sessions live in the database, so that any server process knows them. */
import { hash, verify } from '@node-rs/argon2'
import { LessThan, type DataSource, type EntityManager } from 'typeorm'
import type { Person, Role } from '#shared/api/session'
import { SessionRow, UserRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { Conflict, Invalid, NotFound, NotSignedIn } from '../../http/problems'
import type { SignedIn } from '../../http/route'
import { digest, newToken } from '../../http/token'

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
  private readonly nobody = hash(newToken(TOKEN_BYTES))

  constructor(
    private readonly writes: Writes,
    private readonly database: DataSource,
    private readonly now: () => Date,
  ) {}

  async addUser(user: NewUser): Promise<void> {
    await this.addUsers([user])
  }

  /** All of them or none. */
  async addUsers(users: readonly NewUser[]): Promise<void> {
    const rows = users.map(async ({ id, name, role, password }) => ({
      ...{ id, name, role },
      passwordHash: await hash(password),
    }))
    const made = await Promise.all(rows)
    await this.writes.run('people', (manager) => manager.insert(UserRow, made))
  }

  /** The lead of a shop in which nobody has an account yet; throws `Conflict` where somebody has. */
  async addFirst(user: Omit<NewUser, 'role'>): Promise<void> {
    const passwordHash = await hash(user.password)
    // Two that come first at the same time write the topic’s one row: the second sees the first, on any node.
    await this.writes.run('people', async (manager) => {
      if ((await manager.count(UserRow)) > 0)
        throw new Conflict('Somebody has an account already. Sign in, or ask the lead for one.', [])
      await manager.insert(UserRow, { id: user.id, name: user.name, role: 'lead', passwordHash })
    })
  }

  async people(): Promise<Person[]> {
    const rows = await this.database.getRepository(UserRow).find({ order: { name: 'ASC', id: 'ASC' } })
    return rows.map(publicUser)
  }

  /** Throws `Invalid` where the name to sign in with is taken. */
  async addPerson({ id, name, role, password }: NewUser): Promise<void> {
    const passwordHash = await hash(password)
    await this.writes.run('people', async (manager) => {
      if (await manager.findOneBy(UserRow, { id }))
        throw new Invalid('That name is taken.', [{ path: ['id'], message: `“${id}” signs in already` }])
      await manager.insert(UserRow, { id, name, role, passwordHash })
    })
  }

  /** A new password ends whatever sessions there are. Throws `Invalid` where no lead would be left. */
  async changePerson(
    id: string,
    { name, role, password }: Omit<NewUser, 'id' | 'password'> & { password?: string | undefined },
  ): Promise<void> {
    const passwordHash = password === undefined ? undefined : await hash(password)
    await this.keepingALead(async (manager) => {
      const { affected } = await manager.update(
        UserRow,
        { id },
        { name, role, ...(passwordHash === undefined ? {} : { passwordHash }) },
      )
      if (!affected) throw new NotFound('There is no such person any more.')
      if (passwordHash !== undefined) await manager.delete(SessionRow, { user: id })
    })
  }

  async removePerson(id: string): Promise<void> {
    await this.keepingALead(async (manager) => {
      const { affected } = await manager.delete(UserRow, { id })
      if (!affected) throw new NotFound('There is no such person any more.')
    })
  }

  /** Two that would each leave the other as the lead write the topic's one row, so that one of them sees the other. */
  private async keepingALead(change: (manager: EntityManager) => Promise<void>): Promise<void> {
    await this.writes.run('people', async (manager) => {
      await manager.find(UserRow, { lock: { mode: 'pessimistic_write' } })
      await change(manager)
      if ((await manager.countBy(UserRow, { role: 'lead' })) === 0)
        throw new Invalid('A shop needs a lead.', [{ path: ['role'], message: 'nobody else is one' }])
    })
  }

  async hasUsers(): Promise<boolean> {
    return (await this.database.getRepository(UserRow).count()) > 0
  }

  /** Throws `NotSignedIn` without saying which of the two was wrong. */
  async signIn(id: string, password: string): Promise<SignedIn & { token: string; expires: Date }> {
    const user = await this.database.getRepository(UserRow).findOneBy({ id })
    const right = await verify(user?.passwordHash ?? (await this.nobody), password)
    if (!user || !right) throw new NotSignedIn('Name and password do not go together.')
    const token = newToken(TOKEN_BYTES)
    const csrf = newToken(TOKEN_BYTES)
    const expires = new Date(this.now().getTime() + SESSION_HOURS * 3_600_000)
    await this.writes.run([], async (manager) => {
      await manager.delete(SessionRow, { expires: LessThan(this.now()) })
      await manager.insert(SessionRow, { tokenHash: digest(token), user: user.id, csrf, expires })
    })
    return { user: publicUser(user), csrf, token, expires }
  }

  /**
   * Who comes with this token, and the catalogue's revision at that moment: asked at every request, so in one query.
   */
  async arriving(token: string | undefined): Promise<{ session: SignedIn | undefined; revision: number }> {
    const [found] = (await this.database.query(ARRIVING, [token === undefined ? '' : digest(token)])) as Arriving[]
    if (!found) throw new Error('the catalogue has no revision row')
    const { revision, expires } = found
    const stands = expires !== null && expires > this.now()
    return { revision, session: stands ? { user: publicUser(found), csrf: found.csrf } : undefined }
  }

  async signOut(token: string): Promise<void> {
    await this.writes.run([], (manager) => manager.delete(SessionRow, { tokenHash: digest(token) }))
  }
}

const ARRIVING = `SELECT c.revision, s.csrf, s.expires, u.id, u.name, u.role FROM catalogue_revision c
  LEFT JOIN (session s JOIN \`user\` u ON u.id = s.\`user\`) ON s.token_hash = ? WHERE c.id = 1`

type Arriving = { revision: number; expires: Date | null } & Pick<SessionRow, 'csrf'> & UserRow

const publicUser = ({ id, name, role }: UserRow): SignedIn['user'] => ({ id, name, role: role as Role })
