import type { Database } from 'better-sqlite3'
import { assess } from '#core/assess'
import { billById, jobBills } from '../db/bills'
import { fileOf, jobView } from '../db/jobs'
import { findPhoto } from '../db/photoFiles'
import { knownPhoto } from '../db/photos'
import { quoteById } from '../db/quotes'
import { shelfItem } from '../db/shelf'
import { peopleOf, policyOf } from '../db/shop'
import { billPaper } from './bill'
import { carePaper, invoicePaper } from './handBack'
import { jobRecord } from './jobRecord'
import type { MixLabel } from './labels'
import { jobTag, mixLabel, shelfLabel } from './labels'
import { labelPdf, pdfOf } from './pdf'
import { quotePaper } from './quote'

export interface Paper {
  /** without its ending */
  name: string
  pdf: Buffer
}

const pictures = (db: Database, dataDir: string) => (id: string) => {
  const kept = knownPhoto(db, id)
  return kept ? findPhoto(dataDir, kept, 'full') : null
}

/** Every paper of the shop by its name: read from the database and made, away from what others wait for. */
export const PAPERS = {
  async record(db: Database, dataDir: string, { jobId }: { jobId: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const paper = jobRecord(view, policyOf(db), peopleOf(db), new Date(), pictures(db, dataDir))
    return { name: `remedium-T${view.number}`, pdf: await pdfOf(paper, policyOf(db).paperSize) }
  },
  async quote(db: Database, dataDir: string, { jobId, quoteId }: { jobId: string; quoteId: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const paper = quotePaper(view, quoteById(db, view.id, quoteId), policyOf(db), pictures(db, dataDir))
    return { name: `remedium-T${view.number}-quote`, pdf: await pdfOf(paper, policyOf(db).paperSize) }
  },
  async invoice(db: Database, _dataDir: string, { jobId }: { jobId: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const paper = invoicePaper(view, policyOf(db), peopleOf(db), new Date())
    return { name: `remedium-T${view.number}-bill-so-far`, pdf: await pdfOf(paper, policyOf(db).paperSize) }
  },
  async bill(db: Database, _dataDir: string, { jobId, billId }: { jobId: string; billId: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const bill = billById(db, view.id, billId)
    const paper = billPaper(bill, view, policyOf(db), peopleOf(db), jobBills(db, view.id))
    const what = bill.kind === 'credit' ? 'credit-note' : 'invoice'
    return { name: `remedium-${what}-${bill.number}`, pdf: await pdfOf(paper, policyOf(db).paperSize) }
  },
  async care(db: Database, _dataDir: string, { jobId }: { jobId: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const paper = carePaper(view, policyOf(db), peopleOf(db), new Date())
    return { name: `remedium-T${view.number}-care`, pdf: await pdfOf(paper, policyOf(db).paperSize) }
  },
  async tag(db: Database, _dataDir: string, { jobId, address }: { jobId: string; address: string }): Promise<Paper> {
    const view = jobView(db, jobId)
    const policy = policyOf(db)
    const { stops } = assess(fileOf(view, policy))
    return {
      name: `tag-T${view.number}`,
      pdf: await labelPdf(jobTag(view, policy, `${address}/jobs/${view.id}`, stops), policy.labelSize),
    }
  },
  async shelf(
    db: Database,
    _dataDir: string,
    { itemId, address }: { itemId: string; address: string },
  ): Promise<Paper> {
    const item = shelfItem(db, itemId)
    return {
      name: `remedium-S${item.number}`,
      pdf: await labelPdf(shelfLabel(item, `${address}/shelf?part=${item.number}`), policyOf(db).labelSize),
    }
  },
  async mix(db: Database, _dataDir: string, asked: MixLabel): Promise<Paper> {
    const policy = policyOf(db)
    return { name: 'mix-label', pdf: await labelPdf(mixLabel(asked, policy), policy.labelSize) }
  },
}
export type PaperName = keyof typeof PAPERS
export type PaperArgs<N extends PaperName> = Parameters<(typeof PAPERS)[N]>[2]
