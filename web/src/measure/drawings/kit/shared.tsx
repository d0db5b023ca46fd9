import type { StepScene } from '../index';
import { Arrow, Grass, Ground, Roots, Says, Span, Table } from './ground';
import { Palm, Pinch } from './hands';
import { FINE, MOVE, PEN } from './line';
import { Block, Crumb } from './soil';
import { Auger, Camera, Ruler, Spade, Stick, Wait } from './tools';
import { Bag, Bucket, Jar, Vial } from './vessels';

/** Steps that several methods share, drawn once. */
export const BLOCK: StepScene = {
  says: 'A spade levers out a block cut on three sides; the fourth side breaks by itself',
  draw: (
    <>
      <Ground y={62} />
      <Grass x={40} y={61} />
      <Grass x={296} y={61} blades={5} />
      <path d="M118 62V172H232V62" {...PEN} fill="var(--soil-mid)" />
      <Roots x={130} y={64} width={88} depth={76} />
      <path d="M232 66V172" {...MOVE} strokeDasharray="7 6" />
      <Spade x={112} y={176} turn={-7} long={150} />
      <Arrow from={[84, 30]} to={[50, 44]} bend={-6} />
      <Says x={242} y={116}>
        breaks by itself
      </Says>
      <Span x={118} y={180} length={114} says="" />
      <Says x={242} y={186}>
        20 cm
      </Says>
    </>
  ),
};

export const PUT_BACK: StepScene = {
  says: 'The block goes back green side up and is trodden in',
  draw: (
    <>
      <Ground y={92} />
      <path d="M122 92V178H238V92" {...PEN} strokeDasharray="6 5" />
      <Block x={124} y={44} w={112} h={62} deep={22} />
      <Grass x={134} y={34} blades={5} tall={12} />
      <Grass x={190} y={34} blades={6} tall={12} />
      <Arrow from={[180, 116]} to={[180, 160]} />
      <path d="M272 34V66C272 74 278 76 288 76H318C320 66 310 62 300 60V34Z" {...PEN} fill="var(--lift)" />
      <Arrow from={[336, 40]} to={[336, 74]} />
    </>
  ),
};

export const AUGER: StepScene = {
  says: 'An auger takes soil from two depths, kept apart in two tubs',
  draw: (
    <>
      <Ground y={62} to={230} />
      <path d="M108 62V156M136 62V156" {...FINE} strokeDasharray="4 4" />
      <Auger x={122} y={152} />
      <Span x={150} y={64} length={36} down says="0 to 10 cm" />
      <Span x={150} y={104} length={50} down says="below" />
      <Tub x={262} y={66} tone="var(--soil-top)" />
      <Tub x={262} y={126} tone="var(--soil-deep)" />
    </>
  ),
};

function Tub({ x, y, tone }: { x: number; y: number; tone: string }) {
  return <path d={`M${x} ${y}H${x + 70}L${x + 62} ${y + 34}H${x + 8}Z`} {...PEN} fill={tone} />;
}

/** Soil into a bag, from the depth in hand. */
export const GATHER: StepScene = {
  says: 'A handful of soil from the depth in hand goes into a bag',
  draw: (
    <>
      <Ground y={118} to={200} />
      <path d="M60 118V168H112V118" {...PEN} fill="var(--paper)" />
      <Ruler x={40} y={118} h={50} />
      <Palm x={166} y={74} turn={-8} />
      <path d="M128 68C138 48 180 44 196 64Z" {...PEN} fill="var(--soil-mid)" />
      <Arrow from={[92, 108]} to={[122, 84]} bend={-8} />
      <Bag x={270} y={86} full={0.4} />
      <Arrow from={[236, 56]} to={[292, 76]} bend={-16} />
    </>
  ),
};

export const DRY: StepScene = {
  says: 'Soil lies in a single layer on paper, in the air and out of the sun',
  draw: (
    <>
      <Table />
      <path d="M52 166L78 140H300L322 166Z" {...PEN} fill="var(--lift)" />
      {[96, 132, 168, 204, 240, 276].map((x, i) => (
        <Crumb key={x} x={x} y={152 + (i % 2) * 6} size={1} />
      ))}
      <path d="M84 112q10 -10 20 0t20 0 20 0M172 104q10 -10 20 0t20 0 20 0" {...FINE} />
      <path d="M40 60L180 20L320 60" {...PEN} />
      <Wait x={318} y={104} gone={0.75} />
    </>
  ),
};

export const SHAKE: StepScene = {
  says: 'The glass is shaken with its lid on, not with a thumb on it',
  draw: (
    <>
      <g transform="rotate(14 176 110)">
        <Jar x={146} y={56} w={62} h={108} water={92} soil={[20]} cloud={0.4} lid />
      </g>
      <Arrow from={[100, 92]} to={[100, 142]} bend={-12} />
      <Arrow from={[258, 132]} to={[258, 82]} bend={-12} />
      <Wait x={316} y={150} gone={0.25} />
    </>
  ),
};

export const RINSE: StepScene = {
  says: 'It is rinsed twice with clean water',
  draw: (
    <>
      <path d="M60 40H96V58M96 40V32M84 32H108" {...PEN} />
      <path d="M96 66v54M90 74v40M102 70v46" {...PEN} stroke="var(--water)" strokeDasharray="8 6" />
      <g transform="rotate(64 120 134)">
        <Vial x={106} y={92} h={84} full={0.3} soil={0} />
      </g>
      <path d="M170 170q18 -8 36 0t36 0 36 0" {...PEN} stroke="var(--water)" />
      <Says x={240} y={90}>
        twice
      </Says>
    </>
  ),
};

export const RINSE_PROBE: StepScene = {
  says: 'The tip of the probe is rinsed with clean water and wiped',
  draw: (
    <>
      <Stick x={130} y={128} tip="wet" />
      <path d="M60 52l40 46M52 66l38 42" {...PEN} stroke="var(--water)" strokeDasharray="8 6" />
      <path d="M118 140q8 -10 16 0t18 0" {...PEN} stroke="var(--water)" />
      <path d="M214 96C250 84 286 90 300 104L292 150C268 138 240 142 220 152Z" {...PEN} fill="var(--lift)" />
      <Arrow from={[206, 122]} to={[152, 118]} />
    </>
  ),
};

/** Down a face or a tray, with a ruler in the picture. */
export const PHOTO: StepScene = {
  says: 'A picture from straight in front, a ruler in it with its zero at the surface',
  draw: (
    <>
      <Ground y={52} from={150} />
      <path d="M188 52V186H310V52" {...PEN} fill="var(--soil-mid)" />
      <Roots x={214} y={54} width={84} depth={88} />
      <Ruler x={190} y={52} h={134} />
      <Camera x={70} y={116} turn={90} />
      <path d="M112 108L184 60M112 122L184 178" {...FINE} strokeDasharray="5 5" />
      <Says x={168} y={44} end>
        0
      </Says>
    </>
  ),
};

export const CORES: StepScene = {
  says: 'Many cores over the spot, all into one clean bucket',
  draw: (
    <>
      <path d="M24 74L120 30H250L214 110L70 130Z" {...FINE} strokeDasharray="6 5" />
      <path
        d="M60 86l24 -18 22 14 22 -30 26 16 20 -22 24 20 18 -12M92 112l20 -18 26 10 22 -20 26 8"
        {...MOVE}
        strokeDasharray="2 7"
      />
      {[
        [60, 86],
        [84, 68],
        [106, 82],
        [128, 52],
        [154, 68],
        [174, 46],
        [198, 66],
        [216, 54],
        [92, 112],
        [112, 94],
        [138, 104],
        [160, 84],
        [186, 92],
      ].map(([x, y]) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r="4" fill="var(--root)" />
      ))}
      <Bucket x={252} y={104} />
      <Arrow from={[216, 84]} to={[284, 96]} bend={-18} />
    </>
  ),
};

/** Something pinched out of soil: a root, a stone. */
export const PICKED_OUT: StepScene = {
  says: 'Roots and stones are picked out',
  draw: (
    <>
      <Palm x={140} y={132} />
      <path d="M92 126C104 92 178 88 198 122Z" {...PEN} fill="var(--soil-mid)" />
      <Pinch x={164} y={86} />
      <path d="M164 88q-10 16 2 26M166 90q8 10 4 22" {...PEN} stroke="var(--root)" />
      <path d="M296 150q10 -14 22 -2 2 12 -12 12 -12 0 -10 -10Z" {...PEN} fill="var(--lift)" />
      <path d="M270 160q8 -16 16 -2" {...PEN} stroke="var(--root)" />
    </>
  ),
};
