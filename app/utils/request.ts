export interface Fault {
  field: string
  message: string
}
export type Outcome<T> =
  { ok: true; value: T } | { ok: false; message: string; faults: Fault[]; status: number; more: More }
/** told with a refusal */
export interface More {
  /** the version that stands now */
  version?: string
  /** it was booked in already */
  booked?: { id: string; number: number }
}

/** Sends something to the server and says in words how it went; never throws. */
export async function send<T>(url: string, method: 'POST' | 'PUT', body: unknown): Promise<Outcome<T>> {
  try {
    const response = await fetch(url, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    const answer = (await response.json()) as T & { detail?: string; fields?: Fault[]; who?: string } & More
    if (response.ok) return { ok: true, value: answer }
    if (response.status === 401 && answer.who) useSessionStore().lost(answer.who)
    return {
      ok: false,
      status: response.status,
      message: answer.detail ?? 'This could not be saved. What you typed is still here.',
      faults: answer.fields ?? [],
      more: { version: answer.version, booked: answer.booked },
    }
  } catch {
    return {
      ok: false,
      status: 0,
      message: 'Not saved: the bench computer did not answer. What you typed is kept here; press again in a moment.',
      faults: [],
      more: {},
    }
  }
}

/** Reads something from the server; throws an Error in words. */
export async function read<T>(url: string): Promise<T> {
  let response: Response
  try {
    response = await fetch(url)
  } catch {
    throw new Error('The bench computer does not answer. Is Remedium still running?')
  }
  const answer = (await response.json()) as T & { detail?: string; who?: string }
  if (response.status === 401 && answer.who) useSessionStore().lost(answer.who)
  if (!response.ok) throw new Error(answer.detail ?? 'This could not be read.')
  return answer
}
