import { FirstTables1764000000000 } from './1764000000000-first-tables'
import { HistoryPlaceAndImportHabits1764050000000 } from './1764050000000-history-place-and-import-habits'
import { Practice1764100000000 } from './1764100000000-practice'
import { Classes1764120000000 } from './1764120000000-classes'
import { Desk1764140000000 } from './1764140000000-desk'
import { Outbox1764130000000 } from './1764130000000-outbox'
import { Customers1764110000000 } from './1764110000000-customers'
import { CodesOfPlaces1764300000000 } from './1764300000000-codes-of-places'
import { PhasesOfSteps1764400000000 } from './1764400000000-phases-of-steps'
import { SignInFailures1764200000000 } from './1764200000000-sign-in-failures'
import { IdsOfPeople1764510000000 } from './1764510000000-ids-of-people'
import { Records1764500000000 } from './1764500000000-records'
import { RowsOfClasses1764520000000 } from './1764520000000-rows-of-classes'
import { CataloguesTaken1764530000000 } from './1764530000000-catalogues-taken'
import { CardReports1764540000000 } from './1764540000000-card-reports'
import { Lessons1764550000000 } from './1764550000000-lessons'
import { MachinePhotos1764560000000 } from './1764560000000-machine-photos'
import { StitchesByModel1764570000000 } from './1764570000000-stitches-by-model'
import { SamplesSeenAndPrinted1764090000000 } from './1764090000000-samples-seen-and-printed'

/** In the order they are applied. */
export const migrations = [
  FirstTables1764000000000,
  HistoryPlaceAndImportHabits1764050000000,
  SamplesSeenAndPrinted1764090000000,
  Practice1764100000000,
  Customers1764110000000,
  Classes1764120000000,
  Outbox1764130000000,
  Desk1764140000000,
  SignInFailures1764200000000,
  CodesOfPlaces1764300000000,
  PhasesOfSteps1764400000000,
  Records1764500000000,
  IdsOfPeople1764510000000,
  RowsOfClasses1764520000000,
  CataloguesTaken1764530000000,
  CardReports1764540000000,
  Lessons1764550000000,
  MachinePhotos1764560000000,
  StitchesByModel1764570000000,
]
