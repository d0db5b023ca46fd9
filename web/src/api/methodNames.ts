import type { Method } from './types';

/** What scores under an id are called: a method's name, or that of a score it gives to another group. */
export function nameOf(methods: Method[], id: string): string {
  for (const method of methods) {
    if (method.id === id) return method.name;
    const beside = method.besides.find((one) => one.id === id);
    if (beside) return beside.name;
  }
  return id;
}
