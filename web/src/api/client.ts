import createClient from 'openapi-fetch';
import type { components, paths } from './generated';

export type Schemas = components['schemas'];
export type Problem = Schemas['Problem'];

/** The API itself; every method is typed by the description that the server gives of it. */
export const api = createClient<paths>({ baseUrl: '/', headers: { 'X-Tin-Lantern': '1' }, credentials: 'same-origin' });

/** What the server said when it could not do what was asked. */
export class ApiProblem extends Error {
  readonly status: number;
  readonly problem: Partial<Problem>;

  constructor(status: number, problem: Partial<Problem>) {
    super(problem.detail ?? `Status ${status}`);
    this.status = status;
    this.problem = problem;
  }

  /** The sentence for one field of a form, if there is one. */
  fieldSentence(field: string): string | undefined {
    return this.problem.violations?.find((violation) => violation.field === field)?.sentence;
  }
}

/** Nothing is known of what became of the request: no network, no server, no answer in time. */
export class NoAnswer extends Error {}

type Answer<T> = { data?: T; error?: unknown; response: Response };

const GATEWAY = [502, 503, 504];

/** The data of an answer, or what went wrong as an error. */
export async function answered<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw new NoAnswer();
  }
  if (GATEWAY.includes(answer.response.status)) throw new NoAnswer();
  if (!answer.response.ok) {
    const problem = typeof answer.error === 'object' && answer.error !== null ? (answer.error as Partial<Problem>) : {};
    throw new ApiProblem(answer.response.status, problem);
  }
  return answer.data as T;
}

/** Time after which a request counts as not answered, in milliseconds. */
const PATIENCE = 12_000;

export function inTime(): AbortSignal {
  return AbortSignal.timeout(PATIENCE);
}
