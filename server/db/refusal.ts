export interface FieldFault { field: string, message: string }

/** A request that can't be carried out, in words for the person who made it. */
export class Refusal extends Error {
  constructor(readonly status: 404 | 409 | 413 | 422, message: string, readonly fields: FieldFault[] = []) {
    super(message)
  }
}
