/** The library has no types of its own. */
declare module 'datapackage' {
  export function validate(descriptor: object): Promise<{ valid: boolean; errors: Error[] }>;
}
