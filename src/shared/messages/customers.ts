/** What was not understood in a list of customers. */
import type { CustomerFault } from '#core/customers/readCustomers'

export const customerFaultText = (fault: CustomerFault): string => {
  const at = `Line ${fault.line}: `
  switch (fault.code) {
    case 'noName':
      return `${at}no name.`
    case 'unknownModel':
      return `${at}no model is called “${fault.text}”${fault.near === undefined ? '' : `; “${fault.near}” is near`}.`
    case 'severalModels':
      return `${at}“${fault.text}” is what people say to several models; write its make too.`
    case 'unknownItem':
      return `${at}no foot or accessory has the code “${fault.text}”.`
    case 'badDate':
      return `${at}“${fault.text}” is no date; write 2026-03-09 or 9.3.2026.`
    case 'badMail':
      return `${at}“${fault.text}” is no mail address.`
    case 'spoilt':
      return `${at}“${fault.text}” was made so by a spreadsheet; what it was is not in the file.`
    case 'section':
      return `${at}“${fault.text}” stands alone: a heading, no person.`
    case 'sameName':
      return `${at}${fault.text} has another telephone or mail than in line ${fault.earlier}: the same person?`
  }
}
