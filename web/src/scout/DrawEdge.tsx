import { useState } from 'react';
import { sentence } from '../api/problem';
import type { Corner, LandField } from '../api/types';
import { takesFile } from '../ground/dropped';
import { Fault } from '../ground/Fault';
import { boxOf } from '../ground/mapProjection';
import { TextField } from '../ground/TextField';
import { Corners } from './Corners';
import { FieldMap } from './FieldMap';
import { readOutline, squareAbout, withCorner, writeOutline } from './outline';
import { whereIStand } from './position';
import { WalkEdge } from './WalkEdge';

type Props = {
  /** The corners as they are written. */
  typed: string;
  onType: (outline: string) => void;
  squareHa: string;
  onSquareHa: (hectares: string) => void;
  /** Land that is drawn already, to draw by. */
  neighbours: LandField[];
  error?: string;
};

/** What a first look shows of the ground about where one stands. */
const GROUND_HA = 20;

/** A field's edge, tapped on the map, walked, stood at, typed, pasted or dropped. */
export function DrawEdge({ typed, onType, squareHa, onSquareHa, neighbours, error }: Props) {
  const [here, setHere] = useState<Corner | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const outline = readOutline(typed);
  // What is tapped or dragged does not move the ground under the finger.
  const [framed, setFramed] = useState(outline.corners);

  function type(text: string) {
    onType(text);
    setFramed(readOutline(text).corners);
  }

  async function stand(use: (here: Corner) => void) {
    try {
      use(await whereIStand());
      setFault(null);
    } catch (away) {
      setFault(sentence(away));
    }
  }

  return (
    <>
      <FieldMap
        outline={outline.corners}
        neighbours={neighbours}
        me={here}
        frame={ground(framed, neighbours, here)}
        empty={
          <span>
            The map begins beside the holding’s other land, where you stand, or with the first corner.
            <button type="button" className="button mx-auto mt-4 block" onClick={() => void stand(setHere)}>
              Draw where I stand
            </button>
          </span>
        }
        over={(projection, onSheet) => (
          <Corners
            ring={outline.corners}
            chosen={chosen}
            projection={projection}
            onSheet={onSheet}
            onChoose={setChosen}
            onMove={(corner, place) => onType(writeOutline(outline.corners.with(corner, place)))}
          />
        )}
        onPlace={(place) => onType(writeOutline(withCorner(outline.corners, place)))}
      />
      <WalkEdge onCorners={(corners) => type(writeOutline(corners))} />
      <div {...takesFile((file) => void file.text().then(type))}>
        <TextField
          label="Corners, in order round the field"
          rows={5}
          value={typed}
          onChange={type}
          error={error ?? outline.fault ?? undefined}
          hint="A line for each: latitude, longitude. A GeoJSON polygon can be pasted, or its file dropped here."
        />
      </div>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="button"
          onClick={() => void stand((at) => type(`${typed.trimEnd()}\n${writeOutline([at])}`.trimStart()))}
        >
          I stand at a corner
        </button>
        <button
          type="button"
          className="button"
          onClick={() => void stand((at) => type(writeOutline(squareAbout(at, Number(squareHa) || 1))))}
        >
          A square of {squareHa || '1'} ha round me
        </button>
        <label className="flex items-center gap-2">
          <span className="text-sm text-faded">ha</span>
          <input
            className="num w-20"
            inputMode="decimal"
            value={squareHa}
            onChange={(event) => onSquareHa(event.target.value)}
            aria-label="Hectares of the square"
          />
        </label>
      </div>
      <Fault text={fault} />
    </>
  );
}

/** What the map shows at first: the holding's land with as much about it, the outline that is there, or the ground about one place. */
export function ground(
  outline: Corner[],
  neighbours: { outline: Corner[] }[],
  here: Corner | null,
): Corner[] {
  if (neighbours.length > 0) {
    const land = boxOf(neighbours.flatMap((one) => one.outline));
    const high = (land.north - land.south) / 2;
    const wide = (land.east - land.west) / 2;
    return [
      { lat: land.north + high, lon: land.west - wide },
      { lat: land.south - high, lon: land.east + wide },
      ...outline,
    ];
  }
  const centre = here ?? outline[0];
  return outline.length > 2 || !centre ? outline : [...squareAbout(centre, GROUND_HA), ...outline];
}
