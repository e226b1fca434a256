import type { BORE, EngineClass, UseClass } from './words'
import type { SchoolKey, SchoolsChosen } from './schools'
import type { LABEL_SIZES, PAPER_SIZES } from '../words/bill'
import type { Locale } from '../words/locale'
import type { PaperLanguage } from '../words/paperWords'
import type { KeyOf } from '../words/keys'

export type LeadRule = 'net_value' | 'cost_per_hour' | 'share_of_value'

export interface ShopPolicy {
  shopName: string
  shopAddress: string
  /** how other devices reach this program: what owners' links and tags begin with; empty: as it was started */
  shopUrl: string
  /** ISO 4217 */
  currency: string
  labourRateMinor: number
  taxPct: number
  /** other rates that a line of a bill may bear, % */
  otherTaxPcts: number[]
  /** the shop's own, as it stands on its bills; empty: none */
  taxNumber: string
  /** days until a bill is to be paid; 0: at once */
  payDays: number
  /** number of the very first bill: a shop that goes on from another row begins there */
  firstBill: number
  /** sheet that papers are made for */
  paperSize: KeyOf<typeof PAPER_SIZES>
  /** what labels are printed on */
  labelSize: KeyOf<typeof LABEL_SIZES>
  /** how figures, money and days are written on papers */
  locale: Locale
  /** other languages that papers are written in, for owners who want them */
  languages: PaperLanguage[]
  /** a quote says what each of its lines comes to, labour at its rate */
  linePrices: boolean
  altitudeM: number
  pressureUnit: 'bar' | 'psi' | 'kPa'
  volumeUnit: 'mL' | 'L' | 'US_floz'
  /** which sum picks the recommended option */
  leadRule: LeadRule
  /** most of the running value that mending may cost, %, by use */
  sharePct: Record<UseClass, number>
  /** that share again, by what the bore is made of and by class of engine: 100 leaves it as it is, % */
  shareBore: Record<KeyOf<typeof BORE>, number>
  shareClass: Record<EngineClass, number>
  /** where oil is filled to */
  fillAim: 'low' | 'middle' | 'top'
  /** what is done with a surplus of sound, known oil */
  surplusRule: 'surplus_only' | 'change_all'
  /** hours that a stand test after fuel in the oil must last */
  standHours: number
  /** labour lines run low or high together */
  labourTogether: boolean
  /** share of the owner's cap at which the bench is warned, % */
  warnPct: number
  /** days after which a price is stale */
  priceDays: number
  /** least that a job is charged, and the step that a quote is rounded to; smallest money unit */
  minChargeMinor: number
  roundToMinor: number
  /** on what good shops differ, as this one chose; see schools.ts */
  schools: SchoolsChosen
  /** of one job only: which rules hold there against the shop's, with the reason; never stored with the shop */
  rulesHere?: Partial<Record<SchoolKey, string>>
  /** fuel to oil that this shop mixes, 40 for 40:1; null: as each maker says. Never leaner than the maker's */
  mixRatio: number | null
  /** the oil that this shop fills where it fits; empty: none of its own */
  ownOil: string
  /** IANA name of the shop's clock; empty: this computer's */
  timeZone: string
  /** who signs a stop: a senior of the shop, or anybody at the bench */
  signers: 'senior' | 'anyone'
  /** minutes without a touch after which a device asks who it is */
  idleMinutes: number
  /** backups that are kept; 0: none is made by itself */
  backupsKept: number
  /** when the nightly backup is made, HH:MM by the shop's clock */
  backupAt: string
}

/** Starting policy of a shop that has set nothing, each with its reason in docs/how-it-judges.md. */
export const DEFAULT_POLICY: ShopPolicy = {
  shopName: '',
  shopAddress: '',
  shopUrl: '',
  currency: 'EUR',
  labourRateMinor: 6000,
  taxPct: 0,
  otherTaxPcts: [],
  taxNumber: '',
  payDays: 0,
  firstBill: 1,
  paperSize: 'A4',
  labelSize: 'w100h62',
  locale: 'en-GB',
  languages: [],
  linePrices: true,
  altitudeM: 0,
  pressureUnit: 'bar',
  volumeUnit: 'mL',
  leadRule: 'net_value',
  sharePct: { private: 50, working: 60, hire: 60, race: 80, resale: 40, toy: 35, child: 50 },
  shareBore: { bare: 100, iron: 100, plated: 100, unknown: 100 },
  shareClass: { H2: 100, V2: 100, S4: 100, M4: 100, T4: 100, D4: 100 },
  fillAim: 'top',
  surplusRule: 'surplus_only',
  standHours: 12,
  labourTogether: false,
  warnPct: 90,
  priceDays: 30,
  minChargeMinor: 0,
  roundToMinor: 1,
  schools: {},
  mixRatio: null,
  ownOil: '',
  timeZone: '',
  signers: 'senior',
  idleMinutes: 15,
  backupsKept: 14,
  backupAt: '02:00',
}
