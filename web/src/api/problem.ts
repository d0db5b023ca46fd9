/** What the server says is wrong: where (a JSON pointer), a code, and words. */
export type Refusal = { path: string; code: string; text: string };

export type Problem = {
  status: number;
  title: string;
  detail: string;
  errors: Refusal[];
  /** One word for the page: refused, stale, token, signed-out. */
  code?: string | undefined;
  current?: unknown;
};

export class Failed extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** No answer came: no signal, or the server is not running. */
export class NoSignal extends Error {
  constructor() {
    super('No answer: no signal, or Morphotera is not running. What you typed is kept on this device.');
  }
}

export function sentence(error: unknown): string {
  if (error instanceof Failed) return error.problem.detail || error.problem.title;
  return error instanceof Error ? error.message : 'Something went wrong.';
}

const NONE: Refusal[] = [];

/** None is always the same, so that nothing is drawn anew for it. */
export function refusals(error: unknown): Refusal[] {
  return error instanceof Failed ? error.problem.errors : NONE;
}
