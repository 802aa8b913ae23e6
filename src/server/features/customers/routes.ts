/** Customers: their machines and what they own; taken in from a list, given out whole, erased whole. */
import { z } from 'zod'
import type { CatalogueIndex } from '#core/catalogue/index'
import { Id } from '#shared/api/catalogue'
import {
  CustomerChange,
  CustomerExport,
  CustomerRow,
  CustomersImport,
  CustomersImported,
  CustomersNamed,
  CustomersPage,
  CustomersQuery,
  CustomerWrite,
} from '#shared/api/customers'
import { csvFile } from '#shared/tables/csv'
import { STAFF, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { heldOf } from './held'

const Params = z.strictObject({ id: Id })

export const customerRoutes = [
  route({
    method: 'get',
    path: '/api/customers',
    summary: 'Customers by name, a page of those who are meant',
    tag: 'Customers',
    for: STAFF,
    query: CustomersQuery,
    result: CustomersPage,
    handle: ({ query, services, snapshot }) => services.customers.page(query, snapshot.index),
  }),
  route({
    method: 'post',
    path: '/api/customers/named',
    summary: 'Whom of the people of a list the shop may know already',
    tag: 'Customers',
    for: STAFF,
    body: CustomersNamed,
    result: z.array(CustomerRow),
    handle: ({ body, services }) => services.customers.named(body.names),
  }),
  route({
    method: 'post',
    path: '/api/customers',
    summary: 'A new customer',
    tag: 'Customers',
    for: STAFF,
    body: CustomerWrite,
    result: CustomerRow,
    status: 201,
    refuses: [422],
    handle: (context) => context.services.customers.add(context.body, context.snapshot.index, actorOf(context)),
    again: ({ services }, { id }) => services.customers.one(String(id)),
  }),
  route({
    method: 'post',
    path: '/api/customers/import',
    summary: 'Customers of a list, all of them or none; who is known gets what is new',
    tag: 'Customers',
    for: STAFF,
    body: CustomersImport,
    result: CustomersImported,
    megabytes: 5,
    refuses: [422],
    handle: (context) =>
      context.services.customers.takeIn(context.body.customers, context.snapshot.index, actorOf(context)),
  }),
  route({
    method: 'get',
    path: '/api/customers.csv',
    summary: 'All customers as CSV, a line a machine, as the import reads it',
    tag: 'Customers',
    for: STAFF,
    result: z.string(),
    type: 'text/csv; charset=utf-8',
    handle: async ({ services, snapshot }) => csvOf(await services.customers.all(), snapshot.index),
  }),
  route({
    method: 'get',
    path: '/api/customers/{id}',
    summary: 'One customer',
    tag: 'Customers',
    for: STAFF,
    params: Params,
    result: CustomerRow,
    refuses: [404],
    handle: ({ params, services }) => services.customers.one(params.id),
  }),
  route({
    method: 'put',
    path: '/api/customers/{id}',
    summary: 'Change a customer at the version that was seen',
    tag: 'Customers',
    for: STAFF,
    params: Params,
    body: CustomerChange,
    result: CustomerRow,
    refuses: [404, 409, 422],
    handle: (context) => {
      const { params, body, services, snapshot } = context
      return services.customers.change(params.id, body.version, body.customer, snapshot.index, actorOf(context))
    },
    again: ({ services, params }) => services.customers.one(params.id),
  }),
  route({
    method: 'delete',
    path: '/api/customers/{id}',
    summary: 'Erase all that is held of a customer',
    tag: 'Customers',
    for: STAFF,
    params: Params,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404],
    handle: async ({ params, services }) => {
      await services.customers.erase(params.id)
      return { gone: true as const }
    },
    again: () => ({ gone: true as const }),
  }),
  route({
    method: 'get',
    path: '/api/customers/{id}/export',
    summary: 'All that is held of a customer, to be given to them',
    tag: 'Customers',
    for: STAFF,
    params: Params,
    result: CustomerExport,
    refuses: [404],
    handle: async ({ params, services, snapshot: { index } }) => {
      const { customer } = await services.customers.one(params.id)
      const models = Object.fromEntries(customer.machines.map(({ model }) => [model, modelName(index, model)]))
      const items = Object.fromEntries(customer.owns.map((id) => [id, index.items.get(id)?.name ?? id]))
      return {
        format: 'handhold-customer' as const,
        at: services.now().toISOString(),
        customer,
        names: { models, items },
        held: await heldOf(services.database.manager, customer),
      }
    },
  }),
]

const modelName = (index: CatalogueIndex, id: string): string => {
  const model = index.models.get(id)
  return model ? `${index.makes.get(model.make)?.name ?? model.make} ${model.name}` : id
}

const csvOf = (rows: readonly CustomerRow[], index: CatalogueIndex): string => {
  const head = ['Name', 'Phone', 'Email', 'Machine', 'Serial', 'Bought', 'Owns', 'Note']
  const lines = rows.flatMap(({ customer: { name, phone = '', email = '', note = '', machines, owns } }) => {
    const codes = owns.map((id) => index.items.get(id)?.code ?? id).join('; ')
    const each = machines.length > 0 ? machines : [undefined]
    return each.map((machine, i) => [
      name,
      phone,
      email,
      machine ? modelName(index, machine.model) : '',
      machine?.serial ?? '',
      machine?.bought ?? '',
      i === 0 ? codes : '',
      i === 0 ? note : '',
    ])
  })
  return csvFile([head, ...lines])
}
