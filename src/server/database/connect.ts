import 'reflect-metadata'
import { DataSource } from 'typeorm'
import { entities } from './entities/index'
import { migrations } from './migrations/index'

/** A connection pool to the shop's database; nothing is created or changed by connecting. */
export const connect = async (url: string, { poolSize = 10 } = {}): Promise<DataSource> =>
  new DataSource({
    type: 'mariadb',
    url,
    entities,
    migrations,
    synchronize: false,
    charset: 'utf8mb4',
    timezone: 'Z',
    poolSize,
  }).initialize()
