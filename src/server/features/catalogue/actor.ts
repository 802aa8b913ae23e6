import type { Services } from '../../services'
import type { SignedIn } from '../../http/route'
import type { Actor } from './store'

/** Who writes, and when. */
export const actorOf = ({ session, services }: { session: SignedIn | undefined; services: Services }): Actor => ({
  name: session?.user.name ?? 'Handhold',
  at: services.now(),
})
