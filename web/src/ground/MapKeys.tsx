type Props = {
  nearer: () => void;
  farther: () => void;
  whole: () => void;
  pan: (dx: number, dy: number) => void;
  zoom: number;
};

const STEP = 60;
const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [STEP, 0],
  ArrowRight: [-STEP, 0],
  ArrowUp: [0, STEP],
  ArrowDown: [0, -STEP],
};

/** Nearer, farther, the whole of it; arrow keys move the map while one of them is in hand. */
export function MapKeys({ nearer, farther, whole, pan, zoom }: Props) {
  const key = 'flex size-11 items-center justify-center text-xl leading-none';
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the buttons in it are what has the keys
    <div
      className="flex items-center"
      onKeyDown={(event) => {
        const by = ARROWS[event.key];
        if (!by) return;
        event.preventDefault();
        pan(...by);
      }}
    >
      <button type="button" className={key} aria-label="Nearer" onClick={nearer}>
        +
      </button>
      <button type="button" className={key} aria-label="Farther" onClick={farther} disabled={zoom === 1}>
        −
      </button>
      {zoom > 1 && (
        <button type="button" className="link min-h-11" onClick={whole}>
          all of it
        </button>
      )}
    </div>
  );
}
