/** The little of pdfmake's document language that is used here. */
export interface TDocumentDefinitions {
  content: unknown[]
  info: { title: string; author?: string }
}
