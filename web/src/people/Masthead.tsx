import { GroundLine } from '../ground/GroundLine';

/** The name over a piece of ground, for those still outside. */
export function Masthead({ line }: { line: string }) {
  return (
    <header className="mb-8">
      <p className="flex items-center gap-3 font-head text-3xl font-bold">
        <img src="/mark.svg" alt="" width="36" height="36" />
        Morphotera
      </p>
      <div className="mt-4 overflow-hidden">
        <GroundLine />
      </div>
      <h1 className="mt-4 text-xl font-normal text-faded">{line}</h1>
    </header>
  );
}
