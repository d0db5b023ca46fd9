/** A slow line is no fault while something goes over it. */
const QUIET_MS = 30_000;

/** Sends a file like fetch, which tells nothing of how far it is: given up only after so long without progress. */
export function upload(
  verb: string,
  path: string,
  headers: Record<string, string>,
  file: Blob,
): Promise<Response> {
  return new Promise((done, fail) => {
    const wire = new XMLHttpRequest();
    let quiet: ReturnType<typeof setTimeout>;
    const goesOn = () => {
      clearTimeout(quiet);
      quiet = setTimeout(() => wire.abort(), QUIET_MS);
    };
    wire.open(verb, path);
    for (const [name, value] of Object.entries(headers)) wire.setRequestHeader(name, value);
    wire.upload.onprogress = goesOn;
    wire.onload = () => {
      const wait = wire.getResponseHeader('Retry-After');
      done(
        new Response(wire.status === 204 ? null : wire.responseText, {
          status: wire.status,
          headers: wait === null ? {} : { 'Retry-After': wait },
        }),
      );
    };
    wire.onerror = () => fail(new TypeError('no answer'));
    wire.onabort = wire.onerror;
    wire.onloadend = () => clearTimeout(quiet);
    goesOn();
    wire.send(file);
  });
}
