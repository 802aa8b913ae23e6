import type { Reason } from '#core/answer/reasons'
import type { ToldStep } from '#core/procedure/types'
import type { ToldCause } from '#core/procedure/types'
import type { DiagnosisView } from '#shared/api/desk'
export interface paths {
  '/api/health': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHealth']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/openapi.json': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getOpenapiJson']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/session': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSession']
    put?: never
    post: operations['postSession']
    delete: operations['deleteSession']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/session/first': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSessionFirst']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/people': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPeople']
    put?: never
    post: operations['postPeople']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/people/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put: operations['putPeopleById']
    post?: never
    delete: operations['deletePeopleById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/card': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCard']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/card/draft': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCardDraft']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/answer': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postAnswer']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/stitches/{model}/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogueStitchesByModelById']
    put: operations['putCatalogueStitchesByModelById']
    post?: never
    delete: operations['deleteCatalogueStitchesByModelById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/stitches/{model}/{id}/removal': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogueStitchesByModelByIdRemoval']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/{resource}/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogueByResourceById']
    put: operations['putCatalogueByResourceById']
    post?: never
    delete: operations['deleteCatalogueByResourceById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/{resource}/{id}/removal': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogueByResourceByIdRemoval']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/{resource}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogueByResource']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogue/changes': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCatalogueChanges']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/tables/{resource}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getTablesByResource']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/picks': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPicks']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/names': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getNames']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/models/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getModelsById']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/models/{id}/copy': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postModelsByIdCopy']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHistory']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history/writes': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHistoryWrites']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history/undo': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postHistoryUndo']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/native-names': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getNativeNames']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/import-habits/{kind}/{make}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getImportHabitsByKindByMake']
    put: operations['putImportHabitsByKindByMake']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/fits': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getFits']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/coverage/column': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCoverageColumn']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/coverage/grid': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCoverageGrid']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/coverage/gaps': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCoverageGaps']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/translate/card': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getTranslateCard']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/translate/machine': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getTranslateMachine']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/hand': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHand']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/workbench/sheet.pdf': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postWorkbenchSheetPdf']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/samples': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSamples']
    put?: never
    post: operations['postSamples']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/samples/{id}/pin': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSamplesByIdPin']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/evidence': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getEvidence']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/samples/{id}/photo': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSamplesByIdPhoto']
    put: operations['putSamplesByIdPhoto']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/samples/{id}/label.pdf': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSamplesByIdLabelPdf']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/label-printer/jobs': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getLabelPrinterJobs']
    put?: never
    post: operations['postLabelPrinterJobs']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/label-printer/jobs/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getLabelPrinterJobsById']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCustomers']
    put?: never
    post: operations['postCustomers']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers/named': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCustomersNamed']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers/import': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCustomersImport']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers.csv': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCustomersCsv']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCustomersById']
    put: operations['putCustomersById']
    post?: never
    delete: operations['deleteCustomersById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers/{id}/export': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCustomersByIdExport']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClasses']
    put?: never
    post: operations['postClasses']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesById']
    put: operations['putClassesById']
    post?: never
    delete: operations['deleteClassesById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/plan': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdPlan']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/change': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postClassesByIdChange']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/purchases': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdPurchases']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/run-sheet': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdRunSheet']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/calendar.ics': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdCalendarIcs']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/clashes': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdClashes']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/supplies': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdSupplies']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/handouts/{part}.pdf': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getClassesByIdHandoutsByPartPdf']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/classes/{id}/messages': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postClassesByIdMessages']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/cupboard': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCupboard']
    put: operations['putCupboard']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/calendar': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCalendar']
    put: operations['putCalendar']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history/records': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHistoryRecords']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history/records/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getHistoryRecordsById']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/history/records/{id}/undo': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postHistoryRecordsByIdUndo']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/changes': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getChanges']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getOutbox']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox/{id}.eml': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getOutboxByIdEml']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox/{id}/again': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postOutboxByIdAgain']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post?: never
    delete: operations['deleteOutboxById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared-cards': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCards']
    put?: never
    post: operations['postSharedCards']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared-cards/paper': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSharedCardsPaper']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared-cards/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post?: never
    delete: operations['deleteSharedCardsById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCardsByToken']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox/cards': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postOutboxCards']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/outbox/sheets': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postOutboxSheets']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/machine': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCardsByTokenMachine']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/photos': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCardsByTokenPhotos']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/photos/{view}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCardsByTokenPhotosByView']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/diagnosis': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSharedCardsByTokenDiagnosis']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/worked': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSharedCardsByTokenWorked']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/cases': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSharedCardsByTokenCases']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/cards/{token}/told': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedCardsByTokenTold']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/worked': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getWorked']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/lessons': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeLessons']
    put?: never
    post: operations['postPracticeLessons']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/lessons/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeLessonsById']
    put: operations['putPracticeLessonsById']
    post?: never
    delete: operations['deletePracticeLessonsById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/machine-photos': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getMachinePhotos']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/models/{id}/photos/{view}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getModelsByIdPhotosByView']
    put: operations['putModelsByIdPhotosByView']
    post?: never
    delete: operations['deleteModelsByIdPhotosByView']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/ask': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getAsk']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/ask/words': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getAskWords']
    put?: never
    post: operations['postAskWords']
    delete: operations['deleteAskWords']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/cases': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCases']
    put?: never
    post: operations['postCases']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/cases/looking-back': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCasesLookingBack']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/cases/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCasesById']
    put: operations['putCasesById']
    post?: never
    delete: operations['deleteCasesById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/customers/{id}/trade-up': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCustomersByIdTradeUp']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/diagnosis': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postDiagnosis']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPractice']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/machine': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeMachine']
    put: operations['putPracticeMachine']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/attempts': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeAttempts']
    put?: never
    post: operations['postPracticeAttempts']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/progress': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeProgress']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/links': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeLinks']
    put?: never
    post: operations['postPracticeLinks']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/links/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post?: never
    delete: operations['deletePracticeLinksById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/practice/links/{id}/attempts': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getPracticeLinksByIdAttempts']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/practice/{token}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedPracticeByToken']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/practice/{token}/photos': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedPracticeByTokenPhotos']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/practice/{token}/photos/{view}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSharedPracticeByTokenPhotosByView']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/shared/practice/{token}/attempts': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postSharedPracticeByTokenAttempts']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/settings': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getSettings']
    put: operations['putSettings']
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/bundle': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getBundle']
    put?: never
    post: operations['postBundle']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/library': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postLibrary']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogues': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getCatalogues']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogues/compare': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCataloguesCompare']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/catalogues/take': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postCataloguesTake']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/editions': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getEditions']
    put?: never
    post?: never
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/editions/{technique}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get?: never
    put?: never
    post: operations['postEditionsByTechnique']
    delete?: never
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
  '/api/work/{id}': {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    get: operations['getWorkById']
    put?: never
    post?: never
    delete: operations['deleteWorkById']
    options?: never
    head?: never
    patch?: never
    trace?: never
  }
}
export interface components {
  schemas: {
    Answer: {
      verdict: components['schemas']['Verdict']
      method?: components['schemas']['Id']
      stages: components['schemas']['StageAnswer'][]
      toGet: components['schemas']['Id'][]
      reasons: components['schemas']['Reason'][]
      methods: {
        method: components['schemas']['Id']
        verdict: components['schemas']['Verdict']
        toGet: components['schemas']['Id'][]
        reasons: components['schemas']['Reason'][]
      }[]
    }
    AskView: {
      picks: {
        model?: {
          id: components['schemas']['Id']
          name: string
          sure: boolean
          others: {
            id: components['schemas']['Id']
            name: string
          }[]
          words?: string[]
          /** @enum {string} */
          from?: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
        }
        customer?: {
          id: components['schemas']['Id']
          name: string
          sure: boolean
          others: {
            id: components['schemas']['Id']
            name: string
          }[]
          words?: string[]
          /** @enum {string} */
          from?: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
        }
        technique?: {
          id: components['schemas']['Id']
          name: string
          sure: boolean
          others: {
            id: components['schemas']['Id']
            name: string
          }[]
          words?: string[]
          /** @enum {string} */
          from?: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
        }
        trouble?: {
          id: components['schemas']['Id']
          name: string
          sure: boolean
          others: {
            id: components['schemas']['Id']
            name: string
          }[]
          words?: string[]
          /** @enum {string} */
          from?: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
        }
        fabric?: {
          id: components['schemas']['Id']
          name: string
          sure: boolean
          others: {
            id: components['schemas']['Id']
            name: string
          }[]
          words?: string[]
          /** @enum {string} */
          from?: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
        }
        owned: components['schemas']['Id'][]
        left: string[]
      }
      stops: {
        id: string
        firstAid: boolean
        words: string
      }[]
    }
    AttemptView: {
      model: components['schemas']['Id']
      technique: components['schemas']['Id']
      stage: components['schemas']['Id']
      fabric: components['schemas']['Id']
      review: components['schemas']['Review']
      id: number
      by: string
      at: string
      names: {
        model: string
        technique: string
        fabric: string
        stage: string
      }
      query: {
        [key: string]: string
      }
    }
    AttemptWrite: {
      model: components['schemas']['Id']
      technique: components['schemas']['Id']
      stage: components['schemas']['Id']
      fabric: components['schemas']['Id']
      review: components['schemas']['Review']
    }
    AttemptsView: {
      attempts: components['schemas']['AttemptView'][]
      next: components['schemas']['AttemptView'][]
    }
    Bundle: {
      /** @constant */
      format: 'handhold-catalogue'
      /** @constant */
      version: 3
      makes: components['schemas']['Make'][]
      functions: components['schemas']['StitchFunction'][]
      threads: components['schemas']['Thread'][]
      models: components['schemas']['Model'][]
      items: components['schemas']['Item'][]
      fits: components['schemas']['FitStatement'][]
      fabrics: components['schemas']['Fabric'][]
      techniques: components['schemas']['Technique'][]
      samples: components['schemas']['Sample'][]
    }
    /** @enum {string} */
    Calculation: 'blindHemBite' | 'beadLength' | 'cover' | 'holeSpacing' | 'ring' | 'quarterInch'
    CardSketch: {
      set: components['schemas']['StitchSpec']
      given?: components['schemas']['StitchSpec']
      foot?: components['schemas']['Slot']
      plate?: components['schemas']['Slot']
      fabric: {
        parts: {
          /** @enum {string} */
          name: 'fabric' | 'garmentFoldedBack' | 'hemAllowance' | 'background' | 'applique' | 'noFabric'
          from?: number
          to?: number
        }[]
        lines: {
          /** @enum {string} */
          name: 'fold' | 'edge' | 'guide' | 'blade' | 'applique'
          at: number
        }[]
      }
    }
    CardTranslationView: {
      from: {
        model: components['schemas']['Id']
        verdict: components['schemas']['Verdict']
        method?: components['schemas']['Id']
        toGet: components['schemas']['Id'][]
        reasons: components['schemas']['Reason'][]
      }
      to: {
        model: components['schemas']['Id']
        verdict: components['schemas']['Verdict']
        method?: components['schemas']['Id']
        toGet: components['schemas']['Id'][]
        reasons: components['schemas']['Reason'][]
      }
      stages: {
        from?: {
          stage: components['schemas']['Id']
          name: string
          model: components['schemas']['Id']
          select: string
          function: string
          foot?: components['schemas']['Id']
          chain: components['schemas']['Id'][]
        }
        to?: {
          stage: components['schemas']['Id']
          name: string
          model: components['schemas']['Id']
          select: string
          function: string
          foot?: components['schemas']['Id']
          chain: components['schemas']['Id'][]
        }
        settings: {
          parameter: components['schemas']['Parameter']
          from?: string
          to?: string
          moved?:
            | {
                /** @constant */
                is: 'moved'
                value: number
                shown: string
                lost: number
                unchecked?: boolean
              }
            | {
                /** @constant */
                is: 'wouldHit'
                clear: components['schemas']['Range']
              }
            | {
                /** @enum {string} */
                is: 'noControl' | 'notComparable'
              }
        }[]
      }[]
      items: components['schemas']['Carried'][]
      names: components['schemas']['Named']
    }
    CardView: {
      question: components['schemas']['Question']
      verdict: components['schemas']['Verdict']
      technique: {
        id: components['schemas']['Id']
        name: string
        family: string
        for: string
      }
      model: {
        id: components['schemas']['Id']
        name: string
        make: string
        kind: string
        edition?: string
      }
      fabric: {
        id: components['schemas']['Id']
        name: string
        layers: number
      }
      method?: {
        id: components['schemas']['Id']
        name: string
        because: string
      }
      methods: {
        id: components['schemas']['Id']
        name: string
        because: string
        verdict?: components['schemas']['Verdict']
        toGet: components['schemas']['Id'][]
        reasons: components['schemas']['Reason'][]
      }[]
      toGet: components['schemas']['Id'][]
      reasons: components['schemas']['Reason'][]
      stages: {
        stage: components['schemas']['Id']
        name: string
        answer: components['schemas']['StageAnswer']
        alternativeCount: number
        kind: string
        modelName: string
        shank?: string
        stitchName?: string
        functionName: string
        bookPage?: string
        foot?: {
          id: components['schemas']['Id']
          /** @enum {string} */
          source: 'supplied' | 'owned' | 'toGet'
          shape?: components['schemas']['FootShape']
        }
        chain: {
          id: components['schemas']['Id']
          /** @enum {string} */
          source: 'supplied' | 'owned' | 'toGet'
        }[]
        plate?: {
          id: components['schemas']['Id']
          /** @enum {string} */
          source: 'supplied' | 'owned' | 'toGet'
          change: boolean
        }
        accessories: {
          id: components['schemas']['Id']
          /** @enum {string} */
          source: 'supplied' | 'owned' | 'toGet'
        }[]
        feedAids: string[]
        changes: {
          parameter: components['schemas']['Parameter']
          setting: components['schemas']['Setting']
          scale?: components['schemas']['Scale'] | 'absent'
          hits: components['schemas']['Range'][]
          stands?: number | components['schemas']['Range'] | 'auto'
          resets: boolean
          /** @enum {string} */
          act: 'set' | 'leave' | 'silent' | 'absent'
        }[]
        unchanged: {
          parameter: components['schemas']['Parameter']
          setting: components['schemas']['Setting']
          scale?: components['schemas']['Scale'] | 'absent'
          hits: components['schemas']['Range'][]
          stands?: number | components['schemas']['Range'] | 'auto'
          resets: boolean
          /** @enum {string} */
          act: 'set' | 'leave' | 'silent' | 'absent'
        }[]
        resets: boolean
        procedure: {
          steps: components['schemas']['ToldStep'][]
          next: components['schemas']['ToldStep'][]
          interruptions: {
            /** @enum {string} */
            of: 'bobbin' | 'thread' | 'looper' | 'tyingOn' | 'needle' | 'switchedOff'
            steps: components['schemas']['ToldStep'][]
          }[]
          back: components['schemas']['ToldStep'][]
          faults: {
            id: components['schemas']['Id']
            name: string
            /** @enum {string} */
            shows?:
              | 'missed'
              | 'off'
              | 'loop'
              | 'gap'
              | 'unequal'
              | 'pucker'
              | 'ridge'
              | 'wave'
              | 'pack'
              | 'long'
              | 'short'
              | 'skip'
              | 'break'
              | 'curl'
              | 'size'
              | 'hit'
              | 'stiff'
              | 'loose'
            causes: components['schemas']['ToldCause'][]
          }[]
        }
        map: {
          /** @enum {string} */
          outline: 'household' | 'embroidery' | 'longArm' | 'overlocker' | 'cover'
          places: {
            [key: string]: components['schemas']['ControlPlace']
          }
        }
        changeover: {
          seconds?: number
          from: components['schemas']['Positions']
          goal: components['schemas']['Positions']
          backSeconds?: number
          controls: {
            control: string
            positions: string[]
            normal?: string
            where?: string
          }[]
        }
        inspect: {
          /** @enum {string} */
          side: 'right' | 'wrong' | 'start' | 'end' | 'corner'
          good: string
        }[]
        minutes?: number
        sketch?: components['schemas']['CardSketch']
        house?: {
          sample: components['schemas']['Id']
          disputed: {
            parameter: components['schemas']['Parameter']
            median: number
            least: number
            most: number
            samples: number
            disputed: boolean
          }[]
        }
      }[]
      names: {
        items: {
          [key: string]: {
            code: string
            name: string
            what: string
            price?: number
          }
        }
        models: {
          [key: string]: string
        }
        functions: {
          [key: string]: string
        }
        methods: {
          [key: string]: string
        }
        threads: {
          [key: string]: string
        }
        stitches: {
          [key: string]: string
        }
      }
    }
    Carried: {
      item: components['schemas']['Id']
      /** @enum {string} */
      carries: 'asItIs' | 'withAdapter' | 'no' | 'unknown'
      chain: components['schemas']['Id'][]
      instead: components['schemas']['Id'][]
      reasons: components['schemas']['Reason'][]
    }
    CaseChange: {
      version: number
      case: components['schemas']['CaseWrite']
    }
    CaseRow: {
      version: number
      case: {
        customer?: components['schemas']['Id']
        model?: components['schemas']['Id']
        technique?: components['schemas']['Id']
        fabric?: components['schemas']['Id']
        trouble?: components['schemas']['Id']
        question: string
        shown?: {
          positions: {
            [key: string]: string
          }
          values: Partial<Record<components['schemas']['Parameter'], number>>
          slots?: {
            foot?: number
            plate?: number
          }
        }
        rungs?: string[]
        advice?: string
        answer?: string
        /** @enum {string} */
        outcome: 'open' | 'solved' | 'workshop' | 'noAnswer'
        cause?: string
        minutes?: number
        /** Format: date */
        followUp?: string
        handedTo?: string
        stop?: string
        id: number
        at: string
        by: string
        phone?: boolean
      }
    }
    CaseWrite: {
      customer?: components['schemas']['Id']
      model?: components['schemas']['Id']
      technique?: components['schemas']['Id']
      fabric?: components['schemas']['Id']
      trouble?: components['schemas']['Id']
      question: string
      shown?: {
        positions: {
          [key: string]: string
        }
        values: Partial<Record<components['schemas']['Parameter'], number>>
        slots?: {
          foot?: number
          plate?: number
        }
      }
      rungs?: string[]
      advice?: string
      answer?: string
      /** @enum {string} */
      outcome: 'open' | 'solved' | 'workshop' | 'noAnswer'
      cause?: string
      minutes?: number
      /** Format: date */
      followUp?: string
      handedTo?: string
      stop?: string
    }
    CatalogueSources: {
      source: string
      at: string
      by: string
    }[]
    Changed: {
      revision: number
      added: number
      changed: number
      removed: number
      same: number
    }
    Changes: {
      changes: {
        resource: components['schemas']['Resource']
        id: components['schemas']['Id']
        model?: components['schemas']['Id']
        version: number | null
        /** @description Any JSON value. */
        value: unknown
      }[]
    }
    Clashes: {
      clashes: {
        title: string
        starts: string
        ends: string
        place?: string
      }[]
      known: boolean
    }
    ClassChange: {
      version: number
      class: components['schemas']['ClassWrite']
    }
    ClassChangeView: {
      change: {
        ready: number
        bought: number
        lent: number
        gained: number[]
        lost: number[]
        given: {
          seat: number
          item?: components['schemas']['Id']
          model?: components['schemas']['Id']
          /** @enum {string} */
          how: 'loan' | 'buy'
        }[]
        taken: {
          seat: number
          item?: components['schemas']['Id']
          model?: components['schemas']['Id']
          /** @enum {string} */
          how: 'loan' | 'buy'
        }[]
      }
      solved: boolean
      names: components['schemas']['Named']
    }
    ClassDraft: {
      class: components['schemas']['ClassWrite']
    }
    ClassMessages: {
      seats: number[]
    }
    ClassMessagesSent: {
      sent: number
      without: string[]
      cardless: string[]
    }
    ClassPlanView: {
      seats: {
        name: string
        model?: components['schemas']['Id']
        ready: boolean
        machine?: components['schemas']['Id']
        loans: components['schemas']['Id'][]
        buys: components['schemas']['Id'][]
        short: components['schemas']['Id'][]
        cells: {
          verdict: components['schemas']['Verdict']
          toGet: components['schemas']['Id'][]
          method?: components['schemas']['Id']
          costs: string[]
          chosen?: {
            method: components['schemas']['Id']
            need: components['schemas']['Id'][]
            machine?: components['schemas']['Id']
          }
          reasons: components['schemas']['Reason'][]
        }[]
      }[]
      ready: number
      bought: number
      lent: number
      solved: boolean
      order?: {
        order: number[]
        waits: number
        work: number
      }
      methods: {
        id: components['schemas']['Id']
        name: string
      }[][]
      names: components['schemas']['Named']
    }
    ClassPurchases: {
      purchases: {
        item?: components['schemas']['Id']
        model?: components['schemas']['Id']
        ready: number
        spared: number
      }[]
      names: components['schemas']['Named']
    }
    ClassRow: {
      version: number
      class: {
        title: string
        starts: string
        minutes: number
        room?: string
        project?: string
        techniques: {
          technique: components['schemas']['Id']
          fabric: components['schemas']['Id']
          method?: components['schemas']['Id']
          after?: components['schemas']['Id'][]
          seam?: number
          colour?: string
          piece?: {
            width: number
            length: number
            pieces?: number
          }
        }[]
        seats: {
          name: string
          customer?: components['schemas']['Id']
          model?: components['schemas']['Id']
          owns: components['schemas']['Id'][]
          came?: boolean
          managed?: {
            [key: string]: 'alone' | 'withHelp' | 'notYet'
          }
          out?: components['schemas']['Id'][]
          back?: components['schemas']['Id'][]
        }[]
        loans: {
          item?: components['schemas']['Id']
          model?: components['schemas']['Id']
          pieces: number
        }[]
        pins: {
          seat: number
          item: components['schemas']['Id']
          /** @enum {string} */
          how: 'loan' | 'buy' | 'not'
        }[]
        order?: components['schemas']['Id'][]
        slack?: number
        spares?: number
        id: components['schemas']['Id']
      }
    }
    ClassWrite: {
      title: string
      starts: string
      minutes: number
      room?: string
      project?: string
      techniques: {
        technique: components['schemas']['Id']
        fabric: components['schemas']['Id']
        method?: components['schemas']['Id']
        after?: components['schemas']['Id'][]
        seam?: number
        colour?: string
        piece?: {
          width: number
          length: number
          pieces?: number
        }
      }[]
      seats: {
        name: string
        customer?: components['schemas']['Id']
        model?: components['schemas']['Id']
        owns: components['schemas']['Id'][]
        came?: boolean
        managed?: {
          [key: string]: 'alone' | 'withHelp' | 'notYet'
        }
        out?: components['schemas']['Id'][]
        back?: components['schemas']['Id'][]
      }[]
      loans: {
        item?: components['schemas']['Id']
        model?: components['schemas']['Id']
        pieces: number
      }[]
      pins: {
        seat: number
        item: components['schemas']['Id']
        /** @enum {string} */
        how: 'loan' | 'buy' | 'not'
      }[]
      order?: components['schemas']['Id'][]
      slack?: number
      spares?: number
    }
    ColumnView: {
      cells: {
        technique: components['schemas']['Id']
        decision: {
          verdict: components['schemas']['Verdict']
          method?: components['schemas']['Id']
          stages: {
            stage: components['schemas']['Id']
            model: components['schemas']['Id']
            stitch: components['schemas']['Id']
            select: string
            foot?: components['schemas']['Id']
            /** @enum {string} */
            evidence: 'bench' | 'book' | 'workedOut'
            proved: number
          }[]
          toGet: components['schemas']['Id'][]
          reason?: components['schemas']['Reason']
        }
      }[]
      names: components['schemas']['Named']
    }
    ControlPlace: {
      /** @enum {string} */
      view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      x: number
      y: number
      /** @enum {string} */
      shape: 'lever' | 'dial' | 'knob' | 'key' | 'wheel' | 'slot' | 'screen' | 'screw'
    }
    Controls: {
      controls: {
        [key: string]: {
          positions: string[]
          seconds: number
          habit: number
          say?: {
            [key: string]: string
          }
          where?: string
          at?: components['schemas']['ControlPlace']
        }
      }
      normal: components['schemas']['Positions']
      rules: (
        | {
            id: components['schemas']['Id']
            needs: {
              [key: string]: string[]
            }
            for: {
              control: string
              from?: string
              to?: string
            }
            because: string
          }
        | {
            id: components['schemas']['Id']
            resets: 'stitchDefaults' | components['schemas']['Positions']
            after: {
              control: string
              to?: string
            }
          }
        | {
            id: components['schemas']['Id']
            duty: string
            after: {
              control: string
              to?: string
            }
          }
        | {
            id: components['schemas']['Id']
            hazard: string
            on: {
              control: string
              to?: string
            }
          }
      )[]
    }
    CopyModel: {
      name: string
    }
    Cupboard: {
      version: number
      supplies: components['schemas']['Supply'][]
    }
    Customer: {
      name: string
      phone?: string
      /** Format: email */
      email?: string
      note?: string
      machines: components['schemas']['Machine'][]
      owns: components['schemas']['Id'][]
      id: components['schemas']['Id']
    }
    CustomerChange: {
      version: number
      customer: components['schemas']['CustomerWrite']
    }
    CustomerExport: {
      /** @constant */
      format: 'handhold-customer'
      at: string
      customer: components['schemas']['Customer']
      names: {
        models: {
          [key: string]: string
        }
        items: {
          [key: string]: string
        }
      }
      held: {
        [key: string]: unknown[]
      }
    }
    CustomerRow: {
      version: number
      customer: components['schemas']['Customer']
    }
    CustomerWrite: {
      name: string
      phone?: string
      /** Format: email */
      email?: string
      note?: string
      machines: components['schemas']['Machine'][]
      owns: components['schemas']['Id'][]
    }
    CustomersImport: {
      customers: {
        name: string
        phone?: string
        /** Format: email */
        email?: string
        note?: string
        machines: components['schemas']['Machine'][]
        owns: components['schemas']['Id'][]
        same?: components['schemas']['Id']
      }[]
    }
    CustomersImported: {
      added: number
      changed: number
      same: number
    }
    CustomersNamed: {
      names: string[]
    }
    CustomersPage: {
      rows: components['schemas']['CustomerRow'][]
      total: number
      machines: number
    }
    DiagnosisAsk: {
      stage?: components['schemas']['Id']
      trouble?: components['schemas']['Id']
      shown: {
        positions: {
          [key: string]: string
        }
        values: Partial<Record<components['schemas']['Parameter'], number>>
        slots?: {
          foot?: number
          plate?: number
        }
      }
      technique: components['schemas']['Id']
      model: components['schemas']['Id']
      fabric: components['schemas']['Id']
      method?: components['schemas']['Id']
      owned?: components['schemas']['Id'][]
    }
    DiagnosisView: DiagnosisView
    DraftCard: {
      technique: components['schemas']['Technique']
      model: components['schemas']['Id']
      fabric: components['schemas']['Id']
      method?: components['schemas']['Id']
    }
    EditionOffer: {
      technique: components['schemas']['Id']
      name: string
      version: number
      parts: {
        id: string
        name: string
        /** @enum {string} */
        is: 'added' | 'changed'
        differences: {
          heading: string
          before: string
          after: string
        }[]
      }[]
    }
    EditionTaken: {
      version: number
      take: string[]
    }
    EvidenceView: {
      tries: {
        sample: components['schemas']['Sample']
        changes: (
          | {
              /** @constant */
              of: 'parameter'
              parameter: components['schemas']['Parameter']
              from?: number
              to?: number
            }
          | {
              /** @enum {string} */
              of: 'stitch' | 'foot' | 'needleSize' | 'layers' | 'threads'
              from?: string
              to?: string
            }
        )[]
        clean: boolean
        stale: boolean
        spec?: components['schemas']['StitchSpec']
        given: {
          [key: string]: number
        }
      }[]
      house?: {
        sample: components['schemas']['Id']
        pinned: boolean
        samples: number
        people: number
        days: number
        last: string
        proved: boolean
      }
      spread: {
        parameter: components['schemas']['Parameter']
        median: number
        least: number
        most: number
        samples: number
        disputed: boolean
      }[]
      disputed: boolean
      startOffset?: {
        mean: {
          value: number
          /** @enum {string} */
          unit: 'mm' | 'm' | 'count' | 'ratio' | 'percent' | 'radians' | 'minutes'
          formula: string
          from: {
            [key: string]: number
          }
        }
        spread: {
          value: number
          /** @enum {string} */
          unit: 'mm' | 'm' | 'count' | 'ratio' | 'percent' | 'radians' | 'minutes'
          formula: string
          from: {
            [key: string]: number
          }
        }
        enough: boolean
        tries: number
      }
      quarterInch?: {
        move: {
          value: number
          /** @enum {string} */
          unit: 'mm' | 'm' | 'count' | 'ratio' | 'percent' | 'radians' | 'minutes'
          formula: string
          from: {
            [key: string]: number
          }
        }
        tries: number
      }
      photos: components['schemas']['Id'][]
      names: {
        [key: string]: string
      }
      tolerance: {
        mm: number
        numbers: number
      }
    }
    Fabric: {
      id: components['schemas']['Id']
      name: string
      /** @enum {string} */
      structure: 'woven' | 'knit' | 'nonWoven' | 'coated'
      /** @enum {string} */
      weight: 'light' | 'medium' | 'heavy'
      layers: number
      thickness: number
      behaviours: string[]
      needle: {
        point: string
        size: number
      }
      thread?: components['schemas']['Id']
    }
    FirstPerson: {
      id: string
      name: string
      password: string
    }
    FitStatement: {
      id: components['schemas']['Id']
      item: components['schemas']['Id']
      model?: components['schemas']['Id']
      group?: string
      fits: boolean
      chain?: components['schemas']['Id'][]
      /** @enum {string} */
      evidence: 'book' | 'bench'
      where: string
    }
    FitsView: {
      reports: {
        item: components['schemas']['Id']
        model: components['schemas']['Id']
        fit: {
          /** @enum {string} */
          fits: 'yes' | 'no' | 'unknown'
          /** @enum {string} */
          evidence: 'bench' | 'book' | 'workedOut'
          chains: components['schemas']['Id'][][]
          reasons: components['schemas']['Reason'][]
          missing: {
            /** @enum {string} */
            of: 'model' | 'item'
            id: components['schemas']['Id']
            /** @enum {string} */
            key: 'shank' | 'attachment' | 'fitStatement'
          }[]
        }
        supplied: boolean
        statements: {
          id: string
          fits: boolean
          chain: components['schemas']['Id'][]
          /** @enum {string} */
          evidence: 'book' | 'bench'
          /** @enum {string} */
          about: 'model' | 'group' | 'supplied' | 'forGroups'
          where: string
          /** @enum {string} */
          standing: 'decides' | 'agrees' | 'overruled' | 'contested'
        }[]
        limits: (
          | {
              /** @constant */
              limit: 'width'
              upTo: number
              /** @enum {string} */
              by: 'foot' | 'plate' | 'travel'
              needle: number
              modelMax?: number
            }
          | {
              /** @constant */
              limit: 'widthUnknown'
            }
          | {
              /** @constant */
              limit: 'pin'
              minWidth: number
            }
          | {
              /** @constant */
              limit: 'motions'
              allows: components['schemas']['Motion'][]
            }
          | {
              /** @constant */
              limit: 'functions'
              denies: string[]
            }
          | {
              /** @constant */
              limit: 'speed'
              upTo: number
            }
          | {
              /** @constant */
              limit: 'needsItems'
              items: components['schemas']['Id'][]
            }
          | {
              /** @constant */
              limit: 'needsPlate'
              plates: components['schemas']['Id'][]
            }
          | {
              /** @constant */
              limit: 'needsOff'
              features: string[]
            }
          | {
              /** @constant */
              limit: 'inTheWay'
              feature: string
            }
        )[]
        instead: components['schemas']['Id'][]
      }[]
      names: {
        items: {
          [key: string]: {
            code: string
            name: string
            what: string
            price?: number
          }
        }
        models: {
          [key: string]: string
        }
        functions: {
          [key: string]: string
        }
      }
    }
    FootShape: {
      slot?: components['schemas']['Slot']
      guide?: {
        /** @enum {string} */
        kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
        offset?: number
        range?: components['schemas']['Range']
        turn?: number
      }
      minWidth?: number
      functions?: string[]
      maxButton?: number
    }
    GapsView: {
      gaps: {
        closer:
          | {
              /** @constant */
              closes: 'buy'
              item: components['schemas']['Id']
            }
          | {
              /** @constant */
              closes: 'chart'
              model: components['schemas']['Id']
            }
          | {
              /** @constant */
              closes: 'state'
              fact: {
                /** @enum {string} */
                of: 'model' | 'item'
                id: components['schemas']['Id']
                /** @enum {string} */
                key: 'shank' | 'attachment' | 'fitStatement'
              }
            }
        cells: {
          technique: components['schemas']['Id']
          model: components['schemas']['Id']
        }[]
        partly: number
        machines: number
        seats: number
      }[]
      cover: {
        steps: {
          items: components['schemas']['Id'][]
          closes: number
        }[]
        closed: number
      }
      needing: number
      unproved: {
        technique: components['schemas']['Id']
        model: components['schemas']['Id']
      }[]
      names: components['schemas']['Named']
    }
    GridView: {
      models: {
        id: components['schemas']['Id']
        name: string
        make: string
        kind: components['schemas']['Kind']
      }[]
      techniques: {
        id: components['schemas']['Id']
        name: string
        family: string
      }[]
      verdicts: string[]
      evidence: string[]
      proved: string[]
    }
    HistoryEntry: {
      id: number
      revision: number
      resource: components['schemas']['Resource']
      row: string
      at: string
      by: string
      /** @description Any JSON value. */
      before: unknown
      /** @description Any JSON value. */
      after: unknown
    }
    Id: string
    ImportHabit: {
      columns: {
        [key: string]: {
          field: string
          part?: string
          unit?: string
          carries?: boolean
        }
      }
      marks?: {
        [key: string]: string
      }
    }
    Item: {
      id: components['schemas']['Id']
      make?: components['schemas']['Id']
      code: string
      name: string
      /** @enum {string} */
      what: 'foot' | 'ankle' | 'adapter' | 'plate' | 'accessory'
      family?: components['schemas']['Id']
      forGroups?: string[]
      price?: number
      contains?: components['schemas']['Id'][]
      shank?: 'low' | 'high' | 'slant' | `own:${string}`
      attachment?: 'snapOn' | 'screwOn' | `own:${string}`
      turns?: {
        from: {
          shank?: 'low' | 'high' | 'slant' | `own:${string}`
          attachment?: 'snapOn' | 'screwOn' | `own:${string}`
        }
        to: {
          shank?: 'low' | 'high' | 'slant' | `own:${string}`
          attachment?: 'snapOn' | 'screwOn' | `own:${string}`
          pattern?: string
        }
      }
      slot?: components['schemas']['Slot']
      minWidth?: number
      functions?: string[]
      motions?: components['schemas']['Motion'][]
      maxWidth?: number
      denies?: string[]
      maxSpeed?: number
      guide?: {
        /** @enum {string} */
        kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
        offset?: number
        range?: components['schemas']['Range']
        turn?: number
      }
      edge?: {
        left?: number
        right?: number
      }
      dualFeedCutOut?: boolean
      sole?: string
      maxButton?: number
      overrun?: number
      needs?: {
        items?: components['schemas']['Id'][]
        features?: string[]
        without?: string[]
        plates?: components['schemas']['Id'][]
      }
      brings?: string[]
      setup?: components['schemas']['Positions']
      circular?: {
        minRadius: number
        maxRadius: number
        mountGroup: string
        /** @enum {string} */
        pivotSide: 'left' | 'right'
      }
      packSize?: number
      unit?: string
      source?: components['schemas']['Source']
    }
    /** @enum {string} */
    Kind:
      'mechanical' | 'computerised' | 'straightStitch' | 'overlocker' | 'coverstitch' | 'overlockCover' | 'embroidery'
    LearnWords: {
      /** @enum {string} */
      kind: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
      of: components['schemas']['Id']
      words: string
    }
    LearnedWords: {
      /** @enum {string} */
      kind: 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
      of: components['schemas']['Id']
      words: string
      name: string
      by: string
    }
    LessonChange: {
      version: number
      lesson: components['schemas']['LessonWrite']
    }
    LessonRow: {
      id: number
      version: number
      lesson: components['schemas']['LessonWrite']
    }
    LessonWrite: {
      name: string
      model: components['schemas']['Id']
      tasks: (
        | {
            technique: components['schemas']['Id']
            fabric: components['schemas']['Id']
            method?: components['schemas']['Id']
            stage?: components['schemas']['Id']
          }
        | {
            /** @constant */
            normal: true
          }
      )[]
    }
    LinkMade: {
      id: number
      path: string
      expires: string
    }
    LinkView: {
      id: number
      note: string
      by: string
      expires: string
      names: {
        model: string
        technique: string
        fabric: string
      }
      attempts: number
    }
    LinkWrite: {
      model: components['schemas']['Id']
      technique: components['schemas']['Id']
      fabric: components['schemas']['Id']
      method?: components['schemas']['Id']
      stage?: components['schemas']['Id']
      note?: string
      days: number
    }
    LookingView: {
      cases: number
      techniques: [string, number][]
      models: [string, number][]
      troubles: [string, number][]
      months: [string, number][]
      minutes: number
      rising: {
        trouble: string
        before: number
        after: number
      }[]
      names: {
        [key: string]: string
      }
    }
    Machine: {
      model: components['schemas']['Id']
      serial?: string
      /** Format: date */
      bought?: string
    }
    MachinePhoto: {
      model: components['schemas']['Id']
      /** @enum {string} */
      view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      at: string
    }
    MachineShown: {
      model: components['schemas']['Id']
      technique?: components['schemas']['Id']
      stage?: components['schemas']['Id']
      fabric?: components['schemas']['Id']
      positions: {
        [key: string]: string
      }
      values: Partial<Record<components['schemas']['Parameter'], number>>
      due: string[]
    }
    MachineTranslationView: {
      from: components['schemas']['Id']
      to: components['schemas']['Id']
      stitches: {
        function: string
        from: {
          stitch: components['schemas']['Id']
          select: string
          name?: string
        }[]
        to: {
          stitch: components['schemas']['Id']
          select: string
          name?: string
        }[]
      }[]
      reach: {
        of: components['schemas']['Parameter'] | ('maxWidth' | 'maxSpeed' | 'twinMax')
        from:
          | {
              /** @enum {string} */
              is: 'unknown' | 'absent'
            }
          | {
              /** @constant */
              is: 'figure'
              value: number
            }
          | {
              /** @constant */
              is: 'scale'
              from: number
              to: number
              places: number | 'free'
            }
        to:
          | {
              /** @enum {string} */
              is: 'unknown' | 'absent'
            }
          | {
              /** @constant */
              is: 'figure'
              value: number
            }
          | {
              /** @constant */
              is: 'scale'
              from: number
              to: number
              places: number | 'free'
            }
      }[]
      features: {
        lost: string[]
        gained: string[]
      }
      items: components['schemas']['Carried'][]
      techniques: {
        technique: components['schemas']['Id']
        from: components['schemas']['Verdict']
        to: components['schemas']['Verdict']
      }[]
      names: components['schemas']['Named']
    }
    MachineView: {
      machine?: components['schemas']['MachineShown']
      at?: string
    }
    Make: {
      id: components['schemas']['Id']
      name: string
      footPattern?: string
    }
    MergeLine: {
      key: string
      resource: components['schemas']['Resource']
      title: string
      /** @enum {string} */
      is: 'new' | 'changedThere' | 'changedInBoth' | 'changedHere' | 'gone'
      mayBeOther: boolean
      isBench: boolean
      stitches: number
      parts: {
        key: string
        place: string
        here: string
        there: string
        /** @enum {string} */
        by: 'yours' | 'theirs' | 'both'
        /** @enum {string} */
        usual: 'yours' | 'theirs'
      }[]
    }
    MergeSent: {
      source: string
      /** @default [] */
      others?: string[]
      revision?: number
      /** @default [] */
      left?: string[]
      /** @default [] */
      turned?: string[]
      /** @default [] */
      removed?: string[]
      /** @description Any JSON value. */
      catalogue: unknown
    }
    MergeView: {
      revision: number
      last: {
        at: string
        by: string
      } | null
      lines: components['schemas']['MergeLine'][]
      same: number
    }
    Method: {
      id: components['schemas']['Id']
      name: string
      because: string
      when?: components['schemas']['When']
      prepare?: components['schemas']['Step'][]
      stages: components['schemas']['Stage'][]
      finish?: components['schemas']['Step'][]
    }
    Model: {
      id: components['schemas']['Id']
      make: components['schemas']['Id']
      name: string
      series?: string
      market?: string
      edition?: string
      aliases?: string[]
      kind: components['schemas']['Kind']
      groups?: string[]
      shank?: 'low' | 'high' | 'slant' | `own:${string}`
      attachment?: 'snapOn' | 'screwOn' | `own:${string}`
      maxWidth?: number
      needleTravel?: components['schemas']['Range']
      maxSpeed?: number
      needle?: {
        system: string
        maxSize?: number
        positions?: string[]
      }
      twinMax?: number
      supplied: components['schemas']['Id'][]
      features: string[]
      scales: Partial<Record<components['schemas']['Parameter'], 'absent' | components['schemas']['Scale']>>
      bobbin?: {
        class: string
        capacity: number
      }
      controls?: components['schemas']['Controls']
      source?: components['schemas']['Source']
      stitches: components['schemas']['Stitch'][]
    }
    ModelPage: {
      version: number
      model: components['schemas']['Model']
      make: string
      stitchVersions: {
        [key: string]: number
      }
      samples: {
        id: components['schemas']['Id']
        stitch: components['schemas']['Id']
      }[]
    }
    /** @enum {string} */
    Motion: 'forward' | 'forwardReverse' | 'sideMotion'
    Named: {
      items: {
        [key: string]: {
          code: string
          name: string
          what: string
          price?: number
        }
      }
      models: {
        [key: string]: string
      }
      functions: {
        [key: string]: string
      }
      methods: {
        [key: string]: string
      }
      threads: {
        [key: string]: string
      }
      stitches: {
        [key: string]: string
      }
    }
    NamesView: Partial<
      Record<
        components['schemas']['Resource'],
        {
          [key: string]: string
        }
      >
    >
    NativeNames: {
      functions: components['schemas']['StitchFunction'][]
      known: {
        name: string
        function: string
        motion: components['schemas']['Motion']
        make: components['schemas']['Id']
        count: number
      }[]
    }
    OutboxMessage: {
      id: number
      at: string
      by: string
      to: string
      subject: string
      bytes: number
    }
    Parameter:
      | 'width'
      | 'length'
      | 'needlePosition'
      | 'tension'
      | 'pressure'
      | 'differential'
      | 'cuttingWidth'
      | 'balance'
      | 'elongation'
      | `tension:${string}`
    Person: {
      id: string
      name: string
      role: components['schemas']['Role']
    }
    PersonChange: {
      name: string
      role: components['schemas']['Role']
      password?: string
    }
    PersonWrite: {
      id: string
      name: string
      password: string
      role: components['schemas']['Role']
    }
    PhoneCase: {
      key: string
      stage?: components['schemas']['Id']
      trouble?: components['schemas']['Id']
      shown?: {
        positions: {
          [key: string]: string
        }
        values: Partial<Record<components['schemas']['Parameter'], number>>
        slots?: {
          foot?: number
          plate?: number
        }
      }
      rungs?: string[]
      stop?: string
      words: string
    }
    PhoneDiagnosis: {
      stage?: components['schemas']['Id']
      trouble?: components['schemas']['Id']
      shown: {
        positions: {
          [key: string]: string
        }
        values: Partial<Record<components['schemas']['Parameter'], number>>
        slots?: {
          foot?: number
          plate?: number
        }
      }
    }
    PhoneKept: {
      /** @constant */
      kept: true
    }
    PhoneTold: {
      worked: boolean
      asked: {
        at: string
        words?: string
        stop?: string
        answer?: string
      }[]
    }
    PhoneWorked: {
      key: string
    }
    PhotoKept: {
      width: number
      height: number
      bytes: number
    }
    PickLists: {
      models: {
        id: components['schemas']['Id']
        name: string
        make: string
        kind: components['schemas']['Kind']
        aliases: string[]
        stitches: number
      }[]
      techniques: {
        id: components['schemas']['Id']
        name: string
        family: string
        aliases: string[]
      }[]
      fabrics: {
        id: components['schemas']['Id']
        name: string
        structure: string
        weight: string
      }[]
    }
    Pin: {
      pinned: boolean
    }
    Positions: {
      [key: string]: string
    }
    PrintJob: {
      sample: components['schemas']['Id']
    }
    PrintedLabel: {
      id: number
      sample: components['schemas']['Id']
      at: string
      by: string
    }
    ProblemDetails: {
      type: string
      title: string
      status: number
      issues?: {
        path: (string | number)[]
        message: string
      }[]
      /** @description Any JSON value. */
      yours?: unknown
      /** @description Any JSON value. */
      theirs?: unknown
      clashes?: {
        resource: string
        row: string
        /** @description Any JSON value. */
        yours: unknown
        /** @description Any JSON value. */
        theirs: unknown
      }[]
    }
    ProgressView: {
      people: {
        by: string
        attempts: number
        reached: number
        last: string
        hangs: {
          control: string
          times: number
          settled: boolean
        }[]
      }[]
      controls: {
        control: string
        people: string[]
        times: number
      }[]
    }
    Question: {
      technique: components['schemas']['Id']
      method?: components['schemas']['Id']
      model: components['schemas']['Id']
      also?: components['schemas']['Id'][]
      fabric: components['schemas']['Id']
      layers?: number
      owned?: components['schemas']['Id'][]
      stock?: components['schemas']['Id'][]
      job?: {
        needleSize?: number
        radius?: number
        buttonOpening?: number
        button?: {
          diameter: number
          thickness?: number
        }
        measured?: {
          [key: string]: number
        }
      }
    }
    Range: {
      from: number
      to: number
    }
    Reason: Reason
    RecordUndone: {
      resource: components['schemas']['ShopResource']
      row: string
      version: number | null
    }
    RecordWriteDetail: {
      id: number
      resource: components['schemas']['ShopResource']
      row: string
      title: string
      /** @enum {string} */
      did: 'added' | 'changed' | 'removed'
      at: string
      by: string
      stands: boolean
      /** @description Any JSON value. */
      before: unknown
      /** @description Any JSON value. */
      after: unknown
    }
    RecordWriteView: {
      id: number
      resource: components['schemas']['ShopResource']
      row: string
      title: string
      /** @enum {string} */
      did: 'added' | 'changed' | 'removed'
      at: string
      by: string
      stands: boolean
    }
    RemovalView: {
      along: {
        resource: components['schemas']['Resource']
        id: components['schemas']['Id']
        model?: components['schemas']['Id']
        title: string
      }[]
      changed: {
        resource: components['schemas']['Resource']
        id: components['schemas']['Id']
        model?: components['schemas']['Id']
        title: string
      }[]
      held: {
        resource: components['schemas']['Resource']
        id: components['schemas']['Id']
        model?: components['schemas']['Id']
        title: string
      }[]
    }
    /** @enum {string} */
    Resource:
      | 'makes'
      | 'functions'
      | 'threads'
      | 'models'
      | 'stitches'
      | 'items'
      | 'fits'
      | 'fabrics'
      | 'techniques'
      | 'samples'
    Review: {
      reached: boolean
      missed: {
        control: string
        at: string
        wanted: string
      }[]
      refused: {
        control: string
        to: string
        rules: string[]
      }[]
      passedBy: string[]
      undone: string[]
      strikes: number
      badSamples: number
      moves: number
      extra?: number
    }
    /** @enum {string} */
    Role: 'lead' | 'desk' | 'viewer'
    RowView: {
      version: number
      /** @description Any JSON value. */
      value: unknown
    }
    RowWrite: {
      version: number | null
      /** @description Any JSON value. */
      value: unknown
    }
    RunSheetView: {
      stages: {
        technique: number
        starts: number
        show: number
        change: number
        sew: number
        inspect: number
        slack: number
        slowest?: {
          seat: number
          seconds: number
        }
        longest?: number
        /** @enum {string} */
        sewFrom: 'seam' | 'practice' | 'unstated'
        help: {
          seat: number
          why: ('notReady' | 'noMachine' | 'otherWay' | 'slowChange' | 'byHand' | 'lentMachine' | 'hung')[]
          hung?: string[]
        }[]
      }[]
      minutes: number
      left: number
      own: boolean
      waits: number
      leastWaits?: number
      violations: {
        technique: number
        first: number
      }[]
      demonstrate?: {
        model: components['schemas']['Id']
        shop: boolean
        seats: number[]
        cells: number
      }
      names: components['schemas']['Named']
    }
    Sample: {
      id: components['schemas']['Id']
      model: components['schemas']['Id']
      edition?: string
      technique: components['schemas']['Id']
      method: components['schemas']['Id']
      stage: components['schemas']['Id']
      fabric: components['schemas']['Id']
      layers?: number
      stitch: components['schemas']['Id']
      foot?: components['schemas']['Id']
      needleSize?: number
      threads?: components['schemas']['Id'][]
      used: Partial<Record<components['schemas']['Parameter'], number>>
      measured?: {
        [key: string]: number
      }
      /** @enum {string} */
      verdict: 'good' | 'usable' | 'redo'
      fault?: components['schemas']['Id']
      pinned?: boolean
      on: string
      by: string
      note?: string
    }
    SampleListed: {
      id: components['schemas']['Id']
      on: string
      by: string
      /** @enum {string} */
      verdict: 'good' | 'usable' | 'redo'
      pinned: boolean
      stale: boolean
      photo: boolean
      model: {
        id: components['schemas']['Id']
        name: string
      }
      technique: {
        id: components['schemas']['Id']
        name: string
      }
      method: components['schemas']['Id']
      stage: {
        id: components['schemas']['Id']
        name: string
      }
      fabric: {
        id: components['schemas']['Id']
        name: string
      }
      select: string
      foot?: string
      used: Partial<Record<components['schemas']['Parameter'], number>>
      fault?: string
      note?: string
    }
    SampleLogged: {
      id: components['schemas']['Id']
      version: number
    }
    SampleWrite: {
      model: components['schemas']['Id']
      edition?: string
      technique: components['schemas']['Id']
      method: components['schemas']['Id']
      stage: components['schemas']['Id']
      fabric: components['schemas']['Id']
      layers?: number
      stitch: components['schemas']['Id']
      foot?: components['schemas']['Id']
      needleSize?: number
      threads?: components['schemas']['Id'][]
      used: Partial<Record<components['schemas']['Parameter'], number>>
      measured?: {
        [key: string]: number
      }
      /** @enum {string} */
      verdict: 'good' | 'usable' | 'redo'
      fault?: components['schemas']['Id']
      note?: string
    }
    Scale: {
      /** @enum {string} */
      shows: 'mm' | 'spi' | 'marks'
      from: number
      to: number
      step?: number
      marks?: {
        mark: string
        value: number
      }[]
      shownOffset?: number
      normal?: number
      number?: number
      kept?: boolean | 'perStitch'
      faces?: {
        when: components['schemas']['Positions']
        marks: {
          mark: string
          value: number
        }[]
      }[]
    }
    SendCard: {
      practice?: boolean
      customer: components['schemas']['Id']
      model: components['schemas']['Id']
      technique: components['schemas']['Id']
      fabric: components['schemas']['Id']
      method?: components['schemas']['Id']
      owned?: components['schemas']['Id'][]
    }
    SendSheet: {
      customer: components['schemas']['Id']
      words: string
      sheet: components['schemas']['Sheet']
    }
    SentTo: {
      to: string
    }
    SessionView: {
      user?: {
        id: string
        name: string
        role: components['schemas']['Role']
      }
      csrf?: string
      first?: boolean
      demoAccounts?: {
        user: string
        password: string
        role: components['schemas']['Role']
      }[]
    }
    Setting: {
      value: (number | components['schemas']['Range'] | 'auto') | ('absent' | 'unstated')
      shown: string
      default?: number | components['schemas']['Range'] | 'auto'
      /** @enum {string} */
      from: 'house' | 'target' | 'default' | 'unstated'
      changed: boolean
      /** @enum {string} */
      setAgain: 'no' | 'afterChoosing' | 'check'
      clear?: components['schemas']['Range']
      reasons: components['schemas']['Reason'][]
    }
    SharedAttempt: {
      name: string
      review: components['schemas']['Review']
    }
    SharedCardMade: {
      token: string
      expires: string
    }
    SharedCardRow: {
      id: number
      by: string
      expires: string
      what: string
    }
    SharedCardWrite: {
      model: components['schemas']['Id']
      technique: components['schemas']['Id']
      fabric: components['schemas']['Id']
      method?: components['schemas']['Id']
      owned?: components['schemas']['Id'][]
      /** @default 30 */
      days?: number
    }
    Sheet: {
      title: string
      width: number
      height: number
      marks: (
        | {
            /** @constant */
            is: 'line'
            points: [number, number][]
            /** @enum {string} */
            weight: 'thin' | 'strong' | 'dashed'
            closed?: boolean
          }
        | {
            /** @constant */
            is: 'circle'
            at: [number, number]
            radius: number
            /** @enum {string} */
            weight: 'thin' | 'strong' | 'dashed'
          }
        | {
            /** @constant */
            is: 'text'
            at: [number, number]
            text: string
            size: number
            /** @enum {string} */
            align: 'start' | 'middle' | 'end'
          }
      )[]
    }
    ShopCalendar: {
      events: {
        title: string
        starts: string
        ends: string
        place?: string
      }[]
      read?: string
      file?: string
    }
    /** @enum {string} */
    ShopResource: 'classes' | 'customers' | 'cases' | 'supplies' | 'calendar' | 'settings' | 'lessons'
    ShopSettings: {
      tolerance: {
        mm: number
        numbers: number
      }
      forgetNamesAfter: number
      publicAddress?: string
    }
    ShopSettingsRow: {
      version: number
      settings: components['schemas']['ShopSettings']
    }
    SignIn: {
      user: string
      password: string
    }
    Slot:
      | number
      | {
          left: number
          right: number
        }
    Source: {
      /** @enum {string} */
      evidence: 'book' | 'bench' | 'workedOut'
      where?: string
    }
    Stage: {
      id: components['schemas']['Id']
      name: string
      kinds: components['schemas']['Kind'][]
      stitches: {
        function: string
        when?: components['schemas']['When']
        tradeOff?: string
      }[]
      stitchMust?: {
        minWidth?: number
        avoid?: string[]
        motions?: components['schemas']['Motion'][]
      }
      feet:
        | ('any' | 'none')
        | {
            function: string
            when?: components['schemas']['When']
            tradeOff?: string
          }[]
      accessories?: string[]
      features?: {
        need?: (string | string[])[]
        avoid?: string[]
      }
      twinSpacing?: number
      needle?: {
        when?: components['schemas']['When']
        point?: string
        size?: number
        system?: string
      }[]
      threads?: {
        when?: components['schemas']['When']
        /** @enum {string} */
        place: 'needle' | 'bobbin' | 'upperLooper' | 'lowerLooper' | 'chainLooper' | 'coverLooper'
        thread: components['schemas']['Id']
      }[]
      maxSpeed?: number
      targets: {
        parameter: components['schemas']['Parameter']
        when?: components['schemas']['When']
        to:
          | (
              | 'default'
              | {
                  abs: number
                }
              | {
                  times: number
                }
              | {
                  plus: number
                }
              | {
                  numbers: number
                }
              | {
                  from: number
                  to: number
                  prefer: number
                }
            )
          | {
              calc: components['schemas']['Calculation']
              else?:
                | 'default'
                | {
                    abs: number
                  }
                | {
                    times: number
                  }
                | {
                    plus: number
                  }
                | {
                    numbers: number
                  }
                | {
                    from: number
                    to: number
                    prefer: number
                  }
            }
        because: string
      }[]
      setup?: components['schemas']['Positions']
      materials?: {
        what: string
        /** @enum {string} */
        per: 'piece' | 'metre' | 'seat'
        amount: number
        unit: string
        when?: components['schemas']['When']
      }[]
      minutes?: number
      steps: components['schemas']['Step'][]
      inspect: {
        /** @enum {string} */
        side: 'right' | 'wrong' | 'start' | 'end' | 'corner'
        good: string
      }[]
      faults: {
        id: components['schemas']['Id']
        name: string
        /** @enum {string} */
        shows?:
          | 'missed'
          | 'off'
          | 'loop'
          | 'gap'
          | 'unequal'
          | 'pucker'
          | 'ridge'
          | 'wave'
          | 'pack'
          | 'long'
          | 'short'
          | 'skip'
          | 'break'
          | 'curl'
          | 'size'
          | 'hit'
          | 'stiff'
          | 'loose'
        causes: {
          parameter?: components['schemas']['Parameter']
          /** @enum {string} */
          toward?: 'high' | 'low'
          control?: string
          text?: string
        }[]
      }[]
    }
    StageAnswer: {
      stage: components['schemas']['Id']
      model: components['schemas']['Id']
      stitch: components['schemas']['Id']
      select: string
      function: components['schemas']['Id']
      foot?: components['schemas']['Id']
      chain: components['schemas']['Id'][]
      plate?: components['schemas']['Id']
      accessories: components['schemas']['Id'][]
      /** @enum {string} */
      fitEvidence: 'bench' | 'book' | 'workedOut'
      proved?: {
        sample: components['schemas']['Id']
        samples: number
        people: number
        days: number
        last: string
        pinned: boolean
      }
      needle: {
        system?: string
        point: string
        size: number
      }
      threads: {
        place: string
        thread: components['schemas']['Id']
      }[]
      maxSpeed?: number
      setup: components['schemas']['Positions']
      features: {
        feature: string
        item?: components['schemas']['Id']
      }[]
      settings: Partial<Record<components['schemas']['Parameter'], components['schemas']['Setting']>>
      reasons: components['schemas']['Reason'][]
      cautions: components['schemas']['Reason'][]
      alternatives: {
        model: components['schemas']['Id']
        stitch: components['schemas']['Id']
        foot?: components['schemas']['Id']
        toGet: components['schemas']['Id'][]
        better: components['schemas']['Reason'][]
        worse: components['schemas']['Reason'][]
      }[]
    }
    Step: {
      text: string
      when?: components['schemas']['When']
      check?: string
      caution?: string
      ifWrong?: string
      /** @enum {string} */
      phase?: 'prepare' | 'fit' | 'ready' | 'reset' | 'start' | 'sew' | 'next' | 'finish'
      before?: string
      after?: string
      does?: components['schemas']['Positions']
      measures?: string
      sequence?: boolean
    }
    Stitch: {
      id: components['schemas']['Id']
      select: string
      function: components['schemas']['Id']
      nativeName?: string
      motion: components['schemas']['Motion']
      swing?: components['schemas']['Swing']
      attributes?: string[]
      defaults?: Partial<Record<components['schemas']['Parameter'], number | components['schemas']['Range'] | 'auto'>>
      ranges?: Partial<Record<components['schemas']['Parameter'], components['schemas']['Range']>>
      /** @enum {string} */
      lengthMeaning?: 'stitch' | 'pattern'
      foot?: string | string[]
      brings?: string[]
      setup?: components['schemas']['Positions']
      sequence?: {
        at: string
        does: string
        until?: string
      }[]
      /** @enum {string} */
      startsAt?: 'nearEnd' | 'farEnd'
      /** @enum {string} */
      sews?: 'towardYou' | 'awayFromYou'
      points?: [number, number][]
      source?: components['schemas']['Source']
    }
    StitchFunction: {
      id: components['schemas']['Id']
      name: string
      family: string
      swing: components['schemas']['Swing']
      iso4915?: string
      repeat?: number
      swingAt?: number
    }
    StitchSpec: {
      function: {
        id: components['schemas']['Id']
        family: string
        repeat?: number
        swingAt?: number
      }
      swing: components['schemas']['Swing']
      width: number
      length: number
      needlePosition: number
      repeats: number
      points?: [number, number][]
    }
    SuppliesView: {
      needs: {
        /** @enum {string} */
        what: 'fabric' | 'thread' | 'bobbin' | 'needle' | 'material'
        of: string
        name: string
        colour?: string
        unit: string
        seats: {
          seat: number
          amount: number
        }[]
        unknown: number[]
        amount?: number
        cuts?: {
          width: number
          length: number
          pieces: number
        }[]
        packs?: {
          of: number
          need: number
          shelf: number
          buy: number
          cost?: number
        }
      }[]
      spares: number
    }
    Supply: {
      /** @enum {string} */
      what: 'fabric' | 'thread' | 'bobbin' | 'needle' | 'material'
      of: string
      pack: number
      width?: number
      price?: number
      shelf: number
    }
    /** @enum {string} */
    Swing: 'none' | 'centred' | 'left' | 'right'
    TableRow: {
      id: components['schemas']['Id']
      model?: components['schemas']['Id']
      version: number
      /** @description Any JSON value. */
      value: unknown
    }
    Technique: {
      id: components['schemas']['Id']
      name: string
      aliases?: string[]
      family: string
      for: string
      level: 1 | 2 | 3
      methods: components['schemas']['Method'][]
    }
    Thread: {
      id: components['schemas']['Id']
      name: string
      tex: number
      /** @enum {string} */
      fibre: 'polyester' | 'cotton' | 'rayon' | 'nylon' | 'metallic'
      use: string
    }
    ToldCause: ToldCause
    ToldStep: ToldStep
    TradeUpView: {
      rows: {
        technique: components['schemas']['Id']
        fabric: components['schemas']['Id']
        times: number
        from: {
          verdict: components['schemas']['Verdict']
          toGet: components['schemas']['Id'][]
          reason?: components['schemas']['Reason']
        }
        to: {
          verdict: components['schemas']['Verdict']
          toGet: components['schemas']['Id'][]
          reason?: components['schemas']['Reason']
        }
        name: string
        fabricName: string
      }[]
      items: components['schemas']['Carried'][]
      buy: components['schemas']['Id'][]
      cost: number
      unpriced: components['schemas']['Id'][]
      lost: components['schemas']['Id'][]
      names: components['schemas']['Named']
    }
    TrialView: {
      technique: {
        id: components['schemas']['Id']
        name: string
      }
      stage: {
        id: components['schemas']['Id']
        name: string
        faults: {
          id: components['schemas']['Id']
          name: string
          /** @enum {string} */
          shows?:
            | 'missed'
            | 'off'
            | 'loop'
            | 'gap'
            | 'unequal'
            | 'pucker'
            | 'ridge'
            | 'wave'
            | 'pack'
            | 'long'
            | 'short'
            | 'skip'
            | 'break'
            | 'curl'
            | 'size'
            | 'hit'
            | 'stiff'
            | 'loose'
          causes: {
            parameter?: components['schemas']['Parameter']
            /** @enum {string} */
            toward?: 'high' | 'low'
            control?: string
            text?: string
          }[]
        }[]
        inspect: {
          /** @enum {string} */
          side: 'right' | 'wrong' | 'start' | 'end' | 'corner'
          good: string
        }[]
        twinSpacing?: number
        functions: string[]
      }
      fabric: {
        id: components['schemas']['Id']
        name: string
        /** @enum {string} */
        structure: 'woven' | 'knit' | 'nonWoven' | 'coated'
        needle: {
          point: string
          size: number
        }
      }
      model: {
        id: components['schemas']['Id']
        name: string
        make: components['schemas']['Id']
        kind: components['schemas']['Kind']
        maxWidth?: number
        needleTravel?: components['schemas']['Range']
        bobbin?: {
          class: string
          capacity: number
        }
        features: string[]
        needle?: {
          system: string
          maxSize?: number
          positions?: string[]
        }
        scales: Partial<Record<components['schemas']['Parameter'], 'absent' | components['schemas']['Scale']>>
      }
      controls: components['schemas']['Controls']
      normal: components['schemas']['Positions']
      goal: components['schemas']['Positions']
      planned?: number
      answer: {
        stitch: components['schemas']['Id']
        foot?: components['schemas']['Id']
        plate?: components['schemas']['Id']
        chain: components['schemas']['Id'][]
        settings: Partial<Record<components['schemas']['Parameter'], components['schemas']['Setting']>>
        setup: components['schemas']['Positions']
        needle: {
          system?: string
          point: string
          size: number
        }
        threads: {
          place: string
          thread: components['schemas']['Id']
        }[]
      }
      stitches: {
        id: components['schemas']['Id']
        select: string
        nativeName?: string
        function: components['schemas']['Id']
        motion: components['schemas']['Motion']
        swing?: components['schemas']['Swing']
        defaults?: Partial<Record<components['schemas']['Parameter'], number | components['schemas']['Range'] | 'auto'>>
        ranges?: Partial<Record<components['schemas']['Parameter'], components['schemas']['Range']>>
        setup?: components['schemas']['Positions']
        attributes?: string[]
        points?: [number, number][]
        /** @enum {string} */
        lengthMeaning?: 'stitch' | 'pattern'
        brings?: string[]
        sequence?: {
          at: string
          does: string
          until?: string
        }[]
      }[]
      functions: components['schemas']['StitchFunction'][]
      items: {
        id: components['schemas']['Id']
        code: string
        name: string
        /** @enum {string} */
        what: 'foot' | 'ankle' | 'adapter' | 'plate' | 'accessory'
        slot?: components['schemas']['Slot']
        minWidth?: number
        maxWidth?: number
        motions?: components['schemas']['Motion'][]
        denies?: string[]
        functions?: string[]
        guide?: {
          /** @enum {string} */
          kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
          offset?: number
          range?: components['schemas']['Range']
          turn?: number
        }
        dualFeedCutOut?: boolean
        maxButton?: number
      }[]
      needles: string[]
      threads: {
        id: components['schemas']['Id']
        name: string
      }[]
      threadDiameter?: number
    }
    Undo: {
      revision: number
      only?: number[]
    }
    /** @enum {string} */
    Verdict: 'ready' | 'needsItems' | 'otherRoute' | 'notOnThisModel'
    When: {
      fabric?: components['schemas']['Id'][]
      structure?: ('woven' | 'knit' | 'nonWoven' | 'coated')[]
      weight?: ('light' | 'medium' | 'heavy')[]
      behaviour?: string[]
      minLayers?: number
      kind?: components['schemas']['Kind'][]
      feature?: string[]
      withoutFeature?: string[]
      make?: components['schemas']['Id'][]
      model?: components['schemas']['Id'][]
    }
    WorkbenchInputView: {
      model?: {
        id: components['schemas']['Id']
        name: string
        kind: components['schemas']['Kind']
        maxWidth?: number
        twinMax?: number
        maxSpeed?: number
        travel?: components['schemas']['Range']
        bobbin?: {
          class: string
          capacity: number
        }
        scales: {
          [key: string]: components['schemas']['Scale']
        }
        motifs: {
          id: components['schemas']['Id']
          name: string
          points?: [number, number][]
        }[]
        plateSlot?: components['schemas']['Slot']
      }
      fabric?: {
        name: string
        /** @enum {string} */
        structure: 'woven' | 'knit' | 'nonWoven' | 'coated'
        /** @enum {string} */
        weight: 'light' | 'medium' | 'heavy'
        behaviours: string[]
        thickness: number
        needleSize: number
      }
      stages: {
        stage: components['schemas']['Id']
        name: string
        select: string
        function: components['schemas']['StitchFunction']
        works: components['schemas']['Calculation'][]
        sketch?: components['schemas']['CardSketch']
        foot?: {
          slot?: components['schemas']['Slot']
          guide?: {
            /** @enum {string} */
            kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
            offset?: number
            range?: components['schemas']['Range']
            turn?: number
          }
          minWidth?: number
          functions?: string[]
          maxButton?: number
          id: components['schemas']['Id']
          code: string
          name: string
          overrun?: number
          edge?: {
            left?: number
            right?: number
          }
        }
        plateSlot?: components['schemas']['Slot']
        needleSize: number
        threads: {
          name: string
          tex: number
          /** @enum {string} */
          fibre: 'polyester' | 'cotton' | 'rayon' | 'nylon' | 'metallic'
          place: string
        }[]
        circular?: {
          minRadius: number
          maxRadius: number
          mountGroup: string
          /** @enum {string} */
          pivotSide: 'left' | 'right'
        }
        /** @enum {string} */
        startsAt?: 'nearEnd' | 'farEnd'
        /** @enum {string} */
        sews?: 'towardYou' | 'awayFromYou'
        settings: Partial<Record<components['schemas']['Parameter'], number>>
      }[]
      guides: {
        slot?: components['schemas']['Slot']
        guide?: {
          /** @enum {string} */
          kind: 'none' | 'centre' | 'right' | 'left' | 'adjustable'
          offset?: number
          range?: components['schemas']['Range']
          turn?: number
        }
        minWidth?: number
        functions?: string[]
        maxButton?: number
        id: components['schemas']['Id']
        code: string
        name: string
        overrun?: number
        edge?: {
          left?: number
          right?: number
        }
      }[]
    }
    WorkedCount: {
      now: number
      otherwise: number
    }
    WriteView: {
      revision: number
      at: string
      by: string
      counts: {
        resource: components['schemas']['Resource']
        added: number
        changed: number
        removed: number
      }[]
      first: {
        id: number
        resource: components['schemas']['Resource']
        row: string
        title: string
        /** @enum {string} */
        did: 'added' | 'changed' | 'removed'
      }[]
      rows: number
    }
    idList: string
  }
  responses: never
  parameters: never
  requestBodies: never
  headers: never
  pathItems: never
}
export interface operations {
  getHealth: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            ready: boolean
            revision: number
          }
        }
      }
    }
  }
  getOpenapiJson: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            openapi: string
          } & {
            [key: string]: unknown
          }
        }
      }
    }
  }
  getSession: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SessionView']
        }
      }
    }
  }
  postSession: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SignIn']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SessionView']
        }
      }
    }
  }
  deleteSession: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      204: {
        headers: {
          [name: string]: unknown
        }
        content?: never
      }
    }
  }
  postSessionFirst: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['FirstPerson']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SessionView']
        }
      }
    }
  }
  getPeople: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Person'][]
        }
      }
    }
  }
  postPeople: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Person']
        }
      }
    }
  }
  putPeopleById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonChange']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Person']
        }
      }
    }
  }
  deletePeopleById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            done: true
          }
        }
      }
    }
  }
  getCard: {
    parameters: {
      query: {
        /** @description A technique’s id */
        technique: components['schemas']['Id']
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Layers of fabric */
        layers?: number
        /** @description Further models the person has, with commas between */
        also?: components['schemas']['idList']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description A needle to sew with in place of the usual one */
        needle?: number
        /** @description Opening of a buttonhole, mm */
        opening?: number
        /** @description Radius of a circle, mm */
        radius?: number
        /** @description What was measured, by name and millimetres: `holeSpacing:3.4,ringWire:2` */
        measured?: string
        /** @description How the machine stands, as `control:position`, with commas between */
        now?: string
        /** @description A card that was sewn before, from which the machine is changed over */
        after?: components['schemas']['Id']
        /** @description Whether all alternatives are told */
        alternatives?: 'all'
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CardView']
        }
      }
    }
  }
  postCardDraft: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['DraftCard']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CardView']
        }
      }
    }
  }
  postAnswer: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Question']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Answer']
        }
      }
    }
  }
  getCatalogueStitchesByModelById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RowView']
        }
      }
    }
  }
  putCatalogueStitchesByModelById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['RowWrite']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RowView']
        }
      }
    }
  }
  deleteCatalogueStitchesByModelById: {
    parameters: {
      query: {
        /** @description The version as whoever asks saw it */
        version: number
        /** @description Whether what hangs on the row is removed along with it */
        along?: 'yes'
      }
      header?: never
      path: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getCatalogueStitchesByModelByIdRemoval: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RemovalView']
        }
      }
    }
  }
  getCatalogueByResourceById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: 'makes' | 'functions' | 'threads' | 'models' | 'items' | 'fits' | 'fabrics' | 'techniques' | 'samples'
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RowView']
        }
      }
    }
  }
  putCatalogueByResourceById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: 'makes' | 'functions' | 'threads' | 'models' | 'items' | 'fits' | 'fabrics' | 'techniques' | 'samples'
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['RowWrite']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RowView']
        }
      }
    }
  }
  deleteCatalogueByResourceById: {
    parameters: {
      query: {
        /** @description The version as whoever asks saw it */
        version: number
        /** @description Whether what hangs on the row is removed along with it */
        along?: 'yes'
      }
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: 'makes' | 'functions' | 'threads' | 'models' | 'items' | 'fits' | 'fabrics' | 'techniques' | 'samples'
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getCatalogueByResourceByIdRemoval: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: 'makes' | 'functions' | 'threads' | 'models' | 'items' | 'fits' | 'fabrics' | 'techniques' | 'samples'
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RemovalView']
        }
      }
    }
  }
  getCatalogueByResource: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
      }
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: components['schemas']['Resource']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['TableRow'][]
        }
      }
    }
  }
  postCatalogueChanges: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Changes']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getTablesByResource: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
      }
      header?: never
      path: {
        /** @description Which table, or which kind of record */
        resource: components['schemas']['Resource']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'text/csv': string
        }
      }
    }
  }
  getPicks: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PickLists']
        }
      }
    }
  }
  getNames: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['NamesView']
        }
      }
    }
  }
  getModelsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ModelPage']
        }
      }
    }
  }
  postModelsByIdCopy: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CopyModel']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RowView']
        }
      }
    }
  }
  getHistory: {
    parameters: {
      query?: {
        /** @description A write of the catalogue */
        revision?: number
        /** @description Which table, or which kind of record */
        resource?: components['schemas']['Resource']
        /** @description The key of a row */
        row?: string
        /** @description The id that the last page ended on */
        before?: number
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['HistoryEntry'][]
        }
      }
    }
  }
  getHistoryWrites: {
    parameters: {
      query?: {
        /** @description Which table, or which kind of record */
        resource?: components['schemas']['Resource']
        /** @description The key of a row */
        row?: string
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description The id that the last page ended on */
        before?: number
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['WriteView'][]
        }
      }
    }
  }
  postHistoryUndo: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Undo']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getNativeNames: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['NativeNames']
        }
      }
    }
  }
  getImportHabitsByKindByMake: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description What kind of thing */
        kind: string
        /** @description A make’s id */
        make: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ImportHabit']
        }
      }
    }
  }
  putImportHabitsByKindByMake: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description What kind of thing */
        kind: string
        /** @description A make’s id */
        make: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ImportHabit']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ImportHabit']
        }
      }
    }
  }
  getFits: {
    parameters: {
      query?: {
        /** @description An item’s id */
        item?: components['schemas']['Id']
        /** @description A model’s id */
        model?: components['schemas']['Id']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['FitsView']
        }
      }
    }
  }
  getCoverageColumn: {
    parameters: {
      query: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ColumnView']
        }
      }
    }
  }
  getCoverageGrid: {
    parameters: {
      query: {
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['GridView']
        }
      }
    }
  }
  getCoverageGaps: {
    parameters: {
      query: {
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description What gaps are counted by */
        by?: 'cells' | 'machines' | 'seats'
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['GapsView']
        }
      }
    }
  }
  getTranslateCard: {
    parameters: {
      query: {
        /** @description A technique’s id */
        technique: components['schemas']['Id']
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The model changed to */
        to: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CardTranslationView']
        }
      }
    }
  }
  getTranslateMachine: {
    parameters: {
      query: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description The model changed to */
        to: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachineTranslationView']
        }
      }
    }
  }
  getHand: {
    parameters: {
      query?: {
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Layers of fabric */
        layers?: number
        /** @description Further models the person has, with commas between */
        also?: components['schemas']['idList']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['WorkbenchInputView']
        }
      }
    }
  }
  postWorkbenchSheetPdf: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Sheet']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/pdf': string
        }
      }
    }
  }
  getSamples: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SampleListed'][]
        }
      }
    }
  }
  postSamples: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SampleWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SampleLogged']
        }
      }
    }
  }
  postSamplesByIdPin: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Pin']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SampleLogged']
        }
      }
    }
  }
  getEvidence: {
    parameters: {
      query: {
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description A technique’s id */
        technique: components['schemas']['Id']
        /** @description A method of the technique */
        method: components['schemas']['Id']
        /** @description A stage of the method */
        stage: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description A stitch of the model */
        stitch: components['schemas']['Id']
        /** @description A foot’s id */
        foot?: components['schemas']['Id']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['EvidenceView']
        }
      }
    }
  }
  getSamplesByIdPhoto: {
    parameters: {
      query?: {
        /** @description Small or large */
        size?: 'small' | 'large'
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'image/jpeg': string
        }
      }
    }
  }
  putSamplesByIdPhoto: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'image/*': string
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PhotoKept']
        }
      }
    }
  }
  getSamplesByIdLabelPdf: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/pdf': string
        }
      }
    }
  }
  getLabelPrinterJobs: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PrintedLabel'][]
        }
      }
    }
  }
  postLabelPrinterJobs: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PrintJob']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PrintedLabel']
        }
      }
    }
  }
  getLabelPrinterJobsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/pdf': string
        }
      }
    }
  }
  getCustomers: {
    parameters: {
      query?: {
        /** @description Words to look for */
        q?: string
        /** @description Ids of what is asked for, with commas between */
        ids?: components['schemas']['idList']
        /** @description Only whom a letter reaches */
        mail?: 'yes'
        /** @description The id that the last page ended on */
        before?: components['schemas']['Id']
        /** @description How many at most */
        most?: number
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomersPage']
        }
      }
    }
  }
  postCustomers: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CustomerWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomerRow']
        }
      }
    }
  }
  postCustomersNamed: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CustomersNamed']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomerRow'][]
        }
      }
    }
  }
  postCustomersImport: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CustomersImport']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomersImported']
        }
      }
    }
  }
  getCustomersCsv: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'text/csv; charset=utf-8': string
        }
      }
    }
  }
  getCustomersById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomerRow']
        }
      }
    }
  }
  putCustomersById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CustomerChange']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomerRow']
        }
      }
    }
  }
  deleteCustomersById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getCustomersByIdExport: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CustomerExport']
        }
      }
    }
  }
  getClasses: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassRow'][]
        }
      }
    }
  }
  postClasses: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassRow']
        }
      }
    }
  }
  getClassesById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassRow']
        }
      }
    }
  }
  putClassesById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassChange']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassRow']
        }
      }
    }
  }
  deleteClassesById: {
    parameters: {
      query: {
        /** @description The version as whoever asks saw it */
        version: number
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getClassesByIdPlan: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassPlanView']
        }
      }
    }
  }
  postClassesByIdChange: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassDraft']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassChangeView']
        }
      }
    }
  }
  getClassesByIdPurchases: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassPurchases']
        }
      }
    }
  }
  getClassesByIdRunSheet: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RunSheetView']
        }
      }
    }
  }
  getClassesByIdCalendarIcs: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'text/calendar': string
        }
      }
    }
  }
  getClassesByIdClashes: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Clashes']
        }
      }
    }
  }
  getClassesByIdSupplies: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SuppliesView']
        }
      }
    }
  }
  getClassesByIdHandoutsByPartPdf: {
    parameters: {
      query?: {
        /** @description Place of a seat, from 0 */
        seat?: number
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
        /** @description Which part of the handouts */
        part: 'cards' | 'side-by-side' | 'wall-a4' | 'wall-a3' | 'lists' | 'run-sheet' | 'shopping' | 'everything'
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/pdf': string
        }
      }
    }
  }
  postClassesByIdMessages: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassMessages']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ClassMessagesSent']
        }
      }
    }
  }
  getCupboard: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Cupboard']
        }
      }
    }
  }
  putCupboard: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Cupboard']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Cupboard']
        }
      }
    }
  }
  getCalendar: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ShopCalendar']
        }
      }
    }
  }
  putCalendar: {
    parameters: {
      query?: {
        /** @description What it is called */
        name?: string
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'text/calendar': string
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            events: number
          }
        }
      }
    }
  }
  getHistoryRecords: {
    parameters: {
      query?: {
        /** @description Which table, or which kind of record */
        resource?: components['schemas']['ShopResource']
        /** @description The key of a row */
        row?: string
        /** @description The id that the last page ended on */
        before?: number
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RecordWriteView'][]
        }
      }
    }
  }
  getHistoryRecordsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RecordWriteDetail']
        }
      }
    }
  }
  postHistoryRecordsByIdUndo: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['RecordUndone']
        }
      }
    }
  }
  getChanges: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'text/event-stream': string
        }
      }
    }
  }
  getOutbox: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['OutboxMessage'][]
        }
      }
    }
  }
  getOutboxByIdEml: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'message/rfc822': string
        }
      }
    }
  }
  postOutboxByIdAgain: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            done: true
          }
        }
      }
    }
  }
  deleteOutboxById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            done: true
          }
        }
      }
    }
  }
  getSharedCards: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SharedCardRow'][]
        }
      }
    }
  }
  postSharedCards: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SharedCardWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SharedCardMade']
        }
      }
    }
  }
  postSharedCardsPaper: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SharedCardWrite']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/pdf': string
        }
      }
    }
  }
  deleteSharedCardsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getSharedCardsByToken: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CardView']
        }
      }
    }
  }
  postOutboxCards: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SendCard']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SentTo']
        }
      }
    }
  }
  postOutboxSheets: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SendSheet']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['SentTo']
        }
      }
    }
  }
  getSharedCardsByTokenMachine: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description A stage of the method */
        stage?: components['schemas']['Id']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['TrialView']
        }
      }
    }
  }
  getSharedCardsByTokenPhotos: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachinePhoto'][]
        }
      }
    }
  }
  getSharedCardsByTokenPhotosByView: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description When it was kept */
        at?: string
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
        /** @description From where one looks at a machine */
        view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'image/jpeg': string
        }
      }
    }
  }
  postSharedCardsByTokenDiagnosis: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PhoneDiagnosis']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['DiagnosisView']
        }
      }
    }
  }
  postSharedCardsByTokenWorked: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PhoneWorked']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PhoneKept']
        }
      }
    }
  }
  postSharedCardsByTokenCases: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['PhoneCase']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PhoneKept']
        }
      }
    }
  }
  getSharedCardsByTokenTold: {
    parameters: {
      query?: {
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric?: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description Keys that a telephone made for what it asked, with commas between */
        keys?: string
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PhoneTold']
        }
      }
    }
  }
  getWorked: {
    parameters: {
      query: {
        /** @description A technique’s id */
        technique: components['schemas']['Id']
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Layers of fabric */
        layers?: number
        /** @description Further models the person has, with commas between */
        also?: components['schemas']['idList']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description A needle to sew with in place of the usual one */
        needle?: number
        /** @description Opening of a buttonhole, mm */
        opening?: number
        /** @description Radius of a circle, mm */
        radius?: number
        /** @description What was measured, by name and millimetres: `holeSpacing:3.4,ringWire:2` */
        measured?: string
        /** @description How the machine stands, as `control:position`, with commas between */
        now?: string
        /** @description A card that was sewn before, from which the machine is changed over */
        after?: components['schemas']['Id']
        /** @description Whether all alternatives are told */
        alternatives?: 'all'
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['WorkedCount']
        }
      }
    }
  }
  getPracticeLessons: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LessonRow'][]
        }
      }
    }
  }
  postPracticeLessons: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['LessonWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LessonRow']
        }
      }
    }
  }
  getPracticeLessonsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LessonRow']
        }
      }
    }
  }
  putPracticeLessonsById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['LessonChange']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LessonRow']
        }
      }
    }
  }
  deletePracticeLessonsById: {
    parameters: {
      query: {
        /** @description The version as whoever asks saw it */
        version: number
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getMachinePhotos: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachinePhoto'][]
        }
      }
    }
  }
  getModelsByIdPhotosByView: {
    parameters: {
      query?: {
        /** @description When it was kept */
        at?: string
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
        /** @description From where one looks at a machine */
        view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'image/jpeg': string
        }
      }
    }
  }
  putModelsByIdPhotosByView: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
        /** @description From where one looks at a machine */
        view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'image/*': string
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['PhotoKept']
        }
      }
    }
  }
  deleteModelsByIdPhotosByView: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
        /** @description From where one looks at a machine */
        view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getAsk: {
    parameters: {
      query: {
        /** @description Words to look for */
        q: string
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['AskView']
        }
      }
    }
  }
  getAskWords: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LearnedWords'][]
        }
      }
    }
  }
  postAskWords: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['LearnWords']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            learned: true
          }
        }
      }
    }
  }
  deleteAskWords: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['LearnWords']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            forgotten: true
          }
        }
      }
    }
  }
  getCases: {
    parameters: {
      query?: {
        /** @description Words to look for */
        q?: string
        /** @description How a case ended */
        outcome?: 'open' | 'solved' | 'workshop' | 'noAnswer'
        /** @description A model’s id */
        model?: components['schemas']['Id']
        /** @description A technique’s id */
        technique?: components['schemas']['Id']
        /** @description A trouble: of a technique, or of the desk */
        trouble?: components['schemas']['Id']
        /** @description A customer’s id */
        customer?: components['schemas']['Id']
        /** @description Whom of the shop it was handed to */
        handedTo?: string
        /** @description Follow-ups due until this day */
        due?: string
        /** @description Who still waits for an answer */
        waiting?: 'phone'
        /** @description The id that the last page ended on */
        before?: number
        /** @description How many at most */
        most?: number
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CaseRow'][]
        }
      }
    }
  }
  postCases: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CaseWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CaseRow']
        }
      }
    }
  }
  getCasesLookingBack: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LookingView']
        }
      }
    }
  }
  getCasesById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CaseRow']
        }
      }
    }
  }
  putCasesById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['CaseChange']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CaseRow']
        }
      }
    }
  }
  deleteCasesById: {
    parameters: {
      query: {
        /** @description The version as whoever asks saw it */
        version: number
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getCustomersByIdTradeUp: {
    parameters: {
      query: {
        /** @description The model changed from */
        from: components['schemas']['Id']
        /** @description The model changed to */
        to: components['schemas']['Id']
      }
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['TradeUpView']
        }
      }
    }
  }
  postDiagnosis: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['DiagnosisAsk']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['DiagnosisView']
        }
      }
    }
  }
  getPractice: {
    parameters: {
      query: {
        /** @description A technique’s id */
        technique: components['schemas']['Id']
        /** @description A model’s id */
        model: components['schemas']['Id']
        /** @description A fabric’s id */
        fabric: components['schemas']['Id']
        /** @description A method of the technique */
        method?: components['schemas']['Id']
        /** @description Layers of fabric */
        layers?: number
        /** @description Further models the person has, with commas between */
        also?: components['schemas']['idList']
        /** @description Items the person owns beside what came with their machines, with commas between */
        owned?: components['schemas']['idList']
        /** @description A needle to sew with in place of the usual one */
        needle?: number
        /** @description Opening of a buttonhole, mm */
        opening?: number
        /** @description Radius of a circle, mm */
        radius?: number
        /** @description What was measured, by name and millimetres: `holeSpacing:3.4,ringWire:2` */
        measured?: string
        /** @description A stage of the method */
        stage?: components['schemas']['Id']
      }
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['TrialView']
        }
      }
    }
  }
  getPracticeMachine: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachineView']
        }
      }
    }
  }
  putPracticeMachine: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['MachineShown']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachineView']
        }
      }
    }
  }
  getPracticeAttempts: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['AttemptsView']
        }
      }
    }
  }
  postPracticeAttempts: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['AttemptWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            id: number
          }
        }
      }
    }
  }
  getPracticeProgress: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ProgressView']
        }
      }
    }
  }
  getPracticeLinks: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LinkView'][]
        }
      }
    }
  }
  postPracticeLinks: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['LinkWrite']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['LinkMade']
        }
      }
    }
  }
  deletePracticeLinksById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            /** @constant */
            gone: true
          }
        }
      }
    }
  }
  getPracticeLinksByIdAttempts: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: number
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['AttemptView'][]
        }
      }
    }
  }
  getSharedPracticeByToken: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['TrialView']
        }
      }
    }
  }
  getSharedPracticeByTokenPhotos: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MachinePhoto'][]
        }
      }
    }
  }
  getSharedPracticeByTokenPhotosByView: {
    parameters: {
      query?: {
        /** @description When it was kept */
        at?: string
      }
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
        /** @description From where one looks at a machine */
        view: 'front' | 'needle' | 'right' | 'left' | 'back' | 'open'
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'image/jpeg': string
        }
      }
    }
  }
  postSharedPracticeByTokenAttempts: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description What the link was made with */
        token: string
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['SharedAttempt']
      }
    }
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            id: number
          }
        }
      }
    }
  }
  getSettings: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ShopSettingsRow']
        }
      }
    }
  }
  putSettings: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['ShopSettingsRow']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['ShopSettingsRow']
        }
      }
    }
  }
  getBundle: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Bundle']
        }
      }
    }
  }
  postBundle: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['Bundle']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  postLibrary: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      201: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getCatalogues: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['CatalogueSources']
        }
      }
    }
  }
  postCataloguesCompare: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['MergeSent']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['MergeView']
        }
      }
    }
  }
  postCataloguesTake: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['MergeSent']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['Changed']
        }
      }
    }
  }
  getEditions: {
    parameters: {
      query?: never
      header?: never
      path?: never
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': components['schemas']['EditionOffer'][]
        }
      }
    }
  }
  postEditionsByTechnique: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description A technique’s id */
        technique: components['schemas']['Id']
      }
      cookie?: never
    }
    requestBody: {
      content: {
        'application/json': components['schemas']['EditionTaken']
      }
    }
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            taken: number
          }
        }
      }
    }
  }
  getWorkById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json':
            | {
                /** @constant */
                working: true
                done: number
                of: number
              }
            | {
                /** @constant */
                working: false
              }
        }
      }
    }
  }
  deleteWorkById: {
    parameters: {
      query?: never
      header?: never
      path: {
        /** @description The id of what is asked for */
        id: string
      }
      cookie?: never
    }
    requestBody?: never
    responses: {
      200: {
        headers: {
          [name: string]: unknown
        }
        content: {
          'application/json': {
            stopped: boolean
          }
        }
      }
    }
  }
}
