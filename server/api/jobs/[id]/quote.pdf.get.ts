/** A quote on paper, as it was shown. */
export default answer(event =>
  sendPaper(event, 'quote', { jobId: routeId(event), quoteId: String(getQuery(event).quote ?? '') }),
)
