/**
 * The tables. Whatever is edited, versioned or referred to alone has one; what is nested inside an aggregate is kept
 * in its `facts` column, checked by its schema on the way in and out.
 */
import * as catalogue from './catalogue'
import * as samples from './samples'
import * as shop from './shop'
import * as classes from './classes'
import * as desk from './desk'
import * as practice from './practice'
import * as records from './records'

export * from './catalogue'
export * from './samples'
export * from './shop'
export * from './classes'
export * from './desk'
export * from './practice'
export * from './records'

export const entities = [
  catalogue.MakeRow,
  catalogue.StitchFunctionRow,
  catalogue.ThreadRow,
  catalogue.ModelRow,
  catalogue.StitchRow,
  catalogue.ItemRow,
  catalogue.FitStatementRow,
  catalogue.FabricRow,
  catalogue.TechniqueRow,
  catalogue.SampleRow,
  catalogue.CatalogueRevisionRow,
  catalogue.HistoryRow,
  catalogue.ImportHabitRow,
  catalogue.CatalogueTakenRow,
  samples.SamplePhotoRow,
  samples.MachinePhotoRow,
  samples.PrintedLabelRow,
  shop.ShopSettingRow,
  shop.UserRow,
  shop.SessionRow,
  shop.SignInFailureRow,
  practice.PracticeMachineRow,
  practice.PracticeLinkRow,
  practice.PracticeAttemptRow,
  practice.PracticeLessonRow,
  classes.CustomerRow,
  classes.SewingClassRow,
  classes.ClassSeatRow,
  classes.ClassLoanRow,
  classes.SupplyRow,
  classes.CalendarEventRow,
  shop.OutboxMessageRow,
  desk.DeskCaseRow,
  desk.AskAliasRow,
  desk.SharedCardRow,
  desk.CardReportRow,
  records.ChangeTopicRow,
  records.ShopHistoryRow,
  records.KeptOutcomeRow,
]
