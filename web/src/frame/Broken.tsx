/** A page that broke says so and leaves a way on; what was typed is kept. */
export function Broken() {
  return (
    <div className="py-10" role="alert">
      <h1>This page broke</h1>
      <p className="mt-2">
        What you typed is kept on this device. Load the page again; if it breaks again, go on elsewhere and
        tell whoever keeps Morphotera here.
      </p>
      <p className="mt-4 flex gap-6">
        <button type="button" className="button" onClick={() => location.reload()}>
          Load it again
        </button>
        <a className="link self-center" href="/">
          To the season
        </a>
      </p>
    </div>
  );
}
