/** Compiled from the core: see `browser`. */
declare module 'core-figures' {
  export function fault(text: string, unit: string | null): string | null;
  export function value(text: string, unit: string | null): number;
  export function turned(value: number, from: string, to: string): number;
}
