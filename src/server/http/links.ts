/** Where the shop's pages are found from outside: what links in mails and codes on paper begin with. */
import type { Config } from '../config'
import type { SettingsService } from '../features/settings/service'

export class Links {
  private own: string

  constructor(
    { host, port }: Pick<Config, 'host' | 'port'>,
    private readonly settings: Pick<SettingsService, 'read'>,
  ) {
    this.own = addressOf(host, port)
  }

  /** Where the server really listens, once it does. */
  listening(host: string, port: number): void {
    this.own = addressOf(host, port)
  }

  /** The shop's own setting, else where this server listens; never what a request says of itself. */
  async origin(): Promise<string> {
    return (await this.settings.read()).publicAddress ?? this.own
  }
}

const addressOf = (host: string, port: number): string => `http://${host.includes(':') ? `[${host}]` : host}:${port}`
